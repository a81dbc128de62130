#include "entry/session/typing.h"

#include "core/catalogue/unique_columns.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/caption_words.h"
#include "core/text/date_words.h"
#include "core/text/sums.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

namespace {

bool takesNumbers(const Control &control)
{
    return control.kind == QLatin1String("whole-number") || control.kind == QLatin1String("decimal-number");
}

// What a person in a hurry means: "+3", "fri" and "now" in boxes for dates and times, sums in those for numbers.
QString meant(const Control &control, const QString &words, const QLocale &locale)
{
    return control.kind == QLatin1String("date")        ? dateMeant(words, locale)
           : control.kind == QLatin1String("time")      ? timeMeant(words)
           : control.kind == QLatin1String("date-time") ? dateTimeMeant(words, locale)
           : takesNumbers(control)                      ? sumMeant(words, locale)
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

void Typing::chooseRow(const Control &control, const QVariantList &values, const QString &words)
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
    if (!state.connection.isFar()) {
        m_parts.values.lookedUp().forgetRows(); // read anew: the row chosen may have been changed meanwhile
    } else if (lookup && !words.isEmpty()) {
        m_parts.values.lookedUp().know(*lookup, values, words);
    }
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
    const bool isReckoned = takesNumbers(control) && isSum(typed.words, state.locale);
    if ((isMoment || isReckoned) && typed.mistake.isEmpty() && !typed.value.isNull()) {
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

// The record before: the one that a new record was begun from, in rows the one above it, else the one before in order.
std::optional<Row> Typing::rowBefore() const
{
    const EntryState &state = m_parts.state;
    const QList<Row> &rows = m_parts.rows.window().rows();
    if (state.isNew()) {
        return isTabular(state.form) && !rows.isEmpty() ? std::optional(rows.last()) : state.record.beforeNew;
    }
    const std::optional<RowPlace> place = state.place();
    const MaybeRow row =
        place ? nabblet::rowBefore(state.connection, state.source, *place) : MaybeRow(std::optional<Row>());
    return row ? *row : std::nullopt;
}

bool Typing::takeFrom(const Row &row, const Control &control)
{
    if (!m_parts.values.mayType(control) || isJumpList(control) || control.inner) {
        return false;
    }
    QVariantList values;
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList columns = lookup ? lookup->columns : QStringList{control.column};
    for (const QString &column : columns) {
        if (!m_parts.state.source.columns.contains(column)) {
            return false;
        }
        values.append(valueOf(m_parts.state.source, row, column));
    }
    chooseRow(control, values);
    return true;
}

bool Typing::repeat(const Control &control)
{
    const std::optional<Row> before = rowBefore();
    return before && takeFrom(*before, control);
}

bool Typing::repeatBlank()
{
    const std::optional<Row> before = rowBefore();
    const Table *table = m_parts.state.table();
    bool hasAny = false;
    for (const Control &control : before ? m_parts.state.form.controls : ControlList()) {
        const QStringList written = columnsWritten(control);
        const bool isKey = std::any_of(written.begin(), written.end(),
                                       [&](const QString &column) { return table && isOnlyOnce(*table, column); });
        const bool isBlank = std::all_of(written.begin(), written.end(), [&](const QString &column) {
            return m_parts.state.value(column).isNull() && !m_parts.state.record.typed.contains(column);
        });
        if (!written.isEmpty() && !isKey && isBlank && takeFrom(*before, control)) {
            hasAny = true;
        }
    }
    return hasAny;
}

bool Typing::putInWords(const Control &control, const QString &words)
{
    if (!m_parts.values.mayType(control)) {
        return false;
    }
    type(control, words);
    showAsMeant(control);
    return true;
}

bool Typing::putInToday(const Control &control)
{
    const bool isDay = control.kind == QLatin1String("date") || control.kind == QLatin1String("date-time");
    return isDay && putInWords(control, QStringLiteral("today"));
}

bool Typing::putInNow(const Control &control)
{
    const bool isMoment = control.kind == QLatin1String("date") || control.kind == QLatin1String("date-time") ||
                          control.kind == QLatin1String("time");
    return isMoment && putInWords(control, QStringLiteral("now"));
}

void Typing::keepForNext(const Control &control, bool keeps)
{
    QStringList columns = m_parts.state.keptForNext;
    for (const QString &column : columnsWritten(control)) {
        columns.removeAll(column);
        if (keeps) {
            columns.append(column);
        }
    }
    m_parts.changes.setKeptForNext(columns);
    Q_EMIT m_parts.session.pendingChanged();
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
