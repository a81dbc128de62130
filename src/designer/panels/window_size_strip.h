// Under the board: the form in windows of any width and height, what happens to its controls there, and how small it
// may get.
#pragma once

#include "designer/board/board.h"

#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QSlider;

namespace nabblet {

class WindowSizeStrip : public QWidget
{
    Q_OBJECT

public:
    explicit WindowSizeStrip(Board *board, QWidget *parent = nullptr);

private:
    QSize shownSize() const; // as tried, else as designed
    void refresh();
    void report();
    void pin();

    Board *m_board;
    QSlider *m_width;
    QSlider *m_height;
    QLabel *m_size;
    QLabel *m_words;
    QPushButton *m_pin;
    QPushButton *m_back;
    QTimer m_later; // what a size means is worked out once the form has come to rest
    bool m_isRefreshing = false;
};

} // namespace nabblet
