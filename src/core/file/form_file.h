// Forms as .nabform files: JSON as described in docs/nabform.schema.json.
#pragma once

#include "core/model/form.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>

namespace nabblet {

// The version of the file format that this program writes.
constexpr int FormFileVersion = 2;

QByteArray writeForm(const Form &form);

// The error says where in the file (JSON pointer) and what was expected there. Keys it does not know are kept.
Result<Form> readForm(const QByteArray &text);

// The same from and to the disk; errors name the file.
Result<Form> loadForm(const QString &path);
Outcome saveForm(const QString &path, const Form &form);

} // namespace nabblet
