#include "designer/panels/outline/outline_panel.h"

#include "core/text/tr.h"
#include "designer/board/commands/front_pages.h"
#include "designer/panels/outline/outline_model.h"

#include <QScrollBar>
#include <QTimer>
#include <QTreeView>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QString keyOf(const OutlineNode &node)
{
    return QStringLiteral("%1 %2 %3").arg(node.sort).arg(node.id).arg(node.page);
}

} // namespace

OutlinePanel::OutlinePanel(QWidget *parent)
    : Panel(tr("Outline"), parent), m_tree(new QTreeView), m_model(new OutlineModel(this))
{
    setWhatsThis(tr("All that stands on the form, in its order. What is chosen here is selected on the board."));
    m_tree->setModel(m_model);
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
    connect(m_tree->selectionModel(), &QItemSelectionModel::selectionChanged, this, &OutlinePanel::takeSelection);
    connect(m_tree, &QTreeView::collapsed, this,
            [this](const QModelIndex &index) { m_folded.insert(keyOf(*m_model->nodeAt(index))); });
    connect(m_tree, &QTreeView::expanded, this,
            [this](const QModelIndex &index) { m_folded.remove(keyOf(*m_model->nodeAt(index))); });
    connect(m_model, &OutlineModel::renameRequested, this, [this](const OutlineNode &node, const QString &title) {
        if (m_board) {
            take(renamed(m_board->document()->form(), node, title));
        }
    });
    connect(m_model, &OutlineModel::dropRequested, this,
            [this](const QList<ControlId> &controls, const OutlineNode &on, ControlId before) {
                if (m_board) {
                    take(dropped(m_board->document()->form(), controls, on, before));
                    m_board->select(controls);
                }
            });
}

void OutlinePanel::setBoard(Board *board)
{
    m_board = board;
    m_folded.clear();
    if (board) {
        connect(board->document(), &FormDocument::formChanged, this, &OutlinePanel::fillSoon);
        connect(board, &Board::selectionChanged, this, &OutlinePanel::showSelection);
    }
    fill();
}

void OutlinePanel::focusTree()
{
    m_tree->setFocus();
    if (!m_tree->currentIndex().isValid()) {
        m_tree->selectionModel()->setCurrentIndex(m_model->index(0, 0), QItemSelectionModel::NoUpdate);
    }
}

void OutlinePanel::take(const std::optional<OutlineEdit> &edit)
{
    if (edit) {
        m_board->document()->apply(edit->step, edit->form);
    }
}

// Once after all that is changed now; and the tree must not be rebuilt while its editor is closing.
void OutlinePanel::fillSoon()
{
    if (!isVisible()) {
        m_isStale = true;
    } else if (!m_isFillingSoon) {
        m_isFillingSoon = true;
        QTimer::singleShot(0, this, [this] {
            m_isFillingSoon = false;
            fill();
        });
    }
}

void OutlinePanel::showEvent(QShowEvent *event)
{
    Panel::showEvent(event);
    m_isStale ? fill() : showSelection();
}

void OutlinePanel::fill()
{
    m_isStale = false;
    m_isFilling = true;
    const int scrolled = m_tree->verticalScrollBar()->value();
    const QSet<QString> folded = m_folded;
    if (m_board) {
        const Form &form = m_board->document()->form();
        m_model->setOutline(outlineOf(form));
        setNote(form.controls.size() == 1 ? tr("1 control") : tr("%1 controls").arg(form.controls.size()));
    } else {
        m_model->setOutline({});
    }
    m_tree->expandAll();
    for (const QModelIndex &index : m_model->all()) {
        if (folded.contains(keyOf(*m_model->nodeAt(index)))) {
            m_tree->collapse(index);
        }
    }
    m_folded = folded;
    m_tree->verticalScrollBar()->setValue(scrolled);
    m_isFilling = false;
    showSelection();
}

void OutlinePanel::showSelection()
{
    if (!m_board || m_isFilling || m_isStale) {
        return;
    }
    m_isFilling = true;
    const Selection &selection = m_board->selection();
    QSet<ControlId> chosen(selection.controls().begin(), selection.controls().end());
    for (const ControlId id : selection.controls()) {
        const Control *control = m_board->document()->form().controls.find(id);
        chosen.insert(control && control->captionFor != 0 ? control->captionFor : id);
    }
    QItemSelection wanted;
    QModelIndex lead;
    for (const QModelIndex &index : m_model->all()) {
        const OutlineNode &node = *m_model->nodeAt(index);
        const bool isChosen = node.sort == OutlineNode::AControl ? chosen.contains(node.id)
                              : node.sort == OutlineNode::ABand  ? selection.band() == static_cast<BandRole>(node.id)
                              : node.sort == OutlineNode::ARail
                                  ? selection.rail() == node.id && selection.rail() != FixedRail::None
                                  : false;
        if (isChosen) {
            wanted.select(index, index);
            lead = node.sort == OutlineNode::AControl && node.id == selection.lead() ? index : lead;
        }
    }
    m_tree->selectionModel()->select(wanted, QItemSelectionModel::ClearAndSelect);
    if (lead.isValid()) {
        m_tree->scrollTo(lead);
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
    const QModelIndexList indexes = m_tree->selectionModel()->selectedIndexes();
    for (const QModelIndex &index : indexes) {
        const OutlineNode &node = *m_model->nodeAt(index);
        switch (node.sort) {
        case OutlineNode::AControl:
            controls.append(node.id);
            break;
        case OutlineNode::APage:
            setFrontPage(*m_board, node.id, node.page);
            controls.append(node.id);
            break;
        case OutlineNode::ABand:
            wanted.setBand(static_cast<BandRole>(node.id));
            break;
        case OutlineNode::ARail:
            wanted.setRail(node.id);
            break;
        case OutlineNode::TheForm:
        case OutlineNode::TheRails:
            break;
        }
    }
    if (!controls.isEmpty()) {
        // The one under the keyboard leads.
        const OutlineNode *current = m_model->nodeAt(m_tree->currentIndex());
        if (current && controls.removeOne(current->id)) {
            controls.append(current->id);
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

} // namespace nabblet
