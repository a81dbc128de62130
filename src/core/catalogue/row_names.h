// What names a row of a table, found by evidence: what its columns are called, what the database says of them, and
// above all what is stored.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QHash>

namespace nabblet {

// What some rows of a table tell of the values of one column.
struct ValueSigns
{
    qint64 rows = 0;       // looked at
    qint64 values = 0;     // that are there and not blank
    qint64 distinct = 0;   // different ones among them
    qint64 words = 0;      // that read as words: mostly letters, with small ones or a blank among them
    qint64 codes = 0;      // that read as codes: one piece, of capitals or with figures
    qint64 characters = 0; // of all values together

    bool operator==(const ValueSigns &) const = default;
};

// Whether a value reads as words, or as a code; a plain number is neither.
bool readsAsWords(const QString &value);
bool readsAsCode(const QString &value);

using TableSigns = QHash<QString, ValueSigns>; // by column

struct Naming
{
    // The columns that tell a row from its likes, the one that names it first; one of them where no two rows share it.
    // Empty for a table without columns.
    QStringList columns;
    // Whether the first of them is more than the best of what there is: rows go by it.
    bool isName = false;
};

// A code never stands before a name. Without signs, by names and structure alone.
Naming namingOf(const Table &table, const TableSigns &signs);
// The table with what names its rows, so that nobody has to find it again; as it is where it has that already.
Table withNaming(const Table &table, const TableSigns &signs = {});

// Whether a column is called as what programs make up: a hash, a token.
bool isMadeByMachine(const Column &column);

constexpr int CalledName = 20;  // of calledAsName(): a column that is called as names are, with a word before it
constexpr int PlainlyName = 40; // and one that is called a name, or as the table itself

// How much a column is called as names are, from -60 (a hash) and -30 (a code, a note) to 50 (a name); 0 says nothing.
int calledAsName(const Table &table, const Column &column);

// Whether the column is called as what only tells rows apart: a number, a code, a key.
bool isCalledCode(const Column &column);

} // namespace nabblet
