// Which colours a form has set by hand, and how often.
#pragma once

#include "core/looks/dressing/dress.h"

#include <QHash>

namespace nabblet {

// Of controls, bands, the form itself and the forms inside; dark sides that were chosen count as well.
QHash<Colour, int> coloursInUse(const Form &form);
QHash<Colour, int> coloursInUse(const Styles &styles);

} // namespace nabblet
