// Text, numbers, dates, times and links: one line, read by the control's kind. Dates open a calendar.
#include "core/kinds/box_parts.h"
#include "core/kinds/link_address.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"
#include "entry/editors/day_popup.h"
#include "entry/editors/line_parts.h"

#include <QDateTime>
#include <QDesktopServices>
#include <QRegularExpression>
#include <QTimer>
#include <QUrl>

#include <array>
#include <cmath>

namespace nabblet {

namespace {

class LineEditor : public FieldEditor
{
public:
    LineEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control),
          m_line(new BoxLine(parent, opensCalendar(control) || isLink(control) ? boxButtonWidth(control) : 0))
    {
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
        QObject::connect(m_line, &QLineEdit::textEdited, m_line, [this](const QString &words) { take(words); });
        QObject::connect(m_line, &BoxLine::signPressed, m_line, [this](bool isUpper) {
            if (takesNumbers(this->control())) {
                step(isUpper ? 1 : -1);
            }
        });
        QObject::connect(m_line, &BoxLine::stepRequested, m_line, [this](int by) { step(by); });
        // What a new record offers by itself is typed over, also where a click brought the keyboard.
        QObject::connect(m_line, &BoxLine::focusEntered, m_line, [this] {
            const RecordInHand &record = session().state().record;
            const QString &column = this->control().column;
            if (record.isNew && record.startValues.contains(column) && !record.typed.contains(column)) {
                QTimer::singleShot(0, m_line, &QLineEdit::selectAll);
            }
        });
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
            m_before = shown.words;
        }
        const bool isNumber = takesNumbers(control()) || (kindNamed(control().kind).isWorkedOut && shown.isNumber);
        if (takesNumbers(control())) {
            m_line->setSignWidth(hasArrows(control()) ? boxButtonWidth(control()) : 0);
        }
        m_line->showMarks(control(), shown, *appearance(), isNumber);
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

    // Signs that can only come next are put in while one types on at the end; taking back is never undone.
    void take(const QString &words)
    {
        QString shaped = words;
        const bool isGrowing = words.size() > m_before.size() && m_line->cursorPosition() == words.size();
        const bool isSignAgain = isGrowing && m_hasPutIn && words.size() > 1 && !words.back().isLetterOrNumber() &&
                                 words.chopped(1) == m_before && m_before.back() == words.back();
        if (isSignAgain) { // typed all the same, though it stood there already
            shaped = m_before;
        } else if (isGrowing) {
            shaped = session().typing().shapedWhileTyped(control(), words);
        }
        m_hasPutIn = shaped != words && !isSignAgain;
        m_before = shaped;
        if (shaped != words) {
            m_line->setText(shaped);
        }
        session().typing().type(control(), shaped);
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
        } else if (isMoment(control())) {
            stepMoment(*now, by);
        }
    }

    static bool isMoment(const Control &control)
    {
        return control.kind == QLatin1String("date") || control.kind == QLatin1String("time") ||
               control.kind == QLatin1String("date-time");
    }

    static QList<QPair<int, int>> wordsOf(const QString &text) // where they begin and end
    {
        static const QRegularExpression word(QStringLiteral("[\\p{L}\\d]+"),
                                             QRegularExpression::UseUnicodePropertiesOption);
        QList<QPair<int, int>> words;
        for (auto match = word.globalMatch(text); match.hasNext();) {
            const auto each = match.next();
            words.append({each.capturedStart(), each.capturedEnd()});
        }
        return words;
    }

    QString inWords(const QDateTime &moment) const
    {
        const Kind &kind = kindNamed(control().kind);
        const QString stored = control().kind == QLatin1String("date") ? moment.date().toString(Qt::ISODate)
                               : control().kind == QLatin1String("time")
                                   ? moment.time().toString(Qt::ISODate)
                                   : moment.toString(QStringLiteral("yyyy-MM-dd HH:mm:ss"));
        return kind.words(control(), stored, session().state().locale);
    }

    // Up and Down step the part that the cursor is in: the day, the month, the year, the hour, the minute. Which word
    // of the text that is, is found by what a step changes in the words of another moment.
    void stepMoment(const QVariant &now, int by)
    {
        using Step = QDateTime (*)(const QDateTime &, int);
        static constexpr std::array<Step, 5> Steps{
            [](const QDateTime &moment, int n) { return moment.addDays(n); },
            [](const QDateTime &moment, int n) { return moment.addMonths(n); },
            [](const QDateTime &moment, int n) { return moment.addYears(n); },
            [](const QDateTime &moment, int n) { return moment.addSecs(3600LL * n); },
            [](const QDateTime &moment, int n) { return moment.addSecs(60LL * n); }};
        const bool isTime = control().kind == QLatin1String("time");
        if (now.isNull()) { // begins now
            const QDateTime current = QDateTime::currentDateTime();
            put(inWords(QDateTime(current.date(), QTime(current.time().hour(), current.time().minute()))));
            return;
        }
        QString iso = now.toString();
        QDateTime moment = isTime ? QDateTime(QDate(2001, 3, 14), QTime::fromString(iso, Qt::ISODate))
                                  : QDateTime::fromString(iso.replace(u' ', u'T'), Qt::ISODate);
        if (!moment.isValid()) {
            moment = QDateTime(QDate::fromString(iso.left(10), Qt::ISODate), QTime(0, 0));
        }
        if (!moment.isValid()) {
            return;
        }
        const int cursor = m_line->hasSelectedText() ? m_line->selectionStart() : m_line->cursorPosition();
        const QList<QPair<int, int>> words = wordsOf(m_line->text());
        int part = -1;
        for (int i = 0; i < words.size(); ++i) {
            part = cursor >= words.at(i).first && (part < 0 || cursor > words.at(i - 1).second) ? i : part;
        }
        const QDateTime probe(QDate(2001, 3, 14), QTime(10, 20));
        const QString probed = inWords(probe);
        const auto wordAt = [](const QString &text, int i) {
            const QList<QPair<int, int>> all = wordsOf(text);
            return i < all.size() ? text.mid(all.at(i).first, all.at(i).second - all.at(i).first) : QString();
        };
        const bool isWhole = m_line->selectedText().size() == m_line->text().size() && !m_line->text().isEmpty();
        Step stepped = isTime ? Steps.at(3) : Steps.at(0);
        for (const Step each : Steps) {
            const bool changes = part >= 0 && wordAt(inWords(each(probe, 1)), part) != wordAt(probed, part);
            if (changes && !isWhole) {
                stepped = each;
                break;
            }
        }
        // The weekday goes with the day, which is tried first.
        QDateTime next = stepped(moment, by);
        if (isTime) {
            next.setDate(moment.date()); // around the clock
        }
        put(inWords(next));
        const QList<QPair<int, int>> after = wordsOf(m_line->text());
        if (part >= 0 && part < after.size() && !isWhole) {
            m_line->setSelection(after.at(part).first, after.at(part).second - after.at(part).first);
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
        const Kind &kind = kindNamed(control().kind);
        const Result<QVariant> now = kind.read(control(), m_line->text(), session().state().locale);
        const QString stored = now ? now->toString() : QString();
        const QDate date = QDate::fromString(stored.left(10), Qt::ISODate);
        const QString time = stored.size() > 11 ? stored.mid(11) : QStringLiteral("00:00:00");
        openDayPopup(m_line, date, session().state().locale, [this, time](const QDate &chosen) {
            const Kind &own = kindNamed(control().kind);
            const bool hasTime = own.name == QLatin1String("date-time");
            put(own.words(control(), chosen.toString(Qt::ISODate) + (hasTime ? u' ' + time : QString()),
                          session().state().locale));
        });
    }

    bool m_hasPutIn = false; // the last letter brought signs with it
    QString m_before;        // as it stood after the last letter
    BoxLine *m_line;
};

} // namespace

std::unique_ptr<FieldEditor> makeLineEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<LineEditor>(context, control, parent);
}

} // namespace nabblet
