// Fitting sizes: captions to their words, boxes to their stored values or to the free space in their row.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/text/tr.h"

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

constexpr int SpaceBetween = 8; // px left between a box and what it grows towards
constexpr int LeastWidth = 24;  // px of a fitted box

Form words(const ArrangeContext &context)
{
    return settled(context.form, context.measure);
}

QString needsValues(const ArrangeContext &context)
{
    if (!needsBox(context).isEmpty()) {
        return needsBox(context);
    }
    const bool isKnown = context.boxWidth && std::any_of(context.selected.begin(), context.selected.end(), [&](int id) {
                             const Control *control = context.form.controls.find(id);
                             return control && !control->column.isEmpty() && context.boxWidth(*control, 1.0) > 0;
                         });
    return isKnown ? QString() : Texts::tr("The stored values of what is selected are not known.");
}

template <int percent> Form values(const ArrangeContext &context)
{
    QList<Placing> placings;
    const int pitch = std::max(1, context.form.grid.pitch);
    for (const Arranged &item : context.arranged()) {
        const Control *control = context.form.controls.find(item.control);
        const int width = context.boxWidth && !control->column.isEmpty() && control->kind != QLatin1String("caption")
                              ? context.boxWidth(*control, percent / 100.0)
                              : 0;
        if (width > 0) {
            const QSize size(std::max(LeastWidth, onGridAtOrAfter(width, pitch)), item.place.height());
            placings.append({item, QRect(item.place.topLeft(), size)});
        }
    }
    return withPlacings(context.form, placings);
}

// The right margin: as wide as the space left of the leftmost control, so that both sides are alike.
int marginOf(const Form &form)
{
    int least = std::numeric_limits<int>::max();
    for (const Control &control : form.controls) {
        least = std::min(least, control.place.x());
    }
    return std::min(least, 16);
}

Form freeSpace(const ArrangeContext &context)
{
    const Form &form = context.form;
    const int margin = marginOf(form);
    QList<Placing> placings;
    for (const Arranged &item : arrangedOf(form, context.selected)) {
        if (form.controls.find(item.control)->kind == QLatin1String("caption")) {
            continue;
        }
        const bool isInContainer = item.area.container != 0;
        int until = rightOf(roomOf(form, item.area)) - (isInContainer ? 0 : margin);
        for (const Control &other : form.controls) {
            const bool isBehind = other.id != item.control && other.id != item.other && areaOf(other) == item.area &&
                                  other.place.x() >= rightOf(item.place) && other.place.y() < bottomOf(item.place) &&
                                  bottomOf(other.place) > item.place.y();
            if (isBehind) {
                until = std::min(until, other.place.x() - SpaceBetween);
            }
        }
        if (until > rightOf(item.place)) {
            placings.append({item, QRect(item.place.topLeft(), QSize(until - item.place.x(), item.place.height()))});
        }
    }
    return withPlacings(form, placings);
}

} // namespace

QList<ArrangeOperation> fitOperations()
{
    constexpr auto Group = ArrangeGroup::Fit;
    return {
        {QStringLiteral("fit-all"), Texts::later("Fit to all stored values"),
         Texts::later("Boxes get as wide as their widest stored value."), Group, needsValues, values<100>, "Ctrl+Alt+F",
         "<rect class='b' x='1.5' y='4.5' width='13' height='7'/><path class='m' d='M4 8h8M5.5 6.5L4 8l1.5 1.5M10.5 "
         "6.5L12 8l-1.5 1.5'/>"},
        {QStringLiteral("fit-99"), Texts::later("Fit to 99 % of the values"),
         Texts::later("Boxes show 99 of 100 stored values whole."), Group, needsValues, values<99>},
        {QStringLiteral("fit-95"), Texts::later("Fit to 95 % of the values"),
         Texts::later("Boxes show 95 of 100 stored values whole."), Group, needsValues, values<95>},
        {QStringLiteral("fit-free-space"), Texts::later("Fit to the free space"),
         Texts::later("Boxes grow to what stands behind them in their row, or to the margin."), Group, needsBox,
         freeSpace, "Ctrl+Alt+E",
         "<rect class='b' x='1.5' y='5.5' width='6' height='5'/><path class='m' d='M9 8h4M11.5 6.5L13 8l-1.5 1.5M14.5 "
         "3.5v9'/>"},
        {QStringLiteral("fit-words"), Texts::later("Fit captions to their words"),
         Texts::later("Captions get the width of their words, and automatic rails stand clear of them."), Group,
         needsNothing, words, nullptr,
         "<path class='b' d='M3 11.5l2.6-7 2.6 7M4 9h3.2M10 11.5V8.2a1.5 1.5 0 0 1 2.8 0v3.3M10 9.8h2.8'/><path "
         "class='m' d='M1.5 3v10M14.5 3v10'/>"},
    };
}

} // namespace nabblet
