// Drafts: forms made by the program from the catalogue. Needs no interface and no database.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/text/text_measure.h"

#include <QHash>
#include <QString>

#include <optional>

namespace nabblet {

// What is known of the stored values, by table.
using Profiles = QHash<QString, Profile>;

// The form that a plan gives. Columns that the database works out are locked; links become
// lookups that show a name; what belongs together stands together; long text and pictures come last. Every edge of a
// box stands on the grid. Columnar: captions end on an automatic rail, boxes start on it. Stacked: captions stand
// above, boxes start on a rail of their column. Tabular: each column of boxes stands between two rails, with its head
// over it. Rows that belong to each record come as subforms and buttons. profile may be nullptr; boxes are then sized
// by what the columns declare. profiles: of the tables of those rows, as far as they are known.
Form draftForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
               const TextMeasure &measure, const Profiles &profiles = {});

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

// A control that shows a column of the row that a lookup points to; nothing when there is no such link or column.
std::optional<Control> draftFollowed(const Catalogue &catalogue, const Table &table, const PlannedColumn &planned);

// What the form remembers of a column it is bound to.
BoundColumn rememberColumn(const Table &table, const Column &column);

} // namespace nabblet
