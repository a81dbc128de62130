// The looks and styles that there are for the forms of a project: those of the program, and those of the project's
// folder looks/, which take the place of the program's where they have the same name.
#pragma once

#include "core/looks/dressing/dress.h"
#include "core/model/look.h"
#include "core/result.h"

#include <QStringList>

namespace nabblet {

struct LookBook
{
    QList<Look> looks;    // of the project
    Styles styles;        // of the project
    QStringList mistakes; // sentences about files that could not be read

    bool operator==(const LookBook &) const = default;
};

// What forms look like where nothing else is said.
const Look &usualLook();
// The looks that come with the program, the usual one first. All of them are read when they are first asked for.
const QList<Look> &looks();
// The styles that come with the program.
const Styles &readyStyles();

// All that there are, the program's first.
QList<Look> allLooks(const LookBook &book);
// All styles, those of the project in the place of the program's with the same name.
Styles allStyles(const LookBook &book);
// The look with that name, or the usual one.
const Look &lookNamed(const QString &name);
Look lookNamed(const LookBook &book, const QString &name);
bool isLook(const LookBook &book, const QString &name);

// The styles as a file of design tokens, and back.
QByteArray writeStyles(const Styles &styles);
Result<Styles> readStyles(const QByteArray &text);

// Reads the folder looks/ of a project. Files that cannot be read are said and left alone.
LookBook loadLookBook(const QString &projectFolder);
// Writes one look, or the styles, whole or not at all.
Outcome saveLook(const QString &projectFolder, const Look &look);
Outcome saveStyles(const QString &projectFolder, const Styles &styles);
Outcome removeLook(const QString &projectFolder, const QString &name);
QString looksFolder(const QString &projectFolder);

} // namespace nabblet
