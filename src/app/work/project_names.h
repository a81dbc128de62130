// One pattern of control names for all forms of a project.
#pragma once

#include "core/result.h"

#include <QStringList>

namespace nabblet {

struct Renamed
{
    int forms = 0;        // that were written anew
    QStringList failures; // sentences, one for each form that was not
};

// The forms of a project by their names and titles; one that cannot be read goes by its name.
struct TitledForm
{
    QString name;
    QString title;
    QString rowsFrom; // its table; empty for none, or a SELECT
};
QList<TitledForm> titledForms(const QString &projectFolder);

// Names the controls of every form of a project anew and saves those that changed, but for the one with that path.
Renamed renameForms(const QString &projectFolder, const QString &pattern, const QString &exceptPath = {});

// Gives a form of a project another name: its file, its own name, and every use of the name in the project's other
// forms and as the form that opens first. Gives the sentences of what could not be changed; the form is renamed all the
// same unless the first of them is the result's error.
Result<QStringList> renameForm(const QString &projectFolder, const QString &from, const QString &to);

} // namespace nabblet
