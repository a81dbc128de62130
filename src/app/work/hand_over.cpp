#include "app/work/hand_over.h"

#include "app/work/hand_over_file.h"
#include "app/work/project_uses.h"
#include "core/check/findings.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/merge/form_differences.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/dialect.h"
#include "data/records/select_source.h"
#include "data/sqlite/file_archive.h"
#include "entry/theme/appearance.h"
#include "entry/theme/theme.h"

#include <QDir>
#include <QDirIterator>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>

#include <algorithm>

namespace nabblet {

namespace {

const QString Earlier = QStringLiteral("earlier");

// What of a project goes along, from its folder: forms, looks, pictures.
QStringList filesOf(const QString &folder)
{
    static const QStringList wanted{QStringLiteral("*.nabform"),      QStringLiteral("*.json"), QStringLiteral("*.png"),
                                    QStringLiteral("*.jpg"),          QStringLiteral("*.jpeg"), QStringLiteral("*.svg"),
                                    QStringLiteral("project.nabblet")};
    QStringList files;
    QDirIterator all(folder, wanted, QDir::Files, QDirIterator::Subdirectories);
    while (all.hasNext()) {
        const QString file = QDir(folder).relativeFilePath(all.next());
        if (!file.startsWith(Earlier + u'/') && !file.contains(QLatin1String("/."))) {
            files.append(file);
        }
    }
    std::sort(files.begin(), files.end());
    return files;
}

Outcome copied(const QStringList &files, const QString &from, const QString &to)
{
    for (const QString &file : files) {
        const Result<QByteArray> bytes = readWholeFile(QDir(from).filePath(file));
        if (!bytes) {
            return bytes.error();
        }
        if (const Outcome written = replaceWholeFile(QDir(to).filePath(file), *bytes); !written) {
            return written;
        }
    }
    return Done{};
}

QString fileIn(const QString &folder)
{
    const QStringList files = QDir(folder).entryList({QStringLiteral("*.") + HandedOverEnding}, QDir::Files);
    return files.isEmpty() ? QString() : QDir(folder).filePath(files.first());
}

Outcome write(const QString &file, int version, const QStringList &changes, const QStringList &files)
{
    const QJsonObject json{{QStringLiteral("nabhand"), 1},
                           {QStringLiteral("version"), version},
                           {QStringLiteral("handedOver"), QDateTime::currentDateTime().toString(Qt::ISODate)},
                           {QStringLiteral("changes"), QJsonArray::fromStringList(changes)},
                           {QStringLiteral("files"), QJsonArray::fromStringList(files)}};
    return replaceWholeFile(file, QJsonDocument(json).toJson());
}

// What is different in the forms of two folders.
QStringList changesBetween(const QString &before, const QString &after)
{
    QStringList sentences;
    const QStringList was = formNamesOf(before);
    const QStringList is = formNamesOf(after);
    const auto load = [](const QString &folder, const QString &name) {
        return loadForm(QDir(formsFolder(folder)).filePath(name + QStringLiteral(".nabform")));
    };
    for (const QString &name : is) {
        const Result<Form> now = load(after, name);
        if (!was.contains(name)) {
            sentences.append(Texts::tr("The form “%1” is new.").arg(now ? now->title : name));
            continue;
        }
        const Result<Form> then = load(before, name);
        const QStringList differs = now && then ? formDifferences(*then, *now) : QStringList();
        for (const QString &sentence : differs) {
            sentences.append(Texts::tr("%1: %2", "a form and what changed in it").arg(now->title, sentence));
        }
    }
    for (const QString &name : was) {
        if (!is.contains(name)) {
            sentences.append(Texts::tr("The form “%1” is gone.").arg(name));
        }
    }
    return sentences;
}

// Puts away what is there now as an earlier version.
Outcome putAway(const QString &folder, const QStringList &files, int version)
{
    return copied(files, folder, QDir(folder).filePath(QStringLiteral("%1/%2").arg(Earlier).arg(version)));
}

void removeAll(const QString &folder, const QStringList &files)
{
    for (const QString &file : files) {
        QFile::remove(QDir(folder).filePath(file));
    }
}

} // namespace

QStringList whyNotHandedOver(const Workspace &workspace)
{
    QStringList reasons;
    if (workspace.projectFolder.isEmpty()) {
        return {Texts::tr("Save the form in a project first.")};
    }
    if (!workspace.connection) {
        return {workspace.databaseError.sentence};
    }
    const QStringList names = formNamesOf(workspace.projectFolder);
    const QString start = workspace.project.startForm;
    if (start.isEmpty() ? names.size() != 1 : !names.contains(start)) {
        reasons.append(Texts::tr("No form is the one to start with. “Make a start form” in the File menu makes one."));
    }
    OpenedForms byOthers;
    const std::optional<QStringList> opened = byOthers.of(workspace.projectFolder, start);
    for (const QString &name : names) {
        const Result<Form> form =
            loadForm(QDir(formsFolder(workspace.projectFolder)).filePath(name + QStringLiteral(".nabform")));
        if (!form) {
            reasons.append(form.error().sentence);
            continue;
        }
        if (!form->undecided.isEmpty()) {
            reasons.append(Texts::tr("%1: two lines of changes are not decided yet.").arg(form->title));
        }
        const Appearance appearance(form->look, Theme::Light, desktopFont(), workspace.looks);
        const Result<Catalogue> catalogue = withSelects(*workspace.connection, workspace.catalogue, *form);
        const QList<Found> all = allFound({*form,
                                           catalogue ? *catalogue : workspace.catalogue,
                                           appearance,
                                           {},
                                           workspace.looks,
                                           nullptr,
                                           names,
                                           workspace.project.namingPattern,
                                           opened});
        for (const Found &found : all) {
            if (found.degree() == Degree::ToFix && !found.isLeft) {
                reasons.append(
                    Texts::tr("%1: %2", "a form and what is wrong there").arg(form->title, found.finding.sentence));
            }
        }
    }
    return reasons;
}

std::optional<HandedOver> handedOverIn(const QString &folder)
{
    const QString file = fileIn(folder);
    const Result<QByteArray> bytes = file.isEmpty() ? Result<QByteArray>(QByteArray()) : readWholeFile(file);
    const QJsonObject json = bytes ? QJsonDocument::fromJson(*bytes).object() : QJsonObject();
    if (!json.contains(QStringLiteral("nabhand"))) {
        return {};
    }
    HandedOver handed{file, json.value(QStringLiteral("version")).toInt(), {}, {}};
    const Result<Project> project = loadProject(folder);
    const QString database = project ? project->database.part("file") : QString();
    handed.holdsData = !database.isEmpty() && QDir::isRelativePath(database);
    const QJsonArray changes = json.value(QStringLiteral("changes")).toArray();
    for (const QJsonValue &each : changes) {
        handed.changes.append(each.toString());
    }
    const QJsonArray files = json.value(QStringLiteral("files")).toArray();
    for (const QJsonValue &each : files) {
        handed.files.append(each.toString());
    }
    return handed;
}

Result<HandedOver> handOver(const Workspace &workspace, const QString &folder, bool withDatabase, const GoesOn &goesOn)
{
    const std::optional<HandedOver> before = handedOverIn(folder);
    const QDir target(folder);
    if (!before && target.exists() && !target.isEmpty()) {
        return Error{
            Texts::tr("%1 has something else in it. Choose an empty folder, or one that was handed over before.")
                .arg(folder),
            {}};
    }
    if (QDir::cleanPath(target.absolutePath()) == QDir::cleanPath(QDir(workspace.projectFolder).absolutePath())) {
        return Error{Texts::tr("That is the project itself. Choose another folder."), {}};
    }
    if (!QDir().mkpath(folder)) {
        return Error{Texts::tr("%1 cannot be made. Choose another place.").arg(folder), {}};
    }
    HandedOver handed;
    handed.version = before ? before->version + 1 : 1;
    handed.changes = before ? changesBetween(folder, workspace.projectFolder) : QStringList();
    const QString name = identifierFromText(workspace.project.name);
    handed.file = before ? before->file
                         : target.filePath((name.isEmpty() ? QStringLiteral("forms") : name) + u'.' + HandedOverEnding);
    // The database, where it goes along, first: without it the forms show nothing.
    Project project = workspace.project;
    const QString file = project.database.part("file");
    const bool isFile = project.database.dialect == QLatin1String("sqlite");
    const QString copy = target.filePath(QFileInfo(file).fileName());
    if (withDatabase && isFile) {
        project.database = addressOfFile(QFileInfo(file).fileName());
        if (!QFile::exists(copy)) {
            const QTemporaryDir place(target.filePath(QStringLiteral(".data-XXXXXX")));
            const Result<DatabaseAddress> made = workspace.connection->dialect().copyWhole(
                workspace.connection->address(), place.path(), goesOn ? goesOn : [](double) { return true; });
            if (!made) {
                return made.error();
            }
            if (!QFile::rename(made->part("file"), copy)) {
                return Error{Texts::tr("%1 cannot be written. Choose another place, or make room there.").arg(copy),
                             {}};
            }
        }
    } else if (isFile) {
        project.database = addressOfFile(QDir(workspace.projectFolder).absoluteFilePath(file));
    }
    if (before) {
        if (const Outcome away = putAway(folder, before->files, before->version); !away) {
            return away.error();
        }
    }
    const QStringList files = filesOf(workspace.projectFolder);
    QStringList gone;
    for (const QString &old : before ? before->files : QStringList()) {
        if (!files.contains(old)) {
            gone.append(old);
        }
    }
    handed.files = files;
    if (const Outcome done = copied(files, workspace.projectFolder, folder); !done) {
        if (before) {
            const QString away = target.filePath(QStringLiteral("%1/%2").arg(Earlier).arg(before->version));
            (void)copied(before->files, away, folder); // as it was, as far as there is room
        }
        return done.error();
    }
    removeAll(folder, gone);
    if (project.startForm.isEmpty()) {
        project.startForm = formNamesOf(workspace.projectFolder).value(0);
    }
    if (const Outcome saved = saveProject(folder, project); !saved) {
        return saved.error();
    }
    if (const Outcome written = write(handed.file, handed.version, handed.changes, handed.files); !written) {
        return written.error();
    }
    return handed;
}

Result<HandedOver> takenBack(const QString &folder)
{
    const std::optional<HandedOver> now = handedOverIn(folder);
    const QString before =
        now ? QDir(folder).filePath(QStringLiteral("%1/%2").arg(Earlier).arg(now->version - 1)) : QString();
    if (!now || !QFileInfo(before).isDir()) {
        return Error{Texts::tr("Nothing was handed over there before."), {}};
    }
    const QStringList files = filesOf(before);
    HandedOver back{now->file, now->version - 1, changesBetween(folder, before), files};
    QStringList gone;
    for (const QString &file : now->files) {
        if (!files.contains(file)) {
            gone.append(file);
        }
    }
    if (const Outcome done = copied(files, before, folder); !done) {
        return done.error();
    }
    removeAll(folder, gone);
    QDir(before).removeRecursively();
    if (const Outcome written = write(back.file, back.version, back.changes, back.files); !written) {
        return written.error();
    }
    return back;
}

Result<QString> startFormOf(const QString &file)
{
    const Result<QString> unpacked = isFileArchive(file) ? unpackedHandedOver(file) : QFileInfo(file).absolutePath();
    if (!unpacked) {
        return unpacked.error();
    }
    const QString folder = *unpacked;
    const Result<Project> project = loadProject(folder);
    if (!project) {
        return project.error();
    }
    const QString form = QDir(formsFolder(folder)).filePath(project->startForm + QStringLiteral(".nabform"));
    return QFile::exists(form)
               ? Result<QString>(form)
               : Error{Texts::tr("The form to start with is not there any more. Ask those who handed it over."), {}};
}

} // namespace nabblet
