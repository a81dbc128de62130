#include "designer/new_form/plan_columns.h"

#include "core/kinds/kind.h"

#include <QComboBox>
#include <QDropEvent>
#include <QHeaderView>
#include <QKeyEvent>
#include <QStyledItemDelegate>

#include <algorithm>

namespace nabblet {

namespace {

enum Section { NameSection, CaptionSection, KindSection };
enum PlanRole { ColumnRole = Qt::UserRole + 1, KindRole, ReasonRole, RequiredRole, ThroughRole };

bool mayShow(const Table &table, const QString &column, const Kind &kind)
{
    const Column *own = findColumn(table, column);
    if (!own || !takesValue(kind)) {
        return false;
    }
    return kind.binds.contains(own->type);
}

// Captions are typed, kinds chosen from those that suit the column.
class PlanDelegate : public QStyledItemDelegate
{
public:
    PlanDelegate(const Table *table, QObject *parent) : QStyledItemDelegate(parent), m_table(table) {}

    QWidget *createEditor(QWidget *parent, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        if (index.column() == CaptionSection) {
            return QStyledItemDelegate::createEditor(parent, option, index);
        }
        if (index.column() != KindSection) {
            return nullptr;
        }
        auto *choice = new QComboBox(parent);
        const QString column = index.siblingAtColumn(NameSection).data(ColumnRole).toString();
        const bool isOwn = index.siblingAtColumn(NameSection).data(ThroughRole).toString().isEmpty();
        for (const Kind &kind : kinds()) {
            if ((isOwn && mayShow(*m_table, column, kind)) || kind.name == index.data(KindRole).toString()) {
                choice->addItem(kindTitle(kind), kind.name);
            }
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
        } else {
            QStyledItemDelegate::setEditorData(editor, index);
        }
    }

    void setModelData(QWidget *editor, QAbstractItemModel *model, const QModelIndex &index) const override
    {
        if (const auto *choice = qobject_cast<QComboBox *>(editor)) {
            model->setData(index, choice->currentData(), KindRole);
            model->setData(index, choice->currentText(), Qt::DisplayRole);
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
};

} // namespace

PlanColumns::PlanColumns(QWidget *parent) : QTreeWidget(parent)
{
    setObjectName(QStringLiteral("planColumns"));
    setColumnCount(3);
    setHeaderLabels({tr("Column"), tr("Caption"), tr("Shown as")});
    setRootIsDecorated(false);
    setUniformRowHeights(true);
    setSelectionMode(QAbstractItemView::ExtendedSelection);
    setDragDropMode(QAbstractItemView::InternalMove);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                    QAbstractItemView::SelectedClicked);
    setItemDelegate(new PlanDelegate(&m_table, this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    header()->setSectionsMovable(false);
    header()->setStretchLastSection(true);
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
    }
    setColumnWidth(NameSection, 126);
    setColumnWidth(CaptionSection, 112);
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
        result.append(planned);
    }
    return result;
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
        item->setText(KindSection, isTaken            ? kind + (reason.isEmpty() ? QString() : tr(", only shown"))
                                   : isRequired       ? tr("required!")
                                   : reason.isEmpty() ? tr("left out")
                                                      : reason);
        item->setToolTip(KindSection, reason);
        const QColor ink = isTaken ? colours.text : isRequired ? colours.alarm : colours.faintText;
        for (int section = 0; section < 3; ++section) {
            item->setForeground(section, ink);
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

void PlanColumns::dropEvent(QDropEvent *event)
{
    QTreeWidget::dropEvent(event);
    refreshMarks();
    Q_EMIT changed();
}

} // namespace nabblet
