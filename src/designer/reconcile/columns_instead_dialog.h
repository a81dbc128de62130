// Which columns are to stand where one box stands: for a column that was parted.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"

#include <QDialog>

class QListWidget;
class QPushButton;

namespace nabblet {

class ColumnsInsteadDialog : public QDialog
{
    Q_OBJECT

public:
    // Offers the columns of the form's table that no box shows.
    ColumnsInsteadDialog(const Form &form, const Table &table, const Control &box, QWidget *parent = nullptr);

    // Those ticked, in the table's order.
    QStringList columns() const;

private:
    void refresh();

    QListWidget *m_list;
    QPushButton *m_take;
};

} // namespace nabblet
