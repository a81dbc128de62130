// How one person has a form: laid over the form as it was built, and laid over it anew when that changes. Controls go
// by their names; what a form has no more is left out, and comes back with it.
#pragma once

#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QHash>
#include <QStringList>

namespace nabblet {

enum class OwnCaptions { AsBuilt, Beside, Above };

struct OwnWay
{
    QStringList hidden;         // boxes that are not shown
    QStringList order;          // of the boxes of rows; those not named follow in the order in which they were built
    QHash<QString, int> widths; // of the boxes of rows, px
    bool isCompact = false;     // rows stand close together
    OwnCaptions captions = OwnCaptions::AsBuilt; // of forms of one record

    bool isEmpty() const { return *this == OwnWay{}; }
    bool operator==(const OwnWay &) const = default;
};

// The boxes that a person may hide, from first to last: those that show a value.
QList<ControlId> boxesToHide(const Form &form);
// The boxes of rows that stand side by side, the leftmost first, whose order and width a person may change; none where
// a row has several lines, and in forms of one record.
QList<ControlId> columnsOfRows(const Form &form);

// The form as that person has it. Boxes and captions that stay in line with one another stay so.
Form inOwnWay(const Form &form, const OwnWay &way, const TextMeasure &measure);

// As JSON and back. What cannot be read is nobody's way: the form stays as it was built.
QByteArray writtenOwnWay(const OwnWay &way);
OwnWay readOwnWay(const QByteArray &written);

} // namespace nabblet
