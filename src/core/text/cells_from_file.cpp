#include "core/text/cells_from_file.h"

#include "core/text/tr.h"

#include <QHash>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QStringDecoder>

namespace nabblet {

namespace {

QString decoded(const QByteArray &bytes)
{
    QStringDecoder utf8(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
    QString text = utf8(bytes);
    if (utf8.hasError()) {
        text = QString::fromLatin1(bytes);
    }
    return text.startsWith(QChar::ByteOrderMark) ? text.mid(1) : text;
}

// What parts the fields of the first line, outside of quotes: whichever of these is there most.
QChar separatorOf(const QString &text)
{
    QHash<QChar, int> counts;
    bool isQuoted = false;
    for (const QChar c : text) {
        isQuoted = c == u'"' ? !isQuoted : isQuoted;
        if (!isQuoted && c == u'\n') {
            break;
        }
        if (!isQuoted && (c == u',' || c == u';' || c == u'\t')) {
            ++counts[c];
        }
    }
    QChar found = u',';
    for (const QChar c : {QChar(u';'), QChar(u'\t')}) {
        found = counts.value(c) > counts.value(found) ? c : found;
    }
    return found;
}

Result<Cells> fromSeparated(const QString &text, QChar separator)
{
    Cells cells;
    QStringList row;
    QString field;
    bool isQuoted = false;
    bool wasQuoted = false;
    qsizetype line = 1;
    qsizetype quotedFrom = 0;
    const auto endField = [&] {
        row.append(field);
        field.clear();
        wasQuoted = false;
    };
    const auto endRow = [&] {
        const bool isBlank = row.isEmpty() && field.isEmpty() && !wasQuoted;
        endField();
        if (!isBlank) {
            cells.append(row);
        }
        row.clear();
    };
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text.at(i);
        line += c == u'\n' ? 1 : 0;
        if (isQuoted) {
            if (c == u'"' && text.mid(i + 1, 1) == QLatin1String("\"")) {
                field += c;
                ++i;
            } else if (c == u'"') {
                isQuoted = false;
            } else {
                field += c;
            }
        } else if (c == u'"' && field.isEmpty() && !wasQuoted) {
            isQuoted = wasQuoted = true;
            quotedFrom = line;
        } else if (c == separator) {
            endField();
        } else if (c == u'\n' || c == u'\r') {
            i += c == u'\r' && text.mid(i + 1, 1) == QLatin1String("\n") ? 1 : 0;
            endRow();
        } else {
            field += c;
        }
    }
    if (isQuoted) {
        return Error{Texts::tr("A quote that begins in line %1 never ends.").arg(quotedFrom), {}};
    }
    if (!row.isEmpty() || !field.isEmpty() || wasQuoted) {
        endRow();
    }
    return cells;
}

QString wordsOf(const QJsonValue &value)
{
    return value.isString()   ? value.toString()
           : value.isBool()   ? (value.toBool() ? QStringLiteral("1") : QStringLiteral("0"))
           : value.isDouble() ? QString::number(value.toDouble(), 'g', QLocale::FloatingPointShortest)
           : value.isNull() || value.isUndefined()
               ? QString()
               : QString::fromUtf8(
                     QJsonDocument(value.isArray() ? QJsonDocument(value.toArray()) : QJsonDocument(value.toObject()))
                         .toJson(QJsonDocument::Compact));
}

Result<Cells> fromJsonLines(const QString &text)
{
    QStringList heads;
    QHash<QString, qsizetype> places;
    Cells cells{heads};
    const QStringList lines = text.split(u'\n');
    for (qsizetype i = 0; i < lines.size(); ++i) {
        if (lines.at(i).trimmed().isEmpty()) {
            continue;
        }
        QJsonParseError problem;
        const QJsonDocument read = QJsonDocument::fromJson(lines.at(i).toUtf8(), &problem);
        if (!read.isObject()) {
            return Error{Texts::tr("Line %1 is no JSON object.").arg(i + 1), problem.errorString()};
        }
        const QJsonObject object = read.object();
        QStringList row(heads.size());
        for (auto each = object.begin(); each != object.end(); ++each) {
            if (!places.contains(each.key())) {
                places.insert(each.key(), heads.size());
                heads.append(each.key());
                row.append(QString());
            }
            row[places.value(each.key())] = wordsOf(each.value());
        }
        cells.append(row);
    }
    cells[0] = heads;
    for (QStringList &row : cells) {
        row.resize(heads.size());
    }
    return heads.isEmpty() ? Cells() : cells;
}

} // namespace

Result<Cells> cellsFromFile(const QByteArray &bytes, const QString &suffix)
{
    const QString text = decoded(bytes);
    const QString ending = suffix.toLower();
    const Result<Cells> cells =
        ending == QLatin1String("jsonl") || ending == QLatin1String("ndjson")
            ? fromJsonLines(text)
            : fromSeparated(text, ending == QLatin1String("tsv") || ending == QLatin1String("tab") ? QChar(u'\t')
                                                                                                   : separatorOf(text));
    if (cells && cells->size() < 2) {
        return Error{Texts::tr("The file has no rows behind its heads."), {}};
    }
    return cells;
}

bool isWrittenForPeople(const QByteArray &bytes, const QString &suffix)
{
    const bool isCsv = suffix.compare(QLatin1String("csv"), Qt::CaseInsensitive) == 0 ||
                       suffix.compare(QLatin1String("txt"), Qt::CaseInsensitive) == 0;
    return isCsv && separatorOf(decoded(bytes)) == u';';
}

} // namespace nabblet
