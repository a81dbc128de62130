// The rules of a form in its file: its member "rules".
#pragma once

#include "core/file/json_reader.h"
#include "core/file/json_text.h"
#include "core/model/form.h"

#include <QHash>
#include <QJsonArray>

namespace nabblet {

// names: of the form's controls. Writes nothing for a form without rules.
void writeRules(JsonText &json, const Form &form, const QHash<ControlId, QString> &names);
// base: the place of the list in the file, as a JSON pointer.
void readRules(Form &form, const QJsonArray &stored, const QString &base, const QHash<QString, ControlId> &ids,
               JsonMistakes &mistakes);

} // namespace nabblet
