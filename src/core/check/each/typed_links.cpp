#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// Whether a link that could be a lookup is on the form as a raw value: the column that stands for it has a box, which
// is none; where no column is left to stand for it, all its columns have boxes.
bool isTypedRaw(const Form &form, const Catalogue &catalogue, const Table &table, const ForeignKey &link)
{
    const Table *parent = findTable(catalogue, link.parentTable);
    const auto all = [](const QStringList &columns, auto holds) {
        return !columns.isEmpty() && std::all_of(columns.begin(), columns.end(), holds);
    };
    const bool canLookUp = parent && link.columns.size() == link.parentColumns.size() &&
                           all(link.columns, [&](const QString &name) { return findColumn(table, name); }) &&
                           all(link.parentColumns, [&](const QString &name) { return findColumn(*parent, name); });
    const auto isRaw = [&](const QString &column) {
        return std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
            return takesValue(kindNamed(control.kind)) && control.column == column && !lookupOf(control);
        });
    };
    for (const QString &column : link.columns) {
        if (ledLink(table, column) == &link) {
            return canLookUp && isRaw(column);
        }
    }
    // Another link over the very same single column may be the lookup; otherwise all are typed.
    return canLookUp && all(link.columns, isRaw);
}

// The box that would become the lookup.
const Control *rawBoxOf(const Form &form, const Table &table, const ForeignKey &link)
{
    for (const Control &control : form.controls) {
        if (takesValue(kindNamed(control.kind)) && ledLink(table, control.column) == &link && !lookupOf(control)) {
            return &control;
        }
    }
    return nullptr;
}

// Links to other tables that are typed as raw values.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    QList<Finding> found;
    for (const ForeignKey &link : table ? table->foreignKeys : QList<ForeignKey>()) {
        if (isTypedRaw(context.form, context.catalogue, *table, link)) {
            const Control *raw = rawBoxOf(context.form, *table, link);
            found.append(
                {raw ? raw->id : 0,
                 Texts::tr("“%1” points to “%2” and is typed as a raw value; a drop-down would show whose it is.")
                     .arg(link.columns.join(QStringLiteral(", ")), link.parentTable),
                 link.columns.join(QStringLiteral(", ")),
                 raw ? QList<Mend>{redrafts(Texts::tr("Make it a drop-down of “%1”").arg(link.parentTable), raw->id,
                                            QStringLiteral("drop-down"))}
                     : QList<Mend>()});
        }
    }
    return found;
}

} // namespace

FormCheck typedLinks()
{
    return {"typed links", Texts::later("Links typed as raw values"), Degree::ToWeigh, find};
}

} // namespace nabblet
