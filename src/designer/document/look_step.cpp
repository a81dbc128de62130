#include "designer/document/look_step.h"

#include <algorithm>

namespace nabblet {

namespace {

template <typename T> const T *named(const QList<T> &all, const QString &name)
{
    const auto found = std::find_if(all.begin(), all.end(), [&](const T &each) { return each.name == name; });
    return found == all.end() ? nullptr : &*found;
}

template <typename T> void take(QList<T> &now, const QList<T> &before, const QList<T> &after)
{
    for (const T &each : after) {
        const T *was = named(before, each.name);
        if (was && *was == each) {
            continue;
        }
        const auto at = std::find_if(now.begin(), now.end(), [&](const T &other) { return other.name == each.name; });
        if (at != now.end()) {
            *at = each;
        } else {
            now.append(each);
        }
    }
    for (const T &each : before) {
        if (!named(after, each.name)) {
            now.removeIf([&](const T &other) { return other.name == each.name; });
        }
    }
}

} // namespace

LookBook withChangesOf(LookBook now, const LookBook &before, const LookBook &after)
{
    take(now.looks, before.looks, after.looks);
    take(now.styles, before.styles, after.styles);
    return now;
}

LookStep::LookStep(const QString &name, LookBook before, LookBook after, std::function<LookBook()> now,
                   std::function<void(const LookBook &)> put)
    : QUndoCommand(name), m_before(std::move(before)), m_after(std::move(after)), m_now(std::move(now)),
      m_put(std::move(put))
{
}

void LookStep::undo()
{
    m_put(withChangesOf(m_now(), m_after, m_before));
}

void LookStep::redo()
{
    m_put(withChangesOf(m_now(), m_before, m_after));
}

} // namespace nabblet
