#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Captions without room for their words, or that stand out of the form.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        if (!isCaption(control)) {
            continue;
        }
        if (captionWidth(control, context.measure) > control.place.width()) {
            found.append({control.id,
                          Texts::tr("“%1” has no room for its words.").arg(control.text.simplified()),
                          {},
                          {operates(Texts::tr("Give it room"), QStringLiteral("fit-words"), {control.id})}});
        } else if (control.place.x() < 0 || rightOf(control.place) > context.form.width) {
            found.append({control.id,
                          Texts::tr("“%1” stands out of the form.").arg(control.text.simplified()),
                          {},
                          {brings(Texts::tr("Bring it in"), control.id, roomOf(context.form, areaOf(control)))}});
        }
    }
    return found;
}

} // namespace

FormCheck cutCaptions()
{
    return {"cut captions", Texts::later("Captions without room"), Degree::ToWeigh, find};
}

} // namespace nabblet
