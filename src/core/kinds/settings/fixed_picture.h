// A picture that is part of the form, such as a logo.
#pragma once

#include "core/model/control.h"

#include <QByteArray>

namespace nabblet {

// The encoded picture; empty where the control shows a column.
QByteArray fixedImage(const Control &control);
void setFixedImage(Control &control, const QByteArray &image);

namespace setting {

extern const ControlSetting<QByteArray> Image;

} // namespace setting

} // namespace nabblet
