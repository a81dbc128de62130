#include "entry/reading/database_watch.h"
#include "data/profile/learn_catalogue.h"

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

void DatabaseWatch::look()
{
    const Availability now = m_connection.dialect().availability(m_connection.address());
    if (now != m_availability) {
        m_availability = now;
        m_connection.setReadOnly(now != Availability::Writable);
        const QString file = addressWords(m_connection.address());
        Q_EMIT availabilityChanged(
            now == Availability::Gone ? tr("The database %1 is not there any more: it was moved, renamed or deleted. "
                                           "Nothing can be saved until "
                                           "it is back; what you typed is kept.")
                                            .arg(file)
            : now == Availability::ReadOnly
                ? tr("The database %1 can only be read now. Nothing can be saved until it can be written again; what "
                     "is typed is kept.")
                      .arg(file)
                : tr("The database %1 can be written again.").arg(file));
    }
    if (now == Availability::Gone) {
        return;
    }
    const DatabaseState state = m_connection.dialect().state(m_connection.database());
    if (!state.isKnown) { // someone is writing just now
        return;
    }
    const bool isOtherCatalogue = state.catalogue != m_last.catalogue;
    const bool isOtherData = state.data != m_last.data;
    m_last = state;
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
