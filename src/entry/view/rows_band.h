// The body of a tabular form at work: one row under the other. The row in hand has real widgets, which the view puts
// over it; all others are painted as they would be shown by them.
#pragma once

#include "entry/cells/chosen_rows.h"
#include "entry/session/entry_session.h"
#include "entry/view/band_view.h"

namespace nabblet {

class RowsBand : public BandView
{
    Q_OBJECT

public:
    RowsBand(EntrySession *session, const Appearance *appearance, QWidget *parent);

    // What each row holds, stretched to the window, and how high a row is, px.
    void setRow(const QList<Control> &controls, int rowHeight);
    int rowHeight() const { return m_rowHeight; }

    // The first row in sight, counted in the session's window; and how many rows fit whole.
    int top() const { return m_top; }
    void setTop(int top);
    // More rows are at hand now; those in sight are the same, and so many places further on.
    void rowsAdded(int movedBy);
    int rowsInSight() const { return m_rowHeight > 0 ? std::max(1, height() / m_rowHeight) : 1; }
    // The rows there are to see: those of the window and the blank one for a new record.
    int rowsInAll() const;
    // The row in hand, counted in the same way; -1 when it is not among them.
    int rowInHand() const;
    // Where a row's top edge stands, px.
    int yOf(int row) const { return (row - m_top) * m_rowHeight; }
    // Those that a person chose to be treated together; painted as chosen.
    const ChosenRows &chosen() const { return m_chosen; }
    void setChosen(const ChosenRows &chosen);
    // Scrolls so that the row in hand is seen.
    void showRowInHand();
    // Reads what the rows in sight show, ahead of painting, which reads nothing; …
    void readShown();
    // … and paints them all, as they may be others.
    void showAnew();

Q_SIGNALS:
    void topChanged();
    void rowPressed(int row, QPoint inRow, Qt::KeyboardModifiers modifiers);

protected:
    void paintEvent(QPaintEvent *event) override;
    void mousePressEvent(QMouseEvent *event) override;
    void wheelEvent(QWheelEvent *event) override;

private:
    EntrySession *m_session;
    QList<Control> m_controls;
    int m_rowHeight = 0;
    int m_top = 0;
    ChosenRows m_chosen;
    int m_rowsPainted = 0; // there were so many in all when they were last painted
    int m_readFrom = 0;    // of those in sight, what these show has been read
    int m_readEnd = 0;
};

} // namespace nabblet
