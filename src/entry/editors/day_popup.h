// A calendar that comes down below a box, from which a day is taken.
#pragma once

#include <QDate>
#include <QLocale>

#include <functional>

class QWidget;

namespace nabblet {

// day: the one shown at first; today where it is none. take: gets the day chosen; nothing is taken on Escape.
void openDayPopup(QWidget *below, const QDate &day, const QLocale &locale,
                  const std::function<void(const QDate &)> &take);

} // namespace nabblet
