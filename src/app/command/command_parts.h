// What the subcommands of the program share.
#pragma once

#include "app/work/workspace.h"
#include "core/result.h"
#include "entry/theme/appearance.h"

#include <QCommandLineParser>
#include <QCoreApplication>

#include <optional>

namespace nabblet {

// The words of the program's calls.
struct CommandLine
{
    Q_DECLARE_TR_FUNCTIONS(nabblet::CommandLine)
};

// Says why it could not be done on the error channel. Gives the exit code.
int fail(const Error &error);
// Says what was not understood in a call. Gives the exit code.
int misunderstood(const QString &sentence, const QString &command);

// Parses a subcommand's own arguments; an exit code when the call is answered already.
std::optional<int> parseCall(QCommandLineParser &parser, const QString &command, const QStringList &arguments,
                             int least, int most);

// Colours and fonts of the program's own windows, set for the application, and those of a form with that look.
Appearance usualAppearance(const QString &look, Theme theme, const LookBook &book = {});

// What a call names: one form, or all forms of a project, with the database that they are held against.
struct NamedForms
{
    Workspace workspace;
    QString folder;    // of the project; empty where there is none
    QStringList files; // of the forms
};
// path: a form, or a project's folder or file; database: another one than the project's, or empty. The error is also
// that of a database that cannot be opened.
Result<NamedForms> formsNamed(const QString &path, const QString &database);

} // namespace nabblet
