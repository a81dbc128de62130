#include "core/check/checks.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

bool isMissing(const FixedPicture &picture)
{
    return picture.image.isEmpty() && !picture.file.isEmpty();
}

// Pictures that the form refers to whose files are gone, or are no pictures that can be read.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const auto lookAt = [&](ControlId at, const FixedPicture &picture) {
        if (isMissing(picture)) {
            found.append({at, Texts::tr("There is no picture %1. Put it there, or choose another.").arg(picture.file),
                          picture.file});
        }
    };
    lookAt(0, context.form.settings.value(setting::GroundImage).picture);
    for (const Band &band : context.form.bands) {
        lookAt(0, band.settings.value(setting::GroundImage).picture);
    }
    for (const Control &control : context.form.controls) {
        lookAt(control.id, control.settings.value(setting::Image));
    }
    return found;
}

} // namespace

FormCheck missingPictures()
{
    return {"missing pictures", Texts::later("Pictures that are missing"), Degree::ToWeigh, find};
}

} // namespace nabblet
