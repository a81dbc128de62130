// Links that the database does not declare, offered with what stored values say to them, to be taken by a tick.
#pragma once

#include "data/profile/link_evidence.h"

#include <QAbstractListModel>
#include <QListView>

namespace nabblet {

// The links of one table, from it or to it, out of all that were found.
class LikelyLinksModel : public QAbstractListModel
{
    Q_OBJECT

public:
    using QAbstractListModel::QAbstractListModel;

    void setLinks(const QList<FoundLink> &links);
    void setTable(const QString &table);
    const QList<TableLink> &taken() const { return m_taken; }

    int rowCount(const QModelIndex &parent = {}) const override;
    QVariant data(const QModelIndex &index, int role) const override;
    bool setData(const QModelIndex &index, const QVariant &value, int role) override;
    Qt::ItemFlags flags(const QModelIndex &index) const override;

Q_SIGNALS:
    void takenChanged();

private:
    void refresh();

    QList<FoundLink> m_all;
    QString m_table;
    QList<FoundLink> m_shown;
    QList<TableLink> m_taken;
};

class LikelyLinksList : public QListView
{
    Q_OBJECT

public:
    explicit LikelyLinksList(QWidget *parent = nullptr);

    LikelyLinksModel &links() { return m_links; }

private:
    LikelyLinksModel m_links;
};

} // namespace nabblet
