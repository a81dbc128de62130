#include "app/command/command_parts.h"

#include "app/command/command_line.h"
#include "core/file/project_file.h"
#include "entry/theme/theme.h"

#include <QApplication>
#include <QDir>
#include <QFileInfo>
#include <QTextStream>

namespace nabblet {

int fail(const Error &error)
{
    QTextStream(stderr) << "nabblet: " << error.sentence << '\n';
    return ExitFailed;
}

int misunderstood(const QString &sentence, const QString &command)
{
    QTextStream(stderr) << "nabblet: " << sentence << '\n'
                        << CommandLine::tr("Try: nabblet %1--help").arg(command.isEmpty() ? QString() : command + u' ')
                        << '\n';
    return ExitUsage;
}

// Parses a subcommand's own arguments; an exit code when the call is answered already.
std::optional<int> parseCall(QCommandLineParser &parser, const QString &command, const QStringList &arguments,
                             int least, int most)
{
    const QCommandLineOption help({QStringLiteral("h"), QStringLiteral("help")}, CommandLine::tr("Shows this help."));
    parser.addOption(help);
    if (!parser.parse(arguments)) {
        return misunderstood(parser.errorText(), command);
    }
    if (parser.isSet(help)) {
        // Qt says how the whole program is called.
        QString text = parser.helpText();
        if (const QString called = QCoreApplication::arguments().value(0); !called.isEmpty()) {
            const QString wanted = command.isEmpty() ? QStringLiteral("nabblet") : QStringLiteral("nabblet ") + command;
            if (const qsizetype at = text.indexOf(called); at >= 0) {
                text.replace(at, called.size(), wanted);
            }
        }
        QTextStream(stdout) << text;
        return ExitDone;
    }
    const auto count = static_cast<int>(parser.positionalArguments().size());
    if (count < least || count > most) {
        return misunderstood(count < least ? CommandLine::tr("something is missing in the call")
                                           : CommandLine::tr("there is too much in the call"),
                             command);
    }
    return std::nullopt;
}

Appearance usualAppearance(const QString &look, Theme theme, const LookBook &book)
{
    QApplication::setFont(desktopFont());
    QApplication::setPalette(panelPalette(theme));
    qApp->setStyleSheet(panelStyle(theme));
    return {look, theme, QApplication::font(), book};
}

Result<NamedForms> formsNamed(const QString &path, const QString &database)
{
    const QString named = QDir::cleanPath(path);
    const bool isForm = kindOfPath(named) == PathKind::Form;
    const bool isProjectFile = named.endsWith(QLatin1String("project.nabblet"));
    NamedForms forms;
    forms.folder = isForm ? projectFolderOf(named) : isProjectFile ? QFileInfo(named).path() : named;
    Result<Workspace> workspace = isForm ? openWorkspaceOfForm(named, database) : openProjectFolder(forms.folder);
    if (workspace && !isForm && !database.isEmpty()) {
        workspace = openOnDatabase(*workspace, addressNamed(database));
    }
    if (!workspace) {
        return workspace.error();
    }
    if (!workspace->connection) {
        return workspace->databaseError;
    }
    forms.workspace = *workspace;
    if (isForm) {
        forms.files = {named};
        return forms;
    }
    for (const QString &name : formFiles(forms.folder)) {
        forms.files.append(formsFolder(forms.folder) + u'/' + name);
    }
    return forms;
}

} // namespace nabblet
