// Words that were meant where others were written.
#pragma once

#include <QString>
#include <QStringList>

namespace nabblet {

// How many letters have to be added, taken away or changed to make one of the other, capitals not told apart.
int lettersApart(const QString &a, const QString &b);
// The name nearest to a word; empty where there is none.
QString nearestName(const QString &word, const QStringList &names);

} // namespace nabblet
