// nabblet hand-over: a project given to those who work with its forms, without a window.
#pragma once

#include <QStringList>

namespace nabblet {

int handOverCommand(const QStringList &arguments);

} // namespace nabblet
