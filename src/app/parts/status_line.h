// What stands at the right of the window's status bar: the lead's place, the grid, the tab order, the database, the
// window's size and the zoom.
#pragma once

#include "core/arrange/units.h"

#include <QObject>

class QLabel;
class QPushButton;
class QStatusBar;

namespace nabblet {

struct BoardScene;

class StatusLine : public QObject
{
    Q_OBJECT

public:
    explicit StatusLine(QStatusBar *bar);

    void showDatabase(const QString &title, bool isReadOnly);
    void showBoard(const BoardScene &scene, Unit unit);
    void hideBoard();

    // The figures that can be pressed: other window sizes, other zooms.
    QPushButton *sizes() const { return m_size; }
    QPushButton *zoom() const { return m_zoom; }

private:
    void setBoardVisible(bool isVisible);

    QLabel *m_selection;
    QLabel *m_grid;
    QLabel *m_order;
    QLabel *m_database;
    QPushButton *m_size;
    QPushButton *m_zoom;
};

} // namespace nabblet
