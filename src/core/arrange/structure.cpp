#include "core/arrange/structure.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"

#include <QMap>
#include <QSet>

#include <algorithm>
#include <numeric>
#include <vector>

namespace nabblet {

namespace {

constexpr int Line = 24;        // px, the height of a box of one line
constexpr int InlineSpace = 24; // px; what stands closer behind a box belongs to it
constexpr int UsualGap = 8;     // px

// The middle of the first line of what counts in an arranged field.
int firstLine(const Arranged &item)
{
    return item.place.y() + std::min(item.place.height(), Line) / 2;
}

// Places that are taken, found again by the strips of the band's height that they touch.
class Taken
{
public:
    void add(const QRect &rect)
    {
        const auto index = static_cast<int>(m_rects.size());
        m_rects.push_back(rect);
        for (int strip = stripOf(rect.y()); strip <= stripOf(bottomOf(rect) - 1); ++strip) {
            if (static_cast<int>(m_strips.size()) <= strip) {
                m_strips.resize(static_cast<std::size_t>(strip) + 1);
            }
            m_strips[static_cast<std::size_t>(strip)].push_back(index);
        }
    }
    // One that overlaps the rectangle, or nullptr.
    const QRect *over(const QRect &rect) const
    {
        const int last = std::min(stripOf(bottomOf(rect) - 1), static_cast<int>(m_strips.size()) - 1);
        for (int strip = stripOf(rect.y()); strip <= last; ++strip) {
            for (const int index : m_strips[static_cast<std::size_t>(strip)]) {
                if (overlap(rect, m_rects[static_cast<std::size_t>(index)])) {
                    return &m_rects[static_cast<std::size_t>(index)];
                }
            }
        }
        return nullptr;
    }

private:
    static int stripOf(int y) { return std::max(0, y) / 64; }
    std::vector<QRect> m_rects;
    std::vector<std::vector<int>> m_strips;
};

} // namespace

QList<FieldRow> fieldRows(const QList<Arranged> &items)
{
    QList<int> order(items.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(),
                     [&](int a, int b) { return firstLine(items.at(a)) < firstLine(items.at(b)); });
    QList<FieldRow> rows;
    for (const int i : std::as_const(order)) {
        const QRect &whole = items.at(i).whole;
        if (rows.isEmpty() || firstLine(items.at(i)) - firstLine(items.at(rows.last().members.first())) > Line / 2) {
            rows.append({{i}, whole.y(), bottomOf(whole)});
        } else {
            rows.last().members.append(i);
            rows.last().top = std::min(rows.last().top, whole.y());
            rows.last().bottom = std::max(rows.last().bottom, bottomOf(whole));
        }
    }
    for (FieldRow &row : rows) {
        std::stable_sort(row.members.begin(), row.members.end(),
                         [&](int a, int b) { return items.at(a).whole.x() < items.at(b).whole.x(); });
    }
    return rows;
}

QList<FieldBlock> fieldBlocks(const QList<Arranged> &items)
{
    const QList<FieldRow> rows = fieldRows(items);
    // Left edges at which boxes of several rows stand are columns.
    QMap<int, int> rowsAt;
    for (const FieldRow &row : rows) {
        QSet<int> edges;
        for (const int i : row.members) {
            edges.insert(items.at(i).place.x());
        }
        for (const int edge : std::as_const(edges)) {
            ++rowsAt[edge];
        }
    }
    QList<FieldBlock> blocks;
    for (const FieldRow &row : rows) {
        for (qsizetype i = 0; i < row.members.size(); ++i) {
            const Arranged &item = items.at(row.members.at(i));
            const bool follows = i > 0 && rowsAt.value(item.place.x()) < 2 &&
                                 item.whole.x() - rightOf(items.at(row.members.at(i - 1)).whole) <= InlineSpace;
            if (follows) {
                blocks.last().append(row.members.at(i));
            } else {
                blocks.append(FieldBlock{row.members.at(i)});
            }
        }
    }
    return blocks;
}

int usualRowGap(const QList<Arranged> &items, int pitch)
{
    const QList<FieldRow> rows = fieldRows(items);
    QMap<int, int> counts;
    for (qsizetype i = 1; i < rows.size(); ++i) {
        const int gap = rows.at(i).top - rows.at(i - 1).bottom;
        if (gap >= 0 && gap <= 2 * Line) {
            ++counts[onGrid(gap, std::max(1, pitch))];
        }
    }
    int usual = UsualGap;
    int most = 0;
    for (auto [gap, count] : counts.asKeyValueRange()) {
        if (count > most) {
            most = count;
            usual = gap;
        }
    }
    return usual;
}

Form withWayMade(const Form &form, const QList<ControlId> &placed, const QSet<ControlId> &under)
{
    const QSet<ControlId> chosen(placed.begin(), placed.end());
    const int pitch = std::max(1, form.grid.pitch);
    QList<Placing> placings;
    for (const Band &band : form.bands) {
        const QList<Arranged> items = arrangedInBand(form, band.role);
        const auto isPlaced = [&](int i) {
            return chosen.contains(items.at(i).control) || chosen.contains(items.at(i).other);
        };
        // Fields that count as put keep to one another; they move as one.
        QList<int> put;
        QList<Arranged> others;
        for (int i = 0; i < items.size(); ++i) {
            if (isPlaced(i)) {
                put.append(i);
            } else if (!under.contains(items.at(i).control)) {
                others.append(items.at(i));
            }
        }
        if (put.isEmpty() || others.isEmpty()) {
            continue;
        }
        const int gap = usualRowGap(others, pitch);
        // What was put on the lower part of another goes below it.
        int down = 0;
        Taken there;
        for (const int i : std::as_const(put)) {
            there.add(items.at(i).whole);
        }
        for (const Arranged &other : std::as_const(others)) {
            const QRect *whole = there.over(other.whole);
            if (whole && other.whole.y() < whole->y() && other.whole.center().y() < whole->center().y()) {
                const int below = onGridAtOrAfter(bottomOf(other.whole) + std::min(gap, pitch), pitch);
                down = std::max(down, below - whole->y());
            }
        }
        Taken fixed;
        for (const int i : std::as_const(put)) {
            fixed.add(items.at(i).whole.translated(0, down));
            if (down != 0) {
                placings.append({items.at(i), items.at(i).place.translated(0, down)});
            }
        }
        // The others block by block from the top; a block goes down until it is clear of what has its place.
        const QList<FieldBlock> blocks = fieldBlocks(others);
        for (const FieldBlock &block : blocks) {
            int by = 0;
            for (bool isClear = false; !isClear;) {
                isClear = true;
                for (const int member : block) {
                    const QRect wanted = others.at(member).whole.translated(0, by);
                    if (const QRect *taken = fixed.over(wanted)) {
                        by += std::max(1, onGridAtOrAfter(bottomOf(*taken) + gap, pitch) - wanted.y());
                        isClear = false;
                        break;
                    }
                }
            }
            if (by == 0) {
                continue;
            }
            for (const int member : block) {
                fixed.add(others.at(member).whole.translated(0, by));
                placings.append({others.at(member), others.at(member).place.translated(0, by)});
            }
        }
    }
    return withPlacings(form, placings);
}

QSet<ControlId> lyingUnder(const Form &form, const QList<ControlId> &controls)
{
    QSet<ControlId> under;
    const QList<Arranged> over = arrangedOf(form, controls);
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    for (const Band &band : form.bands) {
        for (const Arranged &item : arrangedInBand(form, band.role)) {
            const bool isCovered = std::any_of(over.begin(), over.end(), [&](const Arranged &each) {
                return each.band == item.band && each.control != item.control && overlap(each.whole, item.whole);
            });
            if (isCovered && !chosen.contains(item.control) && !chosen.contains(item.other)) {
                under.insert(item.control);
            }
        }
    }
    return under;
}

} // namespace nabblet
