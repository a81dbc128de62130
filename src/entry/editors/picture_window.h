// A picture in a window of its own, as large as one wants it.
#pragma once

#include <QByteArray>

class QString;
class QWidget;

namespace nabblet {

// Shows the bytes of a picture until the window is closed: whole at first; +, − and the wheel make it larger and
// smaller, 0 shows it point by point.
void showPicture(const QByteArray &picture, const QString &title, QWidget *parent);

} // namespace nabblet
