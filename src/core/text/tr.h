// Translated texts for code without QObject classes.
#pragma once

#include <QCoreApplication>
#include <QString>

namespace nabblet {

// Texts::tr("…") is a text in the language of the person, from any place that has no class with a context of its own.
struct Texts
{
    Q_DECLARE_TR_FUNCTIONS(Texts)

public:
    // Marks a text of a table that is made before the language is known; who shows it calls tr.
    static constexpr const char *later(const char *text) { return text; }
};

// A title as it is written within a sentence: "Long text" becomes "long text", where nouns have no capitals.
inline QString withinSentence(const QString &title)
{
    const bool isLower = Texts::tr("lower", "names within a sentence: lower or as they are") == QLatin1String("lower");
    return isLower ? title.toLower() : title;
}

// A count with its noun: "1 control", "3 controls". one and many are translated texts, many with %1 for the number.
// In languages that say "0 ligne", nothing goes with the word of one.
inline QString counted(qsizetype count, const QString &one, const QString &many)
{
    const bool isOneForNone = Texts::tr("many", "the words that 0 goes with: many or one") == QLatin1String("one");
    if (count == 0 && isOneForNone && one.startsWith(QLatin1String("1 "))) {
        return u'0' + one.mid(1);
    }
    return count == 1 ? one : many.arg(count);
}

} // namespace nabblet
