#include "data/background/steady_work.h"

#include "data/dialect/patience.h"

#include <chrono>
#include <utility>

namespace nabblet {

SteadyWork::SteadyWork(Connection connection) : m_connection(std::move(connection)) {}

SteadyWork::Tasks::Each SteadyWork::Tasks::next(int most)
{
    std::unique_lock<std::mutex> lock(mutex);
    isThere.wait_for(lock, std::chrono::milliseconds(most), [this] { return !all.empty() || last; });
    Each next;
    if (!all.empty()) {
        next = std::move(all.front());
        all.pop_front();
    } else {
        next.task = std::exchange(last, {});
    }
    return next;
}

void SteadyWork::post(const Task &task, Else otherwise)
{
    {
        const std::lock_guard<std::mutex> lock(m_tasks->mutex);
        m_tasks->all.push_back({task, otherwise});
    }
    m_tasks->isThere.notify_one();
    start();
}

void SteadyWork::postLast(const Task &task)
{
    {
        const std::lock_guard<std::mutex> lock(m_tasks->mutex);
        m_tasks->last = task;
    }
    m_tasks->isThere.notify_one();
    start();
}

void SteadyWork::start()
{
    if (m_work.isBusy()) {
        return;
    }
    m_work.start(
        m_connection.address(),
        [tasks = m_tasks](const Connection &connection, const std::atomic<bool> &isCancelled,
                          const BackgroundWork::Report &report) {
            constexpr int LookEvery = 50; // ms, whether it was given up
            while (!isCancelled) {
                if (const Tasks::Each next = tasks->next(LookEvery); next.task) {
                    next.task(connection, report);
                }
            }
        },
        [this] { doHere(); });
}

// A server may grant each person a few connections only.
void SteadyWork::doHere()
{
    const Patience patience(m_connection);
    for (Tasks::Each next = m_tasks->next(0); next.task; next = m_tasks->next(0)) {
        if (next.otherwise == Else::Here) {
            next.task(m_connection, [](const std::function<void()> &function) { function(); });
        }
    }
}

} // namespace nabblet
