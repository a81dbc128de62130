#include "app/work/project_uses.h"

#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/child_link.h"
#include "core/looks/pins/look_pin.h"
#include "core/reconcile/column_uses.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFileInfo>
#include <QMap>

#include <functional>

namespace nabblet {

namespace {

// The form at hand first, then the others of the project; those that cannot be read are left out.
void forEachForm(const QString &projectFolder, const Form &atHand, const QString &atHandName,
                 const std::function<void(const QString &name, const Form &form)> &visit)
{
    visit(QString(), atHand);
    for (const QString &file : projectFolder.isEmpty() ? QStringList() : formFiles(projectFolder)) {
        const QString name = QFileInfo(file).completeBaseName();
        if (name == atHandName) {
            continue;
        }
        if (const Result<Form> form = loadForm(QDir(formsFolder(projectFolder)).filePath(file))) {
            visit(name, *form);
        }
    }
}

QString titleOf(const QString &name, const Form &form)
{
    return !form.title.isEmpty() ? form.title : name.isEmpty() ? form.name : name;
}

// Every control of a form and of the forms inside it, with the way to the form that it is in.
void forEachControl(const Form &form, const InnerPath &path,
                    const std::function<void(const Form &form, const InnerPath &path, const Control &control)> &visit)
{
    for (const Control &control : form.controls) {
        visit(form, path, control);
        if (const Form *inner = control.inner.get()) {
            forEachControl(*inner, path + InnerPath{control.id}, visit);
        }
    }
    if (const Form *row = form.rowForm.get()) {
        forEachControl(*row, path + InnerPath{RowFormStep}, visit);
    }
}

} // namespace

QList<ProjectUse> usesOfColumn(const QString &projectFolder, const Form &atHand, const QString &atHandName,
                               const QString &table, const QString &column)
{
    QList<ProjectUse> uses;
    forEachForm(projectFolder, atHand, atHandName, [&](const QString &name, const Form &form) {
        QStringList said;
        for (const ColumnUse &use : columnUses(form)) {
            const bool isIt = use.table.compare(table, Qt::CaseInsensitive) == 0 &&
                              (column.isEmpty() ? use.column.isEmpty() || use.kind != UseKind::Rule
                                                : use.column.compare(column, Qt::CaseInsensitive) == 0);
            const QString words =
                isIt ? Texts::tr("%1: %2").arg(titleOf(name, form), useInWords(form, use)) : QString();
            if (isIt && !said.contains(words)) {
                said.append(words);
                uses.append({name, words, use.path, use.control});
            }
        }
    });
    return uses;
}

QList<ProjectUse> usesOfForm(const QString &projectFolder, const Form &atHand, const QString &atHandName,
                             const QString &name)
{
    QList<ProjectUse> uses;
    forEachForm(projectFolder, atHand, atHandName, [&](const QString &file, const Form &form) {
        forEachControl(form, {}, [&](const Form &inner, const InnerPath &path, const Control &control) {
            if (projectFormOf(control) == name) {
                uses.append({file, Texts::tr("%1: “%2” opens it").arg(titleOf(file, form), calledFor(inner, control)),
                             path, control.id});
            }
        });
    });
    return uses;
}

QList<ProjectUse> usesOfStyles(const QString &projectFolder, const Form &atHand, const QString &atHandName)
{
    QMap<QString, QList<ProjectUse>> byStyle;
    forEachForm(projectFolder, atHand, atHandName, [&](const QString &file, const Form &form) {
        forEachControl(form, {}, [&](const Form &inner, const InnerPath &path, const Control &control) {
            const QString style = control.settings.value(setting::Style);
            if (!style.isEmpty()) {
                byStyle[style].append(
                    {file, Texts::tr("“%1” in %2: “%3”").arg(style, titleOf(file, form), calledFor(inner, control)),
                     path, control.id});
            }
        });
    });
    QList<ProjectUse> uses;
    for (const QList<ProjectUse> &each : std::as_const(byStyle)) {
        uses += each;
    }
    return uses;
}

RenamedColumn renameColumnInForms(const QString &projectFolder, const QString &exceptName, const QString &table,
                                  const QString &from, const QString &to)
{
    RenamedColumn renamed;
    for (const QString &file : projectFolder.isEmpty() ? QStringList() : formFiles(projectFolder)) {
        const QString path = QDir(formsFolder(projectFolder)).filePath(file);
        if (QFileInfo(file).completeBaseName() == exceptName) {
            continue;
        }
        const Result<Form> form = loadForm(path);
        if (!form) {
            renamed.failures.append(form.error().sentence);
            continue;
        }
        const Form changed = withColumnRenamed(*form, table, from, to);
        if (changed == *form) {
            continue;
        }
        const Outcome saved = saveForm(path, changed);
        if (saved) {
            ++renamed.forms;
        } else {
            renamed.failures.append(saved.error().sentence);
        }
    }
    return renamed;
}

std::optional<QStringList> OpenedForms::of(const QString &projectFolder, const QString &startForm)
{
    if (projectFolder.isEmpty() || startForm.isEmpty()) {
        return {};
    }
    QStringList all{startForm};
    for (const QString &file : formFiles(projectFolder)) {
        const QString path = QDir(formsFolder(projectFolder)).filePath(file);
        const QDateTime changed = QFileInfo(path).lastModified();
        Read &read = m_read[path];
        if (read.changed != changed) {
            read = {changed, {}};
            if (const Result<Form> form = loadForm(path)) {
                forEachControl(*form, {}, [&](const Form &, const InnerPath &, const Control &control) {
                    if (const QString opens = projectFormOf(control); !opens.isEmpty()) {
                        read.opens.append(opens);
                    }
                });
            }
        }
        QStringList byOthers = read.opens;
        byOthers.removeAll(QFileInfo(file).completeBaseName()); // nobody gets to a form through itself
        all += byOthers;
    }
    all.removeDuplicates();
    return all;
}

} // namespace nabblet
