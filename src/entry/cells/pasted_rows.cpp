#include "entry/cells/pasted_rows.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/text/sums.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/records/writing.h"
#include "entry/session/entry_session.h"
#include "entry/state/next_number.h"
#include "entry/state/record_writing.h"

#include <algorithm>

namespace nabblet {

NABBLET_TEXTS(PastedRows)

namespace {

// Into which box each column of cells goes.
QList<ControlId> boxesFor(const EntrySession &session, const Cells &cells, ControlId from, bool *hasHeads)
{
    const Form &form = session.form();
    const QList<ControlId> all = cellBoxes(form);
    QList<ControlId> boxes;
    // By the words of heads, where most of the first row names some.
    int named = 0;
    for (const QString &head : cells.first()) {
        ControlId found = 0;
        for (const ControlId id : all) {
            const Control &control = *form.controls.find(id);
            const bool isIt = calledFor(form, control).compare(head.simplified(), Qt::CaseInsensitive) == 0 ||
                              control.column.compare(head.simplified(), Qt::CaseInsensitive) == 0;
            found = found == 0 && isIt ? id : found;
        }
        named += found != 0 ? 1 : 0;
        boxes.append(found);
    }
    *hasHeads = cells.size() > 1 && named > 0 && 2 * named >= cells.first().size();
    if (*hasHeads) {
        return boxes;
    }
    boxes.clear();
    qsizetype at = std::max<qsizetype>(0, all.indexOf(from));
    for (qsizetype i = 0; i < cells.first().size(); ++i, ++at) {
        boxes.append(at < all.size() ? all.at(at) : 0);
    }
    return boxes;
}

// The values of a row of a lookup that words mean.
Result<QVariantList> lookedUp(const EntrySession &session, const Control &control, const Lookup &lookup,
                              const QString &words)
{
    constexpr int Enough = 50;
    const Result<QList<LookupRow>> rows =
        lookupRows(session.state().connection, lookup, words, Enough, session.values().heldValues(control));
    if (!rows) {
        return rows.error();
    }
    QList<QVariantList> same;
    for (const LookupRow &row : *rows) {
        const bool isIt = row.words.compare(words, Qt::CaseInsensitive) == 0 ||
                          (row.values.size() == 1 && row.values.first().toString() == words);
        if (isIt) {
            same.append(row.values);
        }
    }
    if (same.isEmpty() && rows->size() == 1) {
        same.append(rows->first().values);
    }
    if (same.size() == 1) {
        return same.first();
    }
    return Error{same.isEmpty() ? Texts::tr("there is no “%1”").arg(words)
                                : Texts::tr("“%1” may be one of several").arg(words),
                 {}};
}

} // namespace

Result<ColumnValues> valuesFor(const EntrySession &session, const Control &control, const QString &cell)
{
    const EntryState &state = session.state();
    const QString words = cell.trimmed();
    if (const std::optional<Lookup> lookup = lookupOf(control)) {
        ColumnValues values;
        QVariantList chosen;
        if (!words.isEmpty()) {
            const Result<QVariantList> found = lookedUp(session, control, *lookup, words);
            if (!found) {
                return found.error();
            }
            chosen = *found;
        }
        for (qsizetype i = 0; i < lookup->columns.size(); ++i) {
            values.insert(lookup->columns.at(i), chosen.value(i));
        }
        return values;
    }
    if (words.isEmpty()) {
        return ColumnValues{{control.column, QVariant()}};
    }
    const Kind &kind = kindNamed(control.kind);
    if (kind.editor == Editor::Tick) {
        static const QStringList yes{QStringLiteral("1"), QStringLiteral("x"), QStringLiteral("yes"),
                                     QStringLiteral("true"), QStringLiteral("✓")};
        static const QStringList no{QStringLiteral("0"), QStringLiteral("no"), QStringLiteral("false"),
                                    QStringLiteral("–"), QStringLiteral("-")};
        const bool isYes = yes.contains(words, Qt::CaseInsensitive);
        if (!isYes && !no.contains(words, Qt::CaseInsensitive)) {
            return Error{Texts::tr("“%1” is neither yes nor no").arg(words), {}};
        }
        return ColumnValues{{control.column, isYes ? 1 : 0}};
    }
    if (const QList<Choice> choices = fixedChoices(control); !choices.isEmpty()) {
        for (const Choice &choice : choices) {
            if (choice.words.compare(words, Qt::CaseInsensitive) == 0 || choice.value.toString() == words) {
                return ColumnValues{{control.column, choice.value}};
            }
        }
        if (!takesNewChoices(control)) {
            return Error{Texts::tr("there is no “%1”").arg(words), {}};
        }
    }
    const bool isNumber =
        control.kind == QLatin1String("whole-number") || control.kind == QLatin1String("decimal-number");
    const QString typed = kind.editor == Editor::LongText ? cell : words;
    const Result<QVariant> read = kind.read(control, isNumber ? sumMeant(typed, state.locale) : typed, state.locale);
    if (!read) {
        return read.error();
    }
    if (const QString wrong = state.whyItDoesNotFit(control, *read); !wrong.isEmpty()) {
        return Error{wrong, {}};
    }
    return ColumnValues{{control.column, *read}};
}

namespace {

Written writeOne(const EntryState &state, const PastedRow &row, const RefusalContext &context)
{
    return row.before ? updateRow(state.connection, state.source, *row.before, row.values, context)
                      : insertRow(state.connection, state.source, row.values, context);
}

QString whyNot(const Written &written)
{
    return written.kind == Written::Refused ? written.refusal.sentence
           : written.kind == Written::Gone  ? Texts::tr("someone deleted this row meanwhile")
                                            : Texts::tr("someone changed this row meanwhile");
}

} // namespace

qsizetype PastedRows::good() const
{
    return std::count_if(rows.begin(), rows.end(), [](const PastedRow &row) { return row.mistake.isEmpty(); });
}

QList<ControlId> cellBoxes(const Form &form)
{
    QList<const Control *> boxes;
    for (const Control &control : form.controls) {
        const Editor editor = kindNamed(control.kind).editor;
        const bool isCell = control.band == BandRole::Body && showsValue(control) && !control.column.isEmpty() &&
                            !control.inner && editor != Editor::Image && editor != Editor::None && !isLocked(control);
        if (isCell) {
            boxes.append(&control);
        }
    }
    std::stable_sort(boxes.begin(), boxes.end(), [](const Control *a, const Control *b) {
        const bool isOneLine = std::abs(a->place.center().y() - b->place.center().y()) < a->place.height() / 2;
        return isOneLine ? a->place.x() < b->place.x() : a->place.y() < b->place.y();
    });
    QList<ControlId> ids;
    for (const Control *each : boxes) {
        ids.append(each->id);
    }
    return ids;
}

PastedRows pastedRows(EntrySession &session, const Cells &cells, ControlId from, int row)
{
    PastedRows pasted;
    if (cells.isEmpty()) {
        return pasted;
    }
    const EntryState &state = session.state();
    pasted.boxes = boxesFor(session, cells, from, &pasted.hasHeads);
    const QList<Row> atHand = session.rows().window().rows();
    const QString counting = countingColumn(state);
    qint64 next = counting.isEmpty() ? 0 : nextNumber(state, counting);
    for (qsizetype i = pasted.hasHeads ? 1 : 0; i < cells.size(); ++i) {
        PastedRow one;
        const qsizetype at = pasted.hasHeads ? atHand.size() : row + i;
        if (at >= 0 && at < atHand.size()) {
            one.before = atHand.at(at);
        }
        for (qsizetype c = 0; c < cells.at(i).size() && c < pasted.boxes.size(); ++c) {
            const Control *control = state.form.controls.find(pasted.boxes.at(c));
            if (!control || (cells.at(i).at(c).trimmed().isEmpty() && !one.before)) {
                continue; // what is left blank in a new row takes what the database has for it
            }
            const Result<ColumnValues> values = valuesFor(session, *control, cells.at(i).at(c));
            if (!values) {
                one.mistake = Texts::tr("%1: %2", "a caption and what is wrong there")
                                  .arg(calledFor(state.form, *control), values.error().sentence);
                break;
            }
            one.values.insert(*values);
        }
        if (!one.before) {
            for (qsizetype h = 0; h < state.heldTo.columns.size(); ++h) {
                one.values.insert(state.heldTo.columns.at(h), state.heldTo.values.value(h));
            }
            // What a new record begins with.
            for (auto start = state.record.startValues.begin();
                 state.isNew() && start != state.record.startValues.end(); ++start) {
                if (!one.values.contains(start.key())) {
                    one.values.insert(start.key(), start.value());
                }
            }
            if (!counting.isEmpty() && !one.values.contains(counting)) {
                one.values.insert(counting, next++);
            }
        }
        pasted.rows.append(one);
    }
    return pasted;
}

Outcome tryPasted(EntrySession &session, PastedRows &rows)
{
    const EntryState &state = session.state();
    if (!state.canAdd() &&
        std::any_of(rows.rows.begin(), rows.rows.end(), [](const PastedRow &row) { return !row.before; })) {
        return Error{Texts::tr("No rows may be added here."), {}};
    }
    const RefusalContext context = refusalContext(state);
    Transaction transaction(state.connection); // undone when it goes
    if (!transaction.hasBegun()) {
        return state.connection.explain(transaction.error());
    }
    for (PastedRow &row : rows.rows) {
        if (row.mistake.isEmpty()) {
            const Written written = writeOne(state, row, context);
            row.mistake = written.kind == Written::Done ? QString() : whyNot(written);
        }
    }
    transaction.rollBack();
    return Done{};
}

Outcome putIn(EntrySession &session, PastedRows &rows)
{
    const EntryState &state = session.state();
    const RefusalContext context = refusalContext(state);
    LastStep step;
    step.kind = LastStep::Several;
    step.source = state.source;
    {
        Transaction transaction(state.connection);
        if (!transaction.hasBegun()) {
            return state.connection.explain(transaction.error());
        }
        for (PastedRow &row : rows.rows) {
            if (!row.mistake.isEmpty()) {
                continue;
            }
            const Written written = writeOne(state, row, context);
            if (written.kind != Written::Done || !written.row) {
                row.mistake = whyNot(written);
                return Error{Texts::tr("Nothing was put in: %1").arg(row.mistake), {}};
            }
            LastStep one;
            one.kind = row.before ? LastStep::Changed : LastStep::Added;
            one.before = row.before.value_or(Row());
            one.after = *written.row;
            one.source = state.source;
            step.together.append(one);
        }
        if (!transaction.commit()) {
            return state.connection.explain(transaction.error());
        }
    }
    step.words = counted(step.together.size(), Texts::tr("1 row"), Texts::tr("%1 rows"));
    session.takeSeveral(step, stepInWords(step) + u'.' + u' ' + Texts::tr("Take back undoes it."));
    return Done{};
}

Cells cellsOf(const EntrySession &session, const QList<Row> &rows, const QList<ControlId> &boxes)
{
    Cells cells;
    for (const Row &row : rows) {
        QStringList line;
        for (const ControlId id : boxes) {
            const Control *control = session.form().controls.find(id);
            const Shown shown = control ? session.values().shownIn(*control, row) : Shown();
            const bool isTick = control && kindNamed(control->kind).editor == Editor::Tick;
            line.append(isTick ? (shown.isMissing ? QString()
                                  : shown.isOn    ? QStringLiteral("1")
                                                  : QStringLiteral("0"))
                               : shown.words);
        }
        cells.append(line);
    }
    return cells;
}

} // namespace nabblet
