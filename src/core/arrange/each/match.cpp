// Matching sizes: to the lead, the largest or the smallest of what is selected.
#include "core/arrange/arranged.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// The boxes selected; captions have the size of their words. The lead's comes last.
QList<Arranged> boxes(const ArrangeContext &context)
{
    QList<Arranged> items;
    for (const Arranged &item : context.arranged()) {
        if (context.form.controls.find(item.control)->kind != QLatin1String("caption")) {
            items.append(item);
        }
    }
    return items;
}

QString needsTwoBoxes(const ArrangeContext &context)
{
    return boxes(context).size() < 2 ? Texts::tr("Select two or more boxes; captions have the size of their words.")
                                     : QString();
}

enum class Model { Lead, Largest, Smallest };
enum class Way { Width, Height, Both };

template <Model model, Way way> Form matched(const ArrangeContext &context)
{
    const QList<Arranged> items = boxes(context);
    if (items.isEmpty()) {
        return context.form;
    }
    QSize wanted = items.last().place.size();
    for (const Arranged &item : items) {
        if (model == Model::Largest) {
            wanted = wanted.expandedTo(item.place.size());
        } else if (model == Model::Smallest) {
            wanted = wanted.boundedTo(item.place.size());
        }
    }
    QList<Placing> placings;
    for (const Arranged &item : items) {
        const QSize size(way == Way::Height ? item.place.width() : wanted.width(),
                         way == Way::Width ? item.place.height() : wanted.height());
        placings.append({item, QRect(item.place.topLeft(), size)});
    }
    return withPlacings(context.form, placings);
}

} // namespace

QList<ArrangeOperation> matchOperations()
{
    constexpr auto Group = ArrangeGroup::Match;
    return {
        {QStringLiteral("match-width"), Texts::later("Match width"), Texts::later("Boxes get as wide as the lead."),
         Group, needsTwoBoxes, matched<Model::Lead, Way::Width>, "Ctrl+Alt+W",
         "<rect class='b' x='2.5' y='2.5' width='11' height='3'/><rect class='b' x='2.5' y='10.5' width='11' "
         "height='3'/><path class='m' d='M3 8h10M4.8 6.4L3 8l1.8 1.6M11.2 6.4L13 8l-1.8 1.6'/>"},
        {QStringLiteral("match-height"), Texts::later("Match height"), Texts::later("Boxes get as high as the lead."),
         Group, needsTwoBoxes, matched<Model::Lead, Way::Height>, "Ctrl+Alt+H",
         "<rect class='b' x='2.5' y='2.5' width='3' height='11'/><rect class='b' x='10.5' y='2.5' width='3' "
         "height='11'/><path class='m' d='M8 3v10M6.4 4.8L8 3l1.6 1.8M6.4 11.2L8 13l1.6-1.8'/>"},
        {QStringLiteral("match-size"), Texts::later("Match width and height"),
         Texts::later("Boxes get the size of the lead."), Group, needsTwoBoxes, matched<Model::Lead, Way::Both>,
         "Ctrl+Alt+S",
         "<rect class='b' x='2.5' y='2.5' width='11' height='11'/><path class='m' d='M5 11l6-6M8 5h3v3M8 11H5V8'/>"},
        {QStringLiteral("match-widest"), Texts::later("Match width to the widest"),
         Texts::later("Boxes get as wide as the widest of them."), Group, needsTwoBoxes,
         matched<Model::Largest, Way::Width>},
        {QStringLiteral("match-narrowest"), Texts::later("Match width to the narrowest"),
         Texts::later("Boxes get as wide as the narrowest of them."), Group, needsTwoBoxes,
         matched<Model::Smallest, Way::Width>},
        {QStringLiteral("match-highest"), Texts::later("Match height to the highest"),
         Texts::later("Boxes get as high as the highest of them."), Group, needsTwoBoxes,
         matched<Model::Largest, Way::Height>},
        {QStringLiteral("match-lowest"), Texts::later("Match height to the lowest"),
         Texts::later("Boxes get as high as the lowest of them."), Group, needsTwoBoxes,
         matched<Model::Smallest, Way::Height>},
        {QStringLiteral("match-largest"), Texts::later("Match size to the largest"),
         Texts::later("Boxes get the greatest width and the greatest height among them."), Group, needsTwoBoxes,
         matched<Model::Largest, Way::Both>},
        {QStringLiteral("match-smallest"), Texts::later("Match size to the smallest"),
         Texts::later("Boxes get the least width and the least height among them."), Group, needsTwoBoxes,
         matched<Model::Smallest, Way::Both>},
    };
}

} // namespace nabblet
