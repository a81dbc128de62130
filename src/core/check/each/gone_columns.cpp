#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/reconcile/what_changed.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// The first of some columns that a table does not have; empty where it has all.
QString goneOf(const Table &table, const QStringList &columns)
{
    for (const QString &column : columns) {
        if (!findColumn(table, column)) {
            return column;
        }
    }
    return {};
}

// What is gone of the choices of a control.
QString goneOfLookup(const CheckContext &context, const Lookup &lookup, QString *about)
{
    if (!lookup.select.isEmpty() || lookup.table.isEmpty()) {
        return {};
    }
    const Table *table = findTable(context.catalogue, lookup.table);
    if (!table) {
        *about = lookup.table;
        return Texts::tr("it chooses from “%1”, and there is no such table").arg(lookup.table);
    }
    const QString gone = goneOf(*table, lookup.valueColumns + lookup.wordsColumns);
    *about = lookup.table + u'.' + gone;
    return gone.isEmpty() ? QString()
                          : Texts::tr("it chooses from “%1”, which has no column “%2”").arg(lookup.table, gone);
}

// Boxes, lookups and links that use columns which their tables do not have.
QList<Finding> find(const CheckContext &context)
{
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    if (!table) {
        return {};
    }
    QList<Finding> found;
    std::optional<QList<TableChange>> changes; // found where anything is gone
    for (const Control &control : context.form.controls) {
        QString of = table->name;
        QString about = goneOf(*table, columnsNeeded(control));
        QString what =
            about.isEmpty() ? QString() : Texts::tr("“%1” has no column “%2”").arg(context.form.rowsFrom, about);
        if (const auto lookup = lookupOf(control); lookup && what.isEmpty()) {
            of = lookup->table;
            what = goneOfLookup(context, *lookup, &about);
        }
        if (const auto followed = followedBy(control); followed && what.isEmpty()) {
            const Table *other = findTable(context.catalogue, followed->table);
            of = followed->table;
            about = !other ? followed->table : goneOf(*other, followed->keyColumns + QStringList{followed->column});
            what = !other            ? Texts::tr("there is no table “%1”").arg(followed->table)
                   : about.isEmpty() ? QString()
                                     : Texts::tr("“%1” has no column “%2”").arg(followed->table, about);
        }
        if (control.inner && what.isEmpty()) {
            const Table *other = findTable(context.catalogue, control.inner.get()->rowsFrom);
            of = control.inner.get()->rowsFrom;
            about = other ? goneOf(*other, childLinkOf(control).childColumns) : QString();
            what = about.isEmpty() ? QString() : Texts::tr("“%1” has no column “%2”").arg(other->name, about);
        }
        // What became of it is said where the tables changed.
        if (!what.isEmpty() && !changes) {
            changes = tableChanges(context.form, context.catalogue);
        }
        if (!what.isEmpty() && !explainsGone(*changes, of, about.section(u'.', -1))) {
            found.append({control.id,
                          Texts::tr("“%1” cannot be filled: %2.").arg(calledFor(context.form, control), what),
                          about,
                          {deletes(Texts::tr("Take the box away"), {control.id})}});
        }
    }
    return found;
}

} // namespace

FormCheck goneColumns()
{
    return {"gone columns", Texts::later("Columns that are gone"), Degree::ToFix, find};
}

} // namespace nabblet
