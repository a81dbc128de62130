// A SELECT of the builder's own, checked as it is typed: says which columns can be written and why the others cannot.
#pragma once

#include "data/dialect/connection.h"
#include "entry/theme/theme.h"

#include <QTimer>
#include <QWidget>

#include <optional>

class QLabel;
class QPlainTextEdit;

namespace nabblet {

class SelectBox : public QWidget
{
    Q_OBJECT

public:
    SelectBox(const Connection &connection, const Catalogue &catalogue, Theme theme, QWidget *parent = nullptr);

    QString text() const;
    void setText(const QString &sql);
    // What the SELECT gives, as a table of the name selectTableName(); nothing while it is not understood.
    const std::optional<Table> &table() const { return m_table; }
    // Looks at what is typed at once.
    void check();
    void takeFocus();

Q_SIGNALS:
    void checked();

private:
    Connection m_connection;
    Catalogue m_catalogue;
    Theme m_theme;
    std::optional<Table> m_table;
    QPlainTextEdit *m_text;
    QLabel *m_says;
    QTimer m_pause;
};

} // namespace nabblet
