#include "designer/board/scene/board_scene.h"

#include "core/arrange/containers.h"
#include "core/arrange/rows.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "designer/board/scene/board_measures.h"
#include "designer/board/scene/board_mode.h"

#include <cmath>
#include <utility>

namespace nabblet {

MouseUse BoardScene::use() const
{
    return mode ? mode->use() : MouseUse::Arranging;
}

const Form &BoardScene::shownForm() const
{
    return dragged ? *dragged : preview ? *preview : trial ? *trial : form();
}

const QList<SnapGuide> &BoardScene::guides() const
{
    static const QList<SnapGuide> None;
    return drag ? drag->guides : None;
}

Form BoardScene::inSight(const Form &form) const
{
    return withoutPagesBehind(form, fronts);
}

Shown BoardScene::shownOf(const Control &control) const
{
    if (kindNamed(control.kind).holds == Holds::Pages) {
        Shown shown = shownBlank(control);
        shown.page = frontPage(control, fronts);
        const QSet<Area> hidden = session ? session->values().hiddenPages() : QSet<Area>();
        for (const Area &area : hidden) {
            if (area.container == control.id) {
                shown.faintPages.append(area.page);
            }
        }
        return shown;
    }
    const bool isPicture = kindNamed(control.kind).editor == Editor::Image; // the widest bytes say nothing
    if (values == BoardValues::Longest && longestWords.contains(control.column) && !isPicture) {
        // Of a lookup the words are known, of all others the value, which its kind puts into words.
        const QString longest = longestWords.value(control.column);
        return lookupOf(control) ? shownFor(control, longest, QLocale(), longest)
                                 : shownFor(control, longest, QLocale());
    }
    if (values == BoardValues::Blank || !session) {
        return shownBlank(control);
    }
    const ControlValues::Painting painting(&session->values());
    Shown shown = session->values().shown(control);
    if (shown.state == BoxState::Refused) {
        shown.state = BoxState::Rest;
    }
    shown.isFaint = std::exchange(shown.isHidden, false); // to be arranged all the same
    return shown;
}

QPoint BoardScene::toViewport(QPoint onForm) const
{
    const double scale = zoom / 100.0;
    return QPoint(static_cast<int>(std::lround(onForm.x() * scale)),
                  static_cast<int>(std::lround(onForm.y() * scale))) +
           QPoint(LeftSide - scrolled.x(), RulerHeight - scrolled.y());
}

QRect BoardScene::toViewport(const QRect &onForm) const
{
    const QPoint topLeft = toViewport(onForm.topLeft());
    const QPoint end = toViewport(onForm.topLeft() + QPoint(onForm.width(), onForm.height()));
    return {topLeft, QSize(end.x() - topLeft.x(), end.y() - topLeft.y())};
}

QPoint BoardScene::toForm(QPoint inViewport) const
{
    const QPoint distance = inViewport - toViewport(QPoint(0, 0));
    return {static_cast<int>(std::floor(distance.x() * 100.0 / zoom)),
            static_cast<int>(std::floor(distance.y() * 100.0 / zoom))};
}

QRect BoardScene::viewportRectOf(ControlId id) const
{
    const Form &form = shownForm();
    const Control *control = form.controls.find(id);
    return control ? toViewport(placeOnForm(form, *control)) : QRect();
}

std::optional<BandRole> BoardScene::bandAt(QPoint onForm) const
{
    const Form &form = shownForm();
    if (onForm.x() < 0 || onForm.x() >= form.width) {
        return {};
    }
    for (const Band &band : form.bands) {
        const int top = bandTop(form, band.role);
        if (onForm.y() >= top && onForm.y() < top + band.height) {
            return band.role;
        }
    }
    return {};
}

std::optional<Area> BoardScene::areaAt(const Form &whole, QPoint onForm, const QList<ControlId> &without) const
{
    const auto band = bandAt(onForm);
    if (!band) {
        return {};
    }
    const Form form = inSight(whole);
    const QList<ControlId> left = withBelongings(form, without);
    const Control *container = form.controls.find(containerAt(form, onForm, QSet<ControlId>(left.begin(), left.end())));
    if (!container || isTabular(form)) {
        return Area{*band, 0, 0};
    }
    const QPoint inBand = onForm - QPoint(0, bandTop(form, container->band));
    return Area{container->band, container->id, pageAt(*container, inBand, fronts)};
}

std::optional<Area> BoardScene::areaOfSelection() const
{
    std::optional<Area> area;
    for (const Arranged &item : arrangedOf(form(), selection.controls())) {
        if (area && *area != item.area) {
            return {};
        }
        area = item.area;
    }
    return area;
}

FieldTarget BoardScene::fieldTarget() const
{
    FieldTarget target;
    target.after = selection.lead();
    const Control *lead = form().controls.find(target.after);
    if (lead && holdsOthers(*lead)) {
        target.area = {lead->band, lead->id, pageToFill(*lead, fronts)};
    } else if (lead) {
        target.area = lead->container != 0 ? areaOf(*lead) : Area();
    }
    return target;
}

} // namespace nabblet
