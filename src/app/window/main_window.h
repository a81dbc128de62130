// The window: catalogue, board and inspector in Design, the form at work in Entry.
#pragma once

#include "app/work/filing.h"
#include "app/work/open_work.h"
#include "designer/board/board.h"
#include "entry/theme/appearance.h"

#include <QMainWindow>

#include <functional>
#include <memory>

class QLabel;
class QMenu;
class QMenuBar;
class QPushButton;
class QStackedWidget;

namespace nabblet {

class CataloguePanel;
class EntryView;
class InnerFormBar;
class Inspector;
class ArrangeActions;
class ArrangeStrip;
class OutlinePanel;
class Palette;
class PanelSplitter;
class Panel;
class StartPage;
class SidePanels;
class StoredValues;
class TopBar;
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

    void changeRows();
    void refreshCatalogue();
    void takeColumns(const QString &table, const QStringList &columns);
    void renameControls();

    void showDesign();
    void showEntry();
    bool isEntry() const;

    void setThemeChoice(ThemeChoice choice);

    // The window's menus; they stand in its bar.
    QMenuBar *menuBar() const;
    Board *board() const { return m_board; }
    EntryView *entryView() const { return m_entryView; }
    FormDocument *document() const { return m_work->document(); }
    EntrySession *session() const { return m_work->session(); }

    void setUnit(Unit unit);
    void showValues(BoardValues values);
    void editCaptions();
    void showHistory(bool shows);
    // table: whose rows; empty for the form's own.
    void showRowsTable(bool shows, const QString &table = {});
    // The sliders that try other window sizes.
    void showWindowSizes(bool shows);

Q_SIGNALS:
    void themeChanged();

protected:
    bool eventFilter(QObject *watched, QEvent *event) override;
    void closeEvent(QCloseEvent *event) override;
    void dragEnterEvent(QDragEnterEvent *event) override;
    void dropEvent(QDropEvent *event) override;

private:
    void makeMenus();
    void makeFileMenu();
    void makeEditMenu();
    void makeSelectMenu();
    void makeArrangeMenu();
    void makeRecordsMenu();
    void makeViewMenu();
    void makeHelpMenu();
    // A command of a menu. group: those that can be used at the same times; nullptr for always.
    QAction *addCommand(QMenu *menu, const QString &words, const QKeySequence &keys, const std::function<void()> &run,
                        QList<QAction *> *group);
    void findCommand();
    void showBoardMenu(const QPoint &global);
    void prepareBoard();
    AddedFields addedFields(const Form &form, const QString &table, const QStringList &columns,
                            const FieldTarget &target) const;
    void chooseTracing();
    void makePages();
    void followWork();
    void showWorkspace();
    void showDocument();
    void dropDocument();
    void followCatalogue();
    void enterInnerForm(ControlId control);
    void leaveInnerForm();
    void followFocus();
    void refreshNames();
    void refreshStatus();
    void refreshRecord();
    void refreshActions();
    void fillFormsMenu();
    void say(const QString &sentence);
    void complain(const Error &error);
    Theme theme() const;
    void styleApplication();
    void applyTheme();

    std::unique_ptr<OpenWork> m_work;
    std::unique_ptr<Filing> m_filing;
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
    QMenu *m_formsMenu = nullptr;
    QAction *m_switch = nullptr;
    QAction *m_saveAction = nullptr;
    QAction *m_history = nullptr;
    QAction *m_rowsAction = nullptr;
    QAction *m_tabOrderAction = nullptr;
    QAction *m_moveTracing = nullptr;
    Panel *m_historyPanel = nullptr;
    QWidget *m_rowsTable = nullptr;
    QAction *m_undo = nullptr;
    QAction *m_redo = nullptr;
    QList<QAction *> m_formActions;    // need a form
    QList<QAction *> m_designActions;  // need a form in Design
    QList<QAction *> m_entryActions;   // need a form in Entry
    QList<QAction *> m_controlActions; // need a control selected
    QList<QAction *> m_databaseActions;
    QAction *m_readAgain = nullptr;
    QAction *m_findCommand = nullptr;
    QLabel *m_selectionStatus = nullptr;
    QLabel *m_gridStatus = nullptr;
    QLabel *m_databaseStatus = nullptr;
    QLabel *m_orderStatus = nullptr;
    QPushButton *m_zoomStatus = nullptr;
    QPushButton *m_sizeStatus = nullptr;
    QAction *m_sizesAction = nullptr;
};

} // namespace nabblet
