// Lists that drop down, as screen readers are told of them: by their label, with what is chosen as their value. Qt tells
// on Linux what is chosen for their name.
#pragma once

namespace nabblet {

// For all lists of the program; once is enough.
void nameDropDownLists();

} // namespace nabblet
