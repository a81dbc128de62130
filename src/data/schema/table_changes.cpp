#include "data/schema/table_changes.h"

#include "core/draft/field_kinds.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/patience.h"
#include "data/dialect/transaction.h"
#include "data/records/statement.h"

#include <QSqlQuery>

#include <algorithm>

namespace nabblet {

namespace {

constexpr qint64 MostChoices = 1000; // different values that a table of choices is made of

Error refused(const QString &sentence)
{
    return {sentence, {}};
}

bool isNameOf(const QString &a, const QString &b)
{
    return a.compare(b, Qt::CaseInsensitive) == 0;
}

// What stands in the way of changing a table at all.
std::optional<Error> whyUnchanged(const Connection &connection, const Table &table)
{
    if (connection.isReadOnly()) {
        return refused(Texts::tr("The database can only be read, so its tables cannot be changed."));
    }
    if (table.kind != TableKind::Table) {
        return refused(Texts::tr("“%1” is no table but a view or a SELECT; columns are added to tables.")
                           .arg(table.name.simplified()));
    }
    return std::nullopt;
}

// The values of a column in parts of a statement.
struct StoredValues
{
    QString from;
    QString value;
    QString isThere; // a condition: neither missing nor blank
};

StoredValues valuesOf(const Connection &connection, const Table &table, const QString &column)
{
    const QString value = rowsColumn(connection, column);
    return {rowsFrom(connection, recordSourceOf(table)), value,
            QStringLiteral("%1 IS NOT NULL AND %1 <> ''").arg(value)};
}

// A default as people type it, as a value.
Result<QVariant> readDefault(const NewColumn &column, const QLocale &locale)
{
    if (column.defaultWords.trimmed().isEmpty() || column.type == ColumnType::Binary) {
        return QVariant();
    }
    if (column.type == ColumnType::YesNo) {
        const QString words = column.defaultWords.trimmed().toLower();
        const bool isYes = words == Texts::tr("yes") || words == QLatin1String("1");
        const bool isNo = words == Texts::tr("no") || words == QLatin1String("0");
        return isYes || isNo ? Result<QVariant>(QVariant(isYes ? 1 : 0))
                             : refused(Texts::tr("The default must be yes or no."));
    }
    Column declared;
    declared.type = column.type;
    Control control;
    control.kind = kindByType(declared);
    const Result<QVariant> value = kindNamed(control.kind).read(control, column.defaultWords, locale);
    return value ? value : refused(Texts::tr("The default does not fit: %1").arg(value.error().sentence));
}

} // namespace

QList<ColumnType> offeredTypes()
{
    return {ColumnType::Text, ColumnType::WholeNumber, ColumnType::DecimalNumber, ColumnType::Date,
            ColumnType::Time, ColumnType::DateTime,    ColumnType::YesNo,         ColumnType::Binary};
}

Result<QString> addColumnStatement(const Connection &connection, const Table &table, const NewColumn &column,
                                   const QLocale &locale)
{
    if (const std::optional<Error> why = whyUnchanged(connection, table)) {
        return *why;
    }
    const QString name = column.name.trimmed();
    if (name.isEmpty()) {
        return refused(Texts::tr("Give the column a name."));
    }
    if (std::any_of(table.columns.begin(), table.columns.end(),
                    [&](const Column &each) { return isNameOf(each.name, name); })) {
        return refused(Texts::tr("“%1” has a column “%2” already.").arg(table.name.simplified(), name));
    }
    const Result<QVariant> value = readDefault(column, locale);
    if (!value) {
        return value.error();
    }
    if (column.isRequired && value->isNull()) {
        return refused(Texts::tr("A required column needs a default, for the rows that are there already."));
    }
    const Dialect &dialect = connection.dialect();
    QString statement =
        QStringLiteral("ALTER TABLE %1 ADD COLUMN %2 %3")
            .arg(connection.quotedTable(table.name), connection.quoted(name), dialect.typeName(column.type));
    if (column.isRequired) {
        statement += QStringLiteral(" NOT NULL");
    }
    if (!value->isNull()) {
        statement += QStringLiteral(" DEFAULT ") + dialect.literal(*value);
    }
    return statement;
}

QString choicesTableName(const Catalogue &catalogue, const Table &table, const QString &column)
{
    QStringList taken;
    for (const Table &each : catalogue.tables) {
        taken.append(each.name.toLower());
    }
    const QString plain = identifierFromText(column);
    return taken.contains(plain) ? NamePool(taken).take(identifierFromText(table.name + u'_' + column)) : plain;
}

Result<qint64> countChoices(const Connection &connection, const Table &table, const QString &column)
{
    const auto [from, value, isThere] = valuesOf(connection, table, column);
    const Patience patience(connection);
    QSqlQuery query(connection.database());
    query.setForwardOnly(true);
    if (!query.exec(QStringLiteral("SELECT count(DISTINCT %1) FROM %2 WHERE %3").arg(value, from, isThere)) ||
        !query.next()) {
        return connection.explain(query.lastError());
    }
    const qint64 values = query.value(0).toLongLong();
    if (values == 0) {
        return refused(Texts::tr("No values are stored in “%1” yet.").arg(column.simplified()));
    }
    if (values > MostChoices) {
        return refused(Texts::tr("“%1” holds %2 different values; that is no short list.")
                           .arg(column.simplified(), QLocale().toString(values)));
    }
    return values;
}

Result<ChoicesTable> choicesTableOf(const Connection &connection, const Catalogue &catalogue, const Table &table,
                                    const QString &column, const QString &name)
{
    if (const std::optional<Error> why = whyUnchanged(connection, table)) {
        return *why;
    }
    const Column *own = findColumn(table, column);
    if (!own || own->type != ColumnType::Text) {
        return refused(Texts::tr("Only the values of a text column make a table of choices."));
    }
    if (ledLink(table, column)) {
        return refused(Texts::tr("“%1” is chosen from another table already.").arg(column.simplified()));
    }
    if (name.trimmed().isEmpty()) {
        return refused(Texts::tr("Give the table a name."));
    }
    if (std::any_of(catalogue.tables.begin(), catalogue.tables.end(),
                    [&](const Table &each) { return isNameOf(each.name, name.trimmed()); })) {
        return refused(Texts::tr("There is a table “%1” already.").arg(name.trimmed()));
    }
    const auto [from, value, isThere] = valuesOf(connection, table, column);
    const QString made = connection.quoted(name.trimmed());
    const QString words = connection.quoted(QStringLiteral("name"));
    ChoicesTable result;
    result.statements = {QStringLiteral("CREATE TABLE %1 (%2 %3 NOT NULL PRIMARY KEY)")
                             .arg(made, words, connection.dialect().typeName(ColumnType::Text)),
                         QStringLiteral("INSERT INTO %1 (%2) SELECT DISTINCT %3 FROM %4 WHERE %5 ORDER BY 1")
                             .arg(made, words, value, from, isThere)};
    result.link = {table.name, {{column}, name.trimmed(), {QStringLiteral("name")}, LinkRule::Nothing}};
    return result;
}

Outcome runTogether(const Connection &connection, const QStringList &statements)
{
    const Patience patience(connection);
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        return connection.explain(transaction.error());
    }
    for (const QString &statement : statements) {
        QSqlQuery query(connection.database());
        if (!query.exec(statement)) {
            const Error error = connection.explain(query.lastError());
            query.finish();
            transaction.rollBack();
            return Error{Texts::tr("Nothing was changed. %1").arg(error.sentence), error.detail};
        }
    }
    if (!transaction.commit()) {
        return connection.explain(transaction.error());
    }
    return Done{};
}

} // namespace nabblet
