// What comes to the board from elsewhere: columns and tables of the catalogue, kinds of the palette, picture files.
#pragma once

#include <QPoint>

class QMimeData;

namespace nabblet {

class BoardHost;

bool canBeDropped(const QMimeData *mime);
// While it is dragged over the board, the form shows where it would go; dropped, it is taken. at: px in the viewport.
void showDrop(BoardHost &board, const QMimeData *mime, QPoint at, bool isDropped);

} // namespace nabblet
