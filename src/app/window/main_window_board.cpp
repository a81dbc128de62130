// The form at hand on the board: what follows it, and the forms inside it.
#include "app/window/main_window.h"

#include "app/window/menus.h"

#include "app/parts/start_page.h"
#include "app/parts/top_bar.h"
#include "app/parts/trial_page.h"
#include "app/work/findings_view.h"
#include "app/work/project_names.h"
#include "app/work/stored_values.h"
#include "core/arrange/units.h"
#include "core/draft/draft.h"
#include "core/draft/fitted_width.h"
#include "core/edit/edits.h"
#include "core/file/project_file.h"
#include "core/kinds/settings/child_link.h"
#include "data/records/select_source.h"
#include "designer/board/board.h"
#include "designer/findings/findings_panel.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/inner_form_bar.h"
#include "designer/panels/outline/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "entry/theme/after_picture.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QDir>
#include <QLayout>
#include <QSettings>
#include <QStackedWidget>
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
    if (before.controls.size() != after.controls.size() || before.rules != after.rules) {
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

// Goes into the form of a control; one with a file of its own is opened from there.
void MainWindow::enterInnerForm(ControlId id)
{
    if (m_work->document() && id == RowFormStep) {
        if (!m_work->document()->form().rowForm) {
            say(tr("This form shows no row in full; choose where among the form's settings."));
            return;
        }
        m_work->document()->setFocus(m_work->document()->focus() + InnerPath{RowFormStep});
        return;
    }
    const Control *control = m_work->document() ? m_work->document()->form().controls.find(id) : nullptr;
    if (!control || !control->inner) {
        say(tr("There is no form inside to go into; select a subform with rows."));
        return;
    }
    const bool hasFileOfItsOwn = control->kind == QLatin1String("subform") && !projectFormOf(*control).isEmpty();
    if (hasFileOfItsOwn) {
        const QString path = QDir(formsFolder(m_work->workspace().projectFolder))
                                 .filePath(projectFormOf(*control) + QStringLiteral(".nabform"));
        if (m_filing->mayLetGo()) {
            m_filing->openForm(path);
        }
        return;
    }
    m_work->document()->setFocus(m_work->document()->focus() + InnerPath{id});
}

void MainWindow::leaveInnerForm()
{
    if (m_work->document() && !m_work->document()->focus().isEmpty()) {
        const ControlId from = m_work->document()->focus().last();
        m_work->document()->setFocus(m_work->document()->focus().mid(0, m_work->document()->focus().size() - 1));
        if (from != RowFormStep) {
            m_board->select({from});
        }
        m_board->setFocus();
    }
}

// Another form came to hand: the board shows its rows.
void MainWindow::followFocus()
{
    if (const Outcome taken = m_work->followForm(); !taken) {
        say(taken.error().sentence);
    }
    m_board->setSession(m_work->sessionInFocus());
    QStringList titles{m_work->document()->root().title};
    InnerPath way;
    for (const ControlId id : m_work->document()->focus()) {
        way.append(id);
        titles.append(innerAt(m_work->document()->root(), way)->title);
    }
    m_innerBar->showTitles(titles);
    QStringList filled;
    if (!m_work->document()->focus().isEmpty()) {
        const ControlId last = m_work->document()->focus().last();
        const Form *outer = innerAt(m_work->document()->root(),
                                    m_work->document()->focus().mid(0, m_work->document()->focus().size() - 1));
        const Control *control = outer ? outer->controls.find(last) : nullptr;
        filled = control ? childLinkOf(*control).childColumns : QStringList();
    }
    m_catalogue->setFilledColumns(filled);
}

// Another form is at hand: a board of its own shows it.
void MainWindow::showDocument()
{
    const Form &form = m_work->document()->root();
    const LookBook &book = m_work->workspace().looks;
    if (!isLook(book, form.look)) {
        say(tr("There is no look “%1” here; “%2” stands in for it.").arg(form.look, lookNamed(book, form.look).name));
    } else if (!book.mistakes.isEmpty()) {
        say(book.mistakes.first());
    }
    *m_appearance = Appearance(form.look, theme(), QApplication::font(), m_work->workspace().looks);
    m_board = new Board(m_work->document(), m_work->session(), *m_appearance, m_boardFrame);
    m_inspector = new Inspector(m_work->document(), m_appearance.get(), m_inspectorFrame, Inspector::Fills::WhenTold);
    afterFirstPicture(m_board->viewport(), m_inspector, [inspector = m_inspector] { inspector->fill(); });
    m_windowSizeStrip = new WindowSizeStrip(m_board);
    m_innerBar = new InnerFormBar;
    m_boardFrame->layout()->addWidget(m_innerBar);
    m_boardFrame->layout()->addWidget(m_board);
    connect(m_innerBar, &InnerFormBar::backRequested, this, &MainWindow::leaveInnerForm);
    connect(m_board, &Board::innerFormRequested, this, &MainWindow::enterInnerForm, Qt::QueuedConnection);
    connect(m_work->document(), &FormDocument::focusChanged, this, &MainWindow::followFocus);
    m_boardFrame->layout()->addWidget(m_windowSizeStrip);
    showWindowSizes(QSettings().value(QStringLiteral("windowSizes")).toBool());
    m_inspectorFrame->layout()->addWidget(m_inspector);
    prepareBoard();
    connect(m_board, &Board::rowsRequested, this, &MainWindow::changeRows, Qt::QueuedConnection);
    connect(m_inspector, &Inspector::previewed, m_board, &Board::preview);
    connect(m_inspector, &Inspector::previewEnded, m_board, &Board::endPreview);
    connect(m_inspector, &Inspector::rowsRequested, this, &MainWindow::changeRows, Qt::QueuedConnection);
    connect(m_board, &Board::selectionChanged, this, [this] {
        m_inspector->show(m_board->selection());
        refreshActions();
        refreshStatus();
    });
    connect(m_work->document(), &FormDocument::formChanged, this, [this](const Form &before, const Form &after) {
        const bool hasOtherColumns = before.boundColumns != after.boundColumns || before.rowsFrom != after.rowsFrom ||
                                     before.select != after.select;
        if (before.rowsFrom != after.rowsFrom) { // buttons are matched by other links
            m_palette->refreshMore();
        }
        const bool hasRows = m_work->session() && !m_work->document()->root().rowsFrom.isEmpty();
        if ((hasOtherColumns || readsOtherwise(before, after)) && hasRows) {
            if (const Outcome changed = m_work->followForm(); !changed) {
                say(changed.error().sentence);
            }
            m_board->setSession(m_work->sessionInFocus());
        }
        if (m_appearance->lookName() != lookNamed(m_work->workspace().looks, m_work->document()->root().look).name) {
            Q_EMIT m_work->looksChanged(); // another one is taken, or taken back
        }
        if (before.rowsFrom.isEmpty() && !after.rowsFrom.isEmpty()) {
            m_sidePanels->showPanel(m_catalogue); // its columns are what is wanted next
        }
        if (before.select != after.select) {
            refreshCatalogue();
        }
        if (m_storedValues && (before.rowsFrom != after.rowsFrom || before.select != after.select)) {
            m_storedValues->lookAt(m_work->shownCatalogue(), after.rowsFrom);
        }
        m_catalogue->setForm(after);
        refreshNames();
        refreshStatus();
    });
    connect(m_work->document(), &FormDocument::changedChanged, this, &MainWindow::refreshNames);
    QUndoStack *steps = m_work->document()->steps();
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
    hooks.namingPattern = m_work->workspace().project.namingPattern;
    hooks.readForm = formReaderOf(m_work->workspace().projectFolder);
    hooks.makeFields = [this](const Form &form, const DraggedColumns &columns, const FieldTarget &target) {
        return addedFields(form, columns.table, columns.columns, target);
    };
    hooks.fillRows = [this](const Form &form, ControlId subform, const QString &table) {
        return withRowsThatBelong(form, subform, m_work->shownCatalogue(), m_work->workspace().project.namingPattern,
                                  *m_appearance, table);
    };
    m_board->setHooks(hooks);
    m_board->setUnit(m_unit);
    m_inspector->setUnit(m_unit);
    m_inspector->setCatalogue(&m_work->shownCatalogue(), m_work->workspace().project.namingPattern);
    tellInspectorForms();
    if (m_work->workspace().connection) {
        m_inspector->setSelectReader([this](const QString &select) -> Result<QStringList> {
            const Result<Table> table = describeSelect(*m_work->workspace().connection, m_work->workspace().catalogue,
                                                       QStringLiteral("choices"), select);
            return table ? Result<QStringList>(columnNames(*table)) : table.error();
        });
    }
    m_bar->setValues(BoardValues::Record);
    m_findings->setBoard(m_board, m_appearance.get());
    connect(m_board, &Board::said, this, &MainWindow::say);
    connect(m_board, &Board::zoomChanged, this, &MainWindow::refreshStatus);
    connect(m_board, &Board::modesChanged, this, &MainWindow::refreshActions);
    connect(m_board, &Board::menuRequested, this,
            [this](const QPoint &global) { showBoardMenu(*m_commands, *this, global); });
    if (!m_work->workspace().connection) {
        return;
    }
    m_storedValues = std::make_unique<StoredValues>(m_work->workspace().address);
    afterFirstPainting(m_board->viewport(), m_storedValues.get(), [this] {
        m_storedValues->lookAt(m_work->shownCatalogue(), m_work->document()->form().rowsFrom);
    });
    connect(m_storedValues.get(), &StoredValues::known, this, [this] {
        m_board->setLongestWords(longestWords(m_storedValues->profile(), *m_appearance));
        m_arrange->refresh();
        m_findings->setProfile(m_storedValues->profile());
    });
    m_arrange->setBoxWidth([this](const Control &control, double share) {
        const Table *table = findTable(m_work->shownCatalogue(), m_work->document()->form().rowsFrom);
        return table && m_storedValues && m_storedValues->profile().table == table->name
                   ? fittedWidth(m_work->shownCatalogue(), *table, m_storedValues->profile(), control, share,
                                 *m_appearance)
                   : 0;
    });
}

// The form at hand goes, and with it all that shows it.
void MainWindow::dropDocument()
{
    m_trialPage->setTrial(nullptr, *m_appearance);
    m_arrange->setBoard(nullptr);
    m_outline->setBoard(nullptr);
    m_storedValues.reset();
    showHistory(false);
    showLooks(false);
    showRowsTable(false);
    showFindings(false);
    m_findings->setBoard(nullptr, nullptr);
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
}

// Another project or database: its tables, and no form yet.
void MainWindow::showWorkspace()
{
    const Workspace &workspace = m_work->workspace();
    m_catalogue->clearFilter();
    m_catalogue->setCatalogue(workspace.catalogue, addressTitle(workspace.address));
    m_catalogue->sayWhyEmpty(workspace.connection ? QString() : workspace.databaseError.sentence);
    m_pages->setCurrentWidget(m_startPage);
    refreshNames();
    refreshActions();
    refreshStatus();
}

// Tables, columns or links were changed: tree, board and inspector follow.
void MainWindow::followCatalogue()
{
    if (!m_work->document()) {
        m_catalogue->setCatalogue(m_work->workspace().catalogue, addressTitle(m_work->workspace().address));
        return;
    }
    refreshCatalogue();
    if (m_storedValues) {
        m_storedValues->lookAt(m_work->shownCatalogue(), m_work->document()->form().rowsFrom);
    }
    if (m_board) {
        m_board->setSession(m_work->sessionInFocus());
    }
}

// The forms that buttons and subforms may name; its own is called as it was saved.
void MainWindow::tellInspectorForms()
{
    if (m_inspector) {
        m_inspector->setForms(formNamesOf(m_work->workspace().projectFolder),
                              formReaderOf(m_work->workspace().projectFolder));
    }
}

} // namespace nabblet
