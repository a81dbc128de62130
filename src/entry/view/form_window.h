// A form at work in a window of its own, wherever it was opened from: by itself, from a button, or for the rows that
// belong to a record. Records menu, keys and status line are the same in all of them.
#pragma once

#include "entry/theme/appearance.h"

#include <QMainWindow>

#include <memory>

namespace nabblet {

class DatabaseWatch;
class EntrySession;
class EntryView;

class FormWindow : public QMainWindow
{
    Q_OBJECT

public:
    // session stays the caller's …
    FormWindow(EntrySession *session, const Appearance &appearance, QWidget *parent);
    // … or goes with the window. With a parent, the window is over it and goes with it.
    FormWindow(std::unique_ptr<EntrySession> session, const Appearance &appearance, QWidget *parent);
    ~FormWindow() override;

    // Shows it with the keyboard in the first box; over the window that it was opened from, or in the middle of the
    // screen that the person looks at.
    void begin();

    EntryView *view() const { return m_view; }
    EntrySession *session() const { return m_session; }

Q_SIGNALS:
    void closed();

protected:
    // It closes only when what was typed in it is saved or let go.
    void closeEvent(QCloseEvent *event) override;
    void keyPressEvent(QKeyEvent *event) override; // Escape goes back to the window that it was opened from

private:
    void nameWindow();
    QString placeName() const;
    QString placeEdition() const;
    void makeRecordsMenu();
    void makeViewMenu();
    void takeUsualSize();

    QSize m_usualSize;
    std::unique_ptr<EntrySession> m_owned;
    EntrySession *m_session;
    Appearance m_appearance;
    EntryView *m_view;
};

} // namespace nabblet
