// A small table of the stored rows beneath the board: sorted by a click on a heading, looked through by words.
#pragma once

#include "data/background/background_work.h"
#include "data/records/row_sample.h"
#include "designer/panels/panel.h"

class QLineEdit;
class QTableWidget;

namespace nabblet {

class RowsTable : public Panel
{
    Q_OBJECT

public:
    RowsTable(const DatabaseAddress &address, const Table &table, const QString &select, QWidget *parent = nullptr);

    // How many rows are read at most.
    static constexpr int MostRows = 500;

Q_SIGNALS:
    // A row was chosen: its values of the table's key, in the key's order.
    void rowChosen(const QVariantList &key);

private:
    void read();
    void show(const RowSample &sample);

    DatabaseAddress m_address;
    RecordSource m_source;
    QStringList m_keys;
    RowOrder m_order;
    QLineEdit *m_words;
    QTableWidget *m_table;
    RowSample m_sample;
    BackgroundWork m_work;
};

} // namespace nabblet
