#include "entry/session/entry_session.h"

#include "core/draft/draft.h"
#include "core/text/tr.h"
#include "data/records/copied_rows.h"
#include "data/records/row_filter.h"
#include "data/records/select_source.h"
#include "entry/session/session_parts.h"

#include <algorithm>

namespace nabblet {

namespace {

// What can still be asked: boxes and columns may be gone since it was kept.
Wanted askable(const Wanted &wanted, const EntryState &state, QStringList *gone)
{
    Wanted left = wanted;
    left.filter = {};
    for (const FilterLine &line : wanted.filter.lines) {
        FilterLine parts;
        for (const FilterPart &part : line) {
            const bool isThere = !rowFilterOf(Filter{{{part}}}, state.form, state.catalogue).lines.isEmpty();
            isThere ? parts.append(part) : gone->append(part.column);
        }
        if (!parts.isEmpty()) {
            left.filter.lines.append(parts);
        }
    }
    const Table *table = state.table();
    left.order.removeIf([&](const WantedOrder &each) { return !table || !findColumn(*table, each.column); });
    return left;
}

} // namespace

SessionParts::SessionParts(EntrySession &whole, EntryState atFirst)
    : session(whole), changes(std::move(atFirst), [&whole] { Q_EMIT whole.messagesChanged(); }), state(changes.state()),
      totals([&whole] { Q_EMIT whole.totalsChanged(); }),
      values(state, totals,
             [this] {
                 QMetaObject::invokeMethod(
                     &session, [this] { ahead.readMissing() || session.readMissing(); }, Qt::QueuedConnection);
             }),
      ahead(*this), place([&whole] { Q_EMIT whole.positionChanged(); }), rows(*this), reckoning(*this), inHand(*this),
      workingOut(*this), typing(*this), moves(*this), saving(*this), takingBack(*this), row(*this), children(*this)
{
    values.setBeside([this](const SteadyWork::Task &task) { ahead.beside(task); });
    values.setBelongingReader(
        [this](const QString &table, const QStringList &columns) { return children.rowsOf(table, columns); });
    values.setStoredReader([this](const Row &other, const QString &table, const QStringList &columns) {
        return children.storedRowsOf(other, table, columns);
    });
}

EntrySession::EntrySession(Connection connection, Catalogue catalogue, Form form, QObject *parent)
    : QObject(parent), m_parts(std::make_unique<SessionParts>(
                           *this, EntryState{std::move(connection), std::move(catalogue), std::move(form)}))
{
}

EntrySession::~EntrySession() = default;

const EntryState &EntrySession::state() const
{
    return m_parts->state;
}

const ControlValues &EntrySession::values() const
{
    return m_parts->values;
}

const RecordPlace &EntrySession::place() const
{
    return m_parts->place;
}

std::optional<qint64> EntrySession::position() const
{
    return state().isNew() ? std::nullopt : place().position();
}

bool EntrySession::hasUnsaved() const
{
    const EntrySession *row = m_parts->row.made();
    const QList<EntrySession *> children = m_parts->children.all();
    return state().isChanged() || (row && row->hasUnsaved()) ||
           std::any_of(children.begin(), children.end(), [](const EntrySession *child) { return child->hasUnsaved(); });
}

RowsAtHand &EntrySession::rows() const
{
    return m_parts->rows;
}

RecordMoves &EntrySession::moves() const
{
    return m_parts->moves;
}

Typing &EntrySession::typing() const
{
    return m_parts->typing;
}

Saving &EntrySession::saving() const
{
    return m_parts->saving;
}

TakingBack &EntrySession::takingBack() const
{
    return m_parts->takingBack;
}

ChildSessions &EntrySession::children() const
{
    return m_parts->children;
}

const ReadAhead &EntrySession::readsAhead() const
{
    return m_parts->ahead;
}

EntrySession *EntrySession::row() const
{
    return m_parts->row.get();
}

std::unique_ptr<EntrySession> EntrySession::another(const Form &form, Counting counting) const
{
    auto other = std::make_unique<EntrySession>(state().connection, state().catalogue, form);
    other->setLocale(state().locale);
    other->setFormReader(formReader());
    other->setFormFinder(m_parts->formFinder);
    other->setSharedQuestions(m_parts->sharedQuestions);
    other->setMailSender(mailSender());
    other->m_parts->counting = counting;
    return other;
}

void EntrySession::setLocale(const QLocale &locale)
{
    m_parts->changes.setLocale(locale);
}

void EntrySession::setFormReader(FormReader reader)
{
    m_parts->formReader = std::move(reader);
}

const FormReader &EntrySession::formReader() const
{
    return m_parts->formReader;
}

void EntrySession::setMailSender(MailSender sender)
{
    m_parts->mailSender = std::move(sender);
}

const MailSender &EntrySession::mailSender() const
{
    return m_parent && !m_parts->mailSender.setup ? m_parent->mailSender() : m_parts->mailSender;
}

void EntrySession::setSharedQuestions(SharedQuestions shared)
{
    m_parts->sharedQuestions = std::move(shared);
}

const SharedQuestions &EntrySession::sharedQuestions() const
{
    return m_parts->sharedQuestions;
}

void EntrySession::setFormFinder(FormFinder finder)
{
    m_parts->formFinder = std::move(finder);
}

Form EntrySession::formFor(const Table &table) const
{
    if (m_parts->formFinder) {
        if (const std::optional<Form> own = m_parts->formFinder(table.name)) {
            return *own;
        }
    }
    DraftPlan plan = planDraft(table);
    plan.look = form().look;
    return draftForm(state().catalogue, table, plan, nullptr, FixedTextMeasure());
}

Counting EntrySession::counting() const
{
    return m_parts->counting;
}

Outcome EntrySession::start(Counting counting)
{
    m_parts->counting = counting;
    const Result<Catalogue> catalogue = withSelects(state().connection, state().catalogue, form());
    if (!catalogue) {
        return catalogue.error();
    }
    m_parts->changes.setCatalogue(*catalogue);
    const Result<RecordSource> source = state().wantedSource();
    if (!source) {
        return source.error();
    }
    const Result<RecordSource> ready = readable(state().connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_parts->changes.setSource(*ready);
    m_parts->children.forget();
    m_parts->values.catalogueChanged();
    m_parts->place.forgetRows();
    m_parts->inHand.take({});
    const Outcome read = readFirst();
    if (m_parts->typing.takeUpSetAside()) {
        m_parts->inHand.hasChanged();
        Q_EMIT pendingChanged();
        Q_EMIT positionChanged();
    }
    return read;
}

Outcome EntrySession::readFirst()
{
    m_parts->place.setPosition(0);
    m_parts->rows.forget();
    if (state().heldTo.hasParent && !form().permissions.see) {
        return moves().add() ? Outcome(Done{})
                             : Outcome(Error{tr("People may neither see nor add records with this form."), {}});
    }
    std::optional<Row> first;
    if (state().heldTo.hasParent && isTabular(form())) {
        if (const Outcome read = m_parts->rows.readFirst(); !read) {
            return read.error();
        }
        const QList<Row> &rows = m_parts->rows.window().rows();
        first = rows.isEmpty() ? std::nullopt : std::optional(rows.first());
    } else if (state().heldTo.hasParent) {
        const MaybeRow read = firstRow(state().connection, state().source);
        if (!read) {
            return read.error();
        }
        first = *read;
    }
    m_parts->changes.setRow(first);
    if (!first) {
        m_parts->place.setPosition(std::nullopt);
        // Nothing is there yet: what is typed begins the first record. Previews show that there is none.
        if (m_parts->counting == Counting::InBackground && state().canAdd()) {
            m_parts->inHand.beginNew({});
        }
    }
    m_parts->reckoning.count(false);
    m_parts->reckoning.refreshTotals();
    Q_EMIT rowsChanged();
    m_parts->inHand.hasChanged();
    Q_EMIT positionChanged();
    return Done{};
}

// A preview shows the first rows; of a view or SELECT it copies no more than a screen may hold.
std::optional<int> EntrySession::rowsWanted() const
{
    constexpr int RowsOfAPreview = 300;
    return m_parts->counting == Counting::No ? std::optional(RowsOfAPreview) : std::nullopt;
}

Outcome EntrySession::setForm(const Form &form)
{
    const bool hasOtherRows = rowsNameOf(form) != rowsNameOf(state().form);
    const bool isShownOtherwise = isTabular(form) != isTabular(state().form);
    m_parts->children.setForm(form);
    m_parts->row.setForm(form);
    if (hasOtherRows) {
        m_parts->typing.setAside();
        m_parts->takingBack.forget(); // belongs to rows that are not there any more
        m_parts->changes.setWanted({});
    }
    m_parts->changes.setForm(form);
    m_parts->values.lookedUp().forgetChoices();
    if (!state().isStarted || hasOtherRows) {
        return form.rowsFrom.isEmpty() ? Outcome(Done{}) : start(m_parts->counting);
    }
    QStringList gone;
    const Wanted left = askable(state().wanted, state(), &gone);
    const bool isLess = !state().asThere && !(left == state().wanted);
    if (isLess) { // of boxes that are gone nothing is asked any more, nor said to be
        m_parts->changes.setWanted(left);
    }
    const Outcome taken = takeColumns(isShownOtherwise);
    if (isLess) {
        m_parts->reckoning.count(true);
        Q_EMIT wantedChanged();
    }
    m_parts->children.link(); // by their links as they are now
    return taken;
}

void EntrySession::showForm(const Form &form)
{
    if (state().form == form) {
        return;
    }
    if (const Outcome changed = setForm(form); !changed) {
        m_parts->changes.setMessages({{0, changed.error().sentence}});
    }
}

// The columns that the form needs now, of the same rows.
Outcome EntrySession::takeColumns(bool isShownOtherwise)
{
    const RecordSource before = state().source;
    const Result<RecordSource> source = state().wantedSource();
    if (!source) {
        return source.error();
    }
    const bool isOrderedOtherwise = source->order != before.order;
    const bool isAlike = source->columns == before.columns && source->missing == before.missing &&
                         !isOrderedOtherwise && asksTheSame(*source, before);
    if (isAlike && !isShownOtherwise) {
        m_parts->reckoning.refreshTotals();
        return Done{};
    }
    const Result<RecordSource> ready = readable(state().connection, *source, rowsWanted());
    if (!ready) {
        return ready.error();
    }
    m_parts->ahead.forget();
    m_parts->changes.setSource(*ready);
    // The record has the columns of its source whatever happens: what it holds of them, if it cannot be read again.
    RecordInHand record = state().remapped(state().record, before.columns);
    Outcome again = Done{};
    if (record.row && record.typed.isEmpty()) {
        const MaybeRow read = rowWithKey(state().connection, state().source, record.row->key);
        if (read) {
            record.row = *read;
        } else {
            again = read.error();
        }
    }
    m_parts->changes.setRecord(record);
    m_parts->rows.forget();
    m_parts->values.lookedUp().forgetRows();
    if (isShownOtherwise && isTabular(form()) && !state().key()) {
        if (const Outcome read = m_parts->rows.readFirst(); !read) {
            return read.error();
        }
    }
    m_parts->reckoning.refreshTotals();
    m_parts->inHand.hasChanged();
    if (isOrderedOtherwise) { // the record in hand stays, wherever it stands now
        m_parts->place.setPosition(std::nullopt);
        m_parts->reckoning.count(true);
        Q_EMIT positionChanged();
    }
    return again;
}

void EntrySession::holdTo(const HeldTo &heldTo)
{
    const HeldTo &now = state().heldTo;
    const bool isSame = state().isStarted && heldTo.columns == now.columns && heldTo.values == now.values &&
                        heldTo.hasParent == now.hasParent;
    if (isSame) {
        return;
    }
    const bool wasStarted = state().isStarted;
    m_parts->changes.holdTo(heldTo);
    m_parts->takingBack.forget(); // belongs to the rows of another record
    Outcome read = Done{};
    if (!wasStarted) {
        read = start(m_parts->counting);
    } else {
        m_parts->place.forgetRows();
        if (!state().connection.isFar()) {
            m_parts->values.lookedUp().forgetRows();
        }
        m_parts->inHand.take({});
        read = readFirst();
    }
    if (!read) {
        m_parts->changes.setMessages({{0, read.error().sentence}});
    }
}

Outcome EntrySession::want(const Wanted &wanted)
{
    if (!state().isStarted || wanted == state().wanted) {
        return Done{};
    }
    QStringList gone;
    const Wanted left = askable(wanted, state(), &gone);
    const Outcome shown = left == state().wanted ? Outcome(Done{}) : showWanted(left, nullptr);
    if (shown && !gone.isEmpty()) {
        Q_EMIT said(tr("“%1” cannot be asked any more; the rest is.").arg(gone.join(QStringLiteral("”, “"))));
    }
    return shown;
}

Outcome EntrySession::wantAs(const EntrySession &other)
{
    return !state().isStarted || other.state().wanted == state().wanted
               ? Outcome(Done{})
               : showWanted(other.state().wanted, std::make_shared<const RecordSource>(other.state().source));
}

Outcome EntrySession::showWanted(const Wanted &wanted, const std::shared_ptr<const RecordSource> &asThere)
{
    const Wanted before = state().wanted;
    const auto beforeThere = state().asThere;
    const auto putBack = [&](const Error &error) -> Outcome {
        m_parts->changes.setWanted(before, beforeThere);
        return error;
    };
    m_parts->changes.setWanted(wanted, asThere);
    const Result<RecordSource> source = state().wantedSource();
    if (!source) {
        return putBack(source.error());
    }
    const Result<RecordSource> ready = readable(state().connection, *source, rowsWanted());
    if (!ready) {
        return putBack(ready.error());
    }
    const MaybeRow first = firstRow(state().connection, *ready);
    if (!first || (!*first && !wanted.filter.isEmpty())) {
        return putBack(first ? Error{tr("No record is like that; all that were shown stay."), {}} : first.error());
    }
    // The record in hand, if it is one of them; a copy of keyless rows has other keys.
    bool staysInHand = state().isChanged() || state().isNew();
    if (state().record.row && ready->table == state().source.table && !staysInHand) {
        const Result<bool> fits = isAmong(state().connection, *ready, state().record.row->key);
        staysInHand = fits && *fits;
    }
    const QStringList columns = state().source.columns;
    m_parts->changes.setSource(*ready);
    m_parts->ahead.forget();
    m_parts->changes.setRecord(state().remapped(state().record, columns));
    m_parts->rows.forget();
    m_parts->place.forgetRows();
    m_parts->values.lookedUp().forgetRows();
    m_parts->place.setPosition(std::nullopt);
    if (!staysInHand) {
        m_parts->place.setPosition(0);
        m_parts->inHand.take(*first);
    }
    m_parts->reckoning.count(staysInHand);
    m_parts->reckoning.refreshTotals();
    Q_EMIT wantedChanged();
    Q_EMIT rowsChanged();
    m_parts->inHand.hasChanged();
    Q_EMIT positionChanged();
    return Done{};
}

Outcome EntrySession::setCatalogue(const Catalogue &catalogue)
{
    m_parts->changes.setCatalogue(catalogue);
    m_parts->values.catalogueChanged();
    Outcome outcome = Done{};
    if (!form().rowsFrom.isEmpty()) {
        const Result<Catalogue> whole = withSelects(state().connection, catalogue, form());
        if (!whole) {
            outcome = whole.error();
        } else {
            m_parts->changes.setCatalogue(*whole);
            m_parts->values.catalogueChanged();
            outcome = !state().isStarted && state().table() ? start(m_parts->counting) : takeColumns(true);
        }
    }
    QList<EntrySession *> others = m_parts->children.all();
    others.append(m_parts->row.made() ? QList{m_parts->row.made()} : QList<EntrySession *>());
    for (EntrySession *other : std::as_const(others)) {
        const Outcome taken = other->setCatalogue(catalogue);
        outcome = outcome ? taken : outcome;
    }
    m_parts->changes.setRecordMessage(outcome ? state().missingWords() : outcome.error().sentence);
    return outcome;
}

void EntrySession::availabilityChanged(const QString &sentence)
{
    m_parts->changes.setRecordMessage(state().connection.isReadOnly() ? sentence : QString());
    const QList<EntrySession *> children = m_parts->children.all();
    for (EntrySession *child : children) {
        Q_EMIT child->recordChanged();
    }
    Q_EMIT recordChanged();
    Q_EMIT positionChanged();
}

void EntrySession::readAgain(ChangedBy who)
{
    const std::optional<RowKey> key = state().key();
    if (!key) {
        return;
    }
    m_parts->ahead.forget();
    // What is being changed stays as it was read, so that saving notices what others did there; all else follows.
    QStringList changed;
    const MaybeRow again = rowWithKey(state().connection, state().source, *key);
    if (again && *again && state().record.row && state().record.question == Question::None) {
        Row now = **again;
        const Row before = *state().record.row;
        for (qsizetype i = 0; i < now.values.size() && i < before.values.size(); ++i) {
            const QString column = state().source.columns.value(i);
            if (now.values.at(i) == before.values.at(i)) {
                continue;
            }
            if (state().record.typed.contains(column)) {
                now.values[i] = before.values.at(i);
            } else {
                changed.append(column);
            }
        }
        m_parts->changes.setRow(now);
    }
    m_parts->rows.forget();
    m_parts->values.lookedUp().forgetRows();
    m_parts->values.lookedUp().forgetChoices();
    if (!isTabular(form())) {
        m_parts->values.lookUpRecord();
    }
    const QList<EntrySession *> children = m_parts->children.all();
    for (EntrySession *child : children) {
        child->readAgain(who);
    }
    m_parts->reckoning.refreshTotals();
    m_parts->inHand.hasChanged();
    if (!changed.isEmpty() && who == ChangedBy::Others) {
        Q_EMIT changedElsewhere(changed);
    }
}

void EntrySession::takeSeveral(const LastStep &step, const QString &sentence)
{
    if (!step.together.isEmpty()) {
        m_parts->takingBack.remember(step);
    } else {
        m_parts->takingBack.forgetStep(); // it cannot be
    }
    m_parts->rows.forget();
    m_parts->values.lookedUp().forgetRows();
    if (const std::optional<RowKey> key = state().key()) {
        const MaybeRow again = rowWithKey(state().connection, state().source, *key);
        m_parts->inHand.take(again && *again ? *again : std::nullopt);
    } else if (!step.together.isEmpty()) {
        m_parts->inHand.take(step.together.last().after);
    }
    m_parts->place.setPosition(std::nullopt);
    m_parts->reckoning.count(true);
    m_parts->reckoning.refreshTotals();
    Q_EMIT said(sentence);
    Q_EMIT rowsChanged();
    m_parts->inHand.hasChanged();
    Q_EMIT positionChanged();
}

void EntrySession::noticeChanges()
{
    if (!state().isStarted) {
        return;
    }
    if (!state().isNew()) {
        readAgain(ChangedBy::Others);
    } else {
        m_parts->values.lookedUp().forgetRows();
        m_parts->values.lookedUp().forgetChoices();
        if (isTabular(form()) && m_parts->rows.readFirst()) {
            Q_EMIT rowsChanged();
        }
    }
    m_parts->reckoning.countAgain();
}

bool EntrySession::readMissing()
{
    bool hasRead = m_parts->values.lookedUp().readMissing();
    const QList<EntrySession *> children = m_parts->children.all();
    for (EntrySession *child : children) {
        hasRead = child->readMissing() || hasRead;
    }
    if (hasRead) {
        Q_EMIT valuesRead();
    }
    return hasRead;
}

} // namespace nabblet
