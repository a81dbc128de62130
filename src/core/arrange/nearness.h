// What nearly is one: values along a direction in groups.
#pragma once

#include <QList>

#include <functional>

namespace nabblet {

// The numbers of values in groups, from the least on: the fewest groups of which none reaches further than that, px,
// and of those the ones whose values lie nearest to the middle of their group. mayJoin(group, i): whether a value may
// come to those that are in a group already; without, all may.
QList<QList<int>> fewestGroups(const QList<int> &values, int reach,
                               const std::function<bool(const QList<int> &group, int i)> &mayJoin = {});

} // namespace nabblet
