// Which records people want to see: what they ask of boxes, as values, and in words.
#pragma once

#include <QJsonArray>
#include <QJsonObject>
#include <QList>
#include <QString>
#include <QVariant>

namespace nabblet {

enum class FilterTest {
    Is,
    Holds,   // a text with these words in it, whatever the case
    Like,    // a text of this shape: * stands for any letters, ? for one
    Below,   // …
    AtMost,  // …
    Above,   // …
    AtLeast, // than or as the value
    Within,  // from the value to the other one
    Blank,
};

// One thing asked of a value.
struct FilterCondition
{
    FilterTest test = FilterTest::Is;
    bool isNot = false;
    QVariant value;
    // With Within the other one. With the others, where the value is a day, a month or a year: what comes behind it.
    QVariant upTo;
    bool isUpToLeftOut = false; // that is the first which is not meant any more
    QString words = {};         // of the value, for people
    QString upToWords = {};

    bool operator==(const FilterCondition &) const = default;
};

// What is asked of one box: one of the conditions has to hold, and all of those that are turned into their opposite.
struct FilterPart
{
    QString column;         // that the box shows
    QString through;        // of a box that shows a column of the row which a lookup points to: the lookup's column
    QString rows;           // of rows that belong to the record: their table; one of them has to meet it
    bool isByWords = false; // asked of the words that a lookup shows, not of what is stored
    QList<FilterCondition> anyOf;
    QString typed; // as a person wrote it, for writing it otherwise

    bool operator==(const FilterPart &) const = default;
};

// All of them hold for a record. Parts about the same rows that belong to it are met by one and the same row.
using FilterLine = QList<FilterPart>;

struct Filter
{
    QList<FilterLine> lines; // one of them holds; without any, all records are wanted

    bool isEmpty() const { return lines.isEmpty(); }
    bool operator==(const Filter &) const = default;
};

// An order that people choose, before that of the form.
struct WantedOrder
{
    QString column;
    bool isDescending = false;
    bool isByWords = false; // of the words that a lookup shows

    bool operator==(const WantedOrder &) const = default;
};

// Which records people want, and in which order.
struct Wanted
{
    Filter filter;
    QList<WantedOrder> order;

    bool isEmpty() const { return filter.isEmpty() && order.isEmpty(); }
    bool operator==(const Wanted &) const = default;
};

// What is asked again and again, under a name.
struct KeptQuestion
{
    QString name;
    Wanted wanted;
    QString form = {}; // whose records are asked for, where several forms keep theirs together

    bool operator==(const KeptQuestion &) const = default;
};

// The filter with a part more in each of its lines; one that asks the same box comes in its place.
Filter withPart(const Filter &filter, const FilterPart &part);
// The same without one of its parts; a line that has none left goes, too.
Filter withoutPart(const Filter &filter, int line, int part);

// "is at most 11.8", for behind the caption of a box.
QString conditionInWords(const FilterCondition &condition);
// "Battery is below 11.8", "Maker is Skerry or is blank".
QString partInWords(const FilterPart &part, const QString &caption);

QJsonArray filterToJson(const Filter &filter);
// What cannot be read is left out.
Filter filterFromJson(const QJsonArray &stored);
QJsonObject questionToJson(const KeptQuestion &question);
KeptQuestion questionFromJson(const QJsonObject &stored);

} // namespace nabblet
