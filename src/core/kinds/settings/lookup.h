// Choices that come from another table, and values that follow such a choice.
#pragma once

#include "core/model/control.h"

#include <optional>

namespace nabblet {

// A column that an open list shows beside the words of each choice.
struct LookupColumn
{
    QString name;
    int width = 0;        // px; 0: as its words need
    QString heading = {}; // may be empty

    bool operator==(const LookupColumn &) const = default;
};

// The choices of a drop-down, a list or a set of options where they come from another table or a SELECT.
struct Lookup
{
    QString table;            // empty with a SELECT
    QStringList valueColumns; // of that table; what is stored
    QStringList wordsColumns; // shown one after the other
    QStringList columns;      // of the form's row, written together; as many as valueColumns

    QString select = {};            // a SELECT of the builder's own whose rows are the choices
    QStringList sort = {};          // columns, those that fall with a minus before them; empty: by the words
    QStringList filterColumns = {}; // of the choices, which must hold …
    QStringList filterBy = {}; // … what stands in these columns of the form's row, as many; a blank one holds none
    QList<LookupColumn> also = {}; // in the open list only
    QString heading = {};          // of the words, in the open list
};
// A column of Lookup::sort. Names that begin with a sign themselves are written with a plus before them.
struct ChoiceOrder
{
    QString name;
    bool isFalling = false;
};
ChoiceOrder choiceOrder(const QString &written);
QString written(const ChoiceOrder &column);
std::optional<Lookup> lookupOf(const Control &control);
void setLookup(Control &control, const Lookup &lookup);

// A control that shows a value of the row that a lookup points to, and follows it.
struct Followed
{
    QStringList columns; // of the form's row, which point to …
    QString table;
    QStringList keyColumns; // … these columns of the other table
    QString column;         // what is shown of its row
};
std::optional<Followed> followedBy(const Control &control);
void setFollowed(Control &control, const Followed &followed);

namespace setting {

extern const ControlSetting<Lookup> Choosing;
extern const ControlSetting<Followed> Follows;

} // namespace setting

} // namespace nabblet
