// Undo, the clipboard, words.
#include "app/window/main_window.h"
#include "app/window/menus.h"
#include "app/work/findings_view.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/editing/word_editing.h"

#include <QMenu>
#include <QMenuBar>
#include <QUndoStack>

namespace nabblet {

void makeEditMenu(Commands &commands, MainWindow &window)
{
    QMenu *edit = commands.bar()->addMenu(Texts::tr("&Edit"));
    QAction *undo = commands.addRepeating(
        edit, Texts::later("&Undo"), QKeySequence::Undo, [&window] { window.document()->steps()->undo(); },
        When::Always);
    QAction *redo = commands.addRepeating(
        edit, Texts::later("&Redo"), keys("Ctrl+Shift+Z"), [&window] { window.document()->steps()->redo(); },
        When::Always);
    QAction *history = commands.add(
        edit, Texts::later("Steps &done…"), keys("Ctrl+Shift+H"),
        [&window] { window.showHistory(!window.showsHistory()); }, When::InDesign);
    history->setCheckable(true);
    undo->setObjectName(QStringLiteral("undo"));
    redo->setObjectName(QStringLiteral("redo"));
    edit->addSeparator();
    commands.add(
        edit, Texts::later("&New column of the table…"), QKeySequence(),
        [&window] { window.tableChanging().addColumn(window.document()->form().rowsFrom); }, When::InDesign);
    QAction *step = commands.add(
        edit, Texts::later("Bring into step with the &tables…"), keys("Ctrl+Shift+Y"),
        [&window] { window.findings().reconcile(&window); }, When::InDesign);
    step->setObjectName(QStringLiteral("bringIntoStep"));
    QAction *again = commands.add(
        edit, Texts::later("Draft a&gain…"), QKeySequence(), [&window] { window.findings().draftAgain(&window); },
        When::InDesign);
    again->setObjectName(QStringLiteral("draftAgain"));
    QAction *instead = commands.add(
        edit, Texts::later("Other columns &instead of one…"), QKeySequence(),
        [&window] { window.findings().takeColumnsInstead(&window); }, When::WithControl);
    instead->setObjectName(QStringLiteral("columnsInstead"));
    edit->addSeparator();
    commands.add(
        edit, Texts::later("Cu&t"), QKeySequence::Cut, [&window] { window.board()->clipboard().cut(); },
        When::WithControl);
    commands.add(
        edit, Texts::later("&Copy"), QKeySequence::Copy, [&window] { window.board()->clipboard().copy(); },
        When::WithControl);
    commands.add(
        edit, Texts::later("&Paste"), QKeySequence::Paste,
        [&window] { window.board()->clipboard().paste(BoardClipboard::Place::Beside); }, When::InDesign);
    commands.add(
        edit, Texts::later("Paste in &place"), keys("Ctrl+Shift+V"),
        [&window] { window.board()->clipboard().paste(BoardClipboard::Place::InPlace); }, When::InDesign);
    commands.add(
        edit, Texts::later("D&uplicate"), keys("Ctrl+D"), [&window] { window.board()->clipboard().duplicate(); },
        When::WithControl);
    commands.add(
        edit, Texts::later("&Delete"), QKeySequence(), [&window] { deleteSelection(*window.board()); },
        When::WithControl);
    commands.add(
        edit, Texts::later("Delete boxes, leave their cap&tions"), QKeySequence(),
        [&window] {
            window.document()->apply(
                Texts::tr("Delete boxes"),
                deleteBoxesOnly(window.document()->form(), window.board()->selection().controls()));
        },
        When::WithControl);
    edit->addSeparator();
    commands.add(
        edit, Texts::later("Edit the capt&ion"), QKeySequence(),
        [&window] { window.board()->words().edit(window.board()->selection().lead()); }, When::WithControl);
    commands.add(
        edit, Texts::later("C&aptions and options…"), keys("Ctrl+Shift+L"), [&window] { window.editCaptions(); },
        When::InDesign);
    commands.add(
        edit, Texts::later("Control &names…"), QKeySequence(), [&window] { window.renameControls(); }, When::InDesign);
    commands.add(
        edit, Texts::later("Ro&w source…"), QKeySequence(), [&window] { window.changeRows(); }, When::InDesign);
    // In Entry, undo belongs to the box that is typed in.
    commands.follow([&window, undo, redo, history] {
        const QUndoStack *steps = window.document() ? window.document()->steps() : nullptr;
        undo->setEnabled(steps && !window.isAtWork() && steps->canUndo());
        redo->setEnabled(steps && !window.isAtWork() && steps->canRedo());
        undo->setText(undo->isEnabled() ? Texts::tr("&Undo: %1").arg(steps->undoText()) : Texts::tr("&Undo"));
        redo->setText(redo->isEnabled() ? Texts::tr("&Redo: %1").arg(steps->redoText()) : Texts::tr("&Redo"));
        history->setChecked(window.showsHistory());
    });
}

} // namespace nabblet
