#include "data/background/background_work.h"

#include "data/dialect/patience.h"
#include "data/dialect/waiting.h"

#include <QTimer>

#include <algorithm>
#include <mutex>
#include <utility>

namespace nabblet {

struct BackgroundWork::Running
{
    std::atomic<bool> isCancelled = false;
    std::atomic<bool> isDone = false;
    std::mutex mutex;
    std::mutex passage;
    std::function<void()> interrupt; // while its thread has a connection open

    // Ends what the thread does, also in the middle of a statement that never looks up, such as counting all rows.
    void giveUp()
    {
        isCancelled = true;
        const std::lock_guard<std::mutex> lock(mutex);
        if (interrupt) {
            interrupt();
        }
    }

    // Both threads come by here, one after the other. Qt's event queue orders them as well, but no sanitizer sees into
    // it.
    void handOver() { const std::lock_guard<std::mutex> pass(passage); }

    void setInterrupter(const std::function<void()> &function)
    {
        const std::lock_guard<std::mutex> lock(mutex);
        interrupt = function;
    }
};

BackgroundWork::~BackgroundWork()
{
    giveUp();
    for (const Job &job : m_jobs) {
        // A statement may begin just behind an interruption that did not see it.
        while (job.thread && !job.thread->wait(20)) {
            job.running->giveUp();
        }
    }
}

void BackgroundWork::giveUp()
{
    for (const Job &job : m_jobs) {
        job.running->giveUp();
    }
}

bool BackgroundWork::isBusy() const
{
    return std::any_of(m_jobs.begin(), m_jobs.end(),
                       [](const Job &job) { return !job.running->isCancelled && !job.running->isDone; });
}

// In the middle of a wait for the database nothing is reported: whoever is told may ask the database.
void BackgroundWork::deliver(const std::shared_ptr<Running> &running, const std::function<void()> &function)
{
    constexpr int Later = 10; // ms
    running->handOver();      // what the thread wrote before is seen from here on
    if (running->isCancelled) {
        return;
    }
    if (isWaiting() || !m_late.isEmpty()) {
        m_late.append({running, function});
        QTimer::singleShot(Later, this, &BackgroundWork::deliverLate);
        return;
    }
    function();
}

void BackgroundWork::deliverLate()
{
    if (isWaiting()) {
        return; // another look comes with the next report or timer
    }
    const QList<Late> late = std::exchange(m_late, {});
    for (const Late &each : late) {
        deliver(each.running, each.function);
    }
}

void BackgroundWork::startHere(const Connection &connection, const Work &work)
{
    const auto running = std::make_shared<Running>();
    const auto doIt = [this, running, connection, work] {
        if (!running->isCancelled) {
            const Patience patience(connection);
            work(connection, running->isCancelled, [this, running](const std::function<void()> &function) {
                QMetaObject::invokeMethod(
                    this, [this, running, function] { deliver(running, function); }, Qt::QueuedConnection);
            });
        }
        running->isDone = true;
    };
    m_jobs.push_back(Job{running, nullptr});
    whenNobodyWaits(doIt);
}

// In the middle of a wait no second statement is taken.
void BackgroundWork::whenNobodyWaits(const std::function<void()> &function)
{
    constexpr int Later = 10; // ms
    QTimer::singleShot(isWaiting() ? Later : 0, this, [this, function] {
        if (isWaiting()) {
            whenNobodyWaits(function);
        } else {
            function();
        }
    });
}

void BackgroundWork::start(const DatabaseAddress &address, const Work &work, const std::function<void()> &couldNotOpen)
{
    std::erase_if(m_jobs,
                  [](const Job &job) { return job.thread ? job.thread->isFinished() : bool(job.running->isDone); });
    if (const std::optional<Connection> own = Connection::ofTrial(address)) {
        startHere(*own, work);
        return;
    }
    const auto running = std::make_shared<Running>();
    const Report report = [this, running](const std::function<void()> &function) {
        running->handOver();
        QMetaObject::invokeMethod(
            this, [this, running, function] { deliver(running, function); }, Qt::QueuedConnection);
    };
    std::unique_ptr<QThread> thread(QThread::create([address, work, running, report, couldNotOpen] {
        // Connecting is given up as well.
        setWhileWaiting({[running](qint64) { return !running->isCancelled; }, {}});
        const Result<Connection> connection = Connection::open(address);
        if (connection && !running->isCancelled) {
            connection->interruption().isCancelled = &running->isCancelled;
            connection->interruption().mayTakeLong = true;
            running->setInterrupter(connection->dialect().interrupter(connection->database()));
            work(*connection, running->isCancelled, report);
            running->setInterrupter({});
        }
        if (!connection && couldNotOpen) {
            report(couldNotOpen);
        }
        running->isDone = true;
    }));
    thread->start(QThread::LowPriority);
    m_jobs.push_back(Job{running, std::move(thread)});
}

} // namespace nabblet
