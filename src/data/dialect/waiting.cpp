#include "data/dialect/waiting.h"

#include "data/dialect/dialect.h"

namespace nabblet {

namespace {

thread_local WhileWaiting meanwhileHere; // each thread waits for itself
thread_local int depth = 0;

} // namespace

bool mustEnd(Interruption *watched)
{
    if (!watched) {
        return false;
    }
    watched->isOver = watched->isOver || (watched->hasLimit && watched->clock.elapsed() > watched->most);
    return (watched->hasLimit && watched->isOver) ||
           (watched->isCancelled && watched->isCancelled->load(std::memory_order_relaxed));
}

bool isWanted(const Interruption *watched)
{
    return !watched || !watched->isCancelled || !watched->isCancelled->load(std::memory_order_relaxed);
}

void setWhileWaiting(const WhileWaiting &meanwhile)
{
    meanwhileHere = meanwhile;
}

bool isWaiting()
{
    return depth > 0;
}

Wait::Wait()
{
    m_clock.start();
}

Wait::~Wait()
{
    if (m_hasGoneOn && meanwhileHere.ended) {
        meanwhileHere.ended();
    }
}

bool Wait::goOn()
{
    if (!meanwhileHere.goOn || depth > 0) {
        return true;
    }
    m_hasGoneOn = true;
    ++depth;
    const bool isGoingOn = meanwhileHere.goOn(m_clock.elapsed());
    --depth;
    return isGoingOn;
}

} // namespace nabblet
