// What a column's declared type takes, said before the database is asked: many databases, SQLite first of all, store
// what does not fit all the same.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QLocale>

namespace nabblet {

// Why a value does not fit into a column: too long, too many decimals, out of the range of its type. A sentence for
// beside the box, without a full stop; empty where it fits.
QString whyItDoesNotFit(const Column &column, const QVariant &value, const QLocale &locale);

} // namespace nabblet
