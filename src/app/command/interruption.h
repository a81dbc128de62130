// Ctrl+C and a request to end, noticed by commands that take long, so that they end as if given up.
#pragma once

#include <QString>

#include <atomic>

namespace nabblet {

// True from the first such signal on; from the first call on they end the program no more by themselves.
const std::atomic<bool> &interruption();

// How far a command is, on the error channel where that is a terminal: one line, written over.
void tellProgress(const QString &words);
void endProgress();

} // namespace nabblet
