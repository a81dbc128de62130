#include "entry/theme/entry_zoom.h"

#include <QSettings>

#include <algorithm>
#include <array>

namespace nabblet {

namespace {

constexpr std::array Sizes{80, 90, 100, 110, 120, 135, 150, 175, 200}; // percent
const QString Key = QStringLiteral("entry/zoom");

} // namespace

int entryZoom()
{
    return std::clamp(QSettings().value(Key, 100).toInt(), Sizes.front(), Sizes.back());
}

void setEntryZoom(int percent)
{
    QSettings().setValue(Key, percent);
}

int entryZoomAfter(int percent, int by)
{
    if (by > 0) {
        const auto next = std::upper_bound(Sizes.begin(), Sizes.end(), percent);
        return next == Sizes.end() ? percent : *next;
    }
    const auto next = std::lower_bound(Sizes.begin(), Sizes.end(), percent);
    return next == Sizes.begin() ? percent : *std::prev(next);
}

} // namespace nabblet
