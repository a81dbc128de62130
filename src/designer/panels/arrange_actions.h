// The arrange operations as commands: one action each, with its name, its key and, while it cannot apply, its reason.
// Menus, the arrange strip and "find a command" all show these.
#pragma once

#include "core/arrange/operations.h"
#include "designer/board/board.h"

#include <QAction>
#include <QObject>
#include <QPointer>
#include <QTimer>

namespace nabblet {

class ArrangeActions : public QObject
{
    Q_OBJECT

public:
    explicit ArrangeActions(QWidget *parent);

    // The board that the actions work on; nullptr for none.
    void setBoard(Board *board);
    Board *board() const { return m_board; }
    // How wide a box must be for a share of its stored values; see ArrangeContext::boxWidth.
    void setBoxWidth(const std::function<int(const Control &, double)> &width) { m_boxWidth = width; }
    void setTheme(Theme theme);
    // Whether the board is in sight.
    void setEnabled(bool isEnabled);

    const QList<QAction *> &actions() const { return m_actions; }
    QAction *action(const QString &id) const;
    QList<QAction *> actionsOf(ArrangeGroup group) const;

    int gap() const { return m_gap; }
    void setGap(int pixels) { m_gap = pixels; }
    int columns() const { return m_columns; }
    void setColumns(int columns) { m_columns = columns; }

    // Shows on the board what a command would give, until endPreview().
    void preview(const QString &id);
    void endPreview();

    // Says of each command whether it can apply, and why not, as soon as the events at hand are done: one edit changes
    // form and selection several times.
    void refresh() { m_later.start(); }

private:
    void refreshNow();
    ArrangeContext context() const;
    void run(const ArrangeOperation &operation);
    void selectGrouped(const Form &before);

    QTimer m_later;
    QPointer<Board> m_board;
    bool m_isEnabled = false;
    QList<QAction *> m_actions;
    std::function<int(const Control &, double)> m_boxWidth;
    int m_gap = 8;
    int m_columns = 2;
};

} // namespace nabblet
