// The whole job once in a real window, with real mouse and key events: a form drafted from a table, arranged, saved; a
// record changed, refused, saved and added with it; the outcome read back with the sqlite3 client.
//
// As a test it needs nothing said. With --pictures FOLDER it also leaves a picture of each step there and tells what it
// did.
#include "app/window/main_window.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "designer/board/board.h"
#include "designer/board/scene/mark_places.h"
#include "designer/new_form/new_form_dialog.h"
#include "e2e/real_events.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QSplitter>
#include <QStandardPaths>
#include <QTest>
#include <QTextStream>
#include <QTimer>
#include <QTreeWidget>
#include <QTreeWidgetItemIterator>

using namespace nabblet;
using namespace nabblet::e2e;

namespace {

QString pictureFolder; // empty when run as a test

class Example
{
public:
    explicit Example(QString database) : m_database(std::move(database)), m_folder(QFileInfo(m_database).absolutePath())
    {
    }

    void run()
    {
        draft();
        arrange();
        rearrange();
        group();
        saveForm();
        enter();
        add();
        removeAndBringBack();
        rows();
        quit();
    }

private:
    void draft()
    {
        // Opening a bare database goes straight to a new form.
        QTimer::singleShot(0, qApp, [this] { m_window->filing().openPath(m_database); });
        waitFor("the new form sheet", [this] { return dialog<NewFormDialog>() != nullptr; });
        waitFor("the keyboard in the sheet",
                [] { return qobject_cast<QLineEdit *>(QApplication::focusWidget()) != nullptr; });
        typeWords("buoy");
        waitFor("the draft of buoy", [this] { return dialog<NewFormDialog>()->form().rowsFrom == "buoy"; });
        picture("1-new-form", "Opened the database and chose the table buoy; the draft shows its values.");
        press("Return");
        waitFor("the board", [this] { return m_window->board() && m_window->board()->isVisible(); });
        waitFor("the first record", [this] { return m_window->session()->state().hasRecord(); });
        picture("2-draft", "Enter took the draft: a form with a box for every column but the key.");
    }

    void arrange()
    {
        // A caption, edited where it stands.
        const ControlId depth = field("depth_m");
        click(onBoard(depth, true), {}, 2);
        waitFor("the caption's line", [this] {
            return m_window->board()->viewport()->findChild<QPlainTextEdit *>("captionEditor") != nullptr;
        });
        press("ctrl+a");
        typeWords("Charted depth (m)");
        press("Return");
        waitFor("the new caption", [&] { return captionOf(form(), depth)->text == "Charted depth (m)"; });

        // A box, dragged on to the grid; another one with the arrow keys.
        const ControlId status = field("status");
        const QRect before = inWindow([&] { return form().controls.find(status)->place; });
        const QPoint from = onBoard(status);
        drag(from, from + QPoint(27, 93));
        waitFor("the moved box", [&] { return form().controls.find(status)->place != before; });
        const QRect after = inWindow([&] { return form().controls.find(status)->place; });
        const QPoint off = after.topLeft() - before.topLeft() - QPoint(27, 93);
        check(qAbs(off.x()) <= 5 && after.x() % 8 == 0 && after.y() % 8 == 0,
              QString("the box stands at %1, %2").arg(after.x()).arg(after.y()));
        // It was put where others stand, so it or they made way.
        const Form dropped = inWindow([&] { return form(); });
        for (const Control &other : dropped.controls) {
            check(other.id == status || other.band != BandRole::Body || !other.place.intersects(after),
                  QString("the box lies on %1").arg(other.name));
        }
        press("ctrl+z");
        waitFor("the move undone", [&] { return form().controls.find(status)->place == before; });
        press("ctrl+shift+z");
        waitFor("the move done again", [&] { return form().controls.find(status)->place == after; });
        press("ctrl+z");

        const ControlId position = field("position");
        const int width = inWindow([&] { return form().controls.find(position)->place.width(); });
        click(onBoard(position));
        press("shift+Left");
        press("shift+Left");
        waitFor("the narrower box", [&] { return form().controls.find(position)->place.width() == width - 16; });

        // The rail that captions end on takes every box along.
        const ControlId name = field("name");
        const int left = inWindow([&] { return form().controls.find(name)->place.x(); });
        const QPoint knob = inWindow([&] {
            return m_window->board()->viewport()->mapToGlobal(
                railKnob(m_window->board()->scene(), FixedRail::FirstFree));
        });
        drag(knob, knob + QPoint(16, 0));
        waitFor("the moved rail", [&] { return form().controls.find(name)->place.x() == left + 16; });

        // A box drawn around several, then one more.
        click(onBoard(field("buoy_type")));
        click(onBoard(field("contractor_id")), "ctrl");
        click(onBoard(field("fairway_id")), "ctrl");
        waitFor("three selected", [this] { return m_window->board()->selection().controls().size() == 3; });
        picture("3-arranged",
                "Edited a caption in place, moved and resized boxes, moved the rail, selected three boxes.");
        press("Escape");
    }

    // From where the draft put things to a given target: every position is compared.
    void rearrange()
    {
        const QStringList columns{"name",          "asset_no", "buoy_type", "fairway_id",
                                  "contractor_id", "position", "depth_m"};
        QHash<QString, ControlId> ids;
        for (const QString &column : columns) {
            ids.insert(column, field(column));
        }
        const auto placeOf = [&](const QString &column) { return form().controls.find(ids.value(column))->place; };
        QHash<QString, QRect> target = inWindow([&] {
            QHash<QString, QRect> places;
            for (const QString &column : columns) {
                places.insert(column, placeOf(column));
            }
            return places;
        });
        const int step = target["buoy_type"].y() - target["asset_no"].y();
        // The depth goes between name and asset number; those in between make way.
        const QSize depth = target["depth_m"].size();
        target["depth_m"] = QRect(target["asset_no"].topLeft(), depth);
        for (const char *column : {"asset_no", "buoy_type", "fairway_id", "contractor_id", "position"}) {
            target[column].translate(0, step);
        }
        // Type and contractor get as wide as the fairway.
        for (const char *column : {"buoy_type", "contractor_id"}) {
            target[column].setWidth(target["fairway_id"].width());
        }

        const QPoint from = onBoard(field("depth_m"));
        const QPoint to = onBoard(field("asset_no"));
        drag(from, QPoint(from.x() + 2, to.y() + 1));
        waitFor("the depth above the number", [&] { return placeOf("depth_m").y() < placeOf("asset_no").y(); });
        click(onBoard(field("buoy_type")));
        click(onBoard(field("contractor_id")), "ctrl");
        click(onBoard(field("fairway_id")), "ctrl");
        press("ctrl+alt+w");
        waitFor("equal widths", [&] { return placeOf("buoy_type").width() == placeOf("fairway_id").width(); });
        // A pixel off, and on the grid again.
        click(onBoard(field("position")));
        press("ctrl+Right");
        press("ctrl+Down");
        press("ctrl+alt+g");
        for (const QString &column : columns) {
            waitFor("the target place of " + column, [&] { return placeOf(column) == target[column]; });
        }
        picture("3-rearranged",
                "The depth stands above the asset number, widths match, everything is on the grid again.");
    }

    // Two fields into a group box by the keyboard, a third by the mouse, a fourth by the outline; and all of it undone.
    void group()
    {
        const Form before = inWindow([this] { return form(); });
        const ControlId depth = field("depth_m");
        const ControlId number = field("asset_no");
        const ControlId position = field("position");
        const ControlId name = field("name"); // below the group, also in the outline
        click(onBoard(depth));
        click(onBoard(number), "ctrl");
        press("ctrl+g");
        const auto containerOf = [&](ControlId id) { return form().controls.find(id)->container; };
        waitFor("a group box", [&] { return containerOf(depth) != 0 && containerOf(depth) == containerOf(number); });
        const ControlId box = inWindow([&] { return containerOf(depth); });
        drag(onBoard(position), onBoard(number) + QPoint(0, 12));
        waitFor("the position in the group", [&] { return containerOf(position) == box; });
        check(
            inWindow([&] { return form().controls.find(box)->place.contains(form().controls.find(position)->place); }),
            "the group holds the position");
        // The outline scrolled so that the group and what follows it are in sight.
        const auto inOutline = [&](ControlId id) {
            return inWindow([&] {
                auto *tree = m_window->findChild<QTreeView *>("outline");
                const auto named = [&](ControlId which) {
                    return tree->model()
                        ->match(tree->model()->index(0, 0), Qt::DisplayRole, form().controls.find(which)->name, 1,
                                Qt::MatchExactly | Qt::MatchRecursive)
                        .value(0);
                };
                tree->scrollTo(named(box), QAbstractItemView::PositionAtTop);
                return tree->viewport()->mapToGlobal(tree->visualRect(named(id)).center());
            });
        };
        press("ctrl+shift+o");
        waitFor("the outline", [&] { return m_window->findChild<QTreeView *>("outline")->isVisible(); });
        // A drag from window to window now and then begins too late for the X server; a person drags again.
        const auto isIn = [&] { return containerOf(name) == box; };
        for (int attempt = 0; attempt < 3 && !inWindow(isIn); ++attempt) {
            drag(inOutline(name), inOutline(box));
            try {
                waitFor("the name in the group", isIn, 3000);
            } catch (const Failed &) {
            }
        }
        waitFor("the name in the group", isIn);
        picture("4-grouped", "Fields put into a group box by key, by dragging and in the outline.");
        click(onBoard(depth));
        while (!inWindow([&] { return form() == before; })) {
            check(inWindow([this] { return m_window->document()->steps()->canUndo(); }), "undo goes back that far");
            press("ctrl+z");
            QThread::msleep(20);
        }
        press("Escape");
    }

    void saveForm()
    {
        press("ctrl+shift+s");
        waitFor("the save sheet", [this] { return dialog<QFileDialog>() != nullptr; });
        m_path = m_folder + "/forms/buoy register.nabform";
        waitFor("its line", [] { return qobject_cast<QLineEdit *>(QApplication::focusWidget()) != nullptr; });
        typeWhole(m_path);
        press("Return");
        waitFor("the saved form",
                [this] { return m_window->document()->path() == m_path && !m_window->document()->isChanged(); });
        const Result<Form> stored = loadForm(m_path);
        check(stored.isOk(), "the file reads back");
        const Form shown = inWindow([this] { return form(); });
        check(writeForm(*stored) == writeForm(shown), "the file holds the form on the board");
        check(QFile::exists(projectFilePath(m_folder)), "saving made the project");
        tell("Saved the form as " + QFileInfo(m_path).fileName() + " and made its project.");
    }

    // The window is in hand again once a dialog is gone. Where the window manager gave the keyboard to nobody, which
    // happens on a busy machine, the window is brought to the front as a person would do it.
    void takeTheKeyboard()
    {
        QElapsedTimer since;
        since.start();
        constexpr int Patience = 3000; // ms
        waitFor("the window with the keyboard again", [&] {
            if (!m_window->isActiveWindow() && since.elapsed() > Patience) {
                m_window->raise();
                m_window->activateWindow();
                since.restart();
            }
            return m_window->isActiveWindow();
        });
    }

    void enter()
    {
        takeTheKeyboard();
        press("F5");
        waitFor("Entry", [this] { return m_window->isEntry(); });
        waitFor("the keyboard in the first box", [this] { return box("name")->hasFocus(); });
        press("Next"); // Page Down
        waitFor("the second record", [this] { return line("asset_no")->text() == "NB-2006-B"; });

        click(middleOf([this] { return box("name"); }, "the name"));
        press("ctrl+a");
        typeWords("Long Reach Gate");
        click(middleOf([this] { return box("depth_m"); }, "the depth"));
        press("ctrl+a");
        typeWords("-4");
        press("ctrl+s");
        waitFor("the refusal", [this] { return !m_window->session()->state().messages.isEmpty(); });
        const QString sentence = inWindow([this] { return m_window->session()->state().messages.first().sentence; });
        check(sentence == "Charted depth (m) must be 0 or more", sentence);
        check(inWindow([this] { return line("name")->text(); }) == "Long Reach Gate", "what was typed is kept");
        check(sqlite("SELECT name FROM buoy WHERE asset_no = 'NB-2006-B'") == "Long Reach Entrance Starboard",
              "nothing was saved");
        picture("4-refused", "Typed a name and a depth below zero: refused beside the box, nothing lost.");

        press("ctrl+a");
        typeWords("26.5");
        press("ctrl+s");
        waitFor("the saved record", [this] { return !m_window->session()->state().isChanged(); });
        check(sqlite("SELECT name, depth_m FROM buoy WHERE asset_no = 'NB-2006-B'") == "Long Reach Gate|26.5",
              "sqlite3 reads the saved record");
        picture("5-saved", "Mended the depth and saved; sqlite3 reads the same record.");
    }

    void add()
    {
        press("ctrl+n");
        waitFor("a new record", [this] { return m_window->session()->state().isNew() && box("name")->hasFocus(); });
        typeWords("Half Tide Perch");
        const QList<QPair<QString, QString>> typed{{"asset_no", "NB-9001-A"},
                                                   {"buoy_type", "isol"},
                                                   {"fairway_id", "corm"},
                                                   {"contractor_id", "skerry"},
                                                   {"laid_on", "2 11 2026"}};
        for (const auto &[column, words] : typed) {
            click(middleOf([this, column = column] { return box(column); }, column));
            typeWords(words);
            press("Tab"); // takes what the list offers
        }
        press("ctrl+s");
        waitFor("the added record", [this] { return !m_window->session()->state().isNew(); });
        check(sqlite("SELECT name, buoy_type, fairway_id, contractor_id, laid_on, status FROM buoy WHERE asset_no = "
                     "'NB-9001-A'") == "Half Tide Perch|ID|5|6|2026-11-02|on station",
              "sqlite3 reads the added record: " + sqlite("SELECT * FROM buoy WHERE asset_no = 'NB-9001-A'"));
        waitFor("the place of the new record", [this] {
            return m_window->session()->position() == 212 && m_window->session()->place().count() == 213;
        });
        picture("6-added", "Added a record by typing beginnings of words into the drop-downs.");
    }

    void removeAndBringBack()
    {
        press("ctrl+Delete");
        waitFor("the question", [this] { return dialog<QMessageBox>() != nullptr; });
        picture("7-delete", "Deleting asks first.");
        click(middleOf([this] { return dialog<QMessageBox>()->findChild<QWidget *>("answer0"); }, "the answer"));
        waitFor("the record gone", [this] { return m_window->session()->place().count() == 212; });
        check(sqlite("SELECT count(*) FROM buoy") == "212", "sqlite3 counts one less");
        takeTheKeyboard();
        press("ctrl+BackSpace");
        waitFor("the record back", [this] { return m_window->session()->place().count() == 213; });
        check(sqlite("SELECT name FROM buoy WHERE asset_no = 'NB-9001-A'") == "Half Tide Perch", "the record is back");
        tell("Deleted the record and took that back.");
    }

    // A second form, with the rows that belong to each record, made and filled by the keyboard.
    void rows()
    {
        press("F5");
        waitFor("Design", [this] { return !m_window->isEntry(); });
        press("ctrl+shift+n");
        waitFor("the new form sheet", [this] { return dialog<NewFormDialog>() != nullptr; });
        waitFor("the keyboard in the sheet",
                [] { return qobject_cast<QLineEdit *>(QApplication::focusWidget()) != nullptr; });
        typeWords("visit");
        waitFor("the draft of visit, with its parts", [this] {
            const auto *sheet = dialog<NewFormDialog>();
            return sheet->form().rowsFrom == "visit" && sheet->isProfiled() && rowsControl(sheet->form());
        });
        picture("8-rows", "Chose visit: the parts that were fitted stand below each visit.");
        press("Return");
        waitFor("the board", [this] { return m_window->board() && form().rowsFrom == "visit"; });
        takeTheKeyboard();
        press("F5");
        waitFor("Entry", [this] { return m_window->isEntry(); });
        waitFor("the records counted", [this] { return m_window->session()->place().map().has_value(); });
        press("Next"); // Page Down
        press("Next");
        waitFor("the third visit", [this] { return m_window->session()->position() == 2; });
        const QString before = sqlite("SELECT count(*) FROM part_fitted WHERE visit_id = 3");
        click(middleOf([this] { return innerBox("quantity"); }, "the quantity"));
        press("ctrl+a");
        typeWords("7");
        press("Down");
        waitFor("the blank row", [this] { return parts()->state().isNew() || parts()->rows().indexInHand() > 0; });
        check(sqlite("SELECT quantity FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1") == "7",
              "sqlite3 reads the changed part");
        while (!inWindow([this] { return parts()->state().isNew(); })) {
            const int row = inWindow([this] { return parts()->rows().indexInHand(); });
            press("Down");
            waitFor("the next row", [&] { return parts()->state().isNew() || parts()->rows().indexInHand() > row; });
        }
        click(middleOf([this] { return innerBox("line_no"); }, "the line's number"));
        typeWords("90");
        press("Tab");
        typeWords("daylight");
        press("Tab");
        press("ctrl+a");
        typeWords("2");
        press("Tab");
        typeWords("5.5");
        press("Up"); // leaving the row saves it
        waitFor("the saved row", [this] { return !parts()->state().isNew() && !parts()->state().isChanged(); });
        check(sqlite("SELECT p.name || ' ' || f.quantity || ' ' || f.line_cost FROM part_fitted f JOIN part p USING "
                     "(part_no) "
                     "WHERE visit_id = 3 AND line_no = 90") == "Daylight switch 2 11",
              "sqlite3 reads the added part: " + sqlite("SELECT * FROM part_fitted WHERE visit_id = 3"));
        check(sqlite("SELECT count(*) FROM part_fitted WHERE visit_id = 3").toInt() == before.toInt() + 1,
              "one part more");
        picture("9-filled", "Changed a part and added one; the visit's key filled itself.");
        QTimer::singleShot(0, qApp, [this] { m_window->filing().openPath(m_path); });
        waitFor("the question", [this] { return dialog<QMessageBox>() != nullptr; });
        click(middleOf([this] { return dialog<QMessageBox>()->findChild<QWidget *>("answer1"); }, "the answer"));
        waitFor("the first form again", [this] { return m_window->document()->path() == m_path; });
        takeTheKeyboard();
        press("F5");
        waitFor("Entry", [this] { return m_window->isEntry(); });
    }

    void quit()
    {
        // Back to the board, one key away; a change not saved asks before closing.
        press("F5");
        waitFor("Design", [this] { return !m_window->isEntry(); });
        click(onBoard(field("name")));
        press("Down");
        waitFor("the unsaved mark", [this] { return m_window->document()->isChanged(); });
        press("ctrl+q");
        waitFor("the question", [this] { return dialog<QMessageBox>() != nullptr; });
        click(middleOf([this] { return dialog<QMessageBox>()->findChild<QWidget *>("answer0"); }, "the answer"));
        waitFor("the window closed", [this] { return !m_window->isVisible(); });
        check(writeForm(*loadForm(m_path)) == inWindow([this] { return writeForm(form()); }), "closing saved the form");
    }

    // ---- what the steps above are made of

    template <typename Dialog> Dialog *dialog() const
    {
        return qobject_cast<Dialog *>(QApplication::activeModalWidget());
    }
    const Form &form() const { return m_window->document()->form(); }

    ControlId field(const QString &column) const
    {
        const ControlId id = inWindow([&] {
            for (const Control &control : form().controls) {
                if (control.column == column) {
                    return control.id;
                }
            }
            return 0;
        });
        check(id != 0, "no box for " + column);
        return id;
    }
    QPoint onBoard(ControlId id, bool itsCaption = false) const
    {
        return inWindow([&] {
            const ControlId wanted = itsCaption ? captionOf(form(), id)->id : id;
            return m_window->board()->viewport()->mapToGlobal(
                m_window->board()->scene().viewportRectOf(wanted).center());
        });
    }
    QWidget *box(const QString &column) const // in the window's thread
    {
        for (const Control &control : form().controls) {
            if (control.column == column) {
                return m_window->entryView()->widgetFor(control.id);
            }
        }
        return nullptr;
    }
    QLineEdit *line(const QString &column) const { return qobject_cast<QLineEdit *>(box(column)); }
    static const Control *rowsControl(const Form &of)
    {
        for (const Control &control : of.controls) {
            if (control.inner && control.inner.get()->rowsFrom == "part_fitted") {
                return &control;
            }
        }
        return nullptr;
    }
    EntrySession *parts() const { return m_window->session()->children().of(*rowsControl(form())); }
    QWidget *innerBox(const QString &column) const // in the window's thread
    {
        const auto *frame = m_window->entryView()->widgetFor(rowsControl(form())->id);
        const auto *view = frame->findChild<EntryView *>();
        for (const Control &control : parts()->form().controls) {
            if (control.column == column) {
                return view->widgetFor(control.id);
            }
        }
        return nullptr;
    }
    QString sqlite(const QString &sql) const { return samples::sqlite3(m_database, sql); }

    void tell(const QString &sentence)
    {
        if (!pictureFolder.isEmpty()) {
            QTextStream(stdout) << "  " << sentence << '\n';
        }
    }
    void picture(const QString &name, const QString &sentence)
    {
        tell(sentence);
        if (pictureFolder.isEmpty()) {
            return;
        }
        inWindow([&] {
            QWidget *sheet = QApplication::activeModalWidget();
            const QString path = QDir(pictureFolder).filePath(name + ".png");
            (sheet ? sheet : static_cast<QWidget *>(m_window))->grab().save(path);
            QTextStream(stdout) << "    " << path << '\n';
        });
    }

public:
    void setWindow(MainWindow *window) { m_window = window; }

private:
    QString m_database;
    QString m_folder;
    QString m_path;
    MainWindow *m_window = nullptr;
};

} // namespace

class TestFullExample : public QObject
{
    Q_OBJECT

private Q_SLOTS:
    void fromATableToASavedRecord()
    {
        QTemporaryDir folder;
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder.filePath("settings"));
        Example example(samples::fairwayDatabase(folder));
        MainWindow window;
        window.setThemeChoice(ThemeChoice::Light);
        example.setWindow(&window);
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        window.activateWindow();

        QString failure;
        std::unique_ptr<QThread> script(QThread::create([&] {
            try {
                example.run();
            } catch (const std::exception &failed) {
                failure = QString::fromStdString(failed.what());
                inWindow([&] {
                    window.grab().save(QDir::temp().filePath("nabblet-example-failed.png"));
                    // Sheets that still wait for an answer are closed, so that the test can end.
                    while (QWidget *sheet = QApplication::activeModalWidget()) {
                        sheet->close();
                        delete sheet->findChild<QEventLoop *>();
                        break;
                    }
                });
            }
        }));
        QEventLoop loop;
        connect(script.get(), &QThread::finished, &loop, &QEventLoop::quit);
        script->start();
        loop.exec();
        script->wait();
        QVERIFY2(failure.isEmpty(), qPrintable(failure));
    }
};

int main(int argc, char **argv)
{
    const WindowManager windowManager;
    QApplication application(argc, argv);
    QApplication::setOrganizationName("Nabblet");
    QApplication::setApplicationName("Nabblet");
    QApplication::setStyle("Fusion");
    QApplication::setQuitOnLastWindowClosed(false);
    QStandardPaths::setTestModeEnabled(true);
    QStringList arguments = QApplication::arguments();
    const qsizetype pictures = arguments.indexOf("--pictures");
    if (pictures >= 0) {
        pictureFolder = QDir(arguments.value(pictures + 1)).absolutePath();
        arguments.remove(pictures, 2);
        QDir().mkpath(pictureFolder);
        QTextStream(stdout) << "The example, in a real window:\n";
    }
    TestFullExample test;
    const int failures = QTest::qExec(&test, arguments);
    if (!pictureFolder.isEmpty() && failures == 0) {
        QTextStream(stdout) << "Done. The pictures are in " << pictureFolder << '\n';
    }
    return failures;
}

#include "tst_full_example.moc"
