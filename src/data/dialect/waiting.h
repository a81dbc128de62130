// A thread that waits for a server: what it does meanwhile, such as letting the window paint. Threads that nobody set
// up so just wait.
#pragma once

#include <QElapsedTimer>

#include <functional>

namespace nabblet {

struct Interruption;

// Whether a statement of a connection must end; the limit that was reached is noted. watched: may be nullptr.
bool mustEnd(Interruption *watched);

// What goes on while this thread waits.
struct WhileWaiting
{
    // Called every few ms with how long the wait has been, ms. Answering false gives the statement up.
    std::function<bool(qint64 waited)> goOn;
    std::function<void()> ended;
};
// Whether whoever asked for the work of a connection still wants it. watched: may be nullptr.
bool isWanted(const Interruption *watched);

// Of this thread, from now on; nothing to take it back.
void setWhileWaiting(const WhileWaiting &meanwhile);
// Whether this thread is in the middle of a wait: no other statement can be run.
bool isWaiting();

// One wait, from the sending of a statement to its answer.
class Wait
{
public:
    Wait();
    ~Wait();
    Wait(const Wait &) = delete;
    Wait &operator=(const Wait &) = delete;

    // To be called every few ms; false once the statement is given up.
    bool goOn();

private:
    QElapsedTimer m_clock;
    bool m_hasGoneOn = false;
};

} // namespace nabblet
