// The board: the form as it will look, with real values, on its grid; rulers with rail knobs, band names on a spine at
// the left. It hands mouse and keys on to whoever they are for, and has painted what changed; every change of the form
// is a function in core.
//
// scene/        what is shown and where, what is under the mouse, and what the parts may ask of the board
// drags/        one object for each kind of drag
// modes/        what mouse and keys do instead: placing, giving a look, the tab order, the tracing sheet
// editing/      words, clipboard, drops
// commands/     what menus and keys do with the selection
// paint/        how it is drawn
#pragma once

#include "core/check/degree.h"
#include "designer/board/scene/board_host.h"

#include <QAbstractScrollArea>
#include <QBasicTimer>

#include <memory>

class QPushButton;

namespace nabblet {

class BoardClipboard;
class BoardDrag;
class BoardPainter;
class ButtonRowAsking;
class WordEditing;
struct Hit;

class Board : public QAbstractScrollArea, public BoardHost
{
    Q_OBJECT

public:
    // session gives the values shown and may be nullptr; all three stay the caller's.
    Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent = nullptr);
    ~Board() override;

    void setHooks(const BoardHooks &hooks) { m_hooks = hooks; }

    // What it shows.
    void setAppearance(const Appearance &appearance);
    void setSession(EntrySession *session);
    void setValues(BoardValues values);
    void setLongestWords(const QHash<QString, QString> &words);
    void setUnit(Unit unit);
    void setShowsHolds(bool shows);
    // Marks the controls that something was found about.
    void setFound(const QHash<ControlId, Degree> &found);
    // Shows it in the colours that people see who tell fewer of them apart.
    void setSight(Sight sight);

    // Percent, 25 to 400. The point of the form in the middle of the view stays there.
    void setZoom(int percent);
    // As large as shows the whole form, at most its own size.
    void zoomToForm();
    // Shows the form in a window that leaves it that much room, px; an empty size as designed. Editing ends it.
    void setTrialSize(QSize size);

    WordEditing &words() { return *m_words; }
    BoardClipboard &clipboard() { return *m_clipboard; }

    // How many controls the last painting drew; for measuring.
    int paintedControls() const;

    // For its parts.
    void setSelection(const Selection &selection) override;
    void setFronts(const FrontPages &fronts) override;
    void scrollTo(ControlId control) override;
    void preview(const Form &form) override;
    void endPreview() override;
    void setMode(std::unique_ptr<BoardMode> mode) override;
    void endMode() override;
    void say(const QString &sentence) override;
    void askForButtons(const QList<ControlId> &row, const QStringList &actions) override;
    void takeKeyboard() override { setFocus(); }
    void showAgain(const QRect &part) override;
    QWidget *surface() const override { return viewport(); }

Q_SIGNALS:
    void selectionChanged();
    // The form has no rows, and is to get some.
    void rowsRequested();
    void zoomChanged(int percent);
    void trialSizeChanged(QSize size);
    void modesChanged();
    void pageTurned();
    void menuRequested(const QPoint &global);
    void innerFormRequested(nabblet::ControlId control); // the form inside a control is to be designed
    void said(const QString &sentence);

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void mouseReleaseEvent(QMouseEvent *event) override;
    void mouseDoubleClickEvent(QMouseEvent *event) override;
    void wheelEvent(QWheelEvent *event) override;
    void contextMenuEvent(QContextMenuEvent *event) override;
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dragMoveEvent(QDragMoveEvent *event) override;
    void dragLeaveEvent(QDragLeaveEvent *event) override;
    void dropEvent(QDropEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    void timerEvent(QTimerEvent *event) override;
    bool event(QEvent *event) override;
    bool viewportEvent(QEvent *event) override;
    void scrollContentsBy(int dx, int dy) override;
    bool focusNextPrevChild(bool next) override;

private:
    // The mouse (board_mouse.cpp).
    void selectUnder(const Hit &hit, QPoint inViewport);
    void followDrag(QPoint inViewport, Qt::KeyboardModifiers modifiers);
    void finishDrag();
    void dropDrag();
    void giveUpDrag();

    // What is shown (board.cpp).
    void followScroll();
    void showForm(const Form &before, const Form &after);
    void showStep(int index);
    void readShown();
    void readTracing();
    void updateControl(const Form &form, const Control &control);
    void updateScrollBars();
    void updateSelectionMarks();
    void updatePills();
    void describeSelection();
    void placeRowsButton();

    Selection m_selectionBefore;         // before the last change of the form
    QHash<int, Selection> m_selectionAt; // what was selected when a step of undo was made
    int m_step = 0;
    bool m_isFitted = false; // a form that is wider than the board was fitted once, on opening
    QString m_tracingFile;   // of which the scene has the picture
    QBasicTimer m_autoScroll;
    QPushButton *m_rowsButton; // while the form has no rows
    std::unique_ptr<BoardPainter> m_painter;
    std::unique_ptr<BoardDrag> m_drag;
    std::unique_ptr<WordEditing> m_words;
    std::unique_ptr<BoardClipboard> m_clipboard;
    std::unique_ptr<ButtonRowAsking> m_buttonRows;
};

// The next zoom above or below a percentage, of those that come by steps.
int zoomAbove(int percent);
int zoomBelow(int percent);

} // namespace nabblet
