#include "designer/board/commands/selection_commands.h"

#include "core/arrange/containers.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rail_edits.h"
#include "core/arrange/rails.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"
#include "designer/board/scene/board_host.h"
#include "designer/board/scene/hold_signs.h"

namespace nabblet {

void selectAll(BoardHost &board)
{
    QList<ControlId> all;
    for (const Control &control : board.document()->form().controls) {
        all.append(control.id);
    }
    board.select(all);
}

void selectOutwards(BoardHost &board)
{
    const Control *lead = board.document()->form().controls.find(board.selection().lead());
    Selection wanted;
    if (lead && lead->container != 0) {
        wanted.set({lead->container});
    } else if (lead) {
        wanted.setBand(lead->band);
    }
    board.setSelection(wanted);
}

// Fields in their tab order; captions are reached with their field.
void selectNext(BoardHost &board, int step, Walk walk)
{
    const Form &form = board.document()->form();
    const QList<ControlId> sequence = tabSequence(form);
    if (sequence.isEmpty()) {
        return;
    }
    const Control *lead = form.controls.find(board.selection().lead());
    const ControlId stop = lead && lead->captionFor != 0 ? lead->captionFor : board.selection().lead();
    const qsizetype at = sequence.indexOf(stop);
    qsizetype next = 0;
    if (at >= 0) {
        next = (at + step + sequence.size()) % sequence.size();
    } else if (lead && holdsOthers(*lead)) {
        // From a container to the first or last in it.
        const QSet<ControlId> inside = membersOf(form, {lead->id});
        QList<qsizetype> within;
        for (qsizetype i = 0; i < sequence.size(); ++i) {
            if (inside.contains(sequence.at(i))) {
                within.append(i);
            }
        }
        next = within.isEmpty() ? 0 : step > 0 ? within.first() : within.last();
    } else if (board.selection().band()) {
        // From a band to its first or last control.
        QList<qsizetype> inBand;
        for (qsizetype i = 0; i < sequence.size(); ++i) {
            if (form.controls.find(sequence.at(i))->band == *board.selection().band()) {
                inBand.append(i);
            }
        }
        next = inBand.isEmpty() ? 0 : step > 0 ? inBand.first() : inBand.last();
    } else {
        next = step > 0 ? 0 : sequence.size() - 1;
    }
    Selection wanted = board.selection();
    if (walk == Walk::Adding) {
        wanted.add({sequence.at(next)});
    } else {
        wanted.set({sequence.at(next)});
    }
    board.setSelection(wanted);
    board.scrollTo(board.selection().lead());
}

void deleteSelection(BoardHost &board)
{
    if (board.selection().rail() != FixedRail::None) {
        board.document()->apply(Texts::tr("Delete a rail"),
                                withoutRail(board.document()->form(), board.selection().rail()));
        return;
    }
    if (board.selection().isEmpty()) {
        return;
    }
    const qsizetype count = board.selection().controls().size();
    const int before = emptyRowsHeight(board.document()->form());
    board.document()->apply(
        counted(count, Texts::tr("Delete a control"), Texts::tr("Delete %1 controls")),
        withEmptiedBandsClosed(board.document()->form(),
                               deleteControls(board.document()->form(), board.selection().controls())));
    if (emptyRowsHeight(board.document()->form()) > before) {
        board.say(Texts::tr("That left an empty row. “Remove empty rows” (Ctrl+Alt+X) closes it up."));
    }
}

void lineUpTowards(BoardHost &board, int key)
{
    const char *id = key == Qt::Key_Left    ? "line-up-left"
                     : key == Qt::Key_Right ? "line-up-right"
                     : key == Qt::Key_Up    ? "line-up-top"
                                            : "line-up-bottom";
    const ArrangeOperation *operation = findArrangeOperation(QString::fromLatin1(id));
    const ArrangeContext context{board.document()->form(), board.selection().controls(), board.scene().appearance, {}};
    const QString why = operation->whyNot(context);
    if (why.isEmpty()) {
        board.document()->apply(arrangeTitle(*operation), operation->apply(context));
    } else {
        board.say(why);
    }
}

void nudge(BoardHost &board, QPoint direction, Qt::KeyboardModifiers modifiers)
{
    const Form &form = board.document()->form();
    const int pitch = std::max(1, form.grid.pitch);
    const bool isFine = modifiers.testFlag(Qt::ControlModifier);
    const bool isResize = modifiers.testFlag(Qt::ShiftModifier);
    if (board.selection().rail() != FixedRail::None) {
        const int at = railPosition(form, board.selection().rail());
        const int by = isLevelRail(form, board.selection().rail()) ? direction.y() : direction.x();
        board.document()->apply(
            Texts::tr("Move a rail"),
            moveRail(form, board.selection().rail(), isFine || by == 0 ? at + by : nextGridLine(at, pitch, by)),
            QStringLiteral("rail %1").arg(board.selection().rail()));
        return;
    }
    if (board.selection().band() && direction.y() != 0) {
        // A band grows and shrinks by its lower edge.
        const Band *band = findBand(form, *board.selection().band());
        board.document()->apply(
            Texts::tr("Change a band's height"),
            setBandHeight(form, band->role,
                          isFine ? band->height + direction.y() : nextGridLine(band->height, pitch, direction.y())),
            QStringLiteral("band %1").arg(static_cast<int>(band->role)));
        return;
    }
    const Control *lead = form.controls.find(board.selection().lead());
    if (!lead) {
        return;
    }
    const QPoint corner = isResize ? QPoint(rightOf(lead->place), bottomOf(lead->place)) : lead->place.topLeft();
    QPoint distance = direction;
    if (!isFine) {
        distance.setX(direction.x() == 0 ? 0 : nextGridLine(corner.x(), pitch, direction.x()) - corner.x());
        distance.setY(direction.y() == 0 ? 0 : nextGridLine(corner.y(), pitch, direction.y()) - corner.y());
    }
    QStringList ids;
    for (const ControlId id : board.selection().controls()) {
        ids.append(QString::number(id));
    }
    const qsizetype count = board.selection().controls().size();
    if (isResize) {
        QList<ControlId> boxes;
        for (const ControlId id : board.selection().controls()) {
            if (form.controls.find(id)->kind != QLatin1String("caption")) {
                boxes.append(id);
            }
        }
        board.document()->apply(counted(count, Texts::tr("Resize a control"), Texts::tr("Resize %1 controls")),
                                resizeControls(form, boxes, Edge::Right | Edge::Bottom, distance),
                                QStringLiteral("resize ") + ids.join(u' '));
    } else {
        board.document()->apply(counted(count, Texts::tr("Move a control"), Texts::tr("Move %1 controls")),
                                moveControls(form, board.selection().controls(), distance),
                                QStringLiteral("move ") + ids.join(u' '));
    }
    board.scrollTo(board.selection().lead());
}

void holdNext(BoardHost &board, Direction direction)
{
    const ControlId lead = board.selection().lead();
    board.document()->apply(Texts::tr("Change what it does in windows of other sizes"),
                            withNextHolding(board.document()->form(), board.selection().controls(), lead, direction));
    board.say(holdingWords(board.document()->form(), lead, direction));
}

void addBand(BoardHost &board, BandRole role)
{
    board.document()->apply(Texts::tr("Add the %1").arg(withinSentence(bandTitle(role))),
                            withAddedBand(board.document()->form(), role, board.scene().appearance));
    Selection wanted;
    wanted.setBand(role);
    board.setSelection(wanted);
}

} // namespace nabblet
