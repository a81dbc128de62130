// Entry alone, as a clerk gets it.
#pragma once

#include "app/work/workspace.h"
#include "entry/view/form_window.h"

namespace nabblet {

class RecordRecovery;

class EntryWindow : public FormWindow
{
    Q_OBJECT

public:
    // formPath: its file, by which what is typed and not saved is kept.
    EntryWindow(const Workspace &workspace, const Form &form, const QString &formPath = {}, QWidget *parent = nullptr);

    ~EntryWindow() override;

    // Reads the first record; the error says why there are none.
    Outcome start();
    // Offers what an earlier run left typed and not saved.
    void offerTypedRecord();

private:
    QString m_formPath;
    std::unique_ptr<RecordRecovery> m_typedRecovery; // goes before the session that it looks after
};

} // namespace nabblet
