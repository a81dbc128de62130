// A link between a program and a database's server that takes its time: what is said arrives late, or not at all for as
// long as the link is broken. On this computer alone, from socket file to socket file.
#pragma once

#include <QByteArray>
#include <QString>
#include <QTemporaryDir>

#include <atomic>
#include <cerrno>
#include <chrono>
#include <cstring>
#include <deque>
#include <fcntl.h>
#include <list>
#include <poll.h>
#include <sys/socket.h>
#include <sys/un.h>
#include <thread>
#include <unistd.h>
#include <vector>

namespace nabblet::samples {

class SlowRelay
{
public:
    // name: of the socket file, in a folder of its own. delay: ms each way.
    SlowRelay(const QString &server, const QString &name, int delay)
        : m_server(server.toLocal8Bit()), m_path(m_folder.filePath(name).toLocal8Bit()), m_delay(delay)
    {
        m_listening = ::socket(AF_UNIX, SOCK_STREAM, 0);
        const sockaddr_un at = addressOf(m_path);
        if (::bind(m_listening, reinterpret_cast<const sockaddr *>(&at), sizeof at) != 0 ||
            ::listen(m_listening, 16) != 0) {
            qFatal("the relay cannot listen: %s", std::strerror(errno));
        }
        m_thread = std::thread([this] { work(); });
    }
    ~SlowRelay()
    {
        m_isOver = true;
        m_thread.join();
        for (Link &link : m_links) {
            ::close(link.ends[0]);
            ::close(link.ends[1]);
        }
        ::close(m_listening);
    }
    QString folder() const { return m_folder.path(); }
    QString path() const { return QString::fromLocal8Bit(m_path); }
    void setBroken(bool isBroken) { m_isBroken = isBroken; }
    void setDelay(int delay) { m_delay = delay; }

private:
    using Clock = std::chrono::steady_clock;
    struct Late
    {
        Clock::time_point due;
        QByteArray bytes;
    };
    struct Link
    {
        int ends[2];            // the program's and the server's
        std::deque<Late> to[2]; // on their way to each
        bool isOver = false;
    };

    static sockaddr_un addressOf(const QByteArray &path)
    {
        sockaddr_un address{};
        address.sun_family = AF_UNIX;
        std::strncpy(address.sun_path, path.constData(), sizeof address.sun_path - 1);
        return address;
    }

    void take()
    {
        Link link{};
        link.ends[0] = ::accept(m_listening, nullptr, nullptr);
        link.ends[1] = ::socket(AF_UNIX, SOCK_STREAM, 0);
        const sockaddr_un at = addressOf(m_server);
        link.isOver = ::connect(link.ends[1], reinterpret_cast<const sockaddr *>(&at), sizeof at) != 0;
        for (const int end : link.ends) {
            ::fcntl(end, F_SETFL, O_NONBLOCK);
        }
        m_links.push_back(std::move(link));
    }

    void read(Link &link, int from)
    {
        char bytes[65536];
        const ssize_t count = ::read(link.ends[from], bytes, sizeof bytes);
        if (count > 0) {
            link.to[1 - from].push_back({Clock::now() + std::chrono::milliseconds(m_delay), {bytes, count}});
        } else if (count == 0 || errno != EAGAIN) {
            link.isOver = true;
        }
    }

    static void write(Link &link, int to)
    {
        while (!link.to[to].empty() && link.to[to].front().due <= Clock::now()) {
            QByteArray &bytes = link.to[to].front().bytes;
            const ssize_t count = ::send(link.ends[to], bytes.constData(), bytes.size(), MSG_NOSIGNAL);
            if (count < 0) {
                link.isOver = link.isOver || errno != EAGAIN;
                return;
            }
            bytes.remove(0, count);
            if (bytes.isEmpty()) {
                link.to[to].pop_front();
            }
        }
    }

    void work()
    {
        constexpr int LookEvery = 1; // ms
        while (!m_isOver) {
            std::vector<pollfd> waited{{m_listening, POLLIN, 0}};
            for (const Link &link : m_links) {
                waited.push_back({link.ends[0], POLLIN, 0});
                waited.push_back({link.ends[1], POLLIN, 0});
            }
            ::poll(waited.data(), waited.size(), LookEvery);
            if (m_isBroken) {
                std::this_thread::sleep_for(std::chrono::milliseconds(LookEvery));
                continue;
            }
            size_t at = 1;
            for (Link &link : m_links) {
                for (const int end : {0, 1}) {
                    if (waited.at(at++).revents != 0 && !link.isOver) {
                        read(link, end);
                    }
                }
                write(link, 0);
                write(link, 1);
            }
            m_links.remove_if([](const Link &link) {
                if (link.isOver) {
                    ::close(link.ends[0]);
                    ::close(link.ends[1]);
                }
                return link.isOver;
            });
            if (waited.front().revents & POLLIN) {
                take();
            }
        }
    }

    QTemporaryDir m_folder;
    QByteArray m_server;
    QByteArray m_path;
    std::atomic<int> m_delay;
    std::atomic<bool> m_isBroken = false;
    std::atomic<bool> m_isOver = false;
    int m_listening = -1;
    std::list<Link> m_links;
    std::thread m_thread;
};

} // namespace nabblet::samples
