// Says a sentence to those who do not see the screen.
#pragma once

#include <QString>

class QWidget;

namespace nabblet {

// at: where it stands for those who do. A screen reader is told that this is called otherwise now, and that it matters.
void announce(QWidget *at, const QString &sentence);

} // namespace nabblet
