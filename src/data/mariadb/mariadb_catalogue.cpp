// The catalogue of a MariaDB database, from its INFORMATION_SCHEMA
// (https://mariadb.com/kb/en/information-schema-tables/): one statement for each sort of thing, however many tables
// there are.
#include "data/mariadb/mariadb_parts.h"

#include "core/catalogue/create_statement.h"
#include "core/text/tr.h"
#include "data/dialect/server_dialect.h"

#include <QHash>
#include <QRegularExpression>
#include <QSqlQuery>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

Table *tableNamed(Catalogue &catalogue, const QHash<QString, qsizetype> &places, const QVariant &name)
{
    const auto place = places.constFind(name.toString());
    return place == places.constEnd() ? nullptr : &catalogue.tables[*place];
}

bool readTables(QSqlQuery &query, Catalogue &catalogue, QHash<QString, qsizetype> &places)
{
    return forEachRow(query,
                      QStringLiteral("SELECT TABLE_NAME, TABLE_TYPE FROM information_schema.TABLES "
                                     "WHERE TABLE_SCHEMA = DATABASE() AND TABLE_TYPE IN ('BASE TABLE', 'VIEW', "
                                     "'SYSTEM VERSIONED') ORDER BY TABLE_TYPE = 'VIEW', lower(TABLE_NAME), TABLE_NAME"),
                      [&](const QSqlQuery &row) {
                          Table table;
                          table.name = row.value(0).toString();
                          table.kind =
                              row.value(1).toString() == QLatin1String("VIEW") ? TableKind::View : TableKind::Table;
                          places.insert(table.name, catalogue.tables.size());
                          catalogue.tables.append(table);
                      });
}

// The words of an ENUM's or SET's type: enum('a','b''c').
QVariantList wordsOfType(const QString &type)
{
    QVariantList words;
    static const QRegularExpression word(QStringLiteral("'((?:[^']|'')*)'"));
    for (auto match = word.globalMatch(type); match.hasNext();) {
        words.append(match.next().captured(1).replace(QLatin1String("''"), QLatin1String("'")));
    }
    return words;
}

void setType(Column &column, const QString &type)
{
    const QString plain = type.section(u'(', 0, 0).section(u' ', 0, 0);
    static const QStringList asText{
        QStringLiteral("enum"),    QStringLiteral("set"),        QStringLiteral("json"),      QStringLiteral("uuid"),
        QStringLiteral("inet4"),   QStringLiteral("inet6"),      QStringLiteral("geometry"),  QStringLiteral("point"),
        QStringLiteral("polygon"), QStringLiteral("linestring"), QStringLiteral("multipoint")};
    if (asText.contains(plain)) {
        column.declaredType = type;
        column.type = ColumnType::Text;
        return;
    }
    takeDeclaredType(column, type);
    if (type.startsWith(QLatin1String("tinyint(1)"))) { // what BOOLEAN is written as
        column.type = ColumnType::YesNo;
        column.least.reset();
        column.most.reset();
    } else if (plain == QLatin1String("year") || plain == QLatin1String("bit")) {
        column.type = ColumnType::WholeNumber;
        column.length.reset();
    } else if (plain == QLatin1String("int")) {
        const bool isUnsigned = type.contains(QLatin1String("unsigned"));
        column.least = isUnsigned ? 0 : -std::pow(2.0, 31);
        column.most = std::pow(2.0, isUnsigned ? 32 : 31) - 1;
    }
}

bool readColumns(QSqlQuery &query, Catalogue &catalogue, const QHash<QString, qsizetype> &places)
{
    return forEachRow(
        query,
        QStringLiteral("SELECT TABLE_NAME, COLUMN_NAME, COLUMN_TYPE, IS_NULLABLE, COLUMN_DEFAULT, EXTRA, IS_GENERATED, "
                       "COLUMN_COMMENT, PRIVILEGES FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() "
                       "ORDER BY TABLE_NAME, ORDINAL_POSITION"),
        [&](const QSqlQuery &row) {
            Table *table = tableNamed(catalogue, places, row.value(0));
            const QString rights = row.value(8).toString();
            if (!table || !rights.contains(QLatin1String("select"))) {
                return;
            }
            Column column;
            column.name = row.value(1).toString();
            const QString type = row.value(2).toString();
            setType(column, type);
            column.isRequired = row.value(3).toString() == QLatin1String("NO");
            column.isGenerated = row.value(6).toString() == QLatin1String("ALWAYS");
            const QString extra = row.value(5).toString();
            column.numbersItself = extra.contains(QLatin1String("auto_increment"));
            const QString initial = row.value(4).toString();
            const bool isNull = row.isNull(4) || initial.compare(QLatin1String("NULL"), Qt::CaseInsensitive) == 0;
            column.defaultExpression = isNull || column.isGenerated ? QString() : initial;
            column.hasDefault = !column.defaultExpression.isEmpty() || column.numbersItself;
            column.comment = row.value(7).toString();
            if (type.startsWith(QLatin1String("enum("))) {
                column.choices = wordsOfType(type);
            }
            if (table->kind == TableKind::Table && !rights.contains(QLatin1String("update")) &&
                !rights.contains(QLatin1String("insert"))) {
                column.readOnlyReason = Texts::tr("You have no right to change this column.");
            }
            table->columns.append(column);
        });
}

bool readKeys(QSqlQuery &query, Catalogue &catalogue, const QHash<QString, qsizetype> &places)
{
    QHash<QString, QHash<QString, bool>> unique; // by table and index: whether it is of whole columns
    const bool areRead = forEachRow(
        query,
        QStringLiteral(
            "SELECT TABLE_NAME, INDEX_NAME, COLUMN_NAME, SUB_PART FROM information_schema.STATISTICS "
            "WHERE TABLE_SCHEMA = DATABASE() AND NON_UNIQUE = 0 ORDER BY TABLE_NAME, INDEX_NAME, SEQ_IN_INDEX"),
        [&](const QSqlQuery &row) {
            if (Table *table = tableNamed(catalogue, places, row.value(0))) {
                const QString index = row.value(1).toString();
                const bool isWhole = !row.isNull(2) && row.isNull(3);
                bool &isGood = unique[table->name].insert(index, unique[table->name].value(index, true)).value();
                isGood = isGood && isWhole;
                table->constraints[index].append(row.value(2).toString());
            }
        });
    for (Table &table : catalogue.tables) {
        const QHash<QString, bool> indexes = unique.value(table.name);
        QStringList names = indexes.keys();
        names.sort();
        for (const QString &name : std::as_const(names)) {
            if (name == QLatin1String("PRIMARY")) {
                table.primaryKey = table.constraints.value(name);
            } else if (indexes.value(name)) {
                table.uniqueKeys.append({table.constraints.value(name)});
            }
        }
        for (const UniqueKey &key : std::as_const(table.uniqueKeys)) {
            const bool isThere = std::all_of(key.columns.begin(), key.columns.end(), [&](const QString &name) {
                const Column *column = findColumn(table, name);
                return column && column->isRequired;
            });
            if (table.primaryKey.isEmpty() && isThere) {
                table.primaryKey = key.columns;
            }
        }
        table.uniqueKeys.removeIf([&](const UniqueKey &key) { return key.columns == table.primaryKey; });
        if (std::any_of(table.primaryKey.begin(), table.primaryKey.end(),
                        [&](const QString &name) { return !findColumn(table, name); })) {
            table.primaryKey.clear(); // a part of it may not be read
        }
    }
    return areRead;
}

LinkRule linkRule(const QString &rule)
{
    return rule == QLatin1String("CASCADE")                                            ? LinkRule::Deletes
           : rule == QLatin1String("SET NULL") || rule == QLatin1String("SET DEFAULT") ? LinkRule::LetsGo
                                                                                       : LinkRule::Keeps;
}

bool readLinks(QSqlQuery &query, Catalogue &catalogue, const QHash<QString, qsizetype> &places)
{
    QString last;
    return forEachRow(
        query,
        QStringLiteral("SELECT k.TABLE_NAME, k.CONSTRAINT_NAME, k.COLUMN_NAME, k.REFERENCED_TABLE_NAME, "
                       "k.REFERENCED_COLUMN_NAME, r.DELETE_RULE FROM information_schema.KEY_COLUMN_USAGE k "
                       "JOIN information_schema.REFERENTIAL_CONSTRAINTS r ON r.CONSTRAINT_SCHEMA = k.CONSTRAINT_SCHEMA "
                       "AND r.CONSTRAINT_NAME = k.CONSTRAINT_NAME AND r.TABLE_NAME = k.TABLE_NAME "
                       "WHERE k.TABLE_SCHEMA = DATABASE() AND k.REFERENCED_TABLE_SCHEMA = DATABASE() "
                       "ORDER BY k.TABLE_NAME, k.CONSTRAINT_NAME, k.ORDINAL_POSITION"),
        [&](const QSqlQuery &row) {
            Table *table = tableNamed(catalogue, places, row.value(0));
            if (!table) {
                return;
            }
            const QString name = row.value(0).toString() + u'\n' + row.value(1).toString();
            if (name != last) {
                table->foreignKeys.append({{}, row.value(3).toString(), {}, linkRule(row.value(5).toString())});
                last = name;
            }
            table->foreignKeys.last().columns.append(row.value(2).toString());
            table->foreignKeys.last().parentColumns.append(row.value(4).toString());
            table->constraints[row.value(1).toString()].append(row.value(2).toString());
        });
}

bool readChecksAndTriggers(QSqlQuery &query, Catalogue &catalogue, const QHash<QString, qsizetype> &places)
{
    return forEachRow(query,
                      QStringLiteral("SELECT TABLE_NAME, CONSTRAINT_NAME, CHECK_CLAUSE "
                                     "FROM information_schema.CHECK_CONSTRAINTS WHERE CONSTRAINT_SCHEMA = DATABASE() "
                                     "ORDER BY TABLE_NAME, CONSTRAINT_NAME"),
                      [&](const QSqlQuery &row) {
                          Table *table = tableNamed(catalogue, places, row.value(0));
                          if (!table) {
                              return;
                          }
                          const QString plain = plainMariadbCheck(row.value(2).toString());
                          table->checks.append({row.value(1).toString(), plain});
                          for (Column &column : table->columns) {
                              const QVariantList choices = choicesOfCheck(plain, column.name);
                              if (!choices.isEmpty()) {
                                  column.choices = choices;
                              }
                          }
                      }) &&
           forEachRow(query,
                      QStringLiteral("SELECT EVENT_OBJECT_TABLE FROM information_schema.TRIGGERS "
                                     "WHERE TRIGGER_SCHEMA = DATABASE() AND EVENT_MANIPULATION = 'DELETE'"),
                      [&](const QSqlQuery &row) {
                          if (Table *table = tableNamed(catalogue, places, row.value(0))) {
                              table->actsOnDelete = true;
                          }
                      });
}

} // namespace

QString plainMariadbCheck(const QString &given)
{
    static const QRegularExpression plainName(QStringLiteral("`([A-Za-z_][A-Za-z0-9_]*)`"));
    static const QRegularExpression otherName(QStringLiteral("`([^`]+)`"));
    QString plain = given;
    return plain.replace(plainName, QStringLiteral("\\1")).replace(otherName, QStringLiteral("\"\\1\""));
}

Result<Catalogue> readMariadbCatalogue(const QSqlDatabase &database, const DatabaseAddress &address)
{
    Catalogue catalogue;
    QHash<QString, qsizetype> places;
    QSqlQuery query(database);
    if (!readTables(query, catalogue, places) || !readColumns(query, catalogue, places) ||
        !readKeys(query, catalogue, places) || !readLinks(query, catalogue, places) ||
        !readChecksAndTriggers(query, catalogue, places)) {
        return mariadbFailure(query.lastError(), address);
    }
    return catalogue;
}

} // namespace nabblet
