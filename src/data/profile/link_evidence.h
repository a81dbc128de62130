// What stored values say to links that the database does not declare.
#pragma once

#include "core/catalogue/likely_links.h"
#include "data/dialect/connection.h"

#include <atomic>
#include <functional>

namespace nabblet {

constexpr qint64 LinkRows = 20000; // of a table are looked at

// Looks whether the values of a link's columns are in the other table. Nothing where that could not be read.
std::optional<LinkEvidence> evidenceOf(const Connection &connection, const Catalogue &catalogue, const TableLink &link);

struct FoundLink
{
    LikelyLink link;
    LinkEvidence evidence;
};

// The links that names suggest and stored values bear out, at most one for a column, and one for
// the same columns together. Long for many tables, so it is
// done beside the interface. Gives what was found so far when isCancelled turns true.
QList<FoundLink> findLinks(const Connection &connection, const Catalogue &catalogue,
                           const std::atomic<bool> &isCancelled);

// How rows of one table may belong to those of another: by names where those say something, else by the values of a
// column that are all there. Best first; none without evidence.
QList<FoundLink> findLinksBetween(const Connection &connection, const Catalogue &catalogue, const QString &table,
                                  const QString &parent, const std::atomic<bool> &isCancelled);

} // namespace nabblet
