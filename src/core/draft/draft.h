// Drafts: forms made by the program from the catalogue. Needs no interface and no database.
#pragma once

#include "core/arrange/containers.h"
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
    WordList words = {}; // of the project, for captions
};

// The columnar form that the program proposes for a table when nothing is known of its values.
Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure,
                   const DraftOptions &options = {});

// A form with a title and room, and nothing on it: its rows and fields come later.
Form blankForm(const QString &title, const QString &look, const TextMeasure &measure);

// The same with the rails of one to four columns of boxes, so that what is dropped later falls into line.
Form patternForm(const QString &title, int columns, const QString &look, const TextMeasure &measure);

// A control of a kind for a column as a draft would make it, with no place yet: its settings and binding.
Control draftField(const Catalogue &catalogue, const Table &table, const Column &column, const QString &kind,
                   const ColumnProfile *profile);

// A control that shows a column of the row that a lookup points to; nothing when there is no such link or column.
std::optional<Control> draftFollowed(const Catalogue &catalogue, const Table &table, const PlannedColumn &planned);

// Where fields that are added come to stand.
struct FieldTarget
{
    // The top left corner of the first box, px relative to its band; without it, the next free place after `after`.
    std::optional<QPoint> at;
    Area area;           // where `at` is; without `at`, a container into which they go
    ControlId after = 0; // 0: below what stands lowest, on the rail where that is highest up
};

struct AddedFields
{
    Form form;
    QList<ControlId> fields; // the new ones, in the order asked for
};

// Columns of the form's rows added as a draft would make them, with their captions, in the order given: an evenly
// spaced block with room for its captions wherever it is put. They take up the column, the line and the rails that are
// there; what is in the way makes way. A form without rails gets one. On a tabular form they come as further columns of
// the row, at its end. Columns that the table does not have, or that the form shows already, are left out.
AddedFields withFields(const Form &form, const Catalogue &catalogue, const Table &table, const QStringList &columns,
                       const FieldTarget &target, const Profile *profile, const QString &namingPattern,
                       const TextMeasure &measure);

// The same for one column in the next free place.
Form withField(const Form &form, const Catalogue &catalogue, const Table &table, const QString &column,
               const QString &namingPattern, const TextMeasure &measure);

// A field bound to another column: it keeps its place, its look and, where it can show the column, its kind; the words
// of its caption follow unless someone wrote them.
Form withColumnChanged(const Form &form, const Catalogue &catalogue, const Table &table, ControlId field,
                       const QString &column, const QString &namingPattern, const TextMeasure &measure);

// What the form remembers of a column it is bound to.
BoundColumn rememberColumn(const Table &table, const Column &column);
// The same with what a draft just made of it, where the form has a box of it.
BoundColumn rememberDrafted(const Form &form, const Table &table, const Column &column);

} // namespace nabblet
