#include "app/work/demonstration.h"

#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/text/tr.h"
#include "data/sqlite/sqlite_script.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

// Resources of a static library are not found by themselves.
static void initDemonstration()
{
    Q_INIT_RESOURCE(demonstration);
}

namespace nabblet {

namespace {

Outcome copyTo(const QString &folder, const QString &name)
{
    QFile file(QStringLiteral(":/nabblet/demonstration/") + name);
    if (!file.open(QIODevice::ReadOnly)) {
        return Error{Texts::tr("The demonstration's %1 is not part of this program.").arg(name), {}};
    }
    return replaceWholeFile(QDir(folder).filePath(name), file.readAll());
}

} // namespace

Result<QString> demonstrationFolder()
{
    initDemonstration();
    const QString folder = QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
                               .filePath(QStringLiteral("fairway-depot"));
    if (QFile::exists(projectFilePath(folder))) {
        return folder;
    }
    if (!QDir().mkpath(formsFolder(folder))) {
        return Error{Texts::tr("The folder %1 could not be made. Look whether you may write there.").arg(folder), {}};
    }
    const QString database = QDir(folder).filePath(QStringLiteral("fairway.db"));
    if (!QFile::exists(database)) {
        QFile script(QStringLiteral(":/nabblet/demonstration/fairway.sql"));
        if (!script.open(QIODevice::ReadOnly)) {
            return Error{Texts::tr("The demonstration is not part of this program."), {}};
        }
        if (const Outcome made = makeDatabase(database, script.readAll()); !made) {
            return made.error();
        }
    }
    const QDir forms(QStringLiteral(":/nabblet/demonstration/forms"));
    QStringList files{QStringLiteral("observer_page.svg")};
    for (const QString &form : forms.entryList()) {
        files.append(QStringLiteral("forms/") + form);
    }
    files.append(QStringLiteral("project.nabblet")); // last: with it the project is whole
    for (const QString &file : std::as_const(files)) {
        if (const Outcome copied = copyTo(folder, file); !copied) {
            return copied.error();
        }
    }
    return folder;
}

} // namespace nabblet
