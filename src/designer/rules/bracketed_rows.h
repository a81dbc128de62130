// Rows one below the other, with brackets drawn beside those that belong together.
#pragma once

#include <QList>
#include <QWidget>

class QVBoxLayout;

namespace nabblet {

class BracketedRows : public QWidget
{
    Q_OBJECT

public:
    explicit BracketedRows(QWidget *parent = nullptr);

    QVBoxLayout *column() const { return m_column; }
    // By the numbers of their first rows and their last.
    void setBrackets(const QList<QPair<int, int>> &brackets);

protected:
    void paintEvent(QPaintEvent *event) override;

private:
    QVBoxLayout *m_column;
    QList<QPair<int, int>> m_brackets;
};

} // namespace nabblet
