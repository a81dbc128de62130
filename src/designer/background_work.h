// Work beside the interface that can be given up: reads a database on a connection of its own and hands the result to
// the interface's thread.
#pragma once

#include "data/connection.h"

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
    using QObject::QObject;
    // Gives up what is under way and waits for it to notice.
    ~BackgroundWork() override;

    // Starts work on a database. What it gives, a function, is called in this object's thread, unless the work was
    // given up meanwhile; an empty function is not called.
    void
    start(const DatabaseAddress &address,
          const std::function<std::function<void()>(const Connection &, const std::atomic<bool> &isCancelled)> &work);
    // Gives up everything under way, without waiting.
    void giveUp();

private:
    struct Job
    {
        std::atomic<bool> isCancelled{false};
        std::unique_ptr<QThread> thread;
    };
    std::vector<std::shared_ptr<Job>> m_jobs;
};

} // namespace nabblet
