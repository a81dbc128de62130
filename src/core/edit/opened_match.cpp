#include "core/edit/opened_match.h"

namespace nabblet {

namespace {

// The one link of a table to another; nullptr for none, or several of which nobody knows which is meant.
const ForeignKey *onlyLink(const Table &from, const QString &to)
{
    const ForeignKey *only = nullptr;
    for (const ForeignKey &link : from.foreignKeys) {
        const bool isThere = link.parentTable == to && link.columns.size() == link.parentColumns.size();
        if (isThere && only) {
            return nullptr;
        }
        only = isThere ? &link : only;
    }
    return only;
}

} // namespace

ChildLink matchBetween(const Catalogue &catalogue, const QString &here, const QString &there)
{
    const Table *own = findTable(catalogue, here);
    const Table *other = findTable(catalogue, there);
    if (!own || !other) {
        return {};
    }
    if (here == there) {
        return {own->primaryKey, own->primaryKey};
    }
    if (const ForeignKey *link = onlyLink(*other, here)) {
        return {link->columns, link->parentColumns};
    }
    const ForeignKey *link = onlyLink(*own, there);
    return link ? ChildLink{link->parentColumns, link->columns} : ChildLink();
}

} // namespace nabblet
