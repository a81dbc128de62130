// What is done with several records at once, after a look at what would come of it: with all that are shown, or with
// the rows that a person chose.
#pragma once

#include "core/model/control.h"
#include "entry/cells/chosen_rows.h"

class QWidget;

namespace nabblet {

class EntrySession;

// One value for a box, asked for, in the chosen rows; where none are chosen, in all that are shown.
void changeTogether(EntrySession &session, const Control &box, const ChosenRows &chosen, QWidget *parent);
// What stands in a box of the first of the chosen rows, in all the others.
void fillDown(EntrySession &session, const Control &box, const ChosenRows &chosen, QWidget *parent);
// Deletes the chosen rows; where none are chosen, all that are shown, but only what people asked for, never a whole
// table. Gives whether they are gone.
bool deleteTogether(EntrySession &session, const ChosenRows &chosen, QWidget *parent);

} // namespace nabblet
