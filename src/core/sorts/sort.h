// A way of putting records in an order by one of their columns.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QString>

namespace nabblet {

struct Sort
{
    QString name;       // in files: "letters"
    const char *phrase; // in English, as builders write it behind a column: "by length"; sortPhrase() translates
    bool (*suits)(const Column &column);         // whether it is the usual one for a column; the first that suits is
    QString (*expression)(const QString &value); // in SQL that every database takes, of a column or of a value
};

} // namespace nabblet
