#include "core/model/database_address.h"

#include <QDir>
#include <QFileInfo>
#include <QStringList>

namespace nabblet {

namespace {

const QString File = QStringLiteral("file");

DatabaseAddress withFile(DatabaseAddress address, const QString &path)
{
    address.parts.insert(File, path);
    return address;
}

} // namespace

DatabaseAddress addressOfFile(const QString &path)
{
    return withFile({}, path);
}

QString addressTitle(const DatabaseAddress &address)
{
    return address.parts.contains(File) ? QFileInfo(address.part("file")).fileName() : address.part("database");
}

QString addressWords(const DatabaseAddress &address)
{
    if (address.parts.contains(File)) {
        return address.part("file");
    }
    const QString host = address.part("host");
    return host.isEmpty() ? address.part("database") : address.part("database") + u'@' + host;
}

QString addressKey(const DatabaseAddress &address)
{
    if (address.parts.contains(File)) {
        return address.part("file"); // as what was kept before addresses had other parts
    }
    QStringList parts{address.dialect};
    for (auto part = address.parts.constBegin(); part != address.parts.constEnd(); ++part) {
        parts.append(part.key() + u'=' + part.value());
    }
    return parts.join(u'\n');
}

DatabaseAddress relativeTo(const DatabaseAddress &address, const QString &folder)
{
    return address.parts.contains(File) ? withFile(address, QDir(folder).relativeFilePath(address.part("file")))
                                        : address;
}

DatabaseAddress absoluteFrom(const DatabaseAddress &address, const QString &folder)
{
    return address.parts.contains(File)
               ? withFile(address, QDir::cleanPath(QDir(folder).absoluteFilePath(address.part("file"))))
               : address;
}

} // namespace nabblet
