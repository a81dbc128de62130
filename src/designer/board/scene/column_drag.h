// Columns on their way from the catalogue to the board, as a drag carries them.
#pragma once

#include <QMimeData>
#include <QStringList>

namespace nabblet {

struct DraggedColumns
{
    QString table;
    QStringList columns; // in the order chosen
};

QMimeData *columnMimeData(const DraggedColumns &columns);
// No columns where the data holds something else.
DraggedColumns columnsFrom(const QMimeData *data);

} // namespace nabblet
