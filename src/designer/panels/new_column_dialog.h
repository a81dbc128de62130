// A column that is missing, added to a table: the statement is shown before it runs.
#pragma once

#include "data/schema/table_changes.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;

namespace nabblet {

class NewColumnDialog : public QDialog
{
    Q_OBJECT

public:
    NewColumnDialog(const Connection &connection, const Table &table, QWidget *parent = nullptr);

    // The column as the table has it after accept(), by its name.
    QString column() const;

    // Runs the statement; what goes wrong is said and the dialog stays.
    void accept() override;

private:
    NewColumn wanted() const;
    void refresh();

    Connection m_connection;
    Table m_table;
    QLineEdit *m_name;
    QComboBox *m_type;
    QCheckBox *m_required;
    QLineEdit *m_default;
    QPlainTextEdit *m_statement = nullptr;
    QLabel *m_why;
    QPushButton *m_add;
};

} // namespace nabblet
