// Words that were written together parted again, by dictionaries and by the other names around.
#pragma once

#include <QSet>
#include <QString>
#include <QStringList>

#include <functional>

namespace nabblet {

// A language's words.
struct Speller
{
    QString language;                               // as "en"
    bool joins = false;                             // it writes words together itself, so that parting them reads worse
    std::function<bool(const QString &word)> knows; // of one word, in small letters
};

// What tells words apart.
struct Vocabulary
{
    std::function<bool(const QString &word)> knows; // a dictionary's; may be empty
    QSet<QString> near;                             // words that stand alone in other names, in small letters
};

// The words of one word that was written together, in small letters: "unitprice" → "unit", "price"; the word alone
// where it is one, or where parting it would be guessing.
QStringList partedWord(const QString &word, const Vocabulary &vocabulary);

} // namespace nabblet
