// The board: the form as it will look, with real values, on its grid; rulers with rail knobs above, band names on a
// spine at the left. It draws the form and listens to mouse and keys; every change is a function in core.
#pragma once

#include "core/edit/edits.h"
#include "designer/form_document.h"
#include "designer/selection.h"
#include "entry/appearance.h"
#include "entry/entry_session.h"

#include <QAbstractScrollArea>
#include <QPointer>

#include <optional>

class QLineEdit;

class QPushButton;

namespace nabblet {

class Board : public QAbstractScrollArea
{
    Q_OBJECT

public:
    // session gives the values shown and may be nullptr; all three stay the caller's.
    Board(FormDocument *document, EntrySession *session, const Appearance &appearance, QWidget *parent = nullptr);
    ~Board() override;

    void setAppearance(const Appearance &appearance);
    void setSession(EntrySession *session);

    const Selection &selection() const { return m_selection; }
    void select(const QList<ControlId> &controls);

    // Whether boxes show the session's record or stand blank.
    bool showsValues() const { return m_showsValues; }
    void setShowsValues(bool shows);

    void deleteSelection();
    void selectAll();
    // Edits the words of a caption where it stands; for a field, those of its caption.
    void editCaption(ControlId control);

    // Where a point or a control of the form stands in the viewport, px.
    QPoint toViewport(QPoint onForm) const;
    QRect viewportRectOf(ControlId control) const;
    QPoint railKnob(RailId rail) const;

    // Paints the form without rulers, marks and selection.
    void paintForm(QPainter &painter) const;

    // How many controls the last painting drew; for measuring.
    int paintedControls() const { return m_painted; }

Q_SIGNALS:
    void selectionChanged();
    // The form has no row source, and is to get one.
    void rowSourceRequested();

protected:
    void paintEvent(QPaintEvent *event) override;
    void resizeEvent(QResizeEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void mouseMoveEvent(QMouseEvent *event) override;
    void mouseReleaseEvent(QMouseEvent *event) override;
    void mouseDoubleClickEvent(QMouseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override;
    bool event(QEvent *event) override;
    bool viewportEvent(QEvent *event) override;
    void scrollContentsBy(int dx, int dy) override;
    bool focusNextPrevChild(bool next) override;
    bool eventFilter(QObject *watched, QEvent *event) override;

private:
    struct Hit
    {
        enum Kind { Nothing, Control, Handle, RailKnob, BandEdge, FormEdge } kind = Nothing;
        ControlId control = 0;
        Edges edges;
        RailId rail = FixedRail::None;
        BandRole band = BandRole::Body;
    };
    struct Drag
    {
        Hit hit;
        QPoint start; // on the form
        QPoint now;
        bool isMoving = false; // far enough from the start to count
        bool isBox = false;
        QList<ControlId> before; // selected before a box was begun
    };

    Form shownForm() const;
    Hit hitAt(QPoint inViewport) const;
    QPoint toForm(QPoint inViewport) const;
    QRect handleRect(const QRect &place, Edges edges) const;
    QList<Edges> handlesOf(const QRect &place) const;
    Shown shownOf(const Control &control) const;

    void followDrag(QPoint onForm);
    void finishDrag();
    void giveUpDrag();
    Form draggedForm() const;
    QString dragName() const;
    QPoint snappedMove() const;

    void nudge(QPoint direction, Qt::KeyboardModifiers modifiers);
    void showForm(const Form &before, const Form &after);
    void updateControl(const Form &form, const Control &control);
    void updateScrollBars();
    void finishCaption(bool keep);
    void updateSelectionMarks();
    void placeRowsButton();

    void paintRuler(QPainter &painter, const Form &form);
    void paintSpine(QPainter &painter, const Form &form);
    void paintGrid(QPainter &painter, const Form &form, const QRect &exposed);
    void paintRails(QPainter &painter, const Form &form);
    void paintSelection(QPainter &painter, const Form &form);

    FormDocument *m_document;
    EntrySession *m_session;
    Appearance m_appearance;
    Selection m_selection;
    bool m_showsValues = true;
    std::optional<Drag> m_drag;
    std::optional<Form> m_dragged;
    QPointer<QLineEdit> m_captionLine;
    QPushButton *m_rowsButton; // while the form has no row source
    ControlId m_editedCaption = 0;
    int m_painted = 0;
};

} // namespace nabblet
