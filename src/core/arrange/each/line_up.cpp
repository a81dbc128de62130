// Lining up: edges, middles and text baselines of what is selected go where those of the lead are.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"

namespace nabblet {

namespace {

// Gives every one but the lead the place that change(its place, the lead's place) says.
template <typename Change> Form linedUp(const ArrangeContext &context, Change change)
{
    const QList<Arranged> items = context.arranged();
    QList<Placing> placings;
    if (items.isEmpty()) {
        return context.form;
    }
    const Arranged &lead = items.last();
    for (const Arranged &item : items) {
        if (item.control != lead.control) {
            placings.append({item, change(item, lead)});
        }
    }
    return withPlacings(context.form, placings);
}

// Places in another band count from another top edge.
int levelOf(const Form &form, const Arranged &item, const Arranged &lead)
{
    return bandTop(form, lead.area.band) - bandTop(form, item.area.band);
}

Form left(const ArrangeContext &context)
{
    return linedUp(context, [](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveLeft(lead.place.x());
        return place;
    });
}

Form right(const ArrangeContext &context)
{
    return linedUp(context, [](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveLeft(rightOf(lead.place) - place.width());
        return place;
    });
}

Form centres(const ArrangeContext &context)
{
    return linedUp(context, [](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveLeft(lead.place.x() + (lead.place.width() - place.width()) / 2);
        return place;
    });
}

Form top(const ArrangeContext &context)
{
    return linedUp(context, [&](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveTop(lead.place.y() + levelOf(context.form, item, lead));
        return place;
    });
}

Form bottom(const ArrangeContext &context)
{
    return linedUp(context, [&](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveTop(bottomOf(lead.place) + levelOf(context.form, item, lead) - place.height());
        return place;
    });
}

Form middles(const ArrangeContext &context)
{
    return linedUp(context, [&](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveTop(lead.place.y() + (lead.place.height() - place.height()) / 2 + levelOf(context.form, item, lead));
        return place;
    });
}

Form baselines(const ArrangeContext &context)
{
    const auto baseline = [&](const Arranged &item) {
        return textBaseline(*context.form.controls.find(item.control), context.measure).value_or(item.place.height());
    };
    return linedUp(context, [&](const Arranged &item, const Arranged &lead) {
        QRect place = item.place;
        place.moveTop(lead.place.y() + baseline(lead) - baseline(item) + levelOf(context.form, item, lead));
        return place;
    });
}

} // namespace

QList<ArrangeOperation> lineUpOperations()
{
    constexpr auto Group = ArrangeGroup::LineUp;
    return {
        {QStringLiteral("line-up-left"), QT_TRANSLATE_NOOP("Arrange", "Line up left edges"),
         QT_TRANSLATE_NOOP("Arrange", "Left edges go where the lead's is."), Group, needsTwo, left},
        {QStringLiteral("line-up-right"), QT_TRANSLATE_NOOP("Arrange", "Line up right edges"),
         QT_TRANSLATE_NOOP("Arrange", "Right edges go where the lead's is."), Group, needsTwo, right},
        {QStringLiteral("line-up-centres"), QT_TRANSLATE_NOOP("Arrange", "Line up centres"),
         QT_TRANSLATE_NOOP("Arrange", "Centres go below one another, at the lead's."), Group, needsTwo, centres},
        {QStringLiteral("line-up-top"), QT_TRANSLATE_NOOP("Arrange", "Line up top edges"),
         QT_TRANSLATE_NOOP("Arrange", "Top edges go level with the lead's."), Group, needsTwo, top},
        {QStringLiteral("line-up-bottom"), QT_TRANSLATE_NOOP("Arrange", "Line up bottom edges"),
         QT_TRANSLATE_NOOP("Arrange", "Bottom edges go level with the lead's."), Group, needsTwo, bottom},
        {QStringLiteral("line-up-middles"), QT_TRANSLATE_NOOP("Arrange", "Line up middles"),
         QT_TRANSLATE_NOOP("Arrange", "Middles go level with the lead's."), Group, needsTwo, middles},
        {QStringLiteral("line-up-baselines"), QT_TRANSLATE_NOOP("Arrange", "Line up text"),
         QT_TRANSLATE_NOOP("Arrange", "Words stand on one line with the lead's, whatever their size."), Group, needsTwo,
         baselines},
    };
}

} // namespace nabblet
