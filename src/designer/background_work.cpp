#include "designer/background_work.h"

#include <algorithm>

namespace nabblet {

BackgroundWork::~BackgroundWork()
{
    giveUp();
    for (const std::shared_ptr<Job> &job : m_jobs) {
        job->thread->wait();
    }
}

void BackgroundWork::giveUp()
{
    for (const std::shared_ptr<Job> &job : m_jobs) {
        job->isCancelled = true;
    }
}

void BackgroundWork::start(
    const DatabaseAddress &address,
    const std::function<std::function<void()>(const Connection &, const std::atomic<bool> &)> &work)
{
    std::erase_if(m_jobs, [](const std::shared_ptr<Job> &job) { return job->thread->isFinished(); });
    auto job = std::make_shared<Job>();
    m_jobs.push_back(job);
    Job *const raw = job.get(); // the destructor waits for the thread, so the job outlives it
    job->thread.reset(QThread::create([this, raw, address, work] {
        const Result<Connection> connection = Connection::open(address);
        if (!connection || raw->isCancelled) {
            return;
        }
        const std::function<void()> result = work(*connection, raw->isCancelled);
        if (!result || raw->isCancelled) {
            return;
        }
        QMetaObject::invokeMethod(
            this,
            [this, raw, result] {
                const bool isWanted = std::any_of(m_jobs.begin(), m_jobs.end(), [&](const std::shared_ptr<Job> &each) {
                    return each.get() == raw && !each->isCancelled;
                });
                if (isWanted) {
                    result();
                }
            },
            Qt::QueuedConnection);
    }));
    job->thread->start(QThread::LowPriority);
}

} // namespace nabblet
