#include "core/check/checks.h"
#include "core/reconcile/proposals.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

Degree degreeOf(ChangeKind kind)
{
    return kind < ChangeKind::LengthChanged ? Degree::ToFix : Degree::ToWeigh;
}

// What changed in the tables since the form was in step with them. What is gone for good has checks of its own.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const ReconcileContext reconciling{context.catalogue, context.measure, context.namingPattern, context.profiles};
    const QList<TableChange> changes = tableChanges(context.form, context.catalogue);
    for (const TableChange &change : changes) {
        const bool isSaidElsewhere =
            change.kind == ChangeKind::TableGone || change.kind == ChangeKind::ColumnGone || !change.path.isEmpty();
        if (isSaidElsewhere) { // forms inside are looked at by themselves
            continue;
        }
        Finding finding;
        finding.sentence = changeInWords(change, context.catalogue);
        finding.about = change.table + u'.' + change.column + u'.' + QString::number(static_cast<int>(change.kind));
        finding.degree = degreeOf(change.kind);
        for (const Control &control : context.form.controls) {
            if (control.column == change.column && !change.column.isEmpty() && finding.control == 0) {
                finding.control = control.id;
            }
        }
        const Proposal proposal = proposalsFor(context.form, {change}, reconciling).first();
        for (int i = 0; i < proposal.alternatives.size(); ++i) {
            finding.mends.append({proposal.alternatives.at(i).words, [change, i](const CheckContext &now) {
                                      return withChangeTaken(
                                          now.form, change, i,
                                          {now.catalogue, now.measure, now.namingPattern, now.profiles});
                                  }});
        }
        finding.mends.append({Texts::tr("Take note of it"), [change](const CheckContext &now) {
                                  return withChangeTaken(now.form, change, -1,
                                                         {now.catalogue, now.measure, now.namingPattern, now.profiles});
                              }});
        found.append(finding);
    }
    return found;
}

} // namespace

FormCheck outOfStep()
{
    return {"out of step", Texts::later("Tables that changed"), Degree::ToFix, find};
}

} // namespace nabblet
