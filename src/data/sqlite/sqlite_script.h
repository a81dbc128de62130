// A database file made from a script.
#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace nabblet {

// Makes a database file that was not there by the statements of a script. Where it cannot be made, nothing is left of
// it.
Outcome makeDatabase(const QString &path, const QByteArray &script);

} // namespace nabblet
