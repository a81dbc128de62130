// The pages of one set on one rail: turning them, captions and boxes stand where they stood.
#include "core/arrange/edges.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/text/tr.h"

#include <QMap>

#include <algorithm>

namespace nabblet {

namespace {

// The leftmost boxes of a page with captions beside them: where they begin, and which they are.
struct FirstColumn
{
    int start = 0; // px
    QList<ControlId> boxes;
};
std::optional<FirstColumn> firstColumnOf(const Form &form, const Area &page)
{
    std::optional<FirstColumn> first;
    for (const Arranged &item : arrangedIn(form, page)) {
        const Control *caption = captionOf(form, item.control);
        const bool isBeside = caption && areaOf(*caption) == page && rightOf(caption->place) <= item.place.x();
        if (!isBeside || (first && item.place.x() > first->start)) {
            continue;
        }
        if (!first || item.place.x() < first->start) {
            first = FirstColumn{item.place.x(), {}};
        }
        first->boxes.append(item.control);
    }
    return first;
}

QMap<Area, FirstColumn> firstColumns(const Form &form, const Control &pages)
{
    QMap<Area, FirstColumn> columns;
    for (const Area &page : areasIn(pages)) {
        if (const auto first = firstColumnOf(form, page)) {
            columns.insert(page, *first);
        }
    }
    return columns;
}

QString needsPagesWithCaptions(const ArrangeContext &context)
{
    const Control *pages = context.form.controls.find(containerOfLead(context, holdsPages));
    if (!pages) {
        return Texts::tr("Select tab pages, or something on them.");
    }
    return firstColumns(context.form, *pages).size() < 2
               ? Texts::tr("Captions stand beside boxes on fewer than two pages.")
               : QString();
}

Form onOneRail(const ArrangeContext &context)
{
    const QMap<Area, FirstColumn> columns =
        firstColumns(context.form, *context.form.controls.find(containerOfLead(context, holdsPages)));
    int start = 0;
    for (const FirstColumn &column : columns) {
        start = std::max(start, column.start);
    }
    // Everything on a page moves along, so that what stands there keeps to one another.
    Form form = context.form;
    for (auto [page, column] : columns.asKeyValueRange()) {
        QList<ControlId> all;
        for (const Arranged &item : arrangedIn(form, page)) {
            all.append(item.control);
        }
        form = moveControls(form, all, QPoint(start - column.start, 0));
    }
    // The rail that boxes of theirs ride there already, else a new one.
    RailId rail = FixedRail::None;
    for (const Rail &each : std::as_const(form.rails)) {
        rail = each.position == start && (rail == FixedRail::None || each.isAutomatic) ? each.id : rail;
    }
    if (rail == FixedRail::None) {
        form = withRail(form, start);
        rail = form.rails.last().id;
    }
    for (const FirstColumn &column : columns) {
        for (const ControlId id : column.boxes) {
            const int index = form.controls.indexOf(id);
            Control box = form.controls.at(index);
            box.rides.left = rail;
            form.controls.replace(index, box);
            const int captionIndex = form.controls.indexOf(captionOf(form, id)->id);
            Control caption = form.controls.at(captionIndex);
            caption.rides.right = rail;
            form.controls.replace(captionIndex, caption);
        }
    }
    form = withRailAutomatic(form, rail, false, context.measure); // so that it takes up the captions of all pages
    return withRailAutomatic(form, rail, true, context.measure);
}

} // namespace

QList<ArrangeOperation> pageCaptionOperations()
{
    return {{QStringLiteral("pages-on-one-rail"), Texts::later("One caption rail for all pages"),
             Texts::later("The boxes of all pages of a set begin where those of the one with the longest caption do."),
             ArrangeGroup::Groups, needsPagesWithCaptions, onOneRail}};
}

} // namespace nabblet
