// nabblet draft: forms without a window, one or for a whole database.
#pragma once

#include <QStringList>

namespace nabblet {

// arguments: the program's name and what stands behind the subcommand. Gives the exit code.
int draftCommand(const QStringList &arguments);

} // namespace nabblet
