// The guide in a window of its own: the chapters of docs/guide, which are part of the program.
#pragma once

#include <QString>

class QWidget;

namespace nabblet {

// Chapters, by the names of their files without the ending; the first is the usual one.
QStringList guideChapters();

// Shows a chapter in the guide's window, which is made when it is first wanted and stays beside the others.
void showGuide(const QString &chapter, QWidget *parent);

} // namespace nabblet
