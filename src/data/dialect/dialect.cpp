#include "data/dialect/dialect.h"

namespace nabblet {

QString Dialect::quoteName(const QString &name) const
{
    QString doubled = name;
    doubled.replace(u'"', QLatin1String("\"\""));
    return u'"' + doubled + u'"';
}

QString Dialect::quoteName(const QStringList &parts) const
{
    QStringList quoted;
    for (const QString &part : parts) {
        quoted.append(quoteName(part));
    }
    return quoted.join(u'.');
}

std::optional<qint64> Dialect::rowsByStatistics(const QSqlDatabase &, const QString &) const
{
    return {};
}

QString Dialect::sampleOf(const QString &, const QString &, double, const QString &) const
{
    return {};
}

std::optional<qint64> Dialect::rowsWritten(const QSqlDatabase &) const
{
    return std::nullopt;
}

QString Dialect::typeName(ColumnType type) const
{
    switch (type) {
    case ColumnType::WholeNumber:
        return QStringLiteral("INTEGER");
    case ColumnType::DecimalNumber:
        return QStringLiteral("DECIMAL(12,2)");
    case ColumnType::Date:
        return QStringLiteral("DATE");
    case ColumnType::Time:
        return QStringLiteral("TIME");
    case ColumnType::DateTime:
        return QStringLiteral("TIMESTAMP");
    case ColumnType::YesNo:
        return QStringLiteral("BOOLEAN");
    case ColumnType::Binary:
        return QStringLiteral("BLOB");
    case ColumnType::Text:
        break;
    }
    return QStringLiteral("VARCHAR(200)");
}

QString Dialect::literal(const QVariant &value) const
{
    if (value.isNull()) {
        return QStringLiteral("NULL");
    }
    const int type = value.typeId();
    const bool isNumber = type == QMetaType::Int || type == QMetaType::LongLong || type == QMetaType::Double ||
                          type == QMetaType::ULongLong || type == QMetaType::UInt;
    if (isNumber) {
        return value.toString();
    }
    QString text = value.toString();
    return u'\'' + text.replace(u'\'', QStringLiteral("''")) + u'\'';
}

Outcome Dialect::prepareTrial(const QSqlDatabase &) const
{
    return Done{};
}

std::optional<bool> Dialect::holdsOthersUp(const QSqlDatabase &, const QString &) const
{
    return std::nullopt;
}

QString Dialect::beginWriting() const
{
    return QStringLiteral("BEGIN");
}

QString Dialect::placeOf(const QVariant &) const
{
    return QStringLiteral("?");
}

QString Dialect::bytesOf(const QString &) const
{
    return {};
}

QString Dialect::isValue(const QString &column, const QVariant &value) const
{
    return value.isNull() ? column + QLatin1String(" IS NULL") : column + QLatin1String(" = ") + placeOf(value);
}

QString Dialect::quoteTable(const QString &name) const
{
    return quoteName(name);
}

QString Dialect::isWrittenAs(const QString &column) const
{
    return column + QLatin1String(" = ?");
}

QString Dialect::isLike(const QString &text) const
{
    return text + QLatin1String(" LIKE ? ESCAPE '!'");
}

QString Dialect::patternBeginning(const QString &words)
{
    QString pattern = words;
    for (const QChar sign : {u'!', u'%', u'_'}) {
        pattern.replace(sign, QStringLiteral("!") + sign);
    }
    return pattern + u'%';
}

QString Dialect::patternHolding(const QString &words)
{
    return u'%' + patternBeginning(words);
}

QString Dialect::patternShaped(const QString &shape)
{
    QString pattern = patternBeginning(shape).chopped(1);
    return pattern.replace(u'*', u'%').replace(u'?', u'_');
}

QString Dialect::joined(const QStringList &texts) const
{
    return texts.join(QLatin1String(" || ' ' || "));
}

QString Dialect::asText(const QString &column) const
{
    return QStringLiteral("CAST(%1 AS VARCHAR(4000))").arg(column);
}

QString Dialect::ordered(const QString &term, bool isDescending, bool) const
{
    return term + QLatin1String(isDescending ? " DESC" : " ASC");
}

Condition Dialect::keyCompared(const QStringList &columns, const QString &sign, const QVariantList &key) const
{
    QStringList places;
    for (const QVariant &value : key) {
        places.append(placeOf(value));
    }
    return {
        QStringLiteral("(%1) %2 (%3)").arg(columns.join(QLatin1String(", ")), sign, places.join(QLatin1String(", "))),
        key};
}

QString Dialect::tableAs(const QString &table, const QString &alias) const
{
    return QStringLiteral("%1 AS %2").arg(table, alias);
}

// The line break ends a comment that the SELECT may close with.
QString Dialect::selectAs(const QString &select, const QString &alias) const
{
    return QStringLiteral("(%1\n) AS %2").arg(select, alias);
}

QString Dialect::firstOf(const QString &select, qint64 most) const
{
    return select + QStringLiteral(" LIMIT %1").arg(most);
}

QString Dialect::everyOf(const QString &columns, const QString &from, qint64 every, const QString &alias) const
{
    const QString number = quoteName(QStringLiteral("nabblet row"));
    return QStringLiteral("SELECT %1 FROM (SELECT *, row_number() OVER () AS %2 FROM %3) AS %4 WHERE %2 % %5 = 0")
        .arg(columns, number, from, alias, QString::number(every));
}

QString Dialect::spanOf(const QString &key, const QString &table) const
{
    return QStringLiteral("SELECT max(%1) - min(%1) + 1 FROM %2").arg(key, table);
}

QString Dialect::insertGiving(const QString &table, const QString &columns, const QString &places,
                              const QString &given) const
{
    const QString filled =
        columns.isEmpty() ? QStringLiteral("DEFAULT VALUES") : QStringLiteral("(%1) VALUES (%2)").arg(columns, places);
    return QStringLiteral("INSERT INTO %1 %2 RETURNING %3").arg(table, filled, given);
}

QString Dialect::dropCopy(const QString &table) const
{
    return QStringLiteral("DROP TABLE IF EXISTS ") + table;
}

} // namespace nabblet
