// A kind of control on its way from the palette to the board.
#pragma once

#include <QMimeData>

namespace nabblet {

inline QString kindDragFormat()
{
    return QStringLiteral("application/x-nabblet-kind");
}

// The kind's name that is dragged, or empty.
inline QString kindFrom(const QMimeData *mime)
{
    return mime ? QString::fromUtf8(mime->data(kindDragFormat())) : QString();
}

} // namespace nabblet
