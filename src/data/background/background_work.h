// Work beside the interface that can be given up: reads a database on a connection of its own and reports to the thread
// that started it.
#pragma once

#include "data/dialect/connection.h"

#include <QList>
#include <QObject>
#include <QThread>

#include <atomic>
#include <functional>
#include <memory>
#include <vector>

namespace nabblet {

class BackgroundWork : public QObject
{
    Q_OBJECT

public:
    // Hands a function over to this object's thread, where it is called unless the work was given up meanwhile.
    using Report = std::function<void(const std::function<void()> &)>;
    // What is done in the background. It looks at isCancelled often and ends when that is true.
    using Work = std::function<void(const Connection &, const std::atomic<bool> &isCancelled, const Report &report)>;

    using QObject::QObject;
    // Gives up what is under way and waits for it to notice.
    ~BackgroundWork() override;

    // Starts work on a database. A database that cannot be opened ends it without a report. On that of a trial, which
    // one connection alone sees, the work is done soon, by that one in this thread, with a limit to its time.
    // couldNotOpen: called in this object's thread then.
    void start(const DatabaseAddress &address, const Work &work, const std::function<void()> &couldNotOpen = {});
    // Gives up everything under way, without waiting; nothing of it is reported from now on.
    void giveUp();
    // Whether something is under way that was not given up.
    bool isBusy() const;

private:
    struct Running; // what a job shares with its thread
    struct Job
    {
        std::shared_ptr<Running> running;
        std::unique_ptr<QThread> thread; // none where it is done in this one
    };
    struct Late // what was reported in the middle of a wait, in its order
    {
        std::shared_ptr<Running> running;
        std::function<void()> function;
    };
    void whenNobodyWaits(const std::function<void()> &function);
    void startHere(const Connection &connection, const Work &work);
    void deliver(const std::shared_ptr<Running> &running, const std::function<void()> &function);
    void deliverLate();

    std::vector<Job> m_jobs;
    QList<Late> m_late;
};

} // namespace nabblet
