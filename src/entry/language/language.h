// The language of the program's own words: that of the person's desktop, or the one that they chose. What is stored and
// how numbers and dates are written does not depend on it.
#pragma once

#include <QList>
#include <QString>
#include <QStringList>

class QCoreApplication;

namespace nabblet {

struct Language
{
    const char *code; // of ISO 639
    const char *name; // as those who speak it call it
};

// English first, in which the program is written; the others are translated whole.
const QList<Language> &languages();

// What the person chose, by its code; empty for that of the desktop.
QString chosenLanguage();
void setChosenLanguage(const QString &code);

// What the person wishes, the first before the others: the language chosen, then those of the desktop.
QStringList wishedLanguages();

// The first of the program's languages among wished ones, such as "de-AT"; English where there is none of them.
QString languageFor(const QStringList &wished);

// Has everything from now on said in the person's language; texts that are shown already stay as they are. Once, before
// the first window. Returns its code.
QString useLanguage(QCoreApplication &application);

} // namespace nabblet
