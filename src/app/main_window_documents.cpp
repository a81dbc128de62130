// Opening, closing and saving what the window works on.
#include "app/main_window.h"

#include "app/demonstration.h"
#include "app/project_names.h"
#include "app/start_page.h"
#include "app/stored_values.h"
#include "core/draft/draft.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/text/caption_words.h"
#include "designer/board/board.h"
#include "designer/document/recovery.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/inner_form_bar.h"
#include "designer/panels/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "entry/records/record_recovery.h"
#include "entry/records/unsaved_record.h"
#include "entry/session/database_watch.h"
#include "entry/theme/ask.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QStackedWidget>

namespace nabblet {

// ---------------------------------------------------------------- opening

void MainWindow::openPath(const QString &path)
{
    if (!mayLetGo()) {
        return;
    }
    if (QFileInfo::exists(path)) {
        noteUsed(path);
        m_startPage->showUsed(usedLately());
    }
    switch (kindOfPath(path)) {
    case PathKind::Project: {
        const QFileInfo info(path);
        const Result<Workspace> workspace = openProjectFolder(info.isDir() ? path : info.absolutePath());
        if (!workspace) {
            complain(workspace.error());
            return;
        }
        openWorkspace(withDatabaseFound(*workspace));
        if (m_workspace.connection && offerUnsaved()) {
            break;
        }
        const QStringList forms = formFiles(m_workspace.projectFolder);
        const QString start = m_workspace.project.startForm + QStringLiteral(".nabform");
        if (!forms.isEmpty()) {
            openForm(
                QDir(formsFolder(m_workspace.projectFolder)).filePath(forms.contains(start) ? start : forms.first()));
        } else if (m_workspace.connection) {
            newForm();
        }
        break;
    }
    case PathKind::Form: {
        const Result<Workspace> workspace = openWorkspaceOfForm(path);
        if (workspace) {
            openWorkspace(withDatabaseFound(*workspace));
        } else {
            openWorkspace(Workspace()); // not the database of whatever was open before
            complain(workspace.error());
        }
        openForm(path);
        break;
    }
    case PathKind::Database: {
        const Result<Workspace> workspace = openDatabaseFile(path);
        if (!workspace) {
            complain(workspace.error());
            return;
        }
        openWorkspace(*workspace);
        if (!offerUnsaved()) {
            newForm();
        }
        break;
    }
    }
}

void MainWindow::openWorkspace(const Workspace &workspace)
{
    closeDocument();
    m_workspace = workspace;
    watchDatabase();
    m_catalogue->clearFilter();
    m_catalogue->setCatalogue(workspace.catalogue, addressTitle(workspace.address));
    m_catalogue->sayWhyEmpty(workspace.connection ? QString() : workspace.databaseError.sentence);
    m_pages->setCurrentWidget(m_startPage);
    refreshNames();
    refreshActions();
    refreshStatus();
}

// A project whose database is not there: the person may say where it is now, and the project remembers it.
Workspace MainWindow::withDatabaseFound(Workspace workspace)
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
                this);
        const QString file =
            answer == 0 ? QFileDialog::getOpenFileName(this, tr("The database of “%1”").arg(workspace.project.name),
                                                       workspace.projectFolder,
                                                       tr("Databases (*.db *.sqlite *.sqlite3);;All files (*)"))
                        : QString();
        if (file.isEmpty()) {
            break;
        }
        if (const Outcome chosen = chooseDatabase(workspace, file); !chosen) {
            complain(chosen.error());
        }
    }
    return workspace;
}

void MainWindow::openForm(const QString &path)
{
    const Result<Form> form = loadForm(path);
    if (!form) {
        complain(form.error());
        return;
    }
    const QList<LeftWork> left = leftUnsaved(recoveryPath(path, addressKey(m_workspace.address)), &*form);
    takeDocument(*form, path, false);
    for (const LeftWork &work : left) {
        const int answer =
            ask({tr("Unsaved work"),
                 tr("“%1” was not saved when the program last ended.").arg(form->title),
                 tr("The unsaved work is here. Taking it up changes nothing on the disk; you can undo it "
                    "and save it as usual."),
                 {tr("Take it up"), tr("Let it go")},
                 0,
                 0},
                this);
        if (answer == 0) {
            m_recovery->goOnIn(work.file);
            m_document->apply(tr("Take up unsaved work"), work.form);
            break; // what else there is, is offered the next time
        }
        QFile::remove(work.file);
    }
    offerTypedRecord();
}

bool MainWindow::offerUnsaved()
{
    const QList<LeftWork> left = leftUnsaved(recoveryPath(QString(), addressKey(m_workspace.address)), nullptr);
    for (const LeftWork &work : left) {
        const int answer = ask({tr("Unsaved work"),
                                tr("The new form “%1” was not saved when the program last ended.").arg(work.form.title),
                                tr("The unsaved work is here."),
                                {tr("Take it up"), tr("Let it go")},
                                0,
                                0},
                               this);
        if (answer == 0) {
            takeDocument(work.form, QString(), true);
            m_recovery->goOnIn(work.file);
            offerTypedRecord();
            return true;
        }
        QFile::remove(work.file);
    }
    return false;
}

// What was typed into a record and not saved when the program ended.
void MainWindow::offerTypedRecord()
{
    if (m_session && offerTyped(m_session.get(), m_document->path(), this)) {
        showEntry();
    }
}

void MainWindow::open()
{
    const QString path = QFileDialog::getOpenFileName(
        this, tr("Open"), m_workspace.projectFolder,
        tr("Projects, forms and databases (project.nabblet *.nabform *.db *.sqlite *.sqlite3);;All files (*)"));
    if (!path.isEmpty()) {
        openPath(path);
    }
}

void MainWindow::newForm(const QString &table)
{
    if (!m_workspace.connection || !mayLetGo()) {
        return;
    }
    DraftOptions options;
    options.namingPattern = m_workspace.project.namingPattern;
    options.words = m_workspace.project.words;
    NewFormDialog dialog(*m_workspace.connection, m_workspace.catalogue, *m_appearance, options, this);
    connect(this, &MainWindow::catalogueTaken, &dialog, &NewFormDialog::takeCatalogue);
    if (!table.isEmpty()) {
        dialog.choose(table);
    }
    if (dialog.exec() == QDialog::Accepted) {
        Form form = dialog.form();
        form.name = NamePool(formNamesOf(m_workspace.projectFolder)).take(form.name);
        takeDocument(form, QString(), true);
    }
}

void MainWindow::newFormFromTable(const QString &table, Arrangement arrangement)
{
    const Table *found = findTable(m_workspace.catalogue, table);
    if (!found) {
        say(tr("%1 is no table of the database: the rows of this form come from a SELECT. Choose “New form…” for "
               "another "
               "form on it.")
                .arg(table.simplified()));
        return;
    }
    if (!mayLetGo()) {
        return;
    }
    DraftPlan plan = planDraft(*found, nullptr, m_workspace.project.words);
    plan.arrangement = arrangement;
    plan.namingPattern = m_workspace.project.namingPattern;
    Form form = draftForm(m_workspace.catalogue, *found, plan, nullptr, *m_appearance);
    form.name = NamePool(formNamesOf(m_workspace.projectFolder)).take(form.name);
    takeDocument(form, QString(), true);
}

void MainWindow::newBlankForm()
{
    if (mayLetGo()) {
        openWorkspace(Workspace());
        takeDocument(blankForm(tr("Form"), QStringLiteral("Harbour"), *m_appearance), QString(), true);
    }
}

void MainWindow::openDemonstration()
{
    const Result<QString> folder = demonstrationFolder();
    if (folder) {
        openPath(*folder);
    } else {
        complain(folder.error());
    }
}

void MainWindow::closeDocument()
{
    m_arrange->setBoard(nullptr);
    m_outline->setBoard(nullptr);
    m_storedValues.reset();
    showHistory(false);
    showRowsTable(false);
    delete m_windowSizeStrip;
    delete m_innerBar;
    m_innerBar = nullptr;
    delete m_board;
    delete m_inspector;
    m_windowSizeStrip = nullptr;
    delete m_entryView;
    m_board = nullptr;
    m_inspector = nullptr;
    m_entryView = nullptr;
    m_typedRecovery.reset();
    m_session.reset();
    m_recovery.reset();
    m_document.reset();
}

// ---------------------------------------------------------------- what others do to the database

void MainWindow::watchDatabase()
{
    m_watch.reset();
    if (!m_workspace.connection) {
        return;
    }
    m_watch = std::make_unique<DatabaseWatch>(*m_workspace.connection);
    connect(m_watch.get(), &DatabaseWatch::catalogueChanged, this, &MainWindow::takeCatalogue);
    connect(m_watch.get(), &DatabaseWatch::dataChanged, this, [this] {
        if (m_session) {
            m_session->noticeChanges();
        }
    });
    connect(m_watch.get(), &DatabaseWatch::availabilityChanged, this, [this](const QString &sentence) {
        if (m_session) {
            m_session->availabilityChanged(sentence);
        }
        refreshStatus();
        say(sentence);
    });
}

// Tables, columns or links were changed: tree, board, inspector and Entry follow.
void MainWindow::takeCatalogue(const Catalogue &catalogue)
{
    m_workspace.catalogue = catalogue;
    if (m_session) {
        const Outcome taken = m_session->setCatalogue(catalogue);
        say(taken ? tr("The tables of the database were changed; what is shown follows.") : taken.error().sentence);
    }
    if (m_document) {
        refreshCatalogue();
        if (m_storedValues) {
            m_storedValues->lookAt(shownCatalogue(), m_document->form().rowsFrom);
        }
        if (m_board) {
            m_board->setSession(sessionInFocus());
        }
    } else {
        m_catalogue->setCatalogue(catalogue, addressTitle(m_workspace.address));
    }
    Q_EMIT catalogueTaken(catalogue);
}

// Asked for by a person: everything is read anew, whether or not something seems to have changed.
void MainWindow::readDatabaseAgain()
{
    if (!m_workspace.connection) {
        const QString form = m_document ? m_document->path() : QString();
        const Result<Workspace> again = openProjectFolder(m_workspace.projectFolder);
        if (again && mayLetGo()) {
            openWorkspace(withDatabaseFound(*again));
            if (!form.isEmpty()) {
                openForm(form);
            }
        }
        return;
    }
    const Result<Catalogue> catalogue = m_workspace.connection->readCatalogue();
    if (!catalogue) {
        complain(catalogue.error());
        return;
    }
    takeCatalogue(*catalogue);
    if (m_session) {
        m_session->noticeChanges();
    }
    say(tr("The database was read again."));
}

// ---------------------------------------------------------------- saving

bool MainWindow::save()
{
    if (!m_document) {
        return false;
    }
    if (!m_document->path().isEmpty()) {
        return saveTo(m_document->path());
    }
    // A new form goes among the others of its project under its own name; only without one is there something to ask.
    const QString folder = folderForForms();
    if (folder.isEmpty() || m_document->root().name.isEmpty() || !QDir().mkpath(folder)) {
        return saveAs();
    }
    QStringList taken = formNamesOf(m_workspace.projectFolder);
    for (const QString &file : QDir(folder).entryList({QStringLiteral("*.nabform")}, QDir::Files)) {
        taken.append(QFileInfo(file).completeBaseName());
    }
    const QString name = NamePool(taken).take(m_document->root().name);
    const QString path = QDir(folder).filePath(name + QStringLiteral(".nabform"));
    if (!saveTo(path)) {
        return false;
    }
    say(tr("Saved as %1.").arg(QDir::toNativeSeparators(path)));
    return true;
}

// Where the forms of the project are, or of the database's folder; empty without either.
QString MainWindow::folderForForms() const
{
    const QString file = m_workspace.address.part("file");
    return !m_workspace.projectFolder.isEmpty() ? formsFolder(m_workspace.projectFolder)
           : !file.isEmpty()                    ? QFileInfo(file).absoluteDir().filePath(QStringLiteral("forms"))
                                                : QString();
}

bool MainWindow::saveAs()
{
    if (!m_document) {
        return false;
    }
    const QString folder = folderForForms().isEmpty() ? QDir::homePath() : folderForForms();
    QDir().mkpath(folder);
    QFileDialog dialog(this, tr("Save form as"), folder, tr("Forms (*.nabform)"));
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QStringLiteral("nabform"));
    // A name that no other form of the project has.
    const QStringList taken = formNamesOf(m_workspace.projectFolder);
    const QString own = QFileInfo(m_document->path()).completeBaseName();
    QString name = m_document->root().name;
    if (name != own && taken.contains(name)) {
        name = NamePool(taken).take(name);
    }
    dialog.selectFile(name + QStringLiteral(".nabform"));
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) {
        return false;
    }
    return saveTo(dialog.selectedFiles().first());
}

bool MainWindow::saveTo(const QString &path)
{
    const Outcome saved = m_document->saveTo(path);
    if (!saved) {
        complain(saved.error());
        return false;
    }
    const bool hadProject = !m_workspace.projectFolder.isEmpty();
    const Outcome project = ensureProject(m_workspace, path);
    if (!project) {
        complain(project.error());
    }
    say(hadProject || !project ? tr("Saved “%1”.").arg(m_document->form().title)
                               : tr("Saved “%1” and made the project %2.")
                                     .arg(m_document->form().title, projectFilePath(m_workspace.projectFolder)));
    m_palette->refreshMore();
    refreshNames();
    return true;
}

// The form's name is that of its file, by which buttons and subforms of other forms find it.
void MainWindow::renameForm()
{
    if (!m_document || m_workspace.projectFolder.isEmpty() || m_document->path().isEmpty() || !mayLetGo()) {
        say(tr("Save the form in its project first; then it can be renamed there."));
        return;
    }
    const QString from = QFileInfo(m_document->path()).completeBaseName();
    bool isTaken = false;
    const QString typed = QInputDialog::getText(this, tr("Rename the form"),
                                                tr("The name of the form; buttons and subforms that show it follow."),
                                                QLineEdit::Normal, from, &isTaken);
    const QString to = identifierFromText(typed);
    if (!isTaken || to.isEmpty() || to == from) {
        return;
    }
    const Result<QStringList> renamed = nabblet::renameForm(m_workspace.projectFolder, from, to);
    if (!renamed) {
        complain(renamed.error());
        return;
    }
    if (!renamed->isEmpty()) {
        complain({renamed->first(), renamed->join(u'\n')});
    }
    openForm(formsFolder(m_workspace.projectFolder) + u'/' + to + QStringLiteral(".nabform"));
    say(tr("The form is called “%1” now, wherever the project names it.").arg(to));
}

bool MainWindow::mayLetGo()
{
    if (m_board && m_board->isAncestorOf(QApplication::focusWidget())) {
        m_board->setFocus(); // words that are still open on it count as typed
    }
    if (!m_document) {
        return true;
    }
    if (m_session && !mayLeaveRecord(m_session.get(), this)) {
        if (!m_session->state().messages.isEmpty()) {
            showEntry(); // refused: the reasons stand beside the boxes
        }
        return false;
    }
    if (!m_document->isChanged()) {
        return true;
    }
    const int answer = ask({tr("Form not saved"),
                            tr("Save the form “%1” before closing?").arg(m_document->root().title),
                            m_document->path().isEmpty() ? tr("It has not been saved yet.")
                                                         : tr("Its file is as it was when it was last saved."),
                            {tr("Save"), tr("Let it go"), tr("Stay")},
                            0,
                            2},
                           this);
    if (answer == 1) {
        m_recovery->forget();
        return true;
    }
    return answer == 0 && save();
}

void MainWindow::closeEvent(QCloseEvent *event)
{
    event->setAccepted(mayLetGo());
}

} // namespace nabblet
