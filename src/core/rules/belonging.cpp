#include "core/rules/belonging.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isSameTable(const QString &one, const QString &other)
{
    return one.compare(other, Qt::CaseInsensitive) == 0;
}

bool hasRowsBelonging(const Control &control)
{
    return control.inner && !control.inner.get()->rowsFrom.isEmpty() && kindNamed(control.kind).editor == Editor::Rows;
}

} // namespace

QList<RowsBelonging> belongingTo(const Form &form)
{
    QList<RowsBelonging> all;
    QList<RowsBelonging> further; // what stands nearer has the name, where a table comes twice
    for (const Control &control : form.controls) {
        if (!hasRowsBelonging(control)) {
            continue;
        }
        const Form &inner = *control.inner.get();
        RowsBelonging rows{inner.rowsFrom, {}};
        for (const Control &box : inner.controls) {
            rows.columns += columnsNeeded(box);
        }
        rows.columns += childLinkOf(control).childColumns;
        rows.columns.removeDuplicates();
        rows.columns.removeAll(QString());
        all.append(rows);
        further += belongingTo(inner);
    }
    for (const RowsBelonging &rows : std::as_const(further)) {
        const bool isTaken = std::any_of(
            all.begin(), all.end(), [&](const RowsBelonging &nearer) { return isSameTable(nearer.table, rows.table); });
        if (!isTaken) {
            all.append(rows);
        }
    }
    return all;
}

QList<const Control *> subformsTo(const Form &form, const QString &table)
{
    for (const Control &control : form.controls) {
        if (hasRowsBelonging(control) && isSameTable(control.inner.get()->rowsFrom, table)) {
            return {&control};
        }
    }
    for (const Control &control : form.controls) {
        const QList<const Control *> inside =
            hasRowsBelonging(control) ? subformsTo(*control.inner.get(), table) : QList<const Control *>();
        if (!inside.isEmpty()) {
            return QList<const Control *>{&control} + inside;
        }
    }
    return {};
}

} // namespace nabblet
