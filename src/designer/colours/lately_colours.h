// The colours that this person took last, in whatever form.
#pragma once

#include "core/model/look.h"

#include <QList>

namespace nabblet {

QList<Colour> coloursTakenLately(); // the last one first
void noteColourTaken(Colour colour);

} // namespace nabblet
