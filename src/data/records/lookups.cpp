// The choices of lookups, what they show, values that follow them, and totals.
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "data/dialect/patience.h"
#include "data/records/records.h"
#include "data/records/statement.h"

#include <QCollator>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

QStringList quotedAll(const Connection &connection, const QStringList &names)
{
    QStringList quoted;
    for (const QString &name : names) {
        quoted.append(rowsColumn(connection, name));
    }
    return quoted;
}

// The words of so many columns, one after the other; missing ones are left out.
QString joinedWords(const QSqlQuery &query, int first, qsizetype count)
{
    QStringList words;
    for (int i = 0; i < count; ++i) {
        if (!query.isNull(first + i)) {
            words.append(query.value(first + i).toString());
        }
    }
    return words.join(u' ');
}

// What the choices are read from: a table, or a SELECT as one.
QString choicesFrom(const Connection &connection, const Lookup &lookup)
{
    const QString name = connection.quoted(QStringLiteral("rows"));
    return lookup.select.isEmpty() ? connection.dialect().tableAs(connection.quotedTable(lookup.table), name)
                                   : connection.dialect().selectAs(withoutEnd(lookup.select), name);
}

// The first row whose columns hold these values. from: a quoted table or a SELECT.
Running rowHolding(const Connection &connection, const QString &from, const QStringList &shown,
                   const QStringList &columns, const QVariantList &values)
{
    QStringList conditions;
    for (const QString &column : columns) {
        conditions.append(rowsColumn(connection, column) + QLatin1String(" = ?"));
    }
    const QString all =
        QStringLiteral("SELECT %1 FROM %2 WHERE %3")
            .arg(quotedAll(connection, shown).join(QLatin1String(", ")), from, conditions.join(QLatin1String(" AND ")));
    return Running(connection, {connection.dialect().firstOf(all, 1), values});
}

constexpr int MostAlike = 50; // rows of the same words that are told apart

// The choices that hold to conditions, in an order with its own values.
Result<QList<LookupRow>> choicesWhere(const Connection &connection, const Lookup &lookup, const QStringList &conditions,
                                      const QVariantList &values, const Statement &order, int most)
{
    const QStringList words = quotedAll(connection, lookup.wordsColumns);
    const QStringList stored = quotedAll(connection, lookup.valueColumns);
    QStringList also;
    for (const LookupColumn &column : lookup.also) {
        also.append(rowsColumn(connection, column.name));
    }
    const QString where =
        conditions.isEmpty() ? QString() : QLatin1String(" WHERE ") + conditions.join(QLatin1String(" AND "));
    const QString sql = connection.dialect().firstOf(
        QStringLiteral("SELECT %1 FROM %2%3%4")
            .arg((stored + words + also).join(QLatin1String(", ")), choicesFrom(connection, lookup), where,
                 order.sql.isEmpty() ? QString() : QLatin1String(" ORDER BY ") + order.sql),
        most);
    const Patience patience(connection);
    Running running(connection, {sql, values + order.values});
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    QList<LookupRow> rows;
    const int first = static_cast<int>(stored.size());
    while (running.query.next()) {
        LookupRow row;
        for (int i = 0; i < first; ++i) {
            row.values.append(running.query.value(i));
        }
        row.words = joinedWords(running.query, first, lookup.wordsColumns.size());
        const int behind = first + static_cast<int>(lookup.wordsColumns.size());
        for (int i = 0; i < also.size(); ++i) {
            row.also.append(running.query.value(behind + i).toString());
        }
        rows.append(row);
    }
    if (running.query.lastError().type() != QSqlError::NoError) {
        return connection.explain(running.query.lastError());
    }
    return rows;
}

// Rows of the same words get what differs behind them: the first further column that tells them all apart, else what is
// stored.
QList<LookupRow> toldApart(QList<LookupRow> rows)
{
    QHash<QString, QList<qsizetype>> alike;
    for (qsizetype i = 0; i < rows.size(); ++i) {
        alike[rows.at(i).words].append(i);
    }
    for (const QList<qsizetype> &group : std::as_const(alike)) {
        if (group.size() < 2) {
            continue;
        }
        const auto tells = [&](qsizetype column) {
            QSet<QString> different;
            for (const qsizetype i : group) {
                different.insert(rows.at(i).also.value(column));
            }
            return different.size() == group.size();
        };
        const qsizetype columns = rows.at(group.first()).also.size();
        qsizetype telling = 0;
        while (telling < columns && !tells(telling)) {
            ++telling;
        }
        for (const qsizetype i : group) {
            QStringList values;
            for (const QVariant &value : rows.at(i).values) {
                values.append(value.toString());
            }
            rows[i].words += QStringLiteral(" (%1)").arg(telling < columns ? rows.at(i).also.at(telling)
                                                                           : values.join(QLatin1String(", ")));
            rows[i].isToldApart = true;
        }
    }
    return rows;
}

} // namespace

namespace {

// In the order of the person's language, where databases have another: Ł behind L, and not behind Z. What begins with
// the words typed stays first. Only for choices that are all at hand; of more, the database gives the first of its own
// order.
QList<LookupRow> asPeopleSort(QList<LookupRow> rows, const QString &typed)
{
    QCollator collator;
    collator.setCaseSensitivity(Qt::CaseInsensitive);
    std::stable_sort(rows.begin(), rows.end(), [&](const LookupRow &a, const LookupRow &b) {
        const bool first = a.words.startsWith(typed, Qt::CaseInsensitive);
        const bool second = b.words.startsWith(typed, Qt::CaseInsensitive);
        return first != second ? first : collator.compare(a.words, b.words) < 0;
    });
    return rows;
}

} // namespace

QList<LookupRow> choicesWith(const QList<LookupRow> &all, const Lookup &lookup, const QString &part, int most)
{
    // Letters without their marks are found by plain ones, as collations have it.
    const auto folded = [](const QString &words) {
        QString plain;
        for (const QChar letter : words.normalized(QString::NormalizationForm_D)) {
            if (letter.category() != QChar::Mark_NonSpacing) {
                plain.append(letter);
            }
        }
        return plain.toCaseFolded();
    };
    const QStringList typed = folded(part).split(u' ', Qt::SkipEmptyParts);
    QList<LookupRow> beginning;
    QList<LookupRow> holding;
    for (const LookupRow &row : all) {
        const QString words = folded((QStringList{row.words} + row.also).join(u' '));
        const bool holdsAll =
            std::all_of(typed.begin(), typed.end(), [&](const QString &word) { return words.contains(word); });
        const bool isStoredAs =
            typed.size() == 1 && std::any_of(row.values.begin(), row.values.end(),
                                             [&](const QVariant &value) { return value.toString() == part.trimmed(); });
        if (holdsAll || isStoredAs) {
            (words.startsWith(typed.join(u' ')) ? beginning : holding).append(row);
        }
    }
    const QList<LookupRow> found = beginning + holding;
    return (lookup.sort.isEmpty() ? asPeopleSort(found, part) : found).mid(0, most);
}

Result<QList<LookupRow>> lookupRows(const Connection &connection, const Lookup &lookup, const QString &part, int most,
                                    const ColumnValues &fixed)
{
    const QStringList words = quotedAll(connection, lookup.wordsColumns);
    const QStringList stored = quotedAll(connection, lookup.valueColumns);
    QStringList conditions;
    QVariantList values;
    QVariantList orderValues; // values of the order, which are bound behind those of the conditions
    QStringList also;
    for (const LookupColumn &column : lookup.also) {
        also.append(rowsColumn(connection, column.name));
    }
    // Each word typed is looked for in the words shown, taken together.
    QStringList shown;
    for (const QString &name : words + also) {
        shown.append(QStringLiteral("coalesce(%1, '')").arg(connection.dialect().asText(name)));
    }
    const QStringList typed = part.split(u' ', Qt::SkipEmptyParts);
    const QString isLike = connection.dialect().isLike(connection.dialect().joined(shown));
    for (const QString &word : typed) {
        conditions.append(isLike);
        values.append(Dialect::patternHolding(word));
    }
    if (typed.size() == 1) { // people may know a row by what is stored of it
        QStringList either{conditions.takeLast()};
        for (const QString &name : stored) {
            either.append(connection.dialect().isWrittenAs(name));
            values.append(typed.first());
        }
        conditions.append(u'(' + either.join(QLatin1String(" OR ")) + u')');
    }
    for (auto held = fixed.constBegin(); held != fixed.constEnd(); ++held) {
        conditions.append(rowsColumn(connection, held.key()) + QLatin1String(" = ?"));
        values.append(held.value());
    }
    // What begins with the words comes before what only holds them.
    QStringList order;
    if (!typed.isEmpty()) {
        order.append(QStringLiteral("CASE WHEN %1 THEN 0 ELSE 1 END").arg(isLike));
        orderValues.append(Dialect::patternBeginning(typed.join(u' ')));
    }
    for (const QString &column : lookup.sort) {
        const ChoiceOrder by = choiceOrder(column);
        order.append(rowsColumn(connection, by.name) + (by.isFalling ? QStringLiteral(" DESC") : QString()));
    }
    order += words;
    const Result<QList<LookupRow>> rows =
        choicesWhere(connection, lookup, conditions, values, {order.join(QLatin1String(", ")), orderValues}, most);
    if (!rows) {
        return rows;
    }
    const bool areAll = rows->size() < most;
    return toldApart(areAll && lookup.sort.isEmpty() ? asPeopleSort(*rows, typed.join(u' ')) : *rows);
}

Result<QString> lookupWords(const Connection &connection, const Lookup &lookup, const QVariantList &values,
                            SameWords sameWords)
{
    const Patience patience(connection);
    Running running =
        rowHolding(connection, choicesFrom(connection, lookup), lookup.wordsColumns, lookup.valueColumns, values);
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    if (!running.query.next()) {
        return QString();
    }
    const QString words = joinedWords(running.query, 0, lookup.wordsColumns.size());
    if (sameWords == SameWords::AsTheyAre) {
        return words;
    }
    QStringList conditions;
    QVariantList held;
    for (int i = 0; i < lookup.wordsColumns.size(); ++i) {
        const QString name = rowsColumn(connection, lookup.wordsColumns.at(i));
        conditions.append(
            connection.dialect().isValue(name, running.query.isNull(i) ? QVariant() : running.query.value(i)));
        if (!running.query.isNull(i)) {
            held.append(running.query.value(i));
        }
    }
    const Result<QList<LookupRow>> alike = choicesWhere(connection, lookup, conditions, held, {}, MostAlike);
    for (const LookupRow &row : alike ? toldApart(*alike) : QList<LookupRow>()) {
        if (row.values == values) {
            return row.words;
        }
    }
    return words;
}

Result<QVariant> followedValue(const Connection &connection, const Followed &followed, const QVariantList &values)
{
    Running running = rowHolding(
        connection,
        connection.dialect().tableAs(connection.quotedTable(followed.table), connection.quoted(QStringLiteral("rows"))),
        {followed.column}, followed.keyColumns, values);
    if (!running.isGood) {
        return connection.explain(running.query.lastError());
    }
    return running.query.next() ? running.query.value(0) : QVariant();
}

Result<QVariant> totalOfRows(const Connection &connection, const RecordSource &source, const Total &total)
{
    static const QHash<TotalKind, QString> functions{{TotalKind::Sum, QStringLiteral("sum")},
                                                     {TotalKind::Average, QStringLiteral("avg")},
                                                     {TotalKind::Least, QStringLiteral("min")},
                                                     {TotalKind::Greatest, QStringLiteral("max")},
                                                     {TotalKind::Count, QStringLiteral("count")}};
    if (total.column.isEmpty() && total.kind != TotalKind::Count) {
        return QVariant(); // of no column there is nothing to work out
    }
    const QString of = total.column.isEmpty() ? QStringLiteral("*") : rowsColumn(connection, total.column);
    const Statement where = held(connection, source, {}, {});
    const Patience patience(connection, source.select.isEmpty() ? Sql::OurOwn : Sql::OfPeople);
    Running running(connection, {QStringLiteral("SELECT %1(%2) FROM %3%4")
                                     .arg(functions.value(total.kind), of, rowsFrom(connection, source), where.sql),
                                 where.values});
    if (!running.isGood || !running.query.next()) {
        return connection.explain(running.query.lastError());
    }
    return running.query.value(0);
}

} // namespace nabblet
