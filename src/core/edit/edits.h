// Edits: pure functions from form to form, named for what they do. Undo keeps the values they give.
#pragma once

#include "core/arrange/containers.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>
#include <QPoint>

namespace nabblet {

// The controls named, with each field its caption and with each container all that is in it; in the order of the
// form, each once.
QList<ControlId> withBelongings(const Form &form, const QList<ControlId> &controls);
// The controls with captions that stand alone among them put as their fields, where both share an area: into a container
// or out of one, a caption goes with its field.
QList<ControlId> fieldsOfCaptions(const Form &form, const QList<ControlId> &controls);

// Whether edges that are moved keep the rails they ride, at another distance, or go by where they come to stand.
enum class RideRule { ByPlace, Kept };

// Moves controls by a distance in px. Fields take their captions along, containers what they hold; a caption named
// alone moves alone. None leaves its band or its container at the top or the left; containers, bands and the form grow
// where they would at the bottom or the right. Edges let
// go of the rails they leave and ride those they come to stand on.
Form moveControls(const Form &form, const QList<ControlId> &controls, QPoint distance,
                  RideRule rule = RideRule::ByPlace);

// The same into another band or container, or out of one: the controls stand where they stood on the form, moved by the
// distance. A container stays where it is rather than go into itself.
Form moveControlsInto(const Form &form, const QList<ControlId> &controls, const Area &area, QPoint distance);

// How far moveControls really goes: the distance, cut where a control would leave its band.
QPoint possibleMove(const Form &form, const QList<ControlId> &controls, QPoint distance);

enum class Edge { Left = 1, Top = 2, Right = 4, Bottom = 8 };
Q_DECLARE_FLAGS(Edges, Edge)

// Moves the given edges of controls by a distance in px; no control gets narrower or lower than 8 px, and none leaves
// its band at the top or the left.
Form resizeControls(const Form &form, const QList<ControlId> &controls, Edges edges, QPoint distance,
                    RideRule rule = RideRule::ByPlace);

// Puts one control at a place, relative to its band. A field's caption moves along.
Form placeControl(const Form &form, ControlId control, const QRect &place);

// Removes controls; a field goes with its caption, a container with all that is in it. Its column stays in the row
// source and can be placed again.
Form deleteControls(const Form &form, const QList<ControlId> &controls);

// Changes the words of a caption. Bindings and names stay as they are.
Form setCaptionText(const Form &form, ControlId caption, const QString &text, const TextMeasure &measure);

// Renames a control. The name is made valid and unique.
Form renameControl(const Form &form, ControlId control, const QString &name);

// Changes one setting of controls ("locked", "prompt", …); an undefined or null value removes it.
Form setControlSetting(const Form &form, const QList<ControlId> &controls, const QString &setting,
                       const QJsonValue &value);

// Gives a form its rows: a table or view, or a SELECT with the name by which its rows go. What is on the form stays,
// bound as it was.
Form setRowSource(const Form &form, const QString &name, const QString &select = {});

// Names every control anew by a pattern ("{kind}_{column}"), in the forms inside it too; names are valid and unique. A
// caption goes by the column of its field, a subform by its table; what has neither keeps its name.
Form renamedByPattern(const Form &form, const QString &pattern);

// Removes the captions of fields, or captions alone; the fields stay.
Form deleteCaptionsOf(const Form &form, const QList<ControlId> &controls);

enum class Crowding { StopsAt, Pushes };

// Changes a band's height, px; it stops at the lowest control in it, or pushes what is there up as far as there is
// room.
Form setBandHeight(const Form &form, BandRole band, int height, Crowding crowding = Crowding::StopsAt);

// Adds an empty header or footer, if there is none.
Form withBand(const Form &form, BandRole band);
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

// Changes the form's width, px; it stops at the rightmost control that does not ride the right edge.
Form setFormWidth(const Form &form, int width);

// A group box, pages or a button that is called by its kind alone gets a name by its words; others keep theirs.
Form withNameByWords(const Form &form, ControlId control, const QString &pattern = QStringLiteral("{kind}_{column}"));

} // namespace nabblet

Q_DECLARE_OPERATORS_FOR_FLAGS(nabblet::Edges)
