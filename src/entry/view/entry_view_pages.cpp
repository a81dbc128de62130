// Tab pages at work: which page is in front, and how keyboard and messages get to what stands on the others. What
// stands on a page gets its widgets when the page is first shown.
#include "core/arrange/rows.h"
#include "core/arrange/windows/giving_way.h"
#include "core/kinds/control_names.h"
#include "entry/editors/field_editor.h"
#include "entry/view/band_view.h"
#include "entry/view/entry_view.h"
#include "entry/view/page_tabs_bar.h"

#include <QApplication>
#include <QScopedValueRollback>

#include <utility>

namespace nabblet {

void EntryView::showPage(ControlId container, int page)
{
    FrontPages fronts = m_fronts;
    fronts.insert(container, page);
    showPages(fronts);
}

bool EntryView::showPageCalled(const QString &title)
{
    for (const Control &control : m_form.controls) {
        const QList<Page> pages = kindNamed(control.kind).holds == Holds::Pages ? pagesOf(control) : QList<Page>();
        for (const Page &page : pages) {
            if (page.title.compare(title.trimmed(), Qt::CaseInsensitive) == 0) {
                bringToSight(control.id);
                showPage(control.id, page.id);
                focusFirstIn(control.id);
                return true;
            }
        }
    }
    return false;
}

bool EntryView::addRowTo(const QString &rows)
{
    for (const Control &control : m_form.controls) {
        const bool isRows = control.inner && kindNamed(control.kind).editor == Editor::Rows;
        const bool isMeant = rows.isEmpty() || calledFor(m_form, control).compare(rows, Qt::CaseInsensitive) == 0 ||
                             (isRows && control.inner.get()->rowsFrom.compare(rows, Qt::CaseInsensitive) == 0);
        if (!isRows || !isMeant) {
            continue;
        }
        bringToSight(control.id);
        EntryView *inside = viewInside(control.id);
        return inside && inside->addRecord();
    }
    return false;
}

void EntryView::showPages(const FrontPages &fronts)
{
    if (fronts == m_fronts) {
        return;
    }
    const QWidget *focused = QApplication::focusWidget();
    m_fronts = fronts;
    makeWidgets();
    layOut();
    applyTabOrder();
    refresh();
    // The keyboard does not stay behind with the page that went out of sight.
    const bool isLost = focused && isAncestorOf(focused) && !focused->isVisibleTo(this);
    const ControlId turned = m_fronts.isEmpty() ? 0 : pageOfFocus(focused);
    if (isLost && turned != 0) {
        focusFirstIn(turned);
    }
}

QSet<ControlId> EntryView::outOfSight() const
{
    return behindOtherPages(m_form, m_fronts) + m_hidden;
}

// Shows and hides what the rules of the form make of the record in hand.
void EntryView::followRules(Jumps jumps)
{
    const ControlValues::Ruled ruled = m_session->values().ruledNow();
    QSet<ControlId> hidden = ruled.hidden;
    QSet<ControlId> giving = ruled.givingWay;
    const QWidget *focused = QApplication::focusWidget();
    if (giving != m_givingWay && jumps == Jumps::Never && wouldMove(focused, giving)) {
        // Nothing jumps under the hand: what would give way, or come back, does so when the keyboard leaves the box.
        for (const ControlId id : std::as_const(m_givingWay)) {
            if (!giving.contains(id)) {
                hidden.insert(id);
            }
        }
        giving = m_givingWay;
    }
    QSet<Area> pages = ruled.pages;
    if (jumps == Jumps::Never && isOnOneOf(pages)) {
        pages = m_hiddenPages; // a page does not go while one types on it
    }
    if (hidden == m_hidden && giving == m_givingWay && pages == m_hiddenPages) {
        if (m_notes != ruled.notes) {
            refreshMessages();
        }
        return;
    }
    m_hidden = hidden;
    m_givingWay = giving;
    if (pages != m_hiddenPages) {
        m_hiddenPages = pages;
        m_form = withoutPages(m_designed, m_hiddenPages);
    }
    makeWidgets();
    layOut();
    applyTabOrder();
    if (focused && isAncestorOf(focused) && !focused->isVisibleTo(this)) {
        focusFirst();
    }
}

bool EntryView::isOnOneOf(const QSet<Area> &pages) const
{
    const QWidget *focused = QApplication::focusWidget();
    for (const auto &[id, editor] : m_editors) {
        if (editor->widget() != focused && !(focused && editor->widget()->isAncestorOf(focused))) {
            continue;
        }
        for (const Control *control = m_form.controls.find(id); control && control->container != 0;
             control = m_form.controls.find(control->container)) {
            if (pages.contains(Area{BandRole::Body, control->container, control->page})) {
                return true;
            }
        }
    }
    return false;
}

// Whether the box with the keyboard would come to stand elsewhere if other controls gave up their room.
bool EntryView::wouldMove(const QWidget *box, const QSet<ControlId> &giving) const
{
    for (const auto &[id, editor] : m_editors) {
        if (editor->widget() == box && kindNamed(editor->control().kind).editor != Editor::Tick) {
            const Form now = withRoomGivenUp(m_form, m_givingWay);
            const Form then = withRoomGivenUp(m_form, giving);
            return now.controls.find(id)->place != then.controls.find(id)->place;
        }
    }
    return false;
}

// The tab pages from which a box that had the keyboard went out of sight; 0 for none.
ControlId EntryView::pageOfFocus(const QWidget *box) const
{
    for (const auto &[id, editor] : m_editors) {
        if (editor->widget() == box || editor->widget()->isAncestorOf(box)) {
            for (const ControlId around : containersAround(m_form, id)) {
                if (m_tabs.contains(around)) {
                    return around;
                }
            }
        }
    }
    return 0;
}

void EntryView::focusFirstIn(ControlId container)
{
    const QSet<ControlId> inside = membersOf(m_form, {container});
    const QSet<ControlId> behind = outOfSight();
    const QList<ControlId> sequence = tabSequence(m_form);
    for (const ControlId id : sequence) {
        if (inside.contains(id) && !behind.contains(id) && stopAt(id, 1)) {
            return;
        }
    }
    focusFirst();
}

void EntryView::bringToSight(ControlId control)
{
    showPages(showing(m_form, control, m_fronts));
}

// Turns the page on which the keyboard is, or else of the first tab pages. Gives whether there was one to turn.
bool EntryView::turnPage(int steps)
{
    ControlId container = pageOfFocus(QApplication::focusWidget());
    const QSet<ControlId> behind = outOfSight();
    for (const Control &control : m_form.controls) {
        const bool isFirst = container == 0 && m_tabs.contains(control.id) && !behind.contains(control.id);
        container = isFirst ? control.id : container;
    }
    const Control *control = m_form.controls.find(container);
    if (!control) {
        return false;
    }
    showPage(container, pageFurtherOn(*control, m_fronts, steps));
    return true;
}

// Widgets for new controls; those that are gone go, those on pages behind others hide, and are made when first shown.
void EntryView::makeWidgets()
{
    // Hiding the box with the keyboard moves it, which may save or show another record, and so come here again.
    m_isStale = true;
    if (m_isMaking) {
        return;
    }
    const QScopedValueRollback<bool> making(m_isMaking, true);
    constexpr int Most = 4; // turns; what hides and shows in turn is no reason to hang
    for (int i = 0; i < Most && m_isStale; ++i) {
        m_isStale = false;
        makeWidgetsOnce();
    }
}

void EntryView::makeWidgetsOnce()
{
    const EditorContext context{m_session, &m_appearance};
    const QSet<ControlId> behind = outOfSight();
    makeSurfaces();
    std::unordered_map<ControlId, std::unique_ptr<FieldEditor>> kept;
    QHash<ControlId, PageTabsBar *> tabs;
    for (const Control &control : m_form.controls) {
        const bool isBehind = behind.contains(control.id);
        const auto old = m_editors.find(control.id);
        QWidget *band = viewOf(control);
        if (kindNamed(control.kind).holds == Holds::Pages) {
            PageTabsBar *bar = m_tabs.take(control.id);
            if (!bar || bar->parentWidget() != band) {
                delete bar;
                bar = new PageTabsBar(band);
                connect(bar, &PageTabsBar::pageChosen, this, [this, id = control.id](int page) { showPage(id, page); });
            }
            bar->setVisible(!isBehind);
            tabs.insert(control.id, bar);
        } else if (old != m_editors.end() && old->second->control().kind == control.kind &&
                   old->second->widget()->parentWidget() == band) {
            if (!(old->second->control() == control)) {
                old->second->setControl(control);
            }
            old->second->widget()->setVisible(!isBehind);
            kept.emplace(control.id, std::move(old->second));
            m_editors.erase(old);
        } else if (isBehind) {
            continue;
        } else if (std::unique_ptr<FieldEditor> made = makeEditor(context, control, band)) {
            made->widget()->installEventFilter(this);
            made->widget()->show();
            if (made->isOneBox()) {
                made->widget()->setAccessibleName(calledFor(m_form, control));
            }
            kept.emplace(control.id, std::move(made));
        }
    }
    const auto gone = std::exchange(m_editors, std::move(kept)); // nobody finds them while they go
    const auto goneTabs = std::exchange(m_tabs, tabs);
    for (const auto &[id, editor] : gone) {
        delete editor->widget();
    }
    qDeleteAll(goneTabs);
}

} // namespace nabblet
