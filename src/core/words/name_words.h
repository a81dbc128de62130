// The words that a name is made of, as it is written.
#pragma once

#include <QString>
#include <QStringList>

namespace nabblet {

// The words as they are written, cut at underscores, spaces, dashes and dots, at the step from a small to a capital
// letter, and before figures that follow a word ("Address2" → "Address", "2"; not within "md5").
QStringList writtenWords(const QString &name);

// The same in small letters.
QStringList wordsOfName(const QString &name);

// A word in the singular as far as its spelling tells ("cities" → "city", "buoys" → "buoy"), so that the names of a
// table and of what points to it can be compared; in small letters.
QString singular(const QString &word);

// The words of a name, each in the singular.
QStringList singularWords(const QString &name);

// Whether a word is a short form that is read letter by letter, and so keeps its capitals ("vat").
bool isInitialism(const QString &word);

// A customary short form in full ("qty" → "quantity"); empty for other words. All in small letters.
QString spelledOut(const QString &word);

} // namespace nabblet
