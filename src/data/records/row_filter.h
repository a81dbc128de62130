// A filter of people as conditions of the database: which columns of which tables it asks.
#pragma once

#include "core/filter/filter.h"
#include "core/model/form.h"
#include "data/dialect/connection.h"

#include <QStringList>

#include <vector>

namespace nabblet {

struct RecordSource;
struct Statement;

// One part of a filter, found in the tables.
struct RowTest
{
    QStringList columns; // asked, taken together as one text where they are several
    bool isText = true;  // they hold texts, or are several
    QList<FilterCondition> anyOf;
    std::vector<RowTest> tests; // instead: all of these, of one other row

    // Where it is asked of other rows: these columns of the row stand …
    QStringList ofRow;
    // … in those of a row of a table or SELECT.
    QString table;
    QString select;
    QStringList theirs;

    bool operator==(const RowTest &other) const; // of all of it
};

struct RowFilter
{
    QList<QList<RowTest>> lines; // one of them holds, with all in it

    bool operator==(const RowFilter &) const = default;
};

// The filter of a form's rows. What it asks of columns that are gone, and of boxes that show what is worked out, is
// left out and named in leftOut.
RowFilter rowFilterOf(const Filter &filter, const Form &form, const Catalogue &catalogue,
                      QStringList *leftOut = nullptr);

// Whether two sources ask the same of their rows.
bool asksTheSame(const RecordSource &a, const RecordSource &b);

// As a condition on rows that are read as rowsFrom() gives them; empty where it asks nothing.
Statement conditionOf(const Connection &connection, const RowFilter &filter);

// The control that a part asks, and the form that it stands on: the form or a subform of it. Neither where there is
// none.
struct AskedBox
{
    const Control *control = nullptr;
    const Form *form = nullptr;
    const Control *subform = nullptr; // where it is a box of rows that belong to the record
};
AskedBox boxAskedBy(const FilterPart &part, const Form &form);
// The part that asks a box of a form; its conditions are the caller's. Nothing for boxes that cannot be asked: they
// show what is worked out, pictures, or no column. subform: that the box stands in, or nullptr.
std::optional<FilterPart> partFor(const Control &box, const Control *subform);

} // namespace nabblet
