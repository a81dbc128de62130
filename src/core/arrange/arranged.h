// What is arranged as one: a box with its caption, a caption with its box, or a control alone.
#pragma once

#include "core/arrange/containers.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>
#include <QRect>
#include <QSet>

#include <optional>

namespace nabblet {

struct Arranged
{
    ControlId control = 0; // whose edges count: the box, or the caption where only captions are selected
    ControlId other = 0;   // goes along
    Area area;
    QRect place; // of the control, relative to its band
    QRect whole; // with what goes along, where both share an area
    bool isCaption = false;
    bool otherIsNear = false; // in the same area; else it goes along sideways only, as heads do
    bool otherKeepsX = false; // a box that a rail holds stays there when its caption moves sideways
    bool otherStays = false;  // it stands in a container that this one does not stand in, where nothing takes it out
};

// How far what goes along moves when the other of the two moves so far.
QPoint distanceAlong(const Arranged &item, QPoint by);

// What is selected, each field once, in the order of the selection; the last one is the lead's. What is in a container
// that is selected too comes with that.
QList<Arranged> arrangedOf(const Form &form, const QList<ControlId> &selected);
// The same for every control of an area.
QList<Arranged> arrangedIn(const Form &form, const Area &area);

// What they take up together, captions and all.
QRect boundsOf(const QList<Arranged> &items);

// A new place for one of them. What goes along moves as far as its top left corner.
struct Placing
{
    Arranged item;
    QRect place;
};

// Puts controls at their places; containers take what they hold along. None leaves its area at the top or the left, or
// gets narrower or lower than 8 px; containers, bands and the form grow where they would at the bottom or the right.
// Edges let go of rails and ride them by place.
Form withPlacings(const Form &form, const QList<Placing> &placings);

// The distance from a control's top edge to the line on which its first text stands, px; nothing where it shows none.
std::optional<int> textBaseline(const Control &control, const TextMeasure &measure);

// Whether one of them, or what goes along with it, is among the controls named.
bool isAmong(const Arranged &item, const QSet<ControlId> &controls);

// Where a caption usually stands for a box at that place: before it, ending CaptionGap away, or above its left corner.
QRect captionPlace(const QRect &box, const Control &caption);

// Captions of fields put there, within their bands; their edges ride rails by place.
Form withCaptionsInPlace(const Form &form, const QList<ControlId> &captions);

} // namespace nabblet
