// What a form at work says: sentences beside the boxes they concern, and those about the whole record above it.
#include "core/arrange/rows.h"
#include "core/kinds/control_names.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"
#include "entry/editors/field_editor.h"
#include "entry/records/conflict_sheet.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"

#include <QAccessible>
#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyle>
#include <QTimer>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MessageGap = 8; // px between a box and the message beside it

// A sentence beside a box.
class MessageLabel : public QLabel
{
public:
    MessageLabel(const QString &sentence, Ink ink, const Appearance &appearance, QWidget *parent)
        : QLabel(sentence, parent)
    {
        setObjectName(QStringLiteral("message"));
        setFont(appearance.font(TextRole::Field));
        setTextFormat(Qt::PlainText);
        QPalette palette;
        palette.setColor(QPalette::WindowText, appearance.colour(ink));
        setPalette(palette);
        setContentsMargins(0, 0, 0, 0);
        setAttribute(Qt::WA_TransparentForMouseEvents);
    }
};

} // namespace

void EntryView::refreshMessages()
{
    for (BandView *band : std::as_const(m_bands)) {
        const auto old = band->findChildren<QLabel *>(QStringLiteral("message"));
        for (QLabel *label : old) {
            label->setObjectName(QString());
            label->hide();
            label->deleteLater();
        }
    }
    m_unplaced.clear();
    const Form inSight = withoutPagesBehind(m_laidOut, m_fronts);
    QList<FieldMessage> messages = m_session->state().messages;
    m_notes = m_session->values().ruledNow().notes;
    if (m_lettersLeft) {
        m_notes.append(*m_lettersLeft);
    }
    for (const FieldMessage &note : std::as_const(m_notes)) {
        const bool isSaid = std::any_of(messages.begin(), messages.end(),
                                        [&](const FieldMessage &said) { return said.control == note.control; });
        if (!isSaid) {
            messages.append(note);
        }
    }
    const QSet<ControlId> behind = outOfSight();
    for (const FieldMessage &message : std::as_const(messages)) {
        const Control *control = inSight.controls.find(message.control);
        if (!control || (message.isNote && behind.contains(control->id))) {
            continue;
        }
        if (m_hidden.contains(control->id)) { // said below the form
            m_unplaced.insert(control->id);
            continue;
        }
        BandView *band = viewOf(*control);
        const Ink ink = !message.isNote               ? Ink::Alarm
                        : message.mark == Mark::Alarm ? Ink::Alarm
                        : message.mark == Mark::Watch ? Ink::Watch
                                                      : Ink::Faint;
        auto *label = new MessageLabel(message.sentence, ink, m_appearance, band);
        label->adjustSize();
        // Beside the box, else below or above it, where it covers nothing; with no room anywhere it stands below the
        // form (refreshNotice) while its box has the keyboard.
        const QRect place = placeOf(*control);
        const QSize size = label->size();
        const auto beside = [&](const QSize &of) {
            return QRect(
                QPoint(place.right() + MessageGap, place.y() + (std::min(place.height(), 24) - of.height() + 1) / 2),
                of);
        };
        QList<QRect> rooms{beside(size), QRect(QPoint(place.x(), place.bottom() + 2), size),
                           QRect(QPoint(place.x(), place.y() - size.height() - 1), size)};
        for (const int width : {240, 180, 140}) { // px, on several lines
            if (width < size.width()) {
                const int height = label->fontMetrics()
                                       .boundingRect(QRect(0, 0, width, 1000), Qt::TextWordWrap, message.sentence)
                                       .height();
                rooms.append(beside({width, height}));
            }
        }
        const auto isFree = [&](const QRect &room) {
            return room.right() < band->width() && room.left() >= 0 && room.top() >= 0 &&
                   room.bottom() < band->height() &&
                   std::none_of(inSight.controls.begin(), inSight.controls.end(), [&](const Control &other) {
                       return viewOf(other) == band && other.id != control->id && !holdsOthers(other) &&
                              placeOf(other).intersects(room);
                   });
        };
        const auto room = std::find_if(rooms.begin(), rooms.end(), isFree);
        // Rows under one another leave room only behind the last column.
        const bool isPlaced =
            room != rooms.end() && (!m_rows || control->band != BandRole::Body || room == rooms.begin());
        if (isPlaced) {
            label->setWordWrap(room->width() < size.width());
            label->setGeometry(*room);
        } else {
            m_unplaced.insert(control->id);
        }
        label->raise();
        label->setVisible(isPlaced);
        label->setProperty("control", control->id);
    }
    describeBoxes();
}

void EntryView::describeBoxes()
{
    const EntryState &state = m_session->state();
    const bool isTold = QAccessible::isActive(); // to somebody: else it would be worked out at every key for nobody
    for (const auto &[id, editor] : m_editors) {
        const Control &control = editor->control();
        if (!editor->isOneBox() || kindNamed(control.kind).editor == Editor::Button) {
            continue;
        }
        QStringList words;
        if (isTold) {
            const Shown shown = m_session->values().shown(control);
            words.append(withinSentence(kindTitle(kindNamed(control.kind))));
            if (shown.isRequired || state.isNeeded(control)) {
                words.append(tr("needed"));
            }
            if (shown.state == BoxState::Locked || !shown.mayType) {
                words.append(tr("only shown"));
            }
        }
        const bool isKept = !control.column.isEmpty() && state.keptForNext.contains(control.column);
        if (isKept) {
            words.append(tr("new records take it over"));
        }
        for (const FieldMessage &message : state.messages + m_notes) {
            if (message.control == id) {
                words.append(message.mark == Mark::None ? message.sentence
                                                        : tr("%1: %2").arg(markWord(message.mark), message.sentence));
            }
        }
        editor->widget()->setAccessibleDescription(words.join(QLatin1String(", ")));
        auto *mark = editor->widget()->findChild<QLabel *>(QStringLiteral("keptMark"), Qt::FindDirectChildrenOnly);
        if (isKept && !mark) {
            mark = new QLabel(QStringLiteral("↻"), editor->widget());
            mark->setObjectName(QStringLiteral("keptMark"));
            mark->setToolTip(tr("New records take this over"));
            mark->adjustSize();
            mark->move(editor->widget()->width() - mark->width() - 2, 0);
            mark->show();
        } else if (!isKept) {
            delete mark;
        }
    }
}

// What is said of a box that has no room beside it: of the one with the keyboard, else of the first.
QString EntryView::unplacedMessage() const
{
    const FieldMessage *first = nullptr;
    for (const FieldMessage &message : m_session->state().messages) {
        const QWidget *box = widgetFor(message.control);
        if (m_unplaced.contains(message.control) && (!first || (box && box->hasFocus()))) {
            first = &message;
        }
    }
    if (!first && m_lettersLeft && m_unplaced.contains(m_lettersLeft->control)) {
        first = &*m_lettersLeft;
    }
    if (!first) {
        return {};
    }
    const Control *caption = captionOf(m_form, first->control);
    const QString words = caption ? caption->text.simplified() : QString();
    return words.isEmpty() || first->sentence.startsWith(words) ? first->sentence
                                                                : tr("%1: %2").arg(words, first->sentence);
}

std::optional<FieldMessage> EntryView::lettersLeft() const
{
    constexpr int Few = 5;       // letters
    constexpr int OneOfMany = 8; // of all: twenty of 160
    const Control *box = boxInHand();
    if (!box || box->column.isEmpty() || !m_session->values().mayType(*box)) {
        return {};
    }
    const Editor sort = kindNamed(box->kind).editor;
    const Table *rows = m_session->state().table();
    const Column *column = rows ? findColumn(*rows, box->column) : nullptr;
    std::optional<int> limit = lengthLimit(*box);
    if (column && column->type == ColumnType::Text && column->length) {
        limit = std::min(limit.value_or(*column->length), *column->length);
    }
    if ((sort != Editor::Line && sort != Editor::LongText) || !limit) {
        return {};
    }
    const int length = *limit;
    const auto typed = m_session->state().record.typed.constFind(box->column);
    if (typed == m_session->state().record.typed.constEnd()) {
        return {}; // nobody is typing
    }
    const int left = length - static_cast<int>(typed->words.toUcs4().size());
    if (left < 0 || left > std::max(std::min(Few, length / 3), length / OneOfMany)) {
        return {};
    }
    return FieldMessage{box->id,
                        left == 0 ? tr("full: no more than %1").arg(counted(length, tr("1 letter"), tr("%1 letters")))
                                  : counted(left, tr("1 letter left"), tr("%1 letters left")),
                        true, Mark::None};
}

void EntryView::refreshLettersLeft()
{
    if (const std::optional<FieldMessage> now = lettersLeft(); now != m_lettersLeft) {
        m_lettersLeft = now;
        refreshMessages();
        refreshNotice();
    }
}

namespace {

// A frame around a box that others changed, for a moment.
class LitFrame : public QWidget
{
public:
    LitFrame(const QRect &around, const QColor &colour, QWidget *parent) : QWidget(parent), m_colour(colour)
    {
        setObjectName(QStringLiteral("lit"));
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setGeometry(around);
        QTimer::singleShot(ShownFor, this, &QObject::deleteLater);
        show();
    }

protected:
    void paintEvent(QPaintEvent *) override
    {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(m_colour, 2));
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 4, 4);
    }

private:
    static constexpr int ShownFor = 3000; // ms; nothing moves, so that it disturbs nobody
    QColor m_colour;
};

} // namespace

// Of the boxes on this form itself, in the record in hand.
void EntryView::lightUp(const QStringList &columns)
{
    constexpr int Around = 3; // px
    QStringList called;
    for (const auto &[id, editor] : m_editors) {
        const Control &control = editor->control();
        if (columns.contains(control.column) && editor->isOneBox() && editor->widget()->isVisible()) {
            called.append(calledFor(m_form, control));
            QWidget *box = editor->widget();
            new LitFrame(box->geometry().adjusted(-Around, -Around, Around, Around), m_appearance.colour(Ink::Accent),
                         box->parentWidget());
        }
    }
    if (!called.isEmpty()) {
        called.sort();
        Q_EMIT m_session->said(tr("Changed elsewhere meanwhile: %1.").arg(called.join(QLatin1String(", "))));
    }
}

void EntryView::focusFirstRefused()
{
    const QList<ControlId> sequence = tabSequence(m_form);
    for (const ControlId id : sequence) {
        const auto &messages = m_session->state().messages;
        const bool isRefused = std::any_of(messages.begin(), messages.end(),
                                           [&](const FieldMessage &message) { return message.control == id; });
        if (isRefused) {
            bringToSight(id);
        }
        if (isRefused && widgetFor(id) && !viewInside(id)) {
            widgetFor(id)->setFocus(Qt::OtherFocusReason);
            return;
        }
    }
}

void EntryView::refreshNotice()
{
    // Only what differs is made anew: a button must not go while it is pressed.
    const auto &said = m_session->state().messages;
    const auto whole = std::find_if(
        said.begin(), said.end(), [&](const FieldMessage &message) { return !m_form.controls.find(message.control); });
    const QString sentence = whole != said.end() ? whole->sentence : unplacedMessage();
    const bool isNote = whole != said.end() && whole->isNote && m_session->state().record.question == Question::None;
    const QString wanted = QString::number(static_cast<int>(m_session->state().record.question)) + sentence;
    if (wanted == m_noticeShown) {
        return;
    }
    m_noticeShown = wanted;
    if (m_notice->property("isNote").toBool() != isNote) {
        m_notice->setProperty("isNote", isNote);
        m_notice->style()->unpolish(m_notice);
        m_notice->style()->polish(m_notice);
    }
    auto *row = static_cast<QHBoxLayout *>(m_notice->layout());
    while (QLayoutItem *item = row->takeAt(0)) {
        if (QWidget *widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        }
        delete item;
    }
    row->setContentsMargins(16, 6, 16, 6);
    const auto words = [&](const QString &text) {
        auto *label = new QLabel(text);
        label->setTextFormat(Qt::PlainText);
        label->setWordWrap(true);
        row->addWidget(label, 1);
    };
    const auto button = [&](const QString &text, auto action) {
        auto *made = new QPushButton(text);
        connect(made, &QPushButton::clicked, this, action, Qt::QueuedConnection);
        row->addWidget(made);
    };
    bool isNeeded = true;
    switch (m_session->state().record.question) {
    case Question::ChangedMeanwhile:
        words(
            tr("Someone else changed this record while you worked on it. Beside the boxes stands what is stored now."));
        button(tr("Side by side…"), [this] {
            settleConflict(*m_session, this);
            refreshNotice();
        });
        button(tr("Save mine over it"), [this] {
            m_session->saving().keepMine();
            refreshNotice();
        });
        button(tr("Take what is stored"), [this] { m_session->saving().takeTheirs(); });
        break;
    case Question::DeletedMeanwhile:
        words(tr("Someone else deleted this record while you worked on it."));
        button(tr("Add mine as a new record"), [this] {
            m_session->saving().keepMine();
            refreshNotice();
        });
        button(tr("Let mine go"), [this] { m_session->saving().takeTheirs(); });
        break;
    case Question::IsItSo:
        words(m_session->state().record.asked.isEmpty() ? sentence : m_session->state().record.asked.first().sentence);
        button(tr("It is so, save"), [this] { m_session->saving().answer(Saving::Answer::Yes); });
        button(tr("Go back to it"), [this] { m_session->saving().answer(Saving::Answer::GoBack); });
        break;
    case Question::HiddenValues:
        words(sentence);
        button(tr("Save with it"), [this] { m_session->saving().answer(Saving::Answer::Yes); });
        button(tr("Save it empty"), [this] { m_session->saving().answer(Saving::Answer::Emptied); });
        button(tr("Go back"), [this] { m_session->saving().answer(Saving::Answer::GoBack); });
        break;
    case Question::None:
        isNeeded = !sentence.isEmpty();
        if (isNeeded) {
            words(sentence);
        }
        break;
    }
    const bool isNew = isNeeded && m_notice->isHidden();
    m_notice->setVisible(isNeeded);
    if (isNew) { // it took some of the room of the box in hand
        QMetaObject::invokeMethod(
            this,
            [this] {
                QWidget *focused = QApplication::focusWidget();
                if (focused && isAncestorOf(focused)) {
                    keepInSight(focused);
                }
            },
            Qt::QueuedConnection);
    }
}

} // namespace nabblet
