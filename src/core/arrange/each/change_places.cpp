// Two controls that change places.
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString needsTwoOfOneArea(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    return items.size() == 2 && items.first().area == items.last().area
               ? QString()
               : Texts::tr("Select two controls that stand side by side or under one another.");
}

Form change(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    const auto to = [](const Arranged &item, const Arranged &other) {
        return Placing{item, QRect(other.place.topLeft(), item.place.size())};
    };
    const Form changed = withPlacings(context.form, {to(items.first(), items.last()), to(items.last(), items.first())});
    return withWayMade(changed, {items.first().control, items.last().control});
}

} // namespace

QList<ArrangeOperation> placeOperations()
{
    return {{QStringLiteral("change-places"), Texts::later("Change places"),
             Texts::later("Each stands where the other stood."), ArrangeGroup::Order, needsTwoOfOneArea, change,
             "Ctrl+Alt+V",
             "<rect class='b' x='1.5' y='2.5' width='5' height='5'/><rect class='b f' x='9.5' y='8.5' width='5' "
             "height='5'/><path class='m' d='M9 3.5h3.5v2.5M7 12.5h-3.5v-2.5'/>"}};
}

} // namespace nabblet
