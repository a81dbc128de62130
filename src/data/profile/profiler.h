// Profiles of stored values, read from a database.
#pragma once

#include "core/draft/draft_plan.h"
#include "data/dialect/connection.h"

#include <atomic>
#include <functional>

namespace nabblet {

// Up to this many rows are all looked at; of more, about so many spread evenly over the table.
constexpr qint64 ExactProfileRows = 100000;

// Looks through a table's or view's rows. Long for large tables, so it is done beside the interface. progress is told
// the share that is done, 0 to 1. Gives nothing when isCancelled turns true. Of a view, no more than the first
// ExactProfileRows rows are read, since counting it may mean working out all of it. knownWords: what lookups into
// tables show, by the name of the table; looked up there first, and added to.
Result<std::optional<Profile>> profileTable(const Connection &connection, const Catalogue &catalogue,
                                            const Table &table, const std::atomic<bool> &isCancelled,
                                            const std::function<void(double)> &progress = {},
                                            QHash<QString, ColumnProfile> *knownWords = nullptr);

// Looks through the rows of the taken children of a plan, and theirs, and through the rows that its linked columns come
// from; what is known already is not looked at again.
// False when isCancelled turned true.
Result<bool> learnChildren(const Connection &connection, const Catalogue &catalogue, const DraftPlan &plan,
                           Learned &learned, const std::atomic<bool> &isCancelled);

} // namespace nabblet
