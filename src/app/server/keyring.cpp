#include "app/server/keyring.h"

#include "core/model/written_address.h"
#include "data/dialect/passwords.h"

#include <QEventLoop>

#include <qt6keychain/keychain.h>

namespace nabblet {

namespace {

const QString Service = QStringLiteral("Nabblet");

// Runs a job and waits for its end, with the window going on. Whether it was done.
bool isDone(QKeychain::Job &job)
{
    job.setAutoDelete(false);
    job.setInsecureFallback(false); // never into a file
    QEventLoop loop;
    QObject::connect(&job, &QKeychain::Job::finished, &loop, &QEventLoop::quit);
    job.start();
    loop.exec(QEventLoop::ExcludeUserInputEvents);
    return job.error() == QKeychain::NoError;
}

} // namespace

void recallPassword(const DatabaseAddress &address)
{
    if (address.parts.contains(QStringLiteral("file")) || !passwordFor(address).isEmpty()) {
        return;
    }
    QKeychain::ReadPasswordJob job(Service);
    job.setKey(writtenAddress(address));
    if (isDone(job)) {
        keepPassword(address, job.textData());
    }
}

namespace {

bool remember(const QString &key, const QString &password)
{
    if (password.isEmpty()) {
        QKeychain::DeletePasswordJob job(Service);
        job.setKey(key);
        return isDone(job);
    }
    QKeychain::WritePasswordJob job(Service);
    job.setKey(key);
    job.setTextData(password);
    return isDone(job);
}

QString keyOf(const MailSetup &setup)
{
    return QStringLiteral("mail %1@%2:%3").arg(setup.user, setup.host).arg(portOf(setup));
}

} // namespace

bool rememberPassword(const DatabaseAddress &address, const QString &password)
{
    return remember(writtenAddress(address), password);
}

QString mailPassword(const MailSetup &setup)
{
    if (setup.user.isEmpty()) {
        return {};
    }
    QKeychain::ReadPasswordJob job(Service);
    job.setKey(keyOf(setup));
    return isDone(job) ? job.textData() : QString();
}

bool rememberMailPassword(const MailSetup &setup, const QString &password)
{
    return remember(keyOf(setup), password);
}

} // namespace nabblet
