// Controls that hold others: group boxes and tab pages. A control in a container names it, and on tab pages the page;
// its place is relative to its band all the same, so that rails go across containers. What stands side by side, in one
// band and one container, is called an area here; rows, overlaps and making way count within one area only.
//
// A container comes before what it holds in the form's list, so that it lies under it; edits that change the order or
// the holding end with inNestingOrder().
#pragma once

#include "core/kinds/kind.h"
#include "core/model/form.h"

#include <QHash>
#include <QSet>

namespace nabblet {

// Puts a control into an area; its place stays.
void standIn(Control &control, const Area &area);
// Every area that the form has: its bands, then those in containers, each behind the one that the container stands in.
QList<Area> areasOf(const Form &form);
// Whether anything stands in a container.
bool hasContainers(const Form &form);
bool holdsOthers(const Control &control);
// The areas inside a container: one, or one for each page or pane.
QList<Area> areasIn(const Control &container);

// What a container keeps free inside its edges.
Insets insetsOf(const Control &container, int page = 0); // page: of its pages or panes
// Where the things of an area may stand, relative to the band: the band itself, or the inside of the container.
QRect roomOf(const Form &form, const Area &area);

// All that is in the containers named, at any depth.
QSet<ControlId> membersOf(const Form &form, const QSet<ControlId> &containers);
// Moves controls with all that is in them; rails are not asked.
void moveWithMembers(Form &form, const QSet<ControlId> &controls, QPoint by);
// The containers that a control is in, the innermost first.
QList<ControlId> containersAround(const Form &form, ControlId control);

// Containers before what they hold; among themselves, all keep their order. What names a container that is not there,
// or one inside itself, comes to stand right on its band.
Form inNestingOrder(const Form &form);

// What rails did to a container's left and top edge is done to what it holds and no rail holds. `after` has the same
// controls.
Form withMembersFollowing(const Form &before, const Form &after);

// What goes with the form's right edge, or with the body's bottom: it rides that, and so does every container around
// it. What rides it in a container that stays would be taken out of it.
QSet<ControlId> heldToFormRight(const Form &form);
QSet<ControlId> heldToBodyBottom(const Form &form);

// What stands in a first pane, at any depth, and so gains nothing when the window gets wider (or higher, where panes
// stand one above the other): the divider stays where it is.
QSet<ControlId> inFirstPanes(const Form &form, Qt::Orientation direction);

// The containers that begin before x and hold something that begins there or behind it: those that widen when space
// opens at x.
QSet<ControlId> containersAcross(const Form &form, int x);

// Containers made large enough for what they hold, from the innermost on; what stands below or to the right of one that
// grew makes way within its area.
Form withContainersGrown(const Form &form);

// The holds at the form's own edges that a container needs so that what stretches among these controls does not outgrow
// it.
Rides holdsFor(const Form &form, const QList<ControlId> &controls);

// Which page of each container of tab pages is in front, by its id; where none is said, the first.
using FrontPages = QHash<ControlId, int>;
int frontPage(const Control &container, const FrontPages &fronts);
// The page or pane of a container at a point, px relative to the band: of pages, the one in front.
int pageAt(const Control &container, QPoint point, const FrontPages &fronts);
// The page or pane into which goes what is put into a container: of pages the one in front, of panes the one that was
// brought to the front, else the first.
int pageToFill(const Control &container, const FrontPages &fronts);
// The page so many places behind the one in front, or before it; behind the last comes the first.
int pageFurtherOn(const Control &container, const FrontPages &fronts, int steps);
// The controls that stand on pages behind others.
QSet<ControlId> behindOtherPages(const Form &form, const FrontPages &fronts);
// The form without them.
Form withoutPagesBehind(const Form &form, const FrontPages &fronts);
// The form whose tab pages lack some pages; what stands on these is behind others then, whatever is in front. Where all
// of a container's would go, the first stays. pages: with the body as their band.
Form withoutPages(const Form &form, const QSet<Area> &pages);
// The front pages changed so that a control is in sight.
FrontPages showing(const Form &form, ControlId control, const FrontPages &fronts);

} // namespace nabblet
