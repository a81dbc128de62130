// The last thing that was saved or deleted, by which it can be taken back.
#pragma once

#include "data/records/deletion.h"
#include "data/records/writing.h"
#include "entry/state/entry_state.h"

namespace nabblet {

struct LastStep
{
    enum Kind { Changed, Added, Deleted } kind = Changed;
    Row before;
    Row after;
    QString words;            // the record, in words
    Deletion deletion;        // of what was deleted
    RecordSource source = {}; // by which before and after were read
};

// What taking it back would do, in words: "Take back adding “Mussel Scar”".
QString takeBackInWords(const LastStep &step);
// Takes it back in the database; the row that is in hand then stands in what came of it.
Written writtenBack(const EntryState &state, const LastStep &step);

} // namespace nabblet
