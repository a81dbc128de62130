// The dictionaries of this machine (Hunspell's), for the words that names are made of.
#pragma once

#include "core/words/run_together.h"

#include <QList>

namespace nabblet {

// The languages whose names are read, English first. A dictionary is read when its language is first asked for a word
// that it was never asked in an earlier run, and then kept; that takes a tenth of a second, so prepareDictionaries()
// does it beside the interface. One that is not installed knows no word. May be used by several threads.
QList<Speller> installedSpellers();

// Reads the usual dictionary on a thread of its own, where nothing is known of an earlier run.
void prepareDictionaries();

// Keeps what the dictionaries said for the next run, beside the interface.
void keepAnswers();

} // namespace nabblet
