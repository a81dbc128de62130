// Checks of a form: conditions that must hold before a record is saved.
#pragma once

#include "core/model/form.h"
#include "core/rules/effects.h"

namespace nabblet {

// A check that does not hold for the record in hand.
struct Unheld
{
    int rule = 0; // its number in Form::rules
    QString sentence;
    QList<ControlId> on; // the boxes concerned; empty: the record as a whole
    bool asks = false;   // whether it is so, and refuses nothing
};

// The checks that do not hold. As with the database's own, one whose columns are blank holds (NULL is not false).
QList<Unheld> unheldChecks(const Form &form, const WorksOut &worksOut);

// The boxes that a check is about: those it stands on, else those that show the columns read by it.
QList<ControlId> boxesOf(const Form &form, const Rule &check, const QStringList &columnsRead);
// Whether a check is about that box alone, so that it can be tried when the keyboard leaves it.
bool isAboutAlone(const Rule &check, const Control &box, const QStringList &columnsRead);

} // namespace nabblet
