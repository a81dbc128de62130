// The catalogue of a PostgreSQL database, from the server's own tables
// (https://www.postgresql.org/docs/current/catalogs.html): one statement for each sort of thing, however many tables
// there are.
#include "data/postgresql/postgresql_parts.h"

#include "core/catalogue/create_statement.h"
#include "core/text/tr.h"
#include "data/dialect/server_dialect.h"

#include <QHash>
#include <QJsonArray>
#include <QJsonDocument>
#include <QRegularExpression>
#include <QSqlQuery>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

using TablePlaces = QHash<qint64, qsizetype>; // by the number that the server has for a table

// What a person may see of, outside the server's own schemas. Partitions are seen as the table that they are parts of.
const QString TablesShown =
    QStringLiteral("c.relkind IN ('r', 'v', 'm', 'p', 'f') AND NOT c.relispartition AND n.nspname NOT LIKE 'pg\\_%' "
                   "AND n.nspname <> 'information_schema' AND has_schema_privilege(n.oid, 'USAGE') "
                   "AND has_any_column_privilege(c.oid, 'SELECT')");

QStringList namesIn(const QVariant &json)
{
    QStringList names;
    for (const QJsonValue &each : QJsonDocument::fromJson(json.toByteArray()).array()) {
        names.append(each.toString());
    }
    return names;
}

bool readTables(QSqlQuery &query, Catalogue &catalogue, TablePlaces &places)
{
    return forEachRow(query,
                      QStringLiteral("SELECT c.oid, n.nspname, c.relname, c.relkind::text, pg_table_is_visible(c.oid), "
                                     "EXISTS (SELECT FROM pg_trigger t WHERE t.tgrelid = c.oid AND NOT t.tgisinternal "
                                     "AND t.tgtype & 8 <> 0) "
                                     "FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace WHERE ") +
                          TablesShown +
                          QStringLiteral(" ORDER BY c.relkind IN ('v', 'm'), NOT pg_table_is_visible(c.oid), "
                                         "lower(n.nspname), lower(c.relname), c.relname"),
                      [&](const QSqlQuery &row) {
                          Table table;
                          table.name = postgresqlTableName(row.value(1).toString(), row.value(2).toString(),
                                                           row.value(4).toBool());
                          const QString kind = row.value(3).toString();
                          const bool isView = kind == QLatin1String("v") || kind == QLatin1String("m");
                          table.kind = isView ? TableKind::View : TableKind::Table;
                          table.actsOnDelete = row.value(5).toBool();
                          places.insert(row.value(0).toLongLong(), catalogue.tables.size());
                          catalogue.tables.append(table);
                      });
}

// Types whose names hold words by which others are told, and which are shown as text.
void setType(Column &column, const QString &base, const QString &typeKind)
{
    takeDeclaredType(column, base);
    static const QRegularExpression plain(QStringLiteral(
        "^(smallint|integer|bigint|oid|numeric|decimal|real|double precision|boolean|date|time|timestamp|"
        "character|text|bytea|name|\"char\"|citext)\\b"));
    const bool isPlain =
        typeKind == QLatin1String("b") && !base.endsWith(QLatin1String("[]")) && plain.match(base).hasMatch();
    if (!isPlain) {
        column.type = ColumnType::Text;
        column.length.reset();
        column.decimals.reset();
        column.least.reset();
        column.most.reset();
    } else if (base == QLatin1String("integer")) {
        column.least = -std::pow(2.0, 31);
        column.most = std::pow(2.0, 31) - 1;
    }
}

bool readColumns(QSqlQuery &query, Catalogue &catalogue, const TablePlaces &places)
{
    return forEachRow(
        query,
        QStringLiteral(
            "SELECT a.attrelid, a.attname, format_type(a.atttypid, a.atttypmod), "
            "CASE WHEN t.typtype = 'd' THEN format_type(t.typbasetype, t.typtypmod) "
            "ELSE format_type(a.atttypid, a.atttypmod) END, "
            "CASE WHEN t.typtype = 'd' THEN b.typtype::text ELSE t.typtype::text END, "
            "a.attnotnull OR t.typnotnull, pg_get_expr(d.adbin, d.adrelid), a.attidentity::text, a.attgenerated::text, "
            "col_description(a.attrelid, a.attnum), has_column_privilege(a.attrelid, a.attnum, 'UPDATE') "
            "OR has_column_privilege(a.attrelid, a.attnum, 'INSERT'), "
            "(SELECT json_agg(e.enumlabel ORDER BY e.enumsortorder) FROM pg_enum e "
            "WHERE e.enumtypid = coalesce(nullif(t.typbasetype, 0), t.oid)), "
            "(SELECT json_agg(pg_get_expr(k.conbin, 0)) FROM pg_constraint k WHERE k.contypid = t.oid "
            "AND k.contype = 'c'), (SELECT json_agg(k.conname) FROM pg_constraint k WHERE k.contypid = t.oid "
            "AND k.contype = 'c'), t.typdefault "
            "FROM pg_attribute a JOIN pg_class c ON c.oid = a.attrelid JOIN pg_namespace n ON n.oid = c.relnamespace "
            "JOIN pg_type t ON t.oid = a.atttypid LEFT JOIN pg_type b ON b.oid = t.typbasetype "
            "LEFT JOIN pg_attrdef d ON d.adrelid = a.attrelid AND d.adnum = a.attnum "
            "WHERE a.attnum > 0 AND NOT a.attisdropped AND has_column_privilege(a.attrelid, a.attnum, 'SELECT') AND ") +
            TablesShown + QStringLiteral(" ORDER BY a.attrelid, a.attnum"),
        [&](const QSqlQuery &row) {
            const auto place = places.constFind(row.value(0).toLongLong());
            if (place == places.constEnd()) {
                return;
            }
            Table &table = catalogue.tables[*place];
            Column column;
            column.name = row.value(1).toString();
            setType(column, row.value(3).toString(), row.value(4).toString());
            column.declaredType = row.value(2).toString();
            column.isRequired = row.value(5).toBool();
            const QString identity = row.value(7).toString();
            column.isGenerated = !row.value(8).toString().isEmpty();
            column.defaultExpression = column.isGenerated ? QString()
                                       : row.isNull(6)    ? row.value(14).toString()
                                                          : row.value(6).toString();
            column.hasDefault = !column.defaultExpression.isEmpty() || !identity.isEmpty();
            column.numbersItself =
                !identity.isEmpty() || column.defaultExpression.startsWith(QLatin1String("nextval("));
            column.comment = row.value(9).toString();
            if (!row.value(10).toBool() && table.kind == TableKind::Table) {
                column.readOnlyReason = Texts::tr("You have no right to change this column.");
            }
            for (const QString &label : namesIn(row.value(11))) {
                column.choices.append(label);
            }
            // The checks of a type are those of every column of that type.
            const QStringList checks = namesIn(row.value(12));
            const QStringList names = namesIn(row.value(13));
            for (qsizetype i = 0; i < checks.size(); ++i) {
                static const QRegularExpression valueWord(QStringLiteral("\\bVALUE\\b"));
                QString quoted = column.name;
                quoted = u'"' + quoted.replace(u'"', QLatin1String("\"\"")) + u'"';
                const QString plain = plainCheck(checks.at(i)).replace(valueWord, quoted);
                table.checks.append({names.value(i), plain});
                if (const QVariantList choices = choicesOfCheck(plain, column.name); !choices.isEmpty()) {
                    column.choices = choices;
                }
            }
            table.columns.append(column);
        });
}

// https://www.postgresql.org/docs/current/catalog-pg-constraint.html: confdeltype
LinkRule linkRule(const QString &action)
{
    return action == QLatin1String("c")                                   ? LinkRule::Deletes
           : action == QLatin1String("n") || action == QLatin1String("d") ? LinkRule::LetsGo
                                                                          : LinkRule::Keeps;
}

bool readConstraints(QSqlQuery &query, Catalogue &catalogue, const TablePlaces &places)
{
    const QString columns = QStringLiteral(
        "(SELECT json_agg(a.attname ORDER BY u.place) FROM unnest(%1) WITH ORDINALITY AS u (number, place) "
        "JOIN pg_attribute a ON a.attrelid = %2 AND a.attnum = u.number)");
    const bool areRead = forEachRow(
        query,
        QStringLiteral(
            "SELECT k.conrelid, k.conname, k.contype::text, %1, k.confrelid, %2, k.confdeltype::text, "
            "pg_get_expr(k.conbin, k.conrelid) FROM pg_constraint k WHERE k.conrelid <> 0 "
            "AND k.contype IN ('p', 'u', 'f', 'c', 'x') AND k.conparentid = 0 ORDER BY k.conrelid, k.conname")
            .arg(columns.arg(QStringLiteral("k.conkey"), QStringLiteral("k.conrelid")),
                 columns.arg(QStringLiteral("k.confkey"), QStringLiteral("k.confrelid"))),
        [&](const QSqlQuery &row) {
            const auto place = places.constFind(row.value(0).toLongLong());
            if (place == places.constEnd()) {
                return;
            }
            Table &table = catalogue.tables[*place];
            const QString name = row.value(1).toString();
            const QString type = row.value(2).toString();
            const QStringList named = namesIn(row.value(3));
            table.constraints.insert(name, named);
            if (type == QLatin1String("p")) {
                table.primaryKey = named;
            } else if (type == QLatin1String("f")) {
                const auto parent = places.constFind(row.value(4).toLongLong());
                if (parent != places.constEnd()) {
                    table.foreignKeys.append({named, catalogue.tables.at(*parent).name, namesIn(row.value(5)),
                                              linkRule(row.value(6).toString())});
                }
            } else if (type == QLatin1String("c")) {
                const QString plain = plainCheck(row.value(7).toString());
                table.checks.append({name, plain});
                for (Column &column : table.columns) {
                    if (const QVariantList choices = choicesOfCheck(plain, column.name); !choices.isEmpty()) {
                        column.choices = choices;
                    }
                }
            }
        });
    // Unique by an index alone counts as well; one of a part of the rows, or of what is worked out, does not.
    return areRead && forEachRow(query,
                                 QStringLiteral("SELECT i.indrelid, c.relname, %1 FROM pg_index i JOIN pg_class c "
                                                "ON c.oid = i.indexrelid WHERE i.indisunique AND NOT i.indisprimary "
                                                "AND i.indpred IS NULL AND i.indexprs IS NULL AND i.indislive "
                                                "ORDER BY i.indrelid, c.relname")
                                     .arg(columns.arg(QStringLiteral("i.indkey[0:i.indnkeyatts - 1]"),
                                                      QStringLiteral("i.indrelid"))),
                                 [&](const QSqlQuery &row) {
                                     const auto place = places.constFind(row.value(0).toLongLong());
                                     if (place != places.constEnd()) {
                                         Table &table = catalogue.tables[*place];
                                         table.uniqueKeys.append({namesIn(row.value(2))});
                                         table.constraints.insert(row.value(1).toString(), namesIn(row.value(2)));
                                     }
                                 });
}

// A table without a key is known by columns that no two rows share and that are always there.
void findKeys(Catalogue &catalogue)
{
    for (Table &table : catalogue.tables) {
        for (const UniqueKey &key : std::as_const(table.uniqueKeys)) {
            const bool isWhole = std::all_of(key.columns.begin(), key.columns.end(), [&](const QString &name) {
                const Column *column = findColumn(table, name);
                return column && (column->isRequired || table.kind == TableKind::View);
            });
            if (table.primaryKey.isEmpty() && isWhole && !key.columns.isEmpty()) {
                table.primaryKey = key.columns;
            }
        }
        table.uniqueKeys.removeIf([&](const UniqueKey &key) { return key.columns == table.primaryKey; });
        // A key of which a part may not be read names no row.
        if (std::any_of(table.primaryKey.begin(), table.primaryKey.end(),
                        [&](const QString &name) { return !findColumn(table, name); })) {
            table.primaryKey.clear();
        }
    }
}

} // namespace

QString plainCheck(const QString &given)
{
    static const QRegularExpression cast(
        QStringLiteral("::(?:\"[^\"]+\"|[a-z_][a-z0-9_]*(?: (?:varying|precision|without time zone|with time zone))*)"
                       "(?:\\(\\d+(?:,\\s*\\d+)?\\))?(?:\\[\\])*"));
    static const QRegularExpression bracketed(QStringLiteral("\\((-?\\d+(?:\\.\\d+)?|'(?:[^']|'')*'|[a-z_]\\w*)\\)"));
    static const QRegularExpression functionBefore(QStringLiteral("\\w$"));
    static const QRegularExpression any(QStringLiteral("= ANY \\(+ARRAY\\[((?:'(?:[^']|'')*'|[^\\]'])*)\\]\\)+"));
    QString plain = given;
    plain.remove(cast);
    // (0) and (name) stand alone where no function is in front of them.
    for (qsizetype at = 0;;) {
        const QRegularExpressionMatch match = bracketed.match(plain, at);
        if (!match.hasMatch()) {
            break;
        }
        const bool isCall = functionBefore.match(plain.left(match.capturedStart())).hasMatch();
        if (isCall) {
            at = match.capturedEnd();
        } else {
            plain.replace(match.capturedStart(), match.capturedLength(), match.captured(1));
            at = match.capturedStart();
        }
    }
    for (QRegularExpressionMatch match = any.match(plain); match.hasMatch(); match = any.match(plain)) {
        // As many closing brackets as it opened; further ones belong to what is around.
        const QString whole = match.captured(0);
        const auto opened = whole.left(whole.indexOf(u'[')).count(u'(');
        const auto closed = whole.mid(whole.lastIndexOf(u']')).count(u')');
        plain.replace(match.capturedStart(), match.capturedLength(),
                      QStringLiteral("IN (%1)").arg(match.captured(1)) +
                          QString(std::max<qsizetype>(0, closed - opened), u')'));
    }
    // Brackets around all of it.
    const auto isWrapped = [](const QString &text) {
        int depth = 0;
        bool isText = false;
        for (qsizetype i = 0; i < text.size(); ++i) {
            isText = text.at(i) == u'\'' ? !isText : isText;
            depth += isText ? 0 : text.at(i) == u'(' ? 1 : text.at(i) == u')' ? -1 : 0;
            if (depth == 0 && i + 1 < text.size()) {
                return false;
            }
        }
        return text.startsWith(u'(') && text.endsWith(u')');
    };
    while (isWrapped(plain)) {
        plain = plain.mid(1, plain.size() - 2);
    }
    return plain;
}

Result<Catalogue> readPostgresqlCatalogue(const QSqlDatabase &database, const DatabaseAddress &address)
{
    Catalogue catalogue;
    TablePlaces places;
    QSqlQuery query(database);
    if (!readTables(query, catalogue, places) || !readColumns(query, catalogue, places) ||
        !readConstraints(query, catalogue, places)) {
        return postgresqlFailure(query.lastError(), address);
    }
    findKeys(catalogue);
    return catalogue;
}

} // namespace nabblet
