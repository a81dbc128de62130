#include "designer/panels/catalogue_panel.h"
#include "designer/panels/catalogue_model.h"
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
#include <QTreeView>
#include <QVBoxLayout>

namespace nabblet {

namespace {

// Paints a column's dot, name and note on one line.
class CatalogueDelegate : public QStyledItemDelegate
{
public:
    CatalogueDelegate(const Theme *theme, QObject *parent) : QStyledItemDelegate(parent), m_theme(theme) {}

    void paint(QPainter *painter, const QStyleOptionViewItem &option, const QModelIndex &index) const override
    {
        const PanelColours &colours = panelColours(*m_theme);
        const int dot = index.data(CatalogueModel::DotRole).toInt();
        painter->save();
        QRect rect = option.rect;
        if (option.state.testFlag(QStyle::State_Selected)) {
            painter->fillRect(rect, colours.accentTint);
        } else if (dot == CatalogueModel::RequiredNotPlaced) {
            painter->fillRect(rect, colours.alarmTint);
        }
        int x = rect.x() + 4;
        if (dot != CatalogueModel::NoDot) {
            painter->setRenderHint(QPainter::Antialiasing);
            const QColor ink = dot == CatalogueModel::RequiredNotPlaced ? colours.alarm : colours.accent;
            painter->setPen(QPen(ink, 1.5));
            painter->setBrush(dot == CatalogueModel::Placed ? QBrush(ink) : Qt::NoBrush);
            painter->drawEllipse(QPointF(x + 4.5, rect.center().y() + 0.5), 3.8, 3.8);
            x += 16;
        }
        QFont font = option.font;
        const QFontMetrics metrics(font);
        QFont nameFont = font;
        nameFont.setWeight(dot == CatalogueModel::NoDot ? QFont::DemiBold : QFont::Normal);
        const QFontMetrics nameMetrics(nameFont);
        const QString name = index.data(Qt::DisplayRole).toString();
        const int room = rect.right() - 6 - x;
        const int nameWidth = nameMetrics.horizontalAdvance(name);
        // The name comes first; of the notes, the first that has room beside it.
        QString note;
        const QStringList notes = index.data(CatalogueModel::NotesRole).toStringList();
        for (const QString &each : notes) {
            if (note.isEmpty() && nameWidth + 10 + metrics.horizontalAdvance(each) <= room) {
                note = each;
            }
        }
        painter->setPen(dot == CatalogueModel::RequiredNotPlaced ? colours.alarm : colours.faintText);
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

} // namespace

CataloguePanel::CataloguePanel(QWidget *parent)
    : Panel(tr("Catalogue"), parent), m_filter(new QLineEdit), m_model(new CatalogueModel(this)), m_tree(new QTreeView),
      m_why(new QLabel)
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
    connect(m_tree, &QTreeView::customContextMenuRequested, this, &CataloguePanel::showMenu);
    m_tree->setModel(m_model);
    contents()->setContentsMargins(8, 8, 8, 8);
    contents()->addWidget(m_filter);
    contents()->addWidget(m_why);
    contents()->addWidget(m_tree, 1);
    connect(m_filter, &QLineEdit::textChanged, this, &CataloguePanel::filter);
    connect(m_tree, &QTreeView::clicked, this, [this](const QModelIndex &index) {
        const bool isOwn = m_model->tableOf(index) == m_rowsFrom;
        Q_EMIT columnChosen(isOwn ? m_model->columnOf(index) : QString());
    });
    connect(m_tree->selectionModel(), &QItemSelectionModel::selectionChanged, this, &CataloguePanel::noteOrder);
    connect(m_tree, &QTreeView::activated, this, [this](const QModelIndex &index) {
        DraggedColumns chosen = chosenColumns();
        if (index.parent().isValid() && !m_tree->selectionModel()->isSelected(index)) {
            chosen = {m_model->tableOf(index), {m_model->columnOf(index)}};
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
    setNote(databaseName);
    const QSet<QString> opened = openedTables(); // stay so
    m_order.clear();
    m_model->setCatalogue(catalogue);
    open(opened);
}

QSet<QString> CataloguePanel::openedTables() const
{
    QSet<QString> opened;
    for (int i = 0; i < m_model->rowCount(); ++i) {
        if (const QModelIndex table = m_model->index(i, 0); m_tree->isExpanded(table)) {
            opened.insert(m_model->tableOf(table));
        }
    }
    return opened;
}

// These, with a filter those that are there for what it found in them, without one the form's own.
void CataloguePanel::open(const QSet<QString> &tables)
{
    const bool isFiltered = !m_filter->text().isEmpty();
    for (int i = 0; i < m_model->rowCount(); ++i) {
        const QModelIndex table = m_model->index(i, 0);
        const QString name = m_model->tableOf(table);
        if (tables.contains(name) || (isFiltered ? m_model->isThereForColumns(table) : name == m_rowsFrom)) {
            m_tree->expand(table);
        }
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
    const QModelIndexList chosen = m_tree->selectionModel()->selectedRows();
    m_order.removeIf([&](const QPersistentModelIndex &each) { return !chosen.contains(each); });
    for (const QModelIndex &each : chosen) {
        if (!m_order.contains(each)) {
            m_order.append(each);
        }
    }
}

DraggedColumns CataloguePanel::chosenColumns() const
{
    DraggedColumns result;
    for (auto it = m_order.rbegin(); it != m_order.rend(); ++it) {
        const QString column = m_model->columnOf(*it);
        if (column.isEmpty()) {
            continue;
        }
        const QString table = m_model->tableOf(*it);
        if (result.table.isEmpty()) {
            result.table = table;
        }
        if (table == result.table) {
            result.columns.prepend(column);
        }
    }
    return result;
}

// What can be done with the table under the mouse, or with that of the column there.
void CataloguePanel::showMenu(const QPoint &at)
{
    const QModelIndex index = m_tree->indexAt(at);
    const QString table = m_model->tableOf(index);
    const QString column = m_model->columnOf(index);
    if (table.isEmpty()) {
        return;
    }
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
    const Table *own = findTable(m_model->catalogue(), table);
    if (own && own->kind == TableKind::Table) {
        menu.addAction(tr("New column of %1…").arg(table.simplified()), this,
                       [this, table] { Q_EMIT newColumnRequested(table); });
        const Column *chosen = findColumn(*own, column);
        if (chosen && chosen->type == ColumnType::Text && !ledLink(*own, column)) {
            menu.addAction(tr("A table of the values of %1…").arg(column.simplified()), this,
                           [this, table, column] { Q_EMIT choicesTableRequested(table, column); });
        }
        menu.addSeparator();
    }
    menu.addAction(tr("Stored rows of %1").arg(table.simplified()), this,
                   [this, table] { Q_EMIT storedRowsRequested(table); });
    menu.addAction(tr("Where %1 is used…").arg((column.isEmpty() ? table : column).simplified()), this,
                   [this, table, column] { Q_EMIT usesRequested(table, column); });
    if (!column.isEmpty()) {
        menu.addAction(tr("Call %1 otherwise in all forms…").arg(column.simplified()), this,
                       [this, table, column] { Q_EMIT otherNameRequested(table, column); });
    }
    menu.exec(m_tree->viewport()->mapToGlobal(at));
}

void CataloguePanel::startDrag()
{
    DraggedColumns chosen = chosenColumns();
    if (const QModelIndex pressed = m_tree->indexAt(m_pressedAt); pressed.isValid() && !pressed.parent().isValid()) {
        chosen = {m_model->tableOf(pressed), {}}; // the table: its rows
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
        const QModelIndex index = m_tree->indexAt(m_pressedAt);
        const bool isPlain = static_cast<QMouseEvent *>(event)->modifiers() == Qt::NoModifier;
        if (isPlain && m_order.size() > 1 && m_tree->selectionModel()->isSelected(index)) {
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
        m_model->setPlaced(m_rowsFrom, m_bound, m_filled);
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
    m_model->setPlaced(m_rowsFrom, m_bound, m_filled);
    if (before != m_rowsFrom) {
        m_tree->collapseAll();
        m_opened.clear();
        if (const QModelIndex own = m_model->indexOf(m_rowsFrom); own.isValid()) {
            m_tree->expand(own);
            m_tree->scrollTo(own, QAbstractItemView::PositionAtTop);
        }
    }
}

void CataloguePanel::setTheme(Theme theme)
{
    m_theme = theme;
    m_tree->viewport()->update();
}

void CataloguePanel::filter(const QString &part)
{
    if (m_model->filter().isEmpty()) {
        m_opened = openedTables(); // and will be again
    }
    const DraggedColumns chosen = chosenColumns();
    m_order.clear();
    m_model->setFilter(part);
    open(part.isEmpty() ? m_opened : QSet<QString>());
    // What is chosen and still in sight stays chosen, in its order.
    for (const QString &column : chosen.columns) {
        if (const QModelIndex index = m_model->indexOf(chosen.table, column); index.isValid()) {
            m_tree->selectionModel()->select(index, QItemSelectionModel::Select);
        }
    }
}

} // namespace nabblet
