#include "entry/view/record_list.h"

#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "data/records/row_filter.h"
#include "entry/view/entry_view.h"
#include "entry/wanted/asking.h"

#include <QKeyEvent>
#include <QStyle>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Margin = 16; // px before the first column, where the mark of the row in hand stands
constexpr int RowHeight = 26;
constexpr int HeadHeight = 28;
constexpr int LeastColumn = 40;

// The control by which the form shows a column, as one for a list; a plain text where it does not.
Control cellOf(const Form &form, const QString &column)
{
    Control cell;
    cell.kind = QStringLiteral("text-box");
    for (const Control &control : form.controls) {
        if (control.column == column && kindNamed(control.kind).editor != Editor::LongText &&
            kindNamed(control.kind).editor != Editor::Image) {
            const bool isChosen = lookupOf(control) || !fixedChoices(control).isEmpty();
            cell.kind = isChosen ? QStringLiteral("drop-down") : control.kind;
            cell.settings = control.settings;
            break;
        }
    }
    cell.role = QStringLiteral("field");
    cell.column = column;
    cell.settings.set(setting::Locked, true);
    cell.settings.set(setting::Framed, false);
    return cell;
}

} // namespace

Form recordListForm(const Form &form, const Catalogue &catalogue, const TextMeasure &measure)
{
    const Table *table = findTable(catalogue, form.rowsFrom);
    QStringList columns = form.window.listColumns;
    if (columns.isEmpty() && table) {
        columns = tellingColumns(*table);
    }
    Form list;
    list.name = form.name + QStringLiteral("_list");
    list.title = form.title;
    list.rowsFrom = form.rowsFrom;
    list.select = form.select;
    list.settings = form.settings; // in the same order
    list.look = form.look;
    list.permissions = {true, false, false, false};
    list.rowsShown = 1;
    list.bands = {Band{BandRole::Header, HeadHeight, {}}, Band{BandRole::Body, RowHeight, {}}};
    list.window.hasRecordStrip = false;
    int x = Margin;
    // The first column takes the most of the width, as it is what people look for.
    const int room = std::max<int>(LeastColumn, form.window.listWidth - Margin);
    const int count = static_cast<int>(columns.size());
    for (int i = 0; i < count; ++i) {
        const int width = count == 1 ? room
                          : i == 0   ? std::max(LeastColumn, room * 3 / 5)
                                     : std::max(LeastColumn, room * 2 / 5 / (count - 1));
        Control cell = cellOf(form, columns.at(i));
        cell.id = 2 * i + 1;
        cell.name = QStringLiteral("cell_%1").arg(i + 1);
        cell.place = QRect(x, 1, width, RowHeight - 2);
        if (i == count - 1) {
            cell.rides.right = FixedRail::FormRight;
            cell.rides.left = FixedRail::FormLeft;
        }
        list.controls.append(cell);
        Control head;
        head.id = 2 * i + 2;
        head.kind = QStringLiteral("caption");
        head.role = QStringLiteral("caption");
        head.name = QStringLiteral("head_%1").arg(i + 1);
        head.band = BandRole::Header;
        head.captionFor = cell.id;
        setSitsAbove(head, true);
        const Control *caption = nullptr;
        for (const Control &control : form.controls) {
            caption = !caption && control.column == columns.at(i) ? captionOf(form, control.id) : caption;
        }
        head.text = caption ? caption->text.simplified() : captionFromColumn(columns.at(i), form.rowsFrom);
        head.place =
            QRect(x + 7, 4, std::min(width - 7, measure.width(head.text, TextRole::Caption) + 2), HeadHeight - 8);
        list.controls.append(head);
        x += width;
    }
    list.width = std::max(x, form.window.listWidth);
    return list;
}

RecordList::RecordList(EntrySession *session, const Appearance &appearance, QWidget *parent)
    : QWidget(parent), m_session(session),
      m_rows(std::make_unique<EntrySession>(session->state().connection, session->state().catalogue,
                                            recordListForm(session->form(), session->state().catalogue, appearance)))
{
    setObjectName(QStringLiteral("recordList"));
    m_rows->setLocale(session->state().locale);
    m_rows->holdTo(session->state().heldTo); // which starts it
    m_view = new EntryView(m_rows.get(), appearance, this, Furniture::None);
    auto *layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_view);
    setAccessibleName(tr("Records"));
    setFocusPolicy(Qt::StrongFocus);
    setAttribute(Qt::WA_StyledBackground);
    layout->setContentsMargins(2, 2, 2, 2); // for the line that shows where the keyboard is
    connect(m_rows.get(), &EntrySession::recordChanged, this, [this] {
        const std::optional<RowKey> key = m_rows->state().key();
        if (m_isFollowing || !key || key == m_session->state().key()) {
            return;
        }
        if (!m_session->moves().goToKey(*key)) { // refused: what was typed there stays in hand
            follow();
        }
    });
    connect(session, &EntrySession::recordChanged, this, &RecordList::follow);
    connect(session, &EntrySession::wantedChanged, this, &RecordList::follow);
    // The list has the records of the form, in its order: a head sorts both.
    m_view->headPressed = [session](const Control &cell) {
        Wanted wanted = session->state().wanted;
        const bool isFirst = !wanted.order.isEmpty() && wanted.order.first().column == cell.column;
        wanted.order = nabblet::sortedBy({}, cell, isFirst && !wanted.order.first().isDescending);
        if (const Outcome outcome = session->want(wanted); !outcome) {
            Q_EMIT session->said(outcome.error().sentence);
        }
    };
    follow();
}

RecordList::~RecordList()
{
    delete m_view; // before its session
}

void RecordList::walk(int by)
{
    RecordMoves &moves = m_session->moves();
    for (int i = 0; i < std::abs(by); ++i) {
        if (!(by > 0 ? moves.goNext() : moves.goPrevious())) {
            return;
        }
    }
}

// To the first record whose first column begins with the letters.
void RecordList::jumpTo(const QString &letters)
{
    const Control *first = nullptr;
    for (const Control &cell : m_rows->form().controls) {
        first = !first && !cell.column.isEmpty() ? &cell : first;
    }
    std::optional<FilterPart> part = first ? partFor(*first, nullptr) : std::nullopt;
    if (!part) {
        return;
    }
    part->anyOf = {FilterCondition{FilterTest::Like, false, QString(letters + u'*'), {}, false, letters, {}}};
    const EntryState &state = m_rows->state();
    const RowFilter filter = rowFilterOf(Filter{{{*part}}}, state.form, state.catalogue);
    RecordSource asked = state.source;
    if (asked.filter) { // among those that are shown
        RowFilter both = *asked.filter;
        for (QList<RowTest> &line : both.lines) {
            line += filter.lines.value(0);
        }
        asked.filter = std::make_shared<const RowFilter>(both);
    } else {
        asked.filter = std::make_shared<const RowFilter>(filter);
    }
    const MaybeRow row = firstRow(state.connection, asked);
    if (row && *row) {
        (void)m_session->moves().goToKey((**row).key);
    } else {
        Q_EMIT m_session->said(tr("No record begins with “%1”.").arg(letters));
    }
}

void RecordList::keyPressEvent(QKeyEvent *event)
{
    constexpr int Pause = 1000; // ms, after which letters begin anew
    constexpr int Page = 15;    // records
    switch (event->key()) {
    case Qt::Key_Down:
        walk(1);
        return;
    case Qt::Key_Up:
        walk(-1);
        return;
    case Qt::Key_PageDown:
        walk(Page);
        return;
    case Qt::Key_PageUp:
        walk(-Page);
        return;
    case Qt::Key_Home:
        (void)m_session->moves().goFirst();
        return;
    case Qt::Key_End:
        (void)m_session->moves().goLast();
        return;
    default:
        break;
    }
    const bool isLetter = !event->text().isEmpty() && event->text().front().isPrint() &&
                          !(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier));
    if (!isLetter) {
        QWidget::keyPressEvent(event);
        return;
    }
    if (!m_since.isValid() || m_since.elapsed() > Pause) {
        m_letters.clear();
    }
    m_since.start();
    m_letters += event->text();
    jumpTo(m_letters);
}

void RecordList::focusInEvent(QFocusEvent *event)
{
    QWidget::focusInEvent(event);
    setProperty("hasKeyboard", true);
    style()->unpolish(this);
    style()->polish(this);
}

void RecordList::focusOutEvent(QFocusEvent *event)
{
    QWidget::focusOutEvent(event);
    setProperty("hasKeyboard", false);
    style()->unpolish(this);
    style()->polish(this);
}

void RecordList::follow()
{
    if (m_isFollowing) {
        return;
    }
    m_isFollowing = true;
    m_rows->holdTo(m_session->state().heldTo);
    (void)m_rows->wantAs(*m_session);
    const std::optional<RowKey> key = m_session->state().key();
    if (!key) {
        m_isFollowing = false;
        return;
    }
    if (m_rows->state().key() == key) {
        m_rows->readAgain();
    } else {
        (void)m_rows->moves().goToKey(*key);
    }
    m_isFollowing = false;
}

} // namespace nabblet
