// nabblet print: the records of a form on pages, without a window.
#pragma once

#include <QStringList>

namespace nabblet {

int printPages(const QStringList &arguments);

} // namespace nabblet
