#include "designer/new_form/child_rows_list.h"

#include "core/text/tr.h"

#include <QComboBox>
#include <QHeaderView>
#include <QStyledItemDelegate>

namespace nabblet {

namespace {

enum Section { TitleSection, ShownSection };
constexpr int PathRole = Qt::UserRole + 1;
constexpr int WayRole = Qt::UserRole + 2;

// How rows that belong to a record may be shown.
struct Way
{
    const char *words;
    Arrangement arrangement;
    ChildPlace place;
};
constexpr std::array<Way, 4> Ways{{
    {Texts::later("tabular"), Arrangement::Tabular, ChildPlace::Subform},
    {Texts::later("columnar"), Arrangement::Columnar, ChildPlace::Subform},
    {Texts::later("stacked"), Arrangement::Stacked, ChildPlace::Subform},
    {Texts::later("own form, by a button"), Arrangement::Tabular, ChildPlace::Button},
}};

int wayOf(const PlannedChild &child)
{
    if (child.place == ChildPlace::Button) {
        return 3;
    }
    for (int i = 0; i < 3; ++i) {
        if (Ways.at(static_cast<size_t>(i)).arrangement == child.plan.arrangement) {
            return i;
        }
    }
    return 0;
}

ChildPath pathOf(const QTreeWidgetItem *item)
{
    ChildPath path;
    const QVariantList stored = item->data(TitleSection, PathRole).toList();
    for (const QVariant &step : stored) {
        path.append(step.toInt());
    }
    return path;
}

QVariantList stored(const ChildPath &path)
{
    QVariantList steps;
    for (const int step : path) {
        steps.append(step);
    }
    return steps;
}

// The way rows are shown is chosen from a list; titles are typed.
class WayDelegate : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QWidget *createEditor(QWidget *parent, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        if (index.column() == TitleSection) {
            return QStyledItemDelegate::createEditor(parent, option, index);
        }
        auto *choice = new QComboBox(parent);
        for (const Way &way : Ways) {
            choice->addItem(Texts::tr(way.words));
        }
        connect(choice, &QComboBox::activated, this, [this, choice] {
            Q_EMIT const_cast<WayDelegate *>(this)->commitData(choice);
            Q_EMIT const_cast<WayDelegate *>(this)->closeEditor(choice);
        });
        return choice;
    }
    void setEditorData(QWidget *editor, const QModelIndex &index) const override
    {
        if (auto *choice = qobject_cast<QComboBox *>(editor)) {
            choice->setCurrentIndex(index.data(WayRole).toInt());
        } else {
            QStyledItemDelegate::setEditorData(editor, index);
        }
    }
    void setModelData(QWidget *editor, QAbstractItemModel *model, const QModelIndex &index) const override
    {
        if (const auto *choice = qobject_cast<QComboBox *>(editor)) {
            model->setData(index, choice->currentIndex(), WayRole);
        } else {
            QStyledItemDelegate::setModelData(editor, model, index);
        }
    }
    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &) const override
    {
        return {0, option.fontMetrics.height() + 9};
    }
};

} // namespace

DraftPlan *planAt(DraftPlan &plan, const ChildPath &path)
{
    DraftPlan *at = &plan;
    for (const int step : path) {
        if (step < 0 || static_cast<size_t>(step) >= at->children.size()) {
            return nullptr;
        }
        at = &at->children[static_cast<size_t>(step)].plan;
    }
    return at;
}

ChildRowsList::ChildRowsList(QWidget *parent) : QTreeWidget(parent)
{
    setObjectName(QStringLiteral("childRows"));
    setColumnCount(2);
    setHeaderHidden(true);
    setIndentation(14);
    setUniformRowHeights(true);
    setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                    QAbstractItemView::SelectedClicked);
    setItemDelegate(new WayDelegate(this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    header()->setStretchLastSection(true);
    setAccessibleName(tr("Rows that belong to each record"));
    connect(this, &QTreeWidget::itemChanged, this, &ChildRowsList::take);
}

PlannedChild *ChildRowsList::childOf(const ChildPath &path)
{
    DraftPlan *parent = path.isEmpty() ? nullptr : planAt(m_plan, path.first(path.size() - 1));
    const auto last = static_cast<size_t>(path.isEmpty() ? 0 : path.last());
    return parent && last < parent->children.size() ? &parent->children[last] : nullptr;
}

void ChildRowsList::show(const Catalogue &catalogue, const DraftPlan &plan, const WordList &words)
{
    m_catalogue = catalogue;
    m_plan = plan;
    m_words = words;
    if (!m_isTelling) {
        rebuild();
    }
}

void ChildRowsList::rebuild()
{
    m_isShowing = true;
    const ChildPath current = currentItem() ? pathOf(currentItem()) : ChildPath();
    clear();
    addItems(invisibleRootItem(), m_plan.children, {});
    expandAll();
    setColumnWidth(TitleSection, 220);
    for (QTreeWidgetItemIterator it(this); *it; ++it) {
        if (!current.isEmpty() && pathOf(*it) == current) {
            setCurrentItem(*it);
        }
    }
    m_isShowing = false;
}

void ChildRowsList::addItems(QTreeWidgetItem *parent, const std::vector<PlannedChild> &children, const ChildPath &path)
{
    for (size_t i = 0; i < children.size(); ++i) {
        const PlannedChild &child = children[i];
        const ChildPath own = path + ChildPath{static_cast<int>(i)};
        auto *item = new QTreeWidgetItem(parent);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable);
        item->setText(TitleSection, child.plan.title);
        item->setToolTip(TitleSection, tr("%1, by %2 = %3")
                                           .arg(child.plan.table, child.link.childColumns.join(QStringLiteral(", ")),
                                                child.link.parentColumns.join(QStringLiteral(", "))));
        item->setCheckState(TitleSection, child.isTaken ? Qt::Checked : Qt::Unchecked);
        item->setData(TitleSection, PathRole, stored(own));
        const int way = wayOf(child);
        item->setData(ShownSection, WayRole, way);
        item->setText(ShownSection, child.isTaken ? Texts::tr(Ways.at(static_cast<size_t>(way)).words)
                                    : child.usualRows > MostRowsUnasked ? tr("%L1 of each").arg(child.usualRows)
                                                                        : QString());
        if (child.isTaken) {
            addItems(item, child.plan.children, own);
        }
    }
}

void ChildRowsList::take(QTreeWidgetItem *item, int section)
{
    PlannedChild *child = m_isShowing ? nullptr : childOf(pathOf(item));
    if (!child) {
        return;
    }
    const bool wasTaken = child->isTaken;
    child->isUnasked = false;
    child->isTaken = item->checkState(TitleSection) == Qt::Checked;
    child->plan.title = item->text(TitleSection).trimmed().isEmpty() ? child->plan.title : item->text(TitleSection);
    if (section == ShownSection) {
        const Way &way = Ways.at(static_cast<size_t>(std::clamp(item->data(ShownSection, WayRole).toInt(), 0, 3)));
        child->place = way.place;
        child->plan.arrangement = way.arrangement;
        child->plan.spacing = way.arrangement == Arrangement::Tabular ? Spacing::Tight : Spacing::Comfortable;
    }
    if (child->isTaken && !wasTaken) {
        completeChild(m_catalogue, *child, m_words);
    }
    // Told at once, so that nothing overtakes it; the view must not lose its items while it tells of them.
    m_isTelling = true;
    Q_EMIT changed();
    m_isTelling = false;
    QMetaObject::invokeMethod(this, &ChildRowsList::rebuild, Qt::QueuedConnection);
}

} // namespace nabblet
