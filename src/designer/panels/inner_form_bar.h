// Above the board while a form inside another is designed: which it is, and the way back.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace nabblet {

class InnerFormBar : public QWidget
{
    Q_OBJECT

public:
    explicit InnerFormBar(QWidget *parent = nullptr);

    // titles: of the forms from the outermost to the one at hand; hidden where there is only one.
    void showTitles(const QStringList &titles);

Q_SIGNALS:
    void backRequested();

private:
    QLabel *m_way;
    QPushButton *m_back;
};

} // namespace nabblet
