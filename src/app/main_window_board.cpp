// The form at hand on the board: what follows it, and the forms inside it.
#include "app/main_window.h"

#include "app/project_names.h"
#include "app/stored_values.h"
#include "app/top_bar.h"
#include "core/arrange/units.h"
#include "core/draft/draft.h"
#include "core/draft/fitted_width.h"
#include "core/edit/edits.h"
#include "core/file/project_file.h"
#include "core/kinds/settings/child_link.h"
#include "data/records/select_source.h"
#include "designer/board/board.h"
#include "designer/document/recovery.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/inner_form_bar.h"
#include "designer/panels/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "entry/records/record_recovery.h"
#include "entry/theme/theme.h"

#include <QApplication>
#include <QDir>
#include <QLayout>
#include <QSettings>
#include <QTimer>

namespace nabblet {

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
    m_palette->refreshMore();
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
    BoardHooks hooks;
    hooks.namingPattern = m_workspace.project.namingPattern;
    hooks.readForm = formReaderOf(m_workspace.projectFolder);
    hooks.makeFields = [this](const Form &form, const DraggedColumns &columns, const FieldTarget &target) {
        return addedFields(form, columns.table, columns.columns, target);
    };
    hooks.fillRows = [this](const Form &form, ControlId subform, const QString &table) {
        return withRowsThatBelong(form, subform, shownCatalogue(), m_workspace.project.namingPattern, *m_appearance,
                                  table);
    };
    m_board->setHooks(hooks);
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

} // namespace nabblet
