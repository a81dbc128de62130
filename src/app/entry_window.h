// Entry alone, as a clerk gets it.
#pragma once

#include "app/workspace.h"
#include "core/model/form.h"
#include "entry/appearance.h"

#include <QMainWindow>

#include <memory>

namespace nabblet {

class EntrySession;
class EntryView;

class EntryWindow : public QMainWindow
{
    Q_OBJECT

public:
    EntryWindow(const Workspace &workspace, const Form &form, QWidget *parent = nullptr);
    ~EntryWindow() override;

    // Reads the first record; the error says why there are none.
    Outcome start();
    EntryView *view() const { return m_view; }
    EntrySession *session() const { return m_session.get(); }

protected:
    void closeEvent(QCloseEvent *event) override;

private:
    Appearance m_appearance;
    std::unique_ptr<EntrySession> m_session;
    EntryView *m_view = nullptr;
};

} // namespace nabblet
