// Design in the whole window: a form laid out by the keyboard alone, the menus, the inspector, the outline, the lists.
#include "app/parts/panel_splitter.h"
#include "app/parts/start_page.h"
#include "app/window/main_window.h"
#include "app/work/used_lately.h"
#include "core/arrange/edges.h"
#include "core/arrange/operations.h"
#include "core/arrange/rows.h"
#include "core/edit/edits.h"
#include "core/file/project_file.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/panels/arrange_actions.h"
#include "designer/panels/arrange_strip.h"
#include "designer/panels/caption_list.h"
#include "designer/panels/catalogue_panel.h"
#include "designer/panels/command_finder.h"
#include "designer/panels/outline/outline_panel.h"
#include "designer/panels/rows_table.h"
#include "designer/panels/window_size_strip.h"
#include "designer/settings/inspector.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QAccessible>
#include <QAction>
#include <QComboBox>
#include <QDropEvent>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenuBar>
#include <QMimeData>
#include <QMouseEvent>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QStandardPaths>
#include <QTableWidget>
#include <QTest>
#include <QTimer>
#include <QToolButton>
#include <QTreeView>
#include <QTreeWidget>
#include <QUndoView>

using namespace nabblet;
using samples::WhenOpen;

namespace {

// Counts the mouse events that the application sees.
class MouseCounter : public QObject
{
public:
    int count = 0;

protected:
    bool eventFilter(QObject *, QEvent *event) override
    {
        const bool isMouse = event->type() == QEvent::MouseButtonPress || event->type() == QEvent::MouseMove ||
                             event->type() == QEvent::MouseButtonRelease ||
                             event->type() == QEvent::MouseButtonDblClick;
        count += isMouse ? 1 : 0;
        return false;
    }
};

} // namespace

class TestDesignWindow : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    std::unique_ptr<MainWindow> m_window;

    const Form &form() const { return m_window->document()->form(); }
    Board *board() const { return m_window->board(); }
    ControlId boundTo(const QString &column) const
    {
        for (const Control &control : form().controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    QRect place(const QString &column) const { return form().controls.find(boundTo(column))->place; }
    static void key(int code, Qt::KeyboardModifiers modifiers = Qt::NoModifier)
    {
        QWidget *to = QApplication::focusWidget();
        QTest::keyClick(to, static_cast<Qt::Key>(code), modifiers);
    }
    template <typename Widget> Widget *part(const char *name) const
    {
        auto *widget = m_window->findChild<Widget *>(name);
        if (!widget) {
            qFatal("no %s", name);
        }
        return widget;
    }
    void open(const QString &path)
    {
        m_window->filing().openPath(path);
        QVERIFY(m_window->document());
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
        board()->setFocus();
        QTRY_COMPARE(QApplication::focusWidget(), board());
    }
    // Closes without asking to save.
    void letGo()
    {
        QTimer timer;
        connect(&timer, &QTimer::timeout, [] {
            if (auto *box = QApplication::activeModalWidget()) {
                if (auto *button = box->findChild<QPushButton *>("answer1")) {
                    button->click();
                }
            }
        });
        timer.start(5);
        m_window->close();
        m_window.reset();
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
        samples::fairwayDatabase(m_folder);
        QDir().mkpath(m_folder.filePath("forms"));
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/project.nabblet", m_folder.filePath("project.nabblet")));
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/forms/buoy.nabform",
                            m_folder.filePath("forms/buoy.nabform")));
    }
    void init()
    {
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
    }
    void cleanup()
    {
        if (m_window) {
            letGo();
        }
    }

    // Panels fold by a click on the line beside them and all at once by a key; how they are folded is kept.
    void panelsGiveTheBoardRoom()
    {
        open(m_folder.filePath("forms/buoy.nabform"));
        auto *panels = m_window->findChild<PanelSplitter *>();
        QVERIFY(panels);
        const auto share = [&] {
            const QSize board = m_window->findChild<Board *>()->size();
            return double(board.width()) * board.height() / (1280.0 * 800.0);
        };
        const int before = panels->sizes().at(0);
        QVERIFY(before > 100);
        QTest::mouseClick(panels->handle(1), Qt::LeftButton);
        QCOMPARE(panels->sizes().at(0), 0);
        QVERIFY(panels->isFolded(0) && !panels->isFolded(2));
        QVERIFY(panels->handle(1)->isVisible());
        QTest::mouseClick(panels->handle(1), Qt::LeftButton);
        QCOMPARE(panels->sizes().at(0), before);
        const double usual = share();
        QVERIFY2(usual >= 0.55, qPrintable(QString::number(usual)));
        key(Qt::Key_F9);
        QCOMPARE(panels->folded().size(), 2);
        QVERIFY2(share() > 0.8, qPrintable(QString::number(share())));
        key(Qt::Key_I, Qt::ControlModifier); // where the keyboard goes is in sight
        QVERIFY(!panels->isFolded(2));
        QVERIFY(QApplication::focusWidget()->isVisible());
        key(Qt::Key_F9);
        QCOMPARE(panels->folded().size(), 2);
        letGo();
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        open(m_folder.filePath("forms/buoy.nabform"));
        panels = m_window->findChild<PanelSplitter *>();
        QCOMPARE(panels->folded().size(), 2);
        key(Qt::Key_F9);
        QCOMPARE(panels->folded().size(), 0);
        QVERIFY(std::abs(share() - usual) < 0.01);
    }

    // The first picture does not wait for the settings; whoever selects something before does not wait for it either.
    void settingsAreFilledInAfterTheFirstPicture()
    {
        const auto titleOf = [this] { return m_window->findChild<Inspector *>()->findChild<QLineEdit *>("formTitle"); };
        m_window->hide();
        m_window->filing().openPath(m_folder.filePath("forms/buoy.nabform"));
        QVERIFY(m_window->document());
        QApplication::processEvents();
        QVERIFY(!titleOf());
        m_window->show();
        QTRY_VERIFY(titleOf());
        QCOMPARE(titleOf()->text(), form().title);
        m_window = std::make_unique<MainWindow>();
        m_window->filing().openPath(m_folder.filePath("forms/buoy.nabform"));
        QVERIFY(!m_window->findChild<Inspector *>()->findChild<QLineEdit *>("placeLeft"));
        board()->select({form().controls.at(1).id});
        QVERIFY(m_window->findChild<Inspector *>()->findChild<QLineEdit *>("placeLeft"));
    }

    // A search goes through the form's settings too, and says so when it finds nothing.
    void aSettingIsFoundWhereverItIs()
    {
        open(m_folder.filePath("forms/buoy.nabform"));
        auto *board = m_window->findChild<Board *>();
        board->select({board->document()->form().controls.at(2).id});
        auto *inspector = m_window->findChild<Inspector *>();
        auto *search = inspector->findChild<QLineEdit *>("settingSearch");
        const auto said = [&] {
            QString words;
            for (const QLabel *label : inspector->findChildren<QLabel *>("faint")) {
                words += label->isVisible() && label->wordWrap() ? label->text() : QString();
            }
            return words;
        };
        search->setText("colour of the sea");
        QVERIFY2(said().contains("colour of the sea"), qPrintable(said()));
        search->setText("Pitch");
        QCOMPARE(said(), QString());
        auto *pitch = inspector->findChild<QLineEdit *>("gridPitch");
        QVERIFY(pitch && pitch->isVisible());
        pitch->setText("10");
        pitch->setModified(true);
        Q_EMIT pitch->editingFinished();
        QCOMPARE(board->document()->form().grid.pitch, 10);
        search->clear();
        QCOMPARE(said(), QString());
        QVERIFY(!pitch->isVisible());
    }

    // What the start page offers: the demonstration, made once; an empty form; what was used lately.
    void theStartPageOffersBeginnings()
    {
        auto *page = m_window->findChild<StartPage *>();
        QVERIFY(page && page->isVisible());
        m_window->filing().openDemonstration();
        QVERIFY(m_window->document() && m_window->work().workspace().connection);
        QVERIFY(!page->isVisible());
        const QString folder = m_window->work().workspace().projectFolder;
        QVERIFY(QFile::exists(folder + "/fairway.db"));
        QCOMPARE(formFiles(folder), formFiles(NABBLET_ROOT "/demo/fairway-depot"));
        QCOMPARE(usedLately().first(), folder);
        m_window->filing().newBlankForm();
        QVERIFY(m_window->document()->form().rowsFrom.isEmpty() && !m_window->work().workspace().connection);
        letGo();
        QVERIFY(QDir(folder).removeRecursively());
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        auto *used = m_window->findChild<QListWidget *>("usedLately");
        for (int i = 0; i < used->count(); ++i) { // what is gone is left out
            QVERIFY(used->item(i)->data(Qt::UserRole).toString() != folder);
        }
    }

    void aTableBecomesAForm()
    {
        open(m_folder.filePath("forms/buoy.nabform"));
        for (const Arrangement arrangement : {Arrangement::Columnar, Arrangement::Stacked, Arrangement::Tabular}) {
            m_window->document()->steps()->setClean();
            m_window->filing().newFormFromTable("vessel", arrangement);
            QCOMPARE(form().rowsFrom, "vessel");
            QCOMPARE(isTabular(form()), arrangement == Arrangement::Tabular);
            QVERIFY(m_window->filing().save()); // without a question
        }
        QCOMPARE(QDir(m_folder.filePath("forms")).entryList({"vessel*.nabform"}).size(), 3);
        m_window->showRowsTable(true, "contractor"); // of any table
        QVERIFY(m_window->findChild<RowsTable *>());
    }

    // From an empty form to a laid out one without one mouse event.
    void theKeyboardAloneLaysOutAForm()
    {
        MouseCounter mouse;
        qApp->installEventFilter(&mouse);
        WhenOpen sheet("newForm", [](QDialog *dialog) {
            static_cast<NewFormDialog *>(dialog)->start(NewFormDialog::From::Nothing);
            dialog->accept();
        });
        open(m_folder.filePath("fairway.db"));

        // Columns from the catalogue, several at once.
        key(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        auto *tree = qobject_cast<QTreeView *>(QApplication::focusWidget());
        QVERIFY(tree);
        tree->setCurrentIndex(tree->model()->index(0, 0));
        QTest::keyClicks(tree, "contractor");
        QCOMPARE(tree->currentIndex().data().toString(), "contractor");
        key(Qt::Key_Right); // opens it
        key(Qt::Key_Down);
        key(Qt::Key_Down);
        key(Qt::Key_Down, Qt::ShiftModifier);
        key(Qt::Key_Down, Qt::ShiftModifier);
        key(Qt::Key_Down, Qt::ShiftModifier);
        key(Qt::Key_Return);
        QCOMPARE(form().rowsFrom, "contractor");
        QCOMPARE(board()->selection().controls().size(), 4);
        const QList<ControlId> fields = tabSequence(form());
        QCOMPARE(fields.size(), 4);

        // Moved by arrows, lined up, matched, spaced.
        key(Qt::Key_B, Qt::ControlModifier);
        QCOMPARE(QApplication::focusWidget(), board());
        key(Qt::Key_Escape);
        key(Qt::Key_Escape);
        key(Qt::Key_Tab);
        QCOMPARE(board()->selection().lead(), fields.first());
        key(Qt::Key_Tab);
        for (int i = 0; i < 3; ++i) {
            key(Qt::Key_Right, Qt::ControlModifier);
        }
        key(Qt::Key_Down, Qt::ControlModifier);
        const QRect off = form().controls.find(fields.at(1))->place;
        QVERIFY(off.x() % 8 != 0 || off.y() % 8 != 0);
        key(Qt::Key_PageUp, Qt::ShiftModifier);
        QCOMPARE(board()->selection().controls(), QList<ControlId>({fields.at(1), fields.at(0)}));
        key(Qt::Key_Left, Qt::AltModifier);
        QCOMPARE(form().controls.find(fields.at(1))->place.x(), form().controls.find(fields.at(0))->place.x());
        key(Qt::Key_W, Qt::ControlModifier | Qt::AltModifier);
        QCOMPARE(form().controls.find(fields.at(1))->place.width(), form().controls.find(fields.at(0))->place.width());
        key(Qt::Key_A, Qt::ControlModifier);
        key(Qt::Key_T, Qt::ControlModifier | Qt::AltModifier);
        for (const ControlId id : fields) {
            QCOMPARE(form().controls.find(id)->place.y() % 8, 0);
        }
        // Two columns, and back by undo.
        key(Qt::Key_2, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(form().controls.find(fields.at(2))->place.x() > form().controls.find(fields.at(0))->place.x());
        key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(form().controls.find(fields.at(2))->place.x(), form().controls.find(fields.at(0))->place.x());

        // A caption in place, over two lines.
        board()->select({fields.at(0)});
        key(Qt::Key_F2);
        auto *editor = qobject_cast<QPlainTextEdit *>(QApplication::focusWidget());
        QVERIFY(editor);
        QTest::keyClicks(editor, "Firm");
        QTest::keyClick(editor, Qt::Key_Return, Qt::ShiftModifier);
        QTest::keyClicks(editor, "or person");
        QTest::keyClick(editor, Qt::Key_Return);
        QCOMPARE(captionOf(form(), fields.at(0))->text, "Firm\nor person");
        QCOMPARE(QApplication::focusWidget(), board());

        // A number in the inspector, with arithmetic.
        key(Qt::Key_I, Qt::ControlModifier);
        auto *width = part<QLineEdit>("placeWidth");
        width->setFocus(Qt::TabFocusReason);
        const int before = form().controls.find(fields.at(0))->place.width();
        QTest::keyClick(width, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(width, "+1in");
        QTest::keyClick(width, Qt::Key_Return);
        QCOMPARE(form().controls.find(fields.at(0))->place.width(), before + 96);
        // It is undone and done again from where the keyboard is.
        QVERIFY(width->hasFocus());
        QTest::keyClick(width, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(form().controls.find(fields.at(0))->place.width(), before);
        QTest::keyClick(width, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(form().controls.find(fields.at(0))->place.width(), before + 96);

        // Any command by its name.
        key(Qt::Key_B, Qt::ControlModifier);
        WhenOpen finder("commandFinder", [](QDialog *dialog) {
            auto *words = dialog->findChild<QLineEdit *>("commandWords");
            QTest::keyClicks(words, "add a footer");
            QTest::keyClick(words, Qt::Key_Return);
        });
        key(Qt::Key_K, Qt::ControlModifier);
        QVERIFY(findBand(form(), BandRole::Footer));
        m_window->activateWindow(); // the offscreen platform gives the keyboard back to nobody
        QTRY_COMPARE(QApplication::focusWidget(), board());

        // The tab order, in the outline's order by hand; copies; a rail from edges kept.
        board()->select({fields.at(3), fields.at(1)});
        key(Qt::Key_R, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(!form().rails.isEmpty());
        const int controls = form().controls.size();
        key(Qt::Key_C, Qt::ControlModifier);
        key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(form().controls.size(), controls + 4);
        key(Qt::Key_Delete);
        QCOMPARE(form().controls.size(), controls);
        QCOMPARE(mouse.count, 0);
        // What a screen reader says of the selection.
        board()->select({fields.at(1)});
        QVERIFY(board()->accessibleDescription().contains(form().controls.find(fields.at(1))->name));
        QVERIFY(board()->accessibleDescription().contains("left"));
    }

    void everyCommandStandsInAMenuWithItsReason()
    {
        open(m_folder.path());
        const QList<FoundCommand> commands = commandsOf(m_window->menuBar());
        QSet<QString> titles;
        for (const FoundCommand &command : commands) {
            titles.insert(QString(command.action->text()).remove('&'));
        }
        for (const ArrangeOperation &operation : arrangeOperations()) {
            QVERIFY2(titles.contains(arrangeTitle(operation)), qPrintable(operation.id));
        }
        board()->select({});
        QTRY_VERIFY(!part<QAction>("line-up-left")->property("whyNot").toString().isEmpty());
        for (const FoundCommand &command : commands) {
            if (!command.action->isEnabled() && findArrangeOperation(command.action->objectName())) {
                QVERIFY2(!command.action->property("whyNot").toString().isEmpty(), qPrintable(command.action->text()));
            }
        }
        // No two commands at work in Design share a key.
        QHash<QString, QString> keys;
        for (const FoundCommand &command : commands) {
            const QString shortcut = command.action->shortcut().toString();
            if (shortcut.isEmpty() || command.path.startsWith("Records")) {
                continue;
            }
            QVERIFY2(!keys.contains(shortcut), qPrintable(shortcut + ' ' + command.action->text()));
            keys.insert(shortcut, command.action->text());
        }
    }

    void theStripPreviewsAndDoes()
    {
        open(m_folder.path());
        board()->select({boundTo("name"), boundTo("asset_no")});
        auto *button = part<QToolButton>("arrange-match-width");
        QTRY_VERIFY(button->isEnabled());
        const Form before = form();
        QEnterEvent enter(QPointF(3, 3), QPointF(3, 3), QPointF(3, 3));
        QApplication::sendEvent(button, &enter);
        QVERIFY(board()->scene().preview.has_value());
        QVERIFY(form() == before);
        QEvent leave(QEvent::Leave);
        QApplication::sendEvent(button, &leave);
        QVERIFY(!board()->scene().preview.has_value());
        button->click();
        QCOMPARE(place("name").width(), place("asset_no").width());
        board()->select({boundTo("name")});
        QTRY_VERIFY(!button->isEnabled());
        QVERIFY(button->toolTip().contains("two or more"));
    }

    void boxesFitTheirStoredValues()
    {
        open(m_folder.path());
        m_window->document()->apply(
            "Narrow", placeControl(form(), boundTo("name"), QRect(place("name").topLeft(), QSize(40, 24))));
        board()->select({boundTo("name")});
        auto *fit = part<QAction>("fit-all");
        QTRY_VERIFY(fit->isEnabled()); // once the values are known
        fit->trigger();
        const int all = place("name").width();
        QVERIFY(all > 100);
        part<QAction>("fit-95")->trigger();
        QVERIFY(place("name").width() <= all);
        // The board shows the longest of them.
        m_window->showValues(BoardValues::Longest);
        QCOMPARE(board()->scene().values, BoardValues::Longest);
    }

    void theInspectorRefusesAndKeepsWhatWasTyped()
    {
        open(m_folder.path());
        board()->select({boundTo("name")});
        auto *left = part<QLineEdit>("placeLeft");
        left->setFocus();
        left->selectAll();
        QTest::keyClicks(left, "somewhere");
        QTest::keyClick(left, Qt::Key_Return);
        QCOMPARE(left->text(), "somewhere");
        QVERIFY(left->parentWidget()->findChild<QLabel *>("mistake")->isVisible());
        QVERIFY(!m_window->document()->steps()->canUndo());
        left->clear();
        QTest::keyClicks(left, "40mm");
        QTest::keyClick(left, Qt::Key_Return);
        QCOMPARE(place("name").x(), 151);
        QVERIFY(!left->parentWidget()->findChild<QLabel *>("mistake")->isVisible());
        // Found by a word of its explanation.
        auto *search = part<QLineEdit>("settingSearch");
        search->setText("faint words");
        QVERIFY(part<QLineEdit>("prompt")->isVisible());
        QVERIFY(!left->isVisible());
        search->clear();
        // Units.
        m_window->setUnit(Unit::Millimetres);
        QCOMPARE(left->text(), "40 mm");
        m_window->setUnit(Unit::Pixels);
        // Another column, in its place.
        const QRect before = place("light_character");
        board()->select({boundTo("position")});
        auto *column = part<QComboBox>("column");
        const ControlId box = boundTo("position");
        const QRect there = place("position");
        column->setCurrentIndex(column->findData("chart_page"));
        Q_EMIT column->activated(column->currentIndex());
        QCOMPARE(form().controls.find(box)->column, "chart_page");
        QCOMPARE(form().controls.find(box)->place, there);
        QCOMPARE(place("light_character"), before);
    }

    void theOutlineSelectsRenamesAndReorders()
    {
        open(m_folder.path());
        m_window->goTo(MainWindow::Place::Outline);
        auto *tree = part<QTreeView>("outline");
        const auto item = [&](const QString &name) {
            const QModelIndexList found = tree->model()->match(tree->model()->index(0, 0), Qt::DisplayRole, name, 1,
                                                               Qt::MatchExactly | Qt::MatchRecursive);
            return found.value(0);
        };
        QVERIFY(item("text_name").isValid());
        tree->setCurrentIndex(item("text_name"));
        QCOMPARE(board()->selection().controls(), QList<ControlId>{boundTo("name")});
        // Typed there, as a person does.
        tree->edit(item("text_name"));
        auto *line = tree->viewport()->findChild<QLineEdit *>();
        QVERIFY(line);
        QTest::keyClicks(line, "title_of_buoy");
        QTest::keyClick(line, Qt::Key_Return);
        QTRY_COMPARE(form().controls.find(boundTo("name"))->name, "title_of_buoy");
        QTRY_VERIFY(item("title_of_buoy").isValid());
        board()->select({boundTo("asset_no")});
        QVERIFY(tree->selectionModel()->isSelected(item("text_asset_no")));
        QVERIFY(item("text_asset_no").data(Qt::AccessibleTextRole).toString().contains("Asset number"));
        // What is said of a control follows it.
        m_window->document()->apply("move", moveControls(form(), {boundTo("asset_no")}, QPoint(0, 8)));
        const QString top = QString("top %1").arg(place("asset_no").y());
        QTRY_VERIFY(item("text_asset_no").data(Qt::AccessibleTextRole).toString().contains(top));
        // What a person folded stays folded, through edits of every sort.
        tree->collapse(item("Header"));
        m_window->document()->apply("delete", deleteControls(form(), {boundTo("remarks")}));
        QTRY_VERIFY(!item("text_remarks").isValid());
        QVERIFY(!tree->isExpanded(item("Header")));
        QVERIFY(tree->isExpanded(item("Body")));
        // Rails stand there, too.
        tree->setCurrentIndex(item(form().rails.first().name));
        QCOMPARE(board()->selection().rail(), form().rails.first().id);
        QVERIFY(part<QLineEdit>("railName")->isVisible());
        auto *hold = part<QComboBox>("railHold");
        hold->setCurrentIndex(2);
        Q_EMIT hold->activated(2);
        QVERIFY(form().rails.first().hold == Hold::Share);
    }

    // However a header is added, it comes with the form's title, and is selected.
    void aHeaderFromTheMenuHasTheTitle()
    {
        open(m_folder.path());
        m_window->document()->apply("without", withoutBand(form(), BandRole::Header));
        QVERIFY(!findBand(form(), BandRole::Header));
        for (const FoundCommand &found : commandsOf(m_window->menuBar())) {
            if (found.action->text() == "Add the header") {
                found.action->trigger();
            }
        }
        QVERIFY(findBand(form(), BandRole::Header));
        QCOMPARE(board()->selection().band(), BandRole::Header);
        QVERIFY(std::any_of(form().controls.begin(), form().controls.end(), [&](const Control &control) {
            return control.band == BandRole::Header && control.text == form().title;
        }));
    }

    // A key held a moment too long switches once; only going on, zooming and undoing go on while it is held.
    void aHeldKeySwitchesOnce()
    {
        open(m_folder.path());
        QStringList repeating;
        for (const FoundCommand &found : commandsOf(m_window->menuBar())) {
            QVERIFY2(!found.action->isCheckable() || !found.action->autoRepeat() || found.action->shortcut().isEmpty(),
                     qPrintable(found.action->text()));
            if (found.action->autoRepeat() && found.action->shortcut() == QKeySequence(Qt::Key_F5)) {
                QFAIL("Design and Entry flicker");
            }
            if (found.action->autoRepeat() && !found.action->shortcut().isEmpty()) {
                repeating.append(found.action->shortcut().toString());
            }
        }
        QVERIFY(repeating.contains("PgDown"));
        QVERIFY(repeating.contains(QKeySequence(QKeySequence::Undo).toString()));
    }

    void columnsAreDroppedOnTheBoard()
    {
        open(m_folder.path());
        board()->select({boundTo("remarks"), boundTo("depth_m")});
        deleteSelection(*board());
        const std::unique_ptr<QMimeData> data(columnMimeData({"buoy", {"depth_m", "remarks"}}));
        const QPoint at = board()->scene().toViewport(QPoint(5, 300));
        QDragEnterEvent enter(at, Qt::CopyAction, data.get(), Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(board()->viewport(), &enter);
        QDragMoveEvent move(at, Qt::CopyAction, data.get(), Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(board()->viewport(), &move);
        QVERIFY(board()->scene().preview.has_value()); // seen before the button is let go
        QCOMPARE(boundTo("remarks"), 0);
        QDropEvent drop(at, Qt::CopyAction, data.get(), Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(board()->viewport(), &drop);
        QVERIFY(!board()->scene().preview.has_value());
        QVERIFY(boundTo("remarks") != 0 && boundTo("depth_m") != 0);
        QCOMPARE(m_window->document()->steps()->undoText(), "Add 2 fields");
        for (const char *column : {"remarks", "depth_m"}) {
            QVERIFY(captionOf(form(), boundTo(column))->place.x() >= 0);
        }
        for (const Control &a : form().controls) {
            for (const Control &b : form().controls) {
                if (a.id < b.id && a.band == b.band) {
                    QVERIFY2(!a.place.intersects(b.place), qPrintable(a.name + ' ' + b.name));
                }
            }
        }
    }

    void allCaptionsInOneList()
    {
        open(m_folder.path());
        WhenOpen list("captionList", [](QDialog *dialog) {
            auto *table = dialog->findChild<QTableWidget *>("captionTable");
            for (int row = 0; row < table->rowCount(); ++row) {
                if (table->item(row, 0)->text() == "name" && table->item(row, 1)->text() == "caption") {
                    table->item(row, 2)->setText("full name of the buoy:");
                }
            }
            dialog->findChild<QPushButton *>("evenMarks")->click();
            dialog->findChild<QPushButton *>("evenCapitals")->click();
            dialog->accept();
        });
        m_window->editCaptions();
        QCOMPARE(captionOf(form(), boundTo("name"))->text, "Full name of the buoy");
        QCOMPARE(m_window->document()->steps()->count(), 1);
        // The rail that captions end on has made room.
        QVERIFY(captionOf(form(), boundTo("name"))->place.x() >= 0);
        QCOMPARE(rightOf(captionOf(form(), boundTo("name"))->place) + CaptionGap, place("name").x());
    }

    // A column for each language; what words had that are not on the form now is not lost.
    void captionsInSeveralLanguages()
    {
        open(m_folder.path());
        Form with = form();
        with.languages["de"] = {{"Words of before", "Wörter von früher"},
                                {captionOf(with, boundTo("name"))->text, "Name der Tonne"}};
        m_window->document()->apply("language", with);
        const QString caption = captionOf(form(), boundTo("name"))->text;
        WhenOpen list("captionList", [&](QDialog *dialog) {
            auto *table = dialog->findChild<QTableWidget *>("captionTable");
            auto *further = dialog->findChild<QComboBox *>("furtherLanguage");
            QCOMPARE(table->columnCount(), 4);
            further->setCurrentIndex(further->findData("fr"));
            Q_EMIT further->activated(further->currentIndex());
            QCOMPARE(table->columnCount(), 5);
            QVERIFY(table->horizontalHeaderItem(4)->text().contains(QString::number(table->rowCount())));
            for (int row = 0; row < table->rowCount(); ++row) {
                if (table->item(row, 2)->text() == caption) {
                    QCOMPARE(table->item(row, 3)->text(), QString("Name der Tonne"));
                    table->item(row, 4)->setText("Nom de la bouée");
                }
            }
            dialog->accept();
        });
        m_window->editCaptions();
        QCOMPARE(form().languages.value("fr"), (QMap<QString, QString>{{caption, "Nom de la bouée"}}));
        QCOMPARE(form().languages.value("de").value("Words of before"), QString("Wörter von früher"));
        QCOMPARE(form().languages.value("de").value(caption), QString("Name der Tonne"));
        QCOMPARE(form().language, QString("en"));
        // A language taken away is gone, in one step.
        WhenOpen again("captionList", [&](QDialog *dialog) {
            dialog->findChild<QTableWidget *>("captionTable")->setCurrentCell(0, 3);
            dialog->findChild<QPushButton *>("removeLanguage")->click();
            dialog->accept();
        });
        m_window->editCaptions();
        QCOMPARE(form().languages.keys(), QStringList{"fr"});
        m_window->document()->steps()->undo();
        QCOMPARE(form().languages.keys(), (QStringList{"de", "fr"}));
    }

    void theWidthSliderShowsOtherWidths()
    {
        open(m_folder.path());
        auto *slider = part<QSlider>("widthSlider");
        slider->setValue(form().width + 200);
        QCOMPARE(board()->scene().trialSize.width(), form().width + 200);
        QVERIFY(board()->scene().shownForm().width == form().width + 200);
        QVERIFY(part<QLabel>("windowSizeWords")->text().contains("stretch"));
        part<QPushButton>("pinSmallest")->click();
        QCOMPARE(form().leastWidth, form().width + 200);
        QCOMPARE(form().leastHeight, 0);               // only what was tried
        QVERIFY(board()->scene().trialSize.isEmpty()); // an edit shows the form as designed again
        m_window->document()->steps()->undo();
        QCOMPARE(form().leastWidth, 0);
    }

    void stepsDoneAreAList()
    {
        open(m_folder.path());
        m_window->document()->apply("One", moveControls(form(), {boundTo("name")}, QPoint(0, 200)));
        m_window->document()->apply("Two", moveControls(form(), {boundTo("depth_m")}, QPoint(0, 200)));
        m_window->showHistory(true);
        auto *list = part<QUndoView>("history");
        QCOMPARE(list->model()->rowCount(), 3);
        list->setCurrentIndex(list->model()->index(1, 0));
        QCOMPARE(m_window->document()->steps()->index(), 1);
        m_window->showHistory(false);
        QVERIFY(!m_window->findChild<QUndoView *>("history"));
    }

    void storedRowsAreSortedAndLookedThrough()
    {
        open(m_folder.path());
        m_window->showRowsTable(true);
        auto *table = part<QTableWidget>("storedRows");
        QTRY_VERIFY(table->rowCount() > 100);
        table->horizontalHeader()->setSortIndicator(1, Qt::DescendingOrder);
        QTRY_VERIFY(table->item(0, 1)->text() > table->item(50, 1)->text());
        part<QLineEdit>("rowWords")->setText("100%_not there");
        QTRY_COMPARE(table->rowCount(), 0);
        part<QLineEdit>("rowWords")->setText("Elbow");
        QTRY_VERIFY(table->rowCount() > 0 && table->rowCount() < 50);
        // The row chosen is the record on the board.
        table->setCurrentCell(0, 1);
        const Control *asset = form().controls.find(boundTo("asset_no"));
        QCOMPARE(m_window->session()->values().shown(*asset).words, table->item(0, 1)->text());
        m_window->showRowsTable(false);
    }
};

QTEST_MAIN(TestDesignWindow)
#include "tst_design_window.moc"
