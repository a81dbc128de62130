// A form at work: real widgets in its bands, messages beside the boxes they concern, the record strip below. Embeddable
// in any Qt application.
#pragma once

#include "core/arrange/containers.h"
#include "core/own_way/own_way.h"
#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QHash>
#include <QKeyEvent>
#include <QPointer>
#include <QScrollArea>
#include <QScrollBar>
#include <QSet>
#include <QWidget>

#include <memory>
#include <unordered_map>

class QPushButton;
class QSplitter;

namespace nabblet {

class BandView;
class RecordStrip;
class FieldEditor;
class RowsBand;
class PageTabsBar;
class RecordList;
class FormQuestion;
class WantedBar;
class ChosenRows;

// What stands around a form at work.
enum class Furniture {
    RecordStrip, // where among the records, and what may be done with them
    None,        // for rows inside another form: it is all there in rows
};

class EntryView : public QWidget
{
    Q_OBJECT

public:
    // session stays the caller's and must live as long as the view.
    EntryView(EntrySession *session, const Appearance &appearance, QWidget *parent = nullptr,
              Furniture furniture = Furniture::RecordStrip);
    ~EntryView() override;

    // Brings a changed form or another appearance into force. Only what differs is made anew.
    void setForm(const Form &form);
    void setAppearance(const Appearance &appearance);
    // How large it is shown, percent; the arrangement stays whole.
    int zoom() const { return m_appearance.zoom(); }
    void setZoom(int percent);

    EntrySession *session() const { return m_session; }
    const Appearance &appearance() const { return m_appearance; }
    // The widget of a control, or nullptr.
    QWidget *widgetFor(ControlId control) const;
    // Brings the page of that title to the front; false where there is none.
    bool showPageCalled(const QString &title);
    // A new row in the subform of that caption or table, or the first one; false where there is none.
    bool addRowTo(const QString &rows);
    // Puts the keyboard into the first box that takes typing, in sight; a list to go to records by does not count.
    void focusFirst();
    // A new record, in sight, with the keyboard in its first box.
    bool addRecord();
    // How high the record strip is, px.
    int stripHeight() const;
    int stripWidth() const; // px, with room for all that it may say
    // Puts it into the first box that was refused.
    void focusFirstRefused();
    // Asks before it deletes.
    bool askAndDelete(); // whether it is gone
    // Asks which record is meant and goes there; on a form without rows, which record of the forms that it opens.
    bool askAndFind();
    // The keyboard goes to the list of records; false where there is none.
    bool focusRecordList();
    // A new record like the one in hand.
    void addLike();
    // Shows the records that are asked for; says why where nothing comes of it.
    bool want(const Wanted &wanted);
    // Asks by the box in hand, or by all boxes: the form as the question.
    void askAboutBox();
    void askForm();
    bool isAsking() const; // the form is the question
    // Asks what was kept, or keeps what is asked now.
    void showKeptQuestions();
    void keepQuestion();
    // The rows of a form of rows, or the record in hand, on to the clipboard as cells with heads.
    void copyCells();
    // How the person at work has this form, laid over it.
    const OwnWay &ownWay() const { return m_ownWay; }
    void setOwnWay(const OwnWay &way);
    // Asks for it, and keeps it.
    void askForOwnWay();
    // The rows that are chosen, of a form of rows; …
    const ChosenRows &chosenRows() const;
    // … one more or one less: the row in hand; and none any more.
    void chooseRowInHand();
    void chooseNoRows();
    // Sorts by the box in hand.
    void sortByBox(bool isDescending);
    // A head of rows was pressed; sorts by its box where nobody else takes it.
    std::function<void(const Control &box)> headPressed;

    // The form at work in which the keyboard is: this one, or one inside it.
    EntryView *viewInHand() const;
    // The box that has the keyboard, on this form itself, or nullptr.
    const Control *boxInHand() const;
    // Brings a page of tab pages to the front, or the one on which a control stands.
    void showPage(ControlId container, int page);
    void bringToSight(ControlId control);
    const FrontPages &frontPages() const { return m_fronts; }

Q_SIGNALS:
    void said(const QString &sentence);
    void closeRequested();      // a button wants the form's window closed
    void backToRowsRequested(); // from the form of one row
    void parentRefused();       // the record that these rows belong to could not be saved

protected:
    void resizeEvent(QResizeEvent *event) override;
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    bool askAndOpen();
    void layOut();
    void limitSheet();
    void showRecordList();
    void showRowPanel();
    void setRowPanelOpen(bool isOpen);
    bool isHeadOfHiddenRows(const Control &control) const;
    void refresh();
    void refreshMessages();
    // What a screen reader is told of the boxes besides their names, and which of them new records take over.
    void describeBoxes();
    void refreshNotice();
    QString unplacedMessage() const;
    // How many letters more the box in hand takes, where they run out; and says so beside it.
    std::optional<FieldMessage> lettersLeft() const;
    void refreshLettersLeft();
    void lightUp(const QStringList &columns);
    void applyTabOrder();
    void makeWidgets();
    void makeWidgetsOnce();
    // Whether the keyboard is in a box on one of some pages.
    bool isOnOneOf(const QSet<Area> &pages) const;
    void showPages(const FrontPages &fronts);
    // What stands on pages behind others, and what rules hide.
    QSet<ControlId> outOfSight() const;
    enum class Jumps { Never, Allowed }; // whether the box with the keyboard may come to stand elsewhere
    void followRules(Jumps jumps = Jumps::Never);
    bool wouldMove(const QWidget *box, const QSet<ControlId> &giving) const;
    ControlId pageOfFocus(const QWidget *box) const;
    void focusFirstIn(ControlId container);
    bool turnPage(int steps);
    // Where Tab stops (entry_view_stops).
    bool mayStop(const Control &control) const;
    bool stopAt(ControlId control, int step);
    bool stopAtEnd(int step);
    void tabOn(const QWidget *box, int step);
    EntryView *viewInside(ControlId control) const;
    EntryView *viewAround() const;
    void rebuild(const Form &form);
    void makeColumnDrag();
    BandView *bandView(BandRole role) const { return m_bands.value(role); }
    // Of scrolling areas and panes (entry_view_surfaces).
    Area surfaceArea(const Control &control) const;
    BandView *viewOf(const Control &control) const;
    QPoint originOf(const Control &control) const;
    void makeSurfaces();
    void layOutSurfaces();
    Control withDividerAsMoved(const Control &panes) const;
    void keepInSight(QWidget *widget);
    QRect placeOf(const Control &control) const; // in its band, in a tabular form in the row in hand
    // Of a tabular form.
    void placeRowInHand();
    void refreshRowBar();
    void readRowsInSight();
    void goToRow(int row);
    void pressRow(int row, QPoint at, Qt::KeyboardModifiers modifiers);
    void chooseTo(int row);
    void sayChosen();
    bool cellKey(const QObject *box, int key);
    bool rowKey(QObject *watched, int key, Qt::KeyboardModifiers modifiers);
    bool insideKey(const QKeyEvent &event);
    bool goesOnByEnter(const QObject *box) const;
    bool isLink(const QObject *box) const;
    bool followLink(QObject *box) const;
    bool openText(const QObject *box);
    bool pasteCells(const QObject *box);
    // Of what is asked (entry_view_wanted).
    bool pressHead(BandRole role, QPoint at);
    Control withOrderShown(const Control &control) const;
    QString questionsOf() const;
    bool goOnBehindLast();

    EntrySession *m_session;
    Appearance m_appearance;
    Form m_built; // as it was given
    OwnWay m_ownWay;
    Form m_whole;    // in the person's own way
    Form m_designed; // at the zoom, with scrolling areas as high as at work
    Form m_form;     // the same without pages that rules hide
    Form m_laidOut;  // as stretched to the window
    QWidget *m_ground = nullptr;
    QWidget *m_sheet = nullptr; // all bands, on the ground
    QSize m_least;              // the smallest at which nothing overlaps, or as pinned
    QHash<BandRole, BandView *> m_bands;
    RowsBand *m_rows = nullptr; // the body of a tabular form
    QScrollBar *m_rowBar;
    RowKey m_chosenFrom; // where choosing rows began
    bool m_isTabular = false;
    QScrollArea *m_scroll;
    QWidget *m_notice;
    WantedBar *m_wantedBar = nullptr; // none inside another form
    QPointer<FormQuestion> m_question;
    RecordStrip *m_strip;
    bool m_hasStrip = false;
    QSplitter *m_beside;
    RecordList *m_list = nullptr;
    QWidget *m_rowsSide = nullptr;  // the rows of a tabular form
    QWidget *m_rowSide = nullptr;   // one row in full, and what leads there
    EntryView *m_rowView = nullptr; // …
    QPushButton *m_openRow = nullptr;
    bool m_isRowOpen = false;
    bool m_isOfOneRow = false; // the view is such a panel itself
    std::unordered_map<ControlId, std::unique_ptr<FieldEditor>> m_editors;
    QHash<ControlId, PageTabsBar *> m_tabs;
    struct Surface // of what a scrolling area or a pane holds
    {
        QScrollArea *scroll = nullptr;
        BandView *view = nullptr;
        QPoint origin; // of what it shows, in the band
    };
    QHash<Area, Surface> m_surfaces;
    QHash<ControlId, QWidget *> m_dividers;
    QHash<ControlId, int> m_dividersMoved; // by people, px from the first pane's edge
    FrontPages m_fronts;
    QSet<Area> m_hiddenPages;
    bool m_isMaking = false;     // widgets, …
    bool m_isStale = false;      // … and meanwhile others are wanted
    QSet<ControlId> m_hidden;    // by rules, in the record in hand
    QString m_noticeShown;       // what the notice holds now
    QList<FieldMessage> m_notes; // as they stand beside boxes
    std::optional<FieldMessage> m_lettersLeft;
    QSet<ControlId> m_givingWay; // hidden by rules, their room given up
    QSet<ControlId> m_unplaced;  // boxes with no room beside them for what is said of them
};

} // namespace nabblet
