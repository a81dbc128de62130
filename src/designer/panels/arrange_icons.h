// The drawings of the arrange commands as icons.
#pragma once

#include "core/arrange/operations.h"

#include <QColor>
#include <QIcon>

namespace nabblet {

struct IconColours
{
    QColor line;
    QColor mark; // of what is lined up, or of the aim
    QColor off;  // of both, where the command cannot be used
};

// The icon of an operation, drawn when it is first seen; empty where there is none.
QIcon arrangeIcon(const ArrangeOperation &operation, const IconColours &colours);

} // namespace nabblet
