#include "entry/session/typing.h"

#include "core/kinds/each/jump_list.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/caption_words.h"
#include "core/text/date_words.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

namespace nabblet {

namespace {

// What a person in a hurry means: "+3", "fri" and "now" in boxes for dates and times.
QString meant(const Control &control, const QString &words, const QLocale &locale)
{
    return control.kind == QLatin1String("date")        ? dateMeant(words, locale)
           : control.kind == QLatin1String("time")      ? timeMeant(words)
           : control.kind == QLatin1String("date-time") ? dateTimeMeant(words, locale)
                                                        : words;
}

} // namespace

QString rowsNameOf(const Form &form)
{
    return form.rowsFrom + u'\n' + form.select;
}

void Typing::hasTypedAt(const Control &control)
{
    m_parts.workingOut.bringUpToDate();
    const Question question = m_parts.state.record.question;
    if (question == Question::IsItSo || question == Question::HiddenValues) {
        RecordInHand record = m_parts.state.record; // asked anew, of what is typed now
        record.question = Question::None;
        record.asked.clear();
        m_parts.changes.setRecord(record);
    }
    m_parts.changes.dropMessagesAt(control.id);
    Q_EMIT m_parts.session.pendingChanged();
}

void Typing::type(const Control &control, const QString &words)
{
    const EntryState &state = m_parts.state;
    if (!m_parts.values.mayType(control) || isJumpList(control)) {
        return;
    }
    const QVariant stored = state.valueBeforeTyping(control.column);
    const Kind &kind = kindNamed(control.kind);
    const bool isAsStored = stored.isNull() ? words.isEmpty() : words == kind.words(control, stored, state.locale);
    if (isAsStored) {
        m_parts.changes.dropTyped(control.column);
    } else {
        const Result<QVariant> read = kind.read(control, meant(control, words, state.locale), state.locale);
        const QString mistake = read ? state.whyItDoesNotFit(control, *read) : read.error().sentence;
        m_parts.changes.setTyped(control.column, TypedValue{read ? *read : QVariant(), words, mistake});
    }
    hasTypedAt(control);
}

void Typing::choose(const Control &control, const QVariant &value)
{
    chooseRow(control, {value});
}

void Typing::chooseRow(const Control &control, const QVariantList &values)
{
    const EntryState &state = m_parts.state;
    if (!m_parts.values.mayType(control)) {
        return;
    }
    if (isJumpList(control)) {
        if (!values.isEmpty()) {
            m_parts.moves.goToKey(values); // refused: says so itself
        }
        return;
    }
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList columns = lookup ? lookup->columns : QStringList{control.column};
    for (qsizetype i = 0; i < columns.size(); ++i) {
        const QVariant chosen = values.value(i);
        const QVariant stored = state.valueBeforeTyping(columns.at(i));
        const bool isSame = stored.isNull() == chosen.isNull() && stored.toByteArray() == chosen.toByteArray();
        if (isSame || state.heldTo.columns.contains(columns.at(i))) {
            m_parts.changes.dropTyped(columns.at(i));
        } else {
            m_parts.changes.setTyped(columns.at(i), TypedValue{chosen, QString(), QString()});
        }
    }
    m_parts.values.lookedUp().forgetRows(); // read anew: the row chosen may have been changed meanwhile
    hasTypedAt(control);
}

QString Typing::shapedWhileTyped(const Control &control, const QString &words) const
{
    return m_parts.workingOut.whileTyped(control, words);
}

// Shown as the date that it was taken for, and in the shape of its box.
void Typing::showAsMeant(const Control &control)
{
    const EntryState &state = m_parts.state;
    const TypedValue typed = state.record.typed.value(control.column);
    const bool isMoment = control.kind == QLatin1String("date") || control.kind == QLatin1String("date-time");
    if (typed.words.isEmpty() || !m_parts.values.mayType(control)) {
        return;
    }
    QString words = m_parts.workingOut.inShape(control, typed.words);
    if (isMoment && typed.mistake.isEmpty() && !typed.value.isNull()) {
        words = kindNamed(control.kind).words(control, typed.value, state.locale);
    }
    if (words != typed.words) {
        type(control, words);
    }
}

void Typing::boxLeft(const Control &control)
{
    showAsMeant(control);
    const EntryState &state = m_parts.state;
    const auto pending = state.record.typed.constFind(control.column);
    if (pending == state.record.typed.constEnd()) {
        return;
    }
    const std::optional<FieldMessage> wrong = pending->mistake.isEmpty()
                                                  ? m_parts.workingOut.wrongAt(control)
                                                  : FieldMessage{control.id, pending->mistake, false, Mark::None};
    if (!wrong) {
        return;
    }
    QList<FieldMessage> messages = state.messages;
    messages.removeIf([&](const FieldMessage &message) { return message.control == control.id; });
    messages.append(*wrong);
    m_parts.changes.setMessages(messages);
}

bool Typing::putBack(const Control &control)
{
    bool hadAny = false;
    for (const QString &column : columnsWritten(control)) {
        hadAny = m_parts.changes.dropTyped(column) || hadAny;
    }
    if (hadAny) {
        hasTypedAt(control);
    }
    return hadAny;
}

void Typing::setAside()
{
    const EntryState &state = m_parts.state;
    if (state.isChanged()) {
        RecordInHand record = state.record;
        record.question = Question::None; // asked anew when it is saved
        record.theirs.reset();
        m_setAside.insert(rowsNameOf(state.form), SetAside{state.form.rowsFrom, record, state.source.columns});
    }
}

bool Typing::takeUpSetAside()
{
    const auto found = m_setAside.constFind(rowsNameOf(m_parts.state.form));
    if (found == m_setAside.constEnd()) {
        return false;
    }
    const SetAside kept = *found;
    m_setAside.erase(found);
    m_parts.changes.setRecord(m_parts.state.remapped(kept.record, kept.columns));
    if (m_parts.state.key()) {
        m_parts.place.setPosition(std::nullopt);
        m_parts.reckoning.findPosition();
    }
    return true;
}

QStringList Typing::rowsSetAside() const
{
    QStringList tables;
    for (const SetAside &kept : m_setAside) {
        tables.append(titleFromTable(kept.table));
    }
    tables.sort();
    return tables;
}

} // namespace nabblet
