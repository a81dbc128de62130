// New controls put on a form from the palette, and one kind of control made of another.
#pragma once

#include "core/arrange/containers.h"
#include "core/catalogue/column_type.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/text_measure.h"

#include <QStringList>

#include <optional>

namespace nabblet {

// What a person places, in the order in which people meet it: a kind of control, or several buttons at once.
struct Placeable
{
    QString name;  // of the kind, of the row of buttons, or what openingButton() gives
    QString title; // for people
};
const QList<Placeable> &placeables();
QString placeableTitle(const QString &name);
// A button that opens another form of the project and bears its title. match: at which of its rows.
Placeable openingButton(const QString &form, const QString &title, const ChildLink &match = {});

struct PlacedControl
{
    Form form;
    ControlId control = 0;   // the new one
    QList<ControlId> others; // that came with it, captions not among them
};

// A picture that is part of the form, such as a logo, with a corner at a place of an area, px relative to its band: as
// large as it is, or smaller where there is less room. It has no caption.
PlacedControl withNewPicture(const Form &form, const QByteArray &image, QSize size, const Area &area, QPoint at);

// A row of buttons made of other actions: laid out anew from where it begins.
PlacedControl withActionsOfRow(const Form &form, const QList<ControlId> &row, const QStringList &actions,
                               const TextMeasure &measure);

// A placeable at a place of an area, px relative to its band; with an empty size, of its usual one. What
// shows a value comes with a caption and is bound to no column yet. It stays inside its area with its caption; others
// make way.
PlacedControl withNewControl(const Form &form, const QString &kind, const Area &area, const QRect &place,
                             const TextMeasure &measure);

// The most that are placed at once.
constexpr int MostAtOnce = 60;

// So many of a kind: in a place that was drawn, a grid of alike ones that fills it, as near to the kind's usual shape
// as may be; without one, one below the other (buttons beside one another) from its corner on.
PlacedControl withNewControls(const Form &form, const QString &kind, int count, const Area &area, const QRect &place,
                              const TextMeasure &measure);

// Where such a control goes when nobody says: below what stands lowest in the area.
PlacedControl withNewControlBelow(const Form &form, const QString &kind, const Area &area, const TextMeasure &measure);

// The kinds that a control can become and still show its column, its own among them. type: of the column; nothing where
// it is bound to none.
QStringList kindsFor(const Control &control, std::optional<ColumnType> type);

// Controls made another kind. They keep their name, place, column, caption and look, and of their settings what the new
// kind has.
Form withKind(const Form &form, const QList<ControlId> &controls, const QString &kind);

} // namespace nabblet
