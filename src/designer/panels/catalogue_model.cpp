#include "designer/panels/catalogue_model.h"

namespace nabblet {

namespace {

QString typeWords(ColumnType type)
{
    switch (type) {
    case ColumnType::Text:
        return CatalogueModel::tr("text");
    case ColumnType::WholeNumber:
    case ColumnType::DecimalNumber:
        return CatalogueModel::tr("number");
    case ColumnType::YesNo:
        return CatalogueModel::tr("yes/no");
    case ColumnType::Date:
        return CatalogueModel::tr("date");
    case ColumnType::Time:
        return CatalogueModel::tr("time");
    case ColumnType::DateTime:
        return CatalogueModel::tr("date, time");
    case ColumnType::Binary:
        return CatalogueModel::tr("picture");
    }
    return {};
}

// What a column is, the most said first: where there is no room for that, the next says less.
QStringList notesOf(const Table &table, const Column &column)
{
    const QString type = typeWords(column.type);
    QString first;
    if (const ForeignKey *link = ledLink(table, column.name)) {
        first = CatalogueModel::tr("→ %1").arg(link->parentTable.simplified());
    } else {
        first = type;
    }
    const QString then = table.primaryKey.contains(column.name) ? CatalogueModel::tr("key")
                         : column.isGenerated                   ? CatalogueModel::tr("worked out")
                         : column.isRequired                    ? CatalogueModel::tr("required")
                                                                : QString();
    if (then.isEmpty()) {
        return {first, first == type ? type : CatalogueModel::tr("→")};
    }
    return {first + QStringLiteral(", ") + then, first == type ? then : first, then};
}

} // namespace

void CatalogueModel::setCatalogue(const Catalogue &catalogue)
{
    beginResetModel();
    m_catalogue = catalogue;
    find();
    endResetModel();
}

void CatalogueModel::setFilter(const QString &part)
{
    beginResetModel();
    m_filter = part;
    find();
    endResetModel();
}

void CatalogueModel::find()
{
    m_shown.clear();
    for (qsizetype i = 0; i < m_catalogue.tables.size(); ++i) {
        const Table &table = m_catalogue.tables.at(i);
        Shown shown{
            i, m_filter.isEmpty() || table.name.simplified().contains(m_filter, Qt::CaseInsensitive), false, {}};
        for (int j = 0; !m_filter.isEmpty() && j < table.columns.size(); ++j) {
            if (table.columns.at(j).name.simplified().contains(m_filter, Qt::CaseInsensitive)) {
                shown.hasFound = true;
                shown.columns.append(j);
            }
        }
        if (shown.hasAll || shown.hasFound) {
            m_shown.append(shown);
        }
    }
}

void CatalogueModel::setPlaced(const QString &rowsFrom, const QSet<QString> &bound, const QStringList &filled)
{
    const QString before = m_rowsFrom;
    m_rowsFrom = rowsFrom;
    m_bound = bound;
    m_filled = filled;
    for (const QString &table : {before, m_rowsFrom}) {
        if (const QModelIndex top = indexOf(table); top.isValid() && rowCount(top) > 0) {
            Q_EMIT dataChanged(index(0, 0, top), index(rowCount(top) - 1, 0, top), {DotRole});
        }
    }
}

QModelIndex CatalogueModel::indexOf(const QString &table, const QString &column) const
{
    for (int i = 0; !table.isEmpty() && i < m_shown.size(); ++i) {
        if (m_catalogue.tables.at(m_shown.at(i).table).name != table) {
            continue;
        }
        const QModelIndex top = index(i, 0);
        for (int j = 0; !column.isEmpty() && j < rowCount(top); ++j) {
            if (const QModelIndex found = index(j, 0, top); columnAt(found)->name == column) {
                return found;
            }
        }
        return column.isEmpty() ? top : QModelIndex();
    }
    return {};
}

QString CatalogueModel::tableOf(const QModelIndex &index) const
{
    const Table *table = tableAt(index);
    return table ? table->name : QString();
}

QString CatalogueModel::columnOf(const QModelIndex &index) const
{
    const Column *column = columnAt(index);
    return column ? column->name : QString();
}

bool CatalogueModel::isThereForColumns(const QModelIndex &table) const
{
    return table.isValid() && !table.parent().isValid() && m_shown.at(table.row()).hasFound;
}

// A table's row goes by 0, a column's by the row of its table and one.
QModelIndex CatalogueModel::index(int row, int column, const QModelIndex &parent) const
{
    if (row < 0 || column != 0 || row >= rowCount(parent)) {
        return {};
    }
    return createIndex(row, 0, parent.isValid() ? quintptr(parent.row()) + 1 : quintptr(0));
}

QModelIndex CatalogueModel::parent(const QModelIndex &index) const
{
    return index.isValid() && index.internalId() > 0 ? createIndex(static_cast<int>(index.internalId() - 1), 0)
                                                     : QModelIndex();
}

int CatalogueModel::rowCount(const QModelIndex &parent) const
{
    if (!parent.isValid()) {
        return static_cast<int>(m_shown.size());
    }
    if (parent.internalId() > 0) {
        return 0;
    }
    const Shown &shown = m_shown.at(parent.row());
    return static_cast<int>(shown.hasAll ? m_catalogue.tables.at(shown.table).columns.size() : shown.columns.size());
}

const Table *CatalogueModel::tableAt(const QModelIndex &index) const
{
    if (!index.isValid()) {
        return nullptr;
    }
    const int row = index.internalId() > 0 ? static_cast<int>(index.internalId() - 1) : index.row();
    return &m_catalogue.tables.at(m_shown.at(row).table);
}

const Column *CatalogueModel::columnAt(const QModelIndex &index) const
{
    if (!index.isValid() || index.internalId() == 0) {
        return nullptr;
    }
    const Shown &shown = m_shown.at(static_cast<qsizetype>(index.internalId() - 1));
    return &m_catalogue.tables.at(shown.table).columns.at(shown.hasAll ? index.row() : shown.columns.at(index.row()));
}

CatalogueModel::Dot CatalogueModel::dotOf(const Table &table, const Column &column) const
{
    const bool isOwn = table.name == m_rowsFrom;
    const bool fillsItself =
        column.numbersItself || column.isGenerated || column.hasDefault || m_filled.contains(column.name);
    return isOwn && m_bound.contains(column.name)       ? Placed
           : isOwn && column.isRequired && !fillsItself ? RequiredNotPlaced
                                                        : NotPlaced;
}

QVariant CatalogueModel::data(const QModelIndex &index, int role) const
{
    const Table *table = tableAt(index);
    if (!table) {
        return {};
    }
    const Column *column = columnAt(index);
    const QString name = column ? column->name : table->name;
    switch (role) {
    case Qt::DisplayRole:
        return name.simplified();
    case NameRole:
        return name;
    case NotesRole:
        return column                           ? notesOf(*table, *column)
               : table->kind == TableKind::View ? QStringList{tr("view")}
                                                : QStringList();
    case DotRole:
        return column ? dotOf(*table, *column) : NoDot;
    case Qt::AccessibleTextRole:
        return column ? tr("%1, %2").arg(name.simplified(), notesOf(*table, *column).first()) : QVariant();
    case Qt::ToolTipRole:
        if (column) {
            const ForeignKey *link = findLink(*table, name);
            const QString type =
                link ? tr("%1, points to %2").arg(column->declaredType, link->parentTable) : column->declaredType;
            return tr("%1: %2").arg(name.simplified(), type.isEmpty() ? notesOf(*table, *column).first() : type);
        }
        break;
    default:
        break;
    }
    return {};
}

} // namespace nabblet
