#include "app/work/stored_values.h"

#include "data/profile/profiler.h"

namespace nabblet {

StoredValues::StoredValues(const DatabaseAddress &address, QObject *parent) : QObject(parent), m_address(address) {}

void StoredValues::lookAt(const Catalogue &catalogue, const QString &name)
{
    m_work.giveUp();
    m_profile = {};
    const Table *table = findTable(catalogue, name);
    if (!table) {
        return;
    }
    m_work.start(m_address,
                 [this, catalogue, looked = *table](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                    const BackgroundWork::Report &report) {
                     const auto profile = profileTable(connection, catalogue, looked, isCancelled);
                     if (profile && *profile) {
                         report([this, found = **profile] {
                             m_profile = found;
                             Q_EMIT known();
                         });
                     }
                 });
}

} // namespace nabblet
