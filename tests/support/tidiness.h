// How tidy a form is, in figures, and how much of an arrangement is left after it was changed.
#pragma once

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/lines.h"
#include "core/arrange/rows.h"
#include "core/kinds/kind.h"

#include <QMap>

#include <algorithm>

namespace nabblet::samples {

struct Tidiness
{
    int nearMisses = 0;  // left edges, or first lines, of boxes of one area that lie 1 to 7 px apart
    int unequalGaps = 0; // steps down a column that differ by 1 to 7 px from the one before
    int overlaps = 0;    // pairs of boxes of one area that cover one another

    Tidiness &operator+=(const Tidiness &other);
};

// Of the pairs of boxes that had one left edge, or stood in one row, how many have and do.
struct Regained
{
    int edges = 0;
    int edgesOf = 0;
    int rows = 0;
    int rowsOf = 0;
    int rowsJoined = 0; // pairs that stand in one row now and did not
    bool isOrderKept = true;

    Regained &operator+=(const Regained &other);
};

constexpr int NearMiss = 7; // px; edges that are no further apart, and are not one, look like a mistake

// Pairs of neighbouring values that nearly are one.
inline int nearMissesAmong(QList<int> values)
{
    std::sort(values.begin(), values.end());
    int misses = 0;
    for (qsizetype i = 1; i < values.size(); ++i) {
        const int apart = values.at(i) - values.at(i - 1);
        misses += apart > 0 && apart <= NearMiss ? 1 : 0;
    }
    return misses;
}

inline bool isBox(const Form &form, const Arranged &item)
{
    return !isCaption(*form.controls.find(item.control));
}

inline QList<Arranged> boxesIn(const Form &form, const Area &area)
{
    QList<Arranged> boxes = arrangedIn(form, area);
    boxes.removeIf([&](const Arranged &item) { return !isBox(form, item); });
    return boxes;
}

inline Tidiness &Tidiness::operator+=(const Tidiness &other)
{
    nearMisses += other.nearMisses;
    unequalGaps += other.unequalGaps;
    overlaps += other.overlaps;
    return *this;
}

inline Regained &Regained::operator+=(const Regained &other)
{
    edges += other.edges;
    edgesOf += other.edgesOf;
    rows += other.rows;
    rowsOf += other.rowsOf;
    rowsJoined += other.rowsJoined;
    isOrderKept = isOrderKept && other.isOrderKept;
    return *this;
}

inline Tidiness tidinessOf(const Form &form)
{
    Tidiness tidiness;
    for (const Area &area : areasOf(form)) {
        const QList<Arranged> boxes = boxesIn(form, area);
        QList<int> lefts;
        QList<int> lines;
        QMap<int, QList<QRect>> columns;
        for (const Arranged &box : boxes) {
            lefts.append(box.place.x());
            lines.append(firstLineOf(box.place));
            columns[box.place.x()].append(box.whole);
        }
        tidiness.nearMisses += nearMissesAmong(lefts) + nearMissesAmong(lines);
        for (QList<QRect> &column : columns) {
            std::sort(column.begin(), column.end(), [](const QRect &a, const QRect &b) { return a.y() < b.y(); });
            for (qsizetype i = 2; i < column.size(); ++i) {
                const int before = column.at(i - 1).y() - bottomOf(column.at(i - 2));
                const int now = column.at(i).y() - bottomOf(column.at(i - 1));
                tidiness.unequalGaps += now != before && std::abs(now - before) <= NearMiss ? 1 : 0;
            }
        }
        const QList<Arranged> all = arrangedIn(form, area);
        for (qsizetype i = 0; i < all.size(); ++i) {
            for (qsizetype j = i + 1; j < all.size(); ++j) {
                tidiness.overlaps += overlap(all.at(i).place, all.at(j).place) ? 1 : 0;
            }
        }
    }
    return tidiness;
}

// The same controls, arranged otherwise.
inline Regained regained(const Form &original, const Form &now)
{
    Regained result;
    for (const Area &area : areasOf(original)) {
        const QList<Arranged> boxes = boxesIn(original, area);
        for (qsizetype i = 0; i < boxes.size(); ++i) {
            for (qsizetype j = i + 1; j < boxes.size(); ++j) {
                const QRect &a = boxes.at(i).place;
                const QRect &b = boxes.at(j).place;
                const QRect nowA = now.controls.find(boxes.at(i).control)->place;
                const QRect nowB = now.controls.find(boxes.at(j).control)->place;
                const bool isLevel = firstLineOf(nowA) == firstLineOf(nowB);
                if (a.x() == b.x()) {
                    ++result.edgesOf;
                    result.edges += nowA.x() == nowB.x() ? 1 : 0;
                }
                if (firstLineOf(a) == firstLineOf(b)) {
                    ++result.rowsOf;
                    result.rows += isLevel ? 1 : 0;
                } else {
                    result.rowsJoined += isLevel ? 1 : 0;
                }
            }
        }
    }
    result.isOrderKept = tabSequence(original) == tabSequence(now);
    return result;
}

} // namespace nabblet::samples
