#include "app/work/filing.h"

#include "app/server/keyring.h"
#include "app/server/server_dialog.h"
#include "app/work/demonstration.h"
#include "app/work/form_names.h"
#include "app/work/hand_over_sheet.h"
#include "app/work/mail_dialog.h"
#include "app/work/own_address.h"
#include "app/work/project_names.h"
#include "app/work/used_lately.h"
#include "core/check/database_differences.h"
#include "core/draft/start_form.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/model/written_address.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "designer/new_form/new_form_dialog.h"
#include "entry/records/unsaved_record.h"
#include "entry/theme/ask.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>

namespace nabblet {

Filing::Filing(OpenWork *work, const Appearance *appearance, QWidget *window)
    : m_work(work), m_appearance(appearance), m_window(window)
{
}

// ---------------------------------------------------------------- opening

void Filing::openPath(const QString &path)
{
    if (!mayLetGo()) {
        return;
    }
    const bool isServer = readServerAddress(path).has_value();
    if (isServer || QFileInfo::exists(path)) {
        noteUsed(isServer ? writtenAddress(addressNamed(path)) : path); // without a password
        Q_EMIT usedChanged();
    }
    switch (kindOfPath(path)) {
    case PathKind::Project: {
        const QFileInfo info(path);
        const QString folder = info.isDir() ? path : info.absolutePath();
        if (const Result<Project> project = loadProject(folder)) {
            recallPassword(ownAddress(folder).value_or(project->database));
        }
        const Result<Workspace> workspace = openProjectFolder(folder);
        if (!workspace) {
            Q_EMIT failed(workspace.error());
            return;
        }
        m_work->open(withDatabaseFound(*workspace));
        if (m_work->workspace().connection && offerUnsaved()) {
            break;
        }
        const QStringList forms = formFiles(m_work->workspace().projectFolder);
        const QString start = m_work->workspace().project.startForm + QStringLiteral(".nabform");
        if (!forms.isEmpty()) {
            openForm(QDir(formsFolder(m_work->workspace().projectFolder))
                         .filePath(forms.contains(start) ? start : forms.first()));
        } else if (m_work->workspace().connection) {
            newForm();
        }
        break;
    }
    case PathKind::Form: {
        const Result<Workspace> workspace = openWorkspaceOfForm(path);
        if (workspace) {
            m_work->open(withDatabaseFound(*workspace));
        } else {
            m_work->open(Workspace()); // not the database of whatever was open before
            Q_EMIT failed(workspace.error());
        }
        openForm(path);
        break;
    }
    case PathKind::Database: {
        const DatabaseAddress address = addressNamed(path);
        recallPassword(address);
        const Result<Workspace> workspace = openDatabase(address);
        if (!workspace && isServer) {
            openServer(address, workspace.error().sentence);
            return;
        }
        if (!workspace) {
            Q_EMIT failed(workspace.error());
            return;
        }
        m_work->open(*workspace);
        if (!offerUnsaved()) {
            newForm();
        }
        break;
    }
    }
}

// A project whose database is not there: the person may say where it is now, and the project remembers it.
Workspace Filing::withDatabaseFound(Workspace workspace)
{
    while (!workspace.connection && !workspace.projectFolder.isEmpty()) {
        const int answer =
            ask({tr("Database"),
                 workspace.databaseError.sentence,
                 tr("Forms can be designed without it. Records can be seen and entered once it is there; "
                    "“Read the database again” in the File menu then takes it up."),
                 {tr("Choose the database…"), tr("Go on without it")},
                 0,
                 1},
                m_window);
        if (answer == 0 && !workspace.address.parts.contains(QStringLiteral("file"))) {
            ServerDialog dialog(workspace.address, workspace.databaseError.sentence, m_window,
                                ServerDialog::For::Project);
            if (dialog.exec() != QDialog::Accepted) {
                break;
            }
            const AddressKept where = dialog.isOnlyHere() ? AddressKept::OnThisComputer : AddressKept::InProject;
            if (const Outcome chosen = chooseDatabase(workspace, dialog.address(), where); !chosen) {
                Q_EMIT failed(chosen.error());
            }
            continue;
        }
        const QString file =
            answer == 0 ? QFileDialog::getOpenFileName(m_window, tr("The database of “%1”").arg(workspace.project.name),
                                                       workspace.projectFolder,
                                                       tr("Databases (*.db *.sqlite *.sqlite3);;All files (*)"))
                        : QString();
        if (file.isEmpty()) {
            break;
        }
        if (const Outcome chosen = chooseDatabase(workspace, addressNamed(file)); !chosen) {
            Q_EMIT failed(chosen.error());
        }
    }
    return workspace;
}

void Filing::openForm(const QString &path)
{
    const Result<Form> form = loadForm(path);
    if (!form) {
        Q_EMIT failed(form.error());
        return;
    }
    const QList<LeftWork> left = leftUnsaved(recoveryPath(path, addressKey(m_work->workspace().address)), &*form);
    m_work->take(*form, path, false);
    for (const LeftWork &work : left) {
        const int answer =
            ask({tr("Unsaved work"),
                 tr("“%1” was not saved when the program last ended.").arg(form->title),
                 tr("The unsaved work is here. Taking it up changes nothing on the disk; you can undo it "
                    "and save it as usual."),
                 {tr("Take it up"), tr("Let it go")},
                 0,
                 0},
                m_window);
        if (answer == 0) {
            m_work->recovery()->goOnIn(work.file);
            m_work->document()->apply(tr("Take up unsaved work"), work.form);
            break; // what else there is, is offered the next time
        }
        QFile::remove(work.file);
    }
    offerTypedRecord();
}

bool Filing::offerUnsaved()
{
    const QList<LeftWork> left = leftUnsaved(recoveryPath(QString(), addressKey(m_work->workspace().address)), nullptr);
    for (const LeftWork &work : left) {
        const int answer = ask({tr("Unsaved work"),
                                tr("The new form “%1” was not saved when the program last ended.").arg(work.form.title),
                                tr("The unsaved work is here."),
                                {tr("Take it up"), tr("Let it go")},
                                0,
                                0},
                               m_window);
        if (answer == 0) {
            m_work->take(work.form, QString(), true);
            m_work->recovery()->goOnIn(work.file);
            offerTypedRecord();
            return true;
        }
        QFile::remove(work.file);
    }
    return false;
}

// What was typed into a record and not saved when the program ended.
void Filing::offerTypedRecord()
{
    if (m_work->session() && offerTyped(m_work->session(), m_work->document()->path(), m_window)) {
        Q_EMIT entryWanted();
    }
}

void Filing::openOnServer()
{
    DatabaseAddress last;
    for (const QString &path : usedLately()) {
        if (const std::optional<WrittenAddress> server = readServerAddress(path); server && last.parts.isEmpty()) {
            last = server->address;
        }
    }
    openServer(last, QString());
}

void Filing::openServer(const DatabaseAddress &address, const QString &why)
{
    ServerDialog dialog(address, why, m_window);
    if (dialog.exec() == QDialog::Accepted) {
        openPath(writtenAddress(dialog.address()));
    }
}

// Where a database is, by a person: a file or a place on a server; nothing where the person went back.
std::optional<DatabaseAddress> Filing::askForDatabase(const QString &title)
{
    const int answer =
        ask({title, tr("Where is the database?"), {}, {tr("In a file…"), tr("On a server…"), tr("Cancel")}, 0, 2},
            m_window);
    if (answer == 1) {
        ServerDialog dialog({}, QString(), m_window);
        return dialog.exec() == QDialog::Accepted ? std::optional(dialog.address()) : std::nullopt;
    }
    const QString file = answer == 0
                             ? QFileDialog::getOpenFileName(m_window, title, m_work->workspace().projectFolder,
                                                            tr("Databases (*.db *.sqlite *.sqlite3);;All files (*)"))
                             : QString();
    return file.isEmpty() ? std::nullopt : std::optional(addressNamed(file));
}

void Filing::makeStartForm()
{
    const Workspace &workspace = m_work->workspace();
    const QString folder = workspace.projectFolder;
    if (folder.isEmpty() || !mayLetGo()) {
        return;
    }
    // The one that the project starts with, unless that has rows: then it is a form of its own beside it.
    QString name;
    QString path;
    std::optional<Form> before;
    for (int number = 0; name.isEmpty(); ++number) {
        const QString wanted = number == 0   ? workspace.project.startForm
                               : number == 1 ? QStringLiteral("start")
                                             : QStringLiteral("start_%1").arg(number);
        path = QDir(formsFolder(folder)).filePath(wanted + QStringLiteral(".nabform"));
        if (wanted.isEmpty()) {
            continue;
        }
        const bool isThere = QFile::exists(path);
        const Result<Form> stored = isThere ? loadForm(path) : Result<Form>(Form());
        if (!stored) {
            Q_EMIT failed(stored.error());
            return;
        }
        if (stored->rowsFrom.isEmpty()) {
            name = wanted;
            before = isThere ? std::optional(*stored) : std::nullopt;
        }
    }
    QList<FormToStart> forms;
    for (const QString &each : formNamesOf(folder)) {
        const Result<Form> form = loadForm(QDir(formsFolder(folder)).filePath(each + QStringLiteral(".nabform")));
        if (form) {
            forms.append({each, form->title, form->rowsFrom});
        }
    }
    const QString title = workspace.project.name.isEmpty() ? tr("Start") : workspace.project.name;
    const Form made = startForm(before, name, title, forms, workspace.catalogue,
                                before ? before->look : QStringLiteral("Harbour"), *m_appearance);
    if (const Outcome saved = saveForm(path, made); !saved) {
        Q_EMIT failed(saved.error());
        return;
    }
    if (const Outcome set = m_work->setStartForm(name); !set) {
        Q_EMIT failed(set.error());
    }
    openForm(path);
}

void Filing::handOverProject()
{
    if (!mayLetGo()) {
        return;
    }
    handOverBySheet(m_work->workspace(), m_window);
}

void Filing::setUpMail()
{
    const std::optional<MailSetup> mail = askForMail(m_work->workspace().project.mail, m_window);
    if (!mail) {
        return;
    }
    if (const Outcome done = m_work->setMail(*mail); !done) {
        complain(done.error(), m_window);
    }
}

void Filing::moveProject()
{
    const QString title = tr("Move the project to another database");
    const Workspace &workspace = m_work->workspace();
    if (workspace.projectFolder.isEmpty() || !mayLetGo()) {
        return;
    }
    const std::optional<DatabaseAddress> address = askForDatabase(title);
    if (!address) {
        return;
    }
    const Result<Workspace> other = openDatabase(*address);
    if (!other) {
        Q_EMIT failed(other.error());
        return;
    }
    // What is different there, form by form.
    constexpr int MostSaid = 12;
    QStringList differences;
    const auto reader = formReaderOf(workspace.projectFolder);
    for (const QString &name : formNamesOf(workspace.projectFolder)) {
        const Result<Form> form = reader(name);
        const QStringList own = form ? databaseDifferences(*form, workspace.catalogue, other->catalogue)
                                     : QStringList{form.error().sentence};
        for (const QString &sentence : own) {
            differences.append(QStringLiteral("%1: %2").arg(name, sentence));
        }
    }
    const qsizetype more = differences.size() - MostSaid;
    QString listed = differences.mid(0, MostSaid).join(u'\n');
    if (more > 0) {
        listed += u'\n' + tr("… and %1 more.").arg(more);
    }
    const bool isSame = differences.isEmpty();
    const int answer =
        ask({title,
             isSame ? tr("All forms work on %1 as they stand.").arg(addressWords(*address))
                    : counted(differences.size(),
                              tr("On %2, one thing is different for the forms. They are kept as they are."),
                              tr("On %2, %1 things are different for the forms. They are kept as they are."))
                          .replace(QLatin1String("%2"), addressWords(*address)),
             listed,
             {tr("Move the project"), tr("Cancel")},
             isSame ? 0 : 1,
             1},
            m_window);
    if (answer != 0) {
        return;
    }
    Workspace moved = workspace;
    if (const Outcome chosen = chooseDatabase(moved, *address); !chosen) {
        Q_EMIT failed(chosen.error());
        return;
    }
    const QString form = m_work->document() ? m_work->document()->path() : QString();
    m_work->open(moved);
    if (!form.isEmpty()) {
        openForm(form);
    }
    Q_EMIT said(tr("The project works on %1 now.").arg(addressWords(*address)));
}

void Filing::open()
{
    const QString path = QFileDialog::getOpenFileName(
        m_window, tr("Open"), m_work->workspace().projectFolder,
        tr("Projects, forms and databases (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;All files (*)"));
    if (!path.isEmpty()) {
        openPath(path);
    }
}

void Filing::newForm(const QString &table)
{
    if (!m_work->workspace().connection || !mayLetGo()) {
        return;
    }
    DraftOptions options;
    options.namingPattern = m_work->workspace().project.namingPattern;
    options.words = m_work->workspace().project.words;
    NewFormDialog dialog(*m_work->workspace().connection, m_work->workspace().catalogue, *m_appearance, options,
                         m_window);
    connect(m_work, &OpenWork::catalogueTaken, &dialog, &NewFormDialog::takeCatalogue);
    connect(&dialog, &NewFormDialog::linkMade, this, [this](const TableLink &link) {
        if (const Outcome kept = m_work->addLinks({link}); !kept) {
            Q_EMIT failed(kept.error());
        }
    });
    if (!table.isEmpty()) {
        dialog.choose(table);
    }
    if (dialog.exec() == QDialog::Accepted) {
        if (const Outcome kept = m_work->addLinks(dialog.takenLinks()); !kept) {
            Q_EMIT failed(kept.error());
        }
        if (dialog.forms().size() > 1) {
            saveNewForms(dialog.forms());
            return;
        }
        Form form = dialog.forms().value(0, dialog.form());
        form.name = NamePool(formNamesOf(m_work->workspace().projectFolder)).take(form.name);
        m_work->take(form, QString(), true);
    }
}

// By forms of the project, and by files beside which a new form comes to lie.
QStringList Filing::namesTaken(const QString &folder) const
{
    QStringList taken = formNamesOf(m_work->workspace().projectFolder);
    for (const QString &file : QDir(folder).entryList({QStringLiteral("*.nabform")}, QDir::Files)) {
        taken.append(QFileInfo(file).completeBaseName());
    }
    return taken;
}

// Several at once are saved at once, each under its own name; the first is opened.
void Filing::saveNewForms(const QList<Form> &forms)
{
    QString folder = m_work->folderForForms();
    if (folder.isEmpty()) {
        folder = QFileDialog::getExistingDirectory(m_window, tr("Folder for the %1 forms").arg(forms.size()),
                                                   QDir::homePath());
    }
    if (folder.isEmpty()) {
        // There is no place for them; one can be worked on all the same.
        m_work->take(forms.first(), QString(), true);
        Q_EMIT said(tr("Without a folder only the first form was made."));
        return;
    }
    if (!QDir().mkpath(folder)) {
        Q_EMIT failed({tr("The folder %1 cannot be made: no form was saved. The first one is open, not saved yet.")
                           .arg(QDir::toNativeSeparators(folder)),
                       {}});
        m_work->take(forms.first(), QString(), true);
        return;
    }
    NamePool names(namesTaken(folder));
    QStringList saved;
    for (Form form : forms) {
        form.name = names.take(form.name);
        const QString path = QDir(folder).filePath(form.name + QStringLiteral(".nabform"));
        if (const Outcome done = saveForm(path, form); !done) {
            Q_EMIT failed({tr("%1 of %2 forms are saved; “%3” could not be: %4")
                               .arg(saved.size())
                               .arg(forms.size())
                               .arg(form.title, done.error().sentence),
                           done.error().detail});
            break;
        }
        saved.append(path);
    }
    if (saved.isEmpty()) {
        m_work->take(forms.first(), QString(), true);
        return;
    }
    openForm(saved.first());
    const QString howMany = counted(saved.size(), tr("One form is"), tr("%1 forms are"));
    Q_EMIT said(tr("%1 saved in %2.", "so many forms").arg(howMany, QDir::toNativeSeparators(folder)));
}

void Filing::newFormFromTable(const QString &table, Arrangement arrangement)
{
    const Table *found = findTable(m_work->workspace().catalogue, table);
    if (!found) {
        Q_EMIT said(
            tr("%1 is no table of the database: the rows of this form come from a SELECT. Choose “New form…” for "
               "another form on it.")
                .arg(table.simplified()));
        return;
    }
    if (!mayLetGo()) {
        return;
    }
    DraftPlan plan = planDraft(*found, nullptr, m_work->workspace().project.words);
    plan.arrangement = arrangement;
    plan.namingPattern = m_work->workspace().project.namingPattern;
    Form form = draftForm(m_work->workspace().catalogue, *found, plan, nullptr, *m_appearance);
    form.name = NamePool(formNamesOf(m_work->workspace().projectFolder)).take(form.name);
    m_work->take(form, QString(), true);
}

void Filing::newBlankForm()
{
    if (mayLetGo()) {
        m_work->open(Workspace());
        m_work->take(blankForm(tr("Form"), QStringLiteral("Harbour"), *m_appearance), QString(), true);
    }
}

void Filing::openDemonstration()
{
    const Result<QString> folder = demonstrationFolder();
    if (folder) {
        openPath(*folder);
    } else {
        Q_EMIT failed(folder.error());
    }
}

// Asked for by a person: everything is read anew, whether or not something seems to have changed.
void Filing::readDatabaseAgain()
{
    if (!m_work->workspace().connection) {
        const QString form = m_work->document() ? m_work->document()->path() : QString();
        const Result<Workspace> again = openProjectFolder(m_work->workspace().projectFolder);
        if (again && mayLetGo()) {
            m_work->open(withDatabaseFound(*again));
            if (!form.isEmpty()) {
                openForm(form);
            }
        }
        return;
    }
    if (const Outcome read = m_work->readDatabaseAgain(); !read) {
        Q_EMIT failed(read.error());
        return;
    }
    if (m_work->session()) {
        m_work->session()->noticeChanges();
    }
    Q_EMIT said(tr("The database was read again."));
}

// ---------------------------------------------------------------- saving

bool Filing::save()
{
    if (!m_work->document()) {
        return false;
    }
    if (!m_work->document()->path().isEmpty()) {
        return saveTo(m_work->document()->path());
    }
    // A new form goes among the others of its project under its own name; only without one is there something to ask.
    const QString folder = m_work->folderForForms();
    if (folder.isEmpty() || m_work->document()->root().name.isEmpty() || !QDir().mkpath(folder)) {
        return saveAs();
    }
    const QString name = NamePool(namesTaken(folder)).take(m_work->document()->root().name);
    const QString path = QDir(folder).filePath(name + QStringLiteral(".nabform"));
    if (!saveTo(path)) {
        return false;
    }
    Q_EMIT said(tr("Saved as %1.").arg(QDir::toNativeSeparators(path)));
    return true;
}

bool Filing::saveAs()
{
    if (!m_work->document()) {
        return false;
    }
    const QString folder = m_work->folderForForms().isEmpty() ? QDir::homePath() : m_work->folderForForms();
    QDir().mkpath(folder);
    QFileDialog dialog(m_window, tr("Save form as"), folder, tr("Forms (*.nabform)"));
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QStringLiteral("nabform"));
    // A name that no other form of the project has.
    const QStringList taken = formNamesOf(m_work->workspace().projectFolder);
    const QString own = QFileInfo(m_work->document()->path()).completeBaseName();
    QString name = m_work->document()->root().name;
    if (name != own && taken.contains(name)) {
        name = NamePool(taken).take(name);
    }
    dialog.selectFile(name + QStringLiteral(".nabform"));
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) {
        return false;
    }
    return saveTo(dialog.selectedFiles().first());
}

bool Filing::saveTo(const QString &path)
{
    const OpenWork::Saved saved = m_work->saveTo(path);
    if (!saved.form) {
        Q_EMIT failed(saved.form.error());
        return false;
    }
    if (!saved.project) {
        Q_EMIT failed(saved.project.error());
    }
    const QString title = m_work->document()->form().title;
    Q_EMIT said(
        saved.madeProject
            ? tr("Saved “%1” and made the project %2.").arg(title, projectFilePath(m_work->workspace().projectFolder))
            : tr("Saved “%1”.").arg(title));
    Q_EMIT namesChanged();
    return true;
}

// The form's name is that of its file, by which buttons and subforms of other forms find it.
void Filing::renameForm()
{
    if (!m_work->document() || m_work->workspace().projectFolder.isEmpty() || m_work->document()->path().isEmpty()) {
        Q_EMIT said(tr("Save the form in its project first; then it can be renamed there."));
        return;
    }
    if (!mayLetGo()) {
        return;
    }
    const QString from = QFileInfo(m_work->document()->path()).completeBaseName();
    bool isTaken = false;
    const QString typed = QInputDialog::getText(m_window, tr("Rename the form"),
                                                tr("The name of the form; buttons and subforms that show it follow."),
                                                QLineEdit::Normal, from, &isTaken);
    const QString to = identifierFromText(typed);
    if (!isTaken || to.isEmpty() || to == from) {
        return;
    }
    const Result<QStringList> renamed = nabblet::renameForm(m_work->workspace().projectFolder, from, to);
    if (!renamed) {
        Q_EMIT failed(renamed.error());
        return;
    }
    if (!renamed->isEmpty()) {
        Q_EMIT failed({renamed->first(), renamed->join(u'\n')});
    }
    openForm(formsFolder(m_work->workspace().projectFolder) + u'/' + to + QStringLiteral(".nabform"));
    Q_EMIT said(tr("The form is called “%1” now, wherever the project names it.").arg(to));
}

bool Filing::mayLetGo()
{
    Q_EMIT asking();
    if (!m_work->document()) {
        return true;
    }
    if (m_work->session() && !mayLeaveRecord(m_work->session(), m_window)) {
        if (!m_work->session()->state().messages.isEmpty()) {
            Q_EMIT entryWanted(); // refused: the reasons stand beside the boxes
        }
        return false;
    }
    if (!m_work->document()->isChanged()) {
        return true;
    }
    const int answer = ask({tr("Form not saved"),
                            tr("Save the form “%1” before closing?").arg(m_work->document()->root().title),
                            m_work->document()->path().isEmpty() ? tr("It has not been saved yet.")
                                                                 : tr("Its file is as it was when it was last saved."),
                            {tr("Save"), tr("Let it go"), tr("Stay")},
                            0,
                            2},
                           m_window);
    if (answer == 1) {
        m_work->recovery()->forget();
        return true;
    }
    return answer == 0 && save();
}

} // namespace nabblet
