// Records found by words, anywhere in what a form shows of them: what is asked of the database, and where in a record
// that was found the words are.
#pragma once

#include "data/records/search.h"
#include "entry/state/entry_state.h"

namespace nabblet {

// What a person typed, as what is looked for: word by word, but a date of several words as one.
QStringList searchedTerms(const QString &typed, const QLocale &locale);

// One box that is searched for one word.
struct SearchedBox
{
    Control box;
    QString caption;
    QString subform = {}; // that it stands in, by its caption
    FilterPart part;
};
struct SearchedTerm
{
    QString words;
    QList<SearchedBox> boxes; // those that can hold it
    SearchedWord tests;
};
QList<SearchedTerm> searchedIn(const EntryState &state, const QString &typed);

// Where the words are in a record: "Remarks: …frayed rope…". Looks up what lookups show; for work beside the
// interface. empty: in rows that belong to it are those that are nowhere else.
QStringList whereFound(const Connection &connection, const RecordSource &source, const Row &row,
                       const QList<SearchedTerm> &terms, const QLocale &locale);

// The columns whose beginnings are found at once: keys and what is unique, where they hold text.
QStringList quickColumns(const EntryState &state);

} // namespace nabblet
