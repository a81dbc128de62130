// Changing the database's own tables from the designer: a column that is missing, a table made of a column's values.
// Each is shown as SQL and asked first; the form follows. And forms that follow a column called otherwise.
#pragma once

#include "app/work/open_work.h"

class QWidget;

namespace nabblet {

class TableChanging : public QObject
{
    Q_OBJECT

public:
    // Both stay the caller's.
    TableChanging(OpenWork *work, QWidget *window) : m_work(work), m_window(window) {}

    void addColumn(const QString &table);
    void makeChoicesTable(const QString &table, const QString &column);
    // Has a column called otherwise in all forms of the project, the one at hand included, where a person says what
    // it is called now; the table stays as it is.
    void renameInForms(const QString &table, const QString &column);

Q_SIGNALS:
    void columnAdded(const QString &table, const QString &column);
    void said(const QString &sentence);
    void failed(const nabblet::Error &error);

private:
    // The table as it is declared, or nullptr, which is said.
    const Table *tableToChange(const QString &table);
    bool readAgain();

    OpenWork *m_work;
    QWidget *m_window;
};

} // namespace nabblet
