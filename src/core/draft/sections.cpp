#include "core/draft/sections.h"

#include "core/draft/captions.h"
#include "core/draft/column_order.h"
#include "core/text/tr.h"
#include "core/words/name_words.h"
#include "core/words/word_set.h"

#include <QHash>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr qsizetype LeastOfPrefix = 3; // columns whose names begin alike
constexpr qsizetype LeastOfTopic = 2;  // columns of any part
constexpr qsizetype LeastOfRecord = 4; // columns that stand with what names the record
constexpr qsizetype MostOfPart = 14;   // columns of the rest in one part

enum class Topic { Record, Prefix, Address, Contact, Dates, Amounts, Links, Switches, Rest, Kept };

bool hasWordIn(const QStringList &words, const QSet<QString> &table)
{
    return std::any_of(words.begin(), words.end(), [&](const QString &word) { return table.contains(word); });
}

Topic topicOf(const Table &table, const Column &column, const QStringList &words)
{
    static const QSet<QString> address = wordSet(
        "street address addr zip zipcode post postcode postal city town county state province region country house "
        "latitude longitude lat lon strasse ort plz adresse ville direccion ciudad");
    static const QSet<QString> contact =
        wordSet("phone tel telephone fax mobile cell email mail web website homepage url contact telefon");
    static const QSet<QString> money = wordSet(
        "price cost costs amount amt salary rate tax vat discount credit debit balance currency curr total sum net "
        "gross fee fees budget paid due freight preis betrag prix precio");
    if (isBookkeeping(column)) {
        return Topic::Kept;
    }
    if (column.type == ColumnType::YesNo) {
        return Topic::Switches;
    }
    if (column.type == ColumnType::Date || column.type == ColumnType::DateTime || column.type == ColumnType::Time) {
        return Topic::Dates;
    }
    const bool isNumber = column.type == ColumnType::DecimalNumber || column.type == ColumnType::WholeNumber;
    if (hasWordIn(words, money) && (isNumber || words.last() == QLatin1String("currency"))) {
        return Topic::Amounts;
    }
    if (hasWordIn(words, contact)) {
        return Topic::Contact;
    }
    if (hasWordIn(words, address)) {
        return Topic::Address;
    }
    return ledLink(table, column.name) ? Topic::Links : Topic::Rest;
}

// "parameter_1" of "parameter_1_value"; empty for other names.
QString numberedBeginning(const QStringList &words)
{
    return words.size() > 2 && words.at(1).at(0).isDigit() ? words.at(0) + u'_' + words.at(1) : QString();
}

QString titleOf(Topic topic)
{
    switch (topic) {
    case Topic::Address:
        return Texts::tr("Address");
    case Topic::Contact:
        return Texts::tr("Contact");
    case Topic::Dates:
        return Texts::tr("Dates");
    case Topic::Amounts:
        return Texts::tr("Amounts");
    case Topic::Links:
        return Texts::tr("Belongs to");
    case Topic::Switches:
        return Texts::tr("Yes or no");
    case Topic::Kept:
        return Texts::tr("Kept along");
    default:
        return Texts::tr("Details");
    }
}

} // namespace

QList<Section> sectionsOf(const Table &table, const QStringList &columns)
{
    struct Each
    {
        QString column;
        QStringList words; // of its name, without the table's own
        Topic topic = Topic::Rest;
        QString prefix;
    };
    const QStringList tableWords = wordsOfName(readableName(table));
    const QStringList telling = tellingColumns(table);
    QList<Each> all;
    QHash<QString, qsizetype> beginnings;
    for (const QString &name : columns) {
        const Column *column = findColumn(table, name);
        Each each{name, column ? wordsOfName(readableName(*column)) : QStringList{name}, Topic::Rest, QString()};
        if (each.words.size() > tableWords.size() && each.words.mid(0, tableWords.size()) == tableWords) {
            each.words = each.words.mid(tableWords.size());
        }
        each.topic = !column                                            ? Topic::Rest
                     : telling.contains(name) && namesRows(table, name) ? Topic::Record
                                                                        : topicOf(table, *column, each.words);
        const bool isApart = table.primaryKey.contains(name) ||
                             std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                         [&](const UniqueKey &key) { return key.columns == QStringList{name}; });
        each.topic = isApart ? Topic::Record : each.topic;
        if (each.words.size() > 1) {
            ++beginnings[each.words.first()];
            ++beginnings[numberedBeginning(each.words)];
        }
        all.append(each);
    }
    // A column that is called as the others begin stands with them ("snmp" before "snmp_port").
    static const QSet<QString> empty = wordSet("is has no number of max min last first total use allow date the");
    for (Each &each : all) {
        // One of several of a kind ("parameter 1") is a part of its own.
        const QString numbered = numberedBeginning(each.words);
        const bool isOneOfSeveral = !numbered.isEmpty() && beginnings.value(numbered) >= LeastOfPrefix;
        const QString first = isOneOfSeveral ? numbered : each.words.isEmpty() ? QString() : each.words.first();
        const qsizetype alike = beginnings.value(first);
        const bool isPrefix = alike >= LeastOfPrefix && alike * 3 <= columns.size() * 2 && !empty.contains(first);
        if (isPrefix && each.topic != Topic::Record && each.topic != Topic::Kept) {
            each.topic = Topic::Prefix;
            each.prefix = first;
        }
    }
    // Parts too small dissolve into the rest.
    const auto countOf = [&](Topic topic, const QString &prefix) {
        return std::count_if(all.begin(), all.end(),
                             [&](const Each &each) { return each.topic == topic && each.prefix == prefix; });
    };
    for (Each &each : all) {
        const bool isSmall = countOf(each.topic, each.prefix) < LeastOfTopic;
        if (each.topic != Topic::Record && isSmall) {
            each.topic = Topic::Rest;
            each.prefix.clear();
        }
    }
    // The record itself takes up what stands first of the rest, so that it is more than a name.
    qsizetype ofRecord = countOf(Topic::Record, QString());
    for (Each &each : all) {
        if (each.topic == Topic::Rest && ofRecord < LeastOfRecord) {
            each.topic = Topic::Record;
            ++ofRecord;
        }
    }
    QList<Section> sections;
    const auto add = [&](const QString &title, Topic topic, const QString &prefix) {
        QStringList names;
        for (const Each &each : std::as_const(all)) {
            if (each.topic == topic && each.prefix == prefix) {
                names.append(each.column);
            }
        }
        // So many of one kind that they would be a run again are parted evenly.
        const qsizetype parts = names.size() > MostInOneRun ? (names.size() + MostOfPart - 1) / MostOfPart : 1;
        for (qsizetype i = 0; i < parts; ++i) {
            const qsizetype from = names.size() * i / parts;
            const qsizetype end = names.size() * (i + 1) / parts;
            QString words = title;
            if (i > 0) {
                words = title.isEmpty() ? Texts::tr("More") : Texts::tr("%1, further").arg(title);
            }
            if (i > 1 || (i > 0 && parts > 2)) {
                words = Texts::tr("%1 %2", "a heading and its number")
                            .arg(title.isEmpty() ? Texts::tr("More") : title)
                            .arg(i + 1);
            }
            sections.append({words, names.mid(from, end - from)});
        }
    };
    if (ofRecord > 0) {
        add(QString(), Topic::Record, QString());
    }
    QList<QPair<Topic, QString>> seen{{Topic::Record, QString()}, {Topic::Kept, QString()}};
    for (const Each &each : std::as_const(all)) {
        const QPair<Topic, QString> part(each.topic, each.prefix);
        if (!seen.contains(part)) {
            seen.append(part);
            add(each.prefix.isEmpty() ? titleOf(each.topic) : captionFromColumn(each.prefix), each.topic, each.prefix);
        }
    }
    if (countOf(Topic::Kept, QString()) > 0) {
        add(titleOf(Topic::Kept), Topic::Kept, QString());
    }
    return sections;
}

} // namespace nabblet
