#include "designer/new_form/plan_columns.h"

#include "core/kinds/kind.h"

#include <QComboBox>
#include <QContextMenuEvent>
#include <QDropEvent>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QPainter>
#include <QSpinBox>
#include <QStyledItemDelegate>

#include <algorithm>

namespace nabblet {

namespace {

enum Section { NameSection, CaptionSection, KindSection, WidthSection };
// WidthRole: as set by hand, px; 0 where it was not. DraftedRole: as it came out.
enum PlanRole {
    ColumnRole = Qt::UserRole + 1,
    KindRole,
    ReasonRole,
    RequiredRole,
    ThroughRole,
    WidthRole,
    DraftedRole
};
constexpr int WidthStep = 8;      // px
constexpr int PlanArrowRoom = 16; // px

bool mayShow(const Table &table, const QString &column, const Kind &kind)
{
    const Column *own = findColumn(table, column);
    if (!own || !takesValue(kind)) {
        return false;
    }
    return kind.binds.contains(own->type);
}

// The kinds that a row's column may be shown as; what it is shown as is among them.
QList<const Kind *> kindsFor(const Table &table, const QModelIndex &index)
{
    const QString column = index.siblingAtColumn(NameSection).data(ColumnRole).toString();
    const bool isOwn = index.siblingAtColumn(NameSection).data(ThroughRole).toString().isEmpty();
    const QString now = index.siblingAtColumn(KindSection).data(KindRole).toString();
    QList<const Kind *> suiting;
    for (const Kind &kind : kinds()) {
        if ((isOwn && mayShow(table, column, kind)) || kind.name == now) {
            suiting.append(&kind);
        }
    }
    return suiting;
}

// Captions and widths are typed, kinds chosen from those that suit the column. What can be changed is framed as a box,
// what can be chosen has a drop-down's arrow.
class PlanDelegate : public QStyledItemDelegate
{
public:
    PlanDelegate(const Table *table, const Theme *theme, QObject *parent)
        : QStyledItemDelegate(parent), m_table(table), m_theme(theme)
    {
    }

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const bool isTaken = index.siblingAtColumn(NameSection).data(Qt::CheckStateRole).toInt() == Qt::Checked;
        if (index.column() == NameSection || !isTaken) {
            QStyledItemDelegate::paint(painter, option, index);
            return;
        }
        const bool isChosen = index.column() == KindSection && kindsFor(*m_table, index).size() > 1;
        QStyleOptionViewItem words = option;
        words.rect.adjust(0, 0, isChosen ? -PlanArrowRoom : 0, 0);
        QStyledItemDelegate::paint(painter, words, index);
        if (index.column() == KindSection && !isChosen) {
            return;
        }
        const PanelColours &colours = panelColours(*m_theme);
        painter->save();
        painter->setPen(colours.panelLine);
        painter->setRenderHint(QPainter::Antialiasing);
        painter->drawRoundedRect(QRectF(option.rect).adjusted(0.5, 1.5, -2.5, -1.5), 3, 3);
        if (isChosen) {
            const QPointF middle(option.rect.right() - PlanArrowRoom / 2.0 - 1, option.rect.center().y() + 0.5);
            painter->setPen(QPen(colours.faintText, 1.2));
            painter->drawPolyline(
                QPolygonF({middle + QPointF(-3, -1.5), middle + QPointF(0, 1.5), middle + QPointF(3, -1.5)}));
        }
        painter->restore();
    }

    QWidget *createEditor(QWidget *parent, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        if (index.column() == CaptionSection) {
            return QStyledItemDelegate::createEditor(parent, option, index);
        }
        if (index.column() == WidthSection) {
            auto *width = new QSpinBox(parent);
            width->setRange(0, MostPlannedWidth);
            width->setSingleStep(WidthStep);
            width->setButtonSymbols(QAbstractSpinBox::NoButtons);
            width->setSpecialValueText(PlanColumns::tr("as suits"));
            return width;
        }
        if (index.column() != KindSection) {
            return nullptr;
        }
        auto *choice = new QComboBox(parent);
        for (const Kind *kind : kindsFor(*m_table, index)) {
            choice->addItem(kindTitle(*kind), kind->name);
        }
        connect(choice, &QComboBox::activated, this, [this, choice] {
            Q_EMIT const_cast<PlanDelegate *>(this)->commitData(choice);
            Q_EMIT const_cast<PlanDelegate *>(this)->closeEditor(choice);
        });
        return choice;
    }

    void setEditorData(QWidget *editor, const QModelIndex &index) const override
    {
        if (auto *choice = qobject_cast<QComboBox *>(editor)) {
            choice->setCurrentIndex(choice->findData(index.data(KindRole)));
        } else if (auto *width = qobject_cast<QSpinBox *>(editor)) {
            const int own = index.data(WidthRole).toInt();
            width->setValue(own > 0 ? own : index.data(DraftedRole).toInt());
            width->selectAll();
        } else {
            QStyledItemDelegate::setEditorData(editor, index);
        }
    }

    void setModelData(QWidget *editor, QAbstractItemModel *model, const QModelIndex &index) const override
    {
        if (const auto *choice = qobject_cast<QComboBox *>(editor)) {
            model->setData(index, choice->currentData(), KindRole);
            model->setData(index, choice->currentText(), Qt::DisplayRole);
        } else if (auto *width = qobject_cast<QSpinBox *>(editor)) {
            width->interpretText();
            const int drafted = index.data(DraftedRole).toInt();
            const bool isUntouched = index.data(WidthRole).toInt() == 0 && width->value() == drafted;
            const int least = width->value() == 0 ? 0 : std::max(width->value(), LeastPlannedWidth);
            if (!isUntouched) {
                model->setData(index, least, WidthRole);
            }
        } else {
            QStyledItemDelegate::setModelData(editor, model, index);
        }
    }

    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &) const override
    {
        return {0, option.fontMetrics.height() + 9};
    }

private:
    const Table *m_table;
    const Theme *m_theme;
};

} // namespace

PlanColumns::PlanColumns(QWidget *parent) : QTreeWidget(parent)
{
    setObjectName(QStringLiteral("planColumns"));
    setColumnCount(4);
    setHeaderLabels({tr("Column"), tr("Caption"), tr("Shown as"), tr("Width")});
    headerItem()->setTextAlignment(WidthSection, Qt::AlignRight | Qt::AlignVCenter);
    headerItem()->setToolTip(WidthSection, tr("Of the boxes, in px. Type one to set it, 0 to leave it to the draft."));
    setRootIsDecorated(false);
    setUniformRowHeights(true);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setDragDropMode(QAbstractItemView::InternalMove);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                    QAbstractItemView::SelectedClicked);
    setItemDelegate(new PlanDelegate(&m_table, &m_theme, this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    header()->setSectionsMovable(false);
    header()->setStretchLastSection(false);
    header()->setSectionResizeMode(CaptionSection, QHeaderView::Stretch);
    header()->setMinimumSectionSize(24);
    setAccessibleName(tr("Columns of the form"));
    connect(this, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem *item, int section) {
        if (m_isShowing) {
            return;
        }
        // A tick set on one of several chosen rows goes for all of them.
        if (section == NameSection && item->isSelected()) {
            m_isShowing = true;
            const QList<QTreeWidgetItem *> chosen = selectedItems();
            for (QTreeWidgetItem *other : chosen) {
                other->setCheckState(NameSection, item->checkState(NameSection));
            }
            m_isShowing = false;
        }
        refreshMarks();
        Q_EMIT changed();
    });
}

void PlanColumns::show(const Table &table, const QList<PlannedColumn> &columns)
{
    m_isShowing = true;
    m_table = table;
    clear();
    for (const PlannedColumn &planned : columns) {
        auto *item = new QTreeWidgetItem(this);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable |
                       Qt::ItemIsDragEnabled);
        item->setText(NameSection, planned.through.isEmpty() ? planned.column.simplified()
                                                             : QStringLiteral("    → ") + planned.column.simplified());
        item->setToolTip(NameSection, planned.through.isEmpty()
                                          ? planned.column
                                          : planned.through + QStringLiteral(" → ") + planned.column);
        item->setData(NameSection, ThroughRole, planned.through);
        item->setData(NameSection, ColumnRole, planned.column);
        item->setData(NameSection, ReasonRole, planned.reason);
        item->setData(NameSection, RequiredRole, planned.isRequired);
        item->setCheckState(NameSection, planned.isTaken ? Qt::Checked : Qt::Unchecked);
        item->setText(CaptionSection, planned.caption);
        item->setText(KindSection, kindTitle(kindNamed(planned.kind)));
        item->setData(KindSection, KindRole, planned.kind);
        item->setData(WidthSection, WidthRole, planned.width);
        item->setTextAlignment(WidthSection, Qt::AlignRight | Qt::AlignVCenter);
    }
    // Kinds and widths are read whole; captions take what is left.
    constexpr int KindRoom = 20;  // px around the words, beside the arrow
    constexpr int WidthRoom = 16; // px around the figures
    int widest = fontMetrics().horizontalAdvance(headerItem()->text(KindSection));
    for (const PlannedColumn &planned : columns) {
        widest = std::max(widest, fontMetrics().horizontalAdvance(kindTitle(kindNamed(planned.kind))) + PlanArrowRoom);
    }
    setColumnWidth(NameSection, 116);
    setColumnWidth(KindSection, widest + KindRoom);
    setColumnWidth(WidthSection, std::max(fontMetrics().horizontalAdvance(QStringLiteral("1168")),
                                          fontMetrics().horizontalAdvance(headerItem()->text(WidthSection))) +
                                     WidthRoom);
    refreshMarks();
    m_isShowing = false;
}

QList<PlannedColumn> PlanColumns::columns() const
{
    QList<PlannedColumn> result;
    for (int i = 0; i < topLevelItemCount(); ++i) {
        const QTreeWidgetItem *item = topLevelItem(i);
        PlannedColumn planned;
        planned.column = item->data(NameSection, ColumnRole).toString();
        planned.through = item->data(NameSection, ThroughRole).toString();
        planned.isTaken = item->checkState(NameSection) == Qt::Checked;
        planned.caption = item->text(CaptionSection);
        planned.kind = item->data(KindSection, KindRole).toString();
        planned.reason = item->data(NameSection, ReasonRole).toString();
        planned.isRequired = item->data(NameSection, RequiredRole).toBool();
        planned.width = item->data(WidthSection, WidthRole).toInt();
        result.append(planned);
    }
    return result;
}

void PlanColumns::showWidths(const QHash<QString, int> &widths)
{
    const bool wasShowing = m_isShowing;
    m_isShowing = true;
    for (int i = 0; i < topLevelItemCount(); ++i) {
        QTreeWidgetItem *item = topLevelItem(i);
        const int width = widths.value(
            keyOf(item->data(NameSection, ThroughRole).toString(), item->data(NameSection, ColumnRole).toString()));
        item->setData(WidthSection, DraftedRole, width);
        item->setText(WidthSection, width > 0 ? QString::number(width) : QString());
    }
    refreshMarks();
    m_isShowing = wasShowing;
}

void PlanColumns::setTheme(Theme theme)
{
    m_theme = theme;
    refreshMarks();
}

void PlanColumns::take(Take which)
{
    m_isShowing = true;
    for (int i = 0; i < topLevelItemCount(); ++i) {
        QTreeWidgetItem *item = topLevelItem(i);
        const bool isRequired = item->data(NameSection, RequiredRole).toBool();
        const bool isTaken = which == Take::All || (which == Take::OnlyRequired && isRequired);
        item->setCheckState(NameSection, isTaken ? Qt::Checked : Qt::Unchecked);
    }
    refreshMarks();
    m_isShowing = false;
    Q_EMIT changed();
}

// What is left out is faint and says why; what is required and left out stands out.
void PlanColumns::refreshMarks()
{
    const bool wasShowing = m_isShowing;
    m_isShowing = true;
    const PanelColours &colours = panelColours(m_theme);
    for (int i = 0; i < topLevelItemCount(); ++i) {
        QTreeWidgetItem *item = topLevelItem(i);
        const bool isTaken = item->checkState(NameSection) == Qt::Checked;
        const bool isRequired = item->data(NameSection, RequiredRole).toBool();
        const QString reason = item->data(NameSection, ReasonRole).toString();
        const QString kind = kindTitle(kindNamed(item->data(KindSection, KindRole).toString()));
        item->setText(KindSection, isTaken            ? kind
                                   : isRequired       ? tr("required!")
                                   : reason.isEmpty() ? tr("left out")
                                                      : reason);
        // What is only shown is said by its ink, and in the tooltip.
        item->setToolTip(KindSection, isTaken && !reason.isEmpty() ? tr("Only shown: %1").arg(reason) : reason);
        const QColor ink = isTaken ? colours.text : isRequired ? colours.alarm : colours.faintText;
        for (int section = 0; section < 4; ++section) {
            // A width that nobody set is only told, as is a value that nobody can change.
            const bool isTold = (section == WidthSection && item->data(section, WidthRole).toInt() == 0) ||
                                (section == KindSection && !reason.isEmpty());
            item->setForeground(section, isTold && isTaken ? colours.faintText : ink);
            item->setBackground(section, !isTaken && isRequired ? QBrush(colours.alarmTint) : QBrush());
        }
    }
    m_isShowing = wasShowing;
}

void PlanColumns::moveSelected(int by)
{
    QList<int> rows;
    const QList<QTreeWidgetItem *> chosen = selectedItems();
    for (QTreeWidgetItem *item : chosen) {
        rows.append(indexOfTopLevelItem(item));
    }
    std::sort(rows.begin(), rows.end());
    if (rows.isEmpty() || (by < 0 && rows.first() == 0) || (by > 0 && rows.last() == topLevelItemCount() - 1)) {
        return;
    }
    if (by > 0) {
        std::reverse(rows.begin(), rows.end());
    }
    m_isShowing = true;
    for (const int row : rows) {
        insertTopLevelItem(row + by, takeTopLevelItem(row));
    }
    clearSelection();
    for (QTreeWidgetItem *item : chosen) {
        item->setSelected(true);
    }
    setCurrentItem(chosen.first(), 0, QItemSelectionModel::NoUpdate);
    m_isShowing = false;
    Q_EMIT changed();
}

void PlanColumns::keyPressEvent(QKeyEvent *event)
{
    if (state() == QAbstractItemView::EditingState) {
        return; // what a box in the list leaves over: Enter ends its typing and is not for the sheet
    }
    if (event->modifiers() == Qt::AltModifier && (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down)) {
        moveSelected(event->key() == Qt::Key_Up ? -1 : 1);
        return;
    }
    if (event->key() == Qt::Key_Space && currentItem() && !selectedItems().isEmpty()) {
        QTreeWidgetItem *item = currentItem();
        item->setCheckState(NameSection, item->checkState(NameSection) == Qt::Checked ? Qt::Unchecked : Qt::Checked);
        return;
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        event->ignore(); // Enter makes the form
        return;
    }
    QTreeWidget::keyPressEvent(event);
}

void PlanColumns::contextMenuEvent(QContextMenuEvent *event)
{
    QTreeWidgetItem *item = currentItem();
    if (!item) {
        return;
    }
    const QString column = item->data(NameSection, ColumnRole).toString();
    const Column *own =
        item->data(NameSection, ThroughRole).toString().isEmpty() ? findColumn(m_table, column) : nullptr;
    QMenu menu(this);
    QAction *suits = menu.addAction(tr("Width as suits"));
    suits->setEnabled(item->data(WidthSection, WidthRole).toInt() > 0);
    QAction *choices = menu.addAction(tr("Make a table of its values…"));
    choices->setEnabled(m_table.kind == TableKind::Table && own && own->type == ColumnType::Text &&
                        !findLink(m_table, column));
    const QPoint at = event->reason() == QContextMenuEvent::Mouse
                          ? event->globalPos()
                          : viewport()->mapToGlobal(visualItemRect(item).bottomLeft());
    const QAction *chosen = menu.exec(at);
    if (chosen == suits) {
        item->setData(WidthSection, WidthRole, 0);
    } else if (chosen == choices) {
        Q_EMIT choicesTableWanted(column);
    }
}

void PlanColumns::dropEvent(QDropEvent *event)
{
    QTreeWidget::dropEvent(event);
    refreshMarks();
    Q_EMIT changed();
}

} // namespace nabblet
