#include "core/formula/row_formulas.h"

#include "core/formula/bounded_functions.h"
#include "core/text/tr.h"

#include <QElapsedTimer>
#include <QHash>

#include <sqlite3.h>
#include <vector>

namespace nabblet {

namespace {

// Bytes of any text or value that is worked out on the way. Functions that compare all with all, such as instr(), are
// done within the time then, though SQLite cannot be stopped inside one.
constexpr int LongestValue = 100'000;
constexpr int LongestStored = 1'000'000'000; // of a value of the row, which may well be a picture
constexpr int StepsBetweenLooks = 2000;
constexpr qint64 LongestWork = 250; // ms for one value

struct CloseDatabase
{
    void operator()(sqlite3 *database) const { sqlite3_close(database); }
};
struct Finalize
{
    void operator()(sqlite3_stmt *statement) const { sqlite3_finalize(statement); }
};
using Database = std::unique_ptr<sqlite3, CloseDatabase>;
using Prepared = std::unique_ptr<sqlite3_stmt, Finalize>;

// The name of the row's table. No column can be mistaken for it, as columns stand inside it.
constexpr char RowTable[] = "row";

struct Reading // what the authoriser notes while an expression is read
{
    bool isGuarded = false;
    QStringList columns;
    QStringList tables;  // of rows that belong to the row
    QStringList allowed; // such tables that there are
};

int mayDo(void *noted, int action, const char *first, const char *second, const char *, const char *)
{
    auto *reading = static_cast<Reading *>(noted);
    if (!reading->isGuarded) {
        return SQLITE_OK;
    }
    switch (action) {
    case SQLITE_SELECT:
        return SQLITE_OK;
    case SQLITE_FUNCTION:
        return qstricmp(second, "load_extension") == 0 ? SQLITE_DENY : SQLITE_OK;
    case SQLITE_READ: {
        const QString column = QString::fromUtf8(second);
        const QString table = QString::fromUtf8(first);
        if (reading->allowed.contains(table, Qt::CaseInsensitive)) {
            if (!reading->tables.contains(table, Qt::CaseInsensitive)) {
                reading->tables.append(table);
            }
            return SQLITE_OK;
        }
        if (!column.isEmpty() && !reading->columns.contains(column)) {
            reading->columns.append(column);
        }
        return qstricmp(first, RowTable) == 0 ? SQLITE_OK : SQLITE_DENY;
    }
    default:
        return SQLITE_DENY;
    }
}

int hasTakenTooLong(void *clock)
{
    return static_cast<const QElapsedTimer *>(clock)->elapsed() > LongestWork ? 1 : 0;
}

QString quoted(QString name)
{
    return u'"' + name.replace(u'"', QLatin1String("\"\"")) + u'"';
}

void bindValue(sqlite3_stmt *statement, int index, const QVariant &value)
{
    switch (value.isNull() ? QMetaType::UnknownType : static_cast<QMetaType::Type>(value.typeId())) {
    case QMetaType::UnknownType:
        sqlite3_bind_null(statement, index);
        break;
    case QMetaType::Bool:
    case QMetaType::Int:
    case QMetaType::UInt:
    case QMetaType::LongLong:
        sqlite3_bind_int64(statement, index, value.toLongLong());
        break;
    case QMetaType::Double:
    case QMetaType::Float:
        sqlite3_bind_double(statement, index, value.toDouble());
        break;
    case QMetaType::QByteArray: {
        const QByteArray bytes = value.toByteArray();
        sqlite3_bind_blob(statement, index, bytes.constData(), static_cast<int>(bytes.size()), SQLITE_TRANSIENT);
        break;
    }
    default: {
        const QByteArray text = value.toString().toUtf8();
        sqlite3_bind_text(statement, index, text.constData(), static_cast<int>(text.size()), SQLITE_TRANSIENT);
        break;
    }
    }
}

QVariant columnValue(sqlite3_stmt *statement, int column)
{
    switch (sqlite3_column_type(statement, column)) {
    case SQLITE_INTEGER:
        return QVariant(static_cast<qlonglong>(sqlite3_column_int64(statement, column)));
    case SQLITE_FLOAT:
        return QVariant(sqlite3_column_double(statement, column));
    case SQLITE_TEXT:
        return QString::fromUtf8(reinterpret_cast<const char *>(sqlite3_column_text(statement, column)),
                                 sqlite3_column_bytes(statement, column));
    case SQLITE_BLOB:
        return QByteArray(static_cast<const char *>(sqlite3_column_blob(statement, column)),
                          sqlite3_column_bytes(statement, column));
    default:
        return {};
    }
}

Error cannot(const QString &why)
{
    return {Texts::tr("This formula cannot be worked out: %1.").arg(why), why};
}

} // namespace

struct RowFormulas::Engine
{
    struct Formula
    {
        Prepared statement;
        QStringList columns; // bound in this order
        QStringList tables;  // of rows that belong to the row
        QString mistake;     // why there is none
    };

    Database database;
    Reading reading;
    QHash<QString, Formula *> known;
    std::vector<std::unique_ptr<Formula>> formulas;
    QHash<QString, Error> unreadable; // such tables, in small letters, and why
    QHash<QString, int> widths;       // columns of the tables of rows that belong to the row

    Engine(const QStringList &columns, const QList<RowsBelonging> &belonging)
    {
        sqlite3 *opened = nullptr;
        sqlite3_open_v2(":memory:", &opened, SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE | SQLITE_OPEN_MEMORY, nullptr);
        database.reset(opened);
        boundFormatting(opened);
        // Text in double quotes that is no column is a mistake, not a text.
        sqlite3_db_config(opened, SQLITE_DBCONFIG_DQS_DML, 0, nullptr);
        QStringList parts;
        for (const QString &column : columns) {
            parts.append(quoted(column));
        }
        if (parts.isEmpty()) {
            parts.append(quoted(QStringLiteral("nothing"))); // a table needs a column
        }
        const QByteArray sql =
            QStringLiteral("CREATE TABLE %1 (%2)").arg(QLatin1String(RowTable), parts.join(u',')).toUtf8();
        sqlite3_exec(opened, sql.constData(), nullptr, nullptr, nullptr);
        for (const RowsBelonging &rows : belonging) {
            if (rows.columns.isEmpty() || rows.table.compare(QLatin1String(RowTable), Qt::CaseInsensitive) == 0) {
                continue;
            }
            QStringList names;
            for (const QString &column : rows.columns) {
                names.append(quoted(column));
            }
            const QByteArray create =
                QStringLiteral("CREATE TABLE %1 (%2)").arg(quoted(rows.table), names.join(u',')).toUtf8();
            if (sqlite3_exec(opened, create.constData(), nullptr, nullptr, nullptr) == SQLITE_OK) {
                reading.allowed.append(rows.table);
                widths.insert(rows.table, static_cast<int>(rows.columns.size()));
            }
        }
        sqlite3_set_authorizer(opened, mayDo, &reading);
    }

    QString lastMistake() const { return QString::fromUtf8(sqlite3_errmsg(database.get())); }

    Prepared prepared(const QString &sql, QString *mistake)
    {
        const QByteArray text = sql.toUtf8();
        const char *tail = nullptr;
        sqlite3_stmt *statement = nullptr;
        reading.isGuarded = true;
        reading.columns.clear();
        reading.tables.clear();
        const int answer =
            sqlite3_prepare_v2(database.get(), text.constData(), static_cast<int>(text.size()), &statement, &tail);
        Prepared made(statement);
        if (answer == SQLITE_AUTH) {
            *mistake = Texts::tr("A formula reads the columns of its own row and nothing else");
            return {};
        }
        if (!made) {
            *mistake = lastMistake();
            return {};
        }
        if (tail && !QByteArray(tail).trimmed().isEmpty()) {
            *mistake = Texts::tr("There is more than one expression");
            return {};
        }
        return made;
    }

    Formula read(const QString &expression)
    {
        Formula formula;
        if (expression.trimmed().isEmpty()) {
            formula.mistake = Texts::tr("Nothing is written yet");
            return formula;
        }
        // The line end closes a comment behind the expression. In parentheses on its own first, so that nobody closes
        // ours and opens another.
        const QString alone = QStringLiteral("SELECT (%1\n) FROM %2").arg(expression, QLatin1String(RowTable));
        const Prepared tried = prepared(alone, &formula.mistake);
        if (!tried) {
            return formula;
        }
        if (sqlite3_bind_parameter_count(tried.get()) > 0) {
            formula.mistake = Texts::tr("It asks for a value that nobody gives");
            return formula;
        }
        if (sqlite3_column_count(tried.get()) != 1) {
            formula.mistake = Texts::tr("There is more than one expression");
            return formula;
        }
        formula.columns = reading.columns;
        formula.tables = reading.tables;
        // Of a table that is only joined by USING, SQLite tells its authoriser nothing. One more than is read is no
        // harm.
        for (const QString &table : std::as_const(reading.allowed)) {
            const bool isNamed = expression.contains(table, Qt::CaseInsensitive) ||
                                 expression.contains(quoted(table), Qt::CaseInsensitive);
            if (isNamed && !formula.tables.contains(table, Qt::CaseInsensitive)) {
                formula.tables.append(table);
            }
        }
        return formula;
    }

    // The statement that works it out, made when a value is first asked for: of most, only what they read is.
    void makeReady(Formula &formula, const QString &expression)
    {
        if (formula.statement || !formula.mistake.isEmpty()) {
            return;
        }
        QStringList given;
        for (qsizetype i = 0; i < formula.columns.size(); ++i) {
            given.append(QStringLiteral("?%1 AS %2").arg(QString::number(i + 1), quoted(formula.columns.at(i))));
        }
        const QString row = given.isEmpty() ? QStringLiteral("SELECT 1") : QLatin1String("SELECT ") + given.join(u',');
        formula.statement = prepared(
            QStringLiteral("WITH %1 AS (%2) SELECT (%3\n) FROM %1").arg(QLatin1String(RowTable), row, expression),
            &formula.mistake);
    }

    Formula &formulaOf(const QString &expression)
    {
        Formula *&formula = known[expression];
        if (!formula) {
            formulas.push_back(std::make_unique<Formula>(read(expression)));
            formula = formulas.back().get();
        }
        return *formula;
    }
};

RowFormulas::RowFormulas(const QStringList &columns, const QList<RowsBelonging> &belonging)
    : m_engine(std::make_unique<Engine>(columns, belonging))
{
}
RowFormulas::~RowFormulas() = default;

Result<QVariant> RowFormulas::value(const QString &expression, const std::function<QVariant(const QString &)> &valueOf)
{
    Engine::Formula &formula = m_engine->formulaOf(expression);
    m_engine->makeReady(formula, expression);
    if (!formula.statement) {
        return cannot(formula.mistake);
    }
    for (const QString &table : std::as_const(formula.tables)) {
        if (const auto why = m_engine->unreadable.constFind(table.toLower()); why != m_engine->unreadable.constEnd()) {
            return *why;
        }
    }
    sqlite3_stmt *statement = formula.statement.get();
    sqlite3_limit(m_engine->database.get(), SQLITE_LIMIT_LENGTH, LongestStored);
    for (qsizetype i = 0; i < formula.columns.size(); ++i) {
        bindValue(statement, static_cast<int>(i + 1), valueOf(formula.columns.at(i)));
    }
    sqlite3_limit(m_engine->database.get(), SQLITE_LIMIT_LENGTH, LongestValue);
    QElapsedTimer clock;
    clock.start();
    sqlite3_progress_handler(m_engine->database.get(), StepsBetweenLooks, hasTakenTooLong, &clock);
    const int answer = sqlite3_step(statement);
    Result<QVariant> result = QVariant();
    if (answer == SQLITE_ROW) {
        result = columnValue(statement, 0);
    } else if (answer != SQLITE_DONE) {
        const QString said = answer == SQLITE_INTERRUPT ? Texts::tr("it takes too long") : m_engine->lastMistake();
        result = cannot(said);
    }
    sqlite3_reset(statement);
    sqlite3_clear_bindings(statement);
    return result;
}

Result<QStringList> RowFormulas::columnsRead(const QString &expression)
{
    const Engine::Formula &formula = m_engine->formulaOf(expression);
    if (!formula.mistake.isEmpty()) {
        return cannot(formula.mistake);
    }
    return formula.columns;
}

QStringList RowFormulas::tablesRead(const QString &expression)
{
    return m_engine->formulaOf(expression).tables;
}

void RowFormulas::setBelonging(const QString &table, const Result<QList<QVariantList>> &rows)
{
    const int width = m_engine->widths.value(table);
    m_engine->unreadable.remove(table.toLower());
    if (!rows) {
        m_engine->unreadable.insert(table.toLower(), rows.error());
    }
    if (width == 0 || !rows) {
        return;
    }
    sqlite3 *database = m_engine->database.get();
    m_engine->reading.isGuarded = false;
    sqlite3_limit(database, SQLITE_LIMIT_LENGTH, LongestStored);
    sqlite3_progress_handler(database, 0, nullptr, nullptr);
    const auto statement = [&](const QString &sql) {
        const QByteArray text = sql.toUtf8();
        sqlite3_stmt *made = nullptr;
        sqlite3_prepare_v2(database, text.constData(), static_cast<int>(text.size()), &made, nullptr);
        return Prepared(made);
    };
    sqlite3_step(statement(QStringLiteral("DELETE FROM ") + quoted(table)).get());
    const QString places = QStringList(width, QStringLiteral("?")).join(u',');
    const Prepared insert = statement(QStringLiteral("INSERT INTO %1 VALUES (%2)").arg(quoted(table), places));
    for (const QVariantList &row : *rows) {
        for (int i = 0; i < width; ++i) {
            bindValue(insert.get(), i + 1, row.value(i));
        }
        sqlite3_step(insert.get());
        sqlite3_reset(insert.get());
    }
    m_engine->reading.isGuarded = true;
}

Result<QStringList> columnsReadBy(const QString &expression, const QStringList &columns,
                                  const QList<RowsBelonging> &belonging)
{
    return RowFormulas(columns, belonging).columnsRead(expression);
}

} // namespace nabblet
