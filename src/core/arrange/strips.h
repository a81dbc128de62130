// Things along a line, found again by the stretch of it that they touch, so that looking for what is near does not go
// over everything.
#pragma once

#include "core/arrange/edges.h"

#include <algorithm>
#include <vector>

namespace nabblet {

class Strips
{
public:
    // A thing, named by a number, from a coordinate up to another, px.
    void add(int from, int to, int index)
    {
        const std::size_t last = stripOf(std::max(from, to - 1));
        if (m_strips.size() <= last) {
            m_strips.resize(last + 1);
        }
        for (std::size_t strip = stripOf(from); strip <= last; ++strip) {
            m_strips[strip].push_back(index);
        }
    }

    // Calls visit(index) for all that may touch a stretch, some of them more than once, until it gives true.
    template <typename Visit> bool visitNear(int from, int to, Visit visit) const
    {
        for (std::size_t strip = stripOf(from); strip <= stripOf(to) && strip < m_strips.size(); ++strip) {
            for (const int index : m_strips[strip]) {
                if (visit(index)) {
                    return true;
                }
            }
        }
        return false;
    }

    // How many visits that would be at most.
    std::size_t countNear(int from, int to) const
    {
        std::size_t count = 0;
        for (std::size_t strip = stripOf(from); strip <= stripOf(to) && strip < m_strips.size(); ++strip) {
            count += m_strips[strip].size();
        }
        return count;
    }

private:
    static std::size_t stripOf(int at) { return static_cast<std::size_t>(std::max(0, at) / 64); }
    std::vector<std::vector<int>> m_strips;
};

// Places that are taken on a band.
class TakenPlaces
{
public:
    void add(const QRect &rect)
    {
        m_strips.add(rect.y(), bottomOf(rect), static_cast<int>(m_rects.size()));
        m_rects.push_back(rect);
    }
    // One that overlaps the rectangle, or nullptr.
    const QRect *over(const QRect &rect) const
    {
        const QRect *found = nullptr;
        m_strips.visitNear(rect.y(), bottomOf(rect) - 1, [&](int index) {
            const QRect &taken = m_rects[static_cast<std::size_t>(index)];
            found = overlap(rect, taken) ? &taken : nullptr;
            return found != nullptr;
        });
        return found;
    }

private:
    std::vector<QRect> m_rects;
    Strips m_strips;
};

} // namespace nabblet
