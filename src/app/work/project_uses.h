// Where a column or a table is used in the forms of a project.
#pragma once

#include "core/draft/inner_forms.h"
#include "core/model/form.h"

#include <QList>
#include <QString>

namespace nabblet {

struct ProjectUse
{
    QString form;   // by its name; empty: the form at hand
    QString words;  // "Buoy register: the box “Name”"
    InnerPath path; // to the form inside that it is in
    ControlId control = 0;
};

// column: empty for all uses of the table. atHand: as it is now, with the name of its file, or empty.
QList<ProjectUse> usesOfColumn(const QString &projectFolder, const Form &atHand, const QString &atHandName,
                               const QString &table, const QString &column);
} // namespace nabblet
