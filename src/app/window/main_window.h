// The window: catalogue, board and inspector in Design, the form at work in Entry.
#pragma once

#include "app/window/uses_view.h"
#include "app/work/filing.h"
#include "app/work/open_work.h"
#include "app/work/table_changing.h"
#include "designer/board/board.h"
#include "entry/theme/appearance.h"

#include <QMainWindow>

#include <memory>

class QMenuBar;
class QStackedWidget;

namespace nabblet {

class ArrangeActions;
class CataloguePanel;
class Commands;
class EntryView;
class InnerFormBar;
class Inspector;
class ArrangeStrip;
class OutlinePanel;
class Palette;
class PanelSplitter;
class RuleView;
class RulesPage;
class FindingsPanel;
class FindingsView;
class AtHandRow;
class LookView;
class LooksPanel;
class Panel;
class StartPage;
class StatusLine;
class SidePanels;
class StoredValues;
class TopBar;
class TrialPage;
class WindowSizeStrip;

enum class ThemeChoice { AsDesktop, Light, Dark };

class MainWindow : public QMainWindow
{
    Q_OBJECT

public:
    explicit MainWindow(QWidget *parent = nullptr);
    ~MainWindow() override;

    // What it works on, and how that is opened and saved.
    OpenWork &work() const { return *m_work; }
    Filing &filing() const { return *m_filing; }
    TableChanging &tableChanging() const { return *m_tableChanging; }
    UsesView &uses() const { return *m_uses; }

    void changeRows();
    void refreshCatalogue();
    void takeColumns(const QString &table, const QStringList &columns);
    void renameControls();

    void showDesign();
    void showEntry();
    bool isEntry() const;
    // The rules of the form, those of what is selected first.
    void showRules();
    bool isRules() const;
    // The form on a private copy of its database, and the end of that.
    void showTrial();
    void endTrial();
    bool isTrial() const;
    // Whether records are worked with, whatever becomes of them.
    bool isAtWork() const { return isEntry() || isTrial(); }
    TrialPage *trialPage() const { return m_trialPage; }

    ThemeChoice themeChoice() const { return m_themeChoice; }
    void setThemeChoice(ThemeChoice choice);

    // The window's menus; they stand in its bar.
    QMenuBar *menuBar() const;
    Board *board() const { return m_board; }
    // Of the form at work: in Entry, or in a trial.
    EntryView *entryView() const;
    FormDocument *document() const { return m_work->document(); }
    EntrySession *session() const;

    AtHandRow &atHand() const { return *m_atHand; }
    const Appearance &appearance() const { return *m_appearance; }
    ArrangeActions *arrange() const { return m_arrange; }
    StatusLine *status() const { return m_status; }

    Unit unit() const { return m_unit; }
    void setUnit(Unit unit);
    void showValues(BoardValues values);
    void editCaptions();
    bool showsHistory() const { return m_historyPanel != nullptr; }
    void showHistory(bool shows);
    bool showsRowsTable() const { return m_rowsTable != nullptr; }
    // table: whose rows; empty for the form's own.
    void showRowsTable(bool shows, const QString &table = {});
    // The looks of the project, among the panels at the left.
    bool showsLooks() const { return m_looksPanel != nullptr; }
    void showLooks(bool shows);
    LookView &lookView() const { return *m_looks; }
    // What the checks found, below the board.
    bool showsFindings() const { return m_findingsPanel != nullptr; }
    void showFindings(bool shows);
    FindingsView &findings() const { return *m_findings; }
    // The sliders that try other window sizes.
    void showWindowSizes(bool shows);
    bool showsWindowSizes() const;
    // A picture to lay under the form.
    void chooseTracing();
    void findCommand();
    void foldPanels();
    enum class Place { Catalogue, Board, Inspector, Controls, Outline };
    // Takes the keyboard there.
    void goTo(Place place);

    // Designs the form inside a control, and back.
    void enterInnerForm(ControlId control);
    void leaveInnerForm();

    void complain(const Error &error);

Q_SIGNALS:
    void themeChanged();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void closeEvent(QCloseEvent *event) override;
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dropEvent(QDropEvent *event) override;

private:
    void prepareBoard();
    AddedFields addedFields(const Form &form, const QString &table, const QStringList &columns,
                            const FieldTarget &target) const;
    void makePages();
    void takeRulesPage(nabblet::RulesPage *page);
    void followWork();
    void showWorkspace();
    void showDocument();
    void showSide();
    void dropDocument();
    void followCatalogue();
    void followFocus();
    void refreshNames();
    void tellInspectorForms();
    void refreshStatus();
    void refreshRecord();
    void refreshActions();
    void say(const QString &sentence);
    Theme theme() const;
    void styleApplication();
    void applyTheme();
    void tryLook(const Look &look);
    void goToControl(const InnerPath &path, ControlId control);
    void endTryingLook();

    std::unique_ptr<OpenWork> m_work;
    std::unique_ptr<Filing> m_filing;
    std::unique_ptr<TableChanging> m_tableChanging;
    UsesView *m_uses;
    ThemeChoice m_themeChoice = ThemeChoice::AsDesktop;
    Theme m_desktopTheme = Theme::Light;
    std::unique_ptr<Appearance> m_appearance;

    TopBar *m_bar = nullptr;
    QStackedWidget *m_pages = nullptr;
    // The places of the panels on it that fold.
    static constexpr int LeftPanels = 0;
    static constexpr int InspectorPanel = 2;
    PanelSplitter *m_designPage = nullptr;
    QWidget *m_entryPage = nullptr;
    RuleView *m_rules = nullptr;
    TrialPage *m_trialPage = nullptr;
    StartPage *m_startPage = nullptr;
    CataloguePanel *m_catalogue = nullptr;
    Palette *m_palette = nullptr;
    OutlinePanel *m_outline = nullptr;
    SidePanels *m_sidePanels = nullptr;
    ArrangeActions *m_arrange = nullptr;
    WindowSizeStrip *m_windowSizeStrip = nullptr;
    std::unique_ptr<StoredValues> m_storedValues;
    Unit m_unit = Unit::Pixels;
    QWidget *m_boardFrame = nullptr;
    ArrangeStrip *m_arrangeStrip = nullptr;
    InnerFormBar *m_innerBar = nullptr;
    QWidget *m_inspectorFrame = nullptr;
    Board *m_board = nullptr;
    Inspector *m_inspector = nullptr;
    EntryView *m_entryView = nullptr; // made when Entry is first shown
    std::unique_ptr<Commands> m_commands;
    Panel *m_historyPanel = nullptr;
    AtHandRow *m_atHand = nullptr;
    LookView *m_looks = nullptr;
    LooksPanel *m_looksPanel = nullptr;
    FindingsView *m_findings = nullptr;
    FindingsPanel *m_findingsPanel = nullptr;
    int m_widthBeforeLooks = 0; // px, of the panels at the left; 0 where they had room
    QWidget *m_rowsTable = nullptr;
    StatusLine *m_status = nullptr;
};

} // namespace nabblet
