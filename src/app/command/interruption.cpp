#include "app/command/interruption.h"

#include <csignal>
#include <cstdio>

#include <unistd.h>

namespace nabblet {

namespace {

std::atomic<bool> isInterrupted{false}; // a signal handler reaches nothing else
static_assert(std::atomic<bool>::is_always_lock_free);

void notice(int)
{
    isInterrupted = true;
}

} // namespace

const std::atomic<bool> &interruption()
{
    std::signal(SIGINT, notice);
    std::signal(SIGTERM, notice);
    return isInterrupted;
}

void tellProgress(const QString &words)
{
    if (isatty(STDERR_FILENO)) {
        std::fprintf(stderr, "\r\033[K%s", qPrintable(words));
        std::fflush(stderr);
    }
}

void endProgress()
{
    if (isatty(STDERR_FILENO)) {
        std::fputs("\r\033[K", stderr);
    }
}

} // namespace nabblet
