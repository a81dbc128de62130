#include "designer/board/modes/placing_mode.h"

#include "core/actions/button_rows.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rows.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"

#include <QKeyEvent>
#include <QMouseEvent>

namespace nabblet {

QString PlacingMode::hint() const
{
    return Texts::tr("Draw where the %1 goes, or click for its usual size. A number places so many; with Shift another "
                     "follows; Escape ends.")
        .arg(withinSentence(placeableTitle(m_kind)));
}

PlacedControl PlacingMode::between(QPoint from, QPoint to) const
{
    return placedBetween(scene(), m_kind, m_count, from, to);
}

bool PlacingMode::press(const QMouseEvent &event, const Hit &hit)
{
    if (event.button() != Qt::RightButton && hit.kind == Hit::Placing) {
        return false; // a drag of its own
    }
    m_board.endMode(); // a click beside the form puts the kind back
    return true;
}

bool PlacingMode::hover(QPoint inViewport)
{
    const QPoint onForm = scene().toForm(inViewport);
    if (scene().areaAt(scene().form(), onForm)) {
        m_board.preview(between(onForm, onForm).form);
    } else {
        m_board.endPreview();
    }
    return true;
}

bool PlacingMode::key(const QKeyEvent &event)
{
    if (event.key() < Qt::Key_0 || event.key() > Qt::Key_9) {
        return false;
    }
    const int digit = event.key() - Qt::Key_0;
    const int typed = m_count * 10 + digit;
    m_count = typed <= MostAtOnce ? typed : digit; // begun anew
    m_board.say(
        m_count <= 1
            ? Texts::tr("One %1.").arg(withinSentence(placeableTitle(m_kind)))
            : Texts::tr("%1 at once: a click puts them under one another, a drag fills what is drawn.").arg(m_count));
    return true;
}

void PlacingMode::end()
{
    m_board.endPreview();
}

const PlacingMode *placingModeOf(const BoardHost &board)
{
    return dynamic_cast<const PlacingMode *>(board.scene().mode);
}

QString placingOn(const BoardHost &board)
{
    const PlacingMode *mode = placingModeOf(board);
    return mode ? mode->kind() : QString();
}

void beginPlacing(BoardHost &board, const QString &kind)
{
    board.setMode(std::make_unique<PlacingMode>(board, kind));
    board.takeKeyboard();
}

PlacedControl placedBetween(const BoardScene &scene, const QString &kind, int count, QPoint from, QPoint to)
{
    const Form &form = scene.form();
    const int pitch = std::max(1, form.grid.pitch);
    const Area area = scene.areaAt(form, from).value_or(Area());
    const int top = bandTop(form, area.band);
    const auto snapped = [&](QPoint point) { return QPoint(onGrid(point.x(), pitch), onGrid(point.y() - top, pitch)); };
    const QPoint first = snapped(from);
    const QPoint second = snapped(to);
    QRect place(QPoint(std::min(first.x(), second.x()), std::min(first.y(), second.y())),
                QSize(std::abs(first.x() - second.x()), std::abs(first.y() - second.y())));
    const bool isDrawn = place.width() >= pitch && place.height() >= pitch;
    if (!isDrawn) {
        place.setSize(QSize());
    }
    return count > 1 ? withNewControls(form, kind, count, area, place, scene.appearance)
                     : withNewControl(form, kind, area, place, scene.appearance);
}

void putOnForm(BoardHost &board, const QString &kind, const PlacedControl &placed)
{
    const RowsFiller &fill = board.hooks().fillRows;
    const bool isFilled = fill && kindNamed(kind).editor == Editor::Rows;
    const QList<ControlId> all = QList<ControlId>{placed.control} + placed.others;
    board.document()->apply(Texts::tr("Place a %1").arg(withinSentence(placeableTitle(kind))),
                            isFilled ? fill(placed.form, placed.control, QString()) : placed.form);
    if (board.document()->form().controls.find(placed.control)) {
        board.select(all);
        board.scrollTo(placed.control);
    }
    board.takeKeyboard();
    if (const ButtonRow *row = buttonRowNamed(kind)) {
        board.askForButtons(all, row->actions);
    }
}

void placeInNextFreePlace(BoardHost &board, const QString &kind)
{
    if (placingModeOf(board)) {
        board.endMode();
    }
    const BoardScene &scene = board.scene();
    const FieldTarget target = scene.fieldTarget();
    const Control *lead = scene.form().controls.find(target.after);
    Area area = target.area;
    if (area.container == 0) {
        area.band = lead ? lead->band : scene.selection.band().value_or(BandRole::Body);
    }
    putOnForm(board, kind, withNewControlBelow(scene.form(), kind, area, scene.appearance));
}

} // namespace nabblet
