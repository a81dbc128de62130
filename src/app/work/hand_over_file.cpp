#include "app/work/hand_over_file.h"

#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/dialect.h"
#include "data/sqlite/file_archive.h"

#include <QCryptographicHash>
#include <QDir>
#include <QDirIterator>
#include <QFileInfo>
#include <QStandardPaths>
#include <QTemporaryDir>

namespace nabblet {

namespace {

// In the archived project, for the file that it stands in, whatever that is called by then.
const QString TheFileItself = QStringLiteral(".");

QString nameOfDatabase(const Project &project)
{
    return project.database.part("file");
}

Outcome unpack(const ArchivedFiles &files, const QString &folder)
{
    for (auto each = files.begin(); each != files.end(); ++each) {
        const QString path = QDir(folder).filePath(each.key());
        const Result<QByteArray> there = QFile::exists(path) ? readWholeFile(path) : Result<QByteArray>(Error{});
        if (there && *there == each.value()) {
            continue;
        }
        if (const Outcome written = replaceWholeFile(path, each.value()); !written) {
            return written;
        }
    }
    return Done{};
}

Result<ArchivedFiles> packed(const QString &folder)
{
    ArchivedFiles files;
    QDirIterator all(folder, QDir::Files, QDirIterator::Subdirectories);
    while (all.hasNext()) {
        const QString path = all.next();
        const Result<QByteArray> bytes = readWholeFile(path);
        if (!bytes) {
            return bytes.error();
        }
        files.insert(QDir(folder).relativeFilePath(path), *bytes);
    }
    return files;
}

// What is in an archive, in a folder of its own.
Outcome unpackAll(const QString &file, const QString &folder)
{
    const Result<ArchivedFiles> files = archivedFiles(file);
    return files ? unpack(*files, folder) : Outcome(files.error());
}

Error notHandedOver(const QString &file)
{
    return Error{Texts::tr("%1 is something else. Choose a new file, or one that was handed over before.").arg(file),
                 {}};
}

} // namespace

Result<HandedOver> handOverAsFile(const Workspace &workspace, const QString &file, bool withDatabase,
                                  const GoesOn &goesOn)
{
    const bool isThere = QFile::exists(file);
    const QTemporaryDir place;
    const QTemporaryDir made(QFileInfo(file).absolutePath() + QStringLiteral("/.handed-XXXXXX"));
    if (!place.isValid() || !made.isValid()) {
        return Error{Texts::tr("%1 cannot be written. Choose another place, or make room there.").arg(file), {}};
    }
    const bool isSqlite = workspace.project.database.dialect == QLatin1String("sqlite");
    bool heldData = false;
    if (isThere) {
        const std::optional<HandedOver> before = handedOverAs(file);
        if (!before) {
            return notHandedOver(file);
        }
        if (const Outcome done = unpackAll(file, place.path()); !done) {
            return done.error();
        }
        heldData = before->holdsData;
        if (withDatabase && isSqlite && !heldData) {
            return Error{
                Texts::tr("%1 was handed over without its database. Choose another file for one with it.").arg(file),
                {}};
        }
    }
    Result<HandedOver> handed = handOver(workspace, place.path(), false);
    if (!handed) {
        return handed;
    }
    const bool goesAlong = heldData || (withDatabase && isSqlite);
    if (goesAlong) {
        Result<Project> project = loadProject(place.path());
        if (!project) {
            return project.error();
        }
        project->database = addressOfFile(TheFileItself);
        if (const Outcome saved = saveProject(place.path(), *project); !saved) {
            return saved.error();
        }
    }
    const Result<ArchivedFiles> files = packed(place.path());
    if (!files) {
        return files.error();
    }
    handed->file = file;
    if (isThere) {
        const Outcome done = replaceArchivedFiles(file, *files);
        return done ? handed : Result<HandedOver>(done.error());
    }
    QString whole = made.filePath(QStringLiteral("whole.db"));
    if (goesAlong) {
        const Result<DatabaseAddress> copy = workspace.connection->dialect().copyWhole(
            workspace.connection->address(), made.path(), goesOn ? goesOn : [](double) { return true; });
        if (!copy) {
            return copy.error();
        }
        whole = copy->part("file");
    }
    if (const Outcome done = replaceArchivedFiles(whole, *files); !done) {
        return done.error();
    }
    if (!QFile::rename(whole, file)) {
        return Error{Texts::tr("%1 cannot be written. Choose another place, or make room there.").arg(file), {}};
    }
    return handed;
}

std::optional<HandedOver> handedOverAs(const QString &file)
{
    const QTemporaryDir place;
    if (!isFileArchive(file) || !unpackAll(file, place.path())) {
        return {};
    }
    std::optional<HandedOver> handed = handedOverIn(place.path());
    if (handed) {
        handed->file = file;
    }
    return handed;
}

Result<HandedOver> fileTakenBack(const QString &file)
{
    const QTemporaryDir place;
    if (!isFileArchive(file)) {
        return notHandedOver(file);
    }
    if (const Outcome done = unpackAll(file, place.path()); !done) {
        return done.error();
    }
    const Result<Project> last = loadProject(place.path());
    Result<HandedOver> back = takenBack(place.path());
    if (!back) {
        return back;
    }
    // Forms go back, and not to where the data were once.
    Result<Project> project = loadProject(place.path());
    if (last && project) {
        project->database = last->database;
        if (const Outcome saved = saveProject(place.path(), *project); !saved) {
            return saved.error();
        }
    }
    const Result<ArchivedFiles> files = packed(place.path());
    if (!files) {
        return files.error();
    }
    if (const Outcome done = replaceArchivedFiles(file, *files); !done) {
        return done.error();
    }
    back->file = file;
    return back;
}

Result<QString> unpackedHandedOver(const QString &file)
{
    if (!isFileArchive(file)) {
        return notHandedOver(file);
    }
    const Result<ArchivedFiles> archived = archivedFiles(file);
    if (!archived) {
        return archived.error();
    }
    ArchivedFiles files;
    for (auto each = archived->begin(); each != archived->end(); ++each) {
        if (!each.key().startsWith(QLatin1String("earlier/"))) {
            files.insert(each.key(), each.value());
        }
    }
    const QString path = QFileInfo(file).absoluteFilePath();
    // The same folder each time: what people keep on their computer for a form goes by where it stands.
    const QString folder =
        QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
            .filePath(QStringLiteral("handed-over/") +
                      QString::fromLatin1(
                          QCryptographicHash::hash(path.toUtf8(), QCryptographicHash::Sha256).toHex().left(16)));
    const std::optional<HandedOver> before = handedOverIn(folder);
    const QString projectFile = QFileInfo(projectFilePath(folder)).fileName();
    Result<Project> project = readProject(files.value(projectFile));
    if (!project) {
        return project.error();
    }
    if (nameOfDatabase(*project) == TheFileItself) {
        project->database = addressOfFile(path);
        files.insert(projectFile, writeProject(*project));
    }
    if (const Outcome done = unpack(files, folder); !done) {
        return done.error();
    }
    for (const QString &old : before ? before->files : QStringList()) {
        if (!files.contains(old)) {
            QFile::remove(QDir(folder).filePath(old));
        }
    }
    return folder;
}

} // namespace nabblet
