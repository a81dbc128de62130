// The findings of the form at hand: kept up to date, marked on the board, counted for the top bar, and put right.
#pragma once

#include "app/work/project_uses.h"
#include "app/work/reconciling.h"
#include "core/catalogue/profile.h"
#include "designer/findings/findings_watch.h"

#include <QObject>
#include <QPointer>

namespace nabblet {

class Appearance;
class Board;
class FindingsPanel;
class OpenWork;

class FindingsView : public QObject
{
    Q_OBJECT

public:
    // work: outlives this.
    explicit FindingsView(OpenWork *work, QObject *parent = nullptr);

    // The board that they are marked on and its colours; nullptr for none. Both outlive that.
    void setBoard(Board *board, const Appearance *appearance);
    // What is stored in the table at hand, once it is known.
    void setProfile(const Profile &profile);
    // Tables, looks or forms of the project are others now.
    void projectChanged();

    // The panel that shows them from now on; it stays the caller's. nullptr: none does.
    void attach(FindingsPanel *panel);
    // To the next one, or with -1 to the one before.
    void step(int by);

    FindingsWatch &watch() { return m_watch; }
    // Opens the sheet that brings the form into step with its tables.
    void reconcile(QWidget *parent);
    // Opens the sheet of what a draft of today would make otherwise.
    void draftAgain(QWidget *parent);
    // Has other columns put where the box that is selected stands, as somebody chooses them.
    void takeColumnsInstead(QWidget *parent);

Q_SIGNALS:
    void counted(const nabblet::FindingCounts &counts);
    void said(const QString &sentence);

private:
    void showFound();
    void markBoard();
    void goTo(const Found &found);
    void preview(const Found &found, int mend);
    void takeMend(const Found &found, int mend);
    void takeAll(const Found &found);
    void leaveBe(const Found &found, const QString &reason);

    OpenWork *m_work;
    Reconciling m_reconciling;
    OpenedForms m_opened;
    FindingsWatch m_watch;
    QPointer<Board> m_board;
    const Appearance *m_appearance = nullptr;
    QPointer<FindingsPanel> m_panel;
    QString m_at; // the one that was gone to last, by its key, for going on without a panel
};

} // namespace nabblet
