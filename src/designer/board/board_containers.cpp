// Containers on the board: where things go into them, and which pages are in front.
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/height_at_work.h"
#include "designer/board/board.h"
#include "designer/board/board_measures.h"
#include "entry/theme/theme.h"

#include <QPainter>

#include <algorithm>

namespace nabblet {

Form Board::seen(const Form &form) const
{
    return withoutPagesBehind(form, m_fronts);
}

std::optional<Area> Board::areaAt(const Form &whole, QPoint onForm, const QList<ControlId> &without) const
{
    const auto band = bandAt(onForm);
    if (!band) {
        return {};
    }
    const Form form = seen(whole);
    const QList<ControlId> left = withBelongings(form, without);
    const nabblet::Control *container =
        form.controls.find(containerAt(form, onForm, QSet<ControlId>(left.begin(), left.end())));
    if (!container || isTabular(form)) {
        return Area{*band, 0, 0};
    }
    const QPoint inBand = onForm - QPoint(0, bandTop(form, container->band));
    return Area{container->band, container->id, pageAt(*container, inBand, m_fronts)};
}

// The one area in which all that is selected stands.
std::optional<Area> Board::areaOfSelection() const
{
    std::optional<Area> area;
    for (const Arranged &item : arrangedOf(m_document->form(), m_selection.controls())) {
        if (area && *area != item.area) {
            return {};
        }
        area = item.area;
    }
    return area;
}

FieldTarget Board::fieldTarget() const
{
    FieldTarget target;
    target.after = m_selection.lead();
    const nabblet::Control *lead = m_document->form().controls.find(target.after);
    if (lead && holdsOthers(*lead)) {
        target.area = {lead->band, lead->id, pageToFill(*lead, m_fronts)};
    } else if (lead) {
        target.area = lead->container != 0 ? areaOf(*lead) : Area();
    }
    return target;
}

void Board::setFronts(const FrontPages &fronts)
{
    if (fronts == m_fronts) {
        return;
    }
    m_fronts = fronts;
    if (m_drag) {
        m_drag->index.reset(); // other things are in sight now
    }
    viewport()->update();
    Q_EMIT pageTurned();
}

void Board::setFrontPage(ControlId container, int page)
{
    FrontPages fronts = m_fronts;
    fronts.insert(container, page);
    setFronts(fronts);
}

void Board::turnPage(int steps)
{
    const Form &form = m_document->form();
    QList<ControlId> candidates = containersAround(form, m_selection.lead());
    candidates.prepend(m_selection.lead());
    for (const ControlId id : std::as_const(candidates)) {
        const nabblet::Control *control = form.controls.find(id);
        if (!control || kindNamed(control->kind).holds != Holds::Pages) {
            continue;
        }
        // What is selected goes out of sight with its page; the tab pages stay.
        const int wanted = pageFurtherOn(*control, m_fronts, steps);
        select({id});
        setFrontPage(id, wanted);
        return;
    }
    Q_EMIT said(tr("Select tab pages, or something on them."));
}

// Brings the page to the front whose tab is at a point of the form.
void Board::turnToTabAt(ControlId id, QPoint onForm)
{
    const nabblet::Control *control = m_document->form().controls.find(id);
    const int page = control ? tabAt(*control, onForm - placeOnForm(m_document->form(), *control).topLeft()) : 0;
    if (page != 0) {
        setFrontPage(id, page);
    }
}

// A page that was added comes to the front.
void Board::followPages(const Form &before, const Form &after)
{
    if (!hasContainers(after)) {
        return;
    }
    for (const nabblet::Control &control : after.controls) {
        const nabblet::Control *old = before.controls.find(control.id);
        if (!old || old->settings == control.settings || kindNamed(control.kind).holds != Holds::Pages) {
            continue;
        }
        const QList<Page> pages = pagesOf(*old);
        for (const Page &page : pagesOf(control)) {
            const bool isOld =
                std::any_of(pages.begin(), pages.end(), [&](const Page &each) { return each.id == page.id; });
            if (!isOld) {
                setFrontPage(control.id, page.id);
            }
        }
    }
}

// Groups that are not seen at work, the container around the lead, and the one that would take what is dragged.
void Board::paintContainers(QPainter &painter, const Form &form)
{
    if (!hasContainers(form)) {
        return;
    }
    const PanelColours &colours = panelColours(m_appearance.theme());
    const QSet<ControlId> behind = behindOtherPages(form, m_fronts);
    const nabblet::Control *lead = form.controls.find(m_selection.lead());
    const bool isDragging = m_drag && m_drag->isMoving && m_drag->target;
    painter.setBrush(Qt::NoBrush);
    for (const nabblet::Control &control : form.controls) {
        if (!holdsOthers(control) || behind.contains(control.id)) {
            continue;
        }
        QRect place = toViewport(placeOnForm(form, control));
        if (const auto height = heightAtWork(control)) { // what is below it scrolls
            const int y = toViewport(placeOnForm(form, control).topLeft() + QPoint(0, *height)).y();
            painter.setPen(QPen(colours.accent, 1, Qt::DashLine));
            painter.drawLine(place.x(), y, rightOf(place) - 1, y);
            const QString words = tr("scrolls from here at work");
            painter.setFont(m_appearance.font(TextRole::Note));
            const QSize size = painter.fontMetrics().size(Qt::TextSingleLine, words) + QSize(8, 2);
            const QRect tag(QPoint(rightOf(place) - size.width() - 4, y - size.height() / 2), size);
            painter.fillRect(tag, m_appearance.colour(Ink::FieldFill)); // over what it stands on
            painter.drawText(tag, Qt::AlignCenter, words);
        }
        const bool arePanes = kindNamed(control.kind).holds == Holds::Panes;
        const bool isAroundLead = lead && lead->container == control.id;
        const bool isTaking = isDragging && m_drag->target->container == control.id;
        if (arePanes && (isTaking || isAroundLead || m_selection.contains(control.id))) {
            // The pane that is meant, not both.
            const int pane = isTaking                      ? m_drag->target->page
                             : isAroundLead && !isDragging ? lead->page
                                                           : pageToFill(control, m_fronts);
            const Insets free = insetsOf(control, pane);
            place = toViewport(
                placeOnForm(form, control).adjusted(free.left - 4, free.top - 4, 4 - free.right, 4 - free.bottom));
            if (!isTaking && !isAroundLead) {
                painter.setPen(QPen(colours.accent, 1, Qt::DashLine));
                painter.drawRect(place.adjusted(0, 0, -1, -1));
            }
        }
        const bool isTarget = isDragging && m_drag->target->container == control.id;
        const bool isAround = lead && !isDragging && lead->container == control.id;
        if (isTarget) {
            QColor tint = colours.accent;
            tint.setAlpha(22);
            painter.fillRect(place, tint);
            painter.setPen(QPen(colours.accent, 2, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
            painter.drawRect(place.adjusted(0, 0, -1, -1));
        } else if (isAround || (kindNamed(control.kind).holds == Holds::Controls && !isFramed(control))) {
            painter.setPen(QPen(isAround ? colours.accent : colours.faintText, 1, Qt::DashLine));
            painter.drawRect(place.adjusted(0, 0, -1, -1));
        }
    }
}

} // namespace nabblet
