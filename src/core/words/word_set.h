// Sets of words, written as a line of them.
#pragma once

#include <QSet>
#include <QString>
#include <QStringList>

namespace nabblet {

// The words of a line in UTF-8, parted by blanks.
inline QSet<QString> wordSet(const char *words)
{
    const QStringList list = QString::fromUtf8(words).split(u' ', Qt::SkipEmptyParts);
    return {list.begin(), list.end()};
}

} // namespace nabblet
