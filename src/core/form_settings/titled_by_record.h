// What a form's window is titled by.
#pragma once

#include "core/model/form.h"

namespace nabblet {

// Whether the title of a form's window says which record it shows.
bool isTitledByRecord(const Form &form);

} // namespace nabblet
