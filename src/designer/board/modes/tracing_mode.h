// The tracing sheet, a picture faintly under the form, is moved: the mouse drags it, the wheel and the keys + and -
// scale it, the arrows shift it; nothing else on the board is touched.
#pragma once

#include "designer/board/scene/board_mode.h"

namespace nabblet {

class TracingMode : public BoardMode
{
public:
    using BoardMode::BoardMode;

    MouseUse use() const override { return MouseUse::MovingTracing; }
    QString hint() const override;
    Qt::CursorShape cursor() const override { return Qt::OpenHandCursor; }
    bool wheel(const QWheelEvent &event) override;
    bool key(const QKeyEvent &event) override;

private:
    void shift(QPoint by);
    void scale(int percentMore, QPoint stays);
};

// Says so where there is no sheet.
void setMovesTracing(BoardHost &board, bool moves);

} // namespace nabblet
