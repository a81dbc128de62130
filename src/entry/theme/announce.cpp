#include "entry/theme/announce.h"

#include <QAccessible>
#include <QWidget>

namespace nabblet {

void announce(QWidget *at, const QString &sentence)
{
    if (!at || sentence.isEmpty() || at->accessibleName() == sentence) {
        return;
    }
    at->setAccessibleName(sentence);
    QAccessibleEvent event(at, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

} // namespace nabblet
