// nabblet export: the rows of a form into a file, without a window.
#pragma once

#include <QStringList>

namespace nabblet {

int exportRows(const QStringList &arguments);

} // namespace nabblet
