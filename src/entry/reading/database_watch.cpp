#include "entry/reading/database_watch.h"
#include "data/profile/learn_catalogue.h"

#include <QThread>

namespace nabblet {

DatabaseWatch::DatabaseWatch(const Connection &connection, QObject *parent)
    : QObject(parent), m_connection(connection), m_last(connection.dialect().state(connection.database())),
      m_availability(connection.isReadOnly() ? Availability::ReadOnly : Availability::Writable)
{
    m_timer.setInterval(Interval);
    connect(&m_timer, &QTimer::timeout, this, &DatabaseWatch::look);
    m_timer.start();
}

void DatabaseWatch::takeNote()
{
    const DatabaseState state = m_connection.dialect().state(m_connection.database());
    m_last = state.isKnown ? state : m_last;
}

bool DatabaseWatch::isServer() const
{
    return !m_connection.address().parts.contains(QStringLiteral("file"));
}

void DatabaseWatch::look()
{
    if (isServer()) {
        if (!m_beside.isBusy()) { // the first time, or after the server could not be reached at all
            lookBeside();
        }
        return;
    }
    const Availability now = m_connection.dialect().availability(m_connection.database(), m_connection.address());
    const bool isThere = now != Availability::Gone;
    take(now, isThere ? m_connection.dialect().state(m_connection.database()) : DatabaseState());
}

// On a connection of its own, as long as it lasts; what comes back may be a little old.
void DatabaseWatch::lookBeside()
{
    m_beside.start(m_connection.storedAddress(), [this](const Connection &own, const std::atomic<bool> &isCancelled,
                                                        const BackgroundWork::Report &report) {
        constexpr int Pause = 50; // ms
        while (!isCancelled) {
            const Availability now = own.dialect().availability(own.database(), own.address());
            const DatabaseState state =
                now == Availability::Gone ? DatabaseState() : own.dialect().state(own.database());
            report([this, now, state] { take(now, state); });
            for (int waited = 0; waited < Interval && !isCancelled; waited += Pause) {
                QThread::msleep(Pause);
            }
        }
    });
}

void DatabaseWatch::take(Availability now, const DatabaseState &state)
{
    const bool isBack = m_availability == Availability::Gone && now != Availability::Gone;
    if (now != m_availability) {
        m_availability = now;
        m_connection.setReadOnly(now != Availability::Writable);
        const QString database = addressWords(m_connection.address());
        const QString gone =
            isServer()
                ? tr("The server of the database %1 does not answer. Nothing can be saved until it does; what you "
                     "typed is kept.")
                : tr("The database %1 is not there any more: it was moved, renamed or deleted. Nothing can be saved "
                     "until it is back; what you typed is kept.");
        Q_EMIT availabilityChanged(
            now == Availability::Gone ? gone.arg(database)
            : now == Availability::ReadOnly
                ? tr("The database %1 can only be read now. Nothing can be saved until it can be written again; what "
                     "is typed is kept.")
                      .arg(database)
                : tr("The database %1 can be written again.").arg(database));
    }
    if (now == Availability::Gone || !state.isKnown) { // or someone is writing just now
        return;
    }
    const bool isOtherCatalogue = state.catalogue != m_last.catalogue;
    // Servers count on and on; a smaller number is one that was read before this program wrote.
    const bool isOlder = isServer() && !isBack && state.data < m_last.data;
    const bool isOtherData = isBack || (!isOlder && state.data != m_last.data);
    m_last = {true, state.catalogue, isOlder ? m_last.data : state.data};
    if (isOtherCatalogue) {
        if (const Result<Catalogue> catalogue = learnCatalogue(m_connection)) {
            Q_EMIT catalogueChanged(*catalogue);
        }
    }
    if (isOtherData) {
        Q_EMIT dataChanged();
    }
}

} // namespace nabblet
