// What bands are called in files.
#pragma once

#include <QStringList>

namespace nabblet {

const QStringList &bandNames(); // as BandRole counts them

} // namespace nabblet
