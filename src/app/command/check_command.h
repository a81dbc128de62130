// nabblet check: what is wrong with a form, or with all forms of a project.
#pragma once

#include <QStringList>

namespace nabblet {

// arguments: the program's name and what stands behind the subcommand. Gives the exit code.
int checkCommand(const QStringList &arguments);

} // namespace nabblet
