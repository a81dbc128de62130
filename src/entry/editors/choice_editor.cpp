// Drop-downs: fixed choices, the rows of another table, or the records themselves. Typing narrows the list; what is
// typed and matches nothing is kept and reported, never dropped. The choices of large tables are read beside the
// interface, those of a database far away before anyone asks for them.
#include "core/kinds/box_parts.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "data/background/background_work.h"
#include "entry/editors/choice_list.h"
#include "entry/editors/line_parts.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QPointer>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostChoices = 200; // shown at once; typing narrows down to the rest

class ChoiceEditor : public QObject, public FieldEditor
{
public:
    ChoiceEditor(const EditorContext &context, const Control &control, QWidget *parent)
        : FieldEditor(context, control), m_line(new BoxLine(parent, boxButtonWidth(control))),
          m_list(new ChoiceList(m_line))
    {
        m_line->paint = [this](QPainter &painter, bool hasFocus) {
            Shown shown = shownNow(hasFocus);
            if (hasFocus) {
                shown.words.clear();
                shown.isMissing = false;
            }
            paintAtRest(painter, shown);
        };
        QObject::connect(m_list, &ChoiceList::taken, m_line, [this](const LookupRow &row) { take(row); });
        QObject::connect(m_line, &QLineEdit::textEdited, m_line, [this](const QString &words) {
            m_isGrowing = words.size() > m_typed.size() && words.startsWith(m_typed);
            m_typed = words;
            m_hasTyped = true;
            m_hasStepped = false;
            session().typing().type(this->control(), words);
            open(words);
        });
        QObject::connect(m_line, &BoxLine::openRequested, m_line,
                         [this] { m_list->isVisible() ? m_list->hide() : open(QString()); });
        QObject::connect(m_line, &BoxLine::stepRequested, m_line, [this](int by) { step(-by); });
        QObject::connect(m_line, &BoxLine::focusEntered, m_line, [this] { readAhead(); });
        QObject::connect(m_line, &BoxLine::focusLeft, m_line, [this] {
            m_list->hide();
            settle();
            m_first.reset(); // by the next time, others may have changed them
        });
        m_line->installEventFilter(this);
    }

    QWidget *widget() override { return m_line; }

    void refresh() override
    {
        const Shown shown = session().values().shown(control());
        if (m_line->text() != shown.words && !isJumping()) {
            m_line->setText(shown.words);
            m_line->setCursorPosition(0);
        }
        m_line->setReadOnly(!shown.mayType);
        m_line->setFocusPolicy(m_line->isReadOnly() ? Qt::ClickFocus
                                                    : Qt::StrongFocus); // Tab passes by what is only shown
        m_line->setPlaceholderText(promptOf(control()));
        m_line->showMarks(control(), shown, *appearance(), false);
        m_line->update();
    }

    bool eventFilter(QObject *, QEvent *event) override
    {
        if (event->type() == QEvent::KeyPress && m_list->isVisible()) {
            const int pressed = static_cast<QKeyEvent *>(event)->key();
            if (pressed == Qt::Key_Return || pressed == Qt::Key_Enter) {
                takeCurrent();
                if (!isJumpList(control()) && !m_list->isVisible()) { // taken: on to the next box
                    QCoreApplication::postEvent(m_line, new QKeyEvent(QEvent::KeyPress, Qt::Key_Tab, Qt::NoModifier));
                }
                return true;
            }
            const bool completes = m_hasTyped && !takesNewChoices(control()) && !isJumpList(control());
            // Of several with the words typed, none is taken that nobody chose.
            const bool isOneOfSeveral = m_list->current() && m_list->current()->isToldApart && !m_hasStepped;
            if (pressed == Qt::Key_Tab && m_list->current() && completes && !isOneOfSeveral) {
                takeCurrent();
                return false;
            }
        }
        if (event->type() == QEvent::ShortcutOverride && m_list->isVisible() &&
            static_cast<QKeyEvent *>(event)->key() == Qt::Key_Escape) {
            m_list->hide();
            event->accept();
            return true;
        }
        if (event->type() == QEvent::FocusIn) {
            m_typed.clear();
            // What is typed next looks for another record; a click puts the cursor down only after it brought the
            // keyboard.
            m_selectsAll = isJumpList(control());
            if (m_selectsAll) {
                m_line->selectAll();
            }
        }
        if (event->type() == QEvent::MouseButtonRelease && m_selectsAll) {
            m_selectsAll = false;
            if (!m_line->hasSelectedText()) {
                m_line->selectAll();
            }
        }
        if (event->type() == QEvent::Hide) {
            m_list->hide();
        }
        return false;
    }

private:
    // Whether words are being typed to find another record by.
    bool isJumping() const { return isJumpList(control()) && m_hasTyped && m_line->hasFocus(); }

    void open(const QString &part)
    {
        if (m_line->isReadOnly()) {
            return;
        }
        const std::optional<Lookup> lookup = session().values().choicesLookup(control());
        const bool isBeside = lookup && (session().values().isLarge(*lookup) || session().values().beside());
        if (!isBeside || session().values().wholeChoices(control())) {
            show(choices(part), part);
            return;
        }
        const ColumnValues fixed = session().values().heldValues(control());
        if (part.isEmpty() && m_first && m_firstHeld == fixed) {
            show(*m_first, part);
            return;
        }
        if (!m_list->isVisible()) {
            m_list->openReading();
        }
        read(*lookup, part, fixed);
    }

    // The first choices of a large table are read as soon as the keyboard comes, before anyone asks for them.
    void readAhead()
    {
        const std::optional<Lookup> lookup = session().values().choicesLookup(control());
        if (lookup && !m_line->isReadOnly() && session().values().isLarge(*lookup)) {
            read(*lookup, QString(), session().values().heldValues(control()));
        }
    }

    // At most so many; without asking a database that is far away where all of them are known.
    QList<LookupRow> choices(const QString &part) const
    {
        const QList<LookupRow> *whole = session().values().wholeChoices(control());
        return whole ? choicesWith(*whole, *session().values().choicesLookup(control()), part, MostChoices)
                     : session().values().choices(control(), part, MostChoices);
    }

    void read(const Lookup &lookup, const QString &part, const ColumnValues &fixed)
    {
        m_asked = part;
        if (const ControlValues::Beside beside = session().values().beside()) {
            beside([this, alive = QPointer<QObject>(this), lookup, part, fixed](const Connection &connection,
                                                                                const BackgroundWork::Report &report) {
                const auto rows = lookupRows(connection, lookup, part, MostChoices, fixed);
                report([this, alive, found = rows ? *rows : QList<LookupRow>(), part, fixed] {
                    if (alive && part == m_asked) { // else more was typed meanwhile
                        haveRead(found, part, fixed);
                    }
                });
            });
            return;
        }
        if (!m_reading) {
            m_reading = std::make_unique<BackgroundWork>();
        }
        m_reading->giveUp();
        m_reading->start(session().state().connection.address(),
                         [this, lookup, part, fixed](const Connection &connection, const std::atomic<bool> &,
                                                     const BackgroundWork::Report &report) {
                             const auto rows = lookupRows(connection, lookup, part, MostChoices, fixed);
                             report([this, found = rows ? *rows : QList<LookupRow>(), part, fixed] {
                                 haveRead(found, part, fixed);
                             });
                         });
    }

    void haveRead(const QList<LookupRow> &found, const QString &part, const ColumnValues &fixed)
    {
        if (part.isEmpty()) {
            m_first = found;
            m_firstHeld = fixed;
        }
        if (m_list->isVisible()) {
            show(found, part);
        }
    }

    void show(const QList<LookupRow> &rows, const QString &part)
    {
        m_list->open(rows, session().values().choicesLookup(control()), m_line->text(), !part.isEmpty());
        complete(rows, part);
    }

    // Where new words are taken, the first choice that begins with what is typed is written on behind it, to be typed
    // over or taken by going on; without that, its beginning would become a choice of its own.
    void complete(const QList<LookupRow> &rows, const QString &part)
    {
        const bool mayComplete = takesNewChoices(control()) && m_isGrowing && !part.isEmpty() &&
                                 m_line->text() == part && m_line->hasFocus() &&
                                 m_line->cursorPosition() == part.size();
        if (!mayComplete || rows.isEmpty() || !rows.first().words.startsWith(part, Qt::CaseInsensitive)) {
            return;
        }
        const QString whole = part + rows.first().words.mid(part.size());
        if (whole != part) {
            session().typing().type(control(), whole);
            m_line->setText(whole);
            m_line->setSelection(static_cast<int>(whole.size()), static_cast<int>(part.size() - whole.size()));
        }
    }

    // Up and Down walk through the open list, or through the choices themselves.
    void step(int by)
    {
        if (m_line->isReadOnly()) {
            return;
        }
        if (!m_list->isVisible()) {
            open(QString());
        }
        m_list->step(by);
        m_hasStepped = true;
    }

    void takeCurrent()
    {
        if (const std::optional<LookupRow> row = m_list->current()) {
            take(*row);
        } else if (m_list->isReading()) { // typed faster than it is read
            m_list->hide();
            settle();
        }
    }

    void take(const LookupRow &row)
    {
        m_hasTyped = false;
        m_list->hide();
        session().typing().chooseRow(control(), row.values, row.words);
        m_line->setText(isJumpList(control()) ? session().values().shown(control()).words : row.words);
        m_line->selectAll(); // what is typed next replaces it
    }

    // Typed words become a choice when they are the whole or the only beginning of one.
    void settle()
    {
        if (!m_hasTyped) {
            return;
        }
        m_hasTyped = false;
        const QString typed = m_line->text().trimmed();
        if (isJumpList(control())) {
            m_line->setText(session().values().shown(control()).words); // nobody went anywhere
            return;
        }
        if (typed.isEmpty()) {
            session().typing().chooseRow(control(), {});
            return;
        }
        QList<LookupRow> fitting;
        QList<LookupRow> found = choices(typed);
        if (const qsizetype apart = typed.lastIndexOf(QLatin1String(" (")); found.isEmpty() && apart > 0) {
            // Typed with what tells it from others of the same words.
            found = choices(typed.left(apart));
        }
        // Any of the words that the list shows of a choice, or what is stored of it, finds it.
        const auto is = [&](const QString &words) { return words.compare(typed, Qt::CaseInsensitive) == 0; };
        bool isWhole = false;
        for (const LookupRow &row : found) {
            const bool isThis = is(row.words) || std::any_of(row.also.begin(), row.also.end(), is) ||
                                (row.values.size() == 1 && is(row.values.first().toString()));
            if (isThis && !isWhole) {
                fitting.clear();
                isWhole = true;
            }
            if (isThis || !isWhole) {
                fitting.append(row);
            }
        }
        if (fitting.size() == 1 && (isWhole || !takesNewChoices(control()))) {
            session().typing().chooseRow(control(), fitting.first().values, fitting.first().words);
            m_line->setText(fitting.first().words);
        } else if (fitting.isEmpty() && !takesNewChoices(control()) && lookupOf(control())) {
            Q_EMIT session().said(
                EntrySession::tr("“%1” is none of the choices; Ctrl+Alt+A in the box adds it to them.").arg(typed));
        }
    }

    BoxLine *m_line;
    ChoiceList *m_list;
    bool m_hasTyped = false;
    bool m_hasStepped = false;                 // in the list, since the last letter
    bool m_isGrowing = false;                  // a letter came at the end
    bool m_selectsAll = false;                 // the click that brought the keyboard is not over yet
    QString m_asked;                           // the words whose choices are read beside the interface
    QString m_typed;                           // as it stood after the last letter
    std::optional<QList<LookupRow>> m_first;   // of a large table, read ahead …
    ColumnValues m_firstHeld;                  // … with these values held
    std::unique_ptr<BackgroundWork> m_reading; // last, so that it ends before what it reports to
};

} // namespace

std::unique_ptr<FieldEditor> makeChoiceEditor(const EditorContext &context, const Control &control, QWidget *parent)
{
    return std::make_unique<ChoiceEditor>(context, control, parent);
}

} // namespace nabblet
