#include "core/arrange/windows/cells.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/nearness.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/holding.h"
#include "core/kinds/holders/panes.h"
#include "core/text/tr.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace nabblet {

namespace {

constexpr int UsualGap = 8; // px
constexpr int MostGap = 48; // px; further apart, what stood between them is gone
constexpr int Margin = 16;  // px that a band keeps free around them

// The grid along one direction.
struct Tracks
{
    QList<int> starts;               // px, where each column, or row, begins as it stands
    QList<int> first, last;          // of each item: the tracks that it takes up
    int gap = UsualGap;              // px between two tracks
    QList<std::pair<int, int>> ends; // px from and to of each track, once they fill their place
};

using Edges1D = std::pair<int, int>; // from, to

// The tracks of things that reach from here to there.
Tracks tracksOf(const QList<Edges1D> &items)
{
    int narrowest = items.first().second - items.first().first;
    QList<int> starts;
    for (const auto &[from, to] : items) {
        narrowest = std::min(narrowest, to - from);
        starts.append(from);
    }
    Tracks tracks;
    // Nothing that begins less than half the narrowest later begins a track of its own.
    const QList<QList<int>> groups = fewestGroups(starts, std::max(4, narrowest / 2));
    QList<int> trackOf(items.size());
    for (const QList<int> &group : groups) {
        int sum = 0;
        for (const int i : group) {
            sum += starts.at(i);
            trackOf[i] = static_cast<int>(tracks.starts.size());
        }
        tracks.starts.append(sum / static_cast<int>(group.size()));
    }
    const auto count = static_cast<int>(tracks.starts.size());
    for (int i = 0; i < items.size(); ++i) {
        int last = trackOf.at(i);
        while (last + 1 < count && items.at(i).second > tracks.starts.at(last + 1) + narrowest / 4) {
            ++last;
        }
        tracks.first.append(trackOf.at(i));
        tracks.last.append(last);
    }
    // The usual gap between neighbouring tracks.
    QList<int> gaps;
    for (int i = 0; i < items.size(); ++i) {
        if (tracks.last.at(i) + 1 < count) {
            const int gap = tracks.starts.at(tracks.last.at(i) + 1) - items.at(i).second;
            if (gap >= 0 && gap <= MostGap) {
                gaps.append(gap);
            }
        }
    }
    if (!gaps.isEmpty()) {
        std::sort(gaps.begin(), gaps.end());
        tracks.gap = gaps.at(gaps.size() / 2);
    }
    return tracks;
}

// How wide each track stands, px: of what takes up that track alone the widest, else the way to the next.
QList<int> sizesOf(const Tracks &tracks, const QList<Edges1D> &items)
{
    QList<int> sizes(tracks.starts.size());
    for (int i = 0; i < items.size(); ++i) {
        if (tracks.first.at(i) == tracks.last.at(i)) {
            int &size = sizes[tracks.first.at(i)];
            size = std::max(size, items.at(i).second - items.at(i).first);
        }
    }
    for (int i = 0; i < sizes.size(); ++i) {
        if (sizes.at(i) == 0) {
            sizes[i] = i + 1 < sizes.size() ? tracks.starts.at(i + 1) - tracks.starts.at(i) - tracks.gap : UsualGap;
        }
        sizes[i] = std::max(LeastSize, sizes.at(i));
    }
    // Near sizes are one.
    const auto [least, most] = std::minmax_element(sizes.begin(), sizes.end());
    if (*most - *least <= *least / 4) {
        sizes.fill(*most);
    }
    return sizes;
}

// Spreads the tracks over a stretch, in the proportions of their sizes: like ones become like to the pixel, which the
// grid would not give.
void fill(Tracks &tracks, const QList<int> &sizes, int from, int to)
{
    const auto count = static_cast<int>(sizes.size());
    const double total = std::accumulate(sizes.begin(), sizes.end(), 0.0);
    const int room = std::max(count * LeastSize, to - from - (count - 1) * tracks.gap);
    double before = 0;
    int start = from;
    for (int i = 0; i < count; ++i) {
        before += sizes.at(i);
        const int exact = from + static_cast<int>(std::lround(room * before / total)) + i * tracks.gap;
        const bool isLast = i + 1 == count;
        const int end = isLast ? from + room + (count - 1) * tracks.gap : exact;
        tracks.ends.append({start, std::max(end, start + LeastSize)});
        start = tracks.ends.last().second + tracks.gap;
    }
}

// The part of the area that the items may fill: all of it but what others stand in.
QRect placeFor(const Form &form, const QList<Arranged> &items)
{
    const Area area = items.first().area;
    const QRect bounds = boundsOf(items);
    QRect room = roomOf(form, area);
    if (area.container == 0) {
        room.adjust(Margin, Margin, -Margin, -Margin);
    }
    QSet<ControlId> own;
    for (const Arranged &item : items) {
        own += {item.control, item.other};
    }
    int left = room.x();
    int top = room.y();
    int right = std::max(rightOf(room), rightOf(bounds));
    int bottom = std::max(bottomOf(room), bottomOf(bounds));
    const QList<Arranged> all = arrangedIn(form, area);
    for (const Arranged &other : all) {
        if (own.contains(other.control)) {
            continue;
        }
        const QRect &place = other.whole;
        if (bottomOf(place) <= bounds.y()) {
            top = std::max(top, bottomOf(place) + UsualGap);
        } else if (place.y() >= bottomOf(bounds)) {
            bottom = std::min(bottom, std::max(bottomOf(bounds), place.y() - UsualGap));
        } else if (rightOf(place) <= bounds.x()) {
            left = std::max(left, rightOf(place) + UsualGap);
        } else if (place.x() >= rightOf(bounds)) {
            right = std::min(right, std::max(rightOf(bounds), place.x() - UsualGap));
        }
    }
    return {left, top, right - left, bottom - top};
}

// How much of what the window gains goes by at the two edges of an area, thousandths. What stands in containers that
// stretch gets what they get.
std::pair<int, int> sharesOf(const Form &form, const Area &area, Direction direction)
{
    const Control *container = form.controls.find(area.container);
    if (!container) {
        return {0, 1000};
    }
    const bool isAcross = direction == Direction::Across;
    const Rides &rides = container->rides;
    const RailId start = isAcross ? rides.left : rides.top;
    const RailId end = isAcross ? rides.right : rides.bottom;
    const int from = start == FixedRail::None && end != FixedRail::None ? shareAt(form, end) : shareAt(form, start);
    const int to = end == FixedRail::None ? from : shareAt(form, end);
    const bool isDivided = kindNamed(container->kind).holds == Holds::Panes && areStacked(*container) != isAcross;
    if (!isDivided) {
        return {from, to};
    }
    // The divider stays where it is, so that the second pane gets all there is to get.
    return area.page == FirstPane ? std::pair(from, from) : std::pair(from, to);
}

} // namespace

QString whyNoCells(const Form &form, const QList<Arranged> &items)
{
    if (isTabular(form)) {
        return Texts::tr("A tabular form is one row of boxes between rails.");
    }
    if (items.isEmpty()) {
        return Texts::tr("Select what is to become cells first, or the group that it stands in.");
    }
    const bool isOneArea =
        std::all_of(items.begin(), items.end(), [&](const Arranged &item) { return item.area == items.first().area; });
    return isOneArea ? QString() : Texts::tr("Select controls of one band, one group or one page only.");
}

Form withCells(const Form &asked, const QList<Arranged> &given)
{
    if (!whyNoCells(asked, given).isEmpty()) {
        return asked;
    }
    const Area area = given.first().area;
    Form form = asked;
    if (area.container != 0) { // it has to grow for them to grow
        for (const Direction direction : {Direction::Across, Direction::Down}) {
            const auto now = holdingOf(form, *form.controls.find(area.container), direction);
            if (!now || *now == Holding::Stays) {
                form = withHolding(form, {area.container}, direction, Holding::Stretches);
            }
        }
    }
    const QRect place = placeFor(form, given);
    QList<Edges1D> across;
    QList<Edges1D> down;
    for (const Arranged &item : given) {
        across.append({item.whole.x(), rightOf(item.whole)});
        down.append({item.whole.y(), bottomOf(item.whole)});
    }
    Tracks columns = tracksOf(across);
    Tracks rows = tracksOf(down);
    fill(columns, sizesOf(columns, across), place.x(), rightOf(place));
    fill(rows, sizesOf(rows, down), place.y(), bottomOf(place));

    QList<Placing> placings;
    for (int i = 0; i < given.size(); ++i) {
        const Arranged &item = given.at(i);
        const QRect cell(
            QPoint(columns.ends.at(columns.first.at(i)).first, rows.ends.at(rows.first.at(i)).first),
            QPoint(columns.ends.at(columns.last.at(i)).second - 1, rows.ends.at(rows.last.at(i)).second - 1));
        // The box takes what its caption leaves of the cell.
        placings.append({item, cell.adjusted(item.place.x() - item.whole.x(), item.place.y() - item.whole.y(),
                                             rightOf(item.place) - rightOf(item.whole),
                                             bottomOf(item.place) - bottomOf(item.whole))});
    }
    Form result = withPlacings(form, placings);

    const auto railsOf = [&](const Tracks &tracks, Direction direction) {
        const auto [from, to] = sharesOf(result, area, direction);
        int total = 0;
        for (const auto &[start, end] : tracks.ends) {
            total += end - start;
        }
        QList<RailId> rails{railWithShare(result, direction, tracks.ends.first().first, from)};
        int before = 0;
        for (int i = 0; i < tracks.ends.size(); ++i) {
            const auto &[start, end] = tracks.ends.at(i);
            before += end - start;
            const bool isLast = i + 1 == tracks.ends.size();
            const int share =
                isLast ? to : from + static_cast<int>(std::lround(static_cast<double>(before) / total * (to - from)));
            rails.append(railWithShare(result, direction, isLast ? end : end + tracks.gap / 2, share));
        }
        return rails;
    };
    const QList<RailId> upright = railsOf(columns, Direction::Across);
    const QList<RailId> level = area.band == BandRole::Body ? railsOf(rows, Direction::Down) : QList<RailId>();
    for (int i = 0; i < given.size(); ++i) {
        const int index = result.controls.indexOf(given.at(i).control);
        Control control = result.controls.at(index);
        control.rides.left = upright.at(columns.first.at(i));
        control.rides.right = upright.at(columns.last.at(i) + 1);
        if (!level.isEmpty()) {
            control.rides.top = level.at(rows.first.at(i));
            control.rides.bottom = level.at(rows.last.at(i) + 1);
        }
        result.controls.replace(index, control);
        if (Control caption = given.at(i).other != 0 ? *result.controls.find(given.at(i).other) : Control();
            caption.captionFor == control.id) {
            caption.rides = {};
            result.controls.replace(result.controls.indexOf(caption.id), caption);
        }
    }
    return withoutIdleShares(result);
}

} // namespace nabblet
