// What a total in a footer works out over the rows of its form.
#pragma once

#include "core/model/control.h"

namespace nabblet {

enum class TotalKind { Sum, Average, Least, Greatest, Count };
struct Total
{
    TotalKind kind = TotalKind::Sum;
    QString column; // empty for a count of rows
};
std::optional<Total> totalOf(const Control &control);
void setTotal(Control &control, const Total &total);

namespace setting {

extern const ControlSetting<Total> WorksOut;

} // namespace setting

} // namespace nabblet
