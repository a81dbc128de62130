// What most are of: sizes, gaps and steps by how often they come up.
#pragma once

#include <QMap>

namespace nabblet {

// The value that comes up most often, the least of several that do; otherwise where there is none.
inline int mostFrequent(const QMap<int, int> &counts, int otherwise)
{
    int best = otherwise;
    int most = 0;
    for (auto [value, count] : counts.asKeyValueRange()) {
        if (count > most) {
            most = count;
            best = value;
        }
    }
    return best;
}

} // namespace nabblet
