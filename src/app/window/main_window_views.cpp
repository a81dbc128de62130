// What the window shows on demand: other values, sizes, rows, steps, panels.
#include "app/parts/at_hand_row.h"
#include "app/parts/panel_splitter.h"
#include "app/parts/status_line.h"
#include "app/window/commands.h"
#include "app/window/main_window.h"
#include "app/work/findings_view.h"
#include "app/work/look_view.h"
#include "app/work/stored_values.h"
#include "core/edit/edits.h"
#include "core/edit/look_edits.h"
#include "core/edit/type_fit.h"
#include "core/file/project_file.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/modes/tracing_mode.h"
#include "designer/findings/findings_panel.h"
#include "designer/looks/looks_panel.h"
#include "designer/panels/caption_list.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/command_finder.h"
#include "designer/panels/outline/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/rows_table.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"

#include <QApplication>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QMenuBar>
#include <QPushButton>
#include <QSettings>
#include <QStyledItemDelegate>
#include <QUndoView>
#include <QVBoxLayout>

namespace nabblet {

namespace {

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

void MainWindow::findCommand()
{
    if (m_board) {
        m_board->endPreview();
    }
    CommandFinder finder(commandsOf(menuBar()), this);
    connect(&finder, &CommandFinder::keepRequested, this, [this](const QAction *command) {
        m_atHand->has(command) ? m_atHand->takeAway(command) : m_atHand->keep(command);
        say(m_atHand->has(command) ? tr("It stands over the board now.")
                                   : tr("It does not stand over the board any more."));
    });
    if (finder.exec() == QDialog::Accepted && finder.chosen()) {
        finder.chosen()->trigger();
    }
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
        m_work->document()->apply(tr("Change captions"), list.changed(*m_appearance));
    }
}

void MainWindow::showHistory(bool shows)
{
    if (m_historyPanel) {
        m_sidePanels->removePanel(m_historyPanel);
    }
    m_historyPanel = nullptr;
    if (!shows || !m_work->document()) {
        refreshActions();
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
    refreshActions();
}

void MainWindow::showLooks(bool shows)
{
    if (m_looksPanel) {
        m_sidePanels->removePanel(m_looksPanel);
        if (m_widthBeforeLooks > 0) {
            m_designPage->setWidthOf(LeftPanels, m_widthBeforeLooks);
        }
    }
    m_looksPanel = nullptr;
    m_widthBeforeLooks = 0;
    if (shows && m_work->document()) {
        m_looksPanel = new LooksPanel;
        m_looksPanel->colours = [this] { return m_inspector ? m_inspector->coloursToChoose() : ColourSource(); };
        m_sidePanels->addPanel(m_looksPanel, SidePanels::Comes::ToFront);
        m_designPage->setFolded(LeftPanels, false);
        // With room for the words of its tab beside the others.
        if (const int wanted = m_sidePanels->widthOfTabs() + 2; m_designPage->widthOf(LeftPanels) < wanted) {
            constexpr int ActualSize = 100; // percent; a form that is shown smaller was made to fit
            const bool wasMadeToFit = m_board->scene().zoom < ActualSize;
            m_widthBeforeLooks = m_designPage->widthOf(LeftPanels);
            m_designPage->setWidthOf(LeftPanels, wanted);
            if (wasMadeToFit) {
                m_board->zoomToForm();
            }
        }
        m_looks->attach(m_looksPanel);
        connect(m_looksPanel, &LooksPanel::styleGiven, this, [this](const QString &name) {
            m_work->document()->apply(
                tr("Take the style “%1”").arg(name),
                withStyle(m_work->document()->form(), m_board->selection().controls(), name, *m_appearance));
            m_looks->refresh();
        });
        connect(m_looksPanel, &LooksPanel::styleTakenOver, this,
                [this](const QString &name) { m_looks->takeOverStyle(name, m_board->selection().controls()); });
        connect(m_looksPanel, &LooksPanel::styleKept, this,
                [this] { m_looks->keepAsStyle(m_board->selection().controls(), this); });
        connect(m_looksPanel, &LooksPanel::styleSought, this, [this](const QString &name) {
            QList<ControlId> having;
            for (const Control &control : m_work->document()->form().controls) {
                if (control.settings.value(setting::Style) == name) {
                    having.append(control.id);
                }
            }
            Selection selection;
            selection.set(having);
            m_board->setSelection(selection);
            say(having.isEmpty() ? tr("No control of this form has the style “%1”.").arg(name)
                                 : counted(having.size(), tr("One control has it."), tr("%1 controls have it.")));
        });
    }
    refreshActions();
}

// Shows the form in a look that is only tried, with the room that its letters need.
void MainWindow::tryLook(const Look &look)
{
    const Appearance tried(look, theme(), QApplication::font(), m_work->workspace().looks);
    m_board->setAppearance(tried);
    const Form &form = m_work->document()->form();
    m_board->preview(withRoomForType(form, tried, {form, *m_appearance}));
}

void MainWindow::endTryingLook()
{
    if (m_board && m_board->scene().preview) {
        m_board->setAppearance(*m_appearance);
        m_board->endPreview();
    }
}

void MainWindow::showWindowSizes(bool shows)
{
    QSettings().setValue(QStringLiteral("windowSizes"), shows);
    m_status->sizes()->setChecked(shows);
    if (m_windowSizeStrip) {
        m_windowSizeStrip->setVisible(shows);
        m_board->setShowsHolds(shows);
        m_board->setTrialSize({});
    }
    refreshActions();
}

void MainWindow::showRowsTable(bool shows, const QString &wanted)
{
    delete m_rowsTable;
    m_rowsTable = nullptr;
    const QString own = m_work->document() ? m_work->document()->form().rowsFrom : QString();
    const bool isOwn = wanted.isEmpty() || wanted == own;
    const Table *table = m_work->document() ? findTable(m_work->shownCatalogue(), isOwn ? own : wanted) : nullptr;
    if (!shows || !table || !m_work->workspace().connection) {
        refreshActions();
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
    refreshActions();
}

void MainWindow::showFindings(bool shows)
{
    const bool hadKeyboard = m_findingsPanel && m_findingsPanel->isAncestorOf(focusWidget());
    delete m_findingsPanel;
    m_findingsPanel = nullptr;
    m_findings->attach(nullptr);
    if (shows && m_work->document()) {
        m_findingsPanel = new FindingsPanel;
        m_findingsPanel->setFixedHeight(214);
        connect(
            m_findingsPanel, &FindingsPanel::closeRequested, this, [this] { showFindings(false); },
            Qt::QueuedConnection);
        m_boardFrame->layout()->addWidget(m_findingsPanel);
        m_findingsPanel->show(); // at once, so that it can take the keyboard
        m_findings->attach(m_findingsPanel);
        m_findingsPanel->focusList();
    } else if (hadKeyboard && m_board) {
        m_board->endPreview();
        m_board->setFocus();
    }
    refreshActions();
}

// To a control of the form at hand, or of a form inside it.
void MainWindow::goToControl(const InnerPath &path, ControlId control)
{
    if (!m_board) {
        return;
    }
    showDesign();
    m_work->document()->setFocus(path);
    Selection selection;
    selection.set(control == 0 ? QList<ControlId>() : QList<ControlId>{control});
    m_board->setSelection(selection);
    m_board->scrollTo(control);
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

bool MainWindow::showsWindowSizes() const
{
    return m_windowSizeStrip && !m_windowSizeStrip->isHidden();
}

void MainWindow::foldPanels()
{
    m_designPage->foldAll();
}

void MainWindow::goTo(Place place)
{
    if (place == Place::Board) {
        m_board->setFocus();
        return;
    }
    m_designPage->setFolded(place == Place::Inspector ? InspectorPanel : LeftPanels, false);
    switch (place) {
    case Place::Catalogue:
        m_sidePanels->showPanel(m_catalogue);
        m_catalogue->focusTree();
        break;
    case Place::Controls:
        m_sidePanels->showPanel(m_palette);
        m_palette->focusList();
        break;
    case Place::Outline:
        m_sidePanels->showPanel(m_outline);
        m_outline->focusTree();
        break;
    case Place::Inspector:
        m_inspector->focusSearch();
        break;
    case Place::Board:
        break;
    }
}

} // namespace nabblet
