#include "entry/session/last_step.h"

#include "core/text/tr.h"
#include "data/records/copied_rows.h"
#include "entry/session/record_writing.h"

NABBLET_TEXTS(EntrySession)

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
    }
    return {};
}

Written writtenBack(const EntryState &state, const LastStep &step)
{
    const RefusalContext context = refusalContext(state);
    Written written;
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
        written = deleteRow(state.connection, state.source, step.after, context);
        if (written.kind == Written::Done) {
            const MaybeRow there = lastRow(state.connection, state.source);
            written.row = there ? *there : std::nullopt;
        }
    } else {
        ColumnValues back;
        const ColumnValues before = state.valuesOf(step.before);
        const ColumnValues after = state.valuesOf(step.after);
        for (auto it = before.begin(); it != before.end(); ++it) {
            if (it.value() != after.value(it.key())) {
                back.insert(it.key(), it.value());
            }
        }
        written = updateRow(state.connection, state.source, step.after, back, context);
    }
    return written;
}

} // namespace nabblet
