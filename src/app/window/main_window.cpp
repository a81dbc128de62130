#include "app/window/main_window.h"

#include "app/window/menus.h"

#include "app/parts/at_hand_row.h"
#include "app/parts/panel_splitter.h"
#include "app/parts/start_page.h"
#include "app/parts/status_line.h"
#include "app/parts/top_bar.h"
#include "app/parts/trial_page.h"
#include "app/work/findings_view.h"
#include "app/work/look_view.h"
#include "app/work/project_names.h"
#include "app/work/rule_view.h"
#include "app/work/stored_values.h"
#include "app/work/used_lately.h"
#include "core/arrange/units.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/draft.h"
#include "core/draft/fitted_width.h"
#include "core/edit/edits.h"
#include "core/edit/opened_match.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/sorts/order_of_select.h"
#include "core/text/tr.h"
#include "designer/board/board.h"
#include "designer/board/modes/placing_mode.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/rows_dialog.h"
#include "designer/panels/arrange_actions.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/outline/outline_panel.h"
#include "designer/panels/palette.h"
#include "designer/panels/rename_dialog.h"
#include "designer/panels/side_panels.h"
#include "designer/panels/window_size_strip.h"
#include "designer/rules/rules_page.h"
#include "designer/settings/inspector.h"
#include "entry/reading/database_watch.h"
#include "entry/records/unsaved_record.h"
#include "entry/theme/announce.h"
#include "entry/theme/ask.h"
#include "entry/theme/entry_zoom.h"
#include "entry/theme/named_lists.h"
#include "entry/theme/theme.h"
#include "entry/view/entry_view.h"

#include <QApplication>
#include <QDir>
#include <QDropEvent>
#include <QFileInfo>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QStackedWidget>
#include <QStatusBar>
#include <QTimer>
#include <QUrl>
#include <QVBoxLayout>

namespace nabblet {

namespace {

QWidget *framed(QVBoxLayout **contents, QWidget *parent = nullptr)
{
    auto *frame = new QWidget(parent);
    *contents = new QVBoxLayout(frame);
    (*contents)->setContentsMargins(0, 0, 0, 0);
    (*contents)->setSpacing(0);
    return frame;
}

} // namespace

MainWindow::MainWindow(QWidget *parent) : QMainWindow(parent)
{
    nameDropDownLists();
    setWindowTitle(tr("Nabblet"));
    resize(1280, 800);
    m_unit = static_cast<Unit>(std::clamp(QSettings().value(QStringLiteral("unit")).toInt(), 0, 3));
    m_desktopTheme = themeOfPalette(QApplication::palette());
    const QString stored = QSettings().value(QStringLiteral("theme")).toString();
    m_themeChoice = stored == QLatin1String("light")  ? ThemeChoice::Light
                    : stored == QLatin1String("dark") ? ThemeChoice::Dark
                                                      : ThemeChoice::AsDesktop;
    QApplication::setFont(desktopFont());
    styleApplication(); // before there are widgets: those polished later keep another font
    m_appearance = std::make_unique<Appearance>(usualLook(), theme(), QApplication::font());
    m_work = std::make_unique<OpenWork>();
    m_filing = std::make_unique<Filing>(m_work.get(), m_appearance.get(), this);
    m_tableChanging = std::make_unique<TableChanging>(m_work.get(), this);
    m_uses = new UsesView(m_work.get(), m_filing.get(), this);
    connect(m_uses, &UsesView::goRequested, this, &MainWindow::goToControl);
    makePages();
    m_commands = std::make_unique<Commands>(menuBar());
    for (const MenuMaker make : Menus) {
        make(*m_commands, *this);
    }
    m_atHand->refresh();
    followWork();
    qApp->installEventFilter(this);
    QTimer::singleShot(0, this, [] { sweepTrialCopies(); }); // of a program that ended badly
    applyTheme();
    refreshActions();
    refreshNames();
}

QMenuBar *MainWindow::menuBar() const
{
    return m_bar->menus();
}

// A line that stands as it was filled in has nothing to undo of its own; undoing and redoing there means the form.
bool MainWindow::eventFilter(QObject *watched, QEvent *event)
{
    if (event->type() != QEvent::ShortcutOverride || isAtWork() || !m_work->document()) {
        return QMainWindow::eventFilter(watched, event);
    }
    const auto *key = static_cast<QKeyEvent *>(event);
    const QKeySequence pressed(key->keyCombination());
    if (m_commands->isKeyOf("findCommand", pressed)) { // which a line would take for cutting off its end
        event->ignore();
        return true;
    }
    const bool isOfSteps = m_commands->isKeyOf("undo", pressed) || m_commands->isKeyOf("redo", pressed);
    const auto *line = qobject_cast<QLineEdit *>(watched);
    const auto *text = qobject_cast<QPlainTextEdit *>(watched);
    const bool isTyping = (line && line->isModified()) || (text && text->document()->isModified());
    if (isOfSteps && (line || text) && !isTyping && isAncestorOf(static_cast<QWidget *>(watched))) {
        event->ignore(); // so that the menu gets it
        return true;
    }
    return QMainWindow::eventFilter(watched, event);
}

MainWindow::~MainWindow()
{
    m_work->close();
    m_work->disconnect(this);
}

void MainWindow::closeEvent(QCloseEvent *event)
{
    event->setAccepted(m_filing->mayLetGo());
}

// The window shows what the work is, and asks and saves by its filing.
void MainWindow::followWork()
{
    connect(m_work.get(), &OpenWork::closing, this, &MainWindow::dropDocument);
    connect(m_work.get(), &OpenWork::opened, this, &MainWindow::showWorkspace);
    connect(m_work.get(), &OpenWork::taken, this, &MainWindow::showDocument);
    connect(m_work.get(), &OpenWork::catalogueTaken, this, &MainWindow::followCatalogue);
    connect(m_work.get(), &OpenWork::recordChanged, this, &MainWindow::refreshRecord);
    connect(m_work.get(), &OpenWork::databaseChanged, this, &MainWindow::refreshStatus);
    connect(m_work.get(), &OpenWork::said, this, &MainWindow::say);
    connect(m_work.get(), &OpenWork::failed, this, &MainWindow::complain);
    connect(m_filing.get(), &Filing::asking, this, [this] {
        if (m_board && m_board->isAncestorOf(QApplication::focusWidget())) {
            m_board->setFocus(); // words that are still open on it count as typed
        }
    });
    connect(m_filing.get(), &Filing::entryWanted, this, &MainWindow::showEntry);
    connect(m_filing.get(), &Filing::usedChanged, this, [this] { m_startPage->showUsed(usedLately()); });
    connect(m_filing.get(), &Filing::namesChanged, this, [this] {
        m_palette->refreshMore();
        refreshNames();
        tellInspectorForms();
    });
    connect(m_tableChanging.get(), &TableChanging::said, this, &MainWindow::say);
    connect(m_tableChanging.get(), &TableChanging::failed, this, &MainWindow::complain);
    connect(m_tableChanging.get(), &TableChanging::columnAdded, this,
            [this](const QString &table, const QString &name) {
                if (m_work->document() && m_work->document()->form().rowsFrom == table) {
                    takeColumns(table, {name});
                }
            });
    connect(m_filing.get(), &Filing::said, this, &MainWindow::say);
    connect(m_filing.get(), &Filing::failed, this, &MainWindow::complain);
}

// ---------------------------------------------------------------- building the window

void MainWindow::takeRulesPage(RulesPage *page)
{
    m_pages->addWidget(page);
    connect(page, &RulesPage::backRequested, this, &MainWindow::showDesign);
    connect(page, &RulesPage::said, this, &MainWindow::say);
    connect(page, &RulesPage::boardRequested, this, [this](ControlId control) {
        showDesign();
        Selection selection;
        selection.set({control});
        m_board->setSelection(selection);
    });
    page->setUntried([this](const Rule &rule) { return m_trialPage->tried().untried(rule); });
    connect(page, &RulesPage::recordRequested, this, [this](const RowKey &key) {
        if (!m_work->document()->focus().isEmpty()) {
            say(tr("This form shows its records inside another one; look for the record there."));
        } else if (m_work->session() && m_work->session()->moves().goToKey(key)) {
            showEntry();
        } else {
            say(tr("The record in hand has to be saved or put back first."));
        }
    });
}

void MainWindow::makePages()
{
    // What is made inside its parent is styled once; what is taken in later, once more with all that is in it.
    auto *ground = new QWidget(this);
    ground->setObjectName(QStringLiteral("ground"));
    ground->setAttribute(Qt::WA_StyledBackground);
    auto *column = new QVBoxLayout(ground);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_bar = new TopBar(ground);
    column->addWidget(m_bar);
    m_pages = new QStackedWidget(ground);
    column->addWidget(m_pages, 1);
    setCentralWidget(ground);

    m_startPage = new StartPage(m_pages);
    m_startPage->showUsed(usedLately());
    connect(m_startPage, &StartPage::openRequested, m_filing.get(), &Filing::open);
    connect(m_startPage, &StartPage::blankRequested, m_filing.get(), &Filing::newBlankForm);
    connect(m_startPage, &StartPage::demonstrationRequested, m_filing.get(), &Filing::openDemonstration);
    // What is clicked may go with the page that it is on.
    connect(m_startPage, &StartPage::pathRequested, m_filing.get(), &Filing::openPath, Qt::QueuedConnection);
    m_pages->addWidget(m_startPage);
    setAcceptDrops(true);

    m_designPage = new PanelSplitter(m_pages);
    m_designPage->setHandleWidth(6);
    m_catalogue = new CataloguePanel;
    QVBoxLayout *unused = nullptr;
    m_boardFrame = framed(&unused);
    m_inspectorFrame = framed(&unused);
    m_arrange = new ArrangeActions(this);
    m_arrangeStrip = new ArrangeStrip(m_arrange);
    m_atHand = new AtHandRow(menuBar());
    m_boardFrame->layout()->addWidget(m_atHand);
    m_boardFrame->layout()->addWidget(m_arrangeStrip);
    m_outline = new OutlinePanel;
    m_palette = new Palette;
    m_palette->setMore([this] {
        QList<Placeable> buttons;
        const QString own = m_work->document() ? QFileInfo(m_work->document()->path()).completeBaseName() : QString();
        const QList<TitledForm> forms = titledForms(m_work->workspace().projectFolder);
        for (const TitledForm &form : forms) {
            const ChildLink match =
                matchBetween(m_work->workspace().catalogue,
                             m_work->document() ? m_work->document()->form().rowsFrom : QString(), form.rowsFrom);
            Placeable button = openingButton(form.name, form.title, match);
            const auto alike = std::count_if(forms.begin(), forms.end(),
                                             [&](const TitledForm &each) { return each.title == form.title; });
            if (alike > 1) { // told apart by their names
                button.title = openingButton(form.name, form.name).title;
            }
            if (form.name != own) {
                buttons.append(button);
            }
        }
        return buttons;
    });
    m_sidePanels = new SidePanels;
    m_sidePanels->addPanel(m_catalogue);
    m_sidePanels->addPanel(m_palette);
    m_sidePanels->addPanel(m_outline);
    m_designPage->addPanel(m_sidePanels, tr("catalogue, controls and outline"));
    m_designPage->addPanel(m_boardFrame);
    m_designPage->addPanel(m_inspectorFrame, tr("inspector"), Qt::LeftToRight);
    m_sidePanels->setMinimumWidth(160);
    m_boardFrame->setMinimumWidth(240);
    m_inspectorFrame->setMinimumWidth(200);
    m_designPage->setStretchFactor(1, 1);
    QList<int> folded;
    for (const QVariant &panel : QSettings().value(QStringLiteral("foldedPanels")).toList()) {
        folded.append(panel.toInt());
    }
    // As wide as their words need, and the board has the rest.
    const int left = std::max(196, m_sidePanels->widthOfTabs() + 2);
    constexpr int Right = 212;
    m_designPage->begin({left, width() - left - Right, Right}, folded);
    connect(m_designPage, &PanelSplitter::foldedChanged, this, [this] {
        QVariantList panels;
        for (const int panel : m_designPage->folded()) {
            panels.append(panel);
        }
        QSettings().setValue(QStringLiteral("foldedPanels"), panels);
    });
    m_pages->addWidget(m_designPage);

    QVBoxLayout *entryColumn = nullptr;
    m_entryPage = framed(&entryColumn, m_pages);
    entryColumn->setContentsMargins(8, 8, 8, 8);
    m_pages->addWidget(m_entryPage);
    m_rules = new RuleView(
        m_work.get(), [this] { return m_storedValues ? &m_storedValues->profile() : nullptr; }, this);
    connect(m_rules, &RuleView::made, this, &MainWindow::takeRulesPage);
    m_looks = new LookView(m_work.get(), this);
    connect(m_looks, &LookView::tried, this, &MainWindow::tryLook);
    connect(m_looks, &LookView::triedEnded, this, &MainWindow::endTryingLook);
    connect(m_looks, &LookView::said, this, &MainWindow::say);
    connect(m_work.get(), &OpenWork::looksChanged, this, [this] {
        applyTheme();
        m_looks->refresh();
        if (m_inspector) {
            m_inspector->show(m_board->selection());
        }
    });
    m_findings = new FindingsView(m_work.get(), this);
    connect(m_findings, &FindingsView::said, this, &MainWindow::say);
    connect(m_findings, &FindingsView::counted, this,
            [this](const FindingCounts &counts) { m_bar->setFound(counts.toFix, counts.toWeigh); });
    m_trialPage = new TrialPage(m_pages);
    m_pages->addWidget(m_trialPage);
    connect(m_trialPage, &TrialPage::endRequested, this, &MainWindow::endTrial);
    connect(m_trialPage, &TrialPage::endedBecause, this, [this](const QString &why) {
        endTrial();
        complain({why, {}});
    });
    connect(m_trialPage, &TrialPage::said, this, &MainWindow::say);
    m_status = new StatusLine(statusBar());
    connect(m_status->sizes(), &QPushButton::clicked, this, &MainWindow::showWindowSizes);

    connect(m_bar, &TopBar::designRequested, this, &MainWindow::showDesign);
    connect(m_bar, &TopBar::findingsRequested, this, [this] { showFindings(!showsFindings()); });
    connect(m_bar, &TopBar::trialRequested, this, &MainWindow::showTrial);
    connect(m_bar, &TopBar::rulesRequested, this, &MainWindow::showRules);
    connect(m_bar, &TopBar::entryRequested, this, &MainWindow::showEntry);
    connect(m_bar, &TopBar::previousRequested, this, [this] {
        if (m_work->session()) {
            m_work->session()->moves().goPrevious();
        }
    });
    connect(m_bar, &TopBar::nextRequested, this, [this] {
        if (m_work->session()) {
            m_work->session()->moves().goNext();
        }
    });
    connect(m_bar, &TopBar::valuesRequested, this, [this] {
        if (m_board) {
            showValues(BoardValues::Record);
        }
    });
    connect(m_bar, &TopBar::longestRequested, this, [this] {
        if (m_board) {
            showValues(BoardValues::Longest);
        }
    });
    connect(m_bar, &TopBar::blankRequested, this, [this] {
        if (m_board) {
            showValues(BoardValues::Blank);
        }
    });
    connect(m_palette, &Palette::kindTaken, this, [this](const QString &kind) {
        if (m_board && !isEntry()) {
            beginPlacing(*m_board, kind);
        }
    });
    connect(m_palette, &Palette::kindPlaced, this, [this](const QString &kind) {
        if (m_board && !isEntry()) {
            placeInNextFreePlace(*m_board, kind);
        }
    });
    connect(m_catalogue, &CataloguePanel::columnsActivated, this, &MainWindow::takeColumns);
    connect(m_catalogue, &CataloguePanel::formRequested, m_filing.get(), &Filing::newFormFromTable,
            Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::sheetRequested, m_filing.get(), &Filing::newForm, Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::newColumnRequested, m_tableChanging.get(), &TableChanging::addColumn,
            Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::choicesTableRequested, m_tableChanging.get(),
            &TableChanging::makeChoicesTable, Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::usesRequested, m_uses, &UsesView::showColumn, Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::otherNameRequested, m_tableChanging.get(), &TableChanging::renameInForms,
            Qt::QueuedConnection);
    connect(m_catalogue, &CataloguePanel::storedRowsRequested, this,
            [this](const QString &table) { showRowsTable(true, table); });
    connect(m_catalogue, &CataloguePanel::columnChosen, this, [this](const QString &chosen) {
        if (!m_board || chosen.isEmpty()) {
            return;
        }
        for (const Control &control : m_work->document()->form().controls) {
            if (control.column == chosen) {
                m_board->select({control.id});
                return;
            }
        }
        m_board->select({});
    });
}

namespace {

// The one file that is dragged; empty for anything else.
QString fileIn(const QMimeData *mime)
{
    const QList<QUrl> urls = mime->urls();
    return urls.size() == 1 && urls.first().isLocalFile() ? urls.first().toLocalFile() : QString();
}

} // namespace

void MainWindow::dragEnterEvent(QDragEnterEvent *event)
{
    if (!fileIn(event->mimeData()).isEmpty()) {
        event->acceptProposedAction();
    }
}

// A project, a form or a database dropped on the window is opened.
void MainWindow::dropEvent(QDropEvent *event)
{
    const QString path = fileIn(event->mimeData());
    if (!path.isEmpty()) {
        event->acceptProposedAction();
        QMetaObject::invokeMethod(
            this, [this, path] { m_filing->openPath(path); }, Qt::QueuedConnection);
    }
}

void MainWindow::changeRows()
{
    // Other rows would take the place of the record in hand, so what was typed in it is settled first.
    if (!m_work->document() || !m_work->workspace().connection ||
        (m_work->session() && !mayLeaveRecord(m_work->session(), this))) {
        return;
    }
    const Form &form = m_work->document()->form();
    RowsDialog dialog(*m_work->workspace().connection, m_work->workspace().catalogue, form.rowsFrom, form.select,
                      theme(), this);
    if (dialog.exec() == QDialog::Accepted) {
        Form changed = setRowsFrom(m_work->document()->form(), dialog.rowsFrom(), dialog.select());
        if (const Table *given = dialog.selectTable(); given && dialog.select() != m_work->document()->form().select) {
            changed = withOrderOfSelect(changed, *given);
        }
        m_work->document()->apply(tr("Change where the rows come from"), changed);
    }
}

void MainWindow::refreshCatalogue()
{
    m_catalogue->setCatalogue(m_work->shownCatalogue(), addressTitle(m_work->workspace().address));
    m_catalogue->setForm(m_work->document()->form());
    if (m_inspector) {
        m_inspector->setCatalogue(&m_work->shownCatalogue(), m_work->workspace().project.namingPattern);
    }
}

// How columns of a table become fields of a form, for the board's drops too. A form without rows gets those of the
// table; columns of another table than the form's are none of its own.
AddedFields MainWindow::addedFields(const Form &form, const QString &tableName, const QStringList &columns,
                                    const FieldTarget &target) const
{
    const Catalogue &catalogue = m_work->shownCatalogue();
    const Table *table = findTable(catalogue, tableName);
    const bool isFirst = form.rowsFrom.isEmpty();
    if (!table || (!isFirst && form.rowsFrom != tableName)) {
        return {form, {}};
    }
    const bool isProfiled = m_storedValues && m_storedValues->profile().table == tableName;
    return withFields(isFirst ? setRowsFrom(form, tableName) : form, catalogue, *table, columns, target,
                      isProfiled ? &m_storedValues->profile() : nullptr, m_work->workspace().project.namingPattern,
                      *m_appearance);
}

// Columns asked for in the catalogue come on to the form after the lead, or are selected where they are there already.
void MainWindow::takeColumns(const QString &table, const QStringList &columns)
{
    if (!m_work->document() || !m_board || isEntry()) {
        return;
    }
    const Form form = m_work->document()->form();
    const AddedFields added = addedFields(form, table, columns, m_board->scene().fieldTarget());
    if (added.fields.isEmpty()) {
        QList<ControlId> there;
        for (const Control &control : form.controls) {
            if (form.rowsFrom == table && columns.contains(control.column)) {
                there.append(control.id);
            }
        }
        m_board->select(there);
        if (form.rowsFrom != table && !form.rowsFrom.isEmpty()) {
            say(tr("The form shows rows of %1; columns of %2 come with a lookup or a subform.")
                    .arg(form.rowsFrom.simplified(), table.simplified()));
        }
        return;
    }
    m_work->document()->apply(added.fields.size() == 1 ? tr("Add the field %1").arg(columns.first().simplified())
                                                       : tr("Add %1 fields").arg(added.fields.size()),
                              added.form);
    m_board->select(added.fields);
    m_board->scrollTo(added.fields.last());
}

void MainWindow::renameControls()
{
    if (!m_work->document()) {
        return;
    }
    m_work->document()->setFocus({}); // the pattern is for the whole form
    const QStringList files =
        m_work->workspace().projectFolder.isEmpty() ? QStringList() : formFiles(m_work->workspace().projectFolder);
    const bool isOwn =
        files.contains(QFileInfo(m_work->document()->path()).fileName()) && !m_work->document()->path().isEmpty();
    RenameDialog dialog(m_work->document()->form(), static_cast<int>(files.size()) - (isOwn ? 1 : 0),
                        m_work->workspace().project.namingPattern, this);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    const QString pattern = dialog.pattern();
    const Form renamed = renamedByPattern(m_work->document()->form(), pattern);
    if (!(renamed == m_work->document()->form())) {
        m_work->document()->apply(tr("Rename the controls"), renamed);
    }
    const Outcome saved = m_work->setNamingPattern(pattern);
    if (!saved) {
        complain(saved.error());
        return;
    }
    if (m_work->workspace().projectFolder.isEmpty()) {
        return;
    }
    const Renamed others = renameForms(m_work->workspace().projectFolder, pattern, m_work->document()->path());
    if (others.failures.isEmpty()) {
        say(counted(others.forms, tr("One other form was named anew."), tr("%1 other forms were named anew.")));
    } else {
        complain({tr("Not every form could be named anew: %1").arg(others.failures.join(u' ')), {}});
    }
}

// ---------------------------------------------------------------- themes

Theme MainWindow::theme() const
{
    return m_themeChoice == ThemeChoice::AsDesktop ? m_desktopTheme
           : m_themeChoice == ThemeChoice::Light   ? Theme::Light
                                                   : Theme::Dark;
}

void MainWindow::setThemeChoice(ThemeChoice choice)
{
    m_themeChoice = choice;
    const QString word = choice == ThemeChoice::Light  ? QStringLiteral("light")
                         : choice == ThemeChoice::Dark ? QStringLiteral("dark")
                                                       : QString();
    QSettings().setValue(QStringLiteral("theme"), word);
    applyTheme();
}

void MainWindow::styleApplication()
{
    QApplication::setPalette(panelPalette(theme()));
    const QString style = panelStyle(theme());
    if (qApp->styleSheet() != style) {
        qApp->setStyleSheet(style);
    }
}

void MainWindow::applyTheme()
{
    styleApplication();
    const QString look = m_work->document() ? m_work->document()->root().look : QString();
    *m_appearance = Appearance(look, theme(), QApplication::font(), m_work->workspace().looks);
    m_catalogue->setTheme(theme());
    m_rules->setAppearance(*m_appearance);
    m_trialPage->setAppearance(*m_appearance);
    m_arrange->setTheme(theme());
    if (m_board) {
        m_board->setAppearance(*m_appearance);
    }
    if (m_entryView) {
        m_entryView->setAppearance(m_appearance->zoomed(entryZoom()));
    }
    Q_EMIT themeChanged();
}

// ---------------------------------------------------------------- what is shown around

void MainWindow::refreshNames()
{
    const QString title = m_work->document() ? m_work->document()->root().title : QString();
    const bool isUnsaved = m_work->document() && m_work->document()->isChanged();
    m_bar->setNames(m_work->workspace().address.isEmpty() ? QString() : workspaceTitle(m_work->workspace()), title,
                    isUnsaved);
    m_bar->setHasForm(m_work->document() != nullptr);
    showSide();
    setWindowTitle(m_work->document() ? tr("%1%2 – Nabblet").arg(title, isUnsaved ? QStringLiteral(" •") : QString())
                                      : tr("Nabblet"));
}

void MainWindow::refreshRecord()
{
    if (!m_work->session()) {
        m_bar->setRecord(tr("No record"), false, tr("The database could not be opened."));
        return;
    }
    const std::optional<qint64> position = m_work->session()->position();
    const bool canStep = m_work->session()->state().hasRecord() && !m_work->session()->hasUnsaved() &&
                         !m_work->session()->state().isNew();
    m_bar->setRecord(m_work->session()->state().isNew()        ? tr("New record")
                     : !m_work->session()->state().hasRecord() ? tr("No record")
                     : position                                ? tr("Record %L1").arg(*position + 1)
                                                               : tr("Record"),
                     canStep,
                     m_work->session()->state().hasRecord()
                         ? tr("The record has changes that are not saved; save it in Entry first.")
                         : tr("There are no records."));
}

void MainWindow::refreshActions()
{
    if (!m_commands) {
        return;
    }
    const bool hasForm = m_work->document() != nullptr;
    const bool hasControl = m_board && !m_board->selection().isEmpty();
    m_arrange->setEnabled(hasForm && !isEntry() && !isRules() && !isTrial());
    m_palette->setTakenUp(m_board ? placingOn(*m_board) : QString());
    m_commands->refresh({hasForm, isAtWork(), isRules(), hasControl, m_work->workspace().connection.has_value()});
}

void MainWindow::refreshStatus()
{
    const Workspace &workspace = m_work->workspace();
    const bool isReadOnly = workspace.connection && workspace.connection->isReadOnly();
    m_status->showDatabase(addressTitle(workspace.address), isReadOnly);
    if (m_work->document() && m_board && !isEntry() && !isRules() && !isTrial()) {
        m_status->showBoard(m_board->scene(), m_unit);
    } else {
        m_status->hideBoard();
    }
}

void MainWindow::say(const QString &sentence)
{
    statusBar()->showMessage(sentence, 15000);
    announce(statusBar(), sentence);
}

void MainWindow::complain(const Error &error)
{
    say(error.sentence);
    nabblet::complain(error, this);
}

} // namespace nabblet
