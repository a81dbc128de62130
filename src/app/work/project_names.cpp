#include "app/work/project_names.h"

#include "core/draft/inner_forms.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>

namespace nabblet {

QList<TitledForm> titledForms(const QString &projectFolder)
{
    QList<TitledForm> forms;
    const QStringList files = projectFolder.isEmpty() ? QStringList() : formFiles(projectFolder);
    for (const QString &file : files) {
        const QString name = QFileInfo(file).completeBaseName();
        const Result<QByteArray> read = readWholeFile(formsFolder(projectFolder) + u'/' + file);
        // The title alone: whatever else is wrong with the form is said when it is opened.
        const QJsonObject json = read ? QJsonDocument::fromJson(*read).object() : QJsonObject();
        const QString title = json.value(key("title")).toString().simplified();
        const QJsonValue rows = json.value(key("rows"));
        forms.append({name, title.isEmpty() ? name : title, rows.toString(rows[key("table")].toString())});
    }
    return forms;
}

Renamed renameForms(const QString &projectFolder, const QString &pattern, const QString &exceptPath)
{
    Renamed renamed;
    const QStringList files = formFiles(projectFolder);
    for (const QString &file : files) {
        const QString path = formsFolder(projectFolder) + u'/' + file;
        if (!exceptPath.isEmpty() && QFileInfo(path) == QFileInfo(exceptPath)) {
            continue;
        }
        const Result<Form> form = loadForm(path);
        if (!form) {
            renamed.failures.append(form.error().sentence);
            continue;
        }
        const Form anew = renamedByPattern(*form, pattern);
        if (anew == *form) {
            continue;
        }
        const Outcome saved = saveForm(path, anew);
        if (saved) {
            ++renamed.forms;
        } else {
            renamed.failures.append(saved.error().sentence);
        }
    }
    return renamed;
}

Result<QStringList> renameForm(const QString &projectFolder, const QString &from, const QString &to)
{
    const auto pathOf = [&](const QString &name) {
        return formsFolder(projectFolder) + u'/' + name + QStringLiteral(".nabform");
    };
    if (QFileInfo::exists(pathOf(to))) {
        return Error{Texts::tr("The project has a form “%1” already. Choose another name.").arg(to), {}};
    }
    const Result<Form> own = loadForm(pathOf(from));
    if (!own) {
        return own.error();
    }
    Form renamed = withFormRenamed(*own, from, to);
    renamed.name = to;
    const Outcome saved = saveForm(pathOf(to), renamed);
    if (!saved) {
        return saved.error();
    }
    // From here on the form is there under both names, until all uses are changed.
    QStringList failures;
    const auto note = [&](const Outcome &outcome) {
        if (!outcome) {
            failures.append(outcome.error().sentence);
        }
    };
    const QStringList files = formFiles(projectFolder);
    for (const QString &file : files) {
        const QString name = QFileInfo(file).completeBaseName();
        const Result<Form> other = name == from || name == to ? Result<Form>(*own) : loadForm(pathOf(name));
        if (!other) {
            failures.append(other.error().sentence);
        } else if (const Form changed = withFormRenamed(*other, from, to);
                   name != from && name != to && !(changed == *other)) {
            note(saveForm(pathOf(name), changed));
        }
    }
    if (Result<Project> project = loadProject(projectFolder); project && project->startForm == from) {
        project->startForm = to;
        note(saveProject(projectFolder, *project));
    }
    if (failures.isEmpty() && !QFile::remove(pathOf(from))) {
        failures.append(
            Texts::tr("The form is there under its new name; its old file %1 could not be removed.").arg(pathOf(from)));
    }
    return failures;
}

} // namespace nabblet
