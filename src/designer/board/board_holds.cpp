// Two signs at the lead's corner while window sizes are tried: what it does when the window gets wider and higher.
// Lines stand where it is held; a click makes it do the next thing.
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/windows/holding.h"
#include "designer/board/board.h"
#include "entry/theme/theme.h"

#include <QPainter>

namespace nabblet {

namespace {

constexpr int SignSize = 18; // px
constexpr int Apart = 4;     // px between the two, and to the corner

QString words(Direction direction, std::optional<Holding> holding)
{
    const bool isAcross = direction == Direction::Across;
    if (!holding) {
        return isAcross ? Board::tr("When the window gets wider: as its rails do. Click to have it stay.")
                        : Board::tr("When the window gets higher: as its rails do. Click to have it stay.");
    }
    switch (*holding) {
    case Holding::Stays:
        return isAcross ? Board::tr("When the window gets wider, it stays. Click to have it move.")
                        : Board::tr("When the window gets higher, it stays. Click to have it move.");
    case Holding::Moves:
        return isAcross ? Board::tr("It moves with the right edge. Click to have it stretch.")
                        : Board::tr("It moves with the bottom. Click to have it stretch.");
    case Holding::Stretches:
        return isAcross ? Board::tr("It gets wider with the window. Click to have it keep its share.")
                        : Board::tr("It gets higher with the window. Click to have it keep its share.");
    case Holding::KeepsShare:
        return isAcross ? Board::tr("It keeps its share of the width. Click to have it stay.")
                        : Board::tr("It keeps its share of the height. Click to have it stay.");
    }
    return {};
}

Holding next(std::optional<Holding> holding)
{
    if (!holding) {
        return Holding::Stays;
    }
    switch (*holding) {
    case Holding::Stays:
        return Holding::Moves;
    case Holding::Moves:
        return Holding::Stretches;
    case Holding::Stretches:
        return Holding::KeepsShare;
    case Holding::KeepsShare:
        break;
    }
    return Holding::Stays;
}

// A box, and lines on the sides at which it is held; three of them for a share.
void paintSign(QPainter &painter, const QRect &place, Direction direction, std::optional<Holding> holding,
               const QColor &ink)
{
    constexpr int Inset = 4;
    const QRect inside = place.adjusted(Inset, Inset, -Inset, -Inset);
    painter.fillRect(inside.adjusted(2, 2, -2, -2), ink);
    const auto line = [&](double share) {
        const bool isAcross = direction == Direction::Across;
        const int at = qRound(share * (isAcross ? inside.width() : inside.height()));
        isAcross ? painter.drawLine(inside.x() + at, inside.y() - 1, inside.x() + at, bottomOf(inside))
                 : painter.drawLine(inside.x() - 1, inside.y() + at, rightOf(inside), inside.y() + at);
    };
    if (holding == Holding::Stays || holding == Holding::Stretches || holding == Holding::KeepsShare) {
        line(-0.1);
    }
    if (holding == Holding::Moves || holding == Holding::Stretches || holding == Holding::KeepsShare) {
        line(1.0);
    }
    if (holding == Holding::KeepsShare) {
        painter.setPen(QPen(painter.pen().color(), 1, Qt::DotLine));
        line(0.45);
    }
}

} // namespace

void Board::setShowsHolds(bool shows)
{
    m_showsHolds = shows;
    viewport()->update();
}

QRect Board::holdSign(Direction direction) const
{
    const Form &form = shownForm();
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    const bool isHeld = m_showsHolds && lead && !m_drag && whyNotHeld(form, {lead->id}, direction).isEmpty();
    if (!isHeld) {
        return {};
    }
    const QRect shown = toViewport(placeOnForm(form, *lead));
    const int x = rightOf(shown) - (direction == Direction::Across ? 2 * SignSize + Apart : SignSize);
    return {std::max(x, shown.x() + (direction == Direction::Across ? 0 : SignSize + Apart)), bottomOf(shown) + Apart,
            SignSize, SignSize};
}

void Board::paintHolds(QPainter &painter) const
{
    const Form &form = shownForm();
    const PanelColours &colours = panelColours(m_appearance.theme());
    for (const Direction direction : {Direction::Across, Direction::Down}) {
        const QRect place = holdSign(direction);
        if (place.isNull()) {
            continue;
        }
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(colours.accent, 1));
        painter.setBrush(m_appearance.colour(Ink::FieldFill));
        painter.drawRoundedRect(QRectF(place).adjusted(0.5, 0.5, -0.5, -0.5), 3, 3);
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.setPen(QPen(colours.accent, 2));
        paintSign(painter, place, direction, holdingOf(form, *form.controls.find(m_selection.lead()), direction),
                  colours.accent);
    }
}

std::optional<Direction> Board::holdSignAt(QPoint inViewport) const
{
    for (const Direction direction : {Direction::Across, Direction::Down}) {
        if (holdSign(direction).contains(inViewport)) {
            return direction;
        }
    }
    return std::nullopt;
}

// All that is selected does what the lead does next.
void Board::holdNext(Direction direction)
{
    const Form &form = m_document->form();
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    if (lead) {
        m_document->apply(
            tr("Change what it does in windows of other sizes"),
            withHolding(form, m_selection.controls(), direction, next(holdingOf(form, *lead, direction))));
        Q_EMIT said(holdWords(direction));
    }
}

QString Board::holdWords(Direction direction) const
{
    const nabblet::Control *lead = m_document->form().controls.find(m_selection.lead());
    return lead ? words(direction, holdingOf(m_document->form(), *lead, direction)) : QString();
}

} // namespace nabblet
