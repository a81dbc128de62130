// The drawings of the arrange commands: own line drawings on 16 × 16, one stroke weight.
#pragma once

#include <QColor>
#include <QIcon>
#include <QString>

namespace nabblet {

// The icon of a command, its lines in one colour and what is lined up in another; empty where there is none.
QIcon arrangeIcon(const QString &id, const QColor &line, const QColor &mark);

} // namespace nabblet
