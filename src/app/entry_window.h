// Entry alone, as a clerk gets it.
#pragma once

#include "app/workspace.h"
#include "entry/form_window.h"

namespace nabblet {

class EntryWindow : public FormWindow
{
    Q_OBJECT

public:
    EntryWindow(const Workspace &workspace, const Form &form, QWidget *parent = nullptr);

    // Reads the first record; the error says why there are none.
    Outcome start();
};

} // namespace nabblet
