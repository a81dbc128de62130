// Forms inside forms: finding one by the controls that lead to it, changing it, and giving a subform its rows.
#pragma once

#include "core/draft/draft_plan.h"
#include "core/text/text_measure.h"

#include <QList>

namespace nabblet {

// The way to a form inside another: the control that holds it, the control in that form that holds the next, and so on.
// An empty one leads to the form itself.
using InnerPath = QList<ControlId>;
// The step of a way that leads to the form of one row of a tabular form.
constexpr ControlId RowFormStep = -1;

// The form at the end of a way; nullptr where it leads nowhere. Valid as long as the form.
const Form *innerAt(const Form &form, const InnerPath &path);
// The form with another one at the end of a way; as it was where that leads nowhere.
Form withInnerAt(const Form &form, const InnerPath &path, const Form &inner);
// The part of a way that leads somewhere.
InnerPath soundPath(const Form &form, const InnerPath &path);

// A subform that shows rows of a table, on a form drafted for them: linked as the child says, its link columns filled
// by themselves and left out. It keeps its place;
// the words of its caption follow unless someone wrote them. catalogue: with the table of those rows.
Form withRowsOf(const Form &form, ControlId subform, const PlannedChild &child, const Catalogue &catalogue,
                const QString &namingPattern, const TextMeasure &measure);

// The same with the first rows by a link that the database declares and that the form does not show yet, those that
// belong to a record alone before others; as it was where there are none. For a subform just placed. of: the table
// whose rows they are to be; empty for any.
Form withRowsThatBelong(const Form &form, ControlId subform, const Catalogue &catalogue, const QString &namingPattern,
                        const TextMeasure &measure, const QString &of = {});
// A subform's caption in other words, unless someone wrote it.
Form withRowsCaption(const Form &form, ControlId subform, const QString &title, const TextMeasure &measure);

// The form with every use of another form's name, in buttons and subforms at any depth, changed to a new one.
Form withFormRenamed(const Form &form, const QString &from, const QString &to);

} // namespace nabblet
