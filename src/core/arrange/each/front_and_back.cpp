// Which control lies over which: the order of the form's list, from back to front.
#include "core/arrange/containers.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <QSet>

namespace nabblet {

namespace {

// The selected controls after all others, or before them; both keep their own order.
Form reordered(const ArrangeContext &context, bool isToFront)
{
    const QList<ControlId> ids = withBelongings(context.form, context.selected);
    const QSet<ControlId> moving(ids.begin(), ids.end());
    Form result = context.form;
    result.controls = ControlList();
    result.controls.reserve(context.form.controls.size());
    for (const bool takesMoving : {!isToFront, isToFront}) {
        for (int i = 0; i < context.form.controls.size(); ++i) {
            if (moving.contains(context.form.controls.at(i).id) == takesMoving) {
                result.controls.appendShared(context.form.controls, i);
            }
        }
    }
    return inNestingOrder(result);
}

Form toFront(const ArrangeContext &context)
{
    return reordered(context, true);
}

Form toBack(const ArrangeContext &context)
{
    return reordered(context, false);
}

} // namespace

QList<ArrangeOperation> orderOperations()
{
    constexpr auto Group = ArrangeGroup::Order;
    return {
        {QStringLiteral("bring-to-front"), Texts::later("Bring to the front"), Texts::later("Lies over all others."),
         Group, needsOne, toFront, "Ctrl+Alt+PgUp",
         "<rect class='b' x='2.5' y='2.5' width='7' height='7'/><rect class='m f' x='6.5' y='6.5' width='7' "
         "height='7'/>"},
        {QStringLiteral("send-to-back"), Texts::later("Send to the back"), Texts::later("Lies under all others."),
         Group, needsOne, toBack, "Ctrl+Alt+PgDown",
         "<rect class='m' x='6.5' y='6.5' width='7' height='7'/><rect class='b f' x='2.5' y='2.5' width='7' "
         "height='7'/>"},
    };
}

} // namespace nabblet
