// A page of HTML in one file: one table with heads that screen readers go by, readable in light and dark.
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"

#include <QCoreApplication>
#include <QLocale>

namespace nabblet {

namespace {

constexpr char Style[] =
    "body{font:1rem/1.4 system-ui,sans-serif;margin:2rem;color-scheme:light dark}"
    "table{border-collapse:collapse}caption{text-align:start;font-size:1.5rem;font-weight:600;padding:0 0 .75rem}"
    "th,td{padding:.25rem .75rem;border-bottom:1px solid;text-align:start;vertical-align:top;white-space:pre-wrap}"
    ".n{text-align:end;font-variant-numeric:tabular-nums}thead th{position:sticky;top:0;background:Canvas}"
    "@media print{thead{display:table-header-group}tr{break-inside:avoid}}";

bool isNumber(const ExportColumn &column)
{
    return !column.isWords && (column.type == ColumnType::WholeNumber || column.type == ColumnType::DecimalNumber);
}

QByteArray begin(const QString &title, const QList<ExportColumn> &columns)
{
    const QString language = QLocale().bcp47Name();
    QString page = QStringLiteral("<!DOCTYPE html>\n<html lang=\"%1\">\n<head>\n<meta charset=\"utf-8\">\n"
                                  "<meta name=\"viewport\" content=\"width=device-width\">\n<title>%2</title>\n"
                                  "<style>%3</style>\n</head>\n<body>\n<main>\n<table>\n<caption>%2</caption>\n"
                                  "<thead>\n<tr>")
                       .arg(language == QLatin1String("C") ? QStringLiteral("en") : language, title.toHtmlEscaped(),
                            QLatin1String(Style));
    for (const ExportColumn &column : columns) {
        page += QStringLiteral("<th scope=\"col\"%1>%2</th>")
                    .arg(isNumber(column) ? QStringLiteral(" class=\"n\"") : QString(), column.head.toHtmlEscaped());
    }
    return (page + QStringLiteral("</tr>\n</thead>\n<tbody>\n")).toUtf8();
}

QByteArray row(const QList<ExportCell> &cells, const QList<ExportColumn> &columns)
{
    QString line = QStringLiteral("<tr>");
    for (qsizetype i = 0; i < cells.size(); ++i) {
        const ExportColumn &column = columns.at(i);
        const ExportCell &cell = cells.at(i);
        line += isNumber(column) ? QLatin1String("<td class=\"n\">") : QLatin1String("<td>");
        line += (cell.words.isEmpty() ? plainText(cell, column) : cell.words).toHtmlEscaped();
        line += QLatin1String("</td>");
    }
    return (line + QStringLiteral("</tr>\n")).toUtf8();
}

std::unique_ptr<RowFile> make(const QString &path)
{
    std::unique_ptr<RowFile> file = textRowFile(path, begin, row, "</tbody>\n</table>\n</main>\n</body>\n</html>\n");
    file->isForReading = true;
    return file;
}

} // namespace

RowFileFormat htmlRows()
{
    return {"html", Texts::later("A page for the web browser"), make};
}

} // namespace nabblet
