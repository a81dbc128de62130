// The rails of a form in its file: its member "rails", and how its controls name them.
#pragma once

#include "core/file/json_reader.h"
#include "core/file/json_text.h"
#include "core/model/form.h"

#include <QJsonArray>

namespace nabblet {

void writeRails(JsonText &json, const Form &form);
// base: the place of the list in the file, as a JSON pointer.
void readRails(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes);

// What a control calls the rail that one of its edges rides; empty for none.
QString railName(const Form &form, RailId id);
// The rail that a member of a control names; None where it is missing, or wrong, which is then among the mistakes.
RailId railNamed(const Form &form, JsonReader &reader, const char *edge, JsonMistakes &mistakes);

} // namespace nabblet
