// What was opened last, kept per person.
#pragma once

#include <QStringList>

namespace nabblet {

// The paths that were opened last, the latest first, kept per person; and the list with one more.
QStringList usedLately();
void noteUsed(const QString &path);

} // namespace nabblet
