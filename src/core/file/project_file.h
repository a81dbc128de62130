// Projects as project.nabblet files, and where a project keeps its forms.
#pragma once

#include "core/file/project.h"
#include "core/result.h"

#include <QByteArray>
#include <QString>
#include <QStringList>

namespace nabblet {

QByteArray writeProject(const Project &project);
Result<Project> readProject(const QByteArray &text);

// From and to a folder; errors name the file.
Result<Project> loadProject(const QString &folder);
Outcome saveProject(const QString &folder, const Project &project);

QString projectFilePath(const QString &folder);
QString formsFolder(const QString &projectFolder);
// The names of the .nabform files of a project, sorted.
QStringList formFiles(const QString &projectFolder);

// The folder of the project that a form file belongs to: the nearest one upwards that holds a project.nabblet; empty
// where there is none.
QString projectFolderOf(const QString &formPath);

} // namespace nabblet
