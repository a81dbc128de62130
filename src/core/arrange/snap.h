// Where something that is dragged comes to stand: on a rail, else level with edges, centres, text or gaps of what is
// around it, else on the grid; and what to draw so that a person sees why.
#pragma once

#include "core/arrange/gaps.h"
#include "core/arrange/moving.h"
#include "core/arrange/strips.h"

#include <QList>
#include <QSet>

#include <vector>

namespace nabblet {

enum class SnapKind { Rail, Edge, Centre, Baseline, Size, Gap, Margin };

// A hairline, or with a gap the space that is as wide as another. px on the form.
struct SnapGuide
{
    SnapKind kind = SnapKind::Edge;
    Qt::Orientation orientation = Qt::Vertical; // of the line
    int position = 0;                           // of the line
    int from = 0;                               // where it starts and ends along itself
    int to = 0;
    QRect space; // of a gap
    int size = 0;

    bool operator==(const SnapGuide &) const = default;
};

struct Snap
{
    QPoint by; // what to add to the distance dragged
    QList<SnapGuide> guides;
};

// What is dragged, where the hand has it. px on the form.
struct Snapping
{
    QRect place; // of the control under the hand
    QRect whole; // of all that is dragged
    std::optional<int> baseline;
    int tolerance = 5;
    int bandTop = 0;      // of the band in which the grid counts
    bool isAcross = true; // whether it may move across …
    bool isDown = true;   // … and down
};

// Everything that stands still while something is dragged, put in order once. Preparing takes n log n, asking about
// log n and what stands in the rows and columns at hand.
class SnapIndex
{
public:
    SnapIndex() = default;
    SnapIndex(const Form &form, const QList<ControlId> &moving, const TextMeasure &measure);

    // Where a thing that is moved comes to stand.
    Snap forMove(const Snapping &snapping) const;
    // Where the edges that are dragged come to stand; edges holds at most one of left and right, one of top and bottom.
    Snap forResize(const Snapping &snapping, Edges edges) const;
    // Where an upright line at x comes to stand: a rail, or an edge drawn out of the ruler.
    Snap forLine(int x, int tolerance) const;
    // The same for a level one at y; bandTop as in Snapping.
    Snap forLevelLine(int y, int bandTop, int tolerance) const;

private:
    struct Line
    {
        int at;
        int from;
        int to;
    };
    using Lines = std::vector<Line>;
    struct Best;

    static void sortAndJoin(Lines &lines);
    static void seek(Best &best, const Lines &lines, int edge, SnapKind kind);
    static void seekEdge(Best &best, int at, int size, bool isStart, const Lines &edges, const Lines &margins,
                         const Lines &sizes);
    void seekGaps(Best &best, const QRect &whole, Direction direction) const;
    const QRect *nearest(const QRect &whole, Direction direction, int sign) const;
    static void addGuides(Snap &snap, const Best &best, const QRect &place, Qt::Orientation orientation);

    Lines m_rails;
    Lines m_levelRails;
    Lines m_uprightEdges; // left and right edges
    Lines m_uprightCentres;
    Lines m_uprightMargins;
    Lines m_levelEdges; // top and bottom edges
    Lines m_levelCentres;
    Lines m_levelMargins;
    Lines m_baselines;
    Lines m_widths;
    Lines m_heights;
    std::vector<QRect> m_wholes;
    Strips m_byLevel;  // of the wholes, along the form's height
    Strips m_byColumn; // and along its width
    int m_pitch = 8;
};

} // namespace nabblet
