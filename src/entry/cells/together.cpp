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

NABBLET_TEXTS(Together)

namespace {

constexpr int Most = 5000; // records, as the window waits for them

// All records that are shown; nothing, which is said, where they are too many or cannot be read.
std::optional<QList<Row>> shownRecords(EntrySession &session)
{
    const EntryState &state = session.state();
    const Result<QList<Row>> rows = rowsAfter(state.connection, state.source, {}, Most + 1);
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

void changeTogether(EntrySession &session, const Control &box, QWidget *parent)
{
    if (!session.moves().leave()) {
        return;
    }
    const EntryState &state = session.state();
    if (!state.form.permissions.change || !state.source.isWritable || columnsWritten(box).isEmpty()) {
        Q_EMIT session.said(Texts::tr("These records can only be looked at."));
        return;
    }
    const std::optional<QList<Row>> rows = shownRecords(session);
    if (!rows || rows->isEmpty()) {
        return;
    }
    const QString called = calledFor(state.form, box);
    const QString count = counted(rows->size(), Texts::tr("the 1 record"), Texts::tr("all %1 records"));
    QString typed = session.values().shown(box).words;
    QString mistake;
    std::optional<ColumnValues> values;
    while (!values) {
        const std::optional<QString> words = askForWords(
            parent, Texts::tr("Change together"),
            (mistake.isEmpty() ? QString() : mistake + u'\n') +
                Texts::tr("What is “%1” to be in %2 that are shown? Nothing leaves it blank.").arg(called, count),
            typed);
        if (!words) {
            return;
        }
        typed = *words;
        const Result<ColumnValues> read = valuesFor(session, box, typed);
        values = read ? std::optional(*read) : std::nullopt;
        mistake = read ? QString() : read.error().sentence;
    }
    PastedRows changed;
    for (const Row &row : *rows) {
        bool differs = false;
        for (auto each = values->begin(); each != values->end(); ++each) {
            differs = differs || valueOf(state.source, row, each.key()) != each.value();
        }
        if (differs) {
            changed.rows.append({row, *values, {}});
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
    const int answer =
        ask({Texts::tr("Change together"),
             counted(good, Texts::tr("Set “%1” to “%2” in 1 record?").arg(called, typed),
                     Texts::tr("Set “%1” to “%2” in %3 records?").arg(called, typed, QStringLiteral("%1"))),
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

void deleteTogether(EntrySession &session, QWidget *parent)
{
    const EntryState &state = session.state();
    if (state.wanted.filter.isEmpty()) {
        Q_EMIT session.said(Texts::tr("Narrow the records down first; a whole table is not deleted together."));
        return;
    }
    if (!session.moves().leave() || !state.form.permissions.remove || !state.source.isWritable) {
        return;
    }
    const std::optional<QList<Row>> rows = shownRecords(session);
    if (!rows || rows->isEmpty()) {
        return;
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
        return;
    }
    const int answer =
        ask({Texts::tr("Delete together"),
             counted(good.size(), Texts::tr("Delete the 1 record that is shown?"),
                     Texts::tr("Delete all %1 records that are shown?")),
             (mistakes.isEmpty() ? QString() : reasons(mistakes) + u' ') +
                 Texts::tr("What belongs to them goes along. Take back brings all of it back in one step, unless the "
                           "database does something of its own."),
             {Texts::tr("Delete them"), Texts::tr("Keep them")},
             1,
             1},
            parent);
    if (answer != 0) {
        return;
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
                return;
            }
            canComeBack = canComeBack && deletion && deletion->isComplete && !deletion->rows.isEmpty();
            if (deletion) {
                one.deletion = *deletion;
                step.together.append(one);
            }
        }
        if (!transaction.commit()) {
            Q_EMIT session.said(state.connection.explain(transaction.error()).sentence);
            return;
        }
    }
    const QString sentence = Texts::tr("Deleted %1.").arg(step.words);
    if (!canComeBack) {
        step.together.clear();
    }
    session.takeSeveral(step, canComeBack ? sentence + u' ' + Texts::tr("Take back undoes it.") : sentence);
    (void)session.want({}); // nothing of what was asked for is left
}

} // namespace nabblet
