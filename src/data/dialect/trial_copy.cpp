#include "data/dialect/trial_copy.h"

#include "core/text/tr.h"

#include <QCoreApplication>
#include <QDir>

#include <cerrno>
#include <csignal>

namespace nabblet {

namespace {

// Behind it the number of the process whose copy it is, and letters that no other has.
const QString FolderName = QStringLiteral("nabblet-trial-");

QString folderPattern()
{
    const QString own = FolderName + QString::number(QCoreApplication::applicationPid());
    return QDir::temp().filePath(own + u'-' + QString(6, u'X')); // as QTemporaryDir wants it
}

} // namespace

Result<std::unique_ptr<TrialCopy>> TrialCopy::of(const Connection &connection,
                                                 const std::function<bool(double)> &goesOn)
{
    sweepTrialCopies();
    std::unique_ptr<TrialCopy> copy(new TrialCopy(folderPattern()));
    if (!copy->m_folder.isValid()) {
        const QString said = copy->m_folder.errorString();
        return Error{Texts::tr("There is no place for a copy to try on: %1. Nothing was changed.").arg(said), said};
    }
    const Result<DatabaseAddress> address =
        connection.dialect().copyWhole(connection.address(), copy->m_folder.path(), goesOn);
    if (!address) {
        return address.error();
    }
    copy->m_address = *address;
    return copy;
}

int sweepTrialCopies()
{
    int swept = 0;
    const QDir folder = QDir::temp();
    const QStringList left = folder.entryList({FolderName + u'*'}, QDir::Dirs | QDir::NoDotAndDotDot);
    for (const QString &name : left) {
        const qint64 owner = name.mid(FolderName.size()).section(u'-', 0, 0).toLongLong();
        const bool isRunning = owner > 0 && (kill(static_cast<pid_t>(owner), 0) == 0 || errno == EPERM);
        if (owner > 0 && !isRunning && QDir(folder.filePath(name)).removeRecursively()) {
            ++swept;
        }
    }
    return swept;
}

} // namespace nabblet
