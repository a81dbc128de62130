#include "designer/panels/outline/outline_model.h"

#include <QDataStream>
#include <QIODevice>
#include <QMimeData>

#include <algorithm>

namespace nabblet {

namespace {

const QString DraggedFormat = QStringLiteral("application/x-nabblet-outline");

// Whether the same things stand in the same places, however they are called.
bool hasSameShape(const OutlineNode &a, const OutlineNode &b)
{
    return a.sort == b.sort && a.id == b.id && a.page == b.page && a.holds == b.holds &&
           std::equal(a.inside.begin(), a.inside.end(), b.inside.begin(), b.inside.end(), hasSameShape);
}

} // namespace

OutlineModel::OutlineModel(QObject *parent) : QAbstractItemModel(parent) {}

void OutlineModel::setOutline(const std::optional<OutlineNode> &outline)
{
    if (outline == m_outline) {
        return;
    }
    if (outline && m_outline && hasSameShape(*outline, *m_outline)) { // what is unfolded and scrolled to stays
        m_outline = outline;
        m_places.clear();
        list(*m_outline, -1, 0);
        for (const QModelIndex &changed : all()) {
            Q_EMIT dataChanged(changed, changed);
        }
        return;
    }
    beginResetModel();
    m_places.clear();
    m_outline = outline;
    if (m_outline) {
        list(*m_outline, -1, 0);
    }
    endResetModel();
}

void OutlineModel::list(const OutlineNode &node, int parent, int row)
{
    const auto here = static_cast<int>(m_places.size());
    m_places.append({&node, parent, row, {}});
    if (parent >= 0) {
        m_places[parent].inside.append(here);
    }
    for (int i = 0; i < node.inside.size(); ++i) {
        list(node.inside.at(i), here, i);
    }
}

const OutlineNode *OutlineModel::nodeAt(const QModelIndex &index) const
{
    return index.isValid() ? m_places.at(static_cast<qsizetype>(index.internalId())).node : nullptr;
}

QModelIndexList OutlineModel::all() const
{
    QModelIndexList indexes;
    for (qsizetype i = 0; i < m_places.size(); ++i) {
        indexes.append(createIndex(m_places.at(i).row, 0, static_cast<quintptr>(i)));
    }
    return indexes;
}

QModelIndex OutlineModel::index(int row, int column, const QModelIndex &parent) const
{
    if (!hasIndex(row, column, parent)) {
        return {};
    }
    const int at = parent.isValid() ? m_places.at(static_cast<qsizetype>(parent.internalId())).inside.at(row) : 0;
    return createIndex(row, column, static_cast<quintptr>(at));
}

QModelIndex OutlineModel::parent(const QModelIndex &index) const
{
    const int at = index.isValid() ? m_places.at(static_cast<qsizetype>(index.internalId())).parent : -1;
    return at < 0 ? QModelIndex() : createIndex(m_places.at(at).row, 0, static_cast<quintptr>(at));
}

int OutlineModel::rowCount(const QModelIndex &parent) const
{
    if (!parent.isValid()) {
        return m_places.isEmpty() ? 0 : 1;
    }
    return static_cast<int>(nodeAt(parent)->inside.size());
}

int OutlineModel::columnCount(const QModelIndex &) const
{
    return 1;
}

QVariant OutlineModel::data(const QModelIndex &index, int role) const
{
    const OutlineNode *node = nodeAt(index);
    if (!node) {
        return {};
    }
    switch (role) {
    case Qt::DisplayRole:
    case Qt::EditRole:
        return node->title;
    case Qt::ToolTipRole:
        return node->words;
    case Qt::AccessibleTextRole:
        return node->saidAloud.isEmpty() ? node->title : node->saidAloud;
    default:
        return {};
    }
}

// What is typed becomes an edit of the form, which then shows here.
bool OutlineModel::setData(const QModelIndex &index, const QVariant &value, int role)
{
    const OutlineNode *node = nodeAt(index);
    if (!node || role != Qt::EditRole) {
        return false;
    }
    Q_EMIT renameRequested(OutlineNode(*node), value.toString());
    return true;
}

Qt::ItemFlags OutlineModel::flags(const QModelIndex &index) const
{
    const OutlineNode *node = nodeAt(index);
    if (!node) {
        return Qt::NoItemFlags;
    }
    Qt::ItemFlags flags = Qt::ItemIsEnabled;
    flags.setFlag(Qt::ItemIsSelectable, node->sort != OutlineNode::TheRails);
    flags.setFlag(Qt::ItemIsEditable, node->sort != OutlineNode::TheRails && node->sort != OutlineNode::ABand);
    flags.setFlag(Qt::ItemIsDragEnabled, node->sort == OutlineNode::AControl);
    flags.setFlag(Qt::ItemIsDropEnabled, node->holds);
    return flags;
}

QStringList OutlineModel::mimeTypes() const
{
    return {DraggedFormat};
}

QMimeData *OutlineModel::mimeData(const QModelIndexList &indexes) const
{
    QList<ControlId> controls;
    for (const QModelIndex &index : indexes) {
        if (const OutlineNode *node = nodeAt(index); node && node->sort == OutlineNode::AControl) {
            controls.append(node->id);
        }
    }
    QByteArray bytes;
    QDataStream stream(&bytes, QIODevice::WriteOnly);
    stream << controls;
    auto *data = new QMimeData;
    data->setData(DraggedFormat, bytes);
    return data;
}

// The rows stay until the form is another: nothing is taken away or put in here.
bool OutlineModel::dropMimeData(const QMimeData *data, Qt::DropAction, int row, int, const QModelIndex &parent)
{
    const OutlineNode *on = nodeAt(parent);
    if (!on || !data->hasFormat(DraggedFormat)) {
        return false;
    }
    QList<ControlId> controls;
    QDataStream stream(data->data(DraggedFormat));
    stream >> controls;
    const bool isBefore = row >= 0 && row < on->inside.size() && on->inside.at(row).sort == OutlineNode::AControl;
    Q_EMIT dropRequested(controls, OutlineNode(*on), isBefore ? on->inside.at(row).id : 0);
    return false; // so that no view takes the rows away
}

} // namespace nabblet
