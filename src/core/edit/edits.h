// Edits: pure functions from form to form, named for what they do. Undo keeps the values they give.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>

#include <functional>

namespace nabblet {

// Other words for captions and all else that shows some, at once: automatic rails stand clear of the longest, and what
// the words would cover makes way. Names stay.
Form withWords(const Form &form, const QHash<ControlId, QString> &words, const TextMeasure &measure);

// Changes the words of a caption. Bindings and names stay as they are.
Form setCaptionText(const Form &form, ControlId caption, const QString &text, const TextMeasure &measure);

// Renames a control. The name is made valid and unique.
Form renameControl(const Form &form, ControlId control, const QString &name);

// Changes the settings of controls.
Form withSettings(const Form &form, const QList<ControlId> &controls,
                  const std::function<void(ControlSettings &settings)> &change);

// Gives a form its rows: a table or view, or a SELECT with the name by which its rows go. What is on the form stays,
// bound as it was.
Form setRowsFrom(const Form &form, const QString &name, const QString &select = {});

// Names every control anew by a pattern ("{kind}_{column}"), in the forms inside it too; names are valid and unique. A
// caption goes by the column of its field, a subform by its table; what has neither keeps its name.
Form renamedByPattern(const Form &form, const QString &pattern);

// Removes the captions of fields, or captions alone; the fields stay.
Form deleteCaptionsOf(const Form &form, const QList<ControlId> &controls);
// Deletes boxes and leaves their captions standing, which belong to none from then on.
Form deleteBoxesOnly(const Form &form, const QList<ControlId> &controls);
// A header or footer that had something in it and has nothing any more goes.
Form withEmptiedBandsClosed(const Form &before, const Form &after);

// The title of the form's window; a heading on the form that had the same words keeps them the same.
Form withTitle(const Form &form, const QString &title, const TextMeasure &measure);

enum class Crowding { StopsAt, Pushes };

// Changes a band's height, px; it stops at the lowest control in it, or pushes what is there up as far as there is
// room.
Form setBandHeight(const Form &form, BandRole band, int height, Crowding crowding = Crowding::StopsAt);

// Adds an empty header or footer, if there is none.
Form withBand(const Form &form, BandRole band);
// A header with the form's title on it.
Form withTitledHeader(const Form &form, const TextMeasure &measure);
// The form with a band that it lacks, as people add one: a header comes with the title.
Form withAddedBand(const Form &form, BandRole role, const TextMeasure &measure);
// Takes a header or footer away, with what stands in it.
Form withoutBand(const Form &form, BandRole band);

// Makes bands and form just large enough for what is on them, with the space that stands at the left and the top kept
// at the right and the bottom, too.
Form trimmed(const Form &form);

// The order in which Tab visits the controls: worked out from where they stand, …
Form withTabOrder(const Form &form, TabOrder order);
// … or as listed.
Form withHandOrder(const Form &form, const QList<ControlId> &order);
// The look of one control given to others: its role and what its settings say of looks.
Form withLookOf(const Form &form, ControlId from, const QList<ControlId> &to);

// A group box, pages or a button that is called by its kind alone gets a name by its words; others keep theirs.
Form withNameByWords(const Form &form, ControlId control, const QString &pattern = QStringLiteral("{kind}_{column}"));

} // namespace nabblet
