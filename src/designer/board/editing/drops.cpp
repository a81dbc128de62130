#include "designer/board/editing/drops.h"

#include "core/arrange/rows.h"
#include "core/edit/placing.h"
#include "core/file/picture_file.h"
#include "core/text/tr.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/board/scene/board_host.h"
#include "designer/board/scene/column_drag.h"
#include "designer/board/scene/kind_drag.h"

#include <QImageReader>
#include <QMimeData>

namespace nabblet {

namespace {

// Columns from the catalogue, as fields.
void dropColumns(BoardHost &board, const DraggedColumns &dragged, QPoint inViewport, bool isDropped)
{
    if (dragged.columns.isEmpty() || !board.hooks().makeFields) {
        return;
    }
    const QPoint onForm = board.scene().toForm(inViewport);
    FieldTarget target;
    target.area = board.scene().areaAt(board.scene().form(), onForm).value_or(Area());
    target.at = onForm - QPoint(0, bandTop(board.scene().form(), target.area.band));
    const AddedFields added = board.hooks().makeFields(board.scene().form(), dragged, target);
    if (!isDropped) {
        board.preview(added.form);
        return;
    }
    board.endPreview();
    if (added.fields.isEmpty()) {
        board.say(Texts::tr("What was dropped is on the form already, or is not of its rows."));
        return;
    }
    const int width = board.scene().form().width;
    board.document()->apply(counted(added.fields.size(), Texts::tr("Add a field"), Texts::tr("Add %1 fields")),
                            added.form);
    board.select(added.fields);
    if (added.form.width > width) {
        board.say(Texts::tr("There was no room: the form is wider now."));
    }
    board.takeKeyboard();
}

// A picture file dropped on the form becomes part of it, such as a logo.
void dropPicture(BoardHost &board, const QString &file, QPoint inViewport, bool isDropped)
{
    const QPoint onForm = board.scene().toForm(inViewport);
    const Area area = board.scene().areaAt(board.scene().form(), onForm).value_or(Area());
    const QPoint at = onForm - QPoint(0, bandTop(board.scene().form(), area.band));
    const QSize size = QImageReader(file).size();
    if (!isDropped) {
        board.preview(withNewPicture(board.scene().form(), QByteArray(), size, area, at).form);
        return;
    }
    board.endPreview();
    const Result<QByteArray> read = readPictureForForm(file);
    if (!read) {
        board.say(read.error().sentence);
        return;
    }
    const PlacedControl placed = withNewPicture(board.scene().form(), *read, size, area, at);
    board.document()->apply(Texts::tr("Place a picture"), placed.form);
    board.select({placed.control});
    board.takeKeyboard();
}

// A table dropped on the form: its rows that belong to the record, as a subform.
void dropTable(BoardHost &board, const QString &table, QPoint inViewport, bool isDropped)
{
    const Form &form = board.scene().form();
    const QPoint onForm = board.scene().toForm(inViewport);
    const PlacedControl placed = placedBetween(board.scene(), QStringLiteral("subform"), 1, onForm, onForm);
    const Form filled =
        board.hooks().fillRows ? board.hooks().fillRows(placed.form, placed.control, table) : placed.form;
    const Control *subform = filled.controls.find(placed.control);
    if (!subform || !subform->inner) {
        if (isDropped) {
            board.endPreview();
            board.say(form.rowsFrom.isEmpty()
                          ? Texts::tr("Choose where the rows come from first; then tables can be dropped whose rows "
                                      "belong to them.")
                          : Texts::tr("No link leads from %1 to the rows of this form.").arg(table.simplified()));
        }
        return;
    }
    if (!isDropped) {
        board.preview(filled);
        return;
    }
    board.endPreview();
    board.document()->apply(Texts::tr("Add the rows of %1").arg(table.simplified()), filled);
    board.select({placed.control});
    board.scrollTo(placed.control);
    board.takeKeyboard();
}

void dropKind(BoardHost &board, const QString &kind, QPoint inViewport, bool isDropped)
{
    const QPoint onForm = board.scene().toForm(inViewport);
    const PlacedControl placed = placedBetween(board.scene(), kind, 1, onForm, onForm);
    if (isDropped) {
        board.endPreview();
        putOnForm(board, kind, placed);
    } else {
        board.preview(placed.form);
    }
}

} // namespace

void showDrop(BoardHost &board, const QMimeData *mime, QPoint inViewport, bool isDropped)
{
    if (const QString kind = kindFrom(mime); !kind.isEmpty()) {
        dropKind(board, kind, inViewport, isDropped);
        return;
    }
    if (const QString file = pictureFrom(mime); !file.isEmpty()) {
        dropPicture(board, file, inViewport, isDropped);
        return;
    }
    const DraggedColumns dragged = columnsFrom(mime);
    if (!dragged.table.isEmpty() && dragged.columns.isEmpty()) {
        dropTable(board, dragged.table, inViewport, isDropped);
        return;
    }
    dropColumns(board, dragged, inViewport, isDropped);
}

bool canBeDropped(const QMimeData *mime)
{
    return !columnsFrom(mime).table.isEmpty() || !kindFrom(mime).isEmpty() || !pictureFrom(mime).isEmpty();
}

} // namespace nabblet
