#include "core/file/whole_file.h"

#include "core/text/tr.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include <unistd.h>

namespace nabblet {

Result<QByteArray> readWholeFile(const QString &path)
{
    QFile file(path);
    if (!file.exists()) {
        return Error{Texts::tr("There is no file %1. It may have been moved or renamed.").arg(path), {}};
    }
    if (!file.open(QIODevice::ReadOnly)) {
        return Error{Texts::tr("The file %1 cannot be read. Ask for the right to read it.").arg(path),
                     file.errorString()};
    }
    QByteArray bytes = file.readAll();
    if (file.error() != QFileDevice::NoError) {
        return Error{Texts::tr("The file %1 could be read only in part. Check the disk it is on.").arg(path),
                     file.errorString()};
    }
    return bytes;
}

Outcome replaceWholeFile(const QString &path, const QByteArray &bytes)
{
    const QFileInfo info(path);
    if (!QDir().mkpath(info.absolutePath())) {
        return Error{
            Texts::tr("The folder %1 cannot be made. Choose another place to save in.").arg(info.absolutePath()), {}};
    }
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) {
        return Error{
            Texts::tr(
                "%1 cannot be written. Nothing was changed on the disk; save under another name or in another folder.")
                .arg(path),
            file.errorString()};
    }
    const bool isWritten = file.write(bytes) == bytes.size() && file.flush() && ::fsync(file.handle()) == 0;
    const QString reason = file.errorString();
    if (!isWritten || !file.commit()) {
        return Error{
            Texts::tr("%1 could not be written whole, perhaps because the disk is full. The file on the disk is as it "
                      "was before; make room or save in another folder.")
                .arg(path),
            reason};
    }
    return Done{};
}

} // namespace nabblet
