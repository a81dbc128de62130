// Cells as sheets of cells put them on the clipboard: lines of texts with tabs between them, in quotes where a text
// holds tabs, quotes or lines of its own.
#pragma once

#include <QList>
#include <QString>
#include <QStringList>

namespace nabblet {

using Cells = QList<QStringList>;

// An empty last line is no row.
Cells cellsFromText(const QString &text);
QString textFromCells(const Cells &cells);
// Whether a text is more than one cell.
bool holdsCells(const QString &text);

} // namespace nabblet
