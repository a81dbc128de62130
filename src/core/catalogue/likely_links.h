// Links that the database does not declare: what names say, and what stored values say to it.
#pragma once

#include "core/catalogue/catalogue.h"

namespace nabblet {

// What the stored values of a link's columns say to it.
struct LinkEvidence
{
    qint64 values = 0;   // that are there and not blank or 0; of several columns, rows that have them all
    qint64 found = 0;    // of them, those that the other table has
    bool isWhole = true; // every row was looked at; otherwise the first of many
    QString stranger;    // a value that is not there, where some are not
};

struct LikelyLink
{
    TableLink link;
    int points = 0; // by names, 1 to 3
};

// Every link that names suggest and that is not declared. Over one column, best first for each: "queue_id", "QueueId"
// or "queue" against a table of queues, a column called as another table's key. Then those to the whole of a key of
// several columns, where each of them is named.
QList<LikelyLink> linksByName(const Catalogue &catalogue);

// Every link between two tables whose kinds of values allow it: those that names suggest first, points 0 for the
// others, which are over one column each.
QList<LikelyLink> linksBetween(const Catalogue &catalogue, const QString &table, const QString &parent);

// Whether the stored values bear a link out: nearly all are there. Without any values the name alone must be plain.
bool isBorneOut(const LikelyLink &link, const LinkEvidence &evidence);

// "4,210 of 4,210 values are in Queues", in the language and figures of the locale.
QString evidenceInWords(const LikelyLink &link, const LinkEvidence &evidence);

} // namespace nabblet
