// The outline: form, bands, rails and controls as a tree that selects, renames and reorders.
#pragma once

#include "designer/board.h"
#include "designer/panel.h"

class QTreeWidget;
class QTreeWidgetItem;

namespace nabblet {

class OutlinePanel : public Panel
{
    Q_OBJECT

public:
    explicit OutlinePanel(QWidget *parent = nullptr);

    // The board whose form is shown; nullptr for none.
    void setBoard(Board *board);
    void focusTree();

private:
    void fill();
    void fillArea(QTreeWidgetItem *parent, const Area &area, const QHash<ControlId, QString> &captions);
    void follow(const Form &before, const Form &after);
    void showSelection();
    void takeSelection();
    void rename(QTreeWidgetItem *item);
    void reorder();

    QPointer<Board> m_board;
    QTreeWidget *m_tree;
    bool m_isFilling = false;
    QList<ControlId> m_order; // of the fields as the tree shows them
};

} // namespace nabblet
