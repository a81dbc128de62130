// What goes along when a row is deleted, by the rules of the links that point to it, and bringing all of it back.
#pragma once

#include "data/records/writing.h"

namespace nabblet {

// Rows of one table that are touched when a row is deleted.
struct RowsAlong
{
    QString table;
    qint64 count = 0;
    LinkRule rule = LinkRule::Deletes;
};

// Everything that a deletion takes away, as it stood before.
struct Deletion
{
    struct Taken // a row that is deleted
    {
        QString table;
        Row row; // every column of the table
    };
    struct Loosened // a row whose link is emptied
    {
        QString table;
        RowKey key;
        ColumnValues link; // as it was
    };
    QList<Taken> rows; // parents before what belongs to them; the deleted row itself first
    QList<Loosened> links;
    QList<RowsAlong> along;   // in the order in which they were met, the deleted row itself left out; last those that
                              // keep it from being deleted
    bool isComplete = true;   // false: so many rows go along that they are not kept
    bool hasTriggers = false; // the database does something of its own, which nothing here knows
};

// Reads what deleting a row would take along. source: the rows that it is deleted from; key: as its key columns.
Result<Deletion> deletionOf(const Connection &connection, const Catalogue &catalogue, const RecordSource &source,
                            const RowKey &key);

// Stores everything again, together or not at all. What is done gives the row that was deleted, as its table has it.
Written bringBack(const Connection &connection, const Catalogue &catalogue, const Deletion &deletion,
                  const RefusalContext &context);

// Why the database keeps a row: a sentence that names the tables whose rows point to it or to what would go along.
QString whyItStays(const Connection &connection, const Catalogue &catalogue, const RecordSource &source,
                   const RowKey &key);

} // namespace nabblet
