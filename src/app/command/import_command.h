// nabblet import: rows of a file into a form's rows, without a window.
#pragma once

#include <QStringList>

namespace nabblet {

int importRows(const QStringList &arguments);

} // namespace nabblet
