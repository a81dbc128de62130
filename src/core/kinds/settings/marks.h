// Where a value stands in its box, and what stands before and behind it.
#pragma once

#include "core/model/control.h"

namespace nabblet {

enum class TextAlign { Left, Centre, Right };

// As the builder said, or as is usual for the kind.
TextAlign alignOf(const Control &control, TextAlign usual);

// A unit or a currency before or after the value. It stands in a part of the box of its own.
QString markBefore(const Control &control);
QString markAfter(const Control &control);
// The width of that part, px; 0 without a mark. By the count of letters, as a picture measures no text.
int markBeforeWidth(const Control &control);
int markAfterWidth(const Control &control);

namespace setting {

extern const ControlSetting<TextAlign> Align;
extern const ControlSetting<QString> Before;
extern const ControlSetting<QString> After;

} // namespace setting

} // namespace nabblet
