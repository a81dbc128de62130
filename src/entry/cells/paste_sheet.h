// Rows from a sheet of cells, looked at before they go in: which would, and why others would not.
#pragma once

#include "core/model/control.h"
#include "core/text/cells.h"

class QWidget;

namespace nabblet {

class EntrySession;

// False where nothing was put in. from, row: as pastedRows().
bool askAndPaste(EntrySession &session, const Cells &cells, ControlId from, int row, QWidget *parent);

} // namespace nabblet
