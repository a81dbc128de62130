// A form at work, as far as it is about which records are shown: by a box, by the form as the question, by heads.
#include "core/form_settings/behind_last.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "entry/editors/field_editor.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_question.h"
#include "entry/view/record_list.h"
#include "entry/wanted/ask_box.h"
#include "entry/wanted/asking.h"
#include "entry/wanted/kept_questions.h"
#include "entry/wanted/wanted_bar.h"

#include <QApplication>
#include <QSplitter>

namespace nabblet {

EntryView *EntryView::viewInHand() const
{
    const QWidget *focused = QApplication::focusWidget();
    for (QWidget *widget = focused && isAncestorOf(focused) ? const_cast<QWidget *>(focused) : nullptr; widget;
         widget = widget->parentWidget()) {
        if (auto *view = qobject_cast<EntryView *>(widget)) {
            return view;
        }
    }
    return const_cast<EntryView *>(this);
}

const Control *EntryView::boxInHand() const
{
    const QWidget *focused = QApplication::focusWidget();
    for (const auto &[id, editor] : m_editors) {
        const QWidget *widget = editor->widget();
        if (focused && (widget == focused || widget->isAncestorOf(focused)) && editor->isOneBox()) {
            return m_whole.controls.find(id);
        }
    }
    return nullptr;
}

bool EntryView::want(const Wanted &wanted)
{
    const Outcome outcome = m_session->want(wanted);
    if (!outcome) {
        Q_EMIT m_session->said(outcome.error().sentence);
    } else if (wanted.isEmpty()) {
        Q_EMIT m_session->said(tr("All records are shown."));
    }
    return outcome.isOk();
}

void EntryView::askAboutBox()
{
    const EntryView *at = viewInHand();
    const Control *box = at->boxInHand();
    // A box of rows that belong to the record asks for records that have such a row.
    const Control *subform = nullptr;
    for (const auto &[id, editor] : m_editors) {
        if (at != this && editor->widget()->isAncestorOf(at)) {
            subform = m_whole.controls.find(id);
        }
    }
    const bool isBelow = at != this && (!subform || at->viewAround() != this);
    const std::optional<FilterPart> asked = box && !isBelow ? partFor(*box, subform) : std::nullopt;
    if (!asked) {
        Q_EMIT m_session->said(box ? tr("Records cannot be looked for by this box.") : tr("Go into a box first."));
        return;
    }
    AskBoxDialog dialog(*m_session, {*at->session(), *box, subform}, this);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    Wanted wanted = m_session->state().wanted;
    wanted.filter = withPart(wanted.filter, dialog.part());
    want(wanted);
}

void EntryView::askForm()
{
    if (m_question || !m_session->state().isStarted) {
        return;
    }
    QPointer<QWidget> before = QApplication::focusWidget();
    const Result<FormQuestion *> question = FormQuestion::over(m_session, m_appearance, this);
    if (!question) {
        Q_EMIT m_session->said(question.error().sentence);
        return;
    }
    m_question = *question;
    connect(m_question, &FormQuestion::asked, this, [this](const Filter &filter, QString *mistake) {
        Wanted wanted = m_session->state().wanted;
        wanted.filter = filter;
        const Outcome outcome = m_session->want(wanted);
        *mistake = outcome ? QString() : outcome.error().sentence;
    });
    connect(
        m_question, &FormQuestion::ended, this,
        [this, before] {
            if (m_question) {
                m_question->hide();
                m_question->deleteLater();
                m_question = nullptr;
                m_beside->show();
            }
            before ? before->setFocus() : focusFirst();
        },
        Qt::QueuedConnection);
    m_question->setGeometry(rect());
    m_beside->hide(); // for a screen reader as well
    m_question->show();
    m_question->view()->focusFirst();
}

bool EntryView::isAsking() const
{
    return !m_question.isNull();
}

QString EntryView::questionsOf() const
{
    return m_whole.name + u'/' + m_whole.rowsFrom;
}

void EntryView::keepQuestion()
{
    const QString said = askAndKeep(questionsOf(), m_session->state().wanted, m_session->sharedQuestions(), this);
    if (!said.isEmpty()) {
        Q_EMIT m_session->said(said);
    }
}

void EntryView::showKeptQuestions()
{
    if (const std::optional<KeptQuestion> kept =
            askForKeptQuestion(questionsOf(), m_session->sharedQuestions(), this)) {
        want(kept->wanted);
    }
}

void EntryView::sortByBox(bool isDescending)
{
    EntryView *at = viewInHand();
    const Control *box = at->boxInHand();
    if (!box || box->column.isEmpty()) {
        Q_EMIT m_session->said(tr("Go into a box with a value of its own first."));
        return;
    }
    Wanted wanted = at->session()->state().wanted;
    wanted.order = nabblet::sortedBy(wanted.order, *box, isDescending);
    at->want(wanted);
}

// The head of a column of rows: sorts by it, and the other way round where it is the first already.
bool EntryView::pressHead(BandRole role, QPoint at)
{
    if (!m_rows || m_isRowOpen) {
        return false;
    }
    for (const Control &control : m_laidOut.controls) {
        const Control *cell = control.captionFor != 0 ? m_whole.controls.find(control.captionFor) : nullptr;
        if (control.band != role || !cell || cell->band != BandRole::Body || !control.place.contains(at) ||
            cell->column.isEmpty() || !showsValue(*cell)) {
            continue;
        }
        if (headPressed) {
            headPressed(*cell);
            return true;
        }
        Wanted wanted = m_session->state().wanted;
        const bool isFirst = !wanted.order.isEmpty() && wanted.order.first().column == cell->column;
        wanted.order = nabblet::sortedBy({}, *cell, isFirst && !wanted.order.first().isDescending);
        want(wanted);
        return true;
    }
    return false;
}

// A head says that its rows are sorted by it, and which way.
Control EntryView::withOrderShown(const Control &control) const
{
    const Control *cell = m_rows && control.captionFor != 0 ? m_whole.controls.find(control.captionFor) : nullptr;
    Control shown = control;
    for (const WantedOrder &each : cell ? m_session->state().wanted.order : QList<WantedOrder>()) {
        if (each.column == cell->column && cell->band == BandRole::Body) {
            shown.text += each.isDescending ? QStringLiteral(" ▾") : QStringLiteral(" ▴");
            shown.place.setWidth(std::max(shown.place.width(), m_appearance.width(shown.text, TextRole::Caption) + 2));
        }
    }
    return shown;
}

bool EntryView::goOnBehindLast()
{
    switch (m_session->parentSession() ? BehindLast::Strip : behindLast(m_form)) {
    case BehindLast::Strip:
        return false;
    case BehindLast::FirstBox:
        break;
    case BehindLast::NextRecord: {
        RecordMoves &moves = m_session->moves();
        if (moves.canGoOn() ? !moves.goNext() : !m_session->state().canAdd() || !moves.add()) {
            return !m_session->state().messages.isEmpty(); // refused: the keyboard goes to what is wrong
        }
        break;
    }
    case BehindLast::NewRecord:
        if (!m_session->state().canAdd() || !m_session->moves().add()) {
            return !m_session->state().messages.isEmpty();
        }
        break;
    }
    focusFirst();
    return true;
}

bool EntryView::focusRecordList()
{
    if (m_list) {
        m_list->setFocus();
    }
    return m_list;
}

void EntryView::addLike()
{
    if (m_session->moves().addLike()) {
        focusFirst();
    } else {
        Q_EMIT m_session->said(tr("There is no record to add one like it."));
    }
}

} // namespace nabblet
