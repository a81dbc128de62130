// What is on its way to the board from the palette, a kind of control, or from elsewhere, a picture.
#pragma once

#include <QImageReader>
#include <QList>
#include <QMimeData>
#include <QUrl>

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

// The path of a picture file that is dragged here from elsewhere, or empty.
inline QString pictureFrom(const QMimeData *mime)
{
    const QList<QUrl> urls = mime ? mime->urls() : QList<QUrl>();
    const QString file = urls.size() == 1 ? urls.first().toLocalFile() : QString();
    return !file.isEmpty() && QImageReader(file).canRead() ? file : QString();
}

} // namespace nabblet
