// Centring what is selected, as a whole, in its band or in the container that holds it.
#include "core/arrange/arranged.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isOneArea(const QList<Arranged> &items)
{
    return std::all_of(items.begin(), items.end(),
                       [&](const Arranged &item) { return item.area == items.first().area; });
}

QString whyNotDown(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    if (items.isEmpty()) {
        return needsOne(context);
    }
    return isOneArea(items) ? QString() : Texts::tr("Select controls of one band or one group only.");
}

Form moved(const ArrangeContext &context, bool isAcross)
{
    const QList<Arranged> items = context.arranged();
    const QRect bounds = boundsOf(items);
    if (items.isEmpty()) {
        return context.form;
    }
    // Across, what stands in several areas goes to the middle of the form.
    const Area area = isOneArea(items) ? items.first().area : Area{items.first().area.band, 0, 0};
    const QRect room = roomOf(context.form, area);
    const QPoint by = isAcross ? QPoint(room.x() + (room.width() - bounds.width()) / 2 - bounds.x(), 0)
                               : QPoint(0, room.y() + (room.height() - bounds.height()) / 2 - bounds.y());
    QList<Placing> placings;
    for (Arranged item : items) {
        item.otherKeepsX = false; // the whole moves
        placings.append({item, item.place.translated(by)});
    }
    return withPlacings(context.form, placings);
}

Form across(const ArrangeContext &context)
{
    return moved(context, true);
}

Form down(const ArrangeContext &context)
{
    return moved(context, false);
}

} // namespace

QList<ArrangeOperation> centreOperations()
{
    constexpr auto Group = ArrangeGroup::Centre;
    return {
        {QStringLiteral("centre-across"), Texts::later("Centre across"),
         Texts::later("The selection as a whole goes to the middle between left and right of its form or group."),
         Group, needsOne, across, nullptr,
         "<rect class='b' x='1.5' y='2.5' width='13' height='11'/><path class='m' d='M8 2.5v11'/><rect class='b' "
         "x='5.5' y='6.5' width='5' height='3'/>"},
        {QStringLiteral("centre-down"), Texts::later("Centre down"),
         Texts::later("The selection as a whole goes to the middle of its band's or group's height."), Group,
         whyNotDown, down, nullptr,
         "<rect class='b' x='1.5' y='2.5' width='13' height='11'/><path class='m' d='M1.5 8h13'/><rect class='b' "
         "x='6.5' y='5.5' width='3' height='5'/>"},
    };
}

} // namespace nabblet
