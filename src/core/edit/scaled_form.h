// A form as a whole larger or smaller: for other letters, and for people who want everything larger.
#pragma once

#include "core/model/form.h"

namespace nabblet {

enum class OnGrid { No, Yes };

// Everything's edges in the measures given, across and down; what lay on one line does so still, and what stood apart
// does not touch. OnGrid::Yes: edges that lay on the grid lie on it again. The forms inside go along.
Form scaledForm(const Form &form, double across, double down, OnGrid onGrid);

// What stands in containers, clear of what these keep free inside their edges, where that got more; they get as large
// as their members need.
Form withMembersInside(const Form &form);

} // namespace nabblet
