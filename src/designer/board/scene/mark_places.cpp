#include "designer/board/scene/mark_places.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/holding.h"
#include "designer/board/scene/board_measures.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int SignSize = 18; // of a hold sign, px
constexpr int Apart = 4;     // px between two of them, and to the corner

} // namespace

// Handles stand where there is room for them, so that what is small can still be taken hold of to move it.
QList<Edges> handlesOf(const QRect &shown)
{
    QList<Edges> handles;
    if (shown.width() >= 24) {
        handles += {Edges(Edge::Left), Edges(Edge::Right)};
    } else if (shown.width() >= 12) {
        handles.append(Edge::Right);
    }
    if (shown.height() >= 40) {
        handles += {Edges(Edge::Top), Edges(Edge::Bottom)};
        if (shown.width() >= 40) {
            handles += {Edge::Right | Edge::Bottom, Edge::Left | Edge::Bottom};
        }
    }
    return handles;
}

QRect handleRect(const QRect &shown, Edges edges)
{
    int x = shown.x() + shown.width() / 2;
    int y = shown.y() + shown.height() / 2;
    if (edges & Edge::Left) {
        x = shown.x();
    } else if (edges & Edge::Right) {
        x = rightOf(shown) - 1;
    }
    if (edges & Edge::Top) {
        y = shown.y();
    } else if (edges & Edge::Bottom) {
        y = bottomOf(shown) - 1;
    }
    return {x - HandleSize / 2, y - HandleSize / 2, HandleSize, HandleSize};
}

// The ring by which the lead's caption is shifted alone: at the outer end of its words.
QRect captionHandle(const BoardScene &scene)
{
    const Form &form = scene.shownForm();
    const Control *lead = form.controls.find(scene.selection.lead());
    const Control *caption = lead && scene.selection.controls().size() == 1 ? captionOf(form, lead->id) : nullptr;
    if (!caption) {
        return {};
    }
    const QRect shown = scene.toViewport(placeOnForm(form, *caption));
    return {shown.x() - HandleSize - 3, shown.y() + (shown.height() - HandleSize) / 2, HandleSize, HandleSize};
}

QPoint railKnob(const BoardScene &scene, RailId rail)
{
    const Form &form = scene.shownForm();
    const int at = railPosition(form, rail);
    if (isLevelRail(form, rail)) {
        return {LeftSide - KnobRadius - 4, scene.toViewport(QPoint(0, bandTop(form, BandRole::Body) + at)).y()};
    }
    return {scene.toViewport(QPoint(at, 0)).x(), RulerHeight - KnobRadius - 3};
}

QFont rulerFont(const Appearance &appearance)
{
    QFont font = appearance.font(TextRole::Note);
    font.setPointSizeF(std::max(6.5, font.pointSizeF() * 0.86));
    return font;
}

QRect pillAround(const BoardScene &scene, QPoint middle, int size)
{
    const QFontMetrics metrics(rulerFont(scene.appearance));
    const int words = metrics.horizontalAdvance(sizeNumber(size, scene.unit, scene.form().grid.pitch));
    QRect pill(0, 0, std::max(18, words + 12), metrics.height() + 1);
    pill.moveCenter(middle);
    return pill;
}

QRect pillRect(const BoardScene &scene, const Gap &gap)
{
    return pillAround(scene, scene.toViewport(gap.space).center(), gap.size);
}

QRect tabBadge(const BoardScene &scene, ControlId control)
{
    const QRect shown = scene.viewportRectOf(control);
    return shown.isNull() ? QRect() : QRect(shown.x() - 11, shown.y() - 7, 22, 16);
}

QRect holdSign(const BoardScene &scene, Direction direction)
{
    const Form &form = scene.shownForm();
    const Control *lead = form.controls.find(scene.selection.lead());
    const bool isHeld = scene.showsHolds && lead && !scene.drag && whyNotHeld(form, {lead->id}, direction).isEmpty();
    if (!isHeld) {
        return {};
    }
    const QRect shown = scene.toViewport(placeOnForm(form, *lead));
    const int x = rightOf(shown) - (direction == Direction::Across ? 2 * SignSize + Apart : SignSize);
    return {std::max(x, shown.x() + (direction == Direction::Across ? 0 : SignSize + Apart)), bottomOf(shown) + Apart,
            SignSize, SignSize};
}

std::optional<Direction> holdSignAt(const BoardScene &scene, QPoint inViewport)
{
    for (const Direction direction : {Direction::Across, Direction::Down}) {
        if (holdSign(scene, direction).contains(inViewport)) {
            return direction;
        }
    }
    return std::nullopt;
}

QRect bandAdder(const BoardScene &scene, BandRole role)
{
    const Form &form = scene.form();
    const Band *body = findBand(form, BandRole::Body);
    if (!body || findBand(form, role) || isTabular(form)) {
        return {};
    }
    constexpr int Size = 17; // px
    const QRect shown = scene.toViewport(QRect(0, bandTop(form, BandRole::Body), form.width, body->height));
    const int y = role == BandRole::Header ? std::max(shown.y(), RulerHeight) + 3
                                           : std::min(bottomOf(shown), scene.size.height()) - 3 - Size;
    return {3 + (SpineWidth - 5 - Size) / 2, y, Size, Size};
}

QRect tracingRect(const BoardScene &scene)
{
    const TracingSheet &sheet = scene.shownForm().tracing;
    return sheet.file.isEmpty() || scene.tracing.isNull()
               ? QRect()
               : scene.toViewport(QRect(sheet.at, scene.tracing.size() * sheet.percent / 100));
}

} // namespace nabblet
