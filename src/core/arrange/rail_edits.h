// Making, naming, keeping and taking away rails.
#pragma once

#include "core/arrange/moving.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

// A rail at x, px; edges that stand there ride it from then on. An own name is found for it ("rail", "rail_2", …).
Form withRail(const Form &form, int x);

// A level rail at y, px from the body's top; top and bottom edges that stand there ride it from then on.
Form withLevelRail(const Form &form, int y);

// Keeps one edge of all that is selected lined up: they go where the lead's is, on a new rail or the one that stands
// there, and ride it.
Form withEdgesKept(const Form &form, const QList<ControlId> &selected, Edge edge);

// The name made unique among the form's rails; an empty one changes nothing.
Form withRailRenamed(const Form &form, RailId rail, const QString &name);

Form withRailHold(const Form &form, RailId rail, Hold hold);

// An automatic rail keeps clear of the captions that end on it.
Form withRailAutomatic(const Form &form, RailId rail, bool isAutomatic, const TextMeasure &measure);

// Takes a rail away; the edges on it stay where they are.
Form withoutRail(const Form &form, RailId rail);

// The rails that edges of these controls ride, each once.
QList<RailId> railsRidden(const Form &form, const QList<ControlId> &controls);
// How many edges ride a rail.
int edgesOn(const Form &form, RailId rail);

} // namespace nabblet
