#include "core/check/mends.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/tidy.h"
#include "core/catalogue/profile_in.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/draft/redrafted.h"
#include "core/edit/edits.h"

#include <algorithm>

namespace nabblet {

const Profile *profileOfRows(const CheckContext &context)
{
    return profileIn(context.profiles, context.form.rowsFrom);
}

Mend deletes(const QString &words, const QList<ControlId> &controls)
{
    return {words, [controls](const CheckContext &now) { return deleteControls(now.form, controls); }};
}

Mend sets(const QString &words, const QList<ControlId> &controls,
          const std::function<void(ControlSettings &settings)> &change)
{
    return {words, [controls, change](const CheckContext &now) { return withSettings(now.form, controls, change); }};
}

Mend operates(const QString &words, const QString &operation, const QList<ControlId> &controls)
{
    return {words, [operation, controls](const CheckContext &now) {
                const ArrangeOperation *found = findArrangeOperation(operation);
                ArrangeContext context{now.form, controls, now.measure, {}};
                return found && found->whyNot(context).isEmpty() ? found->apply(context) : now.form;
            }};
}

Mend tidies(const QString &words, const QList<ControlId> &controls)
{
    return {words, [controls](const CheckContext &now) {
                return tidied(now.form, fieldsOfCaptions(now.form, controls), now.measure);
            }};
}

Mend moves(const QString &words, ControlId control, QPoint by)
{
    return {words, [control, by](const CheckContext &now) { return moveControls(now.form, {control}, by); }};
}

Mend widens(const QString &words, ControlId control, int by)
{
    return {words, [control, by](const CheckContext &now) {
                return pushedOn(resizeControls(now.form, {control}, Edge::Right, QPoint(by, 0)), control,
                                Qt::Horizontal);
            }};
}

Mend grows(const QString &words, ControlId control, QSize by)
{
    return {words, [control, by](const CheckContext &now) {
                Form form =
                    resizeControls(now.form, {control}, Edge::Right | Edge::Bottom, QPoint(by.width(), by.height()));
                form = by.width() > 0 ? pushedOn(form, control, Qt::Horizontal) : form;
                return by.height() > 0 ? pushedOn(form, control, Qt::Vertical) : form;
            }};
}

Mend redrafts(const QString &words, ControlId control, const QString &kind)
{
    return {words, [control, kind](const CheckContext &now) {
                const Control *before = now.form.controls.find(control);
                const Table *table = findTable(now.catalogue, now.form.rowsFrom);
                const Column *column = table && before ? findColumn(*table, before->column) : nullptr;
                if (!column) {
                    return now.form;
                }
                Form form = now.form;
                const Control made =
                    draftField(now.catalogue, *table, *column, kind.isEmpty() ? kindByType(*column) : kind, nullptr);
                form.controls.replace(form.controls.indexOf(control), redrafted(*before, made));
                return form;
            }};
}

Mend brings(const QString &words, ControlId control, const QRect &room)
{
    return {words, [control, room](const CheckContext &now) {
                const QRect place = now.form.controls.find(control)->place;
                const QSize size(std::min(place.width(), std::max(LeastSize, room.width())),
                                 std::min(place.height(), std::max(LeastSize, room.height())));
                const QPoint at(std::clamp(place.x(), room.x(), std::max(room.x(), rightOf(room) - size.width())),
                                std::clamp(place.y(), room.y(), std::max(room.y(), bottomOf(room) - size.height())));
                return placeControl(now.form, control, QRect(at, size));
            }};
}

} // namespace nabblet
