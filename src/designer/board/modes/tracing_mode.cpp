#include "designer/board/modes/tracing_mode.h"

#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"

#include <QKeyEvent>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>

namespace nabblet {

namespace {

constexpr int MostPercent = 1000;

} // namespace

QString TracingMode::hint() const
{
    return Texts::tr("Drag the sheet, turn the wheel or press + and - to scale it, arrows shift it. Escape ends.");
}

bool TracingMode::wheel(const QWheelEvent &event)
{
    const int steps = event.angleDelta().y() > 0 ? 1 : -1;
    scale(event.modifiers().testFlag(Qt::ControlModifier) ? steps : steps * 5,
          scene().toForm(event.position().toPoint()));
    return true;
}

void TracingMode::shift(QPoint by)
{
    Form form = scene().form();
    form.tracing.at += by;
    m_board.document()->apply(Texts::tr("Move the tracing sheet"), form, QStringLiteral("tracing place"));
}

// Scales the sheet by some percent of its own size; the point at hand, px on the form, stays where it is on the sheet.
void TracingMode::scale(int percentMore, QPoint stays)
{
    Form form = scene().form();
    const int percent = std::clamp(form.tracing.percent + percentMore, 1, MostPercent);
    const double factor = static_cast<double>(percent) / form.tracing.percent;
    const QPoint distance = stays - form.tracing.at;
    form.tracing.at = stays - QPoint(static_cast<int>(std::lround(distance.x() * factor)),
                                     static_cast<int>(std::lround(distance.y() * factor)));
    form.tracing.percent = percent;
    m_board.document()->apply(Texts::tr("Scale the tracing sheet"), form, QStringLiteral("tracing scale"));
}

bool TracingMode::key(const QKeyEvent &event)
{
    const Form &form = scene().form();
    const int step = event.modifiers().testFlag(Qt::ControlModifier) ? 1 : std::max(1, form.grid.pitch);
    switch (event.key()) {
    case Qt::Key_Left:
        shift({-step, 0});
        return true;
    case Qt::Key_Right:
        shift({step, 0});
        return true;
    case Qt::Key_Up:
        shift({0, -step});
        return true;
    case Qt::Key_Down:
        shift({0, step});
        return true;
    case Qt::Key_Plus:
        scale(1, form.tracing.at);
        return true;
    case Qt::Key_Minus:
        scale(-1, form.tracing.at);
        return true;
    default:
        return false;
    }
}

void setMovesTracing(BoardHost &board, bool moves)
{
    const bool isMoved = board.scene().use() == MouseUse::MovingTracing;
    if (moves && board.document()->form().tracing.file.isEmpty()) {
        board.say(Texts::tr("There is no tracing sheet yet; View, Tracing sheet lays one under the form."));
        moves = false;
    }
    if (moves && !isMoved) {
        board.setMode(std::make_unique<TracingMode>(board));
    } else if (!moves && isMoved) {
        board.endMode();
    }
}

} // namespace nabblet
