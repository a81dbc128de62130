// The dictionaries of this machine (Hunspell's), for the words that names are made of.
#pragma once

#include "core/words/run_together.h"

#include <QList>

#include <functional>

namespace nabblet {

// Makes the spellers of the languages whose dictionaries are installed, English first. Each dictionary is read once,
// when it is first asked for, and then kept; that takes a tenth of a second each, so prepareDictionaries() does it
// beside the interface. May be used by several threads.
QList<std::function<Speller()>> installedSpellers();

// Reads the usual dictionary on a thread of its own.
void prepareDictionaries();

} // namespace nabblet
