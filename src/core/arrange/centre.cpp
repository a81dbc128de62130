// Centring what is selected, as a whole, in its band.
#include "core/arrange/arranged.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <algorithm>

NABBLET_TEXTS(Arrange)

namespace nabblet {

namespace {

QString whyNotDown(const ArrangeContext &context)
{
    const QList<Arranged> items = context.arranged();
    if (items.isEmpty()) {
        return needsOne(context);
    }
    const bool isOneBand =
        std::all_of(items.begin(), items.end(), [&](const Arranged &item) { return item.band == items.first().band; });
    return isOneBand ? QString() : Texts::tr("Select controls of one band only.");
}

Form moved(const ArrangeContext &context, bool isAcross)
{
    const QList<Arranged> items = context.arranged();
    QRect bounds;
    for (const Arranged &item : items) {
        bounds = bounds.united(item.whole);
    }
    const Band *band = items.isEmpty() ? nullptr : findBand(context.form, items.first().band);
    if (!band) {
        return context.form;
    }
    const QPoint by = isAcross ? QPoint((context.form.width - bounds.width()) / 2 - bounds.x(), 0)
                               : QPoint(0, (band->height - bounds.height()) / 2 - bounds.y());
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
        {QStringLiteral("centre-across"), QT_TRANSLATE_NOOP("Arrange", "Centre across the form"),
         QT_TRANSLATE_NOOP("Arrange", "The selection as a whole goes to the middle between left and right."), Group,
         needsOne, across},
        {QStringLiteral("centre-down"), QT_TRANSLATE_NOOP("Arrange", "Centre down the band"),
         QT_TRANSLATE_NOOP("Arrange", "The selection as a whole goes to the middle of its band's height."), Group,
         whyNotDown, down},
    };
}

} // namespace nabblet
