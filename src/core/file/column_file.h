// What a form file keeps of columns as they were, of findings that are left be, and of what two people changed.
#pragma once

#include "core/file/json_reader.h"
#include "core/file/json_text.h"
#include "core/model/form.h"

#include <QHash>
#include <QJsonArray>

namespace nabblet {

void writeBoundColumn(JsonText &json, const BoundColumn &column);
// base: the place of the list in the file, as a JSON pointer.
void readBoundColumns(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes);

// names: of the form's controls. Writes nothing where nothing is left be.
void writeLeftBe(JsonText &json, const Form &form, const QHash<ControlId, QString> &names);
void readLeftBe(Form &form, const QJsonArray &stored, const QString &base, const QHash<QString, ControlId> &ids,
                JsonMistakes &mistakes);

void writeUndecided(JsonText &json, const Form &form);
void readUndecided(Form &form, const QJsonArray &stored, const QString &base, JsonMistakes &mistakes);

} // namespace nabblet
