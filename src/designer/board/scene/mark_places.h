// Where the marks of the board stand that the mouse can take hold of: handles, knobs, pills, signs. All in px in the
// viewport; null where a mark does not show.
#pragma once

#include "designer/board/scene/board_scene.h"

namespace nabblet {

// Handles stand where there is room for them, so that what is small can still be taken hold of to move it. shown: the
// control's place in the viewport.
QList<Edges> handlesOf(const QRect &shown);
QRect handleRect(const QRect &shown, Edges edges);
// The ring by which the lead's caption is shifted alone: at the outer end of its words.
QRect captionHandle(const BoardScene &scene);
QPoint railKnob(const BoardScene &scene, RailId rail);
// The small print of the board.
QFont rulerFont(const Appearance &appearance);
// A pill that tells a size, px on the form; and that of a gap of the selection.
QRect pillAround(const BoardScene &scene, QPoint middle, int size);
QRect pillRect(const BoardScene &scene, const Gap &gap);
QRect tabBadge(const BoardScene &scene, ControlId control);
// What the lead does in windows of other sizes.
QRect holdSign(const BoardScene &scene, Direction direction);
std::optional<Direction> holdSignAt(const BoardScene &scene, QPoint inViewport);
// Where a click adds the header or footer that is missing.
QRect bandAdder(const BoardScene &scene, BandRole role);
// Where the tracing sheet lies.
QRect tracingRect(const BoardScene &scene);

} // namespace nabblet
