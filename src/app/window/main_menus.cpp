// The menus of the main window. Every command of the program stands in one of them, so that "find a command" finds it.
#include "app/window/main_window.h"

#include "app/window/panel_splitter.h"
#include "app/work/stored_values.h"
#include "core/arrange/rail_edits.h"
#include "core/draft/inner_forms.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/text/band_titles.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/commands/front_pages.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/board/editing/word_editing.h"
#include "designer/board/modes/copying_look_mode.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/board/modes/tab_order_mode.h"
#include "designer/board/modes/tracing_mode.h"
#include "designer/panels/arrange_actions.h"
#include "designer/panels/caption_list.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/command_finder.h"
#include "designer/panels/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/rows_table.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "entry/view/entry_view.h"

#include <QAction>
#include <QActionGroup>
#include <QApplication>
#include <QFileDialog>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStyledItemDelegate>
#include <QUndoView>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QKeySequence keys(const char *text)
{
    return QKeySequence(QString::fromLatin1(text));
}

// Items as high as their words and the room around them.
class RoomyDelegate : public QStyledItemDelegate
{
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem &option, const QModelIndex &) const override
    {
        return {0, option.fontMetrics.height() + 8};
    }
};

} // namespace

QAction *MainWindow::addCommand(QMenu *menu, const QString &words, const QKeySequence &shortcut,
                                const std::function<void()> &run, QList<QAction *> *group)
{
    QAction *action = menu->addAction(words);
    connect(action, &QAction::triggered, this, run);
    action->setShortcut(shortcut);
    if (group) {
        group->append(action);
    }
    return action;
}

void MainWindow::makeMenus()
{
    makeFileMenu();
    makeEditMenu();
    makeSelectMenu();
    makeArrangeMenu();
    makeRecordsMenu();
    makeViewMenu();
    makeHelpMenu();
}

void MainWindow::makeFileMenu()
{
    QMenu *file = menuBar()->addMenu(tr("&File"));
    addCommand(
        file, tr("&New form from data…"), keys("Ctrl+Shift+N"), [this] { m_filing->newForm(); }, &m_databaseActions);
    addCommand(
        file, tr("New form &without a database"), QKeySequence(), [this] { m_filing->newBlankForm(); }, nullptr);
    addCommand(
        file, tr("&Open…"), QKeySequence::Open, [this] { m_filing->open(); }, nullptr);
    addCommand(
        file, tr("Open the &demonstration"), QKeySequence(), [this] { m_filing->openDemonstration(); }, nullptr);
    m_formsMenu = file->addMenu(tr("&Forms of this project"));
    connect(m_formsMenu, &QMenu::aboutToShow, this, &MainWindow::fillFormsMenu);
    m_readAgain = addCommand(
        file, tr("Read the data&base again"), keys("Ctrl+Shift+D"), [this] { m_filing->readDatabaseAgain(); }, nullptr);
    file->addSeparator();
    m_saveAction = addCommand(
        file, tr("&Save form"), QKeySequence::Save,
        [this] {
            if (isEntry() && m_work->session()) {
                m_work->session()->saving().save();
            } else {
                m_filing->save();
            }
        },
        &m_formActions);
    addCommand(
        file, tr("Save form &as…"), keys("Ctrl+Shift+S"), [this] { m_filing->saveAs(); }, &m_designActions);
    addCommand(
        file, tr("&Rename form…"), QKeySequence(), [this] { m_filing->renameForm(); }, &m_designActions);
    file->addSeparator();
    addCommand(
        file, tr("&Quit"), keys("Ctrl+Q"), [this] { close(); }, nullptr);
}

void MainWindow::makeEditMenu()
{
    QMenu *edit = menuBar()->addMenu(tr("&Edit"));
    m_undo = addCommand(
        edit, tr("&Undo"), QKeySequence::Undo, [this] { m_work->document()->steps()->undo(); }, nullptr);
    m_redo = addCommand(
        edit, tr("&Redo"), keys("Ctrl+Shift+Z"), [this] { m_work->document()->steps()->redo(); }, nullptr);
    m_history = addCommand(
        edit, tr("Steps &done…"), keys("Ctrl+Shift+H"), [this] { showHistory(m_history->isChecked()); },
        &m_designActions);
    m_history->setCheckable(true);
    edit->addSeparator();
    addCommand(
        edit, tr("Cu&t"), QKeySequence::Cut, [this] { m_board->clipboard().cut(); }, &m_controlActions);
    addCommand(
        edit, tr("&Copy"), QKeySequence::Copy, [this] { m_board->clipboard().copy(); }, &m_controlActions);
    addCommand(
        edit, tr("&Paste"), QKeySequence::Paste, [this] { m_board->clipboard().paste(BoardClipboard::Place::Beside); },
        &m_designActions);
    addCommand(
        edit, tr("Paste in &place"), keys("Ctrl+Shift+V"),
        [this] { m_board->clipboard().paste(BoardClipboard::Place::InPlace); }, &m_designActions);
    addCommand(
        edit, tr("D&uplicate"), keys("Ctrl+D"), [this] { m_board->clipboard().duplicate(); }, &m_controlActions);
    addCommand(
        edit, tr("&Delete"), QKeySequence(), [this] { deleteSelection(*m_board); }, &m_controlActions);
    addCommand(
        edit, tr("Delete boxes, leave their cap&tions"), QKeySequence(),
        [this] {
            m_work->document()->apply(tr("Delete boxes"),
                                      deleteBoxesOnly(m_work->document()->form(), m_board->selection().controls()));
        },
        &m_controlActions);
    edit->addSeparator();
    addCommand(
        edit, tr("Copy the &look"), keys("Ctrl+Alt+K"), [this] { beginCopyLook(*m_board, LookCopies::Once); },
        &m_controlActions);
    addCommand(
        edit, tr("Copy the look &many times"), keys("Ctrl+Alt+Shift+K"),
        [this] { beginCopyLook(*m_board, LookCopies::UntilEscape); }, &m_controlActions);
    edit->addSeparator();
    addCommand(
        edit, tr("Edit the capt&ion"), QKeySequence(), [this] { m_board->words().edit(m_board->selection().lead()); },
        &m_controlActions);
    addCommand(
        edit, tr("C&aptions and options…"), keys("Ctrl+Shift+L"), [this] { editCaptions(); }, &m_designActions);
    addCommand(
        edit, tr("Control &names…"), QKeySequence(), [this] { renameControls(); }, &m_designActions);
    addCommand(
        edit, tr("Ro&w source…"), QKeySequence(), [this] { changeRows(); }, &m_designActions);
}

void MainWindow::makeSelectMenu()
{
    QMenu *menu = menuBar()->addMenu(tr("&Select"));
    const auto choose = [this](const QString &words, const QKeySequence &shortcut, QMenu *to,
                               const std::function<QList<ControlId>(const Form &, const Selection &)> &which) {
        addCommand(
            to, words, shortcut,
            [this, which] { m_board->select(which(m_work->document()->form(), m_board->selection())); },
            &m_designActions);
    };
    addCommand(
        menu, tr("&All"), QKeySequence::SelectAll, [this] { selectAll(*m_board); }, &m_designActions);
    choose(tr("All of this &kind"), keys("Ctrl+Shift+A"), menu, [](const Form &form, const Selection &selection) {
        const Control *lead = form.controls.find(selection.lead());
        return lead ? controlsOfKind(form, lead->kind) : QList<ControlId>();
    });
    choose(tr("The ro&w"), keys("Ctrl+Alt+Shift+W"), menu,
           [](const Form &form, const Selection &selection) { return controlsOfRow(form, selection.lead()); });
    choose(tr("The colu&mn"), keys("Ctrl+Alt+Shift+M"), menu,
           [](const Form &form, const Selection &selection) { return controlsOfColumn(form, selection.lead()); });
    choose(tr("All of this &band"), keys("Ctrl+Shift+B"), menu, [](const Form &form, const Selection &selection) {
        const Control *lead = form.controls.find(selection.lead());
        return controlsInBand(form, lead ? lead->band : selection.band().value_or(BandRole::Body));
    });
    choose(tr("&Captions only"), keys("Ctrl+Alt+Shift+C"), menu,
           [](const Form &form, const Selection &selection) { return captionsAmong(form, selection.controls()); });
    choose(tr("Bo&xes only"), keys("Ctrl+Alt+Shift+B"), menu,
           [](const Form &form, const Selection &selection) { return boxesAmong(form, selection.controls()); });
    choose(tr("What lies &under"), keys("Ctrl+U"), menu, [](const Form &form, const Selection &selection) {
        const Control *lead = form.controls.find(selection.lead());
        if (!lead) {
            return QList<ControlId>();
        }
        const QList<ControlId> pile = controlsAt(form, placeOnForm(form, *lead).center(), 0);
        return pile.isEmpty() ? selection.controls()
                              : QList<ControlId>{pile.at((pile.indexOf(lead->id) + 1) % pile.size())};
    });
    menu->addSeparator();
    addCommand(
        menu, tr("&Next"), QKeySequence(), [this] { selectNext(*m_board, 1, Walk::Alone); }, &m_designActions);
    addCommand(
        menu, tr("&Previous"), QKeySequence(), [this] { selectNext(*m_board, -1, Walk::Alone); }, &m_designActions);
    addCommand(
        menu, tr("Add the next"), keys("Shift+PgDown"), [this] { selectNext(*m_board, 1, Walk::Adding); },
        &m_designActions);
    addCommand(
        menu, tr("Add the previous"), keys("Shift+PgUp"), [this] { selectNext(*m_board, -1, Walk::Adding); },
        &m_designActions);
    addCommand(
        menu, tr("&Outwards"), QKeySequence(), [this] { selectOutwards(*m_board); }, &m_designActions);
    addCommand(
        menu, tr("Next page in front"), keys("Ctrl+PgDown"), [this] { turnPage(*m_board, 1); }, &m_designActions);
    addCommand(
        menu, tr("Page before in front"), keys("Ctrl+PgUp"), [this] { turnPage(*m_board, -1); }, &m_designActions);
    menu->addSeparator();
    const auto selectBand = [this, menu](const QString &words, BandRole role) {
        addCommand(
            menu, words, QKeySequence(),
            [this, role] {
                Selection wanted;
                wanted.setBand(role);
                m_board->setSelection(wanted);
            },
            &m_designActions);
    };
    for (const BandRole role : AllBands) {
        selectBand(tr("The band: %1").arg(bandTitle(role).toLower()), role);
    }
    addCommand(
        menu, tr("The for&m"), QKeySequence(), [this] { m_board->setSelection(Selection()); }, &m_designActions);
}

void MainWindow::makeArrangeMenu()
{
    QMenu *menu = menuBar()->addMenu(tr("&Arrange"));
    const auto apply = [this](const QString &step, const std::function<Form(const Form &)> &edit) {
        return [this, step, edit] { m_work->document()->apply(step, edit(m_work->document()->form())); };
    };
    for (const ArrangeGroup group : arrangeGroups()) {
        QMenu *part = menu->addMenu(arrangeGroupTitle(group));
        part->setToolTipsVisible(true);
        part->addActions(m_arrange->actionsOf(group));
        connect(part, &QMenu::aboutToHide, m_arrange, &ArrangeActions::endPreview);
    }
    menu->addSeparator();
    const auto keep = [this](Edge edge) {
        return [this, edge] {
            m_work->document()->apply(tr("Keep lined up"),
                                      withEdgesKept(m_work->document()->form(), m_board->selection().controls(), edge));
        };
    };
    addCommand(menu, tr("&Keep left edges lined up"), keys("Ctrl+Alt+R"), keep(Edge::Left), &m_controlActions)
        ->setStatusTip(tr("Left edges go where the lead's is and stay together on a rail."));
    addCommand(menu, tr("Keep &right edges lined up"), keys("Ctrl+Alt+Shift+R"), keep(Edge::Right), &m_controlActions)
        ->setStatusTip(tr("Right edges go where the lead's is and stay together on a rail."));
    addCommand(menu, tr("Keep &top edges lined up"), QKeySequence(), keep(Edge::Top), &m_controlActions)
        ->setStatusTip(tr("Top edges go where the lead's is and stay together on a level rail."));
    addCommand(menu, tr("Keep &bottom edges lined up"), QKeySequence(), keep(Edge::Bottom), &m_controlActions)
        ->setStatusTip(tr("Bottom edges go where the lead's is and stay together on a level rail."));
    menu->addSeparator();
    addCommand(
        menu, tr("Go into the s&ubform"), keys("Ctrl+Return"), [this] { enterInnerForm(m_board->selection().lead()); },
        &m_controlActions)
        ->setStatusTip(tr("Designs the form of the rows that the selected subform shows."));
    addCommand(
        menu, tr("Go into the form of one ro&w"), QKeySequence(), [this] { enterInnerForm(RowFormStep); },
        &m_designActions)
        ->setStatusTip(tr("Designs the form on which a tabular form shows one row in full."));
    addCommand(
        menu, tr("Bac&k to the outer form"), keys("Ctrl+Shift+Return"), [this] { leaveInnerForm(); }, &m_designActions);
    QMenu *place = menu->addMenu(tr("P&lace a control"));
    for (const Placeable &placeable : placeables()) {
        addCommand(
            place, placeable.title, QKeySequence(),
            [this, name = placeable.name] { placeInNextFreePlace(*m_board, name); }, &m_designActions);
    }
    QMenu *bands = menu->addMenu(tr("&Bands and form"));
    for (const BandRole role : AllBands) {
        if (role == BandRole::Body) {
            continue;
        }
        const QString title = bandTitle(role).toLower();
        const QString adding = tr("Add the %1").arg(title);
        const QString removing = tr("Remove the %1").arg(title);
        addCommand(bands, adding, QKeySequence(),
                   apply(adding, [role](const Form &form) { return withBand(form, role); }), &m_designActions);
        addCommand(bands, removing, QKeySequence(),
                   apply(removing, [role](const Form &form) { return withoutBand(form, role); }), &m_designActions);
    }
    addCommand(bands, tr("&Trim the form to its content"), keys("Ctrl+Alt+Y"),
               apply(tr("Trim the form"), [](const Form &form) { return trimmed(form); }), &m_designActions);
    QMenu *order = menu->addMenu(tr("Tab &order"));
    m_tabOrderAction = addCommand(
        order, tr("&Show and set by hand"), keys("Ctrl+T"),
        [this] { setShowsTabOrder(*m_board, m_tabOrderAction->isChecked()); }, &m_designActions);
    m_tabOrderAction->setCheckable(true);
    addCommand(
        order, tr("&Earlier"), keys("Ctrl+Shift+,"), [this] { moveInTabOrder(*m_board, -1); }, &m_controlActions)
        ->setStatusTip(tr("The lead is visited by Tab one place earlier."));
    addCommand(
        order, tr("&Later"), keys("Ctrl+Shift+."), [this] { moveInTabOrder(*m_board, 1); }, &m_controlActions)
        ->setStatusTip(tr("The lead is visited by Tab one place later."));
    addCommand(
        order, tr("As it &reads"), QKeySequence(),
        apply(tr("Tab order as it reads"), [](const Form &form) { return withTabOrder(form, TabOrder::Reading); }),
        &m_designActions);
    addCommand(order, tr("By r&ows"), QKeySequence(),
               apply(tr("Tab order by rows"), [](const Form &form) { return withTabOrder(form, TabOrder::Rows); }),
               &m_designActions);
    addCommand(
        order, tr("By &columns"), QKeySequence(),
        apply(tr("Tab order by columns"), [](const Form &form) { return withTabOrder(form, TabOrder::Columns); }),
        &m_designActions);
}

void MainWindow::makeRecordsMenu()
{
    QMenu *records = menuBar()->addMenu(tr("&Records"));
    addCommand(
        records, tr("&First"), keys("Ctrl+Home"), [this] { m_work->session()->moves().goFirst(); }, &m_entryActions);
    addCommand(
        records, tr("&Previous"), keys("PgUp"), [this] { m_work->session()->moves().goPrevious(); }, &m_entryActions);
    addCommand(
        records, tr("&Next"), keys("PgDown"), [this] { m_work->session()->moves().goNext(); }, &m_entryActions);
    addCommand(
        records, tr("&Last"), keys("Ctrl+End"), [this] { m_work->session()->moves().goLast(); }, &m_entryActions);
    addCommand(
        records, tr("&Find…"), keys("Ctrl+F"), [this] { m_entryView->askAndFind(); }, &m_entryActions);
    records->addSeparator();
    addCommand(
        records, tr("&Add"), keys("Ctrl+N"), [this] { m_entryView->addRecord(); }, &m_entryActions);
    addCommand(
        records, tr("&Delete…"), keys("Ctrl+Del"), [this] { m_entryView->askAndDelete(); }, &m_entryActions);
    addCommand(
        records, tr("&Take back"), keys("Ctrl+Backspace"), [this] { m_work->session()->takingBack().takeBack(); },
        &m_entryActions);
}

void MainWindow::makeViewMenu()
{
    QMenu *view = menuBar()->addMenu(tr("&View"));
    m_switch = addCommand(
        view, tr("&Entry"), QKeySequence(Qt::Key_F5), [this] { isEntry() ? showDesign() : showEntry(); },
        &m_formActions);
    m_findCommand = addCommand(
        view, tr("&Find a command…"), keys("Ctrl+K"), [this] { findCommand(); }, nullptr);
    view->addSeparator();
    addCommand(
        view, tr("Zoom &in"), QKeySequence::ZoomIn, [this] { m_board->setZoom(zoomAbove(m_board->scene().zoom)); },
        &m_designActions);
    addCommand(
        view, tr("Zoom &out"), QKeySequence::ZoomOut, [this] { m_board->setZoom(zoomBelow(m_board->scene().zoom)); },
        &m_designActions);
    addCommand(
        view, tr("A&ctual size"), keys("Ctrl+1"), [this] { m_board->setZoom(100); }, &m_designActions);
    QAction *whole = addCommand(
        view, tr("&Whole form"), keys("Ctrl+0"), [this] { m_board->zoomToForm(); }, &m_designActions);
    // The same from the figure at the bottom of the window.
    auto *zooms = new QMenu(m_zoomStatus);
    zooms->addAction(whole);
    for (const int percent : {50, 75, 100, 125, 150, 200, 400}) {
        zooms->addAction(tr("%1 %").arg(percent), this, [this, percent] {
            if (m_board) {
                m_board->setZoom(percent);
            }
        });
    }
    m_zoomStatus->setMenu(zooms);
    m_zoomStatus->setToolTip(tr("How large the form is shown"));
    QMenu *units = view->addMenu(tr("&Unit"));
    auto *unitGroup = new QActionGroup(this);
    for (const auto &[unit, words] :
         {std::pair{Unit::Pixels, tr("&Pixels")}, std::pair{Unit::Millimetres, tr("&Millimetres")},
          std::pair{Unit::Inches, tr("&Inches")}, std::pair{Unit::GridSteps, tr("&Grid steps")}}) {
        QAction *action = addCommand(
            units, words, QKeySequence(), [this, wanted = unit] { setUnit(wanted); }, nullptr);
        action->setCheckable(true);
        action->setChecked(unit == m_unit);
        unitGroup->addAction(action);
    }
    QMenu *grid = view->addMenu(tr("&Grid"));
    for (const auto &[marks, words] :
         {std::pair{GridMarks::Dots, tr("&Dots")}, std::pair{GridMarks::Lines, tr("&Lines")},
          std::pair{GridMarks::None, tr("&Nothing")}}) {
        addCommand(
            grid, words, QKeySequence(),
            [this, wanted = marks] {
                Form form = m_work->document()->form();
                form.grid.marks = wanted;
                m_work->document()->apply(tr("Change the grid"), form);
            },
            &m_designActions);
    }
    QMenu *values = view->addMenu(tr("&Values on the board"));
    addCommand(
        values, tr("A &record"), keys("Ctrl+Shift+1"), [this] { showValues(BoardValues::Record); }, &m_designActions);
    addCommand(
        values, tr("&Longest values"), keys("Ctrl+Shift+2"), [this] { showValues(BoardValues::Longest); },
        &m_designActions);
    addCommand(
        values, tr("&Blank"), keys("Ctrl+Shift+3"), [this] { showValues(BoardValues::Blank); }, &m_designActions);
    m_rowsAction = addCommand(
        view, tr("&Stored rows"), keys("Ctrl+Shift+R"), [this] { showRowsTable(m_rowsAction->isChecked()); },
        &m_designActions);
    m_rowsAction->setCheckable(true);
    m_rowsAction->setObjectName(QStringLiteral("storedRowsAction"));
    addCommand(
        view, tr("&Tracing sheet…"), QKeySequence(), [this] { chooseTracing(); }, &m_designActions);
    m_moveTracing = addCommand(
        view, tr("Mo&ve the tracing sheet"), QKeySequence(),
        [this] { setMovesTracing(*m_board, m_moveTracing->isChecked()); }, &m_designActions);
    m_moveTracing->setCheckable(true);
    m_sizesAction = addCommand(
        view, tr("&Window sizes"), keys("Ctrl+Shift+W"), [this] { showWindowSizes(m_sizesAction->isChecked()); },
        &m_designActions);
    m_sizesAction->setCheckable(true);
    view->addSeparator();
    addCommand(
        view, tr("&Board alone, or with its panels"), QKeySequence(Qt::Key_F9), [this] { m_designPage->foldAll(); },
        &m_designActions);
    addCommand(
        view, tr("Go to the &catalogue"), keys("Ctrl+Shift+C"),
        [this] {
            m_designPage->setFolded(LeftPanels, false);
            m_sidePanels->showPanel(m_catalogue);
            m_catalogue->focusTree();
        },
        &m_designActions);
    addCommand(
        view, tr("Go to the &board"), keys("Ctrl+B"), [this] { m_board->setFocus(); }, &m_designActions);
    addCommand(
        view, tr("Go to the i&nspector"), keys("Ctrl+I"),
        [this] {
            m_designPage->setFolded(InspectorPanel, false);
            m_inspector->focusSearch();
        },
        &m_designActions);
    addCommand(
        view, tr("Go to the co&ntrols"), keys("Ctrl+Shift+P"),
        [this] {
            m_designPage->setFolded(LeftPanels, false);
            m_sidePanels->showPanel(m_palette);
            m_palette->focusList();
        },
        &m_designActions);
    addCommand(
        view, tr("Go to the o&utline"), keys("Ctrl+Shift+O"),
        [this] {
            m_designPage->setFolded(LeftPanels, false);
            m_sidePanels->showPanel(m_outline);
            m_outline->focusTree();
        },
        &m_designActions);
    view->addSeparator();
    auto *themes = new QActionGroup(this);
    const QList<QPair<ThemeChoice, QString>> choices{{ThemeChoice::AsDesktop, tr("Colours as on the &desktop")},
                                                     {ThemeChoice::Light, tr("&Light colours")},
                                                     {ThemeChoice::Dark, tr("D&ark colours")}};
    for (const auto &[choice, words] : choices) {
        QAction *action = view->addAction(words, this, [this, wanted = choice] { setThemeChoice(wanted); });
        action->setCheckable(true);
        action->setChecked(choice == m_themeChoice);
        themes->addAction(action);
    }
}

void MainWindow::makeHelpMenu()
{
    QMenu *help = menuBar()->addMenu(tr("&Help"));
    help->addAction(tr("&About Nabblet"), this, [this] {
        QMessageBox::about(this, tr("About Nabblet"),
                           tr("Nabblet %1\n\nDrafts bound entry forms from database tables, lets you arrange them, and "
                              "puts them to work.")
                               .arg(QStringLiteral(NABBLET_VERSION)));
    });
}

// ---------------------------------------------------------------- what commands do

void MainWindow::findCommand()
{
    if (m_board) {
        m_board->endPreview();
    }
    CommandFinder finder(commandsOf(menuBar()), this);
    if (finder.exec() == QDialog::Accepted && finder.chosen()) {
        finder.chosen()->trigger();
    }
}

// The menu under the mouse: what is done most with what is selected.
void MainWindow::showBoardMenu(const QPoint &global)
{
    QMenu menu(this);
    menu.setObjectName(QStringLiteral("boardMenu"));
    const Selection &selection = m_board->selection();
    if (selection.rail() != FixedRail::None) {
        const RailId rail = selection.rail();
        const Rail *there = findRail(m_work->document()->form(), rail);
        const auto hold = [&](const QString &words, Hold wanted) {
            QAction *action = menu.addAction(words, this, [this, rail, wanted] {
                m_work->document()->apply(tr("Change a rail's hold"),
                                          withRailHold(m_work->document()->form(), rail, wanted));
            });
            action->setCheckable(true);
            action->setChecked(there->hold == wanted);
        };
        const bool isLevel = isLevelRail(m_work->document()->form(), rail);
        hold(isLevel ? tr("Holds to the top") : tr("Holds to the left"), Hold::Start);
        hold(isLevel ? tr("Holds to the bottom") : tr("Holds to the right"), Hold::End);
        hold(tr("Keeps its share"), Hold::Share);
        menu.addSeparator();
        if (!isLevel) {
            QAction *automatic = menu.addAction(tr("Stands clear of captions"), this, [this, rail, there] {
                m_work->document()->apply(tr("Change a rail"), withRailAutomatic(m_work->document()->form(), rail,
                                                                                 !there->isAutomatic, *m_appearance));
            });
            automatic->setCheckable(true);
            automatic->setChecked(there->isAutomatic);
            menu.addSeparator();
        }
        menu.addAction(tr("Delete the rail"), this, [this] { deleteSelection(*m_board); });
    } else if (!selection.isEmpty()) {
        for (const ArrangeGroup group :
             {ArrangeGroup::LineUp, ArrangeGroup::Match, ArrangeGroup::Gaps, ArrangeGroup::Fit, ArrangeGroup::Captions,
              ArrangeGroup::Rows, ArrangeGroup::Groups, ArrangeGroup::Holds, ArrangeGroup::Order}) {
            QMenu *part = menu.addMenu(arrangeGroupTitle(group));
            part->addActions(m_arrange->actionsOf(group));
            connect(part, &QMenu::aboutToHide, m_arrange, &ArrangeActions::endPreview);
        }
        menu.addSeparator();
        menu.addActions(m_controlActions);
    } else {
        menu.addAction(m_arrange->action(QStringLiteral("tidy")));
        menu.addAction(m_arrange->action(QStringLiteral("close-up-rows")));
        menu.addAction(tr("Trim the form to its content"), this,
                       [this] { m_work->document()->apply(tr("Trim the form"), trimmed(m_work->document()->form())); });
        menu.addSeparator();
        for (const BandRole role : AllBands) {
            if (role == BandRole::Body) {
                continue;
            }
            const bool isThere = findBand(m_work->document()->form(), role) != nullptr;
            const QString title = bandTitle(role).toLower();
            const QString words = isThere ? tr("Remove the %1").arg(title) : tr("Add the %1").arg(title);
            menu.addAction(words, this, [this, words, role, isThere] {
                const Form &form = m_work->document()->form();
                m_work->document()->apply(words, isThere                    ? withoutBand(form, role)
                                                 : role == BandRole::Header ? withTitledHeader(form, *m_appearance)
                                                                            : withBand(form, role));
            });
        }
        menu.addSeparator();
        menu.addAction(tr("Paste"), this, [this] { m_board->clipboard().paste(BoardClipboard::Place::Beside); });
        menu.addAction(tr("Select all"), this, [this] { selectAll(*m_board); });
    }
    menu.exec(global);
    m_arrange->endPreview();
}

void MainWindow::setUnit(Unit unit)
{
    m_unit = unit;
    QSettings().setValue(QStringLiteral("unit"), static_cast<int>(unit));
    if (m_board) {
        m_board->setUnit(unit);
        m_inspector->setUnit(unit);
    }
    refreshStatus();
}

void MainWindow::editCaptions()
{
    CaptionList list(m_work->document()->form(), this);
    if (list.exec() == QDialog::Accepted) {
        m_work->document()->apply(tr("Change captions"),
                                  withFormTexts(m_work->document()->form(), list.texts(), *m_appearance));
    }
}

void MainWindow::showHistory(bool shows)
{
    if (m_historyPanel) {
        m_sidePanels->removePanel(m_historyPanel);
    }
    m_historyPanel = nullptr;
    m_history->setChecked(shows && m_work->document());
    if (!shows || !m_work->document()) {
        return;
    }
    m_historyPanel = new Panel(tr("Steps done"));
    auto *list = new QUndoView(m_work->document()->steps());
    list->setObjectName(QStringLiteral("history"));
    list->setAccessibleName(tr("Steps done"));
    list->setEmptyLabel(tr("As it was opened"));
    list->setItemDelegate(new RoomyDelegate(list));
    list->setToolTip(tr("Click a step to go back to it, or forward again."));
    m_historyPanel->contents()->setContentsMargins(8, 4, 8, 8);
    m_historyPanel->contents()->addWidget(list);
    m_sidePanels->addPanel(m_historyPanel, SidePanels::Comes::ToFront);
    m_designPage->setFolded(LeftPanels, false);
}

void MainWindow::showWindowSizes(bool shows)
{
    QSettings().setValue(QStringLiteral("windowSizes"), shows);
    m_sizesAction->setChecked(shows);
    m_sizeStatus->setChecked(shows);
    if (m_windowSizeStrip) {
        m_windowSizeStrip->setVisible(shows);
        m_board->setShowsHolds(shows);
        m_board->setTrialSize({});
    }
}

void MainWindow::showRowsTable(bool shows, const QString &wanted)
{
    delete m_rowsTable;
    m_rowsTable = nullptr;
    const QString own = m_work->document() ? m_work->document()->form().rowsFrom : QString();
    const bool isOwn = wanted.isEmpty() || wanted == own;
    const Table *table = m_work->document() ? findTable(m_work->shownCatalogue(), isOwn ? own : wanted) : nullptr;
    m_rowsAction->setChecked(shows && table && m_work->workspace().connection);
    if (!m_rowsAction->isChecked()) {
        return;
    }
    auto *rows =
        new RowsTable(m_work->workspace().address, *table, isOwn ? m_work->document()->form().select : QString());
    rows->setTitle(tr("Stored rows of %1").arg(table->name.simplified()));
    rows->setMinimumHeight(120);
    rows->setMaximumHeight(240);
    m_rowsTable = rows;
    connect(rows, &RowsTable::rowChosen, this, [this, isOwn](const QVariantList &key) {
        if (isOwn && m_work->session() && !key.isEmpty() && !m_work->session()->hasUnsaved()) {
            m_work->session()->moves().goToKey(key);
        }
    });
    m_boardFrame->layout()->addWidget(rows);
}

void MainWindow::chooseTracing()
{
    const QString file = QFileDialog::getOpenFileName(this, tr("Tracing sheet: a picture or scanned page"), {},
                                                      tr("Pictures (*.png *.jpg *.jpeg *.bmp *.gif *.svg *.webp)"));
    if (file.isEmpty()) {
        return;
    }
    if (QPixmap(file).isNull()) {
        complain(
            {tr("%1 is not a picture that can be shown. Choose a PNG, JPEG, GIF, BMP or SVG file.").arg(file), {}});
        return;
    }
    Form form = m_work->document()->form();
    form.tracing.file = file;
    m_work->document()->apply(tr("Lay a tracing sheet under"), form);
    m_board->setSelection(Selection());
    setMovesTracing(*m_board, true);
}

} // namespace nabblet
