#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <QHash>

#include <algorithm>

namespace nabblet {

namespace {

// What stands on top of something else in the same area. A picture or a line may lie under words on purpose.
QList<Finding> find(const CheckContext &context)
{
    QHash<Area, QList<const Control *>> areas;
    for (const Control &control : context.form.controls) {
        if (takesValue(kindNamed(control.kind)) || isCaption(control) || holdsOthers(control) ||
            kindNamed(control.kind).editor != Editor::None) {
            areas[areaOf(control)].append(&control);
        }
    }
    QList<Finding> found;
    for (QList<const Control *> &area : areas) {
        // From top to bottom, each is compared with those below it that it reaches.
        std::sort(area.begin(), area.end(), [](const Control *a, const Control *b) {
            return std::pair(a->place.y(), a->id) < std::pair(b->place.y(), b->id);
        });
        for (qsizetype i = 0; i < area.size(); ++i) {
            for (qsizetype j = i + 1; j < area.size() && area.at(j)->place.y() < bottomOf(area.at(i)->place); ++j) {
                const Control &one = *area.at(i);
                const Control &other = *area.at(j);
                if (overlap(one.place, other.place)) {
                    const Control &above =
                        context.form.controls.indexOf(one.id) > context.form.controls.indexOf(other.id) ? one : other;
                    const Control &below = &above == &one ? other : one;
                    found.append({above.id,
                                  Texts::tr("“%1” covers “%2”.")
                                      .arg(calledFor(context.form, above), calledFor(context.form, below)),
                                  below.name,
                                  {tidies(Texts::tr("Part them"), {one.id, other.id})}});
                }
            }
        }
    }
    std::sort(found.begin(), found.end(), [](const Finding &a, const Finding &b) {
        return std::pair(a.control, a.about) < std::pair(b.control, b.about);
    });
    return found;
}

} // namespace

FormCheck covered()
{
    return {"covered", Texts::later("Controls that cover one another"), Degree::ToFix, find};
}

} // namespace nabblet
