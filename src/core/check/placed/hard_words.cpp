#include "core/check/checks.h"
#include "core/looks/colour_words.h"
#include "core/looks/dressing/dress.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// Words of a colour that somebody chose, which are hard to read where they stand.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const Look look = lookNamed(context.looks, context.form.look);
    const Styles styles = allStyles(context.looks);
    for (const Control &control : context.form.controls) {
        if (!isDressed(control)) {
            continue; // words that nobody coloured follow their ground
        }
        const Ground ground = groundUnder(context.form, control, styles);
        if (const auto hard = hardToRead(look, styles, control, ground)) {
            found.append({control.id, Texts::tr("The words of “%1” are hard to read there; the nearest colour that can "
                                                "be read is %2.")
                                          .arg(control.name, colourInWords(hard->nearest))});
        }
    }
    return found;
}

} // namespace

FormCheck hardWords()
{
    return {"hard words", Texts::later("Words that are hard to read"), Degree::ToWeigh, find};
}

} // namespace nabblet
