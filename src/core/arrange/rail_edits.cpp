#include "core/arrange/rail_edits.h"

#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/text/caption_words.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

template <typename Change> Form withRailChanged(const Form &form, RailId id, Change change)
{
    Form result = form;
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        for (Rail &rail : *rails) {
            if (rail.id == id) {
                change(rail);
            }
        }
    }
    return result;
}

// Whether the left edge of a caption that stands before its box is of no account: it follows from its words.
bool endsOnRail(const Control &control)
{
    return control.captionFor != 0 && !sitsAbove(control);
}

// A rail that the form does not have yet.
Rail newRail(const Form &form, int position)
{
    Rail rail;
    rail.id = nextRailId(form);
    rail.name = NamePool(railNames(form)).take(QStringLiteral("rail"));
    rail.position = position;
    return rail;
}

} // namespace

Form withRail(const Form &form, int x)
{
    const Rail rail = newRail(form, std::clamp(x, 0, form.width));
    Form result = form;
    result.rails.append(rail);
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (endsOnRail(control)) {
            const bool isThere =
                control.rides.right == FixedRail::None && rightOf(control.place) + CaptionGap == rail.position;
            control.rides.right = isThere ? rail.id : control.rides.right;
        } else {
            if (control.rides.left == FixedRail::None && control.place.x() == rail.position) {
                control.rides.left = rail.id;
            }
            if (control.rides.right == FixedRail::None && rightOf(control.place) == rail.position &&
                control.kind != QLatin1String("caption")) {
                control.rides.right = rail.id;
            }
        }
        result.controls.replace(i, control);
    }
    return result;
}

Form withLevelRail(const Form &form, int y)
{
    const Band *body = findBand(form, BandRole::Body);
    const Rail rail = newRail(form, std::clamp(y, 0, body ? body->height : 0));
    Form result = form;
    result.levelRails.append(rail);
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        if (control.band != BandRole::Body || control.captionFor != 0) {
            continue;
        }
        for (const auto &[edge, at] :
             {std::pair{&Rides::top, control.place.y()}, {&Rides::bottom, bottomOf(control.place)}}) {
            if (control.rides.*edge == FixedRail::None && at == rail.position) {
                control.rides.*edge = rail.id;
            }
        }
        result.controls.replace(i, control);
    }
    return result;
}

Form withEdgesKept(const Form &form, const QList<ControlId> &selected, Edge edge)
{
    const QList<Arranged> items = arrangedOf(form, selected);
    if (items.isEmpty()) {
        return form;
    }
    const bool isLevel = edge == Edge::Top || edge == Edge::Bottom;
    const bool isStart = edge == Edge::Left || edge == Edge::Top;
    const auto edgeOf = [&](const QRect &place) {
        return isLevel ? (isStart ? place.y() : bottomOf(place)) : (isStart ? place.x() : rightOf(place));
    };
    const auto start = isLevel ? &Rides::top : &Rides::left;
    const auto end = isLevel ? &Rides::bottom : &Rides::right;
    const int at = edgeOf(items.last().place);
    Form result = form;
    QList<Rail> &rails = isLevel ? result.levelRails : result.rails;
    RailId id = FixedRail::None;
    for (const Rail &rail : std::as_const(rails)) {
        id = rail.position == at ? rail.id : id;
    }
    if (id == FixedRail::None) {
        rails.append(newRail(form, at));
        id = rails.last().id;
    }
    QList<Placing> placings;
    for (const Arranged &item : items) {
        const int by = at - edgeOf(item.place);
        placings.append({item, item.place.translated(isLevel ? 0 : by, isLevel ? by : 0)});
    }
    result = withPlacings(result, placings);
    for (const Arranged &item : items) {
        const int index = result.controls.indexOf(item.control);
        Control control = result.controls.at(index);
        control.rides.*(isStart ? start : end) = id;
        // The other edge is free, or the control would stretch.
        RailId &otherEdge = control.rides.*(isStart ? end : start);
        otherEdge = otherEdge == id ? FixedRail::None : otherEdge;
        result.controls.replace(index, control);
        if (edge == Edge::Left && item.other != 0 && item.otherIsNear && !item.isCaption) {
            const int other = result.controls.indexOf(item.other);
            Control caption = result.controls.at(other);
            (sitsAbove(caption) ? caption.rides.left : caption.rides.right) = id;
            result.controls.replace(other, caption);
        }
    }
    return result;
}

Form withRailRenamed(const Form &form, RailId id, const QString &name)
{
    const QString wanted = name.simplified();
    if (wanted.isEmpty()) {
        return form;
    }
    QStringList taken = railNames(form);
    if (const Rail *rail = findRail(form, id)) {
        taken.removeOne(rail->name);
    }
    const QString sound = NamePool(taken).take(wanted);
    return withRailChanged(form, id, [&](Rail &rail) { rail.name = sound; });
}

Form withRailHold(const Form &form, RailId id, Hold hold)
{
    return withRailChanged(form, id, [&](Rail &rail) { rail.hold = hold; });
}

Form withRailAutomatic(const Form &form, RailId id, bool isAutomatic, const TextMeasure &measure)
{
    const Rail *now = findRail(form, id);
    if (!now || now->isAutomatic == isAutomatic) {
        return form;
    }
    int captionsFrom = -1;
    for (const Control &control : form.controls) {
        if (control.rides.right == id && endsOnRail(control)) {
            captionsFrom = captionsFrom < 0 ? control.place.x() : std::min(captionsFrom, control.place.x());
        }
    }
    const Form changed = withRailChanged(form, id, [&](Rail &rail) {
        rail.isAutomatic = isAutomatic;
        rail.captionsFrom = isAutomatic ? std::max(0, captionsFrom < 0 ? rail.position : captionsFrom) : 0;
    });
    return isAutomatic ? settled(changed, measure) : changed;
}

Form withoutRail(const Form &form, RailId id)
{
    Form result = form;
    for (QList<Rail> *rails : {&result.rails, &result.levelRails}) {
        rails->removeIf([&](const Rail &rail) { return rail.id == id; });
    }
    for (int i = 0; i < result.controls.size(); ++i) {
        Control control = result.controls.at(i);
        for (const auto edge : RideEdges) {
            control.rides.*edge = control.rides.*edge == id ? FixedRail::None : control.rides.*edge;
        }
        result.controls.replace(i, control);
    }
    return result;
}

QList<RailId> railsRidden(const Form &form, const QList<ControlId> &controls)
{
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    QList<RailId> rails;
    for (const Control &control : form.controls) {
        if (!chosen.contains(control.id)) {
            continue;
        }
        for (const auto edge : RideEdges) {
            const RailId id = control.rides.*edge;
            if (id != FixedRail::None && !rails.contains(id)) {
                rails.append(id);
            }
        }
    }
    return rails;
}

int edgesOn(const Form &form, RailId id)
{
    int edges = 0;
    for (const Control &control : form.controls) {
        edges += static_cast<int>(std::count_if(RideEdges.begin(), RideEdges.end(),
                                                [&](const auto edge) { return control.rides.*edge == id; }));
    }
    return edges;
}

} // namespace nabblet
