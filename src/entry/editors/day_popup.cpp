#include "entry/editors/day_popup.h"

#include "entry/editors/popup_place.h"

#include <QCalendarWidget>
#include <QTextCharFormat>
#include <QToolButton>

#include <algorithm>

namespace nabblet {

void openDayPopup(QWidget *below, const QDate &day, const QLocale &locale,
                  const std::function<void(const QDate &)> &take)
{
    auto *calendar = new QCalendarWidget(below);
    calendar->setWindowFlags(Qt::Popup);
    calendar->setAttribute(Qt::WA_DeleteOnClose);
    calendar->setSelectedDate(day.isValid() ? day : QDate::currentDate());
    calendar->setFirstDayOfWeek(locale.firstDayOfWeek());
    calendar->setVerticalHeaderFormat(QCalendarWidget::NoVerticalHeader);
    calendar->setGridVisible(false);
    QTextCharFormat plain; // Saturday and Sunday are no alarm
    plain.setForeground(calendar->palette().color(QPalette::Text));
    for (const Qt::DayOfWeek free : {Qt::Saturday, Qt::Sunday}) {
        calendar->setWeekdayTextFormat(free, plain);
    }
    for (const auto &[name, sign] :
         {std::pair("qt_calendar_prevmonth", "‹"), std::pair("qt_calendar_nextmonth", "›")}) {
        if (auto *button = calendar->findChild<QToolButton *>(QLatin1String(name))) {
            button->setIcon(QIcon());
            button->setText(QString::fromUtf8(sign));
            button->setToolButtonStyle(Qt::ToolButtonTextOnly);
            QFont font = button->font();
            font.setPointSizeF(font.pointSizeF() * 1.5);
            font.setBold(true);
            button->setFont(font);
            QPalette palette = button->palette();
            palette.setColor(QPalette::ButtonText, palette.color(QPalette::HighlightedText));
            button->setPalette(palette);
        }
    }
    calendar->ensurePolished();
    // Six weeks in full, whatever the typeface.
    const int line = calendar->fontMetrics().height();
    calendar->resize(std::max(calendar->sizeHint().width(), 16 * line + 28), 12 * line + 20);
    const auto takeAndClose = [take, calendar](const QDate &chosen) {
        take(chosen);
        calendar->close();
    };
    QObject::connect(calendar, &QCalendarWidget::clicked, calendar, takeAndClose);
    QObject::connect(calendar, &QCalendarWidget::activated, calendar, takeAndClose);
    calendar->move(popupPlace(below, calendar->size()));
    calendar->show();
    calendar->setFocus();
}

} // namespace nabblet
