// Comma-separated values by RFC 4180 (https://www.rfc-editor.org/rfc/rfc4180), in UTF-8, lines ended by CR LF.
#include "data/export/row_file_formats.h"

#include <QCoreApplication>

namespace nabblet {

namespace {

QByteArray field(const QString &text)
{
    QByteArray bytes = text.toUtf8();
    if (bytes.contains(',') || bytes.contains('"') || bytes.contains('\n') || bytes.contains('\r') ||
        bytes.startsWith(' ') || bytes.endsWith(' ')) {
        bytes.replace("\"", "\"\"");
        bytes = '"' + bytes + '"';
    }
    return bytes;
}

std::unique_ptr<RowFile> make(const QString &path)
{
    return textRowFile(
        path,
        [](const QString &, const QList<ExportColumn> &columns) {
            QByteArrayList heads;
            for (const ExportColumn &column : columns) {
                heads.append(field(column.head));
            }
            return heads.join(',') + "\r\n";
        },
        [](const QList<ExportCell> &cells, const QList<ExportColumn> &columns) {
            QByteArray line;
            for (qsizetype i = 0; i < cells.size(); ++i) {
                line += (i > 0 ? "," : "") + field(plainText(cells.at(i), columns.at(i)));
            }
            // A single blank field in quotes, else the line would be none.
            return (line.isEmpty() ? QByteArray("\"\"") : line) + "\r\n";
        },
        {});
}

} // namespace

RowFileFormat csvRows()
{
    return {"csv", QT_TRANSLATE_NOOP("RowFileFormats", "Comma-separated values"), make};
}

} // namespace nabblet
