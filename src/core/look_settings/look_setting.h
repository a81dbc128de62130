// A figure that a look sets for all that is painted in it, such as how round corners are. Colours and text styles go by
// role (core/model/look.h).
#pragma once

#include "core/model/look.h"

namespace nabblet {

struct LookSetting
{
    const char *name; // in a look
    int usual;        // where a look does not set it
    int least;
    int most;
};

// What a look sets, within the setting's limits.
int lookFigure(const Look &look, const LookSetting &setting);

} // namespace nabblet
