#include "entry/print/print_to.h"

#include "core/file/whole_file.h"
#include "core/text/tr.h"
#include "entry/print/pdf_parts.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace nabblet {

namespace {

constexpr int Resolution = 1200;           // dots an inch, so that letters stand where they belong
constexpr double ScreenInch = 96;          // px an inch
constexpr double Points = 72 / ScreenInch; // of PDF, a px
constexpr int PictureScale = 2;            // of PNG, so that it can be read
constexpr int WrittenAtOnce = 50;          // ms

// Everything is laid out before, so that each page knows of how many it is.
bool layOutAll(PrintJob &job, const PagesPrinted &printed)
{
    while (job.layOutMore(WrittenAtOnce)) {
        if (!printed(0, job.pages())) {
            return false;
        }
    }
    return printed(0, job.pages());
}

Result<std::optional<int>> printPdf(PrintJob &job, const QString &path, const PagesPrinted &printed)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    const QSizeF size(job.pageSize());
    writer.setResolution(Resolution);
    writer.setPageSize(QPageSize(size * Points, QPageSize::Point, {}, QPageSize::ExactMatch));
    writer.setPageMargins(QMarginsF());
    writer.setTitle(job.title());
    writer.setCreator(QStringLiteral("Nabblet"));
    QPainter painter(&writer);
    QList<PdfPage> about;
    for (int page = 0; page < job.pages(); ++page) {
        if (page > 0) {
            writer.newPage();
        }
        painter.save();
        painter.scale(Resolution / ScreenInch, Resolution / ScreenInch);
        job.paint(painter, page);
        painter.restore();
        PdfPage parts{job.beginsWith(page), {}};
        for (const PrintJob::Link &link : job.links(page)) {
            parts.links.append({link.place, link.address});
        }
        about.append(parts);
        if (!printed(page + 1, job.pages())) {
            return std::optional<int>();
        }
    }
    if (!painter.end()) {
        return Error{Texts::tr("The pages could not be painted."), {}};
    }
    const QString language = QLocale().bcp47Name();
    QString why;
    const QByteArray whole = completedPdf(buffer.data(), about, size.height(), Points,
                                          language == QLatin1String("C") ? QStringLiteral("en") : language, &why);
    if (whole.isEmpty()) {
        return Error{Texts::tr("The pages could not be put together."), why};
    }
    if (const Outcome written = replaceWholeFile(path, whole); !written) {
        return written.error();
    }
    return std::optional(job.pages());
}

QByteArray png(PrintJob &job, int page)
{
    QImage image(job.pageSize() * PictureScale, QImage::Format_RGB32);
    image.setDevicePixelRatio(PictureScale);
    QPainter painter(&image);
    job.paint(painter, page);
    painter.end();
    QBuffer buffer;
    image.save(&buffer, "PNG");
    return buffer.data();
}

QByteArray svg(PrintJob &job, int page)
{
    QBuffer buffer;
    QSvgGenerator drawing;
    drawing.setOutputDevice(&buffer);
    drawing.setSize(job.pageSize());
    drawing.setViewBox(QRect(QPoint(0, 0), job.pageSize()));
    drawing.setTitle(job.title());
    QPainter painter(&drawing);
    job.paint(painter, page);
    painter.end();
    return buffer.data();
}

Result<std::optional<int>> printPictures(PrintJob &job, const QString &path, QByteArray (*made)(PrintJob &, int),
                                         const PagesPrinted &printed)
{
    const QFileInfo file(path);
    for (int page = 0; page < job.pages(); ++page) {
        const QString name = job.pages() == 1 ? path
                                              : QStringLiteral("%1/%2-%3.%4")
                                                    .arg(file.path(), file.completeBaseName())
                                                    .arg(page + 1)
                                                    .arg(file.suffix());
        if (const Outcome written = replaceWholeFile(name, made(job, page)); !written) {
            return written.error();
        }
        if (!printed(page + 1, job.pages())) {
            return std::optional<int>();
        }
    }
    return std::optional(job.pages());
}

} // namespace

const QStringList &printEndings()
{
    static const QStringList all{QStringLiteral("pdf"), QStringLiteral("png"), QStringLiteral("svg")};
    return all;
}

Result<std::optional<int>> printTo(PrintJob &job, const QString &path, const PagesPrinted &printed)
{
    if (!layOutAll(job, printed)) {
        return std::optional<int>();
    }
    const QString ending = QFileInfo(path).suffix().toLower();
    return ending == QLatin1String("png")   ? printPictures(job, path, png, printed)
           : ending == QLatin1String("svg") ? printPictures(job, path, svg, printed)
                                            : printPdf(job, path, printed);
}

} // namespace nabblet
