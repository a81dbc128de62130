#include "app/work/project_uses.h"

#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/reconcile/column_uses.h"
#include "core/text/tr.h"

#include <QDir>
#include <QFileInfo>

#include <functional>

namespace nabblet {

NABBLET_TEXTS(ProjectUses)

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

} // namespace nabblet
