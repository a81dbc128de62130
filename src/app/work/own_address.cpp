#include "app/work/own_address.h"

#include "core/model/written_address.h"

#include <QCryptographicHash>
#include <QFileInfo>
#include <QSettings>

namespace nabblet {

namespace {

QString keyOf(const QString &projectFolder)
{
    const QByteArray path = QFileInfo(projectFolder).absoluteFilePath().toUtf8();
    return QStringLiteral("ownAddresses/") +
           QString::fromLatin1(QCryptographicHash::hash(path, QCryptographicHash::Sha1).toHex());
}

} // namespace

std::optional<DatabaseAddress> ownAddress(const QString &projectFolder)
{
    const QString written = QSettings().value(keyOf(projectFolder)).toString();
    if (written.isEmpty()) {
        return std::nullopt;
    }
    const std::optional<WrittenAddress> server = readServerAddress(written);
    return server ? server->address : addressOfFile(written);
}

void setOwnAddress(const QString &projectFolder, const std::optional<DatabaseAddress> &address)
{
    if (address) {
        QSettings().setValue(keyOf(projectFolder), writtenAddress(*address));
    } else {
        QSettings().remove(keyOf(projectFolder));
    }
}

} // namespace nabblet
