// What controls do when the window changes its size, and cells.
#include "core/arrange/operations.h"
#include "core/arrange/windows/cells.h"
#include "core/arrange/windows/holding.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

template <Direction direction> QString cannotHold(const ArrangeContext &context)
{
    const QString why = needsOne(context);
    return why.isEmpty() ? whyNotHeld(context.form, context.selected, direction) : why;
}

template <Direction direction, Holding holding> Form hold(const ArrangeContext &context)
{
    return withHolding(context.form, context.selected, direction, holding);
}

// What is selected; of a container alone, what stands in its first area that holds something; of nothing, the body.
QList<Arranged> cellsOf(const ArrangeContext &context)
{
    if (context.selected.isEmpty()) {
        return context.fieldsOf({BandRole::Body, 0, 0});
    }
    const Control *alone =
        context.selected.size() == 1 ? context.form.controls.find(context.selected.first()) : nullptr;
    if (alone && holdsOthers(*alone)) {
        const QList<Area> areas = areasIn(*alone);
        const int front = frontPage(*alone, context.fronts);
        for (const Area &area : areas) {
            const bool isMeant = kindNamed(alone->kind).holds != Holds::Pages || area.page == front;
            if (const QList<Arranged> inside = context.fieldsOf(area); isMeant && !inside.isEmpty()) {
                return inside;
            }
        }
    }
    return context.arranged();
}

QString noCells(const ArrangeContext &context)
{
    return whyNoCells(context.form, cellsOf(context));
}

Form makeCells(const ArrangeContext &context)
{
    return withCells(context.form, cellsOf(context));
}

} // namespace

QList<ArrangeOperation> holdOperations()
{
    using enum Direction;
    using enum Holding;
    const auto of = [](const char *id, const char *title, const char *help, auto whyNot, auto apply,
                       const char *drawing, const char *keys = nullptr) {
        return ArrangeOperation{
            QString::fromLatin1(id), title, help, ArrangeGroup::Holds, whyNot, apply, keys, drawing};
    };
    return {
        of("hold-left", Texts::later("Stays at the left"), Texts::later("Where it is, however wide the window gets."),
           cannotHold<Across>, hold<Across, Stays>,
           "<path class='m' d='M2.5 2v12'/><rect class='b f' x='4.5' y='5.5' width='5' height='5'/>"),
        of("hold-right", Texts::later("Moves with the right edge"),
           Texts::later("Keeps its distance to the right edge of the window."), cannotHold<Across>, hold<Across, Moves>,
           "<path class='m' d='M13.5 2v12'/><rect class='b f' x='6.5' y='5.5' width='5' height='5'/>"),
        of("stretch-across", Texts::later("Stretches across"), Texts::later("Gets wider with the window."),
           cannotHold<Across>, hold<Across, Stretches>,
           "<path class='m' d='M2.5 2v12M13.5 2v12'/><rect class='b f' x='4.5' y='5.5' width='7' height='5'/>"),
        of("share-across", Texts::later("Keeps its share of the width"),
           Texts::later("Its place and its width go with the width of the window."), cannotHold<Across>,
           hold<Across, KeepsShare>,
           "<path class='m' d='M2.5 2v12M8 2v12M13.5 2v12'/><rect class='b f' x='9.5' y='5.5' width='2.5' "
           "height='5'/>"),
        of("hold-top", Texts::later("Stays at the top"), Texts::later("Where it is, however high the window gets."),
           cannotHold<Down>, hold<Down, Stays>,
           "<path class='m' d='M2 2.5h12'/><rect class='b f' x='5.5' y='4.5' width='5' height='5'/>"),
        of("hold-bottom", Texts::later("Moves with the bottom"),
           Texts::later("Keeps its distance to the bottom of the window."), cannotHold<Down>, hold<Down, Moves>,
           "<path class='m' d='M2 13.5h12'/><rect class='b f' x='5.5' y='6.5' width='5' height='5'/>"),
        of("stretch-down", Texts::later("Stretches down"), Texts::later("Gets higher with the window."),
           cannotHold<Down>, hold<Down, Stretches>,
           "<path class='m' d='M2 2.5h12M2 13.5h12'/><rect class='b f' x='5.5' y='4.5' width='5' height='7'/>"),
        of("share-down", Texts::later("Keeps its share of the height"),
           Texts::later("Its place and its height go with the height of the window."), cannotHold<Down>,
           hold<Down, KeepsShare>,
           "<path class='m' d='M2 2.5h12M2 8h12M2 13.5h12'/><rect class='b f' x='5.5' y='9.5' width='5' "
           "height='2.5'/>"),
        of("fill-as-cells", Texts::later("Fill as cells"),
           Texts::later("Makes what is selected, or all in a group, a grid that fills its place and "
                        "grows with the window in both directions."),
           noCells, makeCells,
           "<rect class='b f' x='2.5' y='2.5' width='5' height='5'/><rect class='b f' x='8.5' y='2.5' width='5' "
           "height='5'/><rect class='b f' x='2.5' y='8.5' width='11' height='5'/>",
           "Ctrl+Alt+J"),
    };
}

} // namespace nabblet
