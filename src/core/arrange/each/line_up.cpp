// Lining up: edges, middles and text baselines of what is selected go where those of the lead are.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// How far a place is outside of where its control has room for its caption, px to the right and down.
QPoint beyond(const Form &form, const Arranged &item, const QRect &place)
{
    const QPoint least = roomOf(form, item.area).topLeft() + item.place.topLeft() - item.whole.topLeft();
    return {place.x() != item.place.x() ? least.x() - place.x() : 0,
            place.y() != item.place.y() ? least.y() - place.y() : 0};
}

// Gives every one but the lead the place that change(its place, the lead's place) says. Where one has no room there for
// its caption, all of them, the lead too, go as much further.
template <typename Change> Form linedUp(const ArrangeContext &context, Change change)
{
    const QList<Arranged> items = context.arranged();
    QList<Placing> placings;
    if (items.isEmpty()) {
        return context.form;
    }
    const Arranged &lead = items.last();
    QPoint further;
    for (const Arranged &item : items) {
        placings.append({item, item.control == lead.control ? item.place : change(item, lead)});
        const QPoint by = beyond(context.form, item, placings.last().place);
        further = {std::max(further.x(), by.x()), std::max(further.y(), by.y())};
    }
    for (Placing &placing : placings) {
        placing.place.translate(further);
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
        {QStringLiteral("line-up-left"), Texts::later("Line up left edges"),
         Texts::later("Left edges go where the lead's is."), Group, needsTwo, left, "Alt+Left",
         "<path class='m' d='M2.5 1.5v13'/><rect class='b' x='4.5' y='3.5' width='8' height='3'/><rect class='b' "
         "x='4.5' y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-right"), Texts::later("Line up right edges"),
         Texts::later("Right edges go where the lead's is."), Group, needsTwo, right, "Alt+Right",
         "<path class='m' d='M13.5 1.5v13'/><rect class='b' x='3.5' y='3.5' width='8' height='3'/><rect class='b' "
         "x='6.5' y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-centres"), Texts::later("Line up centres"),
         Texts::later("Centres go below one another, at the lead's."), Group, needsTwo, centres, "Ctrl+Alt+C",
         "<path class='m' d='M8 1.5v13'/><rect class='b' x='3.5' y='3.5' width='9' height='3'/><rect class='b' x='5.5' "
         "y='9.5' width='5' height='3'/>"},
        {QStringLiteral("line-up-top"), Texts::later("Line up top edges"),
         Texts::later("Top edges go level with the lead's."), Group, needsTwo, top, "Alt+Up",
         "<path class='m' d='M1.5 2.5h13'/><rect class='b' x='3.5' y='4.5' width='3' height='8'/><rect class='b' "
         "x='9.5' y='4.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-bottom"), Texts::later("Line up bottom edges"),
         Texts::later("Bottom edges go level with the lead's."), Group, needsTwo, bottom, "Alt+Down",
         "<path class='m' d='M1.5 13.5h13'/><rect class='b' x='3.5' y='3.5' width='3' height='8'/><rect class='b' "
         "x='9.5' y='6.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-middles"), Texts::later("Line up middles"),
         Texts::later("Middles go level with the lead's."), Group, needsTwo, middles, "Ctrl+Alt+M",
         "<path class='m' d='M1.5 8h13'/><rect class='b' x='3.5' y='3.5' width='3' height='9'/><rect class='b' x='9.5' "
         "y='5.5' width='3' height='5'/>"},
        {QStringLiteral("line-up-baselines"), Texts::later("Line up text"),
         Texts::later("Words stand on one line with the lead's, whatever their size."), Group, needsTwo, baselines,
         "Ctrl+Alt+B",
         "<path class='m' d='M1.5 12.5h13'/><path class='b' d='M2.5 12l3-8 3 8M3.6 9.5h3.8M10.5 12V7.5a1.7 1.7 0 0 1 3 "
         "0V12M10.5 9.7h3'/>"},
    };
}

} // namespace nabblet
