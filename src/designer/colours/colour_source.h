// The colours that people choose among: those of the look, those that the project uses, and those taken lately.
#pragma once

#include "core/looks/sides.h"

#include <QList>
#include <QString>

namespace nabblet {

struct ColourInUse
{
    Colour colour = 0;
    int count = 0; // how many controls, bands and styles have it
    QString words; // what it is, where it is one of the look's
};

struct ColourSource
{
    QList<ColourInUse> ofLook;
    QList<ColourInUse> inUse;
    QList<Colour> lately;
};

} // namespace nabblet
