// One pattern of control names for all forms of a project.
#pragma once

#include <QStringList>

namespace nabblet {

struct Renamed
{
    int forms = 0;        // that were written anew
    QStringList failures; // sentences, one for each form that was not
};

// Names the controls of every form of a project anew and saves those that changed, but for the one with that path.
Renamed renameForms(const QString &projectFolder, const QString &pattern, const QString &exceptPath = {});

} // namespace nabblet
