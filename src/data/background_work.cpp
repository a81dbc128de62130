#include "data/background_work.h"

namespace nabblet {

BackgroundWork::~BackgroundWork()
{
    giveUp();
    for (const Job &job : m_jobs) {
        job.thread->wait();
    }
}

void BackgroundWork::giveUp()
{
    for (const Job &job : m_jobs) {
        *job.isCancelled = true;
    }
}

void BackgroundWork::start(const DatabaseAddress &address, const Work &work)
{
    std::erase_if(m_jobs, [](const Job &job) { return job.thread->isFinished(); });
    const auto isCancelled = std::make_shared<std::atomic<bool>>(false);
    const Report report = [this, isCancelled](const std::function<void()> &function) {
        const auto deliver = [isCancelled, function] {
            if (!*isCancelled) {
                function();
            }
        };
        QMetaObject::invokeMethod(this, deliver, Qt::QueuedConnection);
    };
    std::unique_ptr<QThread> thread(QThread::create([address, work, isCancelled, report] {
        const Result<Connection> connection = Connection::open(address);
        if (connection && !*isCancelled) {
            // Also in the middle of a long statement.
            connection->dialect().stopWhen(connection->database(), isCancelled.get());
            work(*connection, *isCancelled, report);
        }
    }));
    thread->start(QThread::LowPriority);
    m_jobs.push_back(Job{isCancelled, std::move(thread)});
}

} // namespace nabblet
