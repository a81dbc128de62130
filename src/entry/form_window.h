// A form at work in a window of its own over another: the rows that belong to a record, or another form of the project.
#pragma once

#include "entry/appearance.h"

#include <QDialog>

#include <memory>

namespace nabblet {

class EntrySession;
class EntryView;

// It closes only when what was typed in it is saved or let go, in the middle of the window that it was opened from.
class FormWindow : public QDialog
{
    Q_OBJECT

public:
    // session stays the caller's …
    FormWindow(EntrySession *session, const Appearance &appearance, QWidget *parent);
    // … or goes with the window.
    FormWindow(std::unique_ptr<EntrySession> session, const Appearance &appearance, QWidget *parent);
    ~FormWindow() override;

    // Shows it with the keyboard in the first box.
    void begin();

protected:
    void reject() override;

private:
    std::unique_ptr<EntrySession> m_owned;
    EntrySession *m_session;
    EntryView *m_view;
};

} // namespace nabblet
