// The tab order: its numbers and path over the form, set by clicks in order and by dragging numbers.
#pragma once

#include "designer/board/scene/board_mode.h"

namespace nabblet {

class TabOrderMode : public BoardMode
{
public:
    using BoardMode::BoardMode;

    // The fields clicked so far come first, in that order; the others follow as they did.
    void click(ControlId control);

    MouseUse use() const override { return MouseUse::OrderingTabs; }
    QString hint() const override;
    QList<ControlId> marked() const override { return m_clicked; }
    bool press(const QMouseEvent &event, const Hit &hit) override;

private:
    QList<ControlId> m_clicked;
};

void setShowsTabOrder(BoardHost &board, bool shows);
// A field was clicked while the order is shown.
void clickInTabOrder(BoardHost &board, ControlId control);
// Moves the lead one place earlier (-1) or later (1) in the tab order, which is by hand from then on.
void moveInTabOrder(BoardHost &board, int step);

} // namespace nabblet
