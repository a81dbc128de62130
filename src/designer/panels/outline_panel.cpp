#include "designer/panels/outline_panel.h"
#include "designer/board/commands/front_pages.h"

#include "core/arrange/containers.h"
#include "core/arrange/grouping.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/kind.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"

#include <QDropEvent>
#include <QScrollBar>
#include <QSet>
#include <QTimer>
#include <QTreeWidget>
#include <QTreeWidgetItemIterator>
#include <QVBoxLayout>

#include <algorithm>

namespace nabblet {

namespace {

enum ItemRole { SortRole = Qt::UserRole + 1, IdRole, PageRole };
enum Sort { FormItem, BandItem, RailItem, ControlItem, PageItem };

// Tells when rows were dropped elsewhere in the list.
class OutlineTree : public QTreeWidget
{
public:
    std::function<void()> dropped;

protected:
    void dropEvent(QDropEvent *event) override
    {
        QTreeWidget::dropEvent(event);
        if (dropped) {
            dropped();
        }
    }
};

} // namespace

OutlinePanel::OutlinePanel(QWidget *parent) : Panel(tr("Outline"), parent)
{
    auto *tree = new OutlineTree;
    tree->dropped = [this] { takeOrder(); };
    m_tree = tree;
    m_tree->setObjectName(QStringLiteral("outline"));
    m_tree->setAccessibleName(tr("Outline of the form"));
    m_tree->setToolTip(tr("F2 or a double click renames; dragging a field up or down changes the tab order."));
    m_tree->setHeaderHidden(true);
    m_tree->setIndentation(12);
    m_tree->setUniformRowHeights(true);
    m_tree->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_tree->setEditTriggers(QAbstractItemView::EditKeyPressed | QAbstractItemView::DoubleClicked);
    m_tree->setDragDropMode(QAbstractItemView::InternalMove);
    m_tree->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    contents()->setContentsMargins(8, 4, 8, 8);
    contents()->addWidget(m_tree, 1);
    connect(m_tree, &QTreeWidget::itemSelectionChanged, this, &OutlinePanel::takeSelection);
    connect(m_tree, &QTreeWidget::itemChanged, this, &OutlinePanel::rename);
}

void OutlinePanel::setBoard(Board *board)
{
    m_board = board;
    if (board) {
        connect(board->document(), &FormDocument::formChanged, this, &OutlinePanel::follow);
        connect(board, &Board::selectionChanged, this, &OutlinePanel::showSelection);
    }
    fill();
}

void OutlinePanel::focusTree()
{
    m_tree->setFocus();
    if (!m_tree->currentItem() && m_tree->topLevelItemCount() > 0) {
        m_tree->setCurrentItem(m_tree->topLevelItem(0), 0, QItemSelectionModel::NoUpdate);
    }
}

// Fills the tree anew where something that it shows has changed; moving controls mostly changes nothing of it.
void OutlinePanel::follow(const Form &before, const Form &after)
{
    bool isSame = before.controls.size() == after.controls.size() && before.bands.size() == after.bands.size() &&
                  before.rails.size() == after.rails.size() && before.levelRails.size() == after.levelRails.size() &&
                  before.title == after.title;
    for (qsizetype i = 0; isSame && i < after.levelRails.size(); ++i) {
        isSame = before.levelRails.at(i).name == after.levelRails.at(i).name;
    }
    for (qsizetype i = 0; isSame && i < after.rails.size(); ++i) {
        isSame = before.rails.at(i).name == after.rails.at(i).name;
    }
    for (int i = 0; isSame && i < after.controls.size(); ++i) {
        if (!after.controls.sharesWith(before.controls, i)) {
            const Control &old = before.controls.at(i);
            const Control &now = after.controls.at(i);
            isSame = old.id == now.id && old.name == now.name && old.text == now.text && old.band == now.band &&
                     old.captionFor == now.captionFor && old.kind == now.kind && old.container == now.container &&
                     old.page == now.page && pagesOf(old) == pagesOf(now);
        }
    }
    if (!isSame || tabSequence(after) != m_order) {
        fill();
    }
}

// Fields in their tab order, each with its caption's words; what Tab does not visit comes behind.
void OutlinePanel::fill()
{
    m_isFilling = true;
    const int scrolled = m_tree->verticalScrollBar() ? m_tree->verticalScrollBar()->value() : 0;
    m_tree->clear();
    if (m_board) {
        const Form &form = m_board->document()->form();
        auto *top = new QTreeWidgetItem(m_tree, {form.title.isEmpty() ? form.name : form.title});
        top->setData(0, SortRole, FormItem);
        top->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable);
        top->setExpanded(true);
        const QList<ControlId> stops = tabSequence(form);
        m_order = stops;
        QHash<ControlId, QString> captions;
        for (const Control &control : form.controls) {
            if (control.captionFor != 0) {
                captions.insert(control.captionFor, control.text.simplified());
            }
        }
        for (const Band &band : form.bands) {
            auto *bandItem = new QTreeWidgetItem(top, {bandTitle(band.role)});
            bandItem->setData(0, SortRole, BandItem);
            bandItem->setData(0, IdRole, static_cast<int>(band.role));
            bandItem->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsDropEnabled);
            fillArea(bandItem, {band.role, 0, 0}, captions);
            bandItem->setExpanded(true);
        }
        if (const QList<Rail> all = form.rails + form.levelRails; !all.isEmpty()) {
            auto *rails = new QTreeWidgetItem(top, {tr("Rails")});
            rails->setFlags(Qt::ItemIsEnabled);
            for (const Rail &rail : all) {
                auto *item = new QTreeWidgetItem(rails, {rail.name});
                item->setData(0, SortRole, RailItem);
                item->setData(0, IdRole, rail.id);
                item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable);
            }
            rails->setExpanded(true);
        }
        setNote(form.controls.size() == 1 ? tr("1 control") : tr("%1 controls").arg(form.controls.size()));
    }
    m_tree->verticalScrollBar()->setValue(scrolled);
    m_isFilling = false;
    showSelection();
}

// The fields of an area in their tab order, then what Tab does not visit; containers with what is in them.
void OutlinePanel::fillArea(QTreeWidgetItem *parent, const Area &area, const QHash<ControlId, QString> &captions)
{
    const Form &form = m_board->document()->form();
    QHash<ControlId, int> order;
    for (const ControlId id : std::as_const(m_order)) {
        order.insert(id, static_cast<int>(order.size()));
        for (const ControlId around : containersAround(form, id)) { // where the first of what is in it comes
            if (!order.contains(around)) {
                order.insert(around, order.value(id));
            }
        }
    }
    QList<const Control *> controls;
    for (const Control &control : form.controls) {
        if (areaOf(control) == area && control.captionFor == 0) {
            controls.append(&control);
        }
    }
    const int last = form.controls.size() * 2;
    std::stable_sort(controls.begin(), controls.end(), [&](const Control *a, const Control *b) {
        return order.value(a->id, last) < order.value(b->id, last);
    });
    for (const Control *control : std::as_const(controls)) {
        auto *item = new QTreeWidgetItem(parent, {control->name});
        item->setData(0, SortRole, ControlItem);
        item->setData(0, IdRole, control->id);
        const QList<Page> pages = pagesOf(*control);
        const bool takesDrops = holdsOthers(*control) && pages.isEmpty();
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable | Qt::ItemIsDragEnabled |
                       (takesDrops ? Qt::ItemIsDropEnabled : Qt::NoItemFlags));
        const QString words = captions.value(control->id, control->text.simplified());
        item->setToolTip(0, words);
        // Said aloud: name, kind and place.
        item->setData(0, Qt::AccessibleTextRole,
                      tr("%1, %2, %3, left %4, top %5")
                          .arg(control->name, kindTitle(kindNamed(control->kind)), words)
                          .arg(control->place.x())
                          .arg(control->place.y()));
        for (const Area &inside : areasIn(*control)) {
            QTreeWidgetItem *holder = item;
            for (const Page &page : pages) {
                if (page.id == inside.page) {
                    holder = new QTreeWidgetItem(item, {page.title});
                    holder->setData(0, SortRole, PageItem);
                    holder->setData(0, IdRole, control->id);
                    holder->setData(0, PageRole, page.id);
                    holder->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsEditable |
                                     Qt::ItemIsDropEnabled);
                    holder->setExpanded(true);
                }
            }
            fillArea(holder, inside, captions);
        }
        item->setExpanded(true);
    }
}

void OutlinePanel::showSelection()
{
    if (!m_board || m_isFilling) {
        return;
    }
    m_isFilling = true;
    const Selection &selection = m_board->selection();
    QSet<ControlId> chosen(selection.controls().begin(), selection.controls().end());
    for (const Control &control : m_board->document()->form().controls) {
        if (control.captionFor != 0 && chosen.contains(control.id)) {
            chosen.insert(control.captionFor);
        }
    }
    for (QTreeWidgetItemIterator it(m_tree); *it; ++it) {
        const int id = (*it)->data(0, IdRole).toInt();
        bool isChosen = false;
        switch ((*it)->data(0, SortRole).toInt()) {
        case ControlItem:
            isChosen = chosen.contains(id);
            break;
        case BandItem:
            isChosen = (*it)->data(0, SortRole).isValid() && selection.band() == static_cast<BandRole>(id);
            break;
        case RailItem:
            isChosen = selection.rail() == id;
            break;
        default:
            break;
        }
        (*it)->setSelected(isChosen);
        if (isChosen && id == selection.lead() && (*it)->data(0, SortRole).toInt() == ControlItem) {
            m_tree->scrollToItem(*it);
        }
    }
    m_isFilling = false;
}

void OutlinePanel::takeSelection()
{
    if (!m_board || m_isFilling) {
        return;
    }
    Selection wanted;
    QList<ControlId> controls;
    const QList<QTreeWidgetItem *> items = m_tree->selectedItems();
    for (const QTreeWidgetItem *item : items) {
        const int id = item->data(0, IdRole).toInt();
        switch (item->data(0, SortRole).toInt()) {
        case ControlItem:
            controls.append(id);
            break;
        case PageItem:
            setFrontPage(*m_board, id, item->data(0, PageRole).toInt());
            controls.append(id);
            break;
        case BandItem:
            wanted.setBand(static_cast<BandRole>(id));
            break;
        case RailItem:
            wanted.setRail(id);
            break;
        default:
            break;
        }
    }
    if (!controls.isEmpty()) {
        // The one under the keyboard leads.
        const QTreeWidgetItem *current = m_tree->currentItem();
        if (current && controls.removeOne(current->data(0, IdRole).toInt())) {
            controls.append(current->data(0, IdRole).toInt());
        }
        wanted.set(controls);
    }
    m_isFilling = true;
    m_board->setSelection(wanted);
    if (wanted.lead() != 0) {
        m_board->scrollTo(wanted.lead());
    }
    m_isFilling = false;
}

void OutlinePanel::rename(QTreeWidgetItem *item)
{
    if (!m_board || m_isFilling) {
        return;
    }
    FormDocument *document = m_board->document();
    const int id = item->data(0, IdRole).toInt();
    const QString name = item->text(0).trimmed();
    Form edited = document->form();
    QString step;
    switch (item->data(0, SortRole).toInt()) {
    case ControlItem:
        edited = name.isEmpty() ? edited : renameControl(edited, id, name);
        step = tr("Rename a control");
        break;
    case PageItem:
        edited = withPageTitle(edited, id, item->data(0, PageRole).toInt(), name);
        step = tr("Rename a page");
        break;
    case RailItem:
        edited = withRailRenamed(edited, id, name);
        step = tr("Rename a rail");
        break;
    case FormItem:
        edited.title = name.isEmpty() ? edited.title : name;
        step = tr("Change the window's title");
        break;
    default:
        break;
    }
    document->apply(step, edited);
    // The tree must not be rebuilt while its editor is closing.
    QTimer::singleShot(0, this, &OutlinePanel::fill);
}

// What was dropped on another band, container or page goes there, below what stands in it; else the order of the fields
// in the tree becomes the tab order.
void OutlinePanel::takeOrder()
{
    if (!m_board) {
        return;
    }
    const Form &form = m_board->document()->form();
    QList<ControlId> order;
    QHash<Area, QList<ControlId>> moved;
    for (QTreeWidgetItemIterator it(m_tree); *it; ++it) {
        if ((*it)->data(0, SortRole).toInt() != ControlItem) {
            continue;
        }
        const Control *control = form.controls.find((*it)->data(0, IdRole).toInt());
        const std::optional<Area> area = control ? areaOfItem((*it)->parent()) : std::nullopt;
        if (area && *area != areaOf(*control)) {
            moved[*area].append(control->id);
        } else if (control) {
            order.append(control->id);
        }
    }
    if (moved.isEmpty()) {
        const QList<ControlId> stops = tabSequence(form);
        order.removeIf([&](ControlId id) { return !stops.contains(id); });
        m_board->document()->apply(tr("Change the tab order"), withHandOrder(form, order));
    } else {
        Form edited = form;
        QList<ControlId> all;
        for (auto [area, controls] : moved.asKeyValueRange()) {
            edited = withControlsBelow(edited, controls, area);
            all += controls;
        }
        m_board->document()->apply(counted(all.size(), tr("Move a control"), tr("Move %1 controls")), edited);
        m_board->select(all);
    }
    QTimer::singleShot(0, this, &OutlinePanel::fill);
}

// The area that an item of the tree stands for; nothing for what holds no controls.
std::optional<Area> OutlinePanel::areaOfItem(const QTreeWidgetItem *item) const
{
    const int id = item ? item->data(0, IdRole).toInt() : 0;
    switch (item ? item->data(0, SortRole).toInt() : FormItem) {
    case BandItem:
        return Area{static_cast<BandRole>(id), 0, 0};
    case PageItem:
    case ControlItem: {
        const Control *container = m_board->document()->form().controls.find(id);
        return container ? std::optional(Area{container->band, id, item->data(0, PageRole).toInt()}) : std::nullopt;
    }
    default:
        return std::nullopt;
    }
}

} // namespace nabblet
