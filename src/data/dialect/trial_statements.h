// What a statement begins with: where everything has to be taken back, not every statement may run.
#pragma once

#include <QSqlError>
#include <QString>

namespace nabblet {

// The first word of a statement in capitals, behind blanks and comments. Empty where there is none, and where a comment
// holds something for the server to do.
QString firstWordOf(const QString &sql);

// Of a statement that a trial cannot take back.
QSqlError cannotBeTakenBack(const QString &code);

} // namespace nabblet
