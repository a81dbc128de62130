// nabblet reconcile: brings forms into step with their tables, or says what that would do.
#pragma once

#include <QStringList>

namespace nabblet {

// arguments: the program's name and what stands behind the subcommand. Gives the exit code.
int reconcileCommand(const QStringList &arguments);

} // namespace nabblet
