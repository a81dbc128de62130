#include "designer/panels/catalogue_panel.h"
#include "designer/panels/looking_line.h"

#include <QApplication>
#include <QDrag>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace nabblet {

namespace {

enum ItemRole { NoteRole = Qt::UserRole + 1, DotRole, NameRole };
enum Dot { NoDot, Placed, NotPlaced, RequiredNotPlaced };

// Paints a column's dot, name and note on one line.
class CatalogueDelegate : public QStyledItemDelegate
{
public:
    CatalogueDelegate(const Theme *theme, QObject *parent) : QStyledItemDelegate(parent), m_theme(theme) {}

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const PanelColours &colours = panelColours(*m_theme);
        const int dot = index.data(DotRole).toInt();
        painter->save();
        QRect rect = option.rect;
        if (option.state.testFlag(QStyle::State_Selected)) {
            painter->fillRect(rect, colours.accentTint);
        } else if (dot == RequiredNotPlaced) {
            painter->fillRect(rect, colours.alarmTint);
        }
        int x = rect.x() + 4;
        if (dot != NoDot) {
            painter->setRenderHint(QPainter::Antialiasing);
            const QColor ink = dot == RequiredNotPlaced ? colours.alarm : colours.accent;
            painter->setPen(QPen(ink, 1.5));
            painter->setBrush(dot == Placed ? QBrush(ink) : Qt::NoBrush);
            painter->drawEllipse(QPointF(x + 4.5, rect.center().y() + 0.5), 3.8, 3.8);
            x += 16;
        }
        QFont font = option.font;
        const QFontMetrics metrics(font);
        QFont nameFont = font;
        nameFont.setWeight(dot == NoDot ? QFont::DemiBold : QFont::Normal);
        const QFontMetrics nameMetrics(nameFont);
        const QString name = index.data(Qt::DisplayRole).toString();
        const int room = rect.right() - 6 - x;
        const int nameWidth = nameMetrics.horizontalAdvance(name);
        // The name comes first; of the notes, the first that has room beside it.
        QString note;
        const QStringList notes = index.data(NoteRole).toStringList();
        for (const QString &each : notes) {
            if (note.isEmpty() && nameWidth + 10 + metrics.horizontalAdvance(each) <= room) {
                note = each;
            }
        }
        painter->setPen(dot == RequiredNotPlaced ? colours.alarm : colours.faintText);
        painter->setFont(font);
        painter->drawText(rect.adjusted(0, 0, -6, 0), Qt::AlignRight | Qt::AlignVCenter, note);
        painter->setFont(nameFont);
        painter->setPen(colours.text);
        const QRect words(x, rect.y(), room, rect.height());
        painter->drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                          nameMetrics.elidedText(name, Qt::ElideRight, words.width()));
        painter->restore();
    }

    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &) const override
    {
        return {0, option.fontMetrics.height() + 6};
    }

private:
    const Theme *m_theme;
};

QString typeWords(ColumnType type)
{
    switch (type) {
    case ColumnType::Text:
        return CataloguePanel::tr("text");
    case ColumnType::WholeNumber:
    case ColumnType::DecimalNumber:
        return CataloguePanel::tr("number");
    case ColumnType::YesNo:
        return CataloguePanel::tr("yes/no");
    case ColumnType::Date:
        return CataloguePanel::tr("date");
    case ColumnType::Time:
        return CataloguePanel::tr("time");
    case ColumnType::DateTime:
        return CataloguePanel::tr("date, time");
    case ColumnType::Binary:
        return CataloguePanel::tr("picture");
    }
    return {};
}

// What a column is, the most said first: where there is no room for that, the next says less.
QStringList notesOf(const Table &table, const Column &column)
{
    const QString type = typeWords(column.type);
    QString first;
    if (const ForeignKey *link = ledLink(table, column.name)) {
        first = CataloguePanel::tr("→ %1").arg(link->parentTable.simplified());
    } else {
        first = type;
    }
    const QString then = table.primaryKey.contains(column.name) ? CataloguePanel::tr("key")
                         : column.isGenerated                   ? CataloguePanel::tr("worked out")
                         : column.isRequired                    ? CataloguePanel::tr("required")
                                                                : QString();
    if (then.isEmpty()) {
        return {first, first == type ? type : CataloguePanel::tr("→")};
    }
    return {first + QStringLiteral(", ") + then, first == type ? then : first, then};
}

} // namespace

CataloguePanel::CataloguePanel(QWidget *parent)
    : Panel(tr("Catalogue"), parent), m_filter(new QLineEdit), m_tree(new QTreeWidget), m_why(new QLabel)
{
    setWhatsThis(tr("The tables of the database and their columns. A filled dot is on the form already."));
    m_why->setObjectName(QStringLiteral("faint"));
    m_why->setWordWrap(true);
    m_why->setTextFormat(Qt::PlainText);
    m_why->hide();
    m_filter->setPlaceholderText(tr("Filter tables and columns"));
    clearOnceTyped(m_filter);
    m_tree->setHeaderHidden(true);
    m_tree->setRootIsDecorated(true);
    m_tree->setIndentation(12);
    m_tree->setUniformRowHeights(true);
    m_tree->setItemDelegate(new CatalogueDelegate(&m_theme, this));
    m_tree->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_tree->setAccessibleName(tr("Tables and columns"));
    m_tree->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_tree->setToolTip(
        tr("Drag columns on to the form; Ctrl and Shift choose several. A double click or Enter puts them "
           "in the next free place."));
    m_tree->viewport()->installEventFilter(this);
    m_tree->setContextMenuPolicy(Qt::CustomContextMenu);
    connect(m_tree, &QTreeWidget::customContextMenuRequested, this, &CataloguePanel::showMenu);
    contents()->setContentsMargins(8, 8, 8, 8);
    contents()->addWidget(m_filter);
    contents()->addWidget(m_why);
    contents()->addWidget(m_tree, 1);
    connect(m_filter, &QLineEdit::textChanged, this, &CataloguePanel::filter);
    connect(m_tree, &QTreeWidget::itemClicked, this, [this](const QTreeWidgetItem *item) {
        const QTreeWidgetItem *table = item->parent();
        const bool isOwn = table && table->data(0, NameRole).toString() == m_rowsFrom;
        Q_EMIT columnChosen(isOwn ? item->data(0, NameRole).toString() : QString());
    });
    connect(m_tree, &QTreeWidget::itemSelectionChanged, this, &CataloguePanel::noteOrder);
    connect(m_tree, &QTreeWidget::itemActivated, this, [this](QTreeWidgetItem *item) {
        DraggedColumns chosen = chosenColumns();
        if (item->parent() && !item->isSelected()) {
            chosen = {item->parent()->data(0, NameRole).toString(), {item->data(0, NameRole).toString()}};
        }
        if (!chosen.columns.isEmpty()) {
            Q_EMIT columnsActivated(chosen.table, chosen.columns);
        }
    });
}

void CataloguePanel::sayWhyEmpty(const QString &sentence)
{
    // A path has nowhere to be broken by itself.
    QString breakable = sentence;
    m_why->setText(breakable.replace(u'/', QStringLiteral("/\u200b")));
    m_why->setAccessibleName(sentence);
    m_why->setVisible(!sentence.isEmpty());
}

void CataloguePanel::setCatalogue(const Catalogue &catalogue, const QString &databaseName)
{
    m_catalogue = catalogue;
    setNote(databaseName);
    m_order.clear();
    QStringList opened; // stay so
    for (int i = 0; i < m_tree->topLevelItemCount(); ++i) {
        if (m_tree->topLevelItem(i)->isExpanded()) {
            opened.append(m_tree->topLevelItem(i)->data(0, NameRole).toString());
        }
    }
    m_tree->clear();
    for (const Table &table : catalogue.tables) {
        auto *top = new QTreeWidgetItem(m_tree, {table.name.simplified()});
        top->setData(0, NameRole, table.name);
        top->setData(0, NoteRole, table.kind == TableKind::View ? QStringList{tr("view")} : QStringList());
        for (const Column &column : table.columns) {
            auto *item = new QTreeWidgetItem(top, {column.name.simplified()});
            item->setData(0, NameRole, column.name);
            const QStringList notes = notesOf(table, column);
            item->setData(0, NoteRole, notes);
            const ForeignKey *link = findLink(table, column.name);
            item->setData(0, Qt::AccessibleTextRole, tr("%1, %2").arg(column.name.simplified(), notes.first()));
            const QString type =
                link ? tr("%1, points to %2").arg(column.declaredType, link->parentTable) : column.declaredType;
            item->setToolTip(0, tr("%1: %2").arg(column.name.simplified(), type.isEmpty() ? notes.first() : type));
        }
        top->setExpanded((!m_rowsFrom.isEmpty() && table.name == m_rowsFrom) || opened.contains(table.name));
    }
    refreshDots();
    if (!m_filter->text().isEmpty()) {
        filter(m_filter->text());
    }
}

void CataloguePanel::clearFilter()
{
    m_filter->clear();
}

void CataloguePanel::focusTree()
{
    m_tree->setFocus();
}

void CataloguePanel::noteOrder()
{
    const QList<QTreeWidgetItem *> chosen = m_tree->selectedItems();
    m_order.removeIf([&](QTreeWidgetItem *item) { return !chosen.contains(item); });
    for (QTreeWidgetItem *item : chosen) {
        if (!m_order.contains(item)) {
            m_order.append(item);
        }
    }
}

DraggedColumns CataloguePanel::chosenColumns() const
{
    DraggedColumns result;
    for (auto it = m_order.rbegin(); it != m_order.rend(); ++it) {
        const QTreeWidgetItem *table = (*it)->parent();
        if (!table) {
            continue;
        }
        const QString name = table->data(0, NameRole).toString();
        if (result.table.isEmpty()) {
            result.table = name;
        }
        if (name == result.table) {
            result.columns.prepend((*it)->data(0, NameRole).toString());
        }
    }
    return result;
}

// What can be done with the table under the mouse, or with that of the column there.
void CataloguePanel::showMenu(const QPoint &at)
{
    const QTreeWidgetItem *item = m_tree->itemAt(at);
    const QTreeWidgetItem *top = item && item->parent() ? item->parent() : item;
    if (!top) {
        return;
    }
    const QString table = top->data(0, NameRole).toString();
    QMenu menu(this);
    menu.setObjectName(QStringLiteral("tableMenu"));
    for (const auto &[arrangement, words] :
         {std::pair{Arrangement::Columnar, tr("New form, captions beside the boxes")},
          std::pair{Arrangement::Stacked, tr("New form, captions above the boxes")},
          std::pair{Arrangement::Tabular, tr("New form, rows under one another")}}) {
        menu.addAction(words, this, [this, table, wanted = arrangement] { Q_EMIT formRequested(table, wanted); });
    }
    menu.addAction(tr("New form, with choices…"), this, [this, table] { Q_EMIT sheetRequested(table); });
    menu.addSeparator();
    const Table *own = findTable(m_catalogue, table);
    if (own && own->kind == TableKind::Table) {
        menu.addAction(tr("New column of %1…").arg(table.simplified()), this,
                       [this, table] { Q_EMIT newColumnRequested(table); });
        const QString column = item != top ? item->data(0, NameRole).toString() : QString();
        const Column *chosen = findColumn(*own, column);
        if (chosen && chosen->type == ColumnType::Text && !ledLink(*own, column)) {
            menu.addAction(tr("A table of the values of %1…").arg(column.simplified()), this,
                           [this, table, column] { Q_EMIT choicesTableRequested(table, column); });
        }
        menu.addSeparator();
    }
    menu.addAction(tr("Stored rows of %1").arg(table.simplified()), this,
                   [this, table] { Q_EMIT storedRowsRequested(table); });
    const QString used = item != top ? item->data(0, NameRole).toString() : QString();
    menu.addAction(tr("Where %1 is used…").arg((used.isEmpty() ? table : used).simplified()), this,
                   [this, table, used] { Q_EMIT usesRequested(table, used); });
    if (!used.isEmpty()) {
        menu.addAction(tr("Call %1 otherwise in all forms…").arg(used.simplified()), this,
                       [this, table, used] { Q_EMIT otherNameRequested(table, used); });
    }
    menu.exec(m_tree->viewport()->mapToGlobal(at));
}

void CataloguePanel::startDrag()
{
    DraggedColumns chosen = chosenColumns();
    if (const QTreeWidgetItem *pressed = m_tree->itemAt(m_pressedAt); pressed && !pressed->parent()) {
        chosen = {pressed->data(0, NameRole).toString(), {}}; // the table: its rows
    } else if (chosen.columns.isEmpty()) {
        return;
    }
    auto *drag = new QDrag(m_tree);
    drag->setMimeData(columnMimeData(chosen));
    drag->exec(Qt::CopyAction);
}

bool CataloguePanel::eventFilter(QObject *watched, QEvent *event)
{
    // Dragging begins on what is chosen already or on what is pressed; pressing alone must not undo a choice of
    // several.
    if (event->type() == QEvent::MouseButtonPress) {
        m_pressedAt = static_cast<QMouseEvent *>(event)->pos();
        const QTreeWidgetItem *item = m_tree->itemAt(m_pressedAt);
        const bool isPlain = static_cast<QMouseEvent *>(event)->modifiers() == Qt::NoModifier;
        if (item && item->isSelected() && isPlain && m_tree->selectedItems().size() > 1) {
            return true;
        }
    } else if (event->type() == QEvent::MouseMove) {
        const auto *move = static_cast<QMouseEvent *>(event);
        if (move->buttons().testFlag(Qt::LeftButton)) {
            if ((move->pos() - m_pressedAt).manhattanLength() >= QApplication::startDragDistance()) {
                startDrag();
            }
            return true; // no sweeping choice: the drag is for the board
        }
    }
    return Panel::eventFilter(watched, event);
}

void CataloguePanel::setFilledColumns(const QStringList &columns)
{
    if (columns != m_filled) {
        m_filled = columns;
        refreshDots();
    }
}

void CataloguePanel::setForm(const Form &form)
{
    const QString before = m_rowsFrom;
    m_rowsFrom = form.rowsFrom;
    m_bound.clear();
    for (const Control &control : form.controls) {
        for (const QString &column : columnsWritten(control)) { // a lookup may write several
            m_bound.insert(column);
        }
    }
    refreshDots();
    if (before != m_rowsFrom) {
        for (int i = 0; i < m_tree->topLevelItemCount(); ++i) {
            QTreeWidgetItem *top = m_tree->topLevelItem(i);
            const bool isOwn = top->data(0, NameRole).toString() == m_rowsFrom;
            top->setExpanded(isOwn);
            if (isOwn) {
                m_tree->scrollToItem(top, QAbstractItemView::PositionAtTop);
            }
        }
    }
}

void CataloguePanel::setTheme(Theme theme)
{
    m_theme = theme;
    m_tree->viewport()->update();
}

void CataloguePanel::refreshDots()
{
    for (int i = 0; i < m_tree->topLevelItemCount() && i < m_catalogue.tables.size(); ++i) {
        const Table &table = m_catalogue.tables.at(i);
        QTreeWidgetItem *top = m_tree->topLevelItem(i);
        const bool isOwn = table.name == m_rowsFrom;
        for (int j = 0; j < top->childCount(); ++j) {
            const Column &column = table.columns.at(j);
            const bool isFilledByItself =
                column.numbersItself || column.isGenerated || column.hasDefault || m_filled.contains(column.name);
            const Dot dot = isOwn && m_bound.contains(column.name)            ? Placed
                            : isOwn && column.isRequired && !isFilledByItself ? RequiredNotPlaced
                                                                              : NotPlaced;
            top->child(j)->setData(0, DotRole, dot);
        }
    }
}

void CataloguePanel::filter(const QString &part)
{
    for (int i = 0; i < m_tree->topLevelItemCount(); ++i) {
        QTreeWidgetItem *top = m_tree->topLevelItem(i);
        const bool isTable = top->text(0).contains(part, Qt::CaseInsensitive);
        bool hasColumn = false;
        for (int j = 0; j < top->childCount(); ++j) {
            const bool isColumn = top->child(j)->text(0).contains(part, Qt::CaseInsensitive);
            top->child(j)->setHidden(!isColumn && !isTable);
            hasColumn = hasColumn || isColumn;
        }
        top->setHidden(!isTable && !hasColumn);
        if (!part.isEmpty()) {
            top->setExpanded(hasColumn);
        }
    }
}

} // namespace nabblet
