// A project handed over by a sheet: as one file or a folder, where to, whether the database goes along.
#pragma once

#include "app/work/workspace.h"

class QWidget;

namespace nabblet {

// Says what stands in the way, else asks, with what was wanted for this project the last time on this computer; hands
// over or takes back with progress that can be given up, and tells what came of it.
void handOverBySheet(const Workspace &workspace, QWidget *parent);

} // namespace nabblet
