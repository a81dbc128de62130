// What the stored values of a table are like: how long, how many different, how many missing. Drafts size and choose
// boxes by it. A profile is a value; data/profiler.h makes one from a database.
#pragma once

#include <QHash>
#include <QList>
#include <QMap>
#include <QString>
#include <QVariant>

namespace nabblet {

// All values of one length, with one of them to measure.
struct LengthGroup
{
    qint64 count = 0;
    QString example; // the longest line of one such value
};

struct ColumnProfile
{
    static constexpr int MostDistinct = 40; // so many different values are told apart

    qint64 values = 0; // that are neither NULL nor blank
    qint64 nulls = 0;
    QMap<int, LengthGroup> lengths;  // by the characters of the longest line
    QMap<int, qint64> lines;         // how many values have so many lines
    QHash<QString, qint64> distinct; // the different values, while there are at most MostDistinct
    bool hasMoreDistinct = false;
    qint64 webAddresses = 0;
    qint64 mailAddresses = 0;
    qint64 images = 0;
    qint64 texts = 0; // values that are text, also where their column is one of bytes

    // Takes in one value as it was read; for binary values the first bytes are enough.
    void add(const QVariant &value);
};

struct Profile
{
    QString table;
    qint64 rows = 0;     // looked at
    bool isExact = true; // every row was looked at; otherwise a fair sample
    QHash<QString, ColumnProfile> columns;
    QHash<QString, ColumnProfile> lookupWords; // of the rows that a linking column may point to
};

// The number of lines that a share (0 to 1) of the values keep to; 1 where there are none.
int linesFor(const ColumnProfile &profile, double share);

// Whether at least nine in ten of the values there are, and at least one, are web or mail addresses.
bool holdsAddresses(const ColumnProfile &profile);
// The same for images.
bool holdsImages(const ColumnProfile &profile);

// The same for text.
bool holdsTexts(const ColumnProfile &profile);

// Whether the first bytes are those of an image format that can be shown: PNG, JPEG, GIF, BMP, SVG.
bool startsAsImage(const QByteArray &bytes);

} // namespace nabblet
