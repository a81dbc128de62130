// The typefaces of this computer.
#pragma once

#include <QStringList>

namespace nabblet {

// The families that people may choose, each once, whoever made it; sorted. What the system keeps for itself is left out.
const QStringList &typefaces();
bool isTypeface(const QString &family);

} // namespace nabblet
