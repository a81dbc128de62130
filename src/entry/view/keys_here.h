// The keys that work where the keyboard is: in the box, in the rows, on the form.
#pragma once

#include <QString>

namespace nabblet {

class EntryView;

void showKeysHere(EntryView &view);

// The same as a card to be printed, in HTML.
QString keysCard(const EntryView &view);

} // namespace nabblet
