#include "entry/print/pdf_parts.h"

// The library asks to be told which of its pointers are meant: the standard ones.
#define POINTERHOLDER_TRANSITION 4
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFPageObjectHelper.hh>
#include <qpdf/QPDFWriter.hh>

namespace nabblet {

namespace {

QByteArray completed(const QByteArray &written, const QList<PdfPage> &pages, double height, double points,
                     const QString &language)
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
        const PdfPage &about = pages.at(static_cast<qsizetype>(i));
        if (!about.begins.isEmpty()) {
            QPDFObjectHandle item = pdf.makeIndirectObject(QPDFObjectHandle::newDictionary());
            item.replaceKey("/Title", QPDFObjectHandle::newUnicodeString(about.begins.toStdString()));
            item.replaceKey("/Parent", outlines);
            item.replaceKey("/Dest", QPDFObjectHandle::newArray(
                                         {page, QPDFObjectHandle::newName("/XYZ"), QPDFObjectHandle::newNull(),
                                          QPDFObjectHandle::newReal(height * points), QPDFObjectHandle::newNull()}));
            items.push_back(item);
        }
        if (about.links.isEmpty()) {
            continue;
        }
        std::vector<QPDFObjectHandle> notes;
        for (const PdfLink &link : about.links) {
            QPDFObjectHandle action = QPDFObjectHandle::newDictionary();
            action.replaceKey("/S", QPDFObjectHandle::newName("/URI"));
            action.replaceKey("/URI",
                              QPDFObjectHandle::newString(
                                  link.address.toUtf8().toPercentEncoding("!#$&'()*+,/:;=?@[]%~").toStdString()));
            QPDFObjectHandle note = QPDFObjectHandle::newDictionary();
            note.replaceKey("/Type", QPDFObjectHandle::newName("/Annot"));
            note.replaceKey("/Subtype", QPDFObjectHandle::newName("/Link"));
            note.replaceKey("/Rect", QPDFObjectHandle::newFromRectangle(
                                         {link.place.left() * points, (height - link.place.bottom()) * points,
                                          link.place.right() * points, (height - link.place.top()) * points}));
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

} // namespace

QByteArray completedPdf(const QByteArray &written, const QList<PdfPage> &pages, double height, double points,
                        const QString &language, QString *why)
{
    try {
        return completed(written, pages, height, points, language);
    } catch (const std::exception &problem) {
        *why = QString::fromUtf8(problem.what());
        return {};
    }
}

} // namespace nabblet
