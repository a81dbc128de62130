#include "core/edit/edits.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/kinds/kind.h"
#include "core/text/caption_words.h"

#include <QSet>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

constexpr int LeastSize = 8; // px

using ControlSet = QSet<ControlId>;

ControlSet setOf(const QList<ControlId> &controls)
{
    return {controls.begin(), controls.end()};
}

// Calls change(control) on each control of the set and stores what it gives.
template <typename Change> Form changed(const Form &form, const ControlSet &controls, Change change)
{
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        if (controls.contains(result.controls.at(i).id)) {
            result.controls.replace(i, change(result.controls.at(i)));
        }
    }
    return result;
}

// Whether a caption comes along with its field but stands in another area, as heads do: it then moves sideways only.
bool isHeadOf(const Form &form, const Control &control, const ControlSet &named)
{
    if (control.captionFor == 0 || named.contains(control.id)) {
        return false;
    }
    const Control *field = form.controls.find(control.captionFor);
    return field && areaOf(*field) != areaOf(control);
}

} // namespace

QList<ControlId> withBelongings(const Form &form, const QList<ControlId> &controls)
{
    ControlSet named = setOf(controls);
    if (hasContainers(form)) {
        named += membersOf(form, named);
    }
    QList<ControlId> result;
    for (const Control &control : form.controls) {
        if (named.contains(control.id) || named.contains(control.captionFor)) {
            result.append(control.id);
        }
    }
    return result;
}

QPoint possibleMove(const Form &form, const QList<ControlId> &controls, QPoint distance)
{
    const ControlSet moving = setOf(withBelongings(form, controls));
    const ControlSet named = setOf(controls);
    QHash<Area, QPoint> corners; // the top left corner of each area's room
    for (const Control &control : form.controls) {
        if (!moving.contains(control.id) || moving.contains(control.container)) {
            continue;
        }
        const Area area = areaOf(control);
        auto corner = corners.constFind(area);
        if (corner == corners.constEnd()) {
            corner = corners.insert(area, roomOf(form, area).topLeft());
        }
        distance.setX(std::max(distance.x(), std::min(0, corner->x() - control.place.x())));
        if (!isHeadOf(form, control, named)) {
            distance.setY(std::max(distance.y(), std::min(0, corner->y() - control.place.y())));
        }
    }
    return distance;
}

Form moveControls(const Form &form, const QList<ControlId> &controls, QPoint distance, RideRule rule)
{
    const QPoint possible = possibleMove(form, controls, distance);
    if (possible.isNull()) {
        return form;
    }
    const ControlSet named = setOf(controls);
    return grownToHold(changed(form, setOf(withBelongings(form, controls)), [&](Control control) {
        control.place.translate(isHeadOf(form, control, named) ? QPoint(possible.x(), 0) : possible);
        return possible.x() == 0 || rule == RideRule::Kept ? control : withRidesByPlace(form, control);
    }));
}

QList<ControlId> fieldsOfCaptions(const Form &form, const QList<ControlId> &controls)
{
    QList<ControlId> result = controls;
    for (ControlId &id : result) {
        const Control *control = form.controls.find(id);
        const Control *field = control && control->captionFor != 0 ? form.controls.find(control->captionFor) : nullptr;
        if (field && areaOf(*field) == areaOf(*control) && !controls.contains(field->id)) {
            id = field->id;
        }
    }
    return result;
}

Form moveControlsInto(const Form &form, const QList<ControlId> &asked, const Area &area, QPoint distance)
{
    const bool isOfContainers = area.container != 0 || std::any_of(asked.begin(), asked.end(), [&](ControlId id) {
                                    const Control *control = form.controls.find(id);
                                    return control && control->container != 0;
                                });
    const QList<ControlId> controls = isOfContainers ? fieldsOfCaptions(form, asked) : asked;
    const int top = bandTop(form, area.band);
    const ControlSet named = setOf(controls);
    const ControlSet moving = setOf(withBelongings(form, controls));
    if (moving.contains(area.container)) {
        return form;
    }
    const QPoint corner = roomOf(form, area).topLeft();
    // As far as none of them leaves the area at the left or the top.
    QPoint by = distance;
    for (const Control &control : form.controls) {
        if (moving.contains(control.id) && !isHeadOf(form, control, named)) {
            const QPoint there = placeOnForm(form, control).topLeft() - QPoint(0, top);
            by.setX(std::max(by.x(), corner.x() - there.x()));
            by.setY(std::max(by.y(), corner.y() - there.y()));
        }
    }
    const Form moved = changed(form, moving, [&](Control control) {
        if (isHeadOf(form, control, named)) {
            return control;
        }
        control.place = placeOnForm(form, control).translated(by).translated(0, -top);
        control.band = area.band;
        if (!moving.contains(control.container)) {
            control.container = area.container;
            control.page = area.page;
        }
        return withRidesByPlace(form, control);
    });
    Form result = moved;
    if (const int holder = result.controls.indexOf(area.container); area.container != 0 && holder >= 0) {
        Control container = result.controls.at(holder);
        const Rides needed = holdsFor(form, controls);
        container.rides.left = needed.left != FixedRail::None ? needed.left : container.rides.left;
        container.rides.right = needed.right != FixedRail::None ? needed.right : container.rides.right;
        container.rides.bottom = needed.bottom != FixedRail::None ? needed.bottom : container.rides.bottom;
        result.controls.replace(holder, container);
    }
    return grownToHold(inNestingOrder(result));
}

Form resizeControls(const Form &form, const QList<ControlId> &controls, Edges edges, QPoint distance, RideRule rule)
{
    return grownToHold(changed(form, setOf(controls), [&](Control control) {
        const QPoint corner = control.container == 0 ? QPoint() : roomOf(form, areaOf(control)).topLeft();
        QPoint held(std::numeric_limits<int>::max(), std::numeric_limits<int>::max()); // of what is in a container
        if (holdsOthers(control)) {
            const Insets insets = insetsOf(control);
            for (const Control &member : form.controls) {
                if (member.container == control.id) {
                    held.setX(std::min(held.x(), member.place.x() - insets.left));
                    held.setY(std::min(held.y(), member.place.y() - insets.top));
                }
            }
        }
        int left = control.place.x();
        int top = control.place.y();
        int right = left + control.place.width();
        int bottom = top + control.place.height();
        if (edges & Edge::Left) {
            const int least = std::min(left, corner.x());
            left = std::clamp(left + distance.x(), least, std::max(least, std::min(held.x(), right - LeastSize)));
        }
        if (edges & Edge::Right) {
            right = std::max(right + distance.x(), left + LeastSize);
        }
        if (edges & Edge::Top) {
            const int least = std::min(top, corner.y());
            top = std::clamp(top + distance.y(), least, std::max(least, std::min(held.y(), bottom - LeastSize)));
        }
        if (edges & Edge::Bottom) {
            bottom = std::max(bottom + distance.y(), top + LeastSize);
        }
        const QRect before = control.place;
        control.place = QRect(left, top, right - left, bottom - top);
        const bool isMovedAcross = left != before.x() || right != rightOf(before);
        if (!isMovedAcross || rule == RideRule::Kept) {
            return control;
        }
        // Only an edge that moved lets go of its rail.
        const Control riding = withRidesByPlace(form, control);
        control.rides.left = left != before.x() ? riding.rides.left : control.rides.left;
        control.rides.right = right != rightOf(before) ? riding.rides.right : control.rides.right;
        return control;
    }));
}

Form placeControl(const Form &form, ControlId id, const QRect &place)
{
    const Control *control = form.controls.find(id);
    if (!control) {
        return form;
    }
    const QRect inside(std::max(0, place.x()), std::max(0, place.y()), std::max(LeastSize, place.width()),
                       std::max(LeastSize, place.height()));
    const QPoint distance = inside.topLeft() - control->place.topLeft();
    const Form moved = moveControls(form, {id}, distance);
    const Control *there = moved.controls.find(id);
    const QSize grow = inside.size() - there->place.size();
    return resizeControls(moved, {id}, Edge::Right | Edge::Bottom, QPoint(grow.width(), grow.height()));
}

Form deleteControls(const Form &form, const QList<ControlId> &controls)
{
    const ControlSet leaving = setOf(withBelongings(form, controls));
    Form result = form;
    result.controls = ControlList();
    result.controls.reserve(form.controls.size());
    QSet<QString> stillBound;
    for (int i = 0; i < form.controls.size(); ++i) {
        if (!leaving.contains(form.controls.at(i).id)) {
            result.controls.appendShared(form.controls, i);
            for (const QString &column : columnsWritten(form.controls.at(i))) {
                stillBound.insert(column);
            }
        }
    }
    result.boundColumns.removeIf([&](const BoundColumn &bound) { return !stillBound.contains(bound.column); });
    return result;
}

namespace {

// Whether what a control is called comes from the words on it.
bool isNamedByItsWords(const Control &control)
{
    return holdsOthers(control) || kindNamed(control.kind).editor == Editor::Button;
}

// A name that nobody gave: the kind's, and a number.
bool hasNameOfItsKind(const Control &control)
{
    const QString kind = kindNamed(control.kind).shortName;
    const QString rest = control.name.mid(kind.size());
    bool isNumber = false;
    (void)rest.mid(1).toInt(&isNumber);
    return control.name.startsWith(kind) && (rest.isEmpty() || (rest.startsWith(u'_') && isNumber));
}

} // namespace

Form withNameByWords(const Form &form, ControlId id, const QString &pattern)
{
    const int index = form.controls.indexOf(id);
    if (index < 0 || !isNamedByItsWords(form.controls.at(index)) || !hasNameOfItsKind(form.controls.at(index)) ||
        identifierFromText(form.controls.at(index).text).isEmpty()) {
        return form;
    }
    Control control = form.controls.at(index);
    control.name =
        NamePool(controlNames(form, id))
            .take(nameFromPattern(pattern, kindNamed(control.kind).shortName, identifierFromText(control.text)));
    Form result = form;
    result.controls.replace(index, control);
    return result;
}

Form setCaptionText(const Form &form, ControlId caption, const QString &text, const TextMeasure &measure)
{
    bool isTaller = false;
    const Control *before = form.controls.find(caption);
    const bool hasOtherWords = before && before->text != text;
    const Form renamed = changed(form, {caption}, [&](Control control) {
        const auto linesBefore = control.text.count(u'\n') + 1;
        const auto lines = static_cast<int>(text.count(u'\n')) + 1;
        control.text = text;
        if (lines == linesBefore || control.kind != QLatin1String("caption")) {
            return control;
        }
        // As high as its lines need; above its box, it grows upwards.
        const TextRole role = textRoleNamed(control.role, TextRole::Caption);
        const int usual = kindNamed(control.kind).usualSize.height();
        const int height =
            lines == 1 ? usual : onGridAtOrAfter(lines * measure.lineHeight(role), std::max(1, form.grid.pitch));
        const int more = height - control.place.height();
        isTaller = more > 0;
        control.place.setHeight(height);
        if (sitsAbove(control)) {
            control.place.moveTop(std::max(0, control.place.y() - more));
        }
        return control;
    });
    const Form result = settled(hasOtherWords ? withNameByWords(renamed, caption) : renamed, measure);
    // What the words would cover makes way.
    return isTaller ? withWayMade(result, {caption}) : result;
}

Form renameControl(const Form &form, ControlId id, const QString &name)
{
    const QString sound = NamePool(controlNames(form, id)).take(identifierFromText(name));
    return changed(form, {id}, [&](Control control) {
        control.name = sound;
        return control;
    });
}

Form setControlSetting(const Form &form, const QList<ControlId> &controls, const QString &setting,
                       const QJsonValue &value)
{
    return changed(form, setOf(controls), [&](Control control) {
        if (value.isNull() || value.isUndefined()) {
            control.settings.remove(setting);
        } else {
            control.settings.insert(setting, value);
        }
        return control;
    });
}

Form setRowSource(const Form &form, const QString &name, const QString &select)
{
    Form result = form;
    result.rowSource = name;
    result.select = select;
    return result;
}

Form renamedByPattern(const Form &form, const QString &pattern)
{
    QHash<ControlId, QString> baseOf;
    for (const Control &control : form.controls) {
        const std::optional<Followed> followed = followedBy(control);
        const std::optional<Total> total = totalOf(control);
        const QString base = !control.column.isEmpty()    ? control.column
                             : followed                   ? followed->columns.last() + u'_' + followed->column
                             : control.inner              ? control.inner.get()->rowSource
                             : total                      ? total->column
                             : isNamedByItsWords(control) ? identifierFromText(control.text)
                                                          : QString();
        baseOf.insert(control.id, base);
    }
    // What keeps its name has it first.
    QStringList kept;
    for (const Control &control : form.controls) {
        const QString base = control.captionFor != 0 ? baseOf.value(control.captionFor) : baseOf.value(control.id);
        if (base.isEmpty()) {
            kept.append(control.name);
        }
    }
    NamePool names(kept);
    Form result = form;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        const QString base = control.captionFor != 0 ? baseOf.value(control.captionFor) : baseOf.value(control.id);
        if (!base.isEmpty()) {
            control.name = names.take(nameFromPattern(pattern, kindNamed(control.kind).shortName, base));
        }
        if (control.inner) {
            control.inner = InnerForm(renamedByPattern(*control.inner.get(), pattern));
        }
        result.controls.replace(i, control);
    }
    return result;
}

Form deleteCaptionsOf(const Form &form, const QList<ControlId> &controls)
{
    const ControlSet named = setOf(controls);
    Form result = form;
    for (int i = result.controls.size() - 1; i >= 0; --i) {
        const Control &control = result.controls.at(i);
        const bool isNamed = named.contains(control.id) || named.contains(control.captionFor);
        if (control.kind == QLatin1String("caption") && isNamed) {
            result.controls.removeAt(i);
        }
    }
    return result;
}

Form setBandHeight(const Form &form, BandRole role, int height, Crowding crowding)
{
    Form result = form;
    for (Band &band : result.bands) {
        if (band.role == role) {
            band.height = std::max(height, 0);
        }
    }
    if (crowding == Crowding::StopsAt) {
        return grownToHold(result);
    }
    int highest = std::numeric_limits<int>::max();
    int lowest = 0;
    for (const Control &control : form.controls) {
        if (control.band == role) {
            highest = std::min(highest, control.place.y());
            lowest = std::max(lowest, bottomOf(control.place));
        }
    }
    const int by = std::min(std::max(0, lowest - std::max(height, 0)), highest);
    for (int i = 0; by > 0 && i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.band == role) {
            control.place.translate(0, -by);
            result.controls.replace(i, control);
        }
    }
    return grownToHold(result);
}

Form withBand(const Form &form, BandRole role)
{
    constexpr int UsualHeight = 48; // px
    if (findBand(form, role)) {
        return form;
    }
    Form result = form;
    result.bands.append(Band{role, UsualHeight, {}});
    std::sort(result.bands.begin(), result.bands.end(), [](const Band &a, const Band &b) { return a.role < b.role; });
    return result;
}

Form withoutBand(const Form &form, BandRole role)
{
    if (role == BandRole::Body) {
        return form;
    }
    QList<ControlId> leaving;
    for (const Control &control : form.controls) {
        if (control.band == role) {
            leaving.append(control.id);
        }
    }
    Form result = leaving.isEmpty() ? form : deleteControls(form, leaving);
    result.bands.removeIf([&](const Band &band) { return band.role == role; });
    return result;
}

Form trimmed(const Form &form)
{
    int left = std::numeric_limits<int>::max();
    int right = 0;
    for (const Control &control : form.controls) {
        left = std::min(left, control.place.x());
        // What stretches to the form's edge follows the edge; it counts with its least width.
        right = std::max(right, rightOf(control.place));
    }
    Form result = form;
    for (Band &band : result.bands) {
        int top = std::numeric_limits<int>::max();
        int bottom = 0;
        for (const Control &control : form.controls) {
            if (control.band == band.role) {
                top = std::min(top, control.place.y());
                bottom = std::max(bottom, bottomOf(control.place));
            }
        }
        if (bottom > 0) {
            band.height = std::min(band.height, bottom + std::min(top, 2 * form.grid.pitch));
        }
    }
    if (right == 0) {
        return result;
    }
    // The controls keep their places, so holds at the right edge keep their new distance.
    result.width = std::min(form.width, right + std::min(left, 2 * form.grid.pitch));
    return result;
}

Form withTabOrder(const Form &form, TabOrder order)
{
    Form result = form;
    result.tabOrder = order;
    if (order != TabOrder::ByHand) {
        result.handOrder.clear();
    }
    return result;
}

Form withHandOrder(const Form &form, const QList<ControlId> &order)
{
    Form result = form;
    result.tabOrder = TabOrder::ByHand;
    result.handOrder = order;
    return result;
}

Form withLookOf(const Form &form, ControlId from, const QList<ControlId> &to)
{
    // The settings that say how a control looks and not what it shows.
    static const QStringList LookSettings{QStringLiteral("align"), QStringLiteral("look")};
    const Control *model = form.controls.find(from);
    if (!model) {
        return form;
    }
    const Control source = *model;
    return changed(form, setOf(to), [&](Control control) {
        if (control.id == source.id) {
            return control;
        }
        control.role = source.role;
        for (const QString &name : LookSettings) {
            if (source.settings.contains(name)) {
                control.settings.insert(name, source.settings.value(name));
            } else {
                control.settings.remove(name);
            }
        }
        return control;
    });
}

Form setFormWidth(const Form &form, int width)
{
    int least = LeastSize;
    for (const Control &control : form.controls) {
        const int right = control.place.x() + control.place.width();
        if (control.rides.right != FixedRail::FormRight) {
            least = std::max(least, right);
        } else {
            // A control that stretches keeps its distance to the edge and at least its least width.
            const int distance = form.width - right;
            least = std::max(least, control.place.x() + LeastSize + distance);
        }
    }
    const int wanted = std::max(width, least);
    const int distance = wanted - form.width;
    Form result = form;
    result.width = wanted;
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.rides.right == FixedRail::FormRight) {
            if (control.rides.left != FixedRail::None) {
                control.place.setWidth(control.place.width() + distance);
            } else {
                control.place.translate(distance, 0);
            }
            result.controls.replace(i, control);
        }
    }
    return withMembersFollowing(form, result);
}

} // namespace nabblet
