// From a box that looks a row up to that row: on a form of its own, to be seen and changed, or to add one that is not
// there yet.
#pragma once

namespace nabblet {

class EntryView;

// Opens the row that the box in hand shows.
void openRowLookedUp(EntryView &view);
// Opens a form for a new row, with the words that were typed in the box; once it is saved and closed, the box has it.
void addRowLookedUp(EntryView &view);

} // namespace nabblet
