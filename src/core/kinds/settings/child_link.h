// Rows that belong to the row in hand: what holds them to it, and the form of the project that shows them.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// How the rows of a control's inner form belong to the row in hand.
struct ChildLink
{
    QStringList childColumns;  // of the inner form's rows
    QStringList parentColumns; // of the form's row, as many

    bool operator==(const ChildLink &) const = default;
};
ChildLink childLinkOf(const Control &control); // empty without one
void setChildLink(Control &control, const ChildLink &link);

// The form of the project that a button opens, or that a subform shows from a file of its own, by its name.
QString projectFormOf(const Control &control);

namespace setting {

extern const ControlSetting<ChildLink> Link;
extern const ControlSetting<QString> Opens;

} // namespace setting

} // namespace nabblet
