#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Captions whose field is gone, which are read out as if they said something. A heading has a role of its own.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const bool wasOfField =
            isCaption(control) && control.captionFor == 0 && control.role == QLatin1String("caption");
        if ((wasOfField && control.text.trimmed().isEmpty()) ||
            (control.captionFor != 0 && !context.form.controls.find(control.captionFor))) {
            found.append({control.id,
                          Texts::tr("The caption “%1” belongs to no field.").arg(control.text.simplified()),
                          {},
                          {deletes(Texts::tr("Take it away"), {control.id})}});
        }
    }
    return found;
}

} // namespace

FormCheck strayCaptions()
{
    return {"stray captions", Texts::later("Captions without a field"), Degree::ToWeigh, find};
}

} // namespace nabblet
