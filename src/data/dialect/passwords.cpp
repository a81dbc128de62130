#include "data/dialect/passwords.h"

#include <QHash>
#include <QMutex>

namespace nabblet {

namespace {

struct Kept
{
    QMutex mutex;
    QHash<QString, QString> passwords; // by the address
};

Kept &kept()
{
    static Kept all;
    return all;
}

} // namespace

QString passwordFor(const DatabaseAddress &address)
{
    const QMutexLocker lock(&kept().mutex);
    return kept().passwords.value(addressKey(address));
}

void keepPassword(const DatabaseAddress &address, const QString &password)
{
    const QMutexLocker lock(&kept().mutex);
    kept().passwords.insert(addressKey(address), password);
}

} // namespace nabblet
