// Gives a form its rows, or other ones: a table, a view or a SELECT of the builder's own.
#pragma once

#include "designer/new_form/select_box.h"

#include <QDialog>

class QPushButton;
class QTreeWidget;

namespace nabblet {

class RowsDialog : public QDialog
{
    Q_OBJECT

public:
    RowsDialog(const Connection &connection, const Catalogue &catalogue, const QString &rowsFrom, const QString &select,
               Theme theme, QWidget *parent = nullptr);

    // The choice: a table or view by its name, or with a SELECT the name by which its rows go.
    QString rowsFrom() const;
    QString select() const;
    const Table *selectTable() const; // what the SELECT gives; nullptr for a table or view

private:
    void refresh();

    Catalogue m_catalogue;
    QTreeWidget *m_tables;
    SelectBox *m_select;
    QPushButton *m_take;
};

} // namespace nabblet
