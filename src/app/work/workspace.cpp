#include "app/work/workspace.h"

#include "app/server/keyring.h"
#include "app/work/own_address.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/model/written_address.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/dialect/passwords.h"
#include "data/profile/learn_catalogue.h"

#include <QDir>
#include <QFileInfo>
#include <QRegularExpression>

namespace nabblet {

namespace {

void connectDatabase(Workspace &workspace)
{
    Result<Connection> connection = Connection::open(workspace.address);
    if (!connection) {
        workspace.databaseError = connection.error();
        return;
    }
    Result<Catalogue> catalogue = learnCatalogue(*connection);
    if (!catalogue) {
        workspace.databaseError = catalogue.error();
        return;
    }
    workspace.connection = *connection;
    workspace.catalogue = asKnownTo(workspace.project, *catalogue);
}

} // namespace

Result<Workspace> openProjectFolder(const QString &folder)
{
    Result<Project> project = loadProject(folder);
    if (!project) {
        return project.error();
    }
    Workspace workspace;
    workspace.projectFolder = QDir(folder).absolutePath();
    workspace.project = *project;
    workspace.looks = loadLookBook(workspace.projectFolder);
    workspace.address = ownAddress(workspace.projectFolder).value_or(absoluteFrom(project->database, folder));
    connectDatabase(workspace);
    return workspace;
}

DatabaseAddress addressNamed(const QString &written)
{
    if (const std::optional<WrittenAddress> server = readServerAddress(written)) {
        if (!server->password.isEmpty()) {
            keepPassword(server->address, server->password);
        }
        return server->address;
    }
    static const QRegularExpression ofAnotherKind(QStringLiteral("^([a-z][a-z0-9+.-]*)://(.*)$"));
    if (const QRegularExpressionMatch match = ofAnotherKind.match(written); match.hasMatch()) {
        return {match.captured(1),
                {{QStringLiteral("database"), match.captured(2)}}}; // which is said when it is opened
    }
    return addressOfFile(QFileInfo(written).absoluteFilePath());
}

Result<Workspace> openOnDatabase(const Workspace &workspace, const DatabaseAddress &address)
{
    const Result<Workspace> other = openDatabase(address);
    if (!other) {
        return other;
    }
    Workspace changed = workspace;
    changed.address = other->address;
    changed.connection = other->connection;
    changed.catalogue = asKnownTo(workspace.project, other->catalogue);
    return changed;
}

Result<Workspace> openDatabase(const DatabaseAddress &address)
{
    Workspace workspace;
    workspace.address = address;
    connectDatabase(workspace);
    if (!workspace.connection) {
        return workspace.databaseError;
    }
    return workspace;
}

Outcome chooseDatabase(Workspace &workspace, const DatabaseAddress &address, AddressKept where)
{
    Result<Workspace> other = openDatabase(address);
    if (!other) {
        return other.error();
    }
    Project project = workspace.project;
    Outcome saved = Done{};
    if (where == AddressKept::OnThisComputer) {
        setOwnAddress(workspace.projectFolder, address);
    } else {
        project.database = relativeTo(other->address, workspace.projectFolder);
        saved = saveProject(workspace.projectFolder, project);
        if (saved) {
            setOwnAddress(workspace.projectFolder, std::nullopt);
        }
    }
    if (saved) {
        other->project = project;
        other->projectFolder = workspace.projectFolder;
        workspace = *other;
    }
    return saved;
}

Result<Workspace> openWorkspaceOfForm(const QString &formPath, const QString &database)
{
    if (!database.isEmpty()) {
        return openDatabase(addressNamed(database));
    }
    const QString folder = projectFolderOf(formPath);
    if (folder.isEmpty()) {
        return Error{
            Texts::tr(
                "%1 belongs to no project, so it is not known which database it works on. Put it into the forms folder "
                "of a project, or name the database with --database.")
                .arg(formPath),
            {}};
    }
    return openProjectFolder(folder);
}

Outcome ensureProject(Workspace &workspace, const QString &formPath)
{
    if (!workspace.projectFolder.isEmpty() && !projectFolderOf(formPath).isEmpty()) {
        return Done{};
    }
    const QString existing = projectFolderOf(formPath);
    if (!existing.isEmpty()) {
        workspace.projectFolder = existing;
        workspace.looks = loadLookBook(existing);
        const Result<Project> project = loadProject(existing);
        if (project) {
            const QList<TableLink> taken = workspace.project.links; // before there was a project to remember them
            workspace.project = *project;
            for (const TableLink &link : taken) {
                if (!workspace.project.links.contains(link)) {
                    workspace.project.links.append(link);
                }
            }
            if (workspace.project.links != project->links) {
                return saveProject(existing, workspace.project);
            }
        }
        return Done{};
    }
    QDir folder = QFileInfo(formPath).absoluteDir();
    if (folder.dirName() == QLatin1String("forms")) {
        folder.cdUp();
    }
    Project project = workspace.project;
    if (project.name.isEmpty()) {
        project.name = titleFromTable(QFileInfo(addressTitle(workspace.address)).completeBaseName());
    }
    project.database = relativeTo(workspace.address, folder.absolutePath());
    Outcome saved = saveProject(folder.absolutePath(), project);
    if (saved) {
        workspace.project = project;
        workspace.projectFolder = folder.absolutePath();
    }
    return saved;
}

QString workspaceTitle(const Workspace &workspace)
{
    if (!workspace.project.name.isEmpty()) {
        return workspace.project.name;
    }
    return addressTitle(workspace.address);
}

QStringList formNamesOf(const QString &projectFolder)
{
    QStringList names;
    const QStringList files = projectFolder.isEmpty() ? QStringList() : formFiles(projectFolder);
    for (const QString &file : files) {
        names.append(QFileInfo(file).completeBaseName());
    }
    return names;
}

std::function<Result<Form>(const QString &)> formReaderOf(const QString &projectFolder)
{
    return [projectFolder](const QString &name) -> Result<Form> {
        const QString file = name + QStringLiteral(".nabform");
        if (projectFolder.isEmpty() || !formFiles(projectFolder).contains(file)) {
            return Error{Texts::tr("The project has no form “%1”.").arg(name), {}};
        }
        return loadForm(formsFolder(projectFolder) + u'/' + file);
    };
}

Outcome saveProjectOf(const Workspace &workspace)
{
    Project project = workspace.project;
    if (const Result<Project> stored = loadProject(workspace.projectFolder)) {
        project.questions = stored->questions;
    }
    return saveProject(workspace.projectFolder, project);
}

SharedQuestions sharedQuestionsOf(const QString &projectFolder)
{
    if (projectFolder.isEmpty()) {
        return {};
    }
    return {[projectFolder] {
                const Result<Project> project = loadProject(projectFolder);
                return project ? project->questions : QList<KeptQuestion>();
            },
            [projectFolder](const QList<KeptQuestion> &questions) -> Outcome {
                Result<Project> project = loadProject(projectFolder);
                if (!project) {
                    return project.error();
                }
                project->questions = questions;
                return saveProject(projectFolder, *project);
            }};
}

MailSender mailSenderOf(const QString &projectFolder)
{
    if (projectFolder.isEmpty()) {
        return {};
    }
    return {[projectFolder] {
                const Result<Project> project = loadProject(projectFolder);
                return project ? project->mail : MailSetup();
            },
            projectFolder, mailPassword};
}

std::function<std::optional<Form>(const QString &)> formFinderOf(const QString &projectFolder)
{
    return [projectFolder](const QString &table) -> std::optional<Form> {
        std::optional<Form> found;
        for (const QString &name : projectFolder.isEmpty() ? QStringList() : formNamesOf(projectFolder)) {
            const Result<Form> form = loadForm(formsFolder(projectFolder) + u'/' + name + QStringLiteral(".nabform"));
            const bool isIt = form && form->rowsFrom == table && form->select.isEmpty() && !isTabular(*form);
            if (isIt && (!found || name.compare(table, Qt::CaseInsensitive) == 0)) {
                found = *form;
            }
        }
        return found;
    };
}

PathKind kindOfPath(const QString &path)
{
    const QFileInfo info(path);
    if (readServerAddress(path)) {
        return PathKind::Database;
    }
    if (info.isDir() || info.fileName() == QLatin1String("project.nabblet")) {
        return PathKind::Project;
    }
    return info.suffix() == QLatin1String("nabform") ? PathKind::Form : PathKind::Database;
}

} // namespace nabblet
