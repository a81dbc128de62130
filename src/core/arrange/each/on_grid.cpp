// Putting corners and sizes on the grid.
#include "core/arrange/arranged.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

enum class Part { Corners, Sizes, Both };

template <Part part> Form snapped(const ArrangeContext &context)
{
    const int pitch = std::max(1, context.form.grid.pitch);
    QList<Placing> placings;
    for (const Arranged &item : context.arranged()) {
        QRect place = item.place;
        // A caption's width is that of its words.
        const bool isCaption = context.form.controls.find(item.control)->kind == QLatin1String("caption");
        if (part != Part::Corners && !isCaption) {
            place.setSize(
                {std::max(pitch, onGrid(place.width(), pitch)), std::max(pitch, onGrid(place.height(), pitch))});
        }
        if (part != Part::Sizes) {
            place.moveTopLeft({onGrid(place.x(), pitch), onGrid(place.y(), pitch)});
        }
        placings.append({item, place});
    }
    return withPlacings(context.form, placings);
}

} // namespace

QList<ArrangeOperation> gridOperations()
{
    constexpr auto Group = ArrangeGroup::Grid;
    return {
        {QStringLiteral("grid-corners"), Texts::later("Corners on the grid"),
         Texts::later("Top left corners go to the nearest grid point."), Group, needsOne, snapped<Part::Corners>,
         nullptr,
         "<path class='b' d='M8 4h.01M14 4h.01M2 9h.01M2 14h.01M8 14h.01M14 14h.01' stroke-width='1.8'/><path "
         "class='m' d='M2 9V4h5M4.5 6.5h7v5h-7z'/>"},
        {QStringLiteral("grid-sizes"), Texts::later("Sizes on the grid"),
         Texts::later("Widths and heights become whole grid steps."), Group, needsBox, snapped<Part::Sizes>},
        {QStringLiteral("grid-both"), Texts::later("Corners and sizes on the grid"),
         Texts::later("Every edge goes to the nearest grid line."), Group, needsOne, snapped<Part::Both>, "Ctrl+Alt+G",
         "<path class='b' d='M2 4h.01M8 4h.01M14 4h.01M2 8h.01M14 8h.01M2 12h.01M8 12h.01M14 12h.01' "
         "stroke-width='1.8'/><rect class='m' x='5' y='6' width='6' height='4'/>"},
    };
}

} // namespace nabblet
