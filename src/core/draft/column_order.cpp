#include "core/draft/column_order.h"

#include "core/catalogue/create_statement.h"
#include "core/catalogue/row_names.h"
#include "core/words/name_words.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

// A column's name in small letters, its words parted by underscores.
QString lower(const Column &column)
{
    return wordsOfName(readableName(column)).join(u'_');
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
    const QSet<QString> placed(result.begin(), result.end());
    for (const QString &column : columns) {
        if (!placed.contains(column)) {
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
        {{{words({"street", "street_name", "address", "address_1", "address_line_1", "address1"}),
           words({"house_no", "house_number", "street_no", "number"})},
          {words({"address_2", "address_line_2", "address2"})},
          {words({"post_code", "postcode", "postal_code", "zip", "zip_code"}),
           words({"town", "city", "place", "locality"})},
          {words({"county", "region", "state", "province"})},
          {words({"country", "country_code"})}},
         2},
        // A place on the earth.
        {{{words({"latitude", "lat"}), words({"longitude", "lon", "lng", "long"})}}, 2},
        {{{words({"quantity", "amount", "qty"}), words({"unit", "units", "currency"})}}, 2},
        {{{words({"x"}), words({"y"}), words({"z"})}}, 2},
        {{{words({"width"}), words({"height"})}}, 2},
    };
    return table;
}

// The stem of a column that starts or ends something: "agreement" of "agreement_from"; empty for others.
QString stemOf(const QString &name, const QStringList &endings)
{
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

// Both take a column's name in small letters.
QString startStem(const QString &name)
{
    static const QStringList endings{QStringLiteral("from"),      QStringLiteral("start"),  QStringLiteral("begin"),
                                     QStringLiteral("starts"),    QStringLiteral("begins"), QStringLiteral("since"),
                                     QStringLiteral("valid_from")};
    return stemOf(name, endings);
}

QString endStem(const QString &name)
{
    static const QStringList endings{QStringLiteral("until"),      QStringLiteral("to"),   QStringLiteral("till"),
                                     QStringLiteral("end"),        QStringLiteral("ends"), QStringLiteral("finish"),
                                     QStringLiteral("valid_until")};
    return stemOf(name, endings);
}

bool isMoment(const Column &column)
{
    return column.type == ColumnType::Date || column.type == ColumnType::Time || column.type == ColumnType::DateTime;
}

// Columns by their names in small letters.
using ByName = QHash<QString, QString>;

ByName byName(const Table &table, const QStringList &columns)
{
    const QSet<QString> wanted(columns.begin(), columns.end());
    ByName result;
    for (const Column &column : table.columns) {
        if (wanted.contains(column.name)) {
            result.insert(lower(column), column.name);
        }
    }
    return result;
}

// The group that a pattern makes of the columns that are still free; without rows when too few of its parts are there.
ColumnGroup matched(const Pattern &pattern, const ByName &free)
{
    ColumnGroup group;
    int found = 0;
    for (const QList<QStringList> &parts : pattern.rows) {
        ColumnRow row;
        for (const QStringList &words : parts) {
            for (const QString &word : words) {
                const auto column = free.constFind(word);
                if (column != free.constEnd()) {
                    row.columns.append(*column);
                    ++found;
                    break;
                }
            }
        }
        if (!row.columns.isEmpty()) {
            group.rows.append(row);
        }
    }
    return found >= pattern.least ? group : ColumnGroup();
}

} // namespace

QStringList namesFirst(const Table &table, const QStringList &columns)
{
    QStringList first;
    const ColumnGroup person = matched(patterns().first(), byName(table, columns));
    for (const ColumnRow &row : person.rows) {
        first += row.columns;
    }
    // A text that is merely the first one (who led a visit) names nothing.
    const QString naming = namingColumn(table);
    const Column *named = findColumn(table, naming);
    const bool isKey = table.primaryKey.contains(naming) && named && named->type != ColumnType::Text;
    if (first.isEmpty() && named && !isKey && namesRows(table, naming) && !findLink(table, naming)) {
        first.append(naming);
    }
    // What is called a name stands first also where hardly anybody filled it.
    for (const Column &column : table.columns) {
        const bool isWanted = first.isEmpty() && column.type == ColumnType::Text && !findLink(table, column.name);
        if (isWanted && calledAsName(table, column) >= PlainlyName) {
            first.append(column.name);
        }
    }
    // Behind it what tells it apart: the codes by which people know it.
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        if (column && column->isRequired && column->type == ColumnType::Text && !isMadeByMachine(*column)) {
            first.append(column->name);
        }
    }
    for (const QString &part : table.primaryKey) {
        const Column *column = findColumn(table, part);
        if (column && column->type == ColumnType::Text && !ledLink(table, part)) {
            first.append(part);
        }
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
    static const QSet<QString> alone{QStringLiteral("mtime"), QStringLiteral("ctime"), QStringLiteral("atime")};
    static const QSet<QString> verbs{
        QStringLiteral("created"), QStringLiteral("changed"),  QStringLiteral("modified"),    QStringLiteral("updated"),
        QStringLiteral("entered"), QStringLiteral("inserted"), QStringLiteral("edited"),      QStringLiteral("create"),
        QStringLiteral("update"),  QStringLiteral("creation"), QStringLiteral("modification")};
    static const QSet<QString> beside{QStringLiteral("at"),    QStringLiteral("on"),       QStringLiteral("by"),
                                      QStringLiteral("date"),  QStringLiteral("time"),     QStringLiteral("user"),
                                      QStringLiteral("last"),  QStringLiteral("record"),   QStringLiteral("row"),
                                      QStringLiteral("stamp"), QStringLiteral("timestamp")};
    // Verbs that also mean something people do ("create", "update") count only beside another word.
    static const QSet<QString> weak{QStringLiteral("create"), QStringLiteral("update"), QStringLiteral("creation"),
                                    QStringLiteral("modification")};
    const QStringList parts = wordsOfName(readableName(column));
    if (parts.size() == 1) {
        return alone.contains(parts.first()) || (verbs.contains(parts.first()) && !weak.contains(parts.first()));
    }
    const bool hasVerb =
        std::any_of(parts.begin(), parts.end(), [](const QString &part) { return verbs.contains(part); });
    return hasVerb &&
           (verbs.contains(parts.first()) || parts.first() == QLatin1String("last") ||
            std::all_of(parts.begin(), parts.end(),
                        [](const QString &part) { return verbs.contains(part) || beside.contains(part); })) &&
           (beside.contains(parts.last()) || verbs.contains(parts.last()));
}

bool isKeptByDatabase(const Column &column)
{
    // A text that is put in as it stands ('unknown') says nothing of the moment or of who it is.
    const QString filled =
        literalValue(column.defaultExpression).isValid() ? QString() : column.defaultExpression.toLower();
    const bool isOfTheMoment = filled.contains(QLatin1String("current_")) || filled.contains(QLatin1String("now")) ||
                               filled.contains(QLatin1String("datetime")) ||
                               filled.contains(QLatin1String("strftime")) || filled.contains(QLatin1String("user"));
    return isBookkeeping(column) && (column.isGenerated || (column.hasDefault && isOfTheMoment));
}

QStringList bookkeepingLast(const Table &table, const QStringList &columns)
{
    QSet<QString> late;
    for (const Column &column : table.columns) {
        if (isBookkeeping(column) || (isMadeByMachine(column) && !table.primaryKey.contains(column.name))) {
            late.insert(column.name);
        }
    }
    return wideLast(columns, late);
}

QList<ColumnGroup> grouped(const Table &table, const QStringList &columns)
{
    if (table.kind == TableKind::Select) { // whoever wrote it has said what stands beside what
        QList<ColumnGroup> inOrder;
        for (const QString &column : columns) {
            inOrder.append(ColumnGroup{{ColumnRow{{column}}}});
        }
        return inOrder;
    }
    ByName free = byName(table, columns);
    QList<ColumnGroup> found;
    const auto take = [&](const ColumnGroup &group) {
        found.append(group);
        for (const ColumnRow &row : group.rows) {
            for (const QString &column : row.columns) {
                free.remove(lower(*findColumn(table, column)));
            }
        }
    };
    const QString naming = namingColumn(table);
    for (const Pattern &pattern : patterns()) {
        const ColumnGroup group = matched(pattern, free);
        if (!group.rows.isEmpty()) {
            take(group);
        }
        // What names the record stands first, and is no part of an address ("country" of a table of countries).
        if (&pattern == &patterns().first() && namesRows(table, naming)) {
            free.removeIf([&](const ByName::iterator &each) { return each.value() == naming; });
        }
    }
    QStringList moments;
    QHash<QString, QString> lowerOf;
    const QSet<QString> wanted(columns.begin(), columns.end());
    for (const Column &column : table.columns) {
        if (isMoment(column) && wanted.contains(column.name) && free.contains(lower(column))) {
            moments.append(column.name);
            lowerOf.insert(column.name, lower(column));
        }
    }
    QHash<QString, QString> endOf; // what ends, by its stem
    for (const QString &moment : std::as_const(moments)) {
        const QString stem = endStem(lowerOf.value(moment));
        if (!stem.isEmpty() && !endOf.contains(stem)) {
            endOf.insert(stem, moment);
        }
    }
    for (const QString &start : std::as_const(moments)) {
        const QString stem = startStem(lowerOf.value(start));
        const QString end = stem.isEmpty() ? QString() : endOf.take(stem);
        if (!end.isEmpty() && end != start) {
            take(ColumnGroup{{ColumnRow{{start, end}}}});
        }
    }
    QHash<QString, qsizetype> groupOf;
    for (qsizetype i = 0; i < found.size(); ++i) {
        for (const ColumnRow &row : found.at(i).rows) {
            for (const QString &column : row.columns) {
                groupOf.insert(column, i);
            }
        }
    }
    QList<ColumnGroup> result;
    QSet<QString> placed;
    for (const QString &column : columns) {
        if (placed.contains(column)) {
            continue;
        }
        const qsizetype at = groupOf.value(column, -1);
        const ColumnGroup next = at < 0 ? ColumnGroup{{ColumnRow{{column}}}} : found.at(at);
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
    const QList<ColumnGroup> groups =
        grouped(table, wideLast(bookkeepingLast(table, namesFirst(table, columns)), wide));
    QStringList result;
    for (const ColumnGroup &group : groups) {
        for (const ColumnRow &row : group.rows) {
            result += row.columns;
        }
    }
    return result;
}

} // namespace nabblet
