// Tab-separated values (https://www.iana.org/assignments/media-types/text/tab-separated-values), in UTF-8. A field can
// hold no tab and no line end there: each becomes a blank.
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"

#include <QCoreApplication>

namespace nabblet {

namespace {

QByteArray field(QString text)
{
    text.replace(QLatin1String("\r\n"), QLatin1String(" "));
    for (QChar &c : text) {
        if (c == u'\t' || c == u'\n' || c == u'\r') {
            c = u' ';
        }
    }
    return text.toUtf8();
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
            return heads.join('\t') + '\n';
        },
        [](const QList<ExportCell> &cells, const QList<ExportColumn> &columns) {
            QByteArray line;
            for (qsizetype i = 0; i < cells.size(); ++i) {
                line += (i > 0 ? "\t" : "") + field(plainText(cells.at(i), columns.at(i)));
            }
            return line + '\n';
        },
        {});
}

} // namespace

RowFileFormat tsvRows()
{
    return {"tsv", Texts::later("Tab-separated values"), make};
}

} // namespace nabblet
