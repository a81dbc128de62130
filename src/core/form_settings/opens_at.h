// Where a form begins when it is opened.
#pragma once

#include "core/model/form.h"

namespace nabblet {

enum class OpeningRecord { First, Last, New };

namespace setting {

extern const ControlSetting<OpeningRecord> OpensAt;

} // namespace setting

OpeningRecord openingRecord(const Form &form);

} // namespace nabblet
