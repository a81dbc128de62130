// A list below a line of words.
#pragma once

class QLineEdit;
class QListWidget;

namespace nabblet {

// Up and Down walk through the list while the keyboard stays in the line. Both live as long as their sheet.
void walkListFrom(QLineEdit *line, QListWidget *list);

} // namespace nabblet
