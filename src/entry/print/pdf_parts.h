// What Qt has no way to say in a PDF: an outline, addresses that can be pressed, the language. Nothing of ours is named
// here: the library behind it is read by an older standard of C++ than all else.
#pragma once

#include <QByteArray>
#include <QList>
#include <QRectF>
#include <QString>

namespace nabblet {

struct PdfLink
{
    QRectF place; // px from the page's top left corner
    QString address;
};

struct PdfPage
{
    QString begins; // the record that begins on it, in words, or empty
    QList<PdfLink> links;
};

// The file with these parts. height: of a page, px; points: of PDF, a px. Empty where it cannot be read, and why.
QByteArray completedPdf(const QByteArray &written, const QList<PdfPage> &pages, double height, double points,
                        const QString &language, QString *why);

} // namespace nabblet
