// Questions to the person, and complaints: plain sheets with worded answers.
#pragma once

#include "core/result.h"

#include <QStringList>

#include <optional>

class QWidget;

namespace nabblet {

struct AskedQuestion
{
    QString title;
    QString question;
    QString explanation;
    QStringList answers; // from the doing one to the harmless one
    int usual = 0;       // taken by Enter
    int harmless = 0;    // taken by Escape
};

// Asks and gives the index of the answer. The buttons are called answer0, answer1, …
int ask(const AskedQuestion &asked, QWidget *parent);

// Asks for a few words; nothing where the person went back. The line is called words.
std::optional<QString> askForWords(QWidget *parent, const QString &title, const QString &question,
                                   const QString &usual);

// Shows an error's sentence, with what the system said behind a button.
void complain(const Error &error, QWidget *parent);

} // namespace nabblet
