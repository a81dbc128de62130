// Lines of a form: what stands level with what.
#pragma once

#include <QList>
#include <QRect>

#include <algorithm>

namespace nabblet {

constexpr int LineHeight = 24; // px, the height of a box of one line

// The middle of the first line of what stands at that place.
constexpr int firstLineOf(const QRect &place)
{
    return place.y() + std::min(place.height(), LineHeight) / 2;
}

// Things in groups by nearness along one direction: one joins a group whose first member lies within half a line.
// Within a group they stand in their order across. along(thing) and across(thing) give px.
template <typename Thing, typename Along, typename Across>
QList<QList<Thing>> groupedByLine(QList<Thing> things, Along along, Across across)
{
    std::stable_sort(things.begin(), things.end(), [&](const Thing &a, const Thing &b) { return along(a) < along(b); });
    QList<QList<Thing>> groups;
    for (const Thing &thing : std::as_const(things)) {
        if (groups.isEmpty() || along(thing) - along(groups.last().first()) > LineHeight / 2) {
            groups.append(QList<Thing>());
        }
        groups.last().append(thing);
    }
    for (QList<Thing> &group : groups) {
        std::stable_sort(group.begin(), group.end(),
                         [&](const Thing &a, const Thing &b) { return across(a) < across(b); });
    }
    return groups;
}

} // namespace nabblet
