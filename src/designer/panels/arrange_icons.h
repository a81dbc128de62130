// The drawings of the arrange commands: own line drawings on 16 × 16, one stroke weight.
#pragma once

#include <QColor>
#include <QIcon>
#include <QString>

namespace nabblet {

struct IconColours
{
    QColor line;
    QColor mark; // of what is lined up, or of the aim
    QColor off;  // of both, where the command cannot be used
};

// The icon of a command, drawn when it is first seen; empty where there is none.
QIcon arrangeIcon(const QString &id, const IconColours &colours);

} // namespace nabblet
