#include "core/arrange/edges.h"
#include "core/check/checks.h"
#include "core/check/mends.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <QHash>
#include <QMap>

#include <cstdlib>

namespace nabblet {

namespace {

constexpr int Near = 4; // px: nobody means an edge to stand so far beside another

// Boxes whose left edge stands a few px beside that of others above or below them.
QList<Finding> find(const CheckContext &context)
{
    QHash<Area, QMap<int, int>> counts; // boxes by their left edge
    const auto isBox = [](const Control &control) { return takesValue(kindNamed(control.kind)); };
    for (const Control &control : context.form.controls) {
        if (isBox(control)) {
            ++counts[areaOf(control)][control.place.x()];
        }
    }
    QList<Finding> found;
    for (const Control &control : context.form.controls) {
        if (!isBox(control)) {
            continue;
        }
        const QMap<int, int> &lefts = counts[areaOf(control)];
        const int own = lefts.value(control.place.x());
        for (auto left = lefts.begin(); left != lefts.end(); ++left) {
            const int beside = std::abs(left.key() - control.place.x());
            if (beside == 0 || beside > Near || left.value() <= own) {
                continue;
            }
            found.append({control.id,
                          Texts::tr("“%1” stands %2 px beside the left edge of %3 others.")
                              .arg(calledFor(context.form, control))
                              .arg(beside)
                              .arg(left.value()),
                          {},
                          {moves(Texts::tr("Put it in line"), control.id, QPoint(left.key() - control.place.x(), 0))}});
            break;
        }
    }
    return found;
}

} // namespace

FormCheck nearlyInLine()
{
    return {"nearly in line", Texts::later("Edges nearly in line"), Degree::ToWeigh, find};
}

} // namespace nabblet
