// The outline: form, bands, rails and controls as a tree that selects, renames and reorders.
#pragma once

#include "designer/board/board.h"
#include "designer/panels/outline/outline.h"
#include "designer/panels/panel.h"

#include <QSet>

class QTreeView;

namespace nabblet {

class OutlineModel;

class OutlinePanel : public Panel
{
    Q_OBJECT

public:
    explicit OutlinePanel(QWidget *parent = nullptr);

    // The board whose form is shown; nullptr for none.
    void setBoard(Board *board);
    void focusTree();

protected:
    void showEvent(QShowEvent *event) override;

private:
    void fill();
    void fillSoon();
    void showSelection();
    void takeSelection();
    void take(const std::optional<OutlineEdit> &edit);

    QPointer<Board> m_board;
    QTreeView *m_tree;
    OutlineModel *m_model;
    QSet<QString> m_folded; // nodes that a person folded, by what they are
    bool m_isFilling = false;
    bool m_isFillingSoon = false;
    bool m_isStale = false; // the form changed while nobody saw it
};

} // namespace nabblet
