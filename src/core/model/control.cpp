#include "core/model/control.h"

#include <algorithm>

namespace nabblet {

int ControlList::indexOf(ControlId id) const
{
    // Controls mostly stand in the order of their ids, with gaps where some were deleted: the search begins where the
    // control would stand without gaps, and goes outwards from there.
    const int count = size();
    const int guess = std::clamp(id - 1, 0, std::max(0, count - 1));
    for (int down = guess, up = guess + 1; down >= 0 || up < count; --down, ++up) {
        if (down >= 0 && down < count && m_items.at(down)->id == id) {
            return down;
        }
        if (up < count && m_items.at(up)->id == id) {
            return up;
        }
    }
    return -1;
}

const Control *ControlList::find(ControlId id) const
{
    const int index = indexOf(id);
    return index < 0 ? nullptr : &at(index);
}

void ControlList::append(const Control &control)
{
    m_items.append(QExplicitlySharedDataPointer<const Item>(new Item(control)));
}

void ControlList::replace(int index, const Control &control)
{
    if (at(index) == control) {
        return; // keeps sharing, so that comparing and drawing skip it
    }
    m_items[index] = QExplicitlySharedDataPointer<const Item>(new Item(control));
}

void ControlList::removeAt(int index)
{
    m_items.removeAt(index);
}

bool ControlList::sharesWith(const ControlList &other, int index) const
{
    return index < size() && index < other.size() &&
           m_items.at(index).constData() == other.m_items.at(index).constData();
}

bool ControlList::operator==(const ControlList &other) const
{
    if (size() != other.size()) {
        return false;
    }
    for (int i = 0; i < size(); ++i) {
        if (!sharesWith(other, i) && !(at(i) == other.at(i))) {
            return false;
        }
    }
    return true;
}

} // namespace nabblet
