// What controls do when the window changes its size: stay, move along with an edge, stretch, or keep their share.
#pragma once

#include "core/arrange/gaps.h"
#include "core/model/form.h"

#include <optional>

namespace nabblet {

enum class Holding {
    Stays,      // at its distance from the left, or the top
    Moves,      // with the right edge, or the bottom, with its size
    Stretches,  // between both
    KeepsShare, // of the width, or the height
};

// What a control does along a direction; nothing where the rails that it rides do something else.
std::optional<Holding> holdingOf(const Form &form, const Control &control, Direction direction);

// Why that cannot be set, a sentence; empty where it can. Only the body changes its height with the window.
QString whyNotHeld(const Form &form, const QList<ControlId> &controls, Direction direction);

// Makes controls do that. Their captions come along; what they stand in stretches where it must, so that nothing leaves
// it. Captions keep their size: those that were to stretch stay.
Form withHolding(const Form &form, const QList<ControlId> &controls, Direction direction, Holding holding);

// How much of what the window gains along a direction goes by at a rail, thousandths: 0 where it stays, 1000 where it
// goes all the way.
int shareAt(const Form &form, RailId rail);
// A rail at that place that goes along so much: one of the form's own edges where that says it, else one that is there,
// else a new one.
RailId railWithShare(Form &form, Direction direction, int position, int share);
// Takes such rails away again that nothing rides any more.
Form withoutIdleShares(const Form &form);

} // namespace nabblet
