#include "core/check/checks.h"
#include "core/merge/form_merge.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// What two people changed differently, when their forms were put together.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (int i = 0; i < context.form.undecided.size(); ++i) {
        const Undecided &each = context.form.undecided.at(i);
        Finding finding;
        finding.sentence = undecidedInWords(context.form, each);
        finding.about = each.control + u'/' + each.key;
        for (const Control &control : context.form.controls) {
            finding.control = control.name == each.control ? control.id : finding.control;
        }
        for (const Side side : {Side::Ours, Side::Theirs}) {
            finding.mends.append(
                {side == Side::Ours ? Texts::tr("As it is here") : Texts::tr("As somebody else has it"),
                 [each, side](const CheckContext &now) {
                     const int at = static_cast<int>(now.form.undecided.indexOf(each));
                     const Result<Form> decided = withDecided(now.form, at, side);
                     return decided ? *decided : now.form;
                 }});
        }
        found.append(finding);
    }
    return found;
}

} // namespace

FormCheck undecidedMerges()
{
    return {"undecided merges", Texts::later("What two people changed"), Degree::ToFix, find};
}

} // namespace nabblet
