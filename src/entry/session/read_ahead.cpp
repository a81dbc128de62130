#include "entry/session/read_ahead.h"

#include "entry/reading/row_window.h"
#include "entry/session/entry_session.h"
#include "entry/session/session_parts.h"

#include <QPointer>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Fewest = 4;                // known records on a side, below which more are read
constexpr int AtOnce = 16;               // records
constexpr qsizetype MostBytes = 256'000; // read at once, about
constexpr qsizetype MostKept = 96;       // records
constexpr qsizetype LookedUpAtOnce = 40; // by one statement

qsizetype bytesOf(const Row &row)
{
    qsizetype bytes = 0;
    for (const QVariant &value : row.values) {
        bytes += value.typeId() == QMetaType::QByteArray ? value.toByteArray().size()
                 : value.typeId() == QMetaType::QString  ? 2 * value.toString().size()
                                                         : 8;
    }
    return bytes;
}

} // namespace

ReadAhead::ReadAhead(SessionParts &parts) : m_parts(parts) {}

ReadAhead::~ReadAhead() = default;

bool ReadAhead::isWanted() const
{
    const EntryState &state = m_parts.state;
    return state.connection.isFar() && m_parts.counting == Counting::InBackground && !isTabular(state.form) &&
           !m_parts.session.parentSession() && !state.source.copy && state.record.row && !state.isNew();
}

qsizetype ReadAhead::indexOf(const RowKey &key) const
{
    const auto found = std::find_if(m_rows.begin(), m_rows.end(), [&](const Row &row) { return row.key == key; });
    return found == m_rows.end() ? -1 : found - m_rows.begin();
}

std::optional<Row> ReadAhead::after(const RowKey &key) const
{
    const qsizetype at = indexOf(key);
    return at >= 0 && at + 1 < m_rows.size() ? std::optional(m_rows.at(at + 1)) : std::nullopt;
}

std::optional<Row> ReadAhead::before(const RowKey &key) const
{
    const qsizetype at = indexOf(key);
    return at > 0 ? std::optional(m_rows.at(at - 1)) : std::nullopt;
}

bool ReadAhead::knowsAllOf(const Row &row) const
{
    return m_parts.values.lookedUp().unknown(m_parts.values.lookedForIn(row)).isEmpty();
}

void ReadAhead::forget()
{
    ++m_edition;
    m_rows.clear();
    m_back = {};
    m_on = {};
    forgetBelow();
}

void ReadAhead::readAround()
{
    if (m_parts.state.connection.isFar() && m_parts.counting == Counting::InBackground) {
        readChoices();
    }
    if (!isWanted()) {
        return;
    }
    const Row &inHand = *m_parts.state.record.row;
    qsizetype at = indexOf(inHand.key);
    if (at < 0 && (m_back.isAsked || m_on.isAsked)) {
        return; // it may be among those that come just now
    }
    if (at < 0 || m_rows.size() > MostKept) {
        forget();
        m_rows = {inHand};
        at = 0;
    }
    const int most = static_cast<int>(std::clamp<qsizetype>(MostBytes / (bytesOf(inHand) + 1), 1, AtOnce));
    if (m_rows.size() - 1 - at < std::min(Fewest, most)) {
        ask(true, most);
    }
    if (at < std::min(Fewest, most)) {
        ask(false, most);
    }
    for (const qsizetype beside : {at + 1, at - 1}) {
        if (beside >= 0 && beside < m_rows.size()) {
            readBelow(m_rows.at(beside));
        }
    }
}

// By all that says which rows they are, and what is read of them.
QString ReadAhead::belowKey(ControlId control, const RecordSource &source)
{
    QStringList parts{QString::number(control), source.table, source.columns.join(u'\t')};
    for (const QVariant &value : source.linkValues) {
        parts.append(QString::fromLatin1(value.typeName()) + u'\t' + value.toString());
    }
    for (const SortedBy &by : source.order) {
        parts.append(by.column + (by.isDescending ? u'-' : u'+'));
    }
    parts.append(QString::number(reinterpret_cast<quintptr>(source.filter.get())));
    return parts.join(u'\n');
}

void ReadAhead::readBelow(const Row &row)
{
    constexpr qsizetype MostKeptBelow = 16;
    for (const ChildSessions::RowsWanted &wanted : m_parts.children.rowsOfAnother(row)) {
        const QString key = belowKey(wanted.control, wanted.source);
        qsizetype bytes = 0; // as those of the record in hand
        for (const Row &each : wanted.child->rows().window().rows()) {
            bytes += bytesOf(each);
        }
        if (m_below.contains(key) || m_belowAsked.contains(key) || bytes > MostBytes) {
            continue;
        }
        m_belowAsked.insert(key);
        post([this, key, control = wanted.control, source = wanted.source, edition = m_belowEdition,
              alive = QPointer<EntrySession>(&m_parts.session)](const Connection &connection,
                                                                const BackgroundWork::Report &report) {
            const Result<QList<Row>> rows = rowsAfter(connection, source, {}, RowWindow::Step);
            report([this, key, control, rows, edition, alive] {
                if (!alive) {
                    return;
                }
                m_belowAsked.remove(key);
                if (rows && edition == m_belowEdition) {
                    if (m_below.size() >= MostKeptBelow) {
                        m_below.clear();
                    }
                    m_below.insert(key, *rows);
                    if (EntrySession *child = m_parts.children.made(control)) {
                        child->m_parts->ahead.lookUp(*rows);
                    }
                }
            });
        });
    }
}

bool ReadAhead::knowsRowsBelow(const Row &row) const
{
    const QList<ChildSessions::RowsWanted> wanted = m_parts.children.rowsOfAnother(row);
    return std::all_of(wanted.begin(), wanted.end(), [this](const ChildSessions::RowsWanted &each) {
        const auto known = m_below.constFind(belowKey(each.control, each.source));
        const ReadAhead &own = each.child->m_parts->ahead;
        return known != m_below.constEnd() &&
               std::all_of(known->begin(), known->end(), [&](const Row &below) { return own.knowsAllOf(below); });
    });
}

std::optional<QList<Row>> ReadAhead::firstRows()
{
    EntrySession *parent = m_parts.session.parentSession();
    if (!parent || !m_parts.state.connection.isFar()) {
        return std::nullopt;
    }
    SessionParts &above = *parent->m_parts;
    const QString key = belowKey(above.children.controlOf(m_parts.session), m_parts.state.source);
    const auto known = above.ahead.m_below.find(key);
    if (known == above.ahead.m_below.end()) {
        return std::nullopt;
    }
    const QList<Row> rows = *known;
    above.ahead.m_below.erase(known);
    return rows;
}

void ReadAhead::lookAtRowsAgain()
{
    const RecordSource source = m_parts.state.source;
    const QList<Row> shown = m_parts.rows.window().rows();
    post([this, source, shown, alive = QPointer<EntrySession>(&m_parts.session)](const Connection &connection,
                                                                                 const BackgroundWork::Report &report) {
        const Result<QList<Row>> rows = rowsAfter(connection, source, {}, RowWindow::Step);
        report([this, source, shown, rows, alive] {
            const bool isStillShown =
                alive && m_parts.state.source.linkValues == source.linkValues && m_parts.rows.window().rows() == shown;
            if (isStillShown && rows && *rows != shown) {
                m_parts.session.noticeChanges();
            }
        });
    });
}

void ReadAhead::forgetBelow()
{
    ++m_belowEdition;
    m_below.clear();
}

void ReadAhead::ask(bool isForward, int most)
{
    Side &side = isForward ? m_on : m_back;
    if (side.isAsked || side.isWhole) {
        return;
    }
    side.isAsked = true;
    const RecordSource source = m_parts.state.source;
    const RowPlace from = placeOf(source, isForward ? m_rows.last() : m_rows.first());
    post([this, isForward, most, source, from, edition = m_edition, alive = QPointer<EntrySession>(&m_parts.session)](
             const Connection &connection, const BackgroundWork::Report &report) {
        const Result<QList<Row>> rows =
            isForward ? rowsAfter(connection, source, from, most) : rowsBefore(connection, source, from, most);
        report([this, isForward, most, rows, edition, alive] {
            if (alive && edition == m_edition) {
                take(isForward, most, rows);
            }
        });
    });
}

void ReadAhead::take(bool isForward, int asked, const Result<QList<Row>> &rows)
{
    Side &side = isForward ? m_on : m_back;
    side.isAsked = false;
    if (!rows) {
        return;
    }
    side.isWhole = rows->size() < asked;
    for (const Row &row : *rows) { // nearest first
        isForward ? m_rows.append(row) : m_rows.prepend(row);
    }
    lookUp(*rows);
    readAround();
}

void ReadAhead::lookUp(const QList<Row> &rows)
{
    QList<LookedFor> wanted;
    for (const Row &row : rows) {
        wanted.append(m_parts.values.lookedForIn(row));
    }
    lookUp(wanted, false);
}

void ReadAhead::lookUp(const QList<LookedFor> &all, bool isMissed)
{
    const QList<LookedFor> wanted = m_parts.values.lookedUp().unknown(all);
    for (qsizetype from = 0; from < wanted.size(); from += LookedUpAtOnce) {
        const QList<LookedFor> some = wanted.mid(from, LookedUpAtOnce);
        post(
            [this, some, isMissed, edition = m_edition, alive = QPointer<EntrySession>(&m_parts.session)](
                const Connection &connection, const BackgroundWork::Report &report) {
                const Result<QList<LookedFound>> found = lookTogether(connection, some);
                report([this, some, found, isMissed, edition, alive] {
                    if (!alive) {
                        return;
                    }
                    if (isMissed) { // whatever became of it, it is asked for no more
                        m_parts.values.lookedUp().takeOrReadAlone(some, found);
                        Q_EMIT m_parts.session.valuesRead();
                    } else if (found && edition == m_edition) {
                        m_parts.values.lookedUp().take(some, *found);
                    }
                });
            },
            isMissed ? SteadyWork::Else::Here : SteadyWork::Else::Undone);
    }
}

void ReadAhead::lookAgain()
{
    if (!isWanted()) {
        return;
    }
    const RecordSource source = m_parts.state.source;
    const Row shown = *m_parts.state.record.row;
    const QList<LookedFor> wanted = m_parts.values.lookedForIn(shown);
    work().postLast([this, source, shown, wanted, edition = m_edition,
                     alive = QPointer<EntrySession>(&m_parts.session)](const Connection &connection,
                                                                       const BackgroundWork::Report &report) {
        const MaybeRow now = rowWithKey(connection, source, shown.key);
        const Result<QList<LookedFound>> found =
            wanted.isEmpty() ? Result<QList<LookedFound>>(QList<LookedFound>()) : lookTogether(connection, wanted);
        report([this, shown, wanted, now, found, edition, alive] {
            const bool isStillShown = alive && edition == m_edition && m_parts.state.key() == shown.key;
            if (!isStillShown || !now) {
                return;
            }
            const bool isSame =
                *now && (*now)->values == shown.values && (!found || m_parts.values.lookedUp().areAs(wanted, *found));
            if (!isSame) {
                m_parts.session.noticeChanges();
            }
        });
    });
}

// One connection for a form and all in it.
SteadyWork &ReadAhead::work()
{
    EntrySession *parent = m_parts.session.parentSession();
    if (parent) {
        return parent->m_parts->ahead.work();
    }
    if (!m_work) {
        m_work = std::make_unique<SteadyWork>(m_parts.state.connection);
    }
    return *m_work;
}

void ReadAhead::post(const SteadyWork::Task &task, SteadyWork::Else otherwise)
{
    work().post(task, otherwise);
}

bool ReadAhead::readMissing()
{
    if (!m_parts.state.connection.isFar()) {
        return false;
    }
    LookedUp &lookedUp = m_parts.values.lookedUp();
    const QList<LookedFor> wanted = lookedUp.unknown(lookedUp.takeMissing());
    if (wanted.isEmpty()) { // what was missed besides, such as the lines of an open list, is there now
        Q_EMIT m_parts.session.valuesRead();
    }
    lookUp(wanted, true);
    return true;
}

// The choices of lists that drop down, so that typing narrows what is there already.
void ReadAhead::readChoices()
{
    constexpr int MostChoices = 2000; // of a list; longer ones are asked for as one types
    LookedUp &lookedUp = m_parts.values.lookedUp();
    for (const Control &control : m_parts.state.form.controls) {
        const std::optional<Lookup> lookup = lookupOf(control);
        if (!lookup || kindNamed(control.kind).editor != Editor::Choice || lookedUp.isLarge(*lookup)) {
            continue;
        }
        const ColumnValues held = m_parts.values.heldValues(control);
        const QString key = LookedUp::choicesKey(*lookup, held);
        if (lookedUp.wholeChoices(*lookup, held) || m_choicesAsked.contains(key)) {
            continue;
        }
        m_choicesAsked.insert(key);
        post([this, lookup = *lookup, held, key, edition = lookedUp.choicesEdition(),
              alive = QPointer<EntrySession>(&m_parts.session)](const Connection &connection,
                                                                const BackgroundWork::Report &report) {
            const Result<QList<LookupRow>> rows = lookupRows(connection, lookup, {}, MostChoices, held);
            report([this, lookup, held, rows, key, edition, alive] {
                if (!alive) {
                    return;
                }
                m_choicesAsked.remove(key);
                if (rows && rows->size() < MostChoices && edition == m_parts.values.lookedUp().choicesEdition()) {
                    m_parts.values.lookedUp().takeWhole(lookup, held, *rows);
                }
            });
        });
    }
}

void ReadAhead::beside(const SteadyWork::Task &task)
{
    work().postLast(task);
}

} // namespace nabblet
