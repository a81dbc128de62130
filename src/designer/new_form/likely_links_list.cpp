#include "designer/new_form/likely_links_list.h"

namespace nabblet {

void LikelyLinksModel::setLinks(const QList<FoundLink> &links)
{
    m_all = links;
    refresh();
}

void LikelyLinksModel::setTable(const QString &table)
{
    if (table != m_table) { // else the list stays where it was scrolled to
        m_table = table;
        refresh();
    }
}

void LikelyLinksModel::refresh()
{
    beginResetModel();
    m_shown.clear();
    for (const FoundLink &each : m_all) {
        if (each.link.link.table == m_table || each.link.link.link.parentTable == m_table) {
            m_shown.append(each);
        }
    }
    endResetModel();
}

int LikelyLinksModel::rowCount(const QModelIndex &parent) const
{
    return parent.isValid() ? 0 : static_cast<int>(m_shown.size());
}

QVariant LikelyLinksModel::data(const QModelIndex &index, int role) const
{
    const FoundLink &each = m_shown.at(index.row());
    const TableLink &link = each.link.link;
    const bool isFromHere = link.table == m_table;
    const QString columns = link.link.columns.join(tr(" and "));
    const QString from = isFromHere ? columns : link.table + u'.' + columns;
    const QString words = tr("%1 → %2").arg(from.simplified(), link.link.parentTable.simplified());
    const QString evidence = evidenceInWords(each.link, each.evidence);
    switch (role) {
    case Qt::DisplayRole:
        return words + u'\n' + evidence;
    case Qt::AccessibleTextRole:
        return words;
    case Qt::AccessibleDescriptionRole:
        return evidence;
    case Qt::ToolTipRole:
        return tr("%1: %2. Ticked, the project remembers this link: its values are chosen from a list, and its rows "
                  "can be shown with each record.")
            .arg(words, evidence);
    case Qt::CheckStateRole:
        return m_taken.contains(link) ? Qt::Checked : Qt::Unchecked;
    default:
        return {};
    }
}

bool LikelyLinksModel::setData(const QModelIndex &index, const QVariant &value, int role)
{
    if (role != Qt::CheckStateRole || !index.isValid()) {
        return false;
    }
    const TableLink link = m_shown.at(index.row()).link.link;
    m_taken.removeAll(link);
    if (value.toInt() == Qt::Checked) {
        m_taken.append(link);
    }
    Q_EMIT dataChanged(index, index, {Qt::CheckStateRole});
    Q_EMIT takenChanged();
    return true;
}

Qt::ItemFlags LikelyLinksModel::flags(const QModelIndex &index) const
{
    return QAbstractListModel::flags(index) | Qt::ItemIsUserCheckable;
}

LikelyLinksList::LikelyLinksList(QWidget *parent) : QListView(parent)
{
    setObjectName(QStringLiteral("likelyLinks"));
    setAccessibleName(tr("Links that are likely"));
    setModel(&m_links);
    setTextElideMode(Qt::ElideMiddle);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setSpacing(1);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setSelectionMode(QAbstractItemView::NoSelection);
}

} // namespace nabblet
