// Drafts: forms made by the program from the catalogue. Needs no interface and no database.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/text/text_measure.h"

#include <QString>

namespace nabblet {

// The form that a plan gives, one record at a time. Columns that the database works out are locked; links become
// lookups that show a name; what belongs together stands together; long text and pictures come last. Every edge of a
// box stands on the grid. Columnar: captions end on an automatic rail, boxes start on it. Stacked: captions stand
// above, boxes start on a rail of their column. profile may be nullptr; boxes are then sized by what the columns
// declare.
Form draftForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
               const TextMeasure &measure);

struct DraftOptions
{
    int columnsOfBoxes = 0; // 1 to 4; 0 chooses by the number of fields
    QString namingPattern = QStringLiteral("{kind}_{column}");
};

// The columnar form that the program proposes for a table when nothing is known of its values.
Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure,
                   const DraftOptions &options = {});

// A control of a kind for a column as a draft would make it, with no place yet: its settings and binding.
Control draftField(const Catalogue &catalogue, const Table &table, const Column &column, const QString &kind,
                   const ColumnProfile *profile);

// What the form remembers of a column it is bound to.
BoundColumn rememberColumn(const Table &table, const Column &column);

// The share of the stored values that their box shows whole, over all boxes of a form that show values as they are
// stored; 1 when there are none.
double shareThatFits(const Form &form, const Profile &profile, const TextMeasure &measure);

// How many pairs of controls of a form cover one another.
int overlaps(const Form &form);

} // namespace nabblet
