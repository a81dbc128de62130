#include "entry/cells/pasted_rows.h"

#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/rules/checking.h"
#include "core/rules/rules.h"
#include "core/rules/shapes.h"
#include "core/text/spelling.h"
#include "core/text/sums.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/records/writing.h"
#include "entry/session/entry_session.h"
#include "entry/state/next_number.h"
#include "entry/state/record_writing.h"

#include <QRegularExpression>
#include <QSet>

#include <algorithm>

namespace nabblet {

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

Result<ColumnValues> valuesFor(const EntrySession &session, const Control &control, const QString &cell,
                               const std::optional<QLocale> &locale)
{
    const EntryState &state = session.state();
    const QLocale written = locale.value_or(state.locale);
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
    const Result<QVariant> read = kind.read(control, isNumber ? sumMeant(typed, written) : typed, written);
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

namespace {

// What the form's own rules have against a row: a check that does not hold, a box that must not be blank.
QString mistakeByRules(const EntrySession &session, const RuleBook &book, const PastedRow &row)
{
    const EntryState &state = session.state();
    const auto valueOfColumn = [&](const QString &column) {
        const auto given = row.values.constFind(column);
        return given != row.values.constEnd() ? *given
               : row.before                   ? valueOf(state.source, *row.before, column)
                                              : QVariant();
    };
    const WorksOut worksOut = [&](const QString &expression) {
        return session.values().workedOut(expression, valueOfColumn);
    };
    for (const Unheld &check : unheldChecks(state.form, worksOut)) {
        if (!check.asks) {
            return check.sentence;
        }
    }
    for (const Control &control : state.form.controls) {
        if (!book.isAbout(control.id) || control.column.isEmpty()) {
            continue;
        }
        if (const QVariant value = valueOfColumn(control.column); !value.isNull()) {
            QList<const Rule *> shapes;
            for (const int number : book.about(control.id)) {
                const Rule &rule = state.form.rules.at(number);
                if (rule.effect == QLatin1String("shape") && holds(rule, worksOut).value_or(false)) {
                    shapes.append(&rule);
                }
            }
            const bool fits = shapes.isEmpty() || std::any_of(shapes.begin(), shapes.end(), [&](const Rule *shape) {
                                  return hasShape(*shape, value.toString());
                              });
            if (!fits) {
                return Texts::tr("%1: %2", "a caption and what is wrong there")
                    .arg(calledFor(state.form, control), shapeHint(*shapes.first()));
            }
            continue;
        }
        const Shown shown = withRules(state.form, book, control, Shown(), worksOut);
        if (shown.isRequired && !shown.isHidden) {
            return Texts::tr("%1: %2", "a caption and what is wrong there")
                .arg(calledFor(state.form, control), Texts::tr("this must not be blank"));
        }
    }
    return {};
}

// What a row of cells comes to. before: the row that it changes, if any.
PastedRow rowOf(EntrySession &session, const QStringList &cells, const QList<ControlId> &boxes,
                const std::optional<Row> &before, const std::optional<QLocale> &locale = {})
{
    const EntryState &state = session.state();
    PastedRow one{before, {}, {}};
    for (qsizetype c = 0; c < cells.size() && c < boxes.size(); ++c) {
        const Control *control = state.form.controls.find(boxes.at(c));
        if (!control || (cells.at(c).trimmed().isEmpty() && !before)) {
            continue; // what is left blank in a new row takes what the database has for it
        }
        const Result<ColumnValues> values = valuesFor(session, *control, cells.at(c), locale);
        if (!values) {
            one.mistake = Texts::tr("%1: %2", "a caption and what is wrong there")
                              .arg(calledFor(state.form, *control), values.error().sentence);
            break;
        }
        one.values.insert(*values);
    }
    return one;
}

// What a new row has besides.
void beginRow(const EntryState &state, const QString &counting, qint64 &next, PastedRow &row)
{
    for (qsizetype h = 0; h < state.heldTo.columns.size(); ++h) {
        row.values.insert(state.heldTo.columns.at(h), state.heldTo.values.value(h));
    }
    for (auto start = state.record.startValues.begin(); state.isNew() && start != state.record.startValues.end();
         ++start) {
        if (!row.values.contains(start.key())) {
            row.values.insert(start.key(), start.value());
        }
    }
    if (!counting.isEmpty() && !row.values.contains(counting)) {
        row.values.insert(counting, next++);
    }
}

} // namespace

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
    const RuleBook book(state.form);
    for (qsizetype i = pasted.hasHeads ? 1 : 0; i < cells.size(); ++i) {
        const qsizetype at = pasted.hasHeads ? atHand.size() : row + i;
        const bool isThere = at >= 0 && at < atHand.size();
        PastedRow one =
            rowOf(session, cells.at(i), pasted.boxes, isThere ? std::optional(atHand.at(at)) : std::nullopt);
        if (!isThere) {
            beginRow(state, counting, next, one);
        }
        if (one.mistake.isEmpty()) {
            one.mistake = mistakeByRules(session, book, one);
        }
        pasted.rows.append(one);
    }
    return pasted;
}

QList<ControlId> boxesByHeads(const Form &form, const QStringList &heads)
{
    const QList<ControlId> all = cellBoxes(form);
    QList<ControlId> boxes;
    QStringList called;
    for (const ControlId id : all) {
        called.append(calledFor(form, *form.controls.find(id)));
    }
    for (const QString &head : heads) {
        const QString words = head.simplified();
        ControlId found = 0;
        for (qsizetype i = 0; i < all.size(); ++i) {
            const Control &control = *form.controls.find(all.at(i));
            const bool isIt = called.at(i).compare(words, Qt::CaseInsensitive) == 0 ||
                              control.column.compare(words, Qt::CaseInsensitive) == 0;
            found = found == 0 && isIt && !boxes.contains(all.at(i)) ? all.at(i) : found;
        }
        boxes.append(found);
    }
    // By likeness, what is left: a letter in four may be another one, blanks and signs do not count.
    const auto bare = [](const QString &words) {
        QString letters;
        for (const QChar c : words.toLower()) {
            letters += c.isLetterOrNumber() ? QString(c) : QString();
        }
        return letters;
    };
    for (qsizetype h = 0; h < heads.size(); ++h) {
        const QString head = bare(heads.at(h));
        int nearest = static_cast<int>(head.size()) / 4;
        for (qsizetype i = 0; i < all.size() && boxes.at(h) == 0 && !head.isEmpty(); ++i) {
            const Control &control = *form.controls.find(all.at(i));
            const int apart =
                std::min(lettersApart(head, bare(called.at(i))), lettersApart(head, bare(control.column)));
            if (!boxes.contains(all.at(i)) && apart <= nearest) {
                boxes[h] = all.at(i);
            }
        }
    }
    // By whole words, where only one box has all of them: "Price" is the unit price.
    const auto wordsIn = [](const QString &words) {
        const QStringList parted =
            words.toLower().split(QRegularExpression(QStringLiteral("[^\\p{L}\\p{N}]+")), Qt::SkipEmptyParts);
        return QSet<QString>(parted.begin(), parted.end());
    };
    for (qsizetype h = 0; h < heads.size(); ++h) {
        const QSet<QString> head = wordsIn(heads.at(h));
        QList<ControlId> likely;
        for (qsizetype i = 0; i < all.size() && boxes.at(h) == 0 && !head.isEmpty(); ++i) {
            if (!boxes.contains(all.at(i)) && wordsIn(called.at(i)).contains(head)) {
                likely.append(all.at(i));
            }
        }
        if (likely.size() == 1) {
            boxes[h] = likely.first();
        }
    }
    return boxes;
}

PastedRows rowsFromCells(EntrySession &session, const Cells &cells, const QList<ControlId> &boxes, ControlId key,
                         RowsThere there, const std::function<bool(qsizetype)> &goesOn,
                         const std::optional<QLocale> &locale)
{
    PastedRows read;
    read.boxes = boxes;
    read.hasHeads = true;
    const EntryState &state = session.state();
    const QString counting = countingColumn(state);
    qint64 next = counting.isEmpty() ? 0 : nextNumber(state, counting);
    const RuleBook book(state.form);
    const Control *keyBox = state.form.controls.find(key);
    const QStringList keyColumns = keyBox ? columnsWritten(*keyBox) : QStringList();
    for (qsizetype i = 1; i < cells.size() && goesOn(i); ++i) {
        PastedRow one = rowOf(session, cells.at(i), boxes, std::nullopt, locale);
        std::optional<Row> before;
        if (one.mistake.isEmpty() && !keyColumns.isEmpty()) {
            QVariantList values;
            for (const QString &column : keyColumns) {
                values.append(one.values.value(column));
            }
            const Result<QList<Row>> same =
                rowsAfter(state.connection, linkedTo(state.source, keyColumns, values), {}, 2);
            if (!same) {
                one.mistake = same.error().sentence;
            } else if (same->size() > 1) {
                one.mistake =
                    Texts::tr("several rows are there already with that %1").arg(calledFor(state.form, *keyBox));
            } else if (!same->isEmpty()) {
                before = same->first();
            }
        }
        if (before && there == RowsThere::Leave) {
            ++read.left;
            continue;
        }
        if (before) {
            one = rowOf(session, cells.at(i), boxes, before, locale);
            one.values.removeIf([&](const std::pair<const QString &, QVariant &> &each) {
                return valueOf(state.source, *before, each.first) == each.second;
            });
            if (one.mistake.isEmpty() && one.values.isEmpty()) {
                ++read.left; // it is as the file has it
                continue;
            }
        } else {
            beginRow(state, counting, next, one);
        }
        if (one.mistake.isEmpty()) {
            one.mistake = mistakeByRules(session, book, one);
        }
        one.line = i;
        read.rows.append(one);
    }
    return read;
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
