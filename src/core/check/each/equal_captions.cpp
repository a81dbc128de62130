#include "core/check/checks.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <QHash>

namespace nabblet {

namespace {

// Two fields side by side with the same caption, so that nobody can tell which is which.
QList<Finding> find(const CheckContext &context)
{
    QHash<Area, QHash<QString, int>> counts;
    const auto wordsOf = [](const Control &control) { return control.text.simplified().toLower(); };
    const auto isOfField = [&](const Control &control) {
        return isCaption(control) && control.captionFor != 0 && !wordsOf(control).isEmpty();
    };
    for (const Control &control : context.form.controls) {
        if (isOfField(control)) {
            ++counts[areaOf(control)][wordsOf(control)];
        }
    }
    QList<Finding> found;
    QHash<Area, QHash<QString, int>> met;
    for (const Control &control : context.form.controls) {
        if (isOfField(control) && counts[areaOf(control)].value(wordsOf(control)) > 1 &&
            ++met[areaOf(control)][wordsOf(control)] > 1) {
            found.append({control.id, Texts::tr("Two fields are called “%1”.").arg(control.text.simplified()),
                          control.text.simplified()});
        }
    }
    return found;
}

} // namespace

FormCheck equalCaptions()
{
    return {"equal captions", Texts::later("Captions of the same words"), Degree::ToWeigh, find};
}

} // namespace nabblet
