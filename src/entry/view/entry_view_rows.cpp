// A tabular form at work: the row in hand has real widgets, which move over it.
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/windows/window_size.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"
#include "entry/cells/paste_sheet.h"
#include "entry/cells/pasted_rows.h"
#include "entry/editors/field_editor.h"
#include "entry/records/record_strip.h"
#include "entry/theme/ask.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "entry/view/page_tabs_bar.h"
#include "entry/view/rows_band.h"

#include <QApplication>
#include <QClipboard>

#include <algorithm>

namespace nabblet {

// ---------------------------------------------------------------- rows of a tabular form

void EntryView::placeRowInHand()
{
    for (const auto &[id, editor] : m_editors) {
        if (editor->control().band == BandRole::Body) {
            editor->widget()->setGeometry(placeOf(editor->control()));
        }
    }
}

// The bar counts all rows where their number is known, else those read so far.
void EntryView::refreshRowBar()
{
    if (!m_rows) {
        return;
    }
    const RowWindow &window = m_session->rows().window();
    const std::optional<qint64> count = m_session->place().count();
    const std::optional<qint64> first = window.firstNumber(count);
    const bool knowsAll = first && count && *count < std::numeric_limits<int>::max() / 2;
    const int blank = m_rows->rowsInAll() - static_cast<int>(window.rows().size());
    const int before = knowsAll ? static_cast<int>(*first) : 0;
    const int all =
        knowsAll ? std::max(static_cast<int>(*count) + blank, before + m_rows->rowsInAll()) : m_rows->rowsInAll();
    const QSignalBlocker blocker(m_rowBar);
    m_rowBar->setRange(0, std::max(0, all - m_rows->rowsInSight()));
    m_rowBar->setPageStep(m_rows->rowsInSight());
    m_rowBar->setValue(before + m_rows->top());
    m_rowBar->setVisible(m_rowBar->maximum() > 0);
}

void EntryView::readRowsInSight()
{
    constexpr int Ahead = 16; // rows kept ready beyond what is seen
    const RowWindow &window = m_session->rows().window();
    if (!window.hasLast() && m_rows->top() + m_rows->rowsInSight() + Ahead > window.rows().size()) {
        m_session->rows().readMoreAfter();
    }
    if (!window.hasFirst() && !window.rows().isEmpty() && m_rows->top() < Ahead) {
        m_session->rows().readMoreBefore();
    }
}

void EntryView::goToRow(int row)
{
    const int rows = static_cast<int>(m_session->rows().window().rows().size());
    if (row < rows) {
        m_session->moves().goToRow(row);
    } else if (!m_session->state().isNew()) {
        m_session->moves().add();
    }
}

// A press on a row goes to it; with Shift it chooses all up to it, with Ctrl it alone.
void EntryView::pressRow(int row, QPoint at, Qt::KeyboardModifiers modifiers)
{
    if (modifiers.testFlag(Qt::ShiftModifier)) {
        chooseTo(row);
        return;
    }
    const QList<Row> &rows = m_session->rows().window().rows();
    if (modifiers.testFlag(Qt::ControlModifier) && row < rows.size()) {
        const RowKey key = rows.at(row).key;
        if (chosenRows().isEmpty() && m_rows->rowInHand() >= 0 && !m_session->state().isNew()) {
            chooseRowInHand(); // it is meant as well
        }
        if (!chosenRows().contains(key) || chosenRows().count() > 1) {
            ChosenRows chosen = m_rows->chosen();
            chosen.toggle(key);
            m_rows->setChosen(chosen);
        }
        sayChosen();
        return;
    }
    chooseNoRows();
    goToRow(row);
    for (const Control &control : m_laidOut.controls) {
        QWidget *widget = widgetFor(control.id);
        if (control.band == BandRole::Body && widget && control.place.contains(at) && m_rows->rowInHand() == row) {
            widget->setFocus(Qt::MouseFocusReason);
        }
    }
}

// ---------------------------------------------------------------- chosen rows

const ChosenRows &EntryView::chosenRows() const
{
    static const ChosenRows none;
    return m_rows ? m_rows->chosen() : none;
}

void EntryView::chooseNoRows()
{
    if (m_rows && !m_rows->chosen().isEmpty()) {
        m_rows->setChosen({});
    }
}

void EntryView::sayChosen()
{
    if (!chosenRows().isEmpty()) {
        Q_EMIT m_session->said(counted(chosenRows().count(), tr("1 row is chosen."), tr("%1 rows are chosen.")) + u' ' +
                               tr("Escape lets go of them."));
    }
}

void EntryView::chooseRowInHand()
{
    if (!m_rows || !m_session->state().key()) {
        Q_EMIT m_session->said(tr("Only stored rows under one another can be chosen."));
        return;
    }
    ChosenRows chosen = m_rows->chosen();
    m_chosenFrom = *m_session->state().key();
    chosen.toggle(m_chosenFrom);
    m_rows->setChosen(chosen);
    sayChosen();
}

// From where choosing began, which is the row in hand at first, to another row, which comes to hand.
void EntryView::chooseTo(int row)
{
    const std::optional<RowKey> key = m_session->state().key();
    if (!key) {
        return;
    }
    if (chosenRows().isEmpty()) {
        m_chosenFrom = *key;
    }
    const auto placeOfKey = [this](const RowKey &wanted) {
        const QList<Row> &rows = m_session->rows().window().rows();
        const auto found = std::find_if(rows.begin(), rows.end(), [&](const Row &each) { return each.key == wanted; });
        return found == rows.end() ? -1 : static_cast<int>(found - rows.begin());
    };
    const int rows = static_cast<int>(m_session->rows().window().rows().size());
    const RowKey to = m_session->rows().window().rows().value(std::clamp(row, 0, rows - 1)).key;
    if (to != *key && !m_session->moves().goToRow(std::clamp(row, 0, rows - 1))) {
        return; // what is typed has to be mended first
    }
    ChosenRows chosen;
    chosen.setRange(m_session->rows().window().rows(), std::max(0, placeOfKey(m_chosenFrom)), placeOfKey(to));
    m_rows->setChosen(chosen);
    sayChosen();
}

// ---------------------------------------------------------------- keys

// With Ctrl, arrows go from box to box whatever the box does with them itself. Gives whether the key was one.
bool EntryView::cellKey(const QObject *box, int key)
{
    if (key == Qt::Key_Up || key == Qt::Key_Down) {
        const int row = m_rows->rowInHand() + (key == Qt::Key_Down ? 1 : -1);
        if (row >= 0 && row < m_rows->rowsInAll()) {
            chooseNoRows();
            goToRow(row);
        }
        return true;
    }
    if (key != Qt::Key_Left && key != Qt::Key_Right) {
        return false;
    }
    QList<QWidget *> boxes;
    for (const ControlId id : cellBoxes(m_form)) {
        if (QWidget *widget = widgetFor(id); widget && widget->focusPolicy() != Qt::NoFocus) {
            boxes.append(widget);
        }
    }
    const auto at = std::find(boxes.begin(), boxes.end(), box);
    const bool isOn = (key == Qt::Key_Right) == !isRightToLeft();
    if (at != boxes.end() && (isOn ? at + 1 != boxes.end() : at != boxes.begin())) {
        (*(isOn ? at + 1 : at - 1))->setFocus(isOn ? Qt::TabFocusReason : Qt::BacktabFocusReason);
    }
    return true;
}

// Keys that go from row to row. Gives whether the key was one.
bool EntryView::rowKey(QObject *watched, int key, Qt::KeyboardModifiers modifiers)
{
    const int row = m_rows->rowInHand();
    const int last = m_rows->rowsInAll() - 1;
    const auto *inBody = qobject_cast<QWidget *>(watched);
    const bool isInRow = inBody && m_rows->isAncestorOf(inBody);
    if (isInRow && modifiers == Qt::ControlModifier && cellKey(watched, key)) {
        return true;
    }
    if (isInRow && modifiers == Qt::ControlModifier && key == Qt::Key_Space) {
        chooseRowInHand();
        return true;
    }
    if (isInRow && modifiers == Qt::ShiftModifier && (key == Qt::Key_Up || key == Qt::Key_Down)) {
        chooseTo(row + (key == Qt::Key_Down ? 1 : -1));
        return true;
    }
    if (modifiers == Qt::NoModifier && (key == Qt::Key_Up || key == Qt::Key_Down)) {
        chooseNoRows();
    }
    // Behind a new row that was filled comes the next blank one, once it is saved.
    const bool isFilled = m_session->state().isNew() && m_session->state().isChanged();
    if (modifiers == Qt::NoModifier && key == Qt::Key_Down) {
        if (row < last) {
            goToRow(row + 1);
        } else if (isFilled && m_session->saving().save()) {
            m_session->moves().add();
        }
        return true;
    }
    if (modifiers == Qt::NoModifier && key == Qt::Key_Up) {
        if (row > 0) {
            goToRow(row - 1);
        }
        return true;
    }
    if (key == Qt::Key_PageDown || key == Qt::Key_PageUp) {
        const int by = key == Qt::Key_PageDown ? m_rows->rowsInSight() : -m_rows->rowsInSight();
        const int most = static_cast<int>(m_session->rows().window().rows().size()) - 1;
        goToRow(std::clamp(row + by, 0, std::max(0, most)));
        readRowsInSight();
        return true;
    }
    // Tab goes on into the next row from the last box, and back from the first.
    const bool isForward = key == Qt::Key_Tab || key == Qt::Key_Return || key == Qt::Key_Enter;
    if (!isForward && key != Qt::Key_Backtab) {
        return false;
    }
    QList<QWidget *> boxes;
    const QList<ControlId> sequence = tabSequence(m_form);
    for (const ControlId id : sequence) {
        const Control *control = m_form.controls.find(id);
        QWidget *box = widgetFor(id);
        if (control->band == BandRole::Body && box && mayStop(*control) && (box->focusPolicy() & Qt::TabFocus)) {
            boxes.append(box);
        }
    }
    if (boxes.isEmpty()) {
        return false;
    }
    if (isForward && watched == boxes.last() && row < last &&
        !(m_session->state().isNew() && !m_session->state().isChanged())) {
        goToRow(row + 1);
        if (m_rows->rowInHand() == row + 1) {
            boxes.first()->setFocus(Qt::TabFocusReason);
        }
        return true;
    }
    if (isForward && watched == boxes.last() && isFilled) {
        if (m_session->saving().save() && m_session->moves().add()) {
            boxes.first()->setFocus(Qt::TabFocusReason);
        }
        return true;
    }
    if (key == Qt::Key_Backtab && watched == boxes.first() && row > 0) {
        goToRow(row - 1);
        if (m_rows->rowInHand() == row - 1) {
            boxes.last()->setFocus(Qt::BacktabFocusReason);
        }
        return true;
    }
    return false;
}

// ---------------------------------------------------------------- cells

// Several cells pasted into a box of a row go into it and those behind and below it, after a look.
bool EntryView::pasteCells(const QObject *box)
{
    const QString text = QApplication::clipboard()->text();
    if (!m_rows || !holdsCells(text)) {
        return false;
    }
    ControlId from = 0;
    for (const auto &[id, editor] : m_editors) {
        const Control &control = editor->control();
        const bool isLong = kindNamed(control.kind).editor == Editor::LongText && !text.contains(u'\t');
        if (editor->widget() == box && control.band == BandRole::Body && !isLong) { // its own lines
            from = id;
        }
    }
    if (from == 0) {
        return false;
    }
    const bool isBlank = m_session->state().isNew();
    if (!isBlank && !m_session->moves().leave()) {
        return true; // what is typed has to be mended first
    }
    const int rows = static_cast<int>(m_session->rows().window().rows().size());
    askAndPaste(*m_session, cellsFromText(text), from, isBlank ? rows : std::max(0, m_rows->rowInHand()), this);
    return true;
}

void EntryView::copyCells()
{
    constexpr int Most = 20'000; // rows, as the window waits for them
    QList<ControlId> boxes = cellBoxes(m_whole);
    if (boxes.isEmpty()) {
        for (const ControlId id : tabSequence(m_whole)) {
            boxes.append(id);
        }
    }
    QList<Row> rows;
    bool hasMore = false;
    if (!chosenRows().isEmpty()) {
        const Result<QList<Row>> chosen = chosenRows().read(*m_session);
        if (!chosen) {
            Q_EMIT m_session->said(chosen.error().sentence);
            return;
        }
        rows = *chosen;
    } else if (m_isTabular) {
        std::optional<RowPlace> place;
        const EntryState &state = m_session->state();
        for (;;) {
            constexpr int Step = 1000;
            const Result<QList<Row>> some = rowsAfter(state.connection, state.source, place, Step);
            if (!some) {
                Q_EMIT m_session->said(some.error().sentence);
                return;
            }
            rows += *some;
            hasMore = rows.size() >= Most && some->size() == Step;
            if (some->size() < Step || hasMore) {
                break;
            }
            place = nabblet::placeOf(state.source, some->last());
        }
    } else if (m_session->state().record.row) {
        rows.append(*m_session->state().record.row);
    }
    QStringList heads;
    for (const ControlId id : std::as_const(boxes)) {
        heads.append(calledFor(m_whole, *m_whole.controls.find(id)));
    }
    Cells cells{heads};
    cells += cellsOf(*m_session, rows, boxes);
    QApplication::clipboard()->setText(textFromCells(cells));
    Q_EMIT m_session->said(
        (hasMore ? tr("The first %1 are on the clipboard, with their heads.") : tr("%1 copied, with their heads."))
            .arg(counted(rows.size(), tr("1 row"), tr("%1 rows"))));
}

} // namespace nabblet
