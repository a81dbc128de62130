// What is drawn on the board besides the controls themselves: the ground below them, and the marks over and around
// them. Each draws the scene's shown form, in px of the viewport.
#pragma once

#include "designer/board/scene/board_scene.h"

class QPainter;

namespace nabblet {

// Below the controls. exposed: on the form.
void paintGrid(QPainter &painter, const BoardScene &scene, const QRect &exposed);
void paintTracing(QPainter &painter, const BoardScene &scene);
void paintRails(QPainter &painter, const BoardScene &scene);

// Over them: a quiet hatching where one lies over another; groups that are not seen at work, the container around the
// lead, and the one that would take what is dragged.
void paintOverlaps(QPainter &painter, const BoardScene &scene);
void paintRuleSigns(QPainter &painter, const BoardScene &scene);
void paintFound(QPainter &painter, const BoardScene &scene);
void paintContainers(QPainter &painter, const BoardScene &scene);
// In a window of another size: what stretches, what moves, and what runs into something.
void paintTrial(QPainter &painter, const BoardScene &scene);
// What a preview, or a drop that makes others give way, moves: where it stood, dashed.
void paintChanges(QPainter &painter, const BoardScene &scene);
void paintSelection(QPainter &painter, const BoardScene &scene);
// The lead's signs of what it does in windows of other sizes.
void paintHolds(QPainter &painter, const BoardScene &scene);
void paintGuides(QPainter &painter, const BoardScene &scene);
void paintPills(QPainter &painter, const BoardScene &scene);
void paintTabOrder(QPainter &painter, const BoardScene &scene);
// While the tracing sheet is being moved, its outline shows where it lies, beyond the form too.
void paintTracingFrame(QPainter &painter, const BoardScene &scene);
// The box that is drawn to select.
void paintSelectingBox(QPainter &painter, const BoardScene &scene);

// Around the form.
void paintSpine(QPainter &painter, const BoardScene &scene);
void paintSideRuler(QPainter &painter, const BoardScene &scene);
void paintRuler(QPainter &painter, const BoardScene &scene);

} // namespace nabblet
