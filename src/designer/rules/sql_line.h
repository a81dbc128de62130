// A box for an SQL expression over the row: completes the names of columns and functions as they are typed.
#pragma once

#include "core/formula/row_formulas.h"

#include <QPlainTextEdit>

class QCompleter;

namespace nabblet {

class SqlLine : public QPlainTextEdit
{
    Q_OBJECT

public:
    explicit SqlLine(QWidget *parent = nullptr);

    // What may be named: columns and functions.
    void setNames(const QStringList &names);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {120, sizeHint().height()}; }

protected:
    void keyPressEvent(QKeyEvent *event) override;

private:
    void fit();
    QString wordBefore() const;
    void complete(const QString &name);

    QCompleter *m_completer;
    int m_lines = 2;
};

// The functions that a builder may want, by name.
QStringList sqlFunctions();
// Why an expression is none over these columns, as a sentence that names the nearest column where one is misspelt;
// empty where it is one.
QString sqlMistake(const QString &expression, const QStringList &columns, const QList<RowsBelonging> &belonging);

} // namespace nabblet
