#include "core/arrange/snap.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/text/band_titles.h"

#include <QHash>

#include <algorithm>
#include <cstdlib>

namespace nabblet {

namespace {

constexpr int Margin = 16;     // px that drafts keep free along the edges of a form
constexpr int MostGap = 160;   // px; wider spaces are no gaps
constexpr int StillBeside = 4; // px; so much overlap, while dragging, is still beside

} // namespace

// The best place found so far along one direction: the class that comes first, then the shortest way.
struct SnapIndex::Best
{
    int tolerance = 0;
    int rank = 99;
    int by = 0;
    struct Found
    {
        SnapKind kind;
        int at;
        int from;
        int to;
        QRect first;
        QRect second;
    };
    QList<Found> found;

    bool isFound() const { return rank < 99; }
    void offer(int itsRank, int distance, const Found &what)
    {
        if (std::abs(distance) > tolerance || itsRank > rank) {
            return;
        }
        const bool isBetter = itsRank < rank || std::abs(distance) < std::abs(by);
        if (isBetter) {
            rank = itsRank;
            by = distance;
            found = {what};
        } else if (distance == by) {
            found.append(what);
        }
    }
};

void SnapIndex::sortAndJoin(Lines &lines)
{
    std::sort(lines.begin(), lines.end(), [](const Line &a, const Line &b) { return a.at < b.at; });
    std::size_t kept = 0;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (kept > 0 && lines[kept - 1].at == lines[i].at) {
            lines[kept - 1].from = std::min(lines[kept - 1].from, lines[i].from);
            lines[kept - 1].to = std::max(lines[kept - 1].to, lines[i].to);
        } else {
            lines[kept++] = lines[i];
        }
    }
    lines.resize(kept);
}

SnapIndex::SnapIndex(const Form &form, const QList<ControlId> &moving, const TextMeasure &measure)
    : m_pitch(std::max(1, form.grid.pitch))
{
    const QList<ControlId> along = withBelongings(form, moving);
    const QSet<ControlId> dragged(along.begin(), along.end());
    const auto count = static_cast<std::size_t>(form.controls.size());
    m_uprightEdges.reserve(count * 2);
    m_levelEdges.reserve(count * 2);
    m_wholes.reserve(count);
    QHash<QPair<QString, int>, std::optional<int>> baselines; // controls of one sort and height have the same
    std::array<int, AllBands.size()> tops{};
    for (const Band &band : form.bands) {
        tops.at(static_cast<std::size_t>(band.role)) = bandTop(form, band.role);
    }
    QHash<ControlId, const Control *> captions;
    for (const Control &control : form.controls) {
        if (control.captionFor != 0) {
            captions.insert(control.captionFor, &control);
        }
    }
    for (const Control &control : form.controls) {
        if (dragged.contains(control.id)) {
            continue;
        }
        const QRect place = control.place.translated(0, tops.at(static_cast<std::size_t>(control.band)));
        const int right = rightOf(place);
        const int bottom = bottomOf(place);
        const bool isFieldCaption = control.captionFor != 0;
        if (holdsOthers(control)) { // its inside is a margin, too
            const Insets insets = insetsOf(control);
            m_uprightMargins.push_back({place.x() + insets.left, place.y(), bottom});
            m_uprightMargins.push_back({right - insets.right, place.y(), bottom});
            m_levelMargins.push_back({place.y() + insets.top, place.x(), right});
            m_levelMargins.push_back({bottom - insets.bottom, place.x(), right});
        }
        m_levelEdges.push_back({place.y(), place.x(), right});
        m_levelEdges.push_back({bottom, place.x(), right});
        if (!isFieldCaption) {
            m_uprightEdges.push_back({place.x(), place.y(), bottom});
            m_uprightEdges.push_back({right, place.y(), bottom});
            m_uprightCentres.push_back({place.x() + place.width() / 2, place.y(), bottom});
            m_levelCentres.push_back({place.y() + place.height() / 2, place.x(), right});
            m_widths.push_back({place.width(), place.y(), bottom});
            m_heights.push_back({place.height(), place.x(), right});
        }
        const QPair<QString, int> sort{control.kind + control.role, place.height()};
        auto known = baselines.find(sort);
        if (known == baselines.end()) {
            known = baselines.insert(sort, textBaseline(control, measure));
        }
        if (*known) {
            m_baselines.push_back({place.y() + **known, place.x(), right});
        }
        if (isFieldCaption) {
            continue; // part of its field's whole
        }
        const Control *caption = captions.value(control.id);
        const QRect whole = caption && caption->band == control.band
                                ? place.united(caption->place.translated(0, place.y() - control.place.y()))
                                : place;
        const auto index = static_cast<int>(m_wholes.size());
        m_wholes.push_back(whole);
        m_byLevel.add(whole.y(), bottomOf(whole), index);
        m_byColumn.add(whole.x(), rightOf(whole), index);
    }
    const int height = formHeight(form);
    for (const Rail &rail : form.rails) {
        m_rails.push_back({rail.position, 0, height});
    }
    const int bodyTop = bandTop(form, BandRole::Body);
    for (const Rail &rail : form.levelRails) {
        m_levelRails.push_back({bodyTop + rail.position, 0, form.width});
    }
    for (const int x : {0, Margin, form.width - Margin, form.width}) {
        m_uprightMargins.push_back({x, 0, height});
    }
    for (const Band &band : form.bands) {
        const int top = tops.at(static_cast<std::size_t>(band.role));
        for (const int y : {top, top + Margin, top + band.height - Margin, top + band.height}) {
            m_levelMargins.push_back({y, 0, form.width});
        }
    }
    for (Lines *lines : {&m_rails, &m_levelRails, &m_uprightEdges, &m_uprightCentres, &m_uprightMargins, &m_levelEdges,
                         &m_levelCentres, &m_levelMargins, &m_baselines, &m_widths, &m_heights}) {
        sortAndJoin(*lines);
    }
}

void SnapIndex::seek(Best &best, const Lines &lines, int edge, SnapKind kind)
{
    const int rank = kind == SnapKind::Rail ? 0 : 1;
    auto line = std::lower_bound(lines.begin(), lines.end(), edge - best.tolerance,
                                 [](const Line &a, int at) { return a.at < at; });
    for (; line != lines.end() && line->at <= edge + best.tolerance; ++line) {
        best.offer(rank, line->at - edge, {kind, line->at, line->from, line->to, {}, {}});
    }
}

// The nearest still thing before (sign -1) or behind (+1) a rectangle, in its rows or columns.
const QRect *SnapIndex::nearest(const QRect &whole, Direction direction, int sign) const
{
    const bool isAcross = direction == Direction::Across;
    const QRect *best = nullptr;
    int least = MostGap + 1;
    int bestIndex = 0; // of those as near, the first on the form
    const auto weigh = [&](int index) {
        const QRect &other = m_wholes[static_cast<std::size_t>(index)];
        const bool isLevel = isAcross ? other.y() < bottomOf(whole) && whole.y() < bottomOf(other)
                                      : other.x() < rightOf(whole) && whole.x() < rightOf(other);
        const int distance = sign < 0 ? (isAcross ? whole.x() - rightOf(other) : whole.y() - bottomOf(other))
                                      : (isAcross ? other.x() - rightOf(whole) : other.y() - bottomOf(whole));
        const bool isNearer = distance < least || (best && distance == least && index < bestIndex);
        if (isLevel && distance >= -StillBeside && isNearer) {
            least = distance;
            best = &other;
            bestIndex = index;
        }
        return false;
    };
    // It lies in the same rows (or columns), and no further on than a gap may be wide: of the two, whichever are fewer.
    const int edge = isAcross ? (sign < 0 ? whole.x() : rightOf(whole)) : (sign < 0 ? whole.y() : bottomOf(whole));
    const int from = sign < 0 ? edge - MostGap - 1 : edge - StillBeside;
    const int to = sign < 0 ? edge + StillBeside : edge + MostGap + 1;
    const Strips &along = isAcross ? m_byLevel : m_byColumn;
    const Strips &onward = isAcross ? m_byColumn : m_byLevel;
    const int first = isAcross ? whole.y() : whole.x();
    const int last = isAcross ? bottomOf(whole) : rightOf(whole);
    if (along.countNear(first, last) <= onward.countNear(from, to)) {
        along.visitNear(first, last, weigh);
    } else {
        onward.visitNear(from, to, weigh);
    }
    return best;
}

void SnapIndex::seekGaps(Best &best, const QRect &whole, Direction direction) const
{
    const bool isAcross = direction == Direction::Across;
    const auto start = [&](const QRect &rect) { return isAcross ? rect.x() : rect.y(); };
    const auto end = [&](const QRect &rect) { return isAcross ? rightOf(rect) : bottomOf(rect); };
    const auto space = [&](const QRect &a, const QRect &b) {
        if (isAcross) {
            const int top = std::max(a.y(), b.y());
            return QRect(rightOf(a), top, b.x() - rightOf(a), std::max(1, std::min(bottomOf(a), bottomOf(b)) - top));
        }
        const int left = std::max(a.x(), b.x());
        return QRect(left, bottomOf(a), std::max(1, std::min(rightOf(a), rightOf(b)) - left), b.y() - bottomOf(a));
    };
    const auto shifted = [&](int by) { return whole.translated(isAcross ? by : 0, isAcross ? 0 : by); };
    const QRect *before = nearest(whole, direction, -1);
    const QRect *behind = nearest(whole, direction, 1);
    if (before && behind) {
        const int room = start(*behind) - end(*before) - (end(whole) - start(whole));
        if (room >= 0 && room % 2 == 0) {
            const int by = end(*before) + room / 2 - start(whole);
            best.offer(1, by, {SnapKind::Gap, 0, 0, 0, space(*before, shifted(by)), space(shifted(by), *behind)});
        }
    }
    if (before) {
        if (const QRect *far = nearest(*before, direction, -1)) {
            const int gap = start(*before) - end(*far);
            const int by = end(*before) + gap - start(whole);
            if (gap > 0) {
                best.offer(1, by, {SnapKind::Gap, 0, 0, 0, space(*far, *before), space(*before, shifted(by))});
            }
        }
    }
    if (behind) {
        if (const QRect *far = nearest(*behind, direction, 1)) {
            const int gap = start(*far) - end(*behind);
            const int by = start(*behind) - gap - end(whole);
            if (gap > 0) {
                best.offer(1, by, {SnapKind::Gap, 0, 0, 0, space(shifted(by), *behind), space(*behind, *far)});
            }
        }
    }
}

void SnapIndex::addGuides(Snap &snap, const Best &best, const QRect &place, Qt::Orientation orientation)
{
    // Where edges are level, middles and text often are as well; the edges say enough.
    const bool hasEdge = std::any_of(best.found.begin(), best.found.end(),
                                     [](const Best::Found &found) { return found.kind == SnapKind::Edge; });
    for (const Best::Found &found : best.found) {
        if (hasEdge && (found.kind == SnapKind::Centre || found.kind == SnapKind::Baseline)) {
            continue;
        }
        if (found.kind == SnapKind::Gap) {
            for (const QRect &space : {found.first, found.second}) {
                SnapGuide guide;
                guide.kind = SnapKind::Gap;
                guide.orientation = orientation;
                guide.space = space;
                guide.size = orientation == Qt::Vertical ? space.width() : space.height();
                snap.guides.append(guide);
            }
            continue;
        }
        SnapGuide guide;
        guide.kind = found.kind;
        guide.orientation = orientation;
        guide.position = found.at;
        const bool isUpright = orientation == Qt::Vertical;
        guide.from = std::min(found.from, isUpright ? place.y() : place.x());
        guide.to = std::max(found.to, isUpright ? bottomOf(place) : rightOf(place));
        snap.guides.append(guide);
    }
}

Snap SnapIndex::forMove(const Snapping &snapping) const
{
    Snap snap;
    const QRect &place = snapping.place;
    Best across;
    across.tolerance = snapping.tolerance;
    if (snapping.isAcross) {
        seek(across, m_rails, place.x(), SnapKind::Rail);
        seek(across, m_rails, rightOf(place), SnapKind::Rail);
        if (across.rank > 0) {
            seek(across, m_uprightEdges, place.x(), SnapKind::Edge);
            seek(across, m_uprightEdges, rightOf(place), SnapKind::Edge);
            seek(across, m_uprightCentres, place.x() + place.width() / 2, SnapKind::Centre);
            seek(across, m_uprightMargins, snapping.whole.x(), SnapKind::Margin);
            seek(across, m_uprightMargins, rightOf(snapping.whole), SnapKind::Margin);
            seekGaps(across, snapping.whole, Direction::Across);
        }
        snap.by.setX(across.isFound() ? across.by : onGrid(place.x(), m_pitch) - place.x());
    }
    Best down;
    down.tolerance = snapping.tolerance;
    if (snapping.isDown) {
        seek(down, m_levelRails, place.y(), SnapKind::Rail);
        seek(down, m_levelRails, bottomOf(place), SnapKind::Rail);
        if (down.rank > 0) {
            seek(down, m_levelEdges, place.y(), SnapKind::Edge);
            seek(down, m_levelEdges, bottomOf(place), SnapKind::Edge);
            seek(down, m_levelCentres, place.y() + place.height() / 2, SnapKind::Centre);
            seek(down, m_levelMargins, snapping.whole.y(), SnapKind::Margin);
            seek(down, m_levelMargins, bottomOf(snapping.whole), SnapKind::Margin);
            if (snapping.baseline) {
                seek(down, m_baselines, place.y() + *snapping.baseline, SnapKind::Baseline);
            }
            seekGaps(down, snapping.whole, Direction::Down);
        }
        const int y = place.y() - snapping.bandTop;
        snap.by.setY(down.isFound() ? down.by : onGrid(y, m_pitch) - y);
    }
    const QRect there = place.translated(snap.by);
    addGuides(snap, across, there, Qt::Vertical);
    addGuides(snap, down, there, Qt::Horizontal);
    return snap;
}

// Where one edge comes to stand that is dragged along one direction: level with others, or so that the size is that of
// another. isStart: the left or the top edge, with which a size grows the other way.
void SnapIndex::seekEdge(Best &best, int at, int size, bool isStart, const Lines &edges, const Lines &margins,
                         const Lines &sizes)
{
    seek(best, edges, at, SnapKind::Edge);
    seek(best, margins, at, SnapKind::Margin);
    Best equal;
    equal.tolerance = best.tolerance;
    seek(equal, sizes, size, SnapKind::Size);
    if (equal.isFound()) {
        const int by = isStart ? -equal.by : equal.by;
        const auto &found = equal.found.first();
        best.offer(1, by, {SnapKind::Size, at + by, found.from, found.to, {}, {}});
    }
}

Snap SnapIndex::forResize(const Snapping &snapping, Edges edges) const
{
    Snap snap;
    const QRect &place = snapping.place;
    Best across;
    across.tolerance = snapping.tolerance;
    if (edges & (Edge::Left | Edge::Right)) {
        const bool isLeft = edges.testFlag(Edge::Left);
        const int x = isLeft ? place.x() : rightOf(place);
        seek(across, m_rails, x, SnapKind::Rail);
        if (across.rank > 0) {
            seekEdge(across, x, place.width(), isLeft, m_uprightEdges, m_uprightMargins, m_widths);
        }
        snap.by.setX(across.isFound() ? across.by : onGrid(x, m_pitch) - x);
    }
    Best down;
    down.tolerance = snapping.tolerance;
    if (edges & (Edge::Top | Edge::Bottom)) {
        const bool isTop = edges.testFlag(Edge::Top);
        const int y = isTop ? place.y() : bottomOf(place);
        seek(down, m_levelRails, y, SnapKind::Rail);
        if (down.rank > 0) {
            seekEdge(down, y, place.height(), isTop, m_levelEdges, m_levelMargins, m_heights);
        }
        snap.by.setY(down.isFound() ? down.by : onGrid(y - snapping.bandTop, m_pitch) - (y - snapping.bandTop));
    }
    addGuides(snap, across, place, Qt::Vertical);
    addGuides(snap, down, place, Qt::Horizontal);
    return snap;
}

Snap SnapIndex::forLevelLine(int y, int bandTop, int tolerance) const
{
    Snap snap;
    Best down;
    down.tolerance = tolerance;
    seek(down, m_levelEdges, y, SnapKind::Edge);
    seek(down, m_levelMargins, y, SnapKind::Margin);
    snap.by.setY(down.isFound() ? down.by : onGrid(y - bandTop, m_pitch) - (y - bandTop));
    addGuides(snap, down, QRect(0, y, 1, 1), Qt::Horizontal);
    return snap;
}

Snap SnapIndex::forLine(int x, int tolerance) const
{
    Snap snap;
    Best across;
    across.tolerance = tolerance;
    seek(across, m_uprightEdges, x, SnapKind::Edge);
    seek(across, m_uprightMargins, x, SnapKind::Margin);
    snap.by.setX(across.isFound() ? across.by : onGrid(x, m_pitch) - x);
    addGuides(snap, across, QRect(x, 0, 1, 1), Qt::Vertical);
    return snap;
}

} // namespace nabblet
