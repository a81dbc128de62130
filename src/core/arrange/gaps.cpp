#include "core/arrange/gaps.h"

#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <QMap>

#include <algorithm>
#include <cmath>
#include <functional>
#include <numeric>

namespace nabblet {

namespace {

struct Extent
{
    int start;
    int end;
};

// A field's extent along a direction, px on the form.
Extent extentOf(const Form &form, const Arranged &item, Direction direction)
{
    if (direction == Direction::Across) {
        return {item.whole.x(), rightOf(item.whole)};
    }
    const int top = bandTop(form, item.area.band);
    return {top + item.whole.y(), top + bottomOf(item.whole)};
}

// The members in the order in which they start along a direction.
QList<int> byStart(const Form &form, const QList<Arranged> &items, QList<int> members, Direction direction)
{
    std::stable_sort(members.begin(), members.end(), [&](int a, int b) {
        return extentOf(form, items.at(a), direction).start < extentOf(form, items.at(b), direction).start;
    });
    return members;
}

// Groups of fields that overlap along a direction, one behind the other.
Chain grouped(const Form &form, const QList<Arranged> &items, const QList<int> &members, Direction direction)
{
    Chain chain;
    for (const int member : byStart(form, items, members, direction)) {
        const Extent extent = extentOf(form, items.at(member), direction);
        if (chain.isEmpty() || extent.start >= chain.last().end) {
            chain.append({{member}, extent.start, extent.end});
        } else {
            chain.last().members.append(member);
            chain.last().end = std::max(chain.last().end, extent.end);
        }
    }
    return chain;
}

Direction otherThan(Direction direction)
{
    return direction == Direction::Across ? Direction::Down : Direction::Across;
}

// Overlapping fields that were put roughly one behind the other: by their order alone.
Chain inOrder(const Form &form, const QList<Arranged> &items, const QList<int> &members, Direction direction)
{
    Chain chain;
    for (const int member : byStart(form, items, members, direction)) {
        const Extent extent = extentOf(form, items.at(member), direction);
        chain.append({{member}, extent.start, extent.end});
    }
    return chain;
}

// How far each of a chain moves so that the gaps are as given; one number a gap.
QList<Placing> spaced(const QList<Arranged> &items, const Chain &chain, Direction direction, const QList<int> &gaps)
{
    QList<Placing> placings;
    int at = chain.first().end;
    for (qsizetype i = 1; i < chain.size(); ++i) {
        const Neighbours &neighbours = chain.at(i);
        const int by = at + gaps.at(i - 1) - neighbours.start;
        for (const int member : neighbours.members) {
            const Arranged &item = items.at(member);
            placings.append({item, item.place.translated(direction == Direction::Across ? by : 0,
                                                         direction == Direction::Down ? by : 0)});
        }
        at = neighbours.end + by;
    }
    return placings;
}

Form respaced(const Form &form, const QList<ControlId> &selected, Direction direction,
              const std::function<QList<int>(const Chain &)> &gapsFor)
{
    const QList<Arranged> items = arrangedOf(form, selected);
    QList<Placing> placings;
    for (const Chain &chain : chainsOf(form, items, direction)) {
        placings += spaced(items, chain, direction, gapsFor(chain));
    }
    return withPlacings(form, placings);
}

// The same until it has come to rest: fields that lay across one another may stand in rows once they are apart, and
// then the gaps between those rows count. A second time changes nothing.
Form respacedToRest(const Form &form, const QList<ControlId> &selected, Direction direction,
                    const std::function<QList<int>(const Chain &)> &gapsFor)
{
    constexpr int MostRounds = 8;
    Form result = form;
    for (int round = 0; round < MostRounds; ++round) {
        const Form again = respaced(result, selected, direction, gapsFor);
        if (again == result) {
            break;
        }
        result = again;
    }
    return result;
}

QList<int> sizesOf(const Chain &chain)
{
    QList<int> sizes;
    for (qsizetype i = 1; i < chain.size(); ++i) {
        sizes.append(chain.at(i).start - chain.at(i - 1).end);
    }
    return sizes;
}

QString needsGaps(const ArrangeContext &context, Direction direction, int least)
{
    qsizetype longest = 0;
    for (const Chain &chain : chainsOf(context.form, context.arranged(), direction)) {
        longest = std::max(longest, chain.size());
    }
    if (longest >= least) {
        return {};
    }
    if (direction == Direction::Across) {
        return least > 2 ? Texts::tr("Select three or more controls that stand side by side.")
                         : Texts::tr("Select two or more controls that stand side by side.");
    }
    return least > 2 ? Texts::tr("Select three or more controls that stand below one another.")
                     : Texts::tr("Select two or more controls that stand below one another.");
}

template <Direction direction, int least> QString whyNot(const ArrangeContext &context)
{
    return needsGaps(context, direction, least);
}

template <Direction direction> Form even(const ArrangeContext &context)
{
    return withEvenGaps(context.form, context.selected, direction);
}

template <Direction direction> Form set(const ArrangeContext &context)
{
    return withGaps(context.form, context.selected, direction, context.gap);
}

template <Direction direction> Form closed(const ArrangeContext &context)
{
    return withGaps(context.form, context.selected, direction, 0);
}

template <Direction direction, int steps> Form stepped(const ArrangeContext &context)
{
    return respaced(context.form, context.selected, direction, [&](const Chain &chain) {
        QList<int> sizes = sizesOf(chain);
        for (int &size : sizes) {
            size = std::max(0, size + steps * context.form.grid.pitch);
        }
        return sizes;
    });
}

} // namespace

QList<Chain> chainsOf(const Form &form, const QList<Arranged> &items, Direction direction)
{
    QList<int> all(items.size());
    std::iota(all.begin(), all.end(), 0);
    if (items.size() < 2) {
        return {};
    }
    // Side by side in the other direction: each such group has a chain of its own unless all are in one line of rows.
    const Chain whole = grouped(form, items, all, direction);
    if (whole.size() >= 2) {
        return {whole};
    }
    QList<Chain> chains;
    for (const Neighbours &column : grouped(form, items, all, otherThan(direction))) {
        const Chain chain = grouped(form, items, column.members, direction);
        if (chain.size() >= 2) {
            chains.append(chain);
        } else if (column.members.size() >= 2) {
            // They overlap both ways; who starts first comes first, unless all start together.
            const Chain rough = inOrder(form, items, column.members, direction);
            const bool isInLine = std::all_of(rough.begin(), rough.end(), [&](const Neighbours &neighbours) {
                return neighbours.start == rough.first().start;
            });
            if (!isInLine) {
                chains.append(rough);
            }
        }
    }
    return chains;
}

QList<Gap> gapsOf(const Form &form, const QList<ControlId> &selected)
{
    const QList<Arranged> items = arrangedOf(form, selected);
    QList<Gap> gaps;
    for (const Direction direction : {Direction::Down, Direction::Across}) {
        const qsizetype first = gaps.size();
        for (const Chain &chain : chainsOf(form, items, direction)) {
            for (qsizetype i = 1; i < chain.size(); ++i) {
                const Neighbours &before = chain.at(i - 1);
                const Neighbours &after = chain.at(i);
                // The pill stands between the two that are nearest to each other.
                const auto boundsOf = [&](const Neighbours &neighbours) {
                    QRect bounds;
                    for (const int member : neighbours.members) {
                        bounds = bounds.united(
                            items.at(member).place.translated(0, bandTop(form, items.at(member).area.band)));
                    }
                    return bounds;
                };
                const QRect a = boundsOf(before);
                const QRect b = boundsOf(after);
                Gap gap;
                gap.direction = direction;
                gap.size = after.start - before.end;
                if (direction == Direction::Down) {
                    const int left = std::max(a.x(), b.x());
                    const int right = std::max(left + 1, std::min(rightOf(a), rightOf(b)));
                    gap.space = QRect(left, before.end, right - left, gap.size);
                } else {
                    const int top = std::max(a.y(), b.y());
                    const int bottom = std::max(top + 1, std::min(bottomOf(a), bottomOf(b)));
                    gap.space = QRect(before.end, top, gap.size, bottom - top);
                }
                gaps.append(gap);
            }
        }
        // What most of them are; of several that are as frequent, one on the grid, else the least.
        QMap<int, int> counts;
        for (qsizetype i = first; i < gaps.size(); ++i) {
            ++counts[gaps.at(i).size];
        }
        int usual = 0;
        int best = -1;
        for (auto [size, count] : counts.asKeyValueRange()) {
            const int weight = count * 2 + (size >= 0 && size % std::max(1, form.grid.pitch) == 0 ? 1 : 0);
            if (weight > best) {
                best = weight;
                usual = size;
            }
        }
        for (qsizetype i = first; i < gaps.size(); ++i) {
            gaps[i].isOdd = gaps.at(i).size != usual;
        }
    }
    return gaps;
}

Form withGaps(const Form &form, const QList<ControlId> &selected, Direction direction, int size)
{
    return respacedToRest(form, selected, direction,
                          [&](const Chain &chain) { return QList<int>(chain.size() - 1, std::max(0, size)); });
}

Form withEvenGaps(const Form &form, const QList<ControlId> &selected, Direction direction)
{
    return respacedToRest(form, selected, direction, [](const Chain &chain) {
        const QList<int> sizes = sizesOf(chain);
        const int total = std::accumulate(sizes.begin(), sizes.end(), 0);
        const auto count = static_cast<int>(sizes.size());
        // All the same: what does not divide, fewer pixels than there are gaps, brings the last one nearer.
        return QList<int>(count, static_cast<int>(std::floor(static_cast<double>(total) / count)));
    });
}

QList<ArrangeOperation> gapOperations()
{
    constexpr auto Group = ArrangeGroup::Gaps;
    constexpr auto Across = Direction::Across;
    constexpr auto Down = Direction::Down;
    return {
        {QStringLiteral("gaps-even-across"), Texts::later("Even gaps across"),
         Texts::later("Gaps side by side get the same; the outer ones stay, but for pixels that do not divide."), Group,
         whyNot<Across, 3>, even<Across>, "Ctrl+Alt+A",
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='7' y='4.5' width='2' "
         "height='7'/><rect class='b' x='12.5' y='4.5' width='2' height='7'/><path class='m' d='M4.2 8h2M9.8 8h2'/>"},
        {QStringLiteral("gaps-even-down"), Texts::later("Even gaps down"),
         Texts::later("Gaps below one another get the same; the outer ones stay, but for pixels that do not divide."),
         Group, whyNot<Down, 3>, even<Down>, "Ctrl+Alt+D",
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='7' width='7' "
         "height='2'/><rect class='b' x='4.5' y='12.5' width='7' height='2'/><path class='m' d='M8 4.2v2M8 9.8v2'/>"},
        {QStringLiteral("gaps-shrink-across"), Texts::later("Shrink gaps across"),
         Texts::later("Gaps side by side get a grid step less."), Group, whyNot<Across, 2>, stepped<Across, -1>,
         "Ctrl+Alt+Left",
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='12.5' y='4.5' width='2' "
         "height='7'/><path class='m' d='M4.6 8h2.2M5.4 6.8L6.8 8 5.4 9.2M11.4 8H9.2M10.6 6.8L9.2 8l1.4 1.2'/>"},
        {QStringLiteral("gaps-grow-across"), Texts::later("Grow gaps across"),
         Texts::later("Gaps side by side get a grid step more."), Group, whyNot<Across, 2>, stepped<Across, 1>,
         "Ctrl+Alt+Right",
         "<rect class='b' x='1.5' y='4.5' width='2' height='7'/><rect class='b' x='12.5' y='4.5' width='2' "
         "height='7'/><path class='m' d='M4.8 8h6.4M6.2 6.6L4.8 8l1.4 1.4M9.8 6.6L11.2 8 9.8 9.4'/>"},
        {QStringLiteral("gaps-shrink-down"), Texts::later("Shrink gaps down"),
         Texts::later("Gaps below one another get a grid step less."), Group, whyNot<Down, 2>, stepped<Down, -1>,
         "Ctrl+Alt+Up",
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='12.5' width='7' "
         "height='2'/><path class='m' d='M8 4.6v2.2M6.8 5.4L8 6.8l1.2-1.4M8 11.4V9.2M6.8 10.6L8 9.2l1.2 1.4'/>"},
        {QStringLiteral("gaps-grow-down"), Texts::later("Grow gaps down"),
         Texts::later("Gaps below one another get a grid step more."), Group, whyNot<Down, 2>, stepped<Down, 1>,
         "Ctrl+Alt+Down",
         "<rect class='b' x='4.5' y='1.5' width='7' height='2'/><rect class='b' x='4.5' y='12.5' width='7' "
         "height='2'/><path class='m' d='M8 4.8v6.4M6.6 6.2L8 4.8l1.4 1.4M6.6 9.8L8 11.2l1.4-1.4'/>"},
        {QStringLiteral("gaps-set-across"), Texts::later("Set gaps across"),
         Texts::later("Gaps side by side get the size in the field beside this."), Group, whyNot<Across, 2>,
         set<Across>, nullptr,
         "<rect class='b' x='1.5' y='4.5' width='3' height='7'/><rect class='b' x='11.5' y='4.5' width='3' "
         "height='7'/><path class='m' d='M6.5 5.5l2-1v7'/>"},
        {QStringLiteral("gaps-set-down"), Texts::later("Set gaps down"),
         Texts::later("Gaps below one another get the size in the field beside this."), Group, whyNot<Down, 2>,
         set<Down>, nullptr,
         "<rect class='b' x='4.5' y='1.5' width='7' height='2.4'/><rect class='b' x='4.5' y='12.1' width='7' "
         "height='2.4'/><path class='m' d='M7 6.2l1.6-.8v5.2'/>"},
        {QStringLiteral("gaps-close-across"), Texts::later("Close gaps across"),
         Texts::later("Controls side by side touch."), Group, whyNot<Across, 2>, closed<Across>, nullptr,
         "<rect class='b' x='2.5' y='4.5' width='5.5' height='7'/><rect class='b' x='8' y='4.5' width='5.5' "
         "height='7'/>"},
        {QStringLiteral("gaps-close-down"), Texts::later("Close gaps down"),
         Texts::later("Controls below one another touch."), Group, whyNot<Down, 2>, closed<Down>, nullptr,
         "<rect class='b' x='4.5' y='2.5' width='7' height='5.5'/><rect class='b' x='4.5' y='8' width='7' "
         "height='5.5'/>"},
    };
}

} // namespace nabblet
