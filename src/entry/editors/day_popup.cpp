#include "entry/editors/day_popup.h"

#include <QCalendarWidget>

namespace nabblet {

void openDayPopup(QWidget *below, const QDate &day, const QLocale &locale,
                  const std::function<void(const QDate &)> &take)
{
    auto *calendar = new QCalendarWidget(below);
    calendar->setWindowFlags(Qt::Popup);
    calendar->setAttribute(Qt::WA_DeleteOnClose);
    calendar->setSelectedDate(day.isValid() ? day : QDate::currentDate());
    calendar->setFirstDayOfWeek(locale.firstDayOfWeek());
    const auto takeAndClose = [take, calendar](const QDate &chosen) {
        take(chosen);
        calendar->close();
    };
    QObject::connect(calendar, &QCalendarWidget::clicked, calendar, takeAndClose);
    QObject::connect(calendar, &QCalendarWidget::activated, calendar, takeAndClose);
    calendar->move(below->mapToGlobal(QPoint(0, below->height() + 2)));
    calendar->show();
    calendar->setFocus();
}

} // namespace nabblet
