// What is made of several tables that are ticked at once: a form of each, or one form of them all.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace nabblet {

class TickedTables : public QWidget
{
    Q_OBJECT

public:
    explicit TickedTables(QWidget *parent = nullptr);

    // Shows itself where there are at least two.
    void show(qsizetype ticked);

Q_SIGNALS:
    void insideWanted(); // one form, the rows of one inside another
    void joinedWanted(); // one form on a SELECT
    void untickedWanted();

private:
    QLabel *m_count;
};

} // namespace nabblet
