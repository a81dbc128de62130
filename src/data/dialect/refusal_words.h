// What refusals are said with, whatever the database.
#pragma once

#include "data/dialect/dialect.h"

namespace nabblet {

// The captions of columns, one after the other: "Name and Laid on".
QString captionsOf(const QStringList &columns, const RefusalContext &context);

// A value that is needed, one that another record has, and a rule of the table that is not kept. said: what the
// database said of it; named: the rule's name or its text.
Refusal neededRefusal(const QStringList &columns, const RefusalContext &context, const QString &said);
Refusal takenRefusal(const QStringList &columns, const RefusalContext &context, const QString &said);
Refusal ruleRefusal(const QString &named, const RefusalContext &context, const QString &said);

} // namespace nabblet
