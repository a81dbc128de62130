// Where Tab and Enter go on to behind the last box of a record.
#pragma once

#include "core/model/form.h"

namespace nabblet {

enum class BehindLast {
    Strip,      // what stands below the form: saving, going elsewhere
    FirstBox,   // of the same record
    NextRecord, // behind the last one a new one, where people may add some
    NewRecord,
};

namespace setting {

extern const ControlSetting<BehindLast> GoesOnTo;

} // namespace setting

BehindLast behindLast(const Form &form);

} // namespace nabblet
