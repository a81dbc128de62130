// The outline as a tree for views. It shows a value, and asks for edits; whoever owns the form makes them.
#pragma once

#include "designer/panels/outline/outline.h"

#include <QAbstractItemModel>

namespace nabblet {

class OutlineModel : public QAbstractItemModel
{
    Q_OBJECT

public:
    explicit OutlineModel(QObject *parent = nullptr);

    // Nothing shows without one.
    void setOutline(const std::optional<OutlineNode> &outline);
    // What stands there; nullptr for no index.
    const OutlineNode *nodeAt(const QModelIndex &index) const;
    // All of them, from the top down.
    QModelIndexList all() const;

    QModelIndex index(int row, int column, const QModelIndex &parent = {}) const override;
    QModelIndex parent(const QModelIndex &index) const override;
    int rowCount(const QModelIndex &parent = {}) const override;
    int columnCount(const QModelIndex &parent = {}) const override;
    QVariant data(const QModelIndex &index, int role) const override;
    bool setData(const QModelIndex &index, const QVariant &value, int role) override;
    Qt::ItemFlags flags(const QModelIndex &index) const override;
    Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
    QStringList mimeTypes() const override;
    QMimeData *mimeData(const QModelIndexList &indexes) const override;
    bool dropMimeData(const QMimeData *data, Qt::DropAction action, int row, int column,
                      const QModelIndex &parent) override;

Q_SIGNALS:
    void renameRequested(const nabblet::OutlineNode &node, const QString &title);
    // before: the control that they come before; 0 at the end.
    void dropRequested(const QList<nabblet::ControlId> &controls, const nabblet::OutlineNode &on,
                       nabblet::ControlId before);

private:
    struct Place
    {
        const OutlineNode *node;
        int parent; // in m_places; -1 for the top
        int row;
        QList<int> inside;
    };
    void list(const OutlineNode &node, int parent, int row);

    std::optional<OutlineNode> m_outline;
    QList<Place> m_places; // of all nodes of the outline; an index knows its number here
};

} // namespace nabblet
