#include "data/postgresql/postgresql_result.h"

#include "data/dialect/exact_numbers.h"
#include "data/postgresql/postgresql_driver.h"
#include "data/postgresql/postgresql_places.h"

#include <QDate>
#include <QSqlField>
#include <QSqlRecord>

#include <libpq-fe.h>

#include <cmath>

namespace nabblet {

namespace {

// Types by the numbers that are the same on every server (src/include/catalog/pg_type.dat).
enum TypeNumber : Oid {
    Boolean = 16,
    Bytes = 17,
    Int8 = 20,
    Int2 = 21,
    Int4 = 23,
    ObjectId = 26,
    Float4 = 700,
    Float8 = 701,
    PaddedText = 1042,
    Numeric = 1700
};

QVariant valueOf(const QByteArray &text, Oid type)
{
    switch (type) {
    case Boolean:
        return QVariant(static_cast<qlonglong>(text == "t" ? 1 : 0));
    case Int2:
    case Int4:
    case Int8:
    case ObjectId:
        return QVariant(text.toLongLong());
    case Float4:
    case Float8: {
        bool isNumber = false; // not Infinity or NaN
        const double number = text.toDouble(&isNumber);
        return isNumber && std::isfinite(number) ? QVariant(number) : QVariant(QString::fromLatin1(text));
    }
    case Numeric:
        return exactDecimal(text);
    case Bytes: {
        const QByteArray bytes = QByteArray::fromHex(text.mid(2)); // \x…
        return bytes.isNull() ? QVariant(QByteArray("")) : QVariant(bytes);
    }
    case PaddedText: {
        QString padded = QString::fromUtf8(text);
        while (padded.endsWith(u' ')) {
            padded.chop(1);
        }
        return padded.isNull() ? QVariant(QString(QLatin1String(""))) : QVariant(padded);
    }
    default:
        return text.isEmpty() ? QVariant(QString(QLatin1String(""))) : QVariant(QString::fromUtf8(text));
    }
}

} // namespace

QByteArray postgresqlText(const QVariant &value)
{
    switch (value.typeId()) {
    case QMetaType::Bool:
        return value.toBool() ? "1" : "0";
    case QMetaType::Double: {
        const double number = value.toDouble();
        return std::isfinite(number) ? QByteArray::number(number, 'g', QLocale::FloatingPointShortest)
               : std::isnan(number)  ? QByteArray("NaN")
               : number > 0          ? QByteArray("Infinity")
                                     : QByteArray("-Infinity");
    }
    case QMetaType::QDate:
        return value.toDate().toString(Qt::ISODate).toLatin1();
    case QMetaType::QTime:
        return value.toTime().toString(Qt::ISODateWithMs).toLatin1();
    case QMetaType::QDateTime:
        return value.toDateTime().toString(Qt::ISODateWithMs).toLatin1();
    default:
        return value.toString().toUtf8();
    }
}

PostgresqlResult::PostgresqlResult(PostgresqlDriver *driver) : QSqlResult(driver), m_driver(driver) {}

PostgresqlResult::~PostgresqlResult()
{
    end();
}

void PostgresqlResult::end()
{
    if (m_isStreaming && driver()) { // which may have gone before
        m_driver->endStream(this);
    }
    m_isStreaming = false;
    m_parts.clear();
    m_firstKept = 0;
}

void PostgresqlResult::detachFromResultSet()
{
    end();
}

void PostgresqlResult::keepRest()
{
    QSqlError error;
    while (std::shared_ptr<PGresult> next = m_driver->more(&error)) {
        m_parts.append(next);
    }
    m_isStreaming = false;
    if (error.isValid()) {
        setLastError(error);
    }
}

bool PostgresqlResult::reset(const QString &sql)
{
    return run(sql, {});
}

bool PostgresqlResult::prepare(const QString &sql)
{
    end();
    m_sql = sql;
    setActive(false);
    return true;
}

bool PostgresqlResult::exec()
{
    return run(m_sql, boundValues());
}

bool PostgresqlResult::run(const QString &sql, const QVariantList &values)
{
    end();
    setActive(false);
    setAt(QSql::BeforeFirstRow);
    std::shared_ptr<PGresult> first =
        m_driver->run(withNumberedPlaces(sql).toUtf8(), values, isForwardOnly() ? this : nullptr);
    if (!first) {
        setLastError(m_driver->lastError());
        return false;
    }
    m_isStreaming = m_driver->streaming() == this;
    setSelect(PQresultStatus(first.get()) == PGRES_TUPLES_OK || PQresultStatus(first.get()) == PGRES_SINGLE_TUPLE);
    m_parts = {first};
    setActive(true);
    return true;
}

const PGresult *PostgresqlResult::partOf(int row, int *inPart) const
{
    if (row < 0 || m_parts.isEmpty()) {
        return nullptr;
    }
    if (PQresultStatus(m_parts.first().get()) != PGRES_SINGLE_TUPLE) {
        *inPart = row;
        return row < PQntuples(m_parts.first().get()) ? m_parts.first().get() : nullptr;
    }
    *inPart = 0;
    const int part = row - m_firstKept;
    return part >= 0 && part < m_parts.size() ? m_parts.at(part).get() : nullptr;
}

QVariant PostgresqlResult::data(int field)
{
    int row = 0;
    const PGresult *part = partOf(at(), &row);
    if (!part || field < 0 || field >= PQnfields(part) || PQgetisnull(part, row, field)) {
        return {};
    }
    return valueOf(QByteArray(PQgetvalue(part, row, field), PQgetlength(part, row, field)), PQftype(part, field));
}

bool PostgresqlResult::isNull(int field)
{
    int row = 0;
    const PGresult *part = partOf(at(), &row);
    return !part || field < 0 || field >= PQnfields(part) || PQgetisnull(part, row, field);
}

bool PostgresqlResult::fetch(int row)
{
    int inPart = 0;
    if (!partOf(row, &inPart)) {
        return false;
    }
    setAt(row);
    return true;
}

bool PostgresqlResult::fetchNext()
{
    const int next = at() < 0 ? 0 : at() + 1;
    int inPart = 0;
    if (!partOf(next, &inPart) && m_isStreaming) {
        QSqlError error;
        std::shared_ptr<PGresult> more = m_driver->more(&error);
        if (!more) {
            m_isStreaming = false;
            if (error.isValid()) {
                setLastError(error);
            }
        } else {
            m_parts = {more}; // forward only: what was read is let go
            m_firstKept = next;
        }
    }
    if (!partOf(next, &inPart)) {
        setAt(QSql::AfterLastRow);
        return false;
    }
    setAt(next);
    return true;
}

bool PostgresqlResult::fetchFirst()
{
    return at() < 0 ? fetchNext() : fetch(0);
}

bool PostgresqlResult::fetchLast()
{
    const int last = size() - 1;
    return last >= 0 && fetch(last);
}

int PostgresqlResult::size()
{
    return m_parts.isEmpty() || m_isStreaming || PQresultStatus(m_parts.first().get()) == PGRES_SINGLE_TUPLE
               ? -1
               : PQntuples(m_parts.first().get());
}

int PostgresqlResult::numRowsAffected()
{
    return m_parts.isEmpty() ? -1 : QByteArray(PQcmdTuples(m_parts.first().get())).toInt();
}

QSqlRecord PostgresqlResult::record() const
{
    QSqlRecord record;
    for (int i = 0; !m_parts.isEmpty() && i < PQnfields(m_parts.first().get()); ++i) {
        record.append(QSqlField(QString::fromUtf8(PQfname(m_parts.first().get(), i))));
    }
    return record;
}

} // namespace nabblet
