#include "core/arrange/nearness.h"

#include <algorithm>
#include <limits>
#include <numeric>

namespace nabblet {

QList<QList<int>> fewestGroups(const QList<int> &values, int reach,
                               const std::function<bool(const QList<int> &group, int i)> &mayJoin)
{
    QList<int> order(values.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(), [&](int a, int b) { return values.at(a) < values.at(b); });
    // The best parting of those before each place of the order, and where its last group begins.
    struct Parting
    {
        int groups = 0;
        double spread = 0; // squares of the distances from the middle of each group
        qsizetype begin = 0;
    };
    const qsizetype count = order.size();
    QList<Parting> best(count + 1, Parting{std::numeric_limits<int>::max(), 0, 0});
    best[0].groups = 0;
    for (qsizetype begin = 0; begin < count; ++begin) {
        const bool isAmidEqual = begin > 0 && values.at(order.at(begin)) == values.at(order.at(begin - 1));
        if (best.at(begin).groups == std::numeric_limits<int>::max() || (isAmidEqual && !mayJoin)) {
            continue;
        }
        QList<int> group;
        double sum = 0;
        double squares = 0;
        const int least = values.at(order.at(begin));
        for (qsizetype i = begin; i < count; ++i) {
            const int value = values.at(order.at(i));
            if (value - least > reach || (mayJoin && !group.isEmpty() && !mayJoin(group, order.at(i)))) {
                break;
            }
            group.append(order.at(i));
            const double from = value - least;
            sum += from;
            squares += from * from;
            const double spread = squares - sum * sum / static_cast<double>(group.size());
            Parting &there = best[i + 1];
            const int groups = best.at(begin).groups + 1;
            const double all = best.at(begin).spread + spread;
            if (groups < there.groups || (groups == there.groups && all < there.spread - 1e-9)) {
                there = {groups, all, begin};
            }
        }
    }
    QList<QList<int>> result;
    for (qsizetype end = count; end > 0; end = best.at(end).begin) {
        result.prepend(order.mid(best.at(end).begin, end - best.at(end).begin));
    }
    return result;
}

} // namespace nabblet
