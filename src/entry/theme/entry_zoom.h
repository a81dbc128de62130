// How large this person has forms at work.
#pragma once

namespace nabblet {

int entryZoom(); // percent
void setEntryZoom(int percent);
// The next size up or down from one.
int entryZoomAfter(int percent, int by);

} // namespace nabblet
