#include "data/mariadb/mariadb_result.h"

#include "data/dialect/bound_values.h"
#include "data/dialect/exact_numbers.h"
#include "data/mariadb/mariadb_driver.h"

#include <QDate>
#include <QElapsedTimer>
#include <QSqlField>
#include <QSqlRecord>

#include <mysql.h>

#include <limits>
#include <memory>
#include <vector>

namespace nabblet {

namespace {

constexpr int ShortWhile = 25;      // ms, for the rest of what nobody reads
constexpr unsigned BinarySet = 63;  // the number of the character set of what is no text
constexpr unsigned long Short = 96; // bytes, of values with a length that is known

// The values of a statement, in the library's form.
struct Bound
{
    explicit Bound(const QVariantList &values) : binds(values.size()), numbers(values.size()), fractions(values.size())
    {
        texts.reserve(values.size());
        for (qsizetype i = 0; i < values.size(); ++i) {
            const auto at = static_cast<std::size_t>(i);
            const QVariant &value = values.at(i);
            MYSQL_BIND &bind = binds[at];
            switch (isMissing(value) ? static_cast<int>(QMetaType::UnknownType) : value.typeId()) {
            case QMetaType::UnknownType:
                bind.buffer_type = MYSQL_TYPE_NULL;
                break;
            case QMetaType::Bool:
            case QMetaType::Int:
            case QMetaType::UInt:
            case QMetaType::LongLong:
                numbers[at] = value.toLongLong();
                bind.buffer_type = MYSQL_TYPE_LONGLONG;
                bind.buffer = &numbers[at];
                break;
            case QMetaType::ULongLong:
                numbers[at] = static_cast<qint64>(value.toULongLong());
                bind.buffer_type = MYSQL_TYPE_LONGLONG;
                bind.is_unsigned = 1;
                bind.buffer = &numbers[at];
                break;
            case QMetaType::Double:
                fractions[at] = value.toDouble();
                bind.buffer_type = MYSQL_TYPE_DOUBLE;
                bind.buffer = &fractions[at];
                break;
            default: {
                const bool isBytes = value.typeId() == QMetaType::QByteArray;
                texts.append(isBytes ? value.toByteArray()
                             : value.typeId() == QMetaType::QDateTime
                                 ? value.toDateTime().toString(QStringLiteral("yyyy-MM-dd hh:mm:ss.zzz")).toUtf8()
                                 : value.toString().toUtf8());
                bind.buffer_type = isBytes ? MYSQL_TYPE_BLOB : MYSQL_TYPE_STRING;
                bind.buffer = texts.last().data();
                bind.buffer_length = static_cast<unsigned long>(texts.last().size());
                break;
            }
            }
        }
    }

    std::vector<MYSQL_BIND> binds;
    std::vector<qint64> numbers;
    std::vector<double> fractions;
    QList<QByteArray> texts;
};

bool isWholeNumber(enum_field_types type)
{
    return type == MYSQL_TYPE_TINY || type == MYSQL_TYPE_SHORT || type == MYSQL_TYPE_INT24 || type == MYSQL_TYPE_LONG ||
           type == MYSQL_TYPE_LONGLONG || type == MYSQL_TYPE_YEAR;
}

bool isLong(const MYSQL_FIELD &field)
{
    return field.type == MYSQL_TYPE_TINY_BLOB || field.type == MYSQL_TYPE_BLOB ||
           field.type == MYSQL_TYPE_MEDIUM_BLOB || field.type == MYSQL_TYPE_LONG_BLOB ||
           field.type == MYSQL_TYPE_VAR_STRING || field.type == MYSQL_TYPE_STRING || field.type == MYSQL_TYPE_VARCHAR ||
           field.type == MYSQL_TYPE_GEOMETRY || field.type == MYSQL_TYPE_JSON || field.type == MYSQL_TYPE_BIT ||
           field.type == MYSQL_TYPE_ENUM || field.type == MYSQL_TYPE_SET;
}

} // namespace

// A column of what is read: what it is and where the library puts the value at hand.
struct MariadbResult::Column
{
    QString name;
    enum_field_types type = MYSQL_TYPE_STRING;
    bool isUnsigned = false;
    bool isBytes = false; // no text
    bool isLong = false;  // read once its length is known
    qint64 number = 0;
    double fraction = 0;
    QByteArray text;
    unsigned long length = 0;
    my_bool isNull = 0;
};

MariadbResult::MariadbResult(MariadbDriver *driver) : QSqlResult(driver), m_driver(driver) {}

MariadbResult::~MariadbResult()
{
    end();
}

void MariadbResult::forget()
{
    m_isStreaming = false;
    m_rows.clear();
    if (m_statement) {
        mysql_stmt_close(m_statement);
        m_statement = nullptr;
    }
}

void MariadbResult::end()
{
    if (driver()) { // which may have gone before
        if (m_isStreaming && m_driver->streaming() == this) {
            // Mostly the end has come already, such as behind the one row that was asked for.
            QElapsedTimer clock;
            clock.start();
            QVariantList row;
            while (m_isStreaming && clock.elapsed() < ShortWhile && readRow(&row)) {
                row.clear();
            }
            m_driver->setStreaming(nullptr);
            if (m_isStreaming && !m_isInBlock) {
                m_driver->interrupter()(); // what is left is read to its end otherwise
            }
        }
        if (m_statement && m_isStreaming) {
            mysql_stmt_close(m_statement); // reads what is left
        } else if (m_statement) {
            m_driver->closeInTime(m_statement);
        }
    }
    m_statement = nullptr;
    m_isStreaming = false;
    m_rows.clear();
    m_firstKept = 0;
    m_affected = -1;
    m_columns.clear();
}

void MariadbResult::detachFromResultSet()
{
    end();
}

bool MariadbResult::reset(const QString &sql)
{
    return run(sql, {});
}

bool MariadbResult::prepare(const QString &sql)
{
    end();
    m_sql = sql;
    setActive(false);
    return true;
}

bool MariadbResult::exec()
{
    return run(m_sql, boundValues());
}

bool MariadbResult::run(const QString &sql, const QVariantList &values)
{
    end();
    setActive(false);
    setAt(QSql::BeforeFirstRow);
    if (!m_driver->makeReady(sql)) {
        setLastError(m_driver->lastError());
        return false;
    }
    m_isInBlock = m_driver->isInTransaction();
    if (values.isEmpty() && MariadbDriver::isOfTransactions(sql)) {
        setSelect(false);
        setActive(m_driver->runPlain(sql));
        if (!isActive()) {
            setLastError(m_driver->lastError());
        }
        return isActive();
    }
    m_statement = mysql_stmt_init(m_driver->connection());
    const QByteArray text = sql.toUtf8();
    const auto fail = [this] {
        setLastError(m_driver->errorOf(m_statement));
        m_driver->setError(lastError());
        m_driver->closeInTime(m_statement);
        m_statement = nullptr;
        return false;
    };
    const int prepared = m_driver->waited<int>(
        [&](int *value) {
            return mysql_stmt_prepare_start(value, m_statement, text.constData(),
                                            static_cast<unsigned long>(text.size()));
        },
        [&](int *value, int status) { return mysql_stmt_prepare_cont(value, m_statement, status); });
    if (prepared != 0) {
        return fail();
    }
    Bound bound(values);
    if (mysql_stmt_param_count(m_statement) != static_cast<unsigned long>(values.size())) {
        setLastError(QSqlError(
            QString(),
            QStringLiteral("%1 values for %2 places").arg(values.size()).arg(mysql_stmt_param_count(m_statement)),
            QSqlError::StatementError));
        mysql_stmt_close(m_statement);
        m_statement = nullptr;
        return false;
    }
    if (!bound.binds.empty() && mysql_stmt_bind_param(m_statement, bound.binds.data()) != 0) {
        return fail();
    }
    const int executed = m_driver->waited<int>(
        [&](int *value) { return mysql_stmt_execute_start(value, m_statement); },
        [&](int *value, int status) { return mysql_stmt_execute_cont(value, m_statement, status); });
    if (executed != 0) {
        return fail();
    }
    const bool givesRows = mysql_stmt_field_count(m_statement) > 0;
    setSelect(givesRows);
    if (!givesRows) {
        m_affected = static_cast<int>(mysql_stmt_affected_rows(m_statement));
        m_driver->done(sql);
        setActive(true);
        return true;
    }
    if (!prepareColumns()) {
        return fail();
    }
    m_isStreaming = true;
    m_driver->setStreaming(this);
    setActive(true);
    setLastError(QSqlError());
    if (!isForwardOnly()) {
        keepRest();
    }
    return !lastError().isValid();
}

bool MariadbResult::prepareColumns()
{
    MYSQL_RES *described = mysql_stmt_result_metadata(m_statement);
    const unsigned count = mysql_num_fields(described);
    const MYSQL_FIELD *fields = mysql_fetch_fields(described);
    m_columns.resize(count);
    std::vector<MYSQL_BIND> binds(count);
    for (unsigned i = 0; i < count; ++i) {
        Column &column = m_columns[i];
        column.name = QString::fromUtf8(fields[i].name);
        column.type = fields[i].type;
        column.isUnsigned = (fields[i].flags & UNSIGNED_FLAG) != 0;
        column.isLong = isLong(fields[i]);
        column.isBytes = column.isLong && fields[i].charsetnr == BinarySet && column.type != MYSQL_TYPE_BIT;
        MYSQL_BIND &bind = binds[i];
        bind.is_null = &column.isNull;
        bind.length = &column.length;
        if (isWholeNumber(column.type)) {
            bind.buffer_type = MYSQL_TYPE_LONGLONG;
            bind.is_unsigned = column.isUnsigned ? 1 : 0;
            bind.buffer = &column.number;
        } else if (column.type == MYSQL_TYPE_DOUBLE) {
            bind.buffer_type = MYSQL_TYPE_DOUBLE;
            bind.buffer = &column.fraction;
        } else {
            column.text.resize(column.isLong ? 0 : static_cast<qsizetype>(Short));
            bind.buffer_type = column.isLong ? MYSQL_TYPE_BLOB : MYSQL_TYPE_STRING;
            bind.buffer = column.text.data();
            bind.buffer_length = static_cast<unsigned long>(column.text.size());
        }
    }
    mysql_free_result(described);
    return mysql_stmt_bind_result(m_statement, binds.data()) == 0;
}

bool MariadbResult::readRow(QVariantList *row)
{
    const int answer = m_driver->waited<int>(
        [&](int *value) { return mysql_stmt_fetch_start(value, m_statement); },
        [&](int *value, int status) { return mysql_stmt_fetch_cont(value, m_statement, status); });
    if (answer != 0 && answer != MYSQL_DATA_TRUNCATED) {
        if (answer != MYSQL_NO_DATA) {
            setLastError(m_driver->errorOf(m_statement));
            m_driver->setError(lastError());
        }
        m_isStreaming = false;
        if (m_driver->streaming() == this) {
            m_driver->setStreaming(nullptr);
        }
        return false;
    }
    for (unsigned i = 0; i < m_columns.size(); ++i) {
        Column &column = m_columns[i];
        if (column.isNull) {
            row->append(QVariant());
        } else if (isWholeNumber(column.type)) {
            const bool isBeyond = column.isUnsigned && column.number < 0;
            row->append(isBeyond ? QVariant(static_cast<qulonglong>(column.number))
                                 : QVariant(static_cast<qlonglong>(column.number)));
        } else if (column.type == MYSQL_TYPE_DOUBLE) {
            row->append(column.fraction);
        } else {
            QByteArray text;
            if (column.isLong) {
                text.resize(static_cast<qsizetype>(column.length));
                unsigned long length = 0;
                my_bool isNull = 0;
                my_bool isCut = 0;
                MYSQL_BIND bind{};
                bind.buffer_type = MYSQL_TYPE_BLOB;
                bind.buffer = text.data();
                bind.buffer_length = column.length;
                bind.length = &length;
                bind.is_null = &isNull;
                bind.error = &isCut;
                if (column.length > 0) {
                    mysql_stmt_fetch_column(m_statement, &bind, i, 0);
                }
            } else {
                text = QByteArray(column.text.constData(), static_cast<qsizetype>(std::min(column.length, Short)));
            }
            if (column.type == MYSQL_TYPE_BIT) {
                quint64 bits = 0;
                for (const char byte : text) {
                    bits = (bits << 8) | static_cast<quint8>(byte);
                }
                row->append(QVariant(static_cast<qlonglong>(bits)));
            } else if (column.type == MYSQL_TYPE_DECIMAL || column.type == MYSQL_TYPE_NEWDECIMAL) {
                row->append(exactDecimal(text));
            } else if (column.isBytes) {
                row->append(text.isNull() ? QByteArray("") : text);
            } else {
                row->append(text.isEmpty() ? QString(QLatin1String("")) : QString::fromUtf8(text));
            }
        }
    }
    return true;
}

void MariadbResult::keepRest()
{
    QVariantList row;
    while (m_isStreaming && readRow(&row)) {
        m_rows.append(row);
        row.clear();
    }
}

QVariant MariadbResult::data(int field)
{
    return m_rows.value(at() - m_firstKept).value(field);
}

bool MariadbResult::isNull(int field)
{
    return data(field).isNull();
}

bool MariadbResult::fetch(int row)
{
    if (row < m_firstKept || row - m_firstKept >= m_rows.size()) {
        return false;
    }
    setAt(row);
    return true;
}

bool MariadbResult::fetchNext()
{
    const int next = at() < 0 ? 0 : at() + 1;
    if (next - m_firstKept >= m_rows.size() && m_isStreaming) {
        QVariantList row;
        if (readRow(&row)) {
            m_rows = {row}; // forward only: what was read is let go
            m_firstKept = next;
        }
    }
    if (!fetch(next)) {
        setAt(QSql::AfterLastRow);
        return false;
    }
    return true;
}

bool MariadbResult::fetchFirst()
{
    return at() < 0 ? fetchNext() : fetch(0);
}

bool MariadbResult::fetchLast()
{
    return !m_rows.isEmpty() && !m_isStreaming && fetch(m_firstKept + static_cast<int>(m_rows.size()) - 1);
}

int MariadbResult::size()
{
    return m_isStreaming || isForwardOnly() ? -1 : static_cast<int>(m_rows.size());
}

int MariadbResult::numRowsAffected()
{
    return m_affected;
}

QSqlRecord MariadbResult::record() const
{
    QSqlRecord record;
    for (const Column &column : m_columns) {
        record.append(QSqlField(column.name));
    }
    return record;
}

} // namespace nabblet
