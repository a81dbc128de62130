// Where a column or a table is used in the forms of a project.
#pragma once

#include "core/draft/inner_forms.h"
#include "core/model/form.h"

#include <QDateTime>
#include <QHash>
#include <QList>
#include <QString>
#include <QStringList>

#include <optional>

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
// The buttons and subforms that show a form of the project, by its name.
QList<ProjectUse> usesOfForm(const QString &projectFolder, const Form &atHand, const QString &atHandName,
                             const QString &name);
// The controls that have a style of their own, style by style.
QList<ProjectUse> usesOfStyles(const QString &projectFolder, const Form &atHand, const QString &atHandName);

// A column called otherwise in the forms of a project but for the one at hand: how many were changed and saved, and
// sentences for those that could not be.
struct RenamedColumn
{
    int forms = 0;
    QStringList failures;
};
RenamedColumn renameColumnInForms(const QString &projectFolder, const QString &exceptName, const QString &table,
                                  const QString &from, const QString &to);

// Which forms of a project are opened by others. Files are read again only when they changed.
class OpenedForms
{
public:
    // That of the start and those that other forms open; nothing where the project begins with none of its own.
    std::optional<QStringList> of(const QString &projectFolder, const QString &startForm);

private:
    struct Read
    {
        QDateTime changed;
        QStringList opens;
    };
    QHash<QString, Read> m_read; // by path
};

} // namespace nabblet
