#include "data/records/copied_rows.h"

#include "core/text/tr.h"
#include "data/dialect/patience.h"
#include "data/records/statement.h"

#include <QSqlRecord>
#include <QUuid>

namespace nabblet {

namespace {

constexpr int RowsOfAPart = 1000; // of a view or SELECT that takes too long as a whole

// The temporary table itself; gone with its last user.
struct CopiedRows
{
    Connection connection;
    QString table; // as SQL takes it

    CopiedRows(const Connection &on, QString name) : connection(on), table(std::move(name)) {}
    CopiedRows(const CopiedRows &) = delete;
    CopiedRows &operator=(const CopiedRows &) = delete;
    ~CopiedRows()
    {
        const Running dropped(connection, {connection.dialect().dropCopy(table), {}});
        Q_UNUSED(dropped); // a temporary table goes with its connection at the latest
    }
};

bool copyRows(const Connection &connection, const RecordSource &source, const QString &into, std::optional<int> most,
              QSqlError *error)
{
    const Dialect &dialect = connection.dialect();
    const QString all = QStringLiteral("SELECT * FROM ") + rowsFrom(connection, source);
    const Running running(connection, {dialect.copyInto(into, most ? dialect.firstOf(all, *most) : all), {}});
    *error = running.query.lastError();
    return running.isGood;
}

// The columns of a table, by its first row or none.
QStringList columnsOf(const Connection &connection, const QString &table)
{
    const Running running(connection, {connection.dialect().firstOf(QStringLiteral("SELECT * FROM ") + table, 1), {}});
    const QSqlRecord record = running.query.record();
    QStringList names;
    for (int i = 0; i < record.count(); ++i) {
        names.append(record.fieldName(i));
    }
    return names;
}

} // namespace

Result<RecordSource> readable(const Connection &connection, const RecordSource &source, std::optional<int> mostRows)
{
    if (!source.keyColumns.isEmpty()) {
        return source;
    }
    // A name of its own for each copy: two forms on one view must not take each other's rows away.
    const QString name = QStringLiteral("nabblet rows ") + QUuid::createUuid().toString(QUuid::WithoutBraces);
    RecordSource copy = source;
    copy.table = name;
    copy.select.clear();
    copy.keyIsRowNumber = true;
    copy.isWritable = false;
    QSqlError error;
    bool isCopied = false;
    bool isOver = false;
    {
        const Patience patience(connection);
        isCopied = copyRows(connection, source, connection.quoted(name), mostRows, &error);
        isOver = patience.isOver();
    }
    if (!isCopied && isOver && mostRows.value_or(RowsOfAPart + 1) > RowsOfAPart) {
        const Patience patience(connection);
        isCopied = copyRows(connection, source, connection.quoted(name), RowsOfAPart, &error);
        copy.note =
            Texts::tr("Only the first %L1 rows are shown: reading all of them takes too long.").arg(RowsOfAPart);
    }
    if (!isCopied) {
        return connection.explain(error);
    }
    copy.copy = std::make_shared<CopiedRows>(connection, connection.quoted(name));
    const QString number = connection.dialect().rowNumberOfCopies(columnsOf(connection, connection.quoted(name)));
    if (number.isEmpty()) {
        return Error{
            Texts::tr("These rows cannot be shown one by one: every name by which they could be numbered is that "
                      "of one of their columns."),
            {}};
    }
    copy.keyColumns = {number};
    return copy;
}

} // namespace nabblet
