// Where a link leads.
#pragma once

#include <QString>

namespace nabblet {

// The address that words stand for: a web address, with or without its beginning, an e-mail address, a telephone number
// with "tel:". Empty for all else, files and programs among it, which are not to be opened by what stands in a row.
QString addressOf(const QString &words);

} // namespace nabblet
