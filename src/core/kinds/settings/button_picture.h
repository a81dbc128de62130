// A picture on a button: a line drawing of the program's, or a picture of the builder's that is part of the form.
#pragma once

#include "core/model/control.h"

namespace nabblet {

// Where it stands: left of the words, above them, or without them.
enum class PictureSide { Before, Above, Alone };

PictureSide pictureSideOf(const Control &button);

namespace setting {

// The action whose drawing it shows, by its name; "own" for that of what the button does.
extern const ControlSetting<QString> Drawing;
extern const ControlSetting<PictureSide> Side;

} // namespace setting

} // namespace nabblet
