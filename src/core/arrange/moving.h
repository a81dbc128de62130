// Controls moved, resized, placed and deleted, with what belongs to them: captions, and what containers hold.
#pragma once

#include "core/arrange/containers.h"
#include "core/model/form.h"

#include <QList>
#include <QPoint>

namespace nabblet {

// The controls named, with each field its caption and with each container all that is in it; in the order of the
// form, each once.
QList<ControlId> withBelongings(const Form &form, const QList<ControlId> &controls);
// The controls with captions that stand alone among them put as their fields, where both share an area: into a
// container or out of one, a caption goes with its field.
QList<ControlId> fieldsOfCaptions(const Form &form, const QList<ControlId> &controls);

// Whether edges that are moved keep the rails they ride, at another distance, or go by where they come to stand.
enum class RideRule { ByPlace, Kept };

// Moves controls by a distance in px. Fields take their captions along, containers what they hold; a caption named
// alone moves alone. None leaves its band or its container at the top or the left; containers, bands and the form grow
// where they would at the bottom or the right. Edges let
// go of the rails they leave and ride those they come to stand on.
Form moveControls(const Form &form, const QList<ControlId> &controls, QPoint distance,
                  RideRule rule = RideRule::ByPlace);

// The same into another band or container, or out of one: the controls stand where they stood on the form, moved by the
// distance. A container stays where it is rather than go into itself.
Form moveControlsInto(const Form &form, const QList<ControlId> &controls, const Area &area, QPoint distance);

// How far moveControls really goes: the distance, cut where a control would leave its band.
QPoint possibleMove(const Form &form, const QList<ControlId> &controls, QPoint distance);

enum class Edge { Left = 1, Top = 2, Right = 4, Bottom = 8 };
Q_DECLARE_FLAGS(Edges, Edge)

// Moves the given edges of controls by a distance in px; no control gets narrower or lower than 8 px, and none leaves
// its band at the top or the left.
Form resizeControls(const Form &form, const QList<ControlId> &controls, Edges edges, QPoint distance,
                    RideRule rule = RideRule::ByPlace);

// Puts one control at a place, relative to its band. A field's caption moves along.
Form placeControl(const Form &form, ControlId control, const QRect &place);

// Removes controls; a field goes with its caption, a container with all that is in it. Its column stays in the
// catalogue and can be placed again.
Form deleteControls(const Form &form, const QList<ControlId> &controls);

// Takes controls that are gone off the form's rules and its tab order by hand: their numbers may be given to others.
void forget(Form &form, const QSet<ControlId> &gone);

// What stands behind a control, across or down, and is covered by it moves on, and what that covers then, until nothing
// is.
Form pushedOn(Form form, ControlId from, Qt::Orientation way);

} // namespace nabblet

Q_DECLARE_OPERATORS_FOR_FLAGS(nabblet::Edges)
