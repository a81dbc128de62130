#include "data/records/select_source.h"

#include "core/catalogue/select_table.h"
#include "data/dialect/patience.h"

#include <QElapsedTimer>
#include <QSqlQuery>

namespace nabblet {

namespace {

constexpr int RowsLookedAt = 20000; // for a key that comes up more than once

// Whether a key names more than one row, as far as the first rows tell.
Result<bool> repeatsKey(const Connection &connection, const Table &table)
{
    QStringList names;
    for (const QString &column : table.primaryKey) {
        names.append(connection.quoted(column));
    }
    const QString list = names.join(QLatin1String(", "));
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const Dialect &dialect = connection.dialect();
    const QString rows = dialect.selectAs(table.select, connection.quoted(QStringLiteral("rows")));
    const QString looked = dialect.firstOf(QStringLiteral("SELECT %1 FROM %2").arg(list, rows), RowsLookedAt);
    const QString repeated = QStringLiteral("SELECT 1 FROM %1 GROUP BY %2 HAVING count(*) > 1")
                                 .arg(dialect.selectAs(looked, connection.quoted(QStringLiteral("looked"))), list);
    if (!query.exec(dialect.firstOf(repeated, 1))) {
        if (connection.dialect().wasInterrupted(query.lastError())) {
            return false; // nobody knows; each write is guarded by what was read
        }
        return connection.explain(query.lastError());
    }
    return query.next();
}

Outcome addSelects(const Connection &connection, Catalogue &catalogue, const Form &form)
{
    if (!form.select.isEmpty()) {
        const Result<Table> table = describeSelect(connection, catalogue, form.rowsFrom, form.select);
        if (!table) {
            return table.error();
        }
        catalogue.tables.removeIf([&](const Table &each) { return each.name == form.rowsFrom; });
        catalogue.tables.append(*table);
    }
    for (const Control &control : form.controls) {
        if (control.inner) {
            const Outcome added = addSelects(connection, catalogue, *control.inner.get());
            if (!added) {
                return added;
            }
        }
    }
    return Done{};
}

} // namespace

Result<Table> describeSelect(const Connection &connection, const Catalogue &catalogue, const QString &name,
                             const QString &sql)
{
    const Patience patience(connection);
    const Result<QList<SelectColumn>> columns = connection.dialect().describeSelect(connection.database(), sql);
    if (!columns) {
        return columns.error();
    }
    QString alone = sql.trimmed();
    while (alone.endsWith(u';')) {
        alone = alone.chopped(1).trimmed();
    }
    Table table = tableOfSelect(catalogue, name, alone, *columns);
    if (!table.writesTo.isEmpty()) {
        QElapsedTimer clock;
        clock.start();
        const Result<bool> repeats = repeatsKey(connection, table);
        if (!repeats) {
            return repeats.error();
        }
        const int took = static_cast<int>(clock.elapsed());
        if (*repeats) {
            table = withRepeatedKey(table);
        }
        table.milliseconds = took;
    }
    return table;
}

QString selectTableName(const Catalogue &catalogue)
{
    QString name = QStringLiteral("own_select");
    for (int i = 2;; ++i) {
        const Table *taken = findTable(catalogue, name);
        if (!taken || taken->kind == TableKind::Select) {
            return name;
        }
        name = QStringLiteral("own_select_%1").arg(i);
    }
}

Result<Catalogue> withSelects(const Connection &connection, const Catalogue &catalogue, const Form &form)
{
    Catalogue result = catalogue;
    const Outcome added = addSelects(connection, result, form);
    return added ? Result<Catalogue>(result) : Result<Catalogue>(added.error());
}

} // namespace nabblet
