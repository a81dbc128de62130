// Reading and replacing whole files.
#pragma once

#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace nabblet {

// The bytes of a file; the error says which file and what to do.
Result<QByteArray> readWholeFile(const QString &path);

// Replaces a file whole or leaves it as it was: the bytes go to a temporary file beside it, are flushed to the disk and
// take its name only then. Makes missing folders.
Outcome replaceWholeFile(const QString &path, const QByteArray &bytes);

} // namespace nabblet
