// What can be done in a form about each change of its tables, and doing it: a function from form to form, which leaves
// handwork as it is.
#pragma once

#include "core/reconcile/what_changed.h"
#include "core/text/text_measure.h"

#include <functional>

namespace nabblet {

struct ReconcileContext
{
    const Catalogue &catalogue;
    const TextMeasure &measure;
    QString namingPattern = QStringLiteral("{kind}_{column}");
    const QHash<QString, Profile> *profiles = nullptr; // as far as they are known
    WordList words = {};                               // of the project, for captions
};

// One way to follow a change.
struct Alternative
{
    QString words;                          // "Bind it to “boat_code”"
    std::function<Form(const Form &)> take; // of the whole form
};

struct Proposal
{
    TableChange change;
    QString sentence;
    QList<Alternative> alternatives; // the likeliest first; empty: there is nothing to do but to take note
    bool isTicked = true;            // proposed to be done
};

QList<Proposal> proposalsFor(const Form &form, const QList<TableChange> &changes, const ReconcileContext &context);

// The form with columns of its table where one box stands: the first takes its place, the others come below it with
// room made. What else used the column uses the first of them.
Form withColumnsInstead(const Form &form, ControlId box, const QStringList &columns, const ReconcileContext &context);

// What somebody decided about each of the proposals.
struct Decision
{
    bool isTaken = true;
    int alternative = 0;
    bool isOpen = false; // nobody was asked: it is met again, also where it is about a new column
};

// The form brought into step: what was taken is done, all else stays. It remembers its columns as they are now; a
// change that was not taken is met again, but new columns that were left out are not.
Form reconciled(const Form &form, const QList<Proposal> &proposals, const QList<Decision> &decisions,
                const ReconcileContext &context);

// The same with what is certain alone.
Form reconciledWhereCertain(const Form &form, const QList<Proposal> &proposals, const ReconcileContext &context);
// The form with one change followed in one way and taken note of; -1: only taken note of.
Form withChangeTaken(const Form &form, const TableChange &change, int alternative, const ReconcileContext &context);

} // namespace nabblet
