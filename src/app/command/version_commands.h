// nabblet diff and nabblet merge: forms in version control.
#pragma once

#include <QStringList>

namespace nabblet {

// arguments: the program's name and what stands behind the subcommand. Each gives the exit code.
int diffCommand(const QStringList &arguments);
int mergeCommand(const QStringList &arguments);

} // namespace nabblet
