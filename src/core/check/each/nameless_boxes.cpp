#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/edit/edits.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Whether a box stands right behind another one in its row, whose caption is about both: a number behind its street.
bool standsBehindAnother(const Form &form, const Control &box)
{
    return std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &other) {
        return other.id != box.id && areaOf(other) == areaOf(box) && takesValue(kindNamed(other.kind)) &&
               rightOf(other.place) <= box.place.x() && other.place.y() < bottomOf(box.place) &&
               bottomOf(other.place) > box.place.y();
    });
}

// Boxes without a caption, words or a prompt: nobody sees or hears what they are for.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const bool isNamed = captionOf(context.form, control.id) || !control.text.trimmed().isEmpty() ||
                             !promptOf(control).trimmed().isEmpty();
        // In rows the captions stand over all of them.
        const bool isInRows = isTabular(context.form) && control.band == BandRole::Body;
        if (takesValue(kindNamed(control.kind)) && !control.column.isEmpty() && !isNamed && !isInRows &&
            !standsBehindAnother(context.form, control)) {
            found.append({control.id,
                          Texts::tr("“%1” has no caption; nobody sees or hears what it is for.").arg(control.name),
                          control.column,
                          {sets(Texts::tr("Let a prompt in it say “%1”").arg(calledFor(context.form, control)),
                                {control.id}, [words = calledFor(context.form, control)](ControlSettings &settings) {
                                    settings.set(setting::Prompt, words);
                                })}});
        }
    }
    return found;
}

} // namespace

FormCheck namelessBoxes()
{
    return {"nameless boxes", Texts::later("Boxes without a name"), Degree::ToWeigh, find};
}

} // namespace nabblet
