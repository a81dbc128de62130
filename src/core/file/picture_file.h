// Picture files that become part of a form.
#pragma once

#include "core/result.h"

#include <QByteArray>

namespace nabblet {

// The bytes of a picture for a form. The error says why it cannot be read, or that it is too large: every copy of the
// form carries it.
Result<QByteArray> readPictureForForm(const QString &path);

} // namespace nabblet
