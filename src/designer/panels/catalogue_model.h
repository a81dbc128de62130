// The tables of a database with their columns below them, as a list shows them: those only that a filter lets through.
// What stands in a row is worked out when it is asked for, so that thousands of tables cost no more than those in
// sight.
#pragma once

#include "core/catalogue/catalogue.h"

#include <QAbstractItemModel>
#include <QSet>

namespace nabblet {

class CatalogueModel : public QAbstractItemModel
{
    Q_OBJECT

public:
    enum Role { NotesRole = Qt::UserRole + 1, DotRole, NameRole };
    enum Dot { NoDot, Placed, NotPlaced, RequiredNotPlaced };

    using QAbstractItemModel::QAbstractItemModel;

    void setCatalogue(const Catalogue &catalogue);
    const Catalogue &catalogue() const { return m_catalogue; }
    // Shows what has these letters in its name, whichever their size: tables with all their columns, or those of the
    // columns of others. Empty for all.
    void setFilter(const QString &part);
    const QString &filter() const { return m_filter; }
    // The table that the form has its rows from, the columns of it that stand on the form, and those that fill
    // themselves there.
    void setPlaced(const QString &rowsFrom, const QSet<QString> &bound, const QStringList &filled);

    // Invalid where there is none in sight.
    QModelIndex indexOf(const QString &table, const QString &column = {}) const;
    // The table of a row, or of the row that a column stands below; empty for none.
    QString tableOf(const QModelIndex &index) const;
    // Empty for a table.
    QString columnOf(const QModelIndex &index) const;
    // A filter shows some of its columns, and not for the sake of the table's own name.
    bool isThereForColumns(const QModelIndex &table) const;

    QModelIndex index(int row, int column, const QModelIndex &parent = {}) const override;
    QModelIndex parent(const QModelIndex &index) const override;
    int rowCount(const QModelIndex &parent = {}) const override;
    int columnCount(const QModelIndex & = {}) const override { return 1; }
    QVariant data(const QModelIndex &index, int role) const override;

private:
    // A table in sight; with a filter for columns, which of them.
    struct Shown
    {
        qsizetype table = 0;
        bool hasAll = true;
        bool hasFound = false; // some column goes by the filter
        QList<int> columns;    // where not all
    };
    void find();
    const Table *tableAt(const QModelIndex &index) const;
    const Column *columnAt(const QModelIndex &index) const;
    Dot dotOf(const Table &table, const Column &column) const;

    Catalogue m_catalogue;
    QString m_filter;
    QList<Shown> m_shown;
    QString m_rowsFrom;
    QSet<QString> m_bound;
    QStringList m_filled;
};

} // namespace nabblet
