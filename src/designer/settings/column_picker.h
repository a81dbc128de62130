// A small button in a box for words, with what may be filled in there: {asset_no}, where the cursor is.
#pragma once

#include "designer/settings/settings.h"

#include <functional>

class QLineEdit;
class QPlainTextEdit;

namespace nabblet {

// The columns of the form's rows, as people call them, and the record as a whole.
QList<SettingChoice> columnsToFillIn(const SettingContext &context);

// columns: their names, with what people call them; asked for whenever the button is pressed.
void addColumnPicker(QLineEdit *line, const std::function<QList<SettingChoice>()> &columns);
void addColumnPicker(QPlainTextEdit *lines, const std::function<QList<SettingChoice>()> &columns);

} // namespace nabblet
