// What saving a record would write, what stands in its way, and what it means that the database did otherwise, as
// sentences beside the boxes.
#pragma once

#include "data/dialect/dialect.h"
#include "data/records/deletion.h"
#include "entry/state/entry_state.h"

namespace nabblet {

struct ToWrite
{
    ColumnValues changes;
    QList<FieldMessage> mistakes; // where there are some, nothing can be written
};
// table: of the form's rows.
ToWrite whatToWrite(const EntryState &state, const Table &table);

// What the words of refusals are made of; refers to the state, which outlives it.
RefusalContext refusalContext(const EntryState &state);
// Why the database refused the record in hand.
QList<FieldMessage> whyRefused(const EntryState &state, const Refusal &refusal);
// What someone else stored meanwhile, beside the boxes where it differs from what was read.
QList<FieldMessage> whatDiffers(const EntryState &state, const Row &theirRow);

// What a deletion takes along, and whether it can be taken back.
QString deletionInWords(const Deletion &deletion);

} // namespace nabblet
