// Comma-separated values by RFC 4180 (https://www.rfc-editor.org/rfc/rfc4180), in UTF-8, lines ended by CR LF.
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"

#include <QCoreApplication>

#include <algorithm>

namespace nabblet {

namespace {

// In quotes where it would not be read as it stands.
void append(QByteArray &line, const QString &text)
{
    const QByteArray bytes = text.toUtf8();
    const bool isPlain =
        std::none_of(bytes.begin(), bytes.end(), [](char c) { return c == ',' || c == '"' || c == '\n' || c == '\r'; });
    if (isPlain && !bytes.startsWith(' ') && !bytes.endsWith(' ')) {
        line += bytes;
    } else {
        line += '"' + QByteArray(bytes).replace("\"", "\"\"") + '"';
    }
}

std::unique_ptr<RowFile> make(const QString &path)
{
    return textRowFile(
        path,
        [](const QString &, const QList<ExportColumn> &columns) {
            QByteArray line;
            for (const ExportColumn &column : columns) {
                line += line.isEmpty() ? "" : ",";
                append(line, column.head);
            }
            return line + "\r\n";
        },
        [](const QList<ExportCell> &cells, const QList<ExportColumn> &columns) {
            QByteArray line;
            for (qsizetype i = 0; i < cells.size(); ++i) {
                if (i > 0) {
                    line += ',';
                }
                append(line, plainText(cells.at(i), columns.at(i)));
            }
            // A single blank field in quotes, else the line would be none.
            return (line.isEmpty() ? QByteArray("\"\"") : line) + "\r\n";
        },
        {});
}

} // namespace

RowFileFormat csvRows()
{
    return {"csv", Texts::later("Comma-separated values"), make};
}

} // namespace nabblet
