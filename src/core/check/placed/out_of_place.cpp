#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"

#include <QHash>

namespace nabblet {

namespace {

// What stands out of its container, its band or the form, where a window does not show it. Captions have a check of
// their own.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    QHash<Area, QRect> rooms;
    for (const Control &control : context.form.controls) {
        if (isCaption(control)) {
            continue;
        }
        const Area area = areaOf(control);
        const Control *container = area.container == 0 ? nullptr : context.form.controls.find(area.container);
        if (!rooms.contains(area)) {
            rooms.insert(area, container ? container->place : roomOf(context.form, area));
        }
        const QRect room = rooms.value(area);
        if (room.contains(control.place) || (container && kindNamed(container->kind).scrolls)) {
            continue;
        }
        const QString called = calledFor(context.form, control);
        found.append({control.id,
                      container ? Texts::tr("“%1” stands out of “%2”.").arg(called, calledFor(context.form, *container))
                                : Texts::tr("“%1” stands out of the form.").arg(called),
                      {},
                      {brings(Texts::tr("Bring it in"), control.id, room)}});
    }
    return found;
}

} // namespace

FormCheck outOfPlace()
{
    return {"out of place", Texts::later("Controls outside"), Degree::ToFix, find};
}

} // namespace nabblet
