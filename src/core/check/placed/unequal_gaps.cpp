#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"

#include <algorithm>
#include <map>
#include <tuple>

namespace nabblet {

namespace {

constexpr int MayDiffer = 2; // px: what even gaps leave over where they cannot be divided

// Three or more of one kind and size side by side, with gaps that differ: buttons, boxes of a year's months.
QList<Finding> find(const CheckContext &context)
{
    if (isTabular(context.form)) {
        return {};
    }
    QHash<Area, QList<Arranged>> areas;
    using Equals = std::tuple<int, int, int, QString>; // top, width, height, kind
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        const Area area = areaOf(control);
        if (!areas.contains(area)) {
            areas.insert(area, arrangedIn(context.form, area));
        }
    }
    for (const QList<Arranged> &items : std::as_const(areas)) {
        std::map<Equals, QList<Arranged>> rows;
        for (const Arranged &item : items) {
            const Control *control = context.form.controls.find(item.control);
            if (control && !item.isCaption) {
                rows[{item.place.y(), item.place.width(), item.place.height(), control->kind}].append(item);
            }
        }
        for (auto &[equals, row] : rows) {
            std::sort(row.begin(), row.end(),
                      [](const Arranged &a, const Arranged &b) { return a.place.x() < b.place.x(); });
            int least = 0;
            int most = 0;
            for (qsizetype i = 1; i < row.size(); ++i) {
                const int gap = row.at(i).whole.x() - rightOf(row.at(i - 1).whole);
                least = i == 1 ? gap : std::min(least, gap);
                most = i == 1 ? gap : std::max(most, gap);
            }
            // What stands far apart was put there, and what lies over another is found as that.
            const bool isOneRow = row.size() > 2 && least >= 0 && most <= row.first().place.width() / 2;
            if (!isOneRow || most - least <= MayDiffer) {
                continue;
            }
            QList<ControlId> all;
            for (const Arranged &each : std::as_const(row)) {
                all.append(each.control);
            }
            const Control *first = context.form.controls.find(all.first());
            found.append({all.first(),
                          Texts::tr("“%1” and the %2 behind it in its row stand %3 to %4 px apart.")
                              .arg(calledFor(context.form, *first))
                              .arg(all.size() - 1)
                              .arg(least)
                              .arg(most),
                          {},
                          {operates(Texts::tr("Even the gaps"), QStringLiteral("gaps-even-across"), all)}});
        }
    }
    return found;
}

} // namespace

FormCheck unequalGaps()
{
    return {"unequal gaps", Texts::later("Gaps that differ within a row"), Degree::ToWeigh, find};
}

} // namespace nabblet
