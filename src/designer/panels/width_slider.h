// Under the board: the form at any window width, what happens to its controls there, and how small it may get.
#pragma once

#include "designer/board/board.h"

#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QSlider;

namespace nabblet {

class WidthSlider : public QWidget
{
    Q_OBJECT

public:
    explicit WidthSlider(Board *board, QWidget *parent = nullptr);

private:
    void refresh();
    void report();
    void pin();

    Board *m_board;
    QSlider *m_slider;
    QLabel *m_width;
    QLabel *m_words;
    QPushButton *m_pin;
    QPushButton *m_back;
    QTimer m_later; // what the width means is worked out once the form has come to rest
    bool m_isRefreshing = false;
};

} // namespace nabblet
