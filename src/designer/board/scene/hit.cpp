#include "designer/board/scene/hit.h"

#include "core/arrange/grid.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/rows.h"
#include "core/arrange/structure.h"
#include "core/kinds/holders/panes.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/rules/rule_sentence.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/hold_signs.h"
#include "designer/board/scene/mark_places.h"

namespace nabblet {

int hitSlack(const BoardScene &scene)
{
    return std::max(1, HitSlack * 100 / scene.zoom);
}

Hit hitAt(const BoardScene &scene, QPoint at)
{
    const Form &form = scene.shownForm();
    Hit hit;
    if (at.y() < RulerHeight) {
        QList<RailId> rails{FixedRail::FormRight};
        for (const Rail &rail : form.rails) {
            rails.prepend(rail.id);
        }
        for (const RailId rail : rails) {
            if (std::abs(railKnob(scene, rail).x() - at.x()) <= KnobRadius + 2) {
                hit.kind = rail == FixedRail::FormRight ? Hit::FormEdge : Hit::RailKnob;
                hit.rail = rail;
                return hit;
            }
        }
        if (scene.toForm(at).x() >= 0 && scene.toForm(at).x() <= form.width) {
            hit.kind = Hit::Ruler;
        }
        return hit;
    }
    const QPoint point = scene.toForm(at);
    if (scene.use() == MouseUse::Placing) {
        hit.kind = scene.areaAt(scene.form(), point) ? Hit::Placing : Hit::Nothing;
        return hit;
    }
    if (scene.use() == MouseUse::MovingTracing) {
        hit.kind = Hit::Tracing;
        return hit;
    }
    if (scene.use() == MouseUse::OrderingTabs) {
        const Form inSight = scene.inSight(form);
        const QList<ControlId> stops = tabSequence(inSight);
        for (const ControlId id : stops) {
            if (tabBadge(scene, id).contains(at) || scene.viewportRectOf(id).contains(at)) {
                hit.kind = Hit::TabBadge;
                hit.control = id;
                return hit;
            }
        }
        // Tabs still turn their pages.
        const Control *container = inSight.controls.find(containerAt(inSight, point));
        if (container && tabAt(*container, point - placeOnForm(inSight, *container).topLeft()) != 0) {
            hit.kind = Hit::Control;
            hit.control = container->id;
        }
        return hit;
    }
    for (int i = 0; i < scene.pills.size(); ++i) {
        if (pillRect(scene, scene.pills.at(i)).contains(at)) {
            hit.kind = Hit::GapPill;
            hit.pill = i;
            return hit;
        }
    }
    if (const std::optional<Direction> direction = holdSignAt(scene, at)) {
        hit.kind = Hit::HoldSign;
        hit.direction = *direction;
        return hit;
    }
    if (const Control *lead = form.controls.find(scene.selection.lead()); lead && !isCaption(*lead)) {
        const QRect shown = scene.toViewport(placeOnForm(form, *lead));
        for (const Edges edges : handlesOf(shown)) {
            // Inside a small control, moving it matters more than sizing it.
            const int room = shown.width() < 40 || shown.height() < 20 ? 1 : 3;
            if (handleRect(shown, edges).adjusted(-room, -room, room, room).contains(at)) {
                hit.kind = Hit::Handle;
                hit.control = lead->id;
                hit.edges = edges;
                return hit;
            }
        }
        if (captionHandle(scene).adjusted(-3, -3, 3, 3).contains(at)) {
            hit.kind = Hit::CaptionHandle;
            hit.control = captionOf(form, lead->id)->id;
            return hit;
        }
    }
    if (at.x() >= SpineWidth && at.x() < LeftSide - 2) {
        for (const Rail &rail : form.levelRails) {
            if (std::abs(railKnob(scene, rail.id).y() - at.y()) <= KnobRadius + 1) {
                hit.kind = Hit::RailKnob;
                hit.rail = rail.id;
                return hit;
            }
        }
        const int body = bandTop(form, BandRole::Body);
        if (point.y() >= body && point.y() <= body + railPosition(form, FixedRail::BodyBottom)) {
            hit.kind = Hit::SideRuler;
            hit.band = BandRole::Body;
        }
        return hit;
    }
    if (at.x() < SpineWidth) {
        for (const BandRole role : {BandRole::Header, BandRole::Footer}) {
            if (bandAdder(scene, role).adjusted(-2, -2, 2, 2).contains(at)) {
                hit.kind = Hit::AddBand;
                hit.band = role;
                return hit;
            }
        }
        for (const Band &band : form.bands) {
            const int top = bandTop(form, band.role);
            if (std::abs(scene.toViewport(QPoint(0, top + band.height)).y() - at.y()) <= EdgeSlack) {
                hit.kind = Hit::BandEdge;
                hit.band = band.role;
                return hit;
            }
            if (point.y() >= top && point.y() < top + band.height) {
                hit.kind = Hit::Spine;
                hit.band = band.role;
                return hit;
            }
        }
        return hit;
    }
    const int slack = hitSlack(scene);
    const Form inSight = scene.inSight(form);
    hit.control = controlAt(inSight, point, slack);
    if (hit.control != 0) {
        // What is selected already is kept hold of where it lies under another.
        const QList<ControlId> pile = controlsAt(inSight, point, slack);
        for (const ControlId id : pile) {
            if (id == scene.selection.lead()) {
                hit.control = id;
            }
        }
        hit.kind = Hit::Control;
        return hit;
    }
    hit.control = containerAt(inSight, point);
    if (hit.control != 0) {
        const Control &container = *inSight.controls.find(hit.control);
        const QPoint inside = point - placeOnForm(inSight, container).topLeft();
        const int off = (areStacked(container) ? inside.y() : inside.x()) - dividerOf(container);
        const bool isDivider = kindNamed(container.kind).holds == Holds::Panes && std::abs(off) <= slack;
        hit.kind = isDivider ? Hit::Divider : Hit::Inside;
        return hit;
    }
    const bool isAtEdge = std::abs(scene.toViewport(QPoint(form.width, 0)).x() - at.x()) <= EdgeSlack;
    if (isAtEdge && point.y() >= 0 && point.y() < formHeight(form)) {
        hit.kind = Hit::FormEdge;
        return hit;
    }
    for (const Band &band : form.bands) {
        const int edge = scene.toViewport(QPoint(0, bandTop(form, band.role) + band.height)).y();
        if (std::abs(edge - at.y()) <= EdgeSlack && point.x() <= form.width) {
            hit.kind = Hit::BandEdge;
            hit.band = band.role;
            return hit;
        }
    }
    return hit;
}

Qt::CursorShape cursorOver(const BoardScene &scene, const Hit &hit)
{
    Qt::CursorShape shape = Qt::ArrowCursor;
    switch (hit.kind) {
    case Hit::Handle:
        shape = hit.edges == (Edge::Right | Edge::Bottom)  ? Qt::SizeFDiagCursor
                : hit.edges == (Edge::Left | Edge::Bottom) ? Qt::SizeBDiagCursor
                : hit.edges & (Edge::Top | Edge::Bottom)   ? Qt::SizeVerCursor
                                                           : Qt::SizeHorCursor;
        break;
    case Hit::RailKnob:
        shape = isLevelRail(scene.form(), hit.rail) ? Qt::SplitVCursor : Qt::SplitHCursor;
        break;
    case Hit::FormEdge:
    case Hit::Ruler:
        shape = Qt::SplitHCursor;
        break;
    case Hit::SideRuler:
    case Hit::BandEdge:
        shape = Qt::SplitVCursor;
        break;
    case Hit::Divider:
        shape = areStacked(*scene.form().controls.find(hit.control)) ? Qt::SplitVCursor : Qt::SplitHCursor;
        break;
    case Hit::GapPill:
    case Hit::HoldSign:
    case Hit::TabBadge:
    case Hit::AddBand:
    case Hit::Spine:
        shape = Qt::PointingHandCursor;
        break;
    case Hit::Placing:
        shape = Qt::CrossCursor;
        break;
    case Hit::Tracing:
        shape = Qt::OpenHandCursor;
        break;
    case Hit::CaptionHandle:
        shape = Qt::SizeAllCursor;
        break;
    case Hit::Control:
        shape = scene.selection.contains(hit.control) ? Qt::SizeAllCursor : Qt::ArrowCursor;
        break;
    case Hit::Inside:
    case Hit::Nothing:
        break;
    }
    return shape;
}

QString wordsOver(const BoardScene &scene, const Hit &hit)
{
    if (hit.kind == Hit::RailKnob) {
        const Rail *rail = findRail(scene.form(), hit.rail);
        return rail->isAutomatic
                   ? Texts::tr("Rail “%1”: stands clear of the longest caption. Drag to move all edges on it.")
                         .arg(rail->name)
                   : Texts::tr("Rail “%1”. Drag to move all edges on it.").arg(rail->name);
    }
    if (hit.kind == Hit::Ruler) {
        return Texts::tr("Drag down from here to make a rail.");
    }
    if (hit.kind == Hit::FormEdge) {
        return Texts::tr("The form's right edge. Drag to change the width.");
    }
    if (hit.kind == Hit::BandEdge) {
        return Texts::tr("Drag to change the band's height; with Ctrl, what is there is pushed along.");
    }
    if (hit.kind == Hit::GapPill) {
        return Texts::tr("Click to give all gaps this size.");
    }
    if (hit.kind == Hit::HoldSign) {
        return holdingWords(scene.form(), scene.selection.lead(), hit.direction);
    }
    if (hit.kind == Hit::CaptionHandle) {
        return Texts::tr("Drag to shift the caption alone.");
    }
    if (hit.kind == Hit::Spine) {
        return Texts::tr("Click to select the band.");
    }
    if (hit.kind == Hit::SideRuler) {
        return Texts::tr("Drag right from here to make a level rail.");
    }
    if (hit.kind == Hit::Divider) {
        return Texts::tr("Drag to give one pane more room.");
    }
    if (hit.kind == Hit::AddBand) {
        return hit.band == BandRole::Header ? Texts::tr("Click to add a header.") : Texts::tr("Click to add a footer.");
    }
    if (hit.kind == Hit::Control || hit.kind == Hit::Inside) {
        QStringList rules;
        for (const Rule &rule : scene.form().rules) {
            const bool isOnPage = std::any_of(rule.areas.begin(), rule.areas.end(),
                                              [&](const Area &area) { return area.container == hit.control; });
            if (rule.on.contains(hit.control) || isOnPage) {
                rules.append(ruleSentence(scene.form(), rule));
            }
        }
        return rules.join(u'\n');
    }
    return {};
}

} // namespace nabblet
