// Group boxes and tab pages around what is selected, off again, and the pages of tab pages.
#include "core/arrange/arranged.h"
#include "core/arrange/grouping.h"
#include "core/arrange/operations.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString whyNotInto(const ArrangeContext &context)
{
    return whyNotGrouped(context.form, context.selected);
}

Form intoGroupBox(const ArrangeContext &context)
{
    return withContainer(context.form, context.selected, QStringLiteral("group-box")).form;
}

Form ontoTabPages(const ArrangeContext &context)
{
    return withContainer(context.form, context.selected, QStringLiteral("tab-pages")).form;
}

ControlId anyContainer(const ArrangeContext &context)
{
    return containerOfLead(context, holdsOthers);
}

ControlId tabPages(const ArrangeContext &context)
{
    return containerOfLead(context, holdsPages);
}

QString needsContainer(const ArrangeContext &context)
{
    return anyContainer(context) == 0 ? Texts::tr("Select a group box or tab pages, or something in them.") : QString();
}

Form takenOff(const ArrangeContext &context)
{
    return withoutContainer(context.form, anyContainer(context));
}

// Where the lead is: inside it where it is a container, else where it stands.
Area areaOfLead(const ArrangeContext &context)
{
    const Control *lead = context.selected.isEmpty() ? nullptr : context.form.controls.find(context.selected.last());
    if (!lead) {
        return {};
    }
    return holdsOthers(*lead) ? Area{lead->band, lead->id, frontPage(*lead, context.fronts)} : areaOf(*lead);
}

// What is selected beside the lead and stands elsewhere.
QList<ControlId> thoseElsewhere(const ArrangeContext &context)
{
    const Area area = areaOfLead(context);
    QList<ControlId> moving;
    const QList<Arranged> items = context.arranged();
    for (const Arranged &item : items) {
        const bool isLead = item.control == context.selected.last() || item.other == context.selected.last();
        const bool holdsArea =
            item.control == area.container || containersAround(context.form, area.container).contains(item.control);
        if (!isLead && !holdsArea && item.area != area) {
            moving.append(item.control);
        }
    }
    return moving;
}

QString nothingElsewhere(const ArrangeContext &context)
{
    return context.selected.isEmpty() || thoseElsewhere(context).isEmpty()
               ? Texts::tr("Select what is to move, and then the group or something in it.")
               : QString();
}

Form movedToLead(const ArrangeContext &context)
{
    return withControlsBelow(context.form, thoseElsewhere(context), areaOfLead(context));
}

// The area around the container that the lead stands in.
std::optional<Area> areaAround(const ArrangeContext &context)
{
    const Control *lead = context.selected.isEmpty() ? nullptr : context.form.controls.find(context.selected.last());
    const Control *container = lead ? context.form.controls.find(lead->container) : nullptr;
    return container ? std::optional(areaOf(*container)) : std::nullopt;
}

QString notInAnything(const ArrangeContext &context)
{
    return areaAround(context) ? QString() : Texts::tr("What leads the selection stands in no group and on no page.");
}

Form movedOut(const ArrangeContext &context)
{
    return withControlsBelow(context.form, context.selected, *areaAround(context));
}

QString needsPages(const ArrangeContext &context)
{
    return tabPages(context) == 0 ? Texts::tr("Select tab pages, or something on them.") : QString();
}

// The page in front, its place among all and their number.
struct InFront
{
    ControlId container = 0;
    int page = 0;
    qsizetype place = -1;
    qsizetype count = 0;
};

InFront inFront(const ArrangeContext &context)
{
    const Control *container = context.form.controls.find(tabPages(context));
    if (!container) {
        return {};
    }
    const QList<Page> pages = pagesOf(*container);
    InFront front{container->id, frontPage(*container, context.fronts), -1, pages.size()};
    for (qsizetype i = 0; i < pages.size(); ++i) {
        front.place = pages.at(i).id == front.page ? i : front.place;
    }
    return front;
}

Form pageAdded(const ArrangeContext &context)
{
    const InFront front = inFront(context);
    return withPage(context.form, front.container, front.page, Texts::tr("Page %1").arg(front.count + 1));
}

QString needsTwoPages(const ArrangeContext &context)
{
    const QString why = needsPages(context);
    return !why.isEmpty() ? why : inFront(context).count < 2 ? Texts::tr("The last page stays.") : QString();
}

Form pageRemoved(const ArrangeContext &context)
{
    return withoutPage(context.form, inFront(context).container, inFront(context).page);
}

template <int steps> QString noPageThere(const ArrangeContext &context)
{
    const QString why = needsPages(context);
    const InFront front = inFront(context);
    const qsizetype there = front.place + steps;
    return !why.isEmpty()                      ? why
           : there >= 0 && there < front.count ? QString()
           : steps < 0                         ? Texts::tr("It is the first page.")
                                               : Texts::tr("It is the last page.");
}

template <int steps> Form pageMoved(const ArrangeContext &context)
{
    return withPageMoved(context.form, inFront(context).container, inFront(context).page, steps);
}

} // namespace

QList<ArrangeOperation> groupOperations()
{
    constexpr auto Group = ArrangeGroup::Groups;
    return {
        {QStringLiteral("group-box"), Texts::later("Put into a group box"),
         Texts::later("A frame with a heading goes around the selection; it moves as one then."), Group, whyNotInto,
         intoGroupBox, "Ctrl+G",
         "<rect class='b' x='2' y='2.5' width='12' height='11' rx='1.5'/><path class='m' d='M4.5 5.5h5'/><path "
         "class='b' d='M4.5 8.5h7M4.5 11h5'/>"},
        {QStringLiteral("tab-pages"), Texts::later("Put on tab pages"),
         Texts::later("The selection becomes the first of several pages that share one place."), Group, whyNotInto,
         ontoTabPages, "Ctrl+Alt+P",
         "<path class='b' d='M1.5 5.5h13v8h-13z'/><path class='m' d='M1.5 5.5V2.5h4.5v3'/><path class='b' d='M8 "
         "3.5h2.5M12 3.5h2M4 9h8'/>"},
        {QStringLiteral("take-group-off"), Texts::later("Take the group off"),
         Texts::later("What is in it stays where it stands; pages come under one another."), Group, needsContainer,
         takenOff, "Ctrl+Shift+G",
         "<path class='b' d='M5 2.5H3.5a1.5 1.5 0 0 0-1.5 1.5v8a1.5 1.5 0 0 0 1.5 1.5h9a1.5 1.5 0 0 0 "
         "1.5-1.5V9'/><path class='m' d='M9.5 2.5l4 4M13.5 2.5l-4 4'/>"},
        {QStringLiteral("move-into-group"), Texts::later("Move to where the lead is"),
         Texts::later("Into the group or on to the page that leads, or in which the lead stands."), Group,
         nothingElsewhere, movedToLead, "Ctrl+Alt+Shift+G"},
        {QStringLiteral("move-out-of-group"), Texts::later("Move out of the group"),
         Texts::later("The selection goes below what stands around the group."), Group, notInAnything, movedOut,
         "Ctrl+Alt+Shift+U"},
        {QStringLiteral("page-add"), Texts::later("Add a page"), Texts::later("An empty page behind the one in front."),
         Group, needsPages, pageAdded, "Ctrl+Alt+Shift+P"},
        {QStringLiteral("page-remove"), Texts::later("Remove the page"),
         Texts::later("The page in front goes with all that stands on it."), Group, needsTwoPages, pageRemoved},
        {QStringLiteral("page-earlier"), Texts::later("Move the page forward"),
         Texts::later("The page in front changes places with the one before it."), Group, noPageThere<-1>,
         pageMoved<-1>},
        {QStringLiteral("page-later"), Texts::later("Move the page back"),
         Texts::later("The page in front changes places with the one behind it."), Group, noPageThere<1>, pageMoved<1>},
    };
}

} // namespace nabblet
