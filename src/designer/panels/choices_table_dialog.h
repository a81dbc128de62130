// A short table made of the values of a text column, to choose from: its statements are shown before they run.
#pragma once

#include "data/schema/table_changes.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;

namespace nabblet {

class ChoicesTableDialog : public QDialog
{
    Q_OBJECT

public:
    ChoicesTableDialog(const Connection &connection, const Catalogue &catalogue, const Table &table,
                       const QString &column, QWidget *parent = nullptr);

    // From the column to the new table, after accept().
    const TableLink &link() const { return m_link; }

    // Runs the statements together; what goes wrong is said and the dialog stays.
    void accept() override;

private:
    void refresh();

    Connection m_connection;
    Catalogue m_catalogue;
    Table m_table;
    QString m_column;
    Result<qint64> m_values; // different ones, counted once
    QStringList m_statements;
    TableLink m_link;
    QLineEdit *m_name;
    QPlainTextEdit *m_sql;
    QLabel *m_why;
    QPushButton *m_make;
};

} // namespace nabblet
