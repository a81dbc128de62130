#include "core/sorts/sort_table.h"

#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

const QList<Sort> &sorts()
{
#define NABBLET_ENTRY(sort) sort(),
    static const QList<Sort> table{NABBLET_SORTS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

const Sort *sortNamed(const QString &name)
{
    const auto found =
        std::find_if(sorts().begin(), sorts().end(), [&](const Sort &sort) { return sort.name == name; });
    return found == sorts().end() ? nullptr : &*found;
}

const Sort &usualSort(const Column &column)
{
    const auto found =
        std::find_if(sorts().begin(), sorts().end(), [&](const Sort &sort) { return sort.suits(column); });
    return found == sorts().end() ? sorts().first() : *found;
}

QString sortPhrase(const Sort &sort)
{
    return Texts::tr(sort.phrase);
}

} // namespace nabblet
