// The program from the command line.
#pragma once

class QApplication;

namespace nabblet {

// Exit codes of the program.
enum ExitCode {
    ExitDone = 0,
    ExitFailed = 1,        // the work could not be done; a sentence on the error channel says why
    ExitUsage = 2,         // the words of the call are not understood
    ExitFound = 3,         // what was looked at is not in order
    ExitInterrupted = 130, // given up by Ctrl+C or a request to end, as shells count it
};

// Settings that must stand before the application is made: work without a window needs no display.
void prepareEnvironment(int argc, char **argv);

// Does what the arguments ask for and gives the exit code.
int runCommandLine(QApplication &application);

} // namespace nabblet
