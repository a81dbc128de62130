// Scrolling areas and panes at work: what each holds lies on a surface of its own, which scrolls where there is no
// room. The divider between panes is moved by the mouse, or by the arrow keys while it has the keyboard.
#include "core/arrange/edges.h"
#include "core/kinds/holders/panes.h"
#include "entry/editors/field_editor.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "entry/view/page_tabs_bar.h"

#include <QKeyEvent>
#include <QMouseEvent>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int HandleWidth = 9; // px that take hold of a divider
constexpr int KeyStep = 16;    // px that an arrow key moves it

bool scrolls(const Control &control)
{
    return kindNamed(control.kind).scrolls;
}

// What takes hold of a divider. The line itself is part of the panes' picture.
class DividerHandle : public QWidget
{
public:
    DividerHandle(QWidget *parent, bool isStacked, std::function<void(int)> moveBy)
        : QWidget(parent), m_isStacked(isStacked), m_moveBy(std::move(moveBy))
    {
        setObjectName(QStringLiteral("divider"));
        setCursor(isStacked ? Qt::SplitVCursor : Qt::SplitHCursor);
        setFocusPolicy(Qt::ClickFocus);
        setAccessibleName(EntryView::tr("Divider"));
    }

    bool isStacked() const { return m_isStacked; }

protected:
    void mousePressEvent(QMouseEvent *event) override { m_from = event->globalPosition().toPoint(); }
    void mouseMoveEvent(QMouseEvent *event) override
    {
        const QPoint by = event->globalPosition().toPoint() - m_from;
        m_from = event->globalPosition().toPoint();
        m_moveBy(m_isStacked ? by.y() : by.x());
    }
    void keyPressEvent(QKeyEvent *event) override
    {
        const bool isBack = event->key() == (m_isStacked ? Qt::Key_Up : Qt::Key_Left);
        const bool isOn = event->key() == (m_isStacked ? Qt::Key_Down : Qt::Key_Right);
        if (isBack || isOn) {
            m_moveBy(isOn ? KeyStep : -KeyStep);
        } else {
            QWidget::keyPressEvent(event);
        }
    }

private:
    bool m_isStacked;
    std::function<void(int)> m_moveBy;
    QPoint m_from;
};

} // namespace

// The area of the innermost scrolling container that a control stands in, at any depth; its band where there is none.
Area EntryView::surfaceArea(const Control &control) const
{
    Area area = areaOf(control);
    while (area.container != 0 && !m_surfaces.isEmpty()) {
        const Control *container = m_form.controls.find(area.container);
        if (!container || scrolls(*container)) {
            return area;
        }
        area = areaOf(*container);
    }
    return {control.band, 0, 0};
}

BandView *EntryView::viewOf(const Control &control) const
{
    const Surface surface = m_surfaces.value(surfaceArea(control));
    return surface.view ? surface.view : bandView(control.band);
}

QPoint EntryView::originOf(const Control &control) const
{
    return m_surfaces.value(surfaceArea(control)).origin;
}

// Surfaces for the containers that the form has; containers come before what they hold, so outer ones are there first.
void EntryView::makeSurfaces()
{
    QHash<Area, Surface> kept;
    QHash<ControlId, QWidget *> dividers;
    for (const Control &control : m_form.controls) {
        if (!scrolls(control) || m_rows) {
            continue;
        }
        for (const Area &area : areasIn(control)) {
            Surface surface = m_surfaces.take(area);
            if (!surface.scroll) {
                surface.scroll = new QScrollArea(bandView(control.band));
                surface.scroll->setObjectName(QStringLiteral("surface"));
                surface.scroll->setFrameShape(QFrame::NoFrame);
                surface.scroll->setFocusPolicy(Qt::NoFocus);
                surface.view = new BandView(control.band, &m_appearance, nullptr, BandView::Extent::Part);
                surface.view->shown = bandView(control.band)->shown;
                surface.view->groundUnder = bandView(control.band)->groundUnder;
                surface.scroll->setWidget(surface.view);
            }
            kept.insert(area, surface);
        }
        if (kindNamed(control.kind).holds == Holds::Panes) {
            auto *handle = static_cast<DividerHandle *>(m_dividers.take(control.id));
            if (handle && handle->isStacked() != areStacked(control)) {
                delete handle;
                handle = nullptr;
            }
            if (!handle) {
                handle =
                    new DividerHandle(bandView(control.band), areStacked(control), [this, id = control.id](int by) {
                        if (const Control *panes = m_laidOut.controls.find(id)) {
                            m_dividersMoved.insert(id, dividerOf(withDividerAsMoved(*panes)) + by);
                            layOut();
                        }
                    });
            }
            dividers.insert(control.id, handle);
        }
    }
    // Nothing that others hold goes with a surface that it lies on; where it is now, each is told later.
    QWidgetList held(dividers.begin(), dividers.end());
    held.append(QWidgetList(m_dividers.begin(), m_dividers.end()));
    for (PageTabsBar *tabs : std::as_const(m_tabs)) {
        held.append(tabs);
    }
    for (const auto &[id, editor] : m_editors) {
        held.append(editor->widget());
    }
    for (const QHash<Area, Surface> &surfaces : {kept, m_surfaces}) {
        for (const Surface &surface : surfaces) {
            held.append(surface.scroll);
        }
    }
    for (auto gone = m_surfaces.constBegin(); gone != m_surfaces.constEnd(); ++gone) {
        held.removeOne(gone->scroll);
        for (QWidget *widget : std::as_const(held)) {
            if (gone->view->isAncestorOf(widget)) {
                widget->setParent(bandView(gone.key().band));
            }
        }
        delete gone->scroll;
    }
    qDeleteAll(m_dividers);
    m_surfaces = kept;
    m_dividers = dividers;
    // Inner surfaces lie on outer ones.
    for (const Control &control : m_form.controls) {
        if (!scrolls(control) || m_rows) {
            continue;
        }
        for (const Area &area : areasIn(control)) {
            const Surface surface = m_surfaces.value(area);
            if (surface.scroll->parentWidget() != viewOf(control)) {
                surface.scroll->setParent(viewOf(control));
            }
            surface.view->setGround(groundOfArea(m_form, area, m_appearance.styles()));
        }
        if (QWidget *handle = m_dividers.value(control.id); handle && handle->parentWidget() != viewOf(control)) {
            handle->setParent(viewOf(control));
        }
    }
}

// Panes with the divider where people moved it.
Control EntryView::withDividerAsMoved(const Control &panes) const
{
    Control moved = panes;
    if (const auto divider = m_dividersMoved.constFind(panes.id); divider != m_dividersMoved.constEnd()) {
        setDivider(moved, *divider);
    }
    return moved;
}

void EntryView::layOutSurfaces()
{
    const QSet<ControlId> behind = outOfSight();
    for (const Control &laid : m_laidOut.controls) {
        if (!scrolls(laid) || m_rows) {
            continue;
        }
        const Control control = withDividerAsMoved(laid);
        for (const Area &area : areasIn(control)) {
            Surface &surface = m_surfaces[area];
            const Insets free = insetsOf(control, area.page);
            const QRect room = control.place.adjusted(free.left, free.top, -free.right, -free.bottom);
            // What stands there keeps to its own beginning, wherever the divider is.
            const Insets designed = insetsOf(laid, area.page);
            surface.origin = laid.place.topLeft() + QPoint(designed.left, designed.top);
            QSize needed;
            for (const Control &member : m_laidOut.controls) {
                if (surfaceArea(member) == area && !behind.contains(member.id)) {
                    needed = needed.expandedTo(
                        {rightOf(member.place) - surface.origin.x(), bottomOf(member.place) - surface.origin.y()});
                }
            }
            surface.view->setOrigin(surface.origin);
            // A bar for one direction takes room from the other; one at the side stands in the free edge first.
            const int bar = surface.scroll->verticalScrollBar()->sizeHint().width();
            const bool isLower = needed.height() > room.height();
            const QRect place = room.adjusted(0, 0, isLower ? std::clamp(free.right - 1, 0, bar) : 0, 0);
            surface.scroll->setGeometry(place.translated(-originOf(control)));
            const bool isNarrower = needed.width() > place.width() - (isLower ? bar : 0);
            const QSize inside = place.size() - QSize(isLower ? bar : 0, isNarrower ? bar : 0);
            surface.view->resize(needed.expandedTo(inside));
            surface.scroll->setVisible(!behind.contains(control.id));
        }
        if (QWidget *handle = m_dividers.value(control.id)) {
            const QPoint corner = control.place.topLeft() - originOf(control);
            const int at = dividerOf(control) - HandleWidth / 2;
            handle->setGeometry(areStacked(control)
                                    ? QRect(corner.x(), corner.y() + at, control.place.width(), HandleWidth)
                                    : QRect(corner.x() + at, corner.y(), HandleWidth, control.place.height()));
            handle->setVisible(!behind.contains(control.id));
            handle->raise();
        }
    }
}

} // namespace nabblet
