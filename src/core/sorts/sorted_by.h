// The order in which a form's records come: by columns, one after the other, and then by their key.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/result.h"

namespace nabblet {

struct SortedBy
{
    QString column;
    bool isDescending = false;
    QString sort; // its name; empty for the usual one of the column

    bool operator==(const SortedBy &) const = default;
};

namespace setting {

extern const ControlSetting<QList<SortedBy>> Sorted;

} // namespace setting

QList<SortedBy> sortedBy(const Form &form);

// As builders write it, and read again: "name, laid_on descending, remarks by length". rows: the table of the rows,
// whose columns they are; nullptr where it is not known.
QString sortedInWords(const QList<SortedBy> &sorted);
Result<QList<SortedBy>> readSorted(const QString &typed, const Table *rows);

} // namespace nabblet
