// The demonstration: an invented buoy depot, its database and its forms, for trying things out.
#pragma once

#include "core/result.h"

#include <QString>

namespace nabblet {

// A folder with the demonstration as a project: the one made before, else a new one in the person's own data. What was
// changed in it stays.
Result<QString> demonstrationFolder();

} // namespace nabblet
