// CHECK rules said in words.
#pragma once

#include "core/catalogue/catalogue.h"

#include <functional>

namespace nabblet {

// Says what a rule asks for as a sentence without a full stop: "Charted depth (m) is 0 or more". captionFor gives the
// words for a column. A rule of a shape it does not know is quoted as it stands.
QString ruleInWords(const Check &check, const Table &table, const std::function<QString(const QString &)> &captionFor);

// The columns of the table that the rule reads, in the table's order.
QStringList columnsOfRule(const Check &check, const Table &table);

} // namespace nabblet
