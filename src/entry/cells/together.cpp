#include "entry/cells/together.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/records/deletion.h"
#include "entry/cells/pasted_rows.h"
#include "entry/session/entry_session.h"
#include "entry/state/record_writing.h"
#include "entry/theme/ask.h"

#include <QMap>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Most = 5000; // records, as the window waits for them

// The chosen rows, else all records that are shown; nothing, which is said, where they are too many or cannot be read.
std::optional<QList<Row>> recordsMeant(EntrySession &session, const ChosenRows &chosen)
{
    const EntryState &state = session.state();
    const Result<QList<Row>> rows =
        chosen.isEmpty() ? rowsAfter(state.connection, state.source, {}, Most + 1) : chosen.read(session);
    if (!rows) {
        Q_EMIT session.said(rows.error().sentence);
        return {};
    }
    if (rows->size() > Most) {
        Q_EMIT session.said(
            Texts::tr("More than %L1 records are shown; narrow them down before they are changed together.").arg(Most));
        return {};
    }
    return *rows;
}

// The row that is gone to when the chosen ones are no more: the next one below, else above.
std::optional<RowKey> neighbour(const QList<Row> &rows, const ChosenRows &chosen)
{
    std::optional<RowKey> found;
    bool isBehind = false;
    for (const Row &row : rows) {
        if (chosen.contains(row.key)) {
            isBehind = true;
        } else if (isBehind) {
            return row.key;
        } else {
            found = row.key;
        }
    }
    return found;
}

// "3 would not: Hours must be above 0 (2), …".
QString reasons(const QList<QString> &mistakes)
{
    constexpr qsizetype MostNamed = 3;
    QMap<QString, int> counts;
    for (const QString &each : mistakes) {
        ++counts[each];
    }
    QStringList named;
    for (auto each = counts.begin(); each != counts.end() && named.size() < MostNamed; ++each) {
        named.append(
            Texts::tr("%1 (%2)", "a reason and how many records it concerns").arg(each.key()).arg(each.value()));
    }
    return counted(mistakes.size(), Texts::tr("1 record would stay as it is"),
                   Texts::tr("%1 records would stay as they are")) +
           QLatin1String(": ") + named.join(QLatin1String("; ")) +
           (counts.size() > MostNamed ? QStringLiteral("; …") : QStringLiteral("."));
}

} // namespace

namespace {

bool mayChange(EntrySession &session, const Control &box)
{
    const EntryState &state = session.state();
    const bool may = state.form.permissions.change && state.source.isWritable && !columnsWritten(box).isEmpty();
    if (!may) {
        Q_EMIT session.said(Texts::tr("These records can only be looked at."));
    }
    return may;
}

// Puts values into rows once a person has seen what would come of it.
void putInto(EntrySession &session, const Control &box, const QList<Row> &rows, const ColumnValues &values,
             const QString &words, QWidget *parent)
{
    const EntryState &state = session.state();
    const QString called = calledFor(state.form, box);
    PastedRows changed;
    for (const Row &row : rows) {
        bool differs = false;
        for (auto each = values.begin(); each != values.end(); ++each) {
            differs = differs || valueOf(state.source, row, each.key()) != each.value();
        }
        if (differs) {
            changed.rows.append({row, values, {}});
        }
    }
    if (changed.rows.isEmpty()) {
        Q_EMIT session.said(Texts::tr("“%1” is that in all of them already.").arg(called));
        return;
    }
    if (const Outcome tried = tryPasted(session, changed); !tried) {
        Q_EMIT session.said(tried.error().sentence);
        return;
    }
    QStringList mistakes;
    for (const PastedRow &row : std::as_const(changed.rows)) {
        if (!row.mistake.isEmpty()) {
            mistakes.append(row.mistake);
        }
    }
    const qsizetype good = changed.good();
    if (good == 0) {
        Q_EMIT session.said(reasons(mistakes));
        return;
    }
    const QString question =
        words.isEmpty()
            ? counted(good, Texts::tr("Leave “%1” blank in 1 record?").arg(called),
                      Texts::tr("Leave “%1” blank in %2 records?").arg(called, QStringLiteral("%1")))
            : counted(good, Texts::tr("Set “%1” to “%2” in 1 record?").arg(called, words),
                      Texts::tr("Set “%1” to “%2” in %3 records?").arg(called, words, QStringLiteral("%1")));
    const int answer = ask({Texts::tr("Change together"),
                            question,
                            mistakes.isEmpty() ? Texts::tr("Take back undoes it in one step.") : reasons(mistakes),
                            {Texts::tr("Change them"), Texts::tr("Leave them")},
                            1,
                            1},
                           parent);
    if (answer != 0) {
        return;
    }
    if (const Outcome done = putIn(session, changed); !done) {
        Q_EMIT session.said(done.error().sentence);
    }
}

} // namespace

void changeTogether(EntrySession &session, const Control &box, const ChosenRows &chosen, QWidget *parent)
{
    if (!session.moves().leave() || !mayChange(session, box)) {
        return;
    }
    const std::optional<QList<Row>> rows = recordsMeant(session, chosen);
    if (!rows || rows->isEmpty()) {
        return;
    }
    const QString called = calledFor(session.form(), box);
    const QString count =
        chosen.isEmpty()
            ? counted(rows->size(), Texts::tr("the 1 record that is shown"), Texts::tr("all %1 records that are shown"))
            : counted(rows->size(), Texts::tr("the 1 row that is chosen"), Texts::tr("all %1 rows that are chosen"));
    QString typed = session.values().shown(box).words;
    QString mistake;
    std::optional<ColumnValues> values;
    while (!values) {
        const std::optional<QString> words =
            askForWords(parent, Texts::tr("Change together"),
                        (mistake.isEmpty() ? QString() : mistake + u'\n') +
                            Texts::tr("What is “%1” to be in %2? Nothing leaves it blank.").arg(called, count),
                        typed);
        if (!words) {
            return;
        }
        typed = *words;
        const Result<ColumnValues> read = valuesFor(session, box, typed);
        values = read ? std::optional(*read) : std::nullopt;
        mistake = read ? QString() : read.error().sentence;
    }
    putInto(session, box, *rows, *values, typed, parent);
}

void fillDown(EntrySession &session, const Control &box, const ChosenRows &chosen, QWidget *parent)
{
    if (chosen.count() < 2) {
        Q_EMIT session.said(Texts::tr("Choose the rows first, with Shift and the Down key: the first one's value goes "
                                      "into the others."));
        return;
    }
    if (!session.moves().leave() || !mayChange(session, box)) {
        return;
    }
    std::optional<QList<Row>> rows = recordsMeant(session, chosen);
    if (!rows || rows->size() < 2) {
        return;
    }
    const Row first = rows->takeFirst();
    ColumnValues values;
    const QStringList columns = columnsWritten(box);
    for (const QString &column : columns) {
        values.insert(column, valueOf(session.state().source, first, column));
    }
    putInto(session, box, *rows, values, session.values().shownIn(box, first).words, parent);
}

bool deleteTogether(EntrySession &session, const ChosenRows &chosen, QWidget *parent)
{
    const EntryState &state = session.state();
    if (chosen.isEmpty() && state.wanted.filter.isEmpty()) {
        Q_EMIT session.said(Texts::tr("Narrow the records down first; a whole table is not deleted together."));
        return false;
    }
    if (!session.moves().leave()) {
        return false;
    }
    if (!state.form.permissions.remove || !state.source.isWritable) {
        Q_EMIT session.said(Texts::tr("These records cannot be deleted here."));
        return false;
    }
    const std::optional<QList<Row>> rows = recordsMeant(session, chosen);
    if (!rows || rows->isEmpty()) {
        return false;
    }
    const RefusalContext context = refusalContext(state);
    // Tried as a whole first: what would be refused, and what goes along.
    QStringList mistakes;
    QList<Row> good;
    {
        Transaction transaction(state.connection);
        for (const Row &row : *rows) {
            const Written written = deleteRow(state.connection, state.source, row, context);
            if (written.kind == Written::Done) {
                good.append(row);
            } else {
                mistakes.append(written.kind == Written::Refused ? written.refusal.sentence
                                                                 : Texts::tr("someone changed it meanwhile"));
            }
        }
        transaction.rollBack();
    }
    if (good.isEmpty()) {
        Q_EMIT session.said(reasons(mistakes));
        return false;
    }
    const int answer =
        ask({Texts::tr("Delete together"),
             chosen.isEmpty() ? counted(good.size(), Texts::tr("Delete the 1 record that is shown?"),
                                        Texts::tr("Delete all %1 records that are shown?"))
                              : counted(good.size(), Texts::tr("Delete the 1 row that is chosen?"),
                                        Texts::tr("Delete the %1 rows that are chosen?")),
             (mistakes.isEmpty() ? QString() : reasons(mistakes) + u' ') +
                 Texts::tr("What belongs to them goes along. Take back brings all of it back in one step, unless the "
                           "database does something of its own."),
             {Texts::tr("Delete them"), Texts::tr("Keep them")},
             1,
             1},
            parent);
    if (answer != 0) {
        return false;
    }
    LastStep step;
    step.kind = LastStep::Several;
    step.source = state.source;
    step.words = counted(good.size(), Texts::tr("1 record"), Texts::tr("%1 records"));
    bool canComeBack = true;
    {
        Transaction transaction(state.connection);
        for (const Row &row : std::as_const(good)) {
            LastStep one;
            one.kind = LastStep::Deleted;
            const Result<Deletion> deletion = deletionOf(state.connection, state.catalogue, state.source, row.key);
            const Written written = deleteRow(state.connection, state.source, row, context);
            if (written.kind != Written::Done) {
                Q_EMIT session.said(Texts::tr("Nothing was deleted: someone changed the records meanwhile."));
                return false;
            }
            canComeBack = canComeBack && deletion && deletion->isComplete && !deletion->rows.isEmpty();
            if (deletion) {
                one.deletion = *deletion;
                step.together.append(one);
            }
        }
        if (!transaction.commit()) {
            Q_EMIT session.said(state.connection.explain(transaction.error()).sentence);
            return false;
        }
    }
    const QString sentence = Texts::tr("Deleted %1.").arg(step.words);
    if (!canComeBack) {
        step.together.clear();
    }
    const std::optional<RowKey> next = neighbour(session.rows().window().rows(), chosen);
    session.takeSeveral(step, canComeBack ? sentence + u' ' + Texts::tr("Take back undoes it.") : sentence);
    if (chosen.isEmpty()) {
        (void)session.want({}); // nothing of what was asked for is left
    } else if (!session.state().hasRecord()) {
        next ? session.moves().goToKey(*next) : session.moves().goFirst();
    }
    return true;
}

} // namespace nabblet
