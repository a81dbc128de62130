// An SQL statement of the builder's, with values of a row in it: :asset_no, :"laid on".
#pragma once

#include "core/result.h"

#include <QStringList>

namespace nabblet {

struct StatementValues
{
    QString sql;         // with a ? where a value stands
    QStringList columns; // whose values these are, in their order
};

// Finds them outside of texts, quoted names and comments. The error says that there are several statements, or none.
Result<StatementValues> statementValues(const QString &statement);

} // namespace nabblet
