#include "entry/print/print_to.h"

#include "core/file/whole_file.h"
#include "core/text/tr.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImage>
#include <QPageSize>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>

// The library asks to be told which of its pointers are meant: the standard ones.
#define POINTERHOLDER_TRANSITION 4
#include <qpdf/JSON.hh>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFPageObjectHelper.hh>
#include <qpdf/QPDFWriter.hh>

namespace nabblet {

NABBLET_TEXTS(PrintTo)

namespace {

constexpr int Resolution = 1200;       // dots an inch, so that letters stand where they belong
constexpr double Screen = 96;          // px an inch
constexpr double Points = 72 / Screen; // of PDF, a px
constexpr int PictureScale = 2;        // of PNG, so that it can be read
constexpr int LaidOutAtOnce = 50;      // ms

struct PageLinks
{
    QList<PrintJob::Link> links;
    QString begins;
};

// What Qt writes no way to say: an outline, addresses that can be pressed, the language.
QByteArray completed(const QByteArray &written, const QList<PageLinks> &pages, double height, const QString &language)
{
    QPDF pdf;
    pdf.processMemoryFile("pages", written.constData(), static_cast<size_t>(written.size()));
    QPDFObjectHandle root = pdf.getRoot();
    root.replaceKey("/Lang", QPDFObjectHandle::newUnicodeString(language.toStdString()));
    QPDFObjectHandle viewing = QPDFObjectHandle::newDictionary();
    viewing.replaceKey("/DisplayDocTitle", QPDFObjectHandle::newBool(true));
    root.replaceKey("/ViewerPreferences", viewing);
    const std::vector<QPDFPageObjectHelper> all = QPDFPageDocumentHelper(pdf).getAllPages();
    QPDFObjectHandle outlines = pdf.makeIndirectObject(QPDFObjectHandle::newDictionary());
    std::vector<QPDFObjectHandle> items;
    for (size_t i = 0; i < all.size() && i < static_cast<size_t>(pages.size()); ++i) {
        QPDFObjectHandle page = all.at(i).getObjectHandle();
        const PageLinks &about = pages.at(static_cast<qsizetype>(i));
        if (!about.begins.isEmpty()) {
            QPDFObjectHandle item = pdf.makeIndirectObject(QPDFObjectHandle::newDictionary());
            item.replaceKey("/Title", QPDFObjectHandle::newUnicodeString(about.begins.toStdString()));
            item.replaceKey("/Parent", outlines);
            item.replaceKey("/Dest", QPDFObjectHandle::newArray(
                                         {page, QPDFObjectHandle::newName("/XYZ"), QPDFObjectHandle::newNull(),
                                          QPDFObjectHandle::newReal(height * Points), QPDFObjectHandle::newNull()}));
            items.push_back(item);
        }
        if (about.links.isEmpty()) {
            continue;
        }
        std::vector<QPDFObjectHandle> notes;
        for (const PrintJob::Link &link : about.links) {
            QPDFObjectHandle action = QPDFObjectHandle::newDictionary();
            action.replaceKey("/S", QPDFObjectHandle::newName("/URI"));
            action.replaceKey("/URI",
                              QPDFObjectHandle::newString(
                                  link.address.toUtf8().toPercentEncoding("!#$&'()*+,/:;=?@[]%~").toStdString()));
            QPDFObjectHandle note = QPDFObjectHandle::newDictionary();
            note.replaceKey("/Type", QPDFObjectHandle::newName("/Annot"));
            note.replaceKey("/Subtype", QPDFObjectHandle::newName("/Link"));
            note.replaceKey("/Rect", QPDFObjectHandle::newFromRectangle(
                                         {link.place.left() * Points, (height - link.place.bottom()) * Points,
                                          link.place.right() * Points, (height - link.place.top()) * Points}));
            note.replaceKey("/Border", QPDFObjectHandle::parse("[0 0 0]"));
            note.replaceKey("/A", action);
            notes.push_back(pdf.makeIndirectObject(note));
        }
        page.replaceKey("/Annots", QPDFObjectHandle::newArray(notes));
    }
    if (!items.empty()) {
        for (size_t i = 0; i < items.size(); ++i) {
            if (i > 0) {
                items[i].replaceKey("/Prev", items[i - 1]);
            }
            if (i + 1 < items.size()) {
                items[i].replaceKey("/Next", items[i + 1]);
            }
        }
        outlines.replaceKey("/Type", QPDFObjectHandle::newName("/Outlines"));
        outlines.replaceKey("/First", items.front());
        outlines.replaceKey("/Last", items.back());
        outlines.replaceKey("/Count", QPDFObjectHandle::newInteger(static_cast<long long>(items.size())));
        root.replaceKey("/Outlines", outlines);
    }
    QPDFWriter writer(pdf);
    writer.setOutputMemory();
    writer.setObjectStreamMode(qpdf_o_generate);
    writer.write();
    const std::shared_ptr<Buffer> done = writer.getBufferSharedPointer();
    return QByteArray(reinterpret_cast<const char *>(done->getBuffer()), static_cast<qsizetype>(done->getSize()));
}

// Everything is laid out before, so that each page knows of how many it is.
bool layOutAll(PrintJob &job, const PagesPrinted &printed)
{
    while (job.layOutMore(LaidOutAtOnce)) {
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
    QList<PageLinks> about;
    for (int page = 0; page < job.pages(); ++page) {
        if (page > 0) {
            writer.newPage();
        }
        painter.save();
        painter.scale(Resolution / Screen, Resolution / Screen);
        job.paint(painter, page);
        painter.restore();
        about.append({job.links(page), job.beginsWith(page)});
        if (!printed(page + 1, job.pages())) {
            return std::optional<int>();
        }
    }
    if (!painter.end()) {
        return Error{Texts::tr("The pages could not be painted."), {}};
    }
    const QString language = QLocale().bcp47Name();
    try {
        const QByteArray whole = completed(buffer.data(), about, size.height(),
                                           language == QLatin1String("C") ? QStringLiteral("en") : language);
        if (const Outcome written = replaceWholeFile(path, whole); !written) {
            return written.error();
        }
    } catch (const std::exception &problem) {
        return Error{Texts::tr("The pages could not be put together."), QString::fromUtf8(problem.what())};
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
