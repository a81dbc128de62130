#include "core/draft/column_order.h"

#include <algorithm>

namespace nabblet {

namespace {

QString lower(const QString &name)
{
    return name.toLower().replace(u' ', u'_').replace(u'-', u'_');
}

// Moves some columns, in the order given, to the front.
QStringList toFront(const QStringList &columns, const QStringList &first)
{
    QStringList result;
    for (const QString &column : first) {
        if (columns.contains(column) && !result.contains(column)) {
            result.append(column);
        }
    }
    for (const QString &column : columns) {
        if (!result.contains(column)) {
            result.append(column);
        }
    }
    return result;
}

// Something that columns make up together: words that name its parts, in the customary order, in rows.
struct Pattern
{
    QList<QList<QStringList>> rows; // rows of parts, each part by the words that may name it
    int least = 2;                  // so many parts must be there
};

const QList<Pattern> &patterns()
{
    const auto words = [](std::initializer_list<const char *> list) {
        QStringList result;
        for (const char *word : list) {
            result.append(QString::fromLatin1(word));
        }
        return result;
    };
    static const QList<Pattern> table{
        // A person's name.
        {{{words({"form_of_address", "salutation", "title_before", "honorific"})},
          {words({"given_name", "first_name", "forename", "firstname"}), words({"middle_name", "middlename"})},
          {words({"family_name", "last_name", "surname", "lastname"})}},
         2},
        // An address: street and number, post code and town, then the wider places.
        {{{words({"street", "street_name", "address", "address_1", "address_line_1", "address1"}), words({"house_no", "house_number", "street_no", "number"})},
          {words({"address_2", "address_line_2", "address2"})},
          {words({"post_code", "postcode", "postal_code", "zip", "zip_code"}), words({"town", "city", "place", "locality"})},
          {words({"county", "region", "state", "province"})},
          {words({"country", "country_code"})}},
         2},
        // A place on the earth.
        {{{words({"latitude", "lat"}), words({"longitude", "lon", "lng", "long"})}}, 2},
        {{{words({"quantity", "amount", "qty"}), words({"unit", "units", "currency"})}}, 2},
    };
    return table;
}

// The stem of a column that starts or ends something: "agreement" of "agreement_from"; empty for others.
QString stemOf(const QString &column, const QStringList &endings)
{
    const QString name = lower(column);
    for (const QString &ending : endings) {
        if (name == ending) {
            return QStringLiteral("*");
        }
        if (name.endsWith(u'_' + ending)) {
            return name.chopped(ending.size() + 1);
        }
        if (name.startsWith(ending + u'_')) {
            return name.mid(ending.size() + 1);
        }
    }
    return {};
}

QString startStem(const QString &column)
{
    static const QStringList endings{QStringLiteral("from"), QStringLiteral("start"), QStringLiteral("begin"), QStringLiteral("starts"), QStringLiteral("begins"),
                                     QStringLiteral("since"), QStringLiteral("valid_from")};
    return stemOf(column, endings);
}

QString endStem(const QString &column)
{
    static const QStringList endings{QStringLiteral("until"), QStringLiteral("to"), QStringLiteral("till"), QStringLiteral("end"), QStringLiteral("ends"),
                                     QStringLiteral("finish"), QStringLiteral("valid_until")};
    return stemOf(column, endings);
}

bool isMoment(const Table &table, const QString &name)
{
    const Column *column = findColumn(table, name);
    return column && (column->type == ColumnType::Date || column->type == ColumnType::Time || column->type == ColumnType::DateTime);
}

// The group that a pattern makes of the columns that are still free; without rows when too few of its parts are there.
ColumnGroup matched(const Pattern &pattern, const QStringList &free)
{
    ColumnGroup group;
    int found = 0;
    for (const QList<QStringList> &parts : pattern.rows) {
        ColumnRow row;
        for (const QStringList &words : parts) {
            const auto column = std::find_if(free.begin(), free.end(), [&](const QString &name) { return words.contains(lower(name)); });
            if (column != free.end()) {
                row.columns.append(*column);
                ++found;
            }
        }
        if (!row.columns.isEmpty()) {
            group.rows.append(row);
        }
    }
    return found >= pattern.least ? group : ColumnGroup();
}

bool holds(const ColumnGroup &group, const QString &column)
{
    return std::any_of(group.rows.begin(), group.rows.end(), [&](const ColumnRow &row) { return row.columns.contains(column); });
}

} // namespace

QStringList namesFirst(const Table &table, const QStringList &columns)
{
    const ColumnGroup person = matched(patterns().first(), columns);
    if (!person.rows.isEmpty()) {
        QStringList first;
        for (const ColumnRow &row : person.rows) {
            first += row.columns;
        }
        return toFront(columns, first);
    }
    // A code by which people know the record stands before the name, as on every label.
    QStringList first;
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        if (column && column->isRequired && column->type == ColumnType::Text) {
            first.append(column->name);
        }
    }
    const Column *naming = findColumn(table, namingColumn(table));
    if (naming && naming->type == ColumnType::Text) {
        first.append(naming->name);
    }
    return toFront(columns, first);
}

QStringList wideLast(const QStringList &columns, const QSet<QString> &wide)
{
    QStringList result = columns;
    std::stable_partition(result.begin(), result.end(), [&](const QString &column) { return !wide.contains(column); });
    return result;
}

bool isBookkeeping(const Column &column)
{
    static const QStringList verbs{QStringLiteral("created"), QStringLiteral("changed"), QStringLiteral("modified"), QStringLiteral("updated"),
                                   QStringLiteral("entered"), QStringLiteral("inserted"), QStringLiteral("edited")};
    const QStringList parts = lower(column.name).split(u'_', Qt::SkipEmptyParts);
    static const QStringList endings{QStringLiteral("at"), QStringLiteral("on"), QStringLiteral("by"), QStringLiteral("date"), QStringLiteral("time"), QStringLiteral("user")};
    return !parts.isEmpty() && verbs.contains(parts.first()) && (parts.size() == 1 || endings.contains(parts.last()));
}

QStringList bookkeepingLast(const Table &table, const QStringList &columns)
{
    QStringList result = columns;
    std::stable_partition(result.begin(), result.end(), [&](const QString &name) {
        const Column *column = findColumn(table, name);
        return !column || !isBookkeeping(*column);
    });
    return result;
}

QList<ColumnGroup> grouped(const Table &table, const QStringList &columns)
{
    QStringList free = columns;
    QList<ColumnGroup> found;
    for (const Pattern &pattern : patterns()) {
        const ColumnGroup group = matched(pattern, free);
        if (!group.rows.isEmpty()) {
            found.append(group);
            free.removeIf([&](const QString &column) { return holds(group, column); });
        }
    }
    for (const QString &start : columns) {
        const QString stem = startStem(start);
        if (stem.isEmpty() || !free.contains(start) || !isMoment(table, start)) {
            continue;
        }
        for (const QString &end : columns) {
            if (free.contains(end) && endStem(end) == stem && isMoment(table, end)) {
                found.append(ColumnGroup{{ColumnRow{{start, end}}}});
                free.removeOne(start);
                free.removeOne(end);
                break;
            }
        }
    }
    QList<ColumnGroup> result;
    QSet<QString> placed;
    for (const QString &column : columns) {
        if (placed.contains(column)) {
            continue;
        }
        const auto group = std::find_if(found.begin(), found.end(), [&](const ColumnGroup &each) { return holds(each, column); });
        const ColumnGroup next = group == found.end() ? ColumnGroup{{ColumnRow{{column}}}} : *group;
        for (const ColumnRow &row : next.rows) {
            for (const QString &name : row.columns) {
                placed.insert(name);
            }
        }
        result.append(next);
    }
    return result;
}

QStringList readableOrder(const Table &table, const QSet<QString> &wide)
{
    QStringList columns;
    for (const Column &column : table.columns) {
        columns.append(column.name);
    }
    const QList<ColumnGroup> groups = grouped(table, wideLast(bookkeepingLast(table, namesFirst(table, columns)), wide));
    QStringList result;
    for (const ColumnGroup &group : groups) {
        for (const ColumnRow &row : group.rows) {
            result += row.columns;
        }
    }
    return result;
}

} // namespace nabblet
