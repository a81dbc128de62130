// The outline: form, bands, rails and controls as a tree that selects, renames and reorders.
#pragma once

#include "designer/board/board.h"
#include "designer/panels/panel.h"

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
    // Makes of the tree as it stands, after rows of it were dropped elsewhere, the form's order and containers.
    void takeOrder();

private:
    void fill();
    std::optional<Area> areaOfItem(const QTreeWidgetItem *item) const;
    void fillArea(QTreeWidgetItem *parent, const Area &area, const QHash<ControlId, QString> &captions);
    void follow(const Form &before, const Form &after);
    void showSelection();
    void takeSelection();
    void rename(QTreeWidgetItem *item);

    QPointer<Board> m_board;
    QTreeWidget *m_tree;
    bool m_isFilling = false;
    QList<ControlId> m_order; // of the fields as the tree shows them
};

} // namespace nabblet
