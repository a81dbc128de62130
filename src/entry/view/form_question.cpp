#include "entry/view/form_question.h"

#include "core/filter/question_form.h"
#include "core/text/tr.h"
#include "data/records/asked_rows.h"
#include "entry/session/entry_session.h"
#include "entry/view/entry_view.h"
#include "entry/wanted/asking.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

Result<FormQuestion *> FormQuestion::over(EntrySession *session, const Appearance &appearance, QWidget *parent)
{
    const Form &form = session->form();
    const Form question = questionForm(form, [](const Control &box) { return partFor(box, nullptr).has_value(); });
    const QList<QuestionTable> tables = questionTables(question);
    if (tables.first().columns.isEmpty()) {
        return Error{tr("This form has no boxes by which records could be looked for."), {}};
    }
    Result<std::unique_ptr<AskedRows>> rows = AskedRows::of(tables);
    if (!rows) {
        return rows.error();
    }
    return new FormQuestion(session, std::move(*rows), question, appearance, parent);
}

FormQuestion::FormQuestion(EntrySession *session, std::unique_ptr<AskedRows> rows, const Form &question,
                           const Appearance &appearance, QWidget *parent)
    : QWidget(parent), m_session(session), m_rows(std::move(rows)), m_words(new QLabel), m_line(new QLabel),
      m_previous(new QPushButton(tr("Line before"))), m_next(new QPushButton(tr("Next line")))
{
    setObjectName(QStringLiteral("formQuestion"));
    setAttribute(Qt::WA_StyledBackground);
    setAccessibleName(tr("The form as the question"));
    auto *column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto *banner = new QWidget;
    banner->setObjectName(QStringLiteral("questionBanner"));
    banner->setAttribute(Qt::WA_StyledBackground);
    auto *row = new QHBoxLayout(banner);
    row->setContentsMargins(12, 6, 8, 6);
    row->setSpacing(6);
    m_words->setWordWrap(true);
    m_words->setObjectName(QStringLiteral("questionWords"));
    row->addWidget(m_words, 1);
    m_line->setObjectName(QStringLiteral("faint"));
    row->addWidget(m_line);
    const auto button = [&](QPushButton *made, const char *name, const QString &help) {
        made->setObjectName(QLatin1String(name));
        made->setToolTip(help);
        made->setFocusPolicy(Qt::StrongFocus);
        row->addWidget(made);
        return made;
    };
    button(m_previous, "questionBefore", tr("The line before (PgUp)"));
    button(m_next, "questionNext", tr("The next line (PgDown)"));
    auto *either = button(new QPushButton(tr("Or…")), "questionOr",
                          tr("A further line: records that are like one of the lines are shown (Ctrl+N)"));
    auto *show =
        button(new QPushButton(tr("Show them")), "questionShow", tr("Shows the records that are like that (Enter)"));
    auto *cancel = button(new QPushButton(tr("Cancel")), "questionCancel", tr("Back to the records (Escape)"));
    connect(m_previous, &QPushButton::clicked, this, [this] { goToLine(-1); });
    connect(m_next, &QPushButton::clicked, this, [this] { goToLine(1); });
    connect(either, &QPushButton::clicked, this, &FormQuestion::addLine);
    connect(show, &QPushButton::clicked, this, &FormQuestion::take);
    connect(cancel, &QPushButton::clicked, this, &FormQuestion::ended);
    column->addWidget(banner);

    writeWanted();
    const Result<Catalogue> catalogue = m_rows->connection().readCatalogue();
    m_question = std::make_unique<EntrySession>(m_rows->connection(), catalogue ? *catalogue : Catalogue(), question);
    m_question->setLocale(session->state().locale);
    const Outcome started = m_question->start(Counting::No);
    m_view = new EntryView(m_question.get(), appearance, nullptr, Furniture::None);
    column->addWidget(m_view, 1);
    say(started ? QString() : started.error().sentence);
    refreshLines();
    qApp->installEventFilter(this); // before the boxes: Enter asks, wherever it is pressed
}

FormQuestion::~FormQuestion()
{
    delete m_view; // before its session
}

void FormQuestion::say(const QString &sentence)
{
    m_words->setText(
        sentence.isEmpty()
            ? tr("<b>What are you looking for?</b> Write it where it stands: 12, &gt; 12, 5..9, 2026-05, Sker*, not "
                 "blank. Enter shows the records.")
            : QStringLiteral("<b>%1</b>").arg(sentence.toHtmlEscaped()));
    m_words->setProperty("isMistake", !sentence.isEmpty());
}

// What is asked already can be changed.
void FormQuestion::writeWanted()
{
    const Filter &filter = m_session->state().wanted.filter;
    for (qsizetype i = 0; i < filter.lines.size(); ++i) {
        const Result<int> number = i == 0 ? Result<int>(1) : m_rows->addLine();
        for (const FilterPart &part : filter.lines.at(i)) {
            const AskedBox box = boxAskedBy(part, m_session->form());
            if (!number || !box.control) {
                continue;
            }
            const QString table =
                box.subform ? QStringLiteral("question_%1").arg(box.subform->id) : QStringLiteral("question");
            const Outcome written = m_rows->write(*number, table, questionColumn(box.control->id), part.typed);
            if (!written) {
                return;
            }
        }
    }
}

void FormQuestion::refreshLines()
{
    const Result<QList<AskedRows::Line>> lines = m_rows->lines();
    const qsizetype count = lines ? lines->size() : 1;
    const qsizetype now = m_question->state().key() ? m_question->state().key()->value(0).toInt() : 1;
    m_line->setVisible(count > 1);
    m_previous->setVisible(count > 1);
    m_next->setVisible(count > 1);
    m_previous->setEnabled(now > 1);
    m_next->setEnabled(now < count);
    m_line->setText(tr("Line %1 of %2").arg(now).arg(count));
}

void FormQuestion::goToLine(int by)
{
    by > 0 ? m_question->moves().goNext() : m_question->moves().goPrevious();
    refreshLines();
    m_view->focusFirst();
}

void FormQuestion::addLine()
{
    if (!m_question->saving().save()) {
        return;
    }
    const Result<int> line = m_rows->addLine();
    if (!line) {
        say(line.error().sentence);
        return;
    }
    m_question->moves().goToKey({*line});
    refreshLines();
    m_view->focusFirst();
}

void FormQuestion::take()
{
    if (QWidget *box = QApplication::focusWidget(); box && isAncestorOf(box)) {
        box->clearFocus(); // what is typed in it counts
    }
    m_question->saving().save();
    const Result<QList<AskedRows::Line>> lines = m_rows->lines();
    if (!lines) {
        say(lines.error().sentence);
        return;
    }
    Filter filter;
    for (const AskedRows::Line &line : *lines) {
        FilterLine parts;
        // Where a box cannot be read, the keyboard goes there.
        const auto read = [&](const Control &box, const Control *subform, const QString &words) {
            const Result<FilterPart> part = partFromWords(m_session->state(), box, subform, words);
            if (!part) {
                m_question->moves().goToKey({line.number});
                refreshLines();
                say(part.error().sentence);
                const ControlId at = subform ? subform->id : box.id;
                m_view->bringToSight(at);
                if (QWidget *widget = m_view->widgetFor(at)) {
                    widget->setFocus();
                }
                return false;
            }
            if (!part->anyOf.isEmpty()) {
                parts.append(*part);
            }
            return true;
        };
        for (const Control &control : m_session->form().controls) {
            const QString own = line.words.value(QStringLiteral("question")).value(questionColumn(control.id));
            if (!own.isEmpty() && !read(control, nullptr, own)) {
                return;
            }
            const auto inner = line.words.value(QStringLiteral("question_%1").arg(control.id));
            for (const Control &box :
                 control.inner && !inner.isEmpty() ? control.inner.get()->controls : ControlList()) {
                const QString words = inner.value(questionColumn(box.id));
                if (!words.isEmpty() && !read(box, &control, words)) {
                    return;
                }
            }
        }
        if (!parts.isEmpty()) {
            filter.lines.append(parts);
        }
    }
    QString mistake;
    Q_EMIT asked(filter, &mistake);
    if (mistake.isEmpty()) {
        Q_EMIT ended();
    } else {
        say(mistake);
        m_view->focusFirst();
    }
}

bool FormQuestion::eventFilter(QObject *watched, QEvent *event)
{
    if (event->type() != QEvent::KeyPress && event->type() != QEvent::ShortcutOverride) {
        return false;
    }
    auto *widget = qobject_cast<QWidget *>(watched);
    if (!widget || !isAncestorOf(widget) || qobject_cast<QPushButton *>(widget)) {
        return false;
    }
    const auto *key = static_cast<QKeyEvent *>(event);
    const bool isControl = key->modifiers().testFlag(Qt::ControlModifier);
    const bool isEnter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
    const bool isOwn = (isEnter || key->key() == Qt::Key_Escape || (!isControl && key->key() == Qt::Key_PageUp) ||
                        (!isControl && key->key() == Qt::Key_PageDown) || (isControl && key->key() == Qt::Key_N));
    if (!isOwn) {
        return false;
    }
    if (event->type() == QEvent::ShortcutOverride) {
        event->accept();
        return true;
    }
    // Queued: the box that the key was pressed in may not be there any more afterwards.
    const int pressed = key->key();
    QMetaObject::invokeMethod(
        this,
        [this, pressed] {
            switch (pressed) {
            case Qt::Key_Escape:
                Q_EMIT ended();
                break;
            case Qt::Key_PageUp:
            case Qt::Key_PageDown:
                goToLine(pressed == Qt::Key_PageDown ? 1 : -1);
                break;
            case Qt::Key_N:
                addLine();
                break;
            default:
                take();
                break;
            }
        },
        Qt::QueuedConnection);
    return true;
}

void FormQuestion::keyPressEvent(QKeyEvent *event)
{
    if (event->key() == Qt::Key_Escape) {
        Q_EMIT ended();
    } else {
        QWidget::keyPressEvent(event);
    }
}

} // namespace nabblet
