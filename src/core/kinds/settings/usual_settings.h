// The settings that most kinds have, so that each kind names only its own.
#pragma once

#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/sign_scale.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/settings/typing.h"

namespace nabblet {

// Of whatever shows a value that people may type or choose.
inline QList<const AnySetting *> valueSettings()
{
    return {&setting::Locked, &setting::Starts, &setting::StartsWorkedOut, &setting::Follows};
}

// Of a value that stands in a box on one line.
inline QList<const AnySetting *> lineSettings()
{
    return {&setting::Align, &setting::Before, &setting::After, &setting::SignScale};
}

} // namespace nabblet
