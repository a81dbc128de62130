// What is open: a project or a bare database, with its connection and catalogue.
#pragma once

#include "core/file/project.h"
#include "core/looks/files/look_book.h"
#include "core/model/form.h"
#include "data/dialect/connection.h"
#include "entry/state/mail_sender.h"
#include "entry/state/shared_questions.h"

#include <functional>
#include <optional>

namespace nabblet {

struct Workspace
{
    QString projectFolder; // empty for a bare database
    Project project;
    DatabaseAddress address;
    std::optional<Connection> connection; // nothing when the database could not be opened
    Catalogue catalogue;
    Error databaseError; // why not
    LookBook looks;      // of the project
};

// Opens a project by its folder. The project opens even when its database does not; databaseError then says why.
Result<Workspace> openProjectFolder(const QString &folder);

// What a person names a database by: the path of a file, or the address of a server. A password in it is kept for as
// long as the program runs.
DatabaseAddress addressNamed(const QString &written);

// Opens a database by itself.
Result<Workspace> openDatabase(const DatabaseAddress &address);

// The same project on another database, for as long as the program runs.
Result<Workspace> openOnDatabase(const Workspace &workspace, const DatabaseAddress &address);

// Where an address is kept: by the project, for everybody; or for this person on this computer alone.
enum class AddressKept { InProject, OnThisComputer };
// Has a project work on that database from now on. The error says why not; the project is as it was.
Outcome chooseDatabase(Workspace &workspace, const DatabaseAddress &address,
                       AddressKept where = AddressKept::InProject);

// What a form file belongs to: its project, or with a database given that one, by its path or address. The error
// says that there is neither.
Result<Workspace> openWorkspaceOfForm(const QString &formPath, const QString &database = {});

// The project that saving a form makes where there is none yet: named after the database, in the folder of the form or,
// when that is called forms, the one above. An existing project file is left alone.
Outcome ensureProject(Workspace &workspace, const QString &formPath);

// The project's name for people, or the database file's name.
QString workspaceTitle(const Workspace &workspace);

// Reads the forms of a project by their names, for buttons that open them.
std::function<Result<Form>(const QString &)> formReaderOf(const QString &projectFolder);
// Saves the project of a workspace; the questions that others keep in it meanwhile stay.
Outcome saveProjectOf(const Workspace &workspace);
// The questions that a project keeps, read anew each time: another program or window may write them, too.
SharedQuestions sharedQuestionsOf(const QString &projectFolder);
// How its forms send messages: as the project file says when they do.
MailSender mailSenderOf(const QString &projectFolder);
// The form of a project that shows single records of a table, best the one that is called like it.
std::function<std::optional<Form>(const QString &table)> formFinderOf(const QString &projectFolder);

// The names of a project's forms.
QStringList formNamesOf(const QString &projectFolder);

enum class PathKind { Project, Form, Database };
// What a path on the command line is meant to be, by its name and kind.
PathKind kindOfPath(const QString &path);

} // namespace nabblet
