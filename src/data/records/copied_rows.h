// Rows that nothing names, such as those of a view, are copied into a temporary numbered table to be gone through.
#pragma once

#include "data/dialect/connection.h"
#include "data/records/record_source.h"

#include <optional>

namespace nabblet {

// Makes a source readable: where its rows have no key, copies them into a temporary table of this connection that goes
// with the last copy of the source, at most so many of them where that is said. Where copying all takes too long, the
// first ones are there, and RecordSource::note says so. Sources that have a key are given back as they are.
Result<RecordSource> readable(const Connection &connection, const RecordSource &source,
                              std::optional<int> mostRows = {});

} // namespace nabblet
