// The board: the form as it will look, with real values, on its grid; rulers with rail knobs, band names on a spine at
// the left. It draws the form and listens to mouse and keys; every change is a function in core.
//
// board.cpp         what is shown and selected, and where
// board_mouse.cpp   what is under the mouse, and clicks
// board_drags.cpp   what dragging does
// board_containers.cpp, board_clipboard.cpp, board_captions.cpp, board_tracing.cpp, board_placing.cpp  as their names
// say board_keys.cpp    the keyboard board_drawing.cpp the form, the grid, the selection board_marks.cpp   rulers,
// rails, guides, gap pills, tab order
#pragma once

#include "core/arrange/moving.h"
#include "core/arrange/snap.h"
#include "core/arrange/units.h"
#include "core/draft/draft.h"
#include "core/edit/placing.h"
#include "designer/board/column_drag.h"
#include "designer/board/selection.h"
#include "designer/document/form_document.h"
#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QAbstractScrollArea>
#include <QBasicTimer>
#include <QHash>
#include <QPixmap>
#include <QPointer>

#include <functional>
#include <optional>

class QMimeData;
class QPushButton;

namespace nabblet {

class CaptionEditor;

// What the boxes on the board show.
enum class BoardValues { Record, Longest, Blank };

class Board : public QAbstractScrollArea
{
    Q_OBJECT

public:
    // session gives the values shown and may be nullptr; all three stay the caller's.
    Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent = nullptr);
    ~Board() override;

    void setAppearance(const Appearance &appearance);
    const Appearance &appearance() const { return m_appearance; }
    // Where forms that pasted subforms show come from.
    void setFormReader(FormReader reader) { m_readForm = std::move(reader); }
    void setSession(EntrySession *session);
    EntrySession *session() const { return m_session; }
    FormDocument *document() const { return m_document; }

    const Selection &selection() const { return m_selection; }
    void select(const QList<ControlId> &controls);
    void setSelection(const Selection &selection);

    BoardValues values() const { return m_values; }
    void setValues(BoardValues values);
    // The longest stored words of each column, for BoardValues::Longest.
    void setLongestWords(const QHash<QString, QString> &words);

    Unit unit() const { return m_unit; }
    void setUnit(Unit unit);

    // Percent, 25 to 400. The point of the form in the middle of the view stays there.
    int zoom() const { return m_zoom; }
    void setZoom(int percent);
    void zoomIn();
    void zoomOut();
    // As large as shows the whole form, at most its own size.
    void zoomToForm();

    // Shows another form in place of the document's until endPreview(): what an operation would give.
    void preview(const Form &form);
    void endPreview();
    bool isPreviewing() const { return m_preview.has_value(); }

    // Shows the form in a window that leaves it that much room, px; an empty size as designed. Editing ends it.
    void setTrialSize(QSize size);
    QSize trialSize() const { return m_trialSize; }

    // Numbers and path of the tab order over the form; clicks in order set it by hand.
    void setShowsTabOrder(bool shows);
    // Moves the lead one place earlier (-1) or later (1) in the tab order, which is by hand from then on.
    void moveInTabOrder(int step);
    bool showsTabOrder() const { return m_showsTabOrder; }

    // Whether mouse, wheel and arrows move and scale the tracing sheet and nothing else; Escape ends.
    void setMovesTracing(bool moves);
    bool movesTracing() const { return m_movesTracing; }
    // Where the sheet lies, px in the viewport; null without one.
    QRect tracingRect() const;

    // Takes a kind of control up: the next drag draws it, the next click puts it down; with Shift another follows.
    void beginPlacing(const QString &kind);
    void endPlacing();
    const QString &placing() const { return m_placing; }
    // Puts one below what stands where the lead is.
    void placeInNextFreePlace(const QString &kind);

    // Gives the look of the lead to what is clicked: once, or until Escape.
    enum class LookCopies { Once, UntilEscape };
    void beginCopyLook(LookCopies copies);
    bool isCopyingLook() const { return m_lookFrom != 0; }

    // How columns dropped from the catalogue become fields of a form.
    using FieldMaker = std::function<AddedFields(const Form &, const DraggedColumns &, const FieldTarget &)>;
    void setFieldMaker(const FieldMaker &maker) { m_fieldMaker = maker; }
    // Gives a subform that was placed its rows, as the database knows them: of that table, or with none of the first
    // that belong to the record.
    using RowsFiller = std::function<Form(const Form &, ControlId, const QString &table)>;
    void setRowsFiller(const RowsFiller &filler) { m_rowsFiller = filler; }
    void setNamingPattern(const QString &pattern) { m_namingPattern = pattern; }

    void deleteSelection();
    void selectAll();
    // Edits the words of a caption where it stands; for a field, those of its caption.
    // typed: what takes the place of the words there are.
    void editCaption(ControlId control, const QString &typed = {});
    // Outwards: from controls to their band, from there to the form.
    void selectOutwards();
    // The next or previous control in the tab order; adding it to the selection or alone.
    enum class Walk { Alone, Adding };
    void selectNext(int step, Walk walk);

    void copy() const;
    void cut();
    enum class PastePlace { Beside, InPlace };
    // Nothing happens when the clipboard holds no controls; why is told by said().
    void paste(PastePlace place);
    // A copy of the selection, as far from it as the last copy was moved from what it was made of.
    void duplicate();

    void scrollTo(ControlId control);

    // Which page of each tab pages is in front here; selecting what stands on another brings that one.
    const FrontPages &frontPages() const { return m_fronts; }
    void setFrontPage(ControlId container, int page);
    // Turns the page of the tab pages that the lead is or stands on.
    void turnPage(int steps);
    // Where new fields go: into the container that is selected, else beside the lead.
    FieldTarget fieldTarget() const;

    // Where a point or a control of the form stands in the viewport, px.
    QPoint toViewport(QPoint onForm) const;
    QRect toViewport(const QRect &onForm) const;
    QPoint toForm(QPoint inViewport) const;
    QRect viewportRectOf(ControlId control) const;
    QPoint railKnob(RailId rail) const;
    // Where the pill of a gap stands, px in the viewport; the pills of the selection as gapPills() lists them.
    const QList<Gap> &gapPills() const { return m_pills; }
    QRect pillRect(const Gap &gap) const;
    QRect captionHandle() const;
    // Whether the lead shows what it does in windows of other sizes, and where; null where that cannot be said.
    void setShowsHolds(bool shows);
    QRect holdSign(Direction direction) const;
    // Where a click adds the header or footer that is missing; null where there is one.
    QRect bandAdder(BandRole role) const;
    QRect tabBadge(ControlId control) const;
    // Why the control that is dragged stands where it does.
    const QList<SnapGuide> &guides() const;

    // The form as it is shown now: dragged, previewed, at another width, or the document's.
    const Form &shownForm() const;

    // Paints the form without rulers, marks and selection.
    void paintForm(QPainter &painter) const;

    // How many controls the last painting drew; for measuring.
    int paintedControls() const { return m_painted; }

Q_SIGNALS:
    void selectionChanged();
    // The form has no rows, and is to get some.
    void rowsRequested();
    void zoomChanged(int percent);
    void trialSizeChanged(QSize size);
    void modesChanged(); // tab order, copying looks
    void pageTurned();
    void menuRequested(const QPoint &global);
    void innerFormRequested(nabblet::ControlId control); // the form inside a control is to be designed
    // A sentence for the status bar.
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
    struct Hit
    {
        enum Kind {
            Nothing,
            Control,
            Inside, // a container, between what stands in it
            Handle,
            CaptionHandle,
            HoldSign,
            GapPill,
            TabBadge,
            RailKnob,
            Ruler,
            SideRuler,
            BandEdge,
            FormEdge,
            Spine,
            AddBand,
            Divider,
            Tracing,
            Placing // a new control is being put down
        } kind = Nothing;
        ControlId control = 0;
        Edges edges;
        RailId rail = FixedRail::None;
        BandRole band = BandRole::Body;
        int pill = -1;
        Direction direction = Direction::Across; // of a hold sign
    };
    struct Drag
    {
        Hit hit;
        QPoint start; // on the form
        QPoint now;
        QPoint inViewport;
        Qt::KeyboardModifiers modifiers;
        bool isMoving = false; // far enough from the start to count
        bool isBox = false;
        QList<ControlId> before; // selected before the press
        QList<ControlId> moving; // what is dragged
        QSet<ControlId> under;   // what it lay over from the start
        std::optional<SnapIndex> index;
        Form base; // what the drag starts from: the document's form, with the copies where copies are dragged
        bool isCopy = false;
        std::optional<Area> target; // where it would land
        QList<SnapGuide> guides;
    };

    Hit hitAt(QPoint inViewport) const;
    QRect handleRect(const QRect &shown, Edges edges) const; // shown: the control's place in the viewport
    QList<Edges> handlesOf(const QRect &shown) const;
    Shown shownOf(const Control &control) const;
    std::optional<BandRole> bandAt(QPoint onForm) const;
    // The area at a point, that of the innermost container there; those named, and what they hold, do not count.
    std::optional<Area> areaAt(const Form &form, QPoint onForm, const QList<ControlId> &without = {}) const;
    Form seen(const Form &form) const; // without what stands on pages behind others
    std::optional<Area> areaOfSelection() const;
    QRect wordsRect(const nabblet::Control &control) const;
    void followPages(const Form &before, const Form &after);
    void setFronts(const FrontPages &fronts);
    Area pasteArea(const Form &clip) const;
    void selectCopies(const QList<ControlId> &controls);
    QRect firstBoxOfSelection() const;

    void clickControl(const Drag &drag);
    void turnToTabAt(ControlId control, QPoint onForm);
    void followDrag(QPoint inViewport, Qt::KeyboardModifiers modifiers);
    void finishDrag();
    void giveUpDrag();
    void startCopies(Drag &drag, bool wanted);
    void turnPageUnder(const Drag &drag);
    Form draggedForm();
    QString dragName() const;
    QPoint snappedMove(Drag &drag, const Form &base);
    void clickTabBadge(ControlId control);
    void showTableDrop(const QString &table, QPoint inViewport, bool isDropped);
    void showDropOf(const QMimeData *mime, QPoint inViewport, bool isDropped);

    void nudge(QPoint direction, Qt::KeyboardModifiers modifiers);
    void lineUpTowards(int key);
    void showForm(const Form &before, const Form &after);
    void showStep(int index);
    void readShown();
    void updateControl(const Form &form, const nabblet::Control &control);
    void updateScrollBars();
    void finishCaption(bool keep);
    void goOnToWords(ControlId from);
    bool typesWords(const QKeyEvent &event);
    void updateSelectionMarks();
    void updatePills();
    void describeSelection();
    void placeRowsButton();
    void endModes();

    void paintRuler(QPainter &painter, const Form &form);
    void paintSideRuler(QPainter &painter, const Form &form);
    void paintSpine(QPainter &painter, const Form &form);
    void paintShown(QPainter &painter, const nabblet::Control &control, const QRect &place);
    void paintGround(QPainter &painter, const Form &form, const QRect &dirty);
    void paintTracing(QPainter &painter, const Form &form);
    void paintTracingFrame(QPainter &painter);
    void countToPlace(int digit);
    PlacedControl placedBetween(const QString &kind, QPoint from, QPoint to) const;
    void hoverPlacing(QPoint inViewport);
    void place(const QString &kind, const PlacedControl &placed);
    void paintHolds(QPainter &painter) const;
    std::optional<Direction> holdSignAt(QPoint inViewport) const;
    void holdNext(Direction direction);
    QString holdWords(Direction direction) const;
    void showPictureDrop(const QString &file, QPoint inViewport, bool isDropped);
    void askForButtons(const QList<ControlId> &row, const QStringList &actions);
    void putButtonRowChoice();
    void endAskingForButtons();
    void showKindDrop(const QString &kind, QPoint inViewport, bool isDropped);
    void shiftTracing(QPoint by);
    void scaleTracing(int percentMore, QPoint stays);
    bool tracingKey(const QKeyEvent &event);
    void paintGrid(QPainter &painter, const Form &form, const QRect &exposed);
    void paintRails(QPainter &painter, const Form &form);
    void paintLevelRails(QPainter &painter, const Form &form, const QList<RailId> &ridden);
    void paintKnob(QPainter &painter, const Rail &rail, bool isLevel);
    void paintSelection(QPainter &painter, const Form &form);
    void paintLeadTag(QPainter &painter, const Form &form, const nabblet::Control &lead, const QRect &shown);
    void paintChanges(QPainter &painter, const Form &form);
    void paintGuides(QPainter &painter);
    void paintPills(QPainter &painter);
    void paintContainers(QPainter &painter, const Form &form);
    void paintPill(QPainter &painter, QPoint middle, int size, bool isOdd);
    void paintTabOrder(QPainter &painter, const Form &form);
    void paintTrial(QPainter &painter, const Form &form);

    FormDocument *m_document;
    FormReader m_readForm;
    QPointer<EntrySession> m_session;
    Appearance m_appearance;
    Selection m_selection;
    Selection m_selectionBefore;         // before the last change of the form
    QHash<int, Selection> m_selectionAt; // what was selected when a step of undo was made
    int m_step = 0;
    BoardValues m_values = BoardValues::Record;
    QHash<QString, QString> m_longestWords;
    Unit m_unit = Unit::Pixels;
    int m_zoom = 100;
    bool m_isFitted = false; // a form that is wider than the board was fitted once, on opening
    FrontPages m_fronts;
    std::optional<Drag> m_drag;
    std::optional<Form> m_dragged;
    std::optional<Form> m_preview;
    std::optional<Form> m_trial;
    QSize m_trialSize;
    QList<Gap> m_pills;
    bool m_showsTabOrder = false;
    bool m_movesTracing = false;
    QString m_placing;                   // the kind taken up, or empty
    QPointer<QWidget> m_buttonRowChoice; // while it is asked which buttons m_buttonRow is to have
    QList<ControlId> m_buttonRow;
    bool m_showsHolds = false;
    int m_placingCount = 0;        // how many of it, as typed; 0: nothing typed, one
    QList<ControlId> m_wordsFor;   // what gets the words at hand; more than one get a part each
    QList<ControlId> m_tabClicked; // in the order clicked so far
    ControlId m_lookFrom = 0;
    LookCopies m_lookCopies = LookCopies::Once;
    QList<ControlId> m_duplicates; // the last copies made, to see how far they were moved
    QPoint m_duplicatesAt;
    FieldMaker m_fieldMaker;
    RowsFiller m_rowsFiller;
    QString m_namingPattern = QStringLiteral("{kind}_{column}");
    QBasicTimer m_autoScroll;
    std::optional<QPoint> m_clickedAt; // on the form, where nothing stands; what is pasted goes there
    QPointer<CaptionEditor> m_captionEditor;
    bool m_isTypedOver = false; // the words at hand were begun by typing
    ControlId m_editedCaption = 0;
    int m_editedPage = 0;      // of tab pages
    QPushButton *m_rowsButton; // while the form has no rows
    // Pictures of controls as painted last, so that what only moves under a drag is not drawn anew at each step.
    struct Painted
    {
        nabblet::Control control;
        Shown shown;
        QPixmap pixmap;
    };
    QHash<ControlId, Painted> m_paintedControls;
    // What the kept ground shows; painted anew when that differs.
    struct Ground
    {
        int width = 0;
        QList<Band> bands;
        Grid grid;
        TracingSheet tracing;
        QPoint origin;
        int zoom = 0;
        QSize size;
        bool operator==(const Ground &) const = default;
    };
    QPixmap m_ground;
    Ground m_groundShows;
    QString m_tracingFile;
    QPixmap m_tracing;
    int m_painted = 0;
};

} // namespace nabblet
