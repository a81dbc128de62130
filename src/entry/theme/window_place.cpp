#include "entry/theme/window_place.h"

#include <QGuiApplication>
#include <QScreen>
#include <QSettings>
#include <QWidget>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastSeen = 120; // px of the title's edge that must be on a screen, to take it by

QString keyOf(const QString &name)
{
    return QStringLiteral("windows/") + QString(name).replace(u'/', u'|');
}

// The screens that are there: a place belongs to them, as at the desk and away from it.
QString screens()
{
    QStringList all;
    for (const QScreen *screen : QGuiApplication::screens()) {
        const QRect place = screen->geometry();
        all.append(QStringLiteral("%1x%2+%3+%4").arg(place.width()).arg(place.height()).arg(place.x()).arg(place.y()));
    }
    return all.join(u' ');
}

bool isInSight(const QRect &place)
{
    for (const QScreen *screen : QGuiApplication::screens()) {
        const QRect seen = screen->availableGeometry().intersected(QRect(place.topLeft(), QSize(place.width(), 1)));
        if (seen.width() >= std::min(LeastSeen, place.width())) {
            return true;
        }
    }
    return false;
}

} // namespace

bool restorePlace(QWidget &window, const QString &name, const QString &edition)
{
    const QVariantMap kept = QSettings().value(keyOf(name)).toMap();
    const QRect place = kept.value(QStringLiteral("place ") + screens()).toRect();
    if (kept.value(QStringLiteral("edition")).toString() != edition || !place.isValid() || !isInSight(place)) {
        return false;
    }
    window.resize(place.size());
    window.move(place.topLeft());
    if (kept.value(QStringLiteral("isWhole")).toBool()) {
        window.setWindowState(window.windowState() | Qt::WindowMaximized);
    }
    return true;
}

void keepPlace(const QWidget &window, const QString &name, const QString &edition)
{
    if (window.isFullScreen() || window.isMinimized()) {
        return;
    }
    QSettings settings;
    QVariantMap kept = settings.value(keyOf(name)).toMap();
    if (kept.value(QStringLiteral("edition")).toString() != edition) {
        kept.clear();
    }
    kept.insert(QStringLiteral("edition"), edition);
    kept.insert(QStringLiteral("isWhole"), window.isMaximized());
    if (!window.isMaximized()) {
        // pos() is that of the frame, which is where move() puts it.
        kept.insert(QStringLiteral("place ") + screens(), QRect(window.pos(), window.size()));
    }
    settings.setValue(keyOf(name), kept);
}

} // namespace nabblet
