// Opening, closing and saving what the window works on.
#include "app/main_window.h"

#include "app/demonstration.h"
#include "app/project_names.h"
#include "app/start_page.h"
#include "app/stored_values.h"
#include "app/top_bar.h"
#include "core/arrange/units.h"
#include "core/draft/draft.h"
#include "core/draft/fitted_width.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"
#include "data/records/select_source.h"
#include "designer/board/board.h"
#include "designer/document/recovery.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/rows_dialog.h"
#include "designer/panels/arrange_actions.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/inner_form_bar.h"
#include "designer/panels/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/rename_dialog.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "entry/records/record_recovery.h"
#include "entry/records/unsaved_record.h"
#include "entry/session/database_watch.h"
#include "entry/theme/ask.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QLayout>
#include <QSettings>
#include <QStackedWidget>
#include <QTimer>

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
        openWorkspace(*workspace);
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
            openWorkspace(*workspace);
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
    m_pages->setCurrentWidget(m_startPage);
    refreshNames();
    refreshActions();
    refreshStatus();
    if (!workspace.connection && !workspace.databaseError.sentence.isEmpty()) {
        complain(workspace.databaseError);
    }
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
    if (!found || !mayLetGo()) {
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

namespace {

// Does something once a widget has been painted for the first time: what the first picture does not need.
class AfterFirstPainting : public QObject
{
public:
    AfterFirstPainting(QWidget *painted, QObject *owner, std::function<void()> act)
        : QObject(owner), m_act(std::move(act))
    {
        painted->installEventFilter(this);
    }

protected:
    bool eventFilter(QObject *painted, QEvent *event) override
    {
        if (event->type() == QEvent::Paint) {
            painted->removeEventFilter(this);
            QTimer::singleShot(0, this, [this] { m_act(); });
        }
        return false;
    }

private:
    std::function<void()> m_act;
};

void afterFirstPainting(QWidget *painted, QObject *owner, std::function<void()> act)
{
    new AfterFirstPainting(painted, owner, std::move(act));
}

// Whether something of a form reads other columns, or is looked up otherwise, than before.
bool readsOtherwise(const Form &before, const Form &after)
{
    if (before.controls.size() != after.controls.size()) {
        return true;
    }
    for (int i = 0; i < after.controls.size(); ++i) {
        if (before.controls.sharesWith(after.controls, i)) {
            continue;
        }
        const Control &old = before.controls.at(i);
        const Control &now = after.controls.at(i);
        if (old.kind != now.kind || old.column != now.column || old.settings != now.settings ||
            !(old.inner == now.inner)) {
            return true;
        }
    }
    return false;
}

} // namespace

// The session of the rows of the form at hand.
EntrySession *MainWindow::sessionInFocus()
{
    EntrySession *session = m_session.get();
    for (const ControlId id : m_document->focus()) {
        if (id == RowFormStep) {
            session = session ? session->row() : nullptr;
            continue;
        }
        const Control *control = session ? session->form().controls.find(id) : nullptr;
        session = control ? session->children().of(*control) : nullptr;
    }
    return session;
}

// Goes into the form of a control; one with a file of its own is opened from there.
void MainWindow::enterInnerForm(ControlId id)
{
    if (m_document && id == RowFormStep) {
        if (!m_document->form().rowForm) {
            say(tr("This form shows no row in full; choose where among the form's settings."));
            return;
        }
        m_document->setFocus(m_document->focus() + InnerPath{RowFormStep});
        return;
    }
    const Control *control = m_document ? m_document->form().controls.find(id) : nullptr;
    if (!control || !control->inner) {
        say(tr("There is no form inside to go into; select a subform with rows."));
        return;
    }
    const bool hasFileOfItsOwn = control->kind == QLatin1String("subform") && !projectFormOf(*control).isEmpty();
    if (hasFileOfItsOwn) {
        const QString path =
            QDir(formsFolder(m_workspace.projectFolder)).filePath(projectFormOf(*control) + QStringLiteral(".nabform"));
        if (mayLetGo()) {
            openForm(path);
        }
        return;
    }
    m_document->setFocus(m_document->focus() + InnerPath{id});
}

void MainWindow::leaveInnerForm()
{
    if (m_document && !m_document->focus().isEmpty()) {
        const ControlId from = m_document->focus().last();
        m_document->setFocus(m_document->focus().mid(0, m_document->focus().size() - 1));
        if (from != RowFormStep) {
            m_board->select({from});
        }
        m_board->setFocus();
    }
}

// Another form came to hand: the board shows its rows.
void MainWindow::followFocus()
{
    if (m_session && !m_document->root().rowsFrom.isEmpty()) {
        if (const Outcome taken = m_session->setForm(m_document->root()); !taken) {
            say(taken.error().sentence);
        }
    }
    m_board->setSession(sessionInFocus());
    QStringList titles{m_document->root().title};
    InnerPath way;
    for (const ControlId id : m_document->focus()) {
        way.append(id);
        titles.append(innerAt(m_document->root(), way)->title);
    }
    m_innerBar->showTitles(titles);
    QStringList filled;
    if (!m_document->focus().isEmpty()) {
        const ControlId last = m_document->focus().last();
        const Form *outer = innerAt(m_document->root(), m_document->focus().mid(0, m_document->focus().size() - 1));
        const Control *control = outer ? outer->controls.find(last) : nullptr;
        filled = control ? childLinkOf(*control).childColumns : QStringList();
    }
    m_catalogue->setFilledColumns(filled);
}

void MainWindow::takeDocument(const Form &form, const QString &path, bool isNew)
{
    closeDocument();
    *m_appearance = Appearance(lookNamed(form.look), theme(), QApplication::font());
    m_document = std::make_unique<FormDocument>(form, path);
    if (isNew) {
        m_document->markUnsaved();
    }
    m_recovery = std::make_unique<Recovery>(m_document.get(), addressKey(m_workspace.address));
    connect(m_recovery.get(), &Recovery::failed, this, [this](const Error &error) { say(error.sentence); });
    if (m_workspace.connection) {
        m_session = std::make_unique<EntrySession>(*m_workspace.connection, m_workspace.catalogue, form);
        m_session->setFormReader(formReaderOf(m_workspace.projectFolder));
        m_typedRecovery = std::make_unique<RecordRecovery>(m_session.get(), path);
        connect(m_session.get(), &EntrySession::said, this, &MainWindow::say);
        connect(m_session.get(), &EntrySession::recordChanged, this, &MainWindow::refreshRecord);
        connect(m_session.get(), &EntrySession::positionChanged, this, &MainWindow::refreshRecord);
        connect(m_session.get(), &EntrySession::pendingChanged, this, &MainWindow::refreshRecord);
        const Outcome started = form.rowsFrom.isEmpty() ? Outcome(Done{}) : m_session->start();
        if (!started) {
            complain(started.error());
        }
    }
    m_board = new Board(m_document.get(), m_session.get(), *m_appearance, m_boardFrame);
    m_inspector = new Inspector(m_document.get(), m_appearance.get(), m_inspectorFrame);
    m_windowSizeStrip = new WindowSizeStrip(m_board);
    m_innerBar = new InnerFormBar;
    m_boardFrame->layout()->addWidget(m_innerBar);
    m_boardFrame->layout()->addWidget(m_board);
    connect(m_innerBar, &InnerFormBar::backRequested, this, &MainWindow::leaveInnerForm);
    connect(m_board, &Board::innerFormRequested, this, &MainWindow::enterInnerForm, Qt::QueuedConnection);
    connect(m_document.get(), &FormDocument::focusChanged, this, &MainWindow::followFocus);
    m_boardFrame->layout()->addWidget(m_windowSizeStrip);
    showWindowSizes(QSettings().value(QStringLiteral("windowSizes")).toBool());
    m_inspectorFrame->layout()->addWidget(m_inspector);
    prepareBoard();
    connect(m_board, &Board::rowsRequested, this, &MainWindow::changeRows, Qt::QueuedConnection);
    connect(m_inspector, &Inspector::rowsRequested, this, &MainWindow::changeRows, Qt::QueuedConnection);
    connect(m_board, &Board::selectionChanged, this, [this] {
        m_inspector->show(m_board->selection());
        refreshActions();
        refreshStatus();
    });
    connect(m_document.get(), &FormDocument::formChanged, this, [this](const Form &before, const Form &after) {
        const bool hasOtherColumns = before.boundColumns != after.boundColumns || before.rowsFrom != after.rowsFrom ||
                                     before.select != after.select;
        if ((hasOtherColumns || readsOtherwise(before, after)) && m_session && !m_document->root().rowsFrom.isEmpty()) {
            const Outcome changed = m_session->setForm(m_document->root());
            if (!changed) {
                say(changed.error().sentence);
            }
            m_board->setSession(sessionInFocus());
        }
        if (before.rowsFrom.isEmpty() && !after.rowsFrom.isEmpty()) {
            m_sidePanels->showPanel(m_catalogue); // its columns are what is wanted next
        }
        if (before.select != after.select) {
            refreshCatalogue();
        }
        if (m_storedValues && (before.rowsFrom != after.rowsFrom || before.select != after.select)) {
            m_storedValues->lookAt(shownCatalogue(), after.rowsFrom);
        }
        m_catalogue->setForm(after);
        refreshNames();
        refreshStatus();
    });
    connect(m_document.get(), &FormDocument::changedChanged, this, &MainWindow::refreshNames);
    QUndoStack *steps = m_document->steps();
    connect(steps, &QUndoStack::canUndoChanged, this, &MainWindow::refreshActions);
    connect(steps, &QUndoStack::canRedoChanged, this, &MainWindow::refreshActions);
    connect(steps, &QUndoStack::indexChanged, this, &MainWindow::refreshActions);
    refreshCatalogue();
    // A form without rows is made of controls, one with rows of columns.
    m_sidePanels->showPanel(form.rowsFrom.isEmpty() ? static_cast<Panel *>(m_palette) : m_catalogue);
    showDesign();
    refreshNames();
    refreshRecord();
}

void MainWindow::showValues(BoardValues values)
{
    m_board->setValues(values);
    m_bar->setValues(values);
    if (values == BoardValues::Longest && m_storedValues && m_storedValues->profile().table.isEmpty()) {
        say(tr("The stored values are still being looked through; the longest come as soon as they are known."));
    }
}

// What the board needs to know of the project and the database, and who follows it.
void MainWindow::prepareBoard()
{
    m_arrange->setBoard(m_board);
    m_outline->setBoard(m_board);
    m_board->setNamingPattern(m_workspace.project.namingPattern);
    m_board->setFormReader(formReaderOf(m_workspace.projectFolder));
    m_board->setUnit(m_unit);
    m_inspector->setUnit(m_unit);
    m_inspector->setCatalogue(&shownCatalogue(), m_workspace.project.namingPattern);
    m_inspector->setForms(formNamesOf(m_workspace.projectFolder), formReaderOf(m_workspace.projectFolder));
    if (m_workspace.connection) {
        m_inspector->setSelectReader([this](const QString &select) -> Result<QStringList> {
            const Result<Table> table =
                describeSelect(*m_workspace.connection, m_workspace.catalogue, QStringLiteral("choices"), select);
            return table ? Result<QStringList>(columnNames(*table)) : table.error();
        });
    }
    m_bar->setValues(BoardValues::Record);
    m_board->setFieldMaker([this](const Form &form, const DraggedColumns &columns, const FieldTarget &target) {
        return addedFields(form, columns.table, columns.columns, target);
    });
    m_board->setPlacedFiller([this](const Form &form, ControlId subform) {
        return withRowsThatBelong(form, subform, shownCatalogue(), m_workspace.project.namingPattern, *m_appearance);
    });
    m_board->setTableFiller([this](const Form &form, ControlId subform, const QString &table) {
        return withRowsThatBelong(form, subform, shownCatalogue(), m_workspace.project.namingPattern, *m_appearance,
                                  table);
    });
    connect(m_board, &Board::said, this, &MainWindow::say);
    connect(m_board, &Board::zoomChanged, this, &MainWindow::refreshStatus);
    connect(m_board, &Board::modesChanged, this, &MainWindow::refreshActions);
    connect(m_board, &Board::menuRequested, this, &MainWindow::showBoardMenu);
    if (!m_workspace.connection) {
        return;
    }
    m_storedValues = std::make_unique<StoredValues>(m_workspace.address);
    afterFirstPainting(m_board->viewport(), m_storedValues.get(),
                       [this] { m_storedValues->lookAt(shownCatalogue(), m_document->form().rowsFrom); });
    connect(m_storedValues.get(), &StoredValues::known, this, [this] {
        m_board->setLongestWords(longestWords(m_storedValues->profile(), *m_appearance));
        m_arrange->refresh();
    });
    m_arrange->setBoxWidth([this](const Control &control, double share) {
        const Table *table = findTable(shownCatalogue(), m_document->form().rowsFrom);
        return table && m_storedValues && m_storedValues->profile().table == table->name
                   ? fittedWidth(shownCatalogue(), *table, m_storedValues->profile(), control, share, *m_appearance)
                   : 0;
    });
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
