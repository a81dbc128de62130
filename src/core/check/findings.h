// All that the checks find in a form and in the forms inside it; putting it right, and leaving it be.
#pragma once

#include "core/check/checks.h"
#include "core/draft/inner_forms.h"

namespace nabblet {

struct Found
{
    const FormCheck *check = nullptr;
    InnerPath path; // to the form inside that it is about; empty for the form itself
    Finding finding;
    bool isLeft = false; // somebody looked at it and leaves it be, …
    QString reason;      // … for this reason

    Degree degree() const { return finding.degree.value_or(check->degree); }
};

// By what a finding is the same as one found before, whatever else changed: check, place and what it is about.
QString keyOf(const Found &found);

// What one check finds, in the forms inside as well.
QList<Found> foundBy(const FormCheck &check, const CheckContext &context);
// What all find: what is to be fixed before what is to be weighed, what is left be last; else as the checks come.
QList<Found> allFound(const CheckContext &context);
// The same order for findings that were gathered check by check.
void sortFindings(QList<Found> &all);

// The form with a finding put right by one of its mends, the first by default.
Form mended(const CheckContext &context, const Found &found, int mend = 0);
// The form with all findings of a check put right, as far as its first mends do that.
Form allMended(const CheckContext &context, const FormCheck &check);

// The form with a finding left be for a reason; without a reason, not any more.
Form withLeftBe(const Form &form, const Found &found, const QString &reason);

struct FindingCounts
{
    int toFix = 0;
    int toWeigh = 0;
};
// Without those left be.
FindingCounts countsOf(const QList<Found> &all);

} // namespace nabblet
