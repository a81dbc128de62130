// JSON lines: an object a line, by the names that the database has for its columns; values keep their type.
#include "core/text/tr.h"
#include "data/export/row_file_formats.h"

#include <QCoreApplication>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace nabblet {

namespace {

constexpr qint64 MostExact = 1LL << 53; // whole numbers that every reader of JSON takes exactly

QByteArray quoted(const QString &text)
{
    const QByteArray array = QJsonDocument(QJsonArray{text}).toJson(QJsonDocument::Compact);
    return array.mid(1, array.size() - 2);
}

QByteArray written(const ExportCell &cell, const ExportColumn &column)
{
    if (!cell.value.isValid() || cell.value.isNull()) {
        return "null";
    }
    if (column.isWords) {
        return quoted(cell.words);
    }
    switch (cell.value.typeId()) {
    case QMetaType::Bool:
        return cell.value.toBool() ? "true" : "false";
    case QMetaType::Int:
    case QMetaType::UInt:
    case QMetaType::LongLong:
    case QMetaType::ULongLong: {
        const qint64 number = cell.value.toLongLong();
        if (column.type == ColumnType::YesNo && (number == 0 || number == 1)) {
            return number == 1 ? "true" : "false";
        }
        return number > MostExact || number < -MostExact ? quoted(cell.value.toString()) : QByteArray::number(number);
    }
    case QMetaType::Double:
    case QMetaType::Float:
        if (qIsFinite(cell.value.toDouble())) {
            return plainText(cell.value, column.type).toUtf8();
        }
        break;
    default:
        break;
    }
    return quoted(plainText(cell.value, column.type));
}

std::unique_ptr<RowFile> make(const QString &path)
{
    return textRowFile(
        path, [](const QString &, const QList<ExportColumn> &) { return QByteArray(); },
        [](const QList<ExportCell> &cells, const QList<ExportColumn> &columns) {
            QByteArray line = "{";
            for (qsizetype i = 0; i < cells.size(); ++i) {
                const ExportColumn &column = columns.at(i);
                line += (i > 0 ? "," : "") + quoted(column.column.isEmpty() ? column.head : column.column) + ':' +
                        written(cells.at(i), column);
            }
            return line + "}\n";
        },
        {});
}

} // namespace

RowFileFormat jsonLinesRows()
{
    return {"jsonl", Texts::later("JSON, an object a line"), make};
}

} // namespace nabblet
