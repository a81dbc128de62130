// Which kind of control suits a column.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"

namespace nabblet {

// The kind's name, as in core/kinds. What is stored counts where it is known (profile may be nullptr): text of several
// lines or of more than 80 characters becomes long text, addresses a link, a few words in use again and again a
// drop-down that takes new ones too.
QString kindForColumn(const Table &table, const Column &column, const ColumnProfile *profile = nullptr);

// The kind that a column's type alone asks for.
QString kindByType(const Column &column);

// Whether adding a number column up makes sense: an amount or a count, not a key, a rate or a measurement.
bool isAddable(const Table &table, const Column &column);

// Whether a text column holds a few words again and again: at most twelve different ones among sixty or more, each
// eight times on average.
bool holdsFewWords(const ColumnProfile &profile);

// Whether a text column is meant for several lines: no declared length and a name such as "remarks".
bool isMeantForLongText(const Column &column);
// Whether a column of bytes is meant for pictures, by its name and type.
bool isMeantForPictures(const Column &column);
// Whether a text column holds web or e-mail addresses, by its name.
bool isMeantForLinks(const Column &column);

} // namespace nabblet
