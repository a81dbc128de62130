// Work beside the interface, one thing after the other, on a connection that stays: making one takes a server far away
// several answers.
#pragma once

#include "data/background/background_work.h"

#include <condition_variable>
#include <deque>
#include <memory>
#include <mutex>

namespace nabblet {

class SteadyWork
{
public:
    using Task = std::function<void(const Connection &, const BackgroundWork::Report &)>;
    // What becomes of it where there is no further connection to be had: it is left undone, or done by this thread's.
    enum class Else { Undone, Here };

    // connection: of this thread, whose database is worked on.
    explicit SteadyWork(Connection connection);

    // Every one of these is done, …
    void post(const Task &task, Else otherwise);
    // … but of these the last alone, when there is nothing else to do; here, where there is no connection.
    void postLast(const Task &task);

private:
    struct Tasks
    {
        struct Each
        {
            Task task;
            Else otherwise = Else::Here;
        };
        std::mutex mutex;
        std::condition_variable isThere;
        std::deque<Each> all;
        Task last;

        Each next(int most); // ms to wait for one; none then
    };

    void start();
    void doHere();

    Connection m_connection;
    std::shared_ptr<Tasks> m_tasks = std::make_shared<Tasks>();
    BackgroundWork m_work;
};

} // namespace nabblet
