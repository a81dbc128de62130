#include "data/profile/learn_catalogue.h"

#include "core/catalogue/parted_names.h"
#include "data/dialect/patience.h"
#include "data/records/statement.h"
#include "data/words/dictionaries.h"

#include <QElapsedTimer>
#include <QSet>
#include <QSqlQuery>

namespace nabblet {

namespace {

constexpr int LongestLook = 1000;  // ms for all tables together, after which names alone must do
constexpr int LongestTable = 100;  // ms for one, where its rows are long; what was read so far counts
constexpr int LongestLooked = 200; // characters of each value

} // namespace

TableSigns signsOf(const Connection &connection, const Table &table)
{
    QStringList columns;
    QStringList list;
    for (const Column &column : table.columns) {
        if (column.type == ColumnType::Text) {
            columns.append(column.name);
            list.append(
                QStringLiteral("substr(%1, 1, %2)").arg(rowsColumn(connection, column.name)).arg(LongestLooked));
        }
    }
    TableSigns signs;
    if (columns.isEmpty() || table.kind != TableKind::Table) {
        return signs;
    }
    const Patience patience(connection);
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    const QString sql = QStringLiteral("SELECT %1 FROM %2")
                            .arg(list.join(QStringLiteral(", ")), rowsFrom(connection, recordSourceOf(table)));
    if (!query.exec(connection.dialect().firstOf(sql, NamingRows))) {
        return signs;
    }
    QElapsedTimer clock;
    clock.start();
    QList<ValueSigns> each(columns.size());
    QList<QSet<QString>> met(columns.size());
    while (clock.elapsed() < LongestTable && query.next()) {
        for (qsizetype i = 0; i < columns.size(); ++i) {
            ValueSigns &sign = each[i];
            ++sign.rows;
            const QString value = query.value(static_cast<int>(i)).toString().trimmed();
            if (value.isEmpty()) {
                continue;
            }
            ++sign.values;
            sign.words += readsAsWords(value) ? 1 : 0;
            sign.codes += readsAsCode(value) ? 1 : 0;
            sign.characters += value.size();
            met[i].insert(value);
        }
    }
    for (qsizetype i = 0; i < columns.size(); ++i) {
        each[i].distinct = met.at(i).size();
        signs.insert(columns.at(i), each.at(i));
    }
    return signs;
}

Result<Catalogue> learnCatalogue(const Connection &connection)
{
    Result<Catalogue> catalogue = connection.readCatalogue();
    if (!catalogue) {
        return catalogue;
    }
    partNames(*catalogue, installedSpellers());
    keepAnswers();
    QElapsedTimer clock;
    clock.start();
    for (Table &table : catalogue->tables) {
        // Tables that there is no time to look into go by what they say of themselves, as empty ones do.
        table = withNaming(table, clock.elapsed() < LongestLook ? signsOf(connection, table) : TableSigns());
    }
    return catalogue;
}

} // namespace nabblet
