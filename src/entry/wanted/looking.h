// The records of one form that have words in them, one after the other, for work beside the interface.
#pragma once

#include "entry/wanted/searching.h"

#include <atomic>
#include <functional>

namespace nabblet {

struct Hit
{
    RowKey key;
    QString words;     // of the record
    QStringList where; // the words are
    int distance = 0;  // 0: the record is called so; the farther, the later
};

// What is looked for, and in which rows.
struct Sought
{
    RecordSource rows;
    QString typed;
    QList<SearchedTerm> terms;
    QStringList quick; // columns whose beginnings are found at once
    std::optional<Lookup> naming;
    QLocale locale;
    int most = 0;
};
Sought soughtIn(const EntryState &state, const RecordSource &rows, const QString &typed, int most);

// Tells what it finds, some at a time; a record may be told twice. The error says why it could not go on.
Outcome lookFor(const Connection &connection, const Sought &sought, const std::atomic<bool> &isCancelled,
                const std::function<void(const QList<Hit> &)> &tell);

} // namespace nabblet
