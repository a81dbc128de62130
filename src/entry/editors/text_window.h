// A long text in a window of its own, with room to read and write.
#pragma once

#include <QString>

#include <optional>

class QWidget;

namespace nabblet {

// The text as it was changed; nothing where the person thought better of it. mayType: else it is only shown.
std::optional<QString> textInWindow(QWidget *parent, const QString &title, const QString &text, bool mayType);

} // namespace nabblet
