// New controls from the palette: a kind is taken up, then drawn where it goes or clicked down at its usual size. What
// would take it, and what would make way, is shown before. A number typed first places so many.
#pragma once

#include "core/edit/placing.h"
#include "designer/board/scene/board_mode.h"

namespace nabblet {

class PlacingMode : public BoardMode
{
public:
    PlacingMode(BoardHost &board, const QString &kind) : BoardMode(board), m_kind(kind) {}

    const QString &kind() const { return m_kind; }
    // The document's form with it between two points of the form; of its usual size where they are one.
    PlacedControl between(QPoint from, QPoint to) const;

    MouseUse use() const override { return MouseUse::Placing; }
    QString hint() const override;
    Qt::CursorShape cursor() const override { return Qt::CrossCursor; }
    bool press(const QMouseEvent &event, const Hit &hit) override;
    bool hover(QPoint inViewport) override;
    bool key(const QKeyEvent &event) override;
    void end() override;

private:
    QString m_kind;
    int m_count = 0; // how many of it, as typed; 0: nothing typed, one
};

// The kind that is at hand on a board; nullptr for none.
const PlacingMode *placingModeOf(const BoardHost &board);
// Its name, or empty.
QString placingOn(const BoardHost &board);
// Takes a kind of control up: the next drag draws it, the next click puts it down; with Shift another follows.
void beginPlacing(BoardHost &board, const QString &kind);

// The form with so many of a kind between two points of it; of their usual size where they are one.
PlacedControl placedBetween(const BoardScene &scene, const QString &kind, int count, QPoint from, QPoint to);
// Takes a form with a control just placed, which is selected; a row of buttons asks which.
void putOnForm(BoardHost &board, const QString &kind, const PlacedControl &placed);
// Puts one below what stands where the lead is.
void placeInNextFreePlace(BoardHost &board, const QString &kind);

} // namespace nabblet
