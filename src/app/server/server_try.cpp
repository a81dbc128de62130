#include "app/server/server_try.h"

#include "data/dialect/connection.h"

#include <QMetaObject>
#include <QMutex>
#include <QThreadPool>

namespace nabblet {

struct ServerTry::Asked
{
    QMutex mutex;
    ServerTry *by = nullptr; // nobody any more, where it was given up
};

ServerTry::~ServerTry()
{
    if (m_current) {
        const QMutexLocker lock(&m_current->mutex);
        m_current->by = nullptr;
    }
}

void ServerTry::start(const DatabaseAddress &address)
{
    if (m_current) {
        return;
    }
    m_current = std::make_shared<Asked>();
    m_current->by = this;
    QThreadPool::globalInstance()->start([asked = m_current, address] {
        QString whyNot;
        QString said;
        {
            const Result<Connection> opened = Connection::open(address); // closed in the thread that opened it
            if (!opened) {
                whyNot = opened.error().sentence;
                said = opened.error().detail;
            }
        }
        const QMutexLocker lock(&asked->mutex);
        if (asked->by) {
            QMetaObject::invokeMethod(
                asked->by,
                [by = asked->by, whyNot, said] {
                    by->m_current.reset();
                    Q_EMIT by->done(whyNot, said);
                },
                Qt::QueuedConnection);
        }
    });
}

} // namespace nabblet
