// Words in quotation marks, as the language of the person has them.
#pragma once

#include "core/text/tr.h"

namespace nabblet {

inline QString inQuotes(const QString &words)
{
    return Texts::tr("“%1”").arg(words);
}

} // namespace nabblet
