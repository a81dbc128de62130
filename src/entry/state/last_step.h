// Something that was saved or deleted, by which it can be taken back.
#pragma once

#include "data/records/deletion.h"
#include "data/records/writing.h"
#include "entry/state/entry_state.h"

#include <QDateTime>
#include <QStringList>

namespace nabblet {

struct LastStep
{
    enum Kind { Changed, Added, Deleted, Several } kind = Changed;
    Row before;
    Row after;
    QString words;            // the record, in words
    Deletion deletion;        // of what was deleted
    RecordSource source = {}; // by which before and after were read
    QDateTime at = {};
    QList<LastStep> together = {}; // of several, in the order in which they were done
};

// What a step did, in words: "Saved “Mussel Scar”", and value by value "Hours: 2 → 3".
QString stepInWords(const LastStep &step);
QStringList changesInWords(const LastStep &step, const EntryState &state);

// What taking it back would do, in words: "Take back adding “Mussel Scar”".
QString takeBackInWords(const LastStep &step);
// Takes it back in the database; the row that is in hand then stands in what came of it.
Written writtenBack(const EntryState &state, const LastStep &step);

} // namespace nabblet
