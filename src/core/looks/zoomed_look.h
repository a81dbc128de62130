// A look as a person has it who wants all of it larger or smaller.
#pragma once

#include "core/model/look.h"

namespace nabblet {

// percent: 100 is as it is. Type, paddings and corners in that measure; lines stay as heavy as they are.
Look zoomedLook(Look look, int percent);

} // namespace nabblet
