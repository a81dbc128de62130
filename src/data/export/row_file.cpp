#include "data/export/row_file.h"

#include "core/text/tr.h"
#include "data/dialect/raw_text.h"

#include <QDateTime>
#include <QLocale>
#include <QSaveFile>

namespace nabblet {

namespace {

constexpr qsizetype WrittenAtOnce = 1 << 18; // bytes

class TextRowFile : public RowFile
{
public:
    TextRowFile(const QString &path, std::function<QByteArray(const QString &, const QList<ExportColumn> &)> begin,
                std::function<QByteArray(const QList<ExportCell> &, const QList<ExportColumn> &)> row, QByteArray end)
        : m_file(path), m_begin(std::move(begin)), m_row(std::move(row)), m_end(std::move(end))
    {
    }

    Outcome begin(const QString &title, const QList<ExportColumn> &columns) override
    {
        m_columns = columns;
        if (!m_file.open(QIODevice::WriteOnly)) {
            return refused();
        }
        m_waiting = m_begin(title, columns);
        return Done{};
    }
    Outcome row(const QList<ExportCell> &cells) override
    {
        m_waiting += m_row(cells, m_columns);
        return m_waiting.size() < WrittenAtOnce ? Outcome(Done{}) : flush();
    }
    Outcome end() override
    {
        m_waiting += m_end;
        if (const Outcome written = flush(); !written) {
            return written;
        }
        return m_file.commit() ? Outcome(Done{}) : refused();
    }

private:
    Outcome flush()
    {
        const bool isWritten = m_file.write(m_waiting) == m_waiting.size();
        m_waiting.clear();
        return isWritten ? Outcome(Done{}) : refused();
    }
    Outcome refused() const
    {
        return Error{
            Texts::tr("%1 cannot be written. Choose another place, or make room there.").arg(m_file.fileName()),
            m_file.errorString()};
    }

    QSaveFile m_file;
    std::function<QByteArray(const QString &, const QList<ExportColumn> &)> m_begin;
    std::function<QByteArray(const QList<ExportCell> &, const QList<ExportColumn> &)> m_row;
    QByteArray m_end;
    QByteArray m_waiting;
    QList<ExportColumn> m_columns;
};

} // namespace

std::unique_ptr<RowFile>
textRowFile(const QString &path, std::function<QByteArray(const QString &, const QList<ExportColumn> &)> begin,
            std::function<QByteArray(const QList<ExportCell> &, const QList<ExportColumn> &)> row,
            const QByteArray &end)
{
    return std::make_unique<TextRowFile>(path, std::move(begin), std::move(row), end);
}

QString plainText(const QVariant &value, ColumnType type)
{
    if (!value.isValid() || value.isNull()) {
        return {};
    }
    if (isRawText(value)) {
        return QString::fromUtf8(value.value<RawText>().bytes);
    }
    switch (value.typeId()) {
    case QMetaType::QDate:
        return value.toDate().toString(Qt::ISODate);
    case QMetaType::QTime:
        return value.toTime().toString(value.toTime().msec() != 0 ? Qt::ISODateWithMs : Qt::ISODate);
    case QMetaType::QDateTime: {
        const QDateTime moment = value.toDateTime();
        return moment.toString(moment.time().msec() != 0 ? Qt::ISODateWithMs : Qt::ISODate);
    }
    case QMetaType::Double:
    case QMetaType::Float:
        return QString::number(value.toDouble(), 'g', QLocale::FloatingPointShortest);
    case QMetaType::Bool:
        return value.toBool() ? QStringLiteral("1") : QStringLiteral("0");
    case QMetaType::QByteArray:
        return type == ColumnType::Binary ? QString::fromLatin1(value.toByteArray().toBase64())
                                          : QString::fromUtf8(value.toByteArray());
    default:
        return value.toString();
    }
}

QString plainText(const ExportCell &cell, const ExportColumn &column)
{
    return column.isWords ? cell.words : plainText(cell.value, column.type);
}

} // namespace nabblet
