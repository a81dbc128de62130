#include "core/model/control.h"

#include <algorithm>

namespace nabblet {

Control::Control() = default;
Control::Control(const Control &other) = default;
Control::Control(Control &&other) noexcept = default;
Control &Control::operator=(const Control &other) = default;
Control &Control::operator=(Control &&other) noexcept = default;
Control::~Control() = default;

size_t qHash(const Area &area, size_t seed)
{
    return qHashMulti(seed, static_cast<int>(area.band), area.container, area.page);
}

struct ControlList::SharedIndex : ControlIndex
{
    mutable std::atomic<int> holders = 1;
};

ControlList::ControlList(const ControlList &other) : m_items(other.m_items)
{
    if (const SharedIndex *index = other.m_index.load(std::memory_order_acquire)) {
        index->holders.fetch_add(1, std::memory_order_relaxed);
        m_index.store(index, std::memory_order_relaxed);
    }
}

ControlList::ControlList(ControlList &&other) noexcept
    : m_items(std::move(other.m_items)), m_index(other.m_index.exchange(nullptr))
{
}

ControlList &ControlList::operator=(ControlList other) noexcept
{
    m_items.swap(other.m_items);
    m_index.store(other.m_index.exchange(m_index.load(std::memory_order_relaxed)), std::memory_order_relaxed);
    return *this;
}

ControlList::~ControlList()
{
    dropIndex();
}

void ControlList::dropIndex()
{
    const SharedIndex *index = m_index.exchange(nullptr);
    if (index && index->holders.fetch_sub(1, std::memory_order_acq_rel) == 1) {
        delete index;
    }
}

const ControlIndex *ControlList::knownIndex() const
{
    return m_index.load(std::memory_order_acquire);
}

const ControlIndex &ControlList::index() const
{
    if (const ControlIndex *known = knownIndex()) {
        return *known;
    }
    auto found = std::make_unique<SharedIndex>();
    found->places.reserve(size());
    for (int i = 0; i < size(); ++i) {
        const Control &control = at(i);
        if (!found->places.contains(control.id)) {
            found->places.insert(control.id, i);
        }
        found->areas[areaOf(control)].append(i);
        if (control.container != 0) {
            found->inside[control.container].append(i);
        }
        if (control.captionFor != 0 && !found->captions.contains(control.captionFor)) {
            found->captions.insert(control.captionFor, i);
        }
    }
    const SharedIndex *before = nullptr;
    if (m_index.compare_exchange_strong(before, found.get(), std::memory_order_acq_rel)) {
        return *found.release();
    }
    return *before; // another thread was quicker
}

int ControlList::indexOf(ControlId id) const
{
    if (const ControlIndex *known = knownIndex()) {
        return known->places.value(id, -1);
    }
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
    dropIndex();
    m_items.append(QExplicitlySharedDataPointer<const Item>(new Item(control)));
}

void ControlList::appendShared(const ControlList &other, int index)
{
    dropIndex();
    m_items.append(other.m_items.at(index));
}

void ControlList::replace(int index, const Control &control)
{
    if (at(index) == control) {
        return; // keeps sharing, so that comparing and drawing skip it
    }
    const Control &before = at(index);
    if (before.id != control.id || before.captionFor != control.captionFor || areaOf(before) != areaOf(control)) {
        dropIndex();
    }
    m_items[index] = QExplicitlySharedDataPointer<const Item>(new Item(control));
}

void ControlList::removeAt(int index)
{
    dropIndex();
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
