#include "core/arrange/reading.h"

#include "core/arrange/edges.h"
#include "core/arrange/lines.h"

#include <QHash>

#include <QMap>

#include <algorithm>

namespace nabblet {

namespace {

// A stretch across that things take up with nothing beside it in their rows, and those that stand there.
struct Stretch
{
    int from = 0; // px
    int to = 0;
    int top = 0;
    int bottom = 0;
    bool beginsThere = false; // with the first of the rows
    bool hasHole = false;     // a space down that parts it
    QList<int> members;
};

class Reader
{
public:
    explicit Reader(const QList<Arranged> &items)
        : m_items(items), m_rows(fieldRows(items)), m_hole(usualRowGap(items, m_rows, 1) + LineHeight)
    {
    }

    QList<int> order() const
    {
        QList<int> read;
        for (qsizetype first = 0; first < m_rows.size();) {
            const qsizetype end = endOfColumnsFrom(first);
            read += columnByColumn(first, end);
            first = end;
        }
        return read;
    }

private:
    // Behind how many rows from one on columns stand side by side; behind that row alone where none do.
    qsizetype endOfColumnsFrom(qsizetype first) const
    {
        QList<Stretch> stretches;
        qsizetype end = first + 1;
        int most = 1;
        for (qsizetype r = first; r < m_rows.size(); ++r) {
            add(stretches, r, r == first);
            if (stretches.size() < 2 && r > first) {
                break;
            }
            const int columns = r > first ? countColumns(stretches, r + 1 - first) : 1;
            if (columns < most) {
                break; // something lies across some of them
            }
            most = columns;
            end = columns > 1 ? r + 1 : end;
        }
        return end;
    }

    QList<int> columnByColumn(qsizetype first, qsizetype end) const
    {
        QList<Stretch> stretches;
        for (qsizetype r = first; r < end; ++r) {
            add(stretches, r, r == first);
        }
        QHash<int, int> columnOf;
        int columns = 0;
        for (qsizetype i = 0; i < stretches.size(); ++i) {
            columns += i == 0 || (end > first + 1 && isColumn(stretches, i, end - first)) ? 1 : 0;
            for (const int member : stretches.at(i).members) {
                columnOf.insert(member, columns);
            }
        }
        QList<int> read;
        for (int column = 1; column <= columns; ++column) {
            for (qsizetype r = first; r < end; ++r) {
                for (const int member : m_rows.at(r).members) {
                    if (columnOf.value(member) == column) {
                        read.append(member);
                    }
                }
            }
        }
        return read;
    }

    void add(QList<Stretch> &stretches, qsizetype row, bool isFirst) const
    {
        for (const int member : m_rows.at(row).members) {
            const QRect &whole = m_items.at(member).whole;
            Stretch joined{whole.x(), rightOf(whole), whole.y(), bottomOf(whole), isFirst, false, {}};
            for (qsizetype i = 0; i < stretches.size();) {
                const Stretch &each = stretches.at(i);
                if (each.from < joined.to && joined.from < each.to) {
                    joined = both(each, joined);
                    stretches.removeAt(i);
                } else {
                    ++i;
                }
            }
            joined.members.append(member);
            const auto behind = std::find_if(stretches.begin(), stretches.end(),
                                             [&](const Stretch &each) { return each.from > joined.from; });
            stretches.insert(behind, joined);
        }
    }

    // Of two that something joins. What was a hole in one may be filled by the other.
    Stretch both(const Stretch &one, const Stretch &other) const
    {
        Stretch joined{std::min(one.from, other.from),       std::max(one.to, other.to),
                       std::min(one.top, other.top),         std::max(one.bottom, other.bottom),
                       one.beginsThere || other.beginsThere, false,
                       one.members + other.members};
        const Stretch &upper = one.top <= other.top ? one : other;
        const Stretch &lower = one.top <= other.top ? other : one;
        joined.hasHole = lower.top - upper.bottom >= m_hole || (one.hasHole && other.hasHole) ||
                         (one.hasHole && other.bottom - other.top < m_hole) ||
                         (other.hasHole && one.bottom - one.top < m_hole);
        return joined;
    }

    // A column begins with the first row and has no holes. What is one line high is one where it stands apart, and
    // where so few rows or so many columns are there that it is what was left for the last.
    static bool isColumn(const QList<Stretch> &stretches, qsizetype i, qsizetype rows)
    {
        constexpr qsizetype FewRows = 3;
        const Stretch &stretch = stretches.at(i);
        if (!stretch.beginsThere || stretch.hasHole) {
            return false;
        }
        const bool standsApart = stretch.from - stretches.at(i - 1).to >= InlineSpace;
        return stretch.bottom - stretch.top > 2 * LineHeight ||
               (standsApart && (rows <= FewRows || stretches.size() > 2));
    }

    static int countColumns(const QList<Stretch> &stretches, qsizetype rows)
    {
        int columns = 1;
        for (qsizetype i = 1; i < stretches.size(); ++i) {
            columns += isColumn(stretches, i, rows) ? 1 : 0;
        }
        return columns;
    }

    const QList<Arranged> &m_items;
    QList<FieldRow> m_rows;
    int m_hole; // px; a space down a column that is as large parts it
};

} // namespace

QList<int> readingOrder(const QList<Arranged> &items)
{
    return Reader(items).order();
}

QList<ControlId> inReadingOrder(const Form &form, const QList<ControlId> &controls)
{
    QMap<Area, QList<Arranged>> byArea;
    for (const Arranged &item : arrangedOf(form, controls)) {
        byArea[item.area].append(item);
    }
    QList<ControlId> result;
    for (const QList<Arranged> &items : std::as_const(byArea)) {
        for (const int i : readingOrder(items)) {
            result.append(items.at(i).control);
        }
    }
    return result;
}

} // namespace nabblet
