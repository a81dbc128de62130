#include "entry/state/last_step.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/records/copied_rows.h"
#include "entry/state/record_writing.h"

#include <algorithm>

namespace nabblet {

QString takeBackInWords(const LastStep &step)
{
    switch (step.kind) {
    case LastStep::Changed:
        return Texts::tr("Take back the change of “%1”").arg(step.words);
    case LastStep::Added:
        return Texts::tr("Take back adding “%1”").arg(step.words);
    case LastStep::Deleted:
        return Texts::tr("Bring “%1” back").arg(step.words);
    case LastStep::Several:
        return Texts::tr("Take back: %1").arg(stepInWords(step));
    }
    return {};
}

QString stepInWords(const LastStep &step)
{
    switch (step.kind) {
    case LastStep::Changed:
        return Texts::tr("Saved “%1”").arg(step.words);
    case LastStep::Added:
        return Texts::tr("Added “%1”").arg(step.words);
    case LastStep::Deleted:
        return Texts::tr("Deleted “%1”").arg(step.words);
    case LastStep::Several: {
        const auto areAll = [&](LastStep::Kind kind) {
            return std::all_of(step.together.begin(), step.together.end(),
                               [&](const LastStep &each) { return each.kind == kind; });
        };
        return (areAll(LastStep::Deleted)   ? Texts::tr("Deleted %1")
                : areAll(LastStep::Changed) ? Texts::tr("Changed %1")
                                            : Texts::tr("Put in %1"))
            .arg(step.words);
    }
    }
    return {};
}

QStringList changesInWords(const LastStep &step, const EntryState &state)
{
    QStringList changes;
    if (step.kind == LastStep::Deleted || step.kind == LastStep::Several) {
        return changes;
    }
    const auto words = [&](const QString &column, const QVariant &value) {
        const Control *control = state.controlFor(column);
        const QString said = control && control->column == column && !value.isNull() && !lookupOf(*control)
                                 ? shownFor(*control, value, state.locale).words
                                 : value.toString();
        return value.isNull() || said.isEmpty() ? Texts::tr("blank") : said;
    };
    for (const QString &column : step.source.columns) {
        const QVariant before = valueOf(step.source, step.before, column);
        const QVariant after = valueOf(step.source, step.after, column);
        if (step.source.readOnly.contains(column) || before == after || !state.controlFor(column)) {
            continue;
        }
        changes.append(
            step.kind == LastStep::Added
                ? Texts::tr("%1: %2", "a caption and a value").arg(state.captionFor(column), words(column, after))
                : Texts::tr("%1: %2 → %3", "a caption, a value and what it became")
                      .arg(state.captionFor(column), words(column, before), words(column, after)));
    }
    return changes;
}

Written writtenBack(const EntryState &state, const LastStep &step)
{
    const RefusalContext context = refusalContext(state);
    Written written;
    if (step.kind == LastStep::Several) {
        Transaction transaction(state.connection, Transaction::Writes::ByOthers);
        for (qsizetype i = step.together.size() - 1; i >= 0; --i) {
            written = writtenBack(state, step.together.at(i));
            if (written.kind != Written::Done) {
                return written; // all of it or nothing
            }
        }
        if (!transaction.commit()) {
            written.kind = Written::Refused;
            written.refusal.sentence = state.connection.explain(transaction.error()).sentence;
        }
        return written;
    }
    if (step.kind == LastStep::Deleted) {
        written = bringBack(state.connection, state.catalogue, step.deletion, context);
        if (written.kind == Written::Done) {
            // By the key of this form's rows, which may be another than the table's own.
            const RecordSource plain = asWritten(state.source);
            const Table *whole = findTable(state.catalogue, state.source.table);
            RowKey key;
            for (const QString &column : plain.keyColumns) {
                key.append(plain.keyIsRowNumber || !whole ? written.row->key.value(key.size())
                                                          : valueOf(recordSourceOf(*whole), *written.row, column));
            }
            const MaybeRow again = rowWithKey(state.connection, state.source, key);
            written.row = again ? *again : std::nullopt;
        }
    } else if (step.kind == LastStep::Added) {
        written = deleteRow(state.connection, step.source, step.after, context);
        if (written.kind == Written::Done) {
            const MaybeRow there = lastRow(state.connection, state.source);
            written.row = there ? *there : std::nullopt;
        }
    } else {
        ColumnValues back;
        for (const QString &column : step.source.columns) {
            const QVariant before = valueOf(step.source, step.before, column);
            if (!step.source.readOnly.contains(column) && before != valueOf(step.source, step.after, column)) {
                back.insert(column, before);
            }
        }
        written = updateRow(state.connection, step.source, step.after, back, context);
    }
    // The form may show other columns since.
    const bool isAsBefore = step.kind != LastStep::Changed && written.kind == Written::Done;
    if (written.row && !isAsBefore && step.source.columns != state.source.columns) {
        written.row = state.remapped(*written.row, step.source.columns);
    }
    return written;
}

} // namespace nabblet
