// Drafts: forms made by the program from the catalogue. Needs no interface and no database.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QString>

namespace nabblet {

struct DraftOptions
{
    int columnsOfBoxes = 0;  // 1 to 4; 0 chooses by the number of fields
    QString namingPattern = QStringLiteral("{kind}_{column}");
};

// A columnar form of one table or view: captions beside their boxes, one record at a time. The identity key is left out
// (the database fills it); columns worked out by the database are locked; links become lookups that show a name;
// long text and pictures come last. Every edge of a box stands on the grid; captions end on an automatic rail, boxes start on it.
Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure,
                   const DraftOptions &options = {});

// A control for a column as a draft would make it, with no place yet: its kind, settings and binding.
Control draftField(const Catalogue &catalogue, const Table &table, const Column &column);

// The width a draft gives to a box when nothing is known of the stored values: by what the column declares. On the grid.
// character: usualCharacter(measure), measured once for all.
int draftWidth(const Catalogue &catalogue, const Column &column, const Control &field, const TextMeasure &measure, int character);

// The width of a usual character in a box, px.
int usualCharacter(const TextMeasure &measure);

// What the form remembers of a column it is bound to.
BoundColumn rememberColumn(const Table &table, const Column &column);

} // namespace nabblet
