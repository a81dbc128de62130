#include "app/work/used_lately.h"

#include "core/model/written_address.h"

#include <QFileInfo>
#include <QSettings>

namespace nabblet {

namespace {

constexpr int MostUsed = 8;
const QString UsedKey = QStringLiteral("usedLately");

} // namespace

QStringList usedLately()
{
    return QSettings().value(UsedKey).toStringList();
}

void noteUsed(const QString &path)
{
    QStringList paths = usedLately();
    const QString whole = readServerAddress(path) ? path : QFileInfo(path).absoluteFilePath();
    paths.removeAll(whole);
    paths.prepend(whole);
    QSettings().setValue(UsedKey, QStringList(paths.mid(0, MostUsed)));
}

} // namespace nabblet
