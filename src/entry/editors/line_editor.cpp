// Text, numbers, dates, times and links: one line, read by the control's kind. Dates open a calendar.
#include "core/kinds/box_parts.h"
#include "core/kinds/link_address.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"
#include "entry/editors/line_parts.h"

#include <QCalendarWidget>
#include <QDateTime>
#include <QDesktopServices>
#include <QUrl>

#include <cmath>

namespace nabblet {

namespace {

class LineEditor : public FieldEditor
{
public:
    LineEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control),
          m_line(new BoxLine(parent, opensCalendar(control) || isLink(control) ? BoxButtonWidth : 0))
    {
        m_line->setPalette(boxPalette(*context.appearance, Shown()));
        m_line->paint = [this](QPainter &painter, bool hasFocus) {
            const Shown shown = shownNow(hasFocus);
            if (!hasFocus) {
                paintAtRest(painter, shown);
                return;
            }
            Shown box = shown;
            box.words.clear();
            box.isMissing = false; // leaves the sign, without the prompt
            paintAtRest(painter, box);
        };
        QObject::connect(m_line, &QLineEdit::textEdited, m_line,
                         [this](const QString &words) { session().typing().type(this->control(), words); });
        QObject::connect(m_line, &BoxLine::signPressed, m_line, [this](bool isUpper) {
            if (takesNumbers(this->control())) {
                step(isUpper ? 1 : -1);
            }
        });
        QObject::connect(m_line, &BoxLine::stepRequested, m_line, [this](int by) { step(by); });
        if (opensCalendar(control)) {
            QObject::connect(m_line, &BoxLine::openRequested, m_line, [this] { openCalendar(); });
        } else if (isLink(control)) {
            QObject::connect(m_line, &BoxLine::openRequested, m_line, [this] { follow(); });
        }
    }

    QWidget *widget() override { return m_line; }

    void refresh() override
    {
        const Shown shown = session().values().shown(control());
        if (m_line->text() != shown.words) {
            m_line->setText(shown.words);
        }
        const bool isNumber = takesNumbers(control()) || (kindNamed(control().kind).isWorkedOut && shown.isNumber);
        if (takesNumbers(control())) {
            m_line->setSignWidth(hasArrows(control()) ? BoxButtonWidth : 0);
        }
        m_line->showMarks(control(), isNumber ? TextAlign::Right : TextAlign::Left);
        m_line->setReadOnly(!shown.mayType);
        m_line->setFocusPolicy(m_line->isReadOnly() ? Qt::ClickFocus
                                                    : Qt::StrongFocus); // to copy from; Tab passes it by
        m_line->setPlaceholderText(promptOf(control()));
        m_line->update();
    }

private:
    static bool takesNumbers(const Control &control)
    {
        return control.kind == QLatin1String("whole-number") || control.kind == QLatin1String("decimal-number");
    }

    static bool isLink(const Control &control) { return control.kind == QLatin1String("link"); }

    void follow()
    {
        const QString address = addressOf(m_line->text());
        if (!address.isEmpty()) {
            QDesktopServices::openUrl(QUrl(address));
        } else if (!m_line->text().trimmed().isEmpty()) {
            Q_EMIT session().said(EntrySession::tr("“%1” is no web or e-mail address to follow.").arg(m_line->text()));
        }
    }

    static bool opensCalendar(const Control &control)
    {
        return control.kind == QLatin1String("date") || control.kind == QLatin1String("date-time");
    }

    void put(const QString &words)
    {
        m_line->setText(words);
        m_line->selectAll();
        session().typing().type(control(), words);
    }

    // Up and Down count numbers and days.
    void step(int by)
    {
        if (m_line->isReadOnly()) {
            return;
        }
        const Kind &kind = kindNamed(control().kind);
        const Result<QVariant> now = kind.read(control(), m_line->text(), session().state().locale);
        if (!now) {
            return;
        }
        if (takesNumbers(control())) {
            stepNumber(*now, by);
        } else if (kind.name == QLatin1String("date")) {
            const QDate date =
                now->isNull() ? QDate::currentDate().addDays(-by) : QDate::fromString(now->toString(), Qt::ISODate);
            put(kind.words(control(), date.addDays(by).toString(Qt::ISODate), session().state().locale));
        }
    }

    // By one; decimals by one of the last place that is shown. Not beyond the limits.
    void stepNumber(const QVariant &now, int by)
    {
        const int places = control().kind == QLatin1String("whole-number") ? 0 : decimalPlaces(control()).value_or(0);
        const double scale = std::pow(10.0, places);
        const NumberLimits limits = numberLimits(control());
        QVariant next = now.toLongLong() + by;
        if (places > 0 || now.typeId() == QMetaType::Double) {
            next = (std::round(now.toDouble() * scale) + by) / scale;
        }
        const bool isWithin =
            (!limits.least || next.toDouble() >= *limits.least) && (!limits.most || next.toDouble() <= *limits.most);
        if (isWithin) {
            put(kindNamed(control().kind).words(control(), next, session().state().locale));
        }
    }

    void openCalendar()
    {
        if (m_line->isReadOnly()) {
            return;
        }
        auto *calendar = new QCalendarWidget(m_line);
        calendar->setWindowFlags(Qt::Popup);
        calendar->setAttribute(Qt::WA_DeleteOnClose);
        const Kind &kind = kindNamed(control().kind);
        const Result<QVariant> now = kind.read(control(), m_line->text(), session().state().locale);
        const QString stored = now ? now->toString() : QString();
        const QDate date = QDate::fromString(stored.left(10), Qt::ISODate);
        calendar->setSelectedDate(date.isValid() ? date : QDate::currentDate());
        calendar->setFirstDayOfWeek(session().state().locale.firstDayOfWeek());
        const QString time = stored.size() > 11 ? stored.mid(11) : QStringLiteral("00:00:00");
        const auto take = [this, calendar, time](const QDate &chosen) {
            const Kind &own = kindNamed(control().kind);
            const bool hasTime = own.name == QLatin1String("date-time");
            put(own.words(control(), chosen.toString(Qt::ISODate) + (hasTime ? u' ' + time : QString()),
                          session().state().locale));
            calendar->close();
        };
        QObject::connect(calendar, &QCalendarWidget::clicked, calendar, take);
        QObject::connect(calendar, &QCalendarWidget::activated, calendar, take);
        calendar->move(m_line->mapToGlobal(QPoint(0, m_line->height() + 2)));
        calendar->show();
        calendar->setFocus();
    }

    BoxLine *m_line;
};

} // namespace

std::unique_ptr<FieldEditor> makeLineEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<LineEditor>(context, control, parent);
}

} // namespace nabblet
