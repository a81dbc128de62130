// The keys that work where the keyboard is: in the box, in the rows, on the form.
#pragma once

namespace nabblet {

class EntryView;

void showKeysHere(EntryView &view);

} // namespace nabblet
