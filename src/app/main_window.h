// The window: catalogue, board and inspector in Design, the form at work in Entry.
#pragma once

#include "app/workspace.h"
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
class DatabaseWatch;
class EntrySession;
class EntryView;
class InnerFormBar;
class Inspector;
class RecordRecovery;
class Recovery;
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

    // Opens a project, a database or a form. A bare database goes straight to a new form.
    void openPath(const QString &path);
    // Makes a form from a table without asking, as its draft stands.
    // Offers unsaved work that an earlier run left of forms that were never saved. True when it was taken up.
    bool offerUnsaved();
    void readDatabaseAgain();
    void newFormFromTable(const QString &table, Arrangement arrangement = Arrangement::Columnar);
    // The sheet that makes a form from data, with a table chosen.
    void newForm(const QString &table = {});
    // An empty form that belongs to no database.
    void newBlankForm();
    void openDemonstration();
    void changeRows();
    const Catalogue &shownCatalogue() const;
    void refreshCatalogue();
    void takeColumns(const QString &table, const QStringList &columns);
    void renameControls();
    void renameForm();

    void showDesign();
    void showEntry();
    bool isEntry() const;

    void setThemeChoice(ThemeChoice choice);

    // The window's menus; they stand in its bar.
    QMenuBar *menuBar() const;
    Board *board() const { return m_board; }
    EntryView *entryView() const { return m_entryView; }
    EntrySession *session() const { return m_session.get(); }
    FormDocument *document() const { return m_document.get(); }
    Recovery *recovery() const { return m_recovery.get(); }
    const Workspace &workspace() const { return m_workspace; }

    void setUnit(Unit unit);
    void showValues(BoardValues values);
    void editCaptions();
    void showHistory(bool shows);
    // table: whose rows; empty for the form's own.
    void showRowsTable(bool shows, const QString &table = {});
    // The sliders that try other window sizes.
    void showWindowSizes(bool shows);

    bool save();
    bool saveAs();

Q_SIGNALS:
    void themeChanged();
    void catalogueTaken(const nabblet::Catalogue &catalogue);

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
    void openWorkspace(const Workspace &workspace);
    Workspace withDatabaseFound(Workspace workspace);
    void openForm(const QString &path);
    void takeDocument(const Form &form, const QString &path, bool isNew);
    void closeDocument();
    void offerTypedRecord();
    void watchDatabase();
    void takeCatalogue(const Catalogue &catalogue);
    bool mayLetGo();
    bool saveTo(const QString &path);
    QString folderForForms() const;
    void open();
    EntrySession *sessionInFocus();
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

    Workspace m_workspace;
    std::unique_ptr<FormDocument> m_document;
    std::unique_ptr<Recovery> m_recovery;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<RecordRecovery> m_typedRecovery;
    std::unique_ptr<DatabaseWatch> m_watch;
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
