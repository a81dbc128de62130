// A statement that a builder wrote, run with values of a row.
#pragma once

#include "data/dialect/connection.h"

#include <QVariantList>

namespace nabblet {

// Runs it in a transaction of its own: all of it or nothing. Gives how many rows it changed. The error says what the
// database says.
Result<qint64> runOwnStatement(const Connection &connection, const QString &sql, const QVariantList &values);

} // namespace nabblet
