// The window on the offscreen platform: what opens, what is said when something cannot, and that nothing is lost.
#include "app/window/entry_window.h"
#include "app/window/main_window.h"
#include "core/arrange/moving.h"
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/settings/typing.h"
#include "designer/board/board.h"
#include "designer/board/commands/selection_commands.h"
#include "designer/document/recovery.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/panels/catalogue_model.h"
#include "designer/panels/catalogue_panel.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QAction>
#include <QApplication>
#include <QLineEdit>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>
#include <QTimer>
#include <QTreeView>
#include <QTreeWidget>

using namespace nabblet;
using samples::WhenOpen;

class TestMainWindow : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_project;

    // Answers the next question or complaint and gives what it said.
    struct Answer
    {
        QString said;
        QTimer timer;
        explicit Answer(const QString &button)
        {
            QObject::connect(&timer, &QTimer::timeout, [this, button] {
                auto *box = qobject_cast<QMessageBox *>(QApplication::activeModalWidget());
                if (box) {
                    said = box->text() + ' ' + box->informativeText();
                    timer.stop();
                    box->findChild<QPushButton *>(button)->click();
                }
            });
            timer.start(5);
        }
    };

    QString formPath(const QString &name) const { return m_project + "/forms/" + name + ".nabform"; }
    static ControlId boundTo(const Form &form, const QString &column)
    {
        for (const Control &control : form.controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    static void nudge(MainWindow &window)
    {
        window.board()->select({boundTo(window.document()->form(), "name")});
        QTest::keyClick(window.board(), Qt::Key_Down);
    }

private Q_SLOTS:
    void init()
    {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
        m_project = samples::depotProject(m_folder);
    }

    void aProjectOpensItsStartForm()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        QVERIFY(window.document());
        QCOMPARE(window.document()->path(), formPath("buoy"));
        QVERIFY(!window.document()->isChanged());
        QVERIFY(window.session()->state().hasRecord());
        QVERIFY(window.windowTitle().startsWith("Buoy register"));
    }

    // All of the window has the font of the desktop, whenever it was made.
    void oneFontThroughTheWindow()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        int seen = 0;
        const QList<QWidget *> widgets = window.findChildren<QWidget *>();
        for (const QWidget *widget : widgets) {
            if (widget->isVisible() && !window.board()->isAncestorOf(widget)) {
                QVERIFY2(widget->font().family() == QApplication::font().family(),
                         qPrintable(widget->objectName() + ": " + widget->font().family()));
                ++seen;
            }
        }
        QVERIFY(seen > 50);
    }

    void designAndEntryAreOneKeyApart()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        window.showEntry();
        QVERIFY(window.isEntry());
        const ControlId depth = boundTo(window.document()->form(), "depth_m");
        const QPoint before = window.entryView()->widgetFor(depth)->pos();
        window.showDesign();
        QVERIFY(!window.isEntry());
        // A change of the design is in force in Entry at once.
        window.document()->apply("Move", moveControls(window.document()->form(), {depth}, QPoint(0, 24)));
        window.showEntry();
        QCOMPARE(window.entryView()->widgetFor(depth)->pos(), before + QPoint(0, 24));
        // What was typed survives a visit to the board.
        auto *name =
            qobject_cast<QLineEdit *>(window.entryView()->widgetFor(boundTo(window.document()->form(), "name")));
        name->setFocus();
        name->selectAll();
        QTest::keyClicks(name, "Typed");
        window.showDesign();
        window.document()->steps()->undo();
        window.showEntry();
        QCOMPARE(name->text(), "Typed");
        QVERIFY(window.session()->state().isChanged());
        QVERIFY(window.session()->takingBack().takeBack());
    }

    void deletingABoxLeavesTheOthersAtWork()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        const ControlId photo = boundTo(window.document()->form(), "photo");
        window.board()->select({photo});
        deleteSelection(*window.board());
        window.showEntry();
        QVERIFY(!window.entryView()->widgetFor(photo));
        QCOMPARE(qobject_cast<QLineEdit *>(window.entryView()->widgetFor(boundTo(window.document()->form(), "name")))
                     ->text(),
                 "Long Reach Entrance Port");
        window.showDesign();
        window.document()->steps()->undo();
        window.showEntry();
        QVERIFY(window.entryView()->widgetFor(photo));
    }

    void anUnsavedFormAsksBeforeClosing()
    {
        {
            MainWindow window;
            window.show();
            window.filing().openPath(formPath("buoy"));
            nudge(window);
            QVERIFY(window.windowTitle().contains(QString::fromUtf8("•")));
            Answer stay("answer2");
            QVERIFY(!window.close());
            QVERIFY2(stay.said.contains("Save the form “Buoy register” before closing?"), qPrintable(stay.said));
            Answer save("answer0");
            QVERIFY(window.close());
            QVERIFY(*loadForm(formPath("buoy")) == window.document()->form());
        }
        {
            const QByteArray before = writeForm(*loadForm(formPath("buoy")));
            MainWindow window;
            window.show();
            window.filing().openPath(formPath("buoy"));
            nudge(window);
            Answer letGo("answer1");
            QVERIFY(window.close());
            QCOMPARE(writeForm(*loadForm(formPath("buoy"))), before);
        }
    }

    void anUnsavedRecordAsksBeforeClosing()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        window.showEntry();
        window.session()->typing().type(
            *window.document()->form().controls.find(boundTo(window.document()->form(), "name")), "Kept");
        Answer save("answer0");
        QVERIFY(window.close());
        QVERIFY2(save.said.contains("Kept"), qPrintable(save.said));
        QCOMPARE(samples::sqlite3(m_project + "/fairway.db", "SELECT name FROM buoy WHERE buoy_id = 1"), "Kept");
    }

    void aBadFormFileIsSaidAndTheOpenOneStays()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        QFile bad(formPath("bad"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{\"nabform\": 1, \"name\": \"bad\", \"width\": \"wide\"}");
        bad.close();
        Answer close("answer0");
        window.filing().openPath(formPath("bad"));
        QVERIFY2(close.said.contains("at /width: a whole number"), qPrintable(close.said));
        QFile::remove(formPath("bad"));
    }

    // The program ends without a word: what was done comes back, and what was let go does not.
    void unsavedWorkComesBackAfterACrash()
    {
        Form lost;
        {
            MainWindow window;
            window.show();
            window.filing().openPath(formPath("buoy"));
            nudge(window);
            lost = window.document()->form();
            window.work().recovery()->keepNow(); // what happens by itself a few seconds after a change
        }                                        // no question, no saving: as when the power fails
        const QString kept = recoveryPath(formPath("buoy"), QString());
        QVERIFY(QFile::exists(kept));
        {
            MainWindow window;
            window.show();
            Answer takeUp("answer0");
            window.filing().openPath(formPath("buoy"));
            QVERIFY2(takeUp.said.contains("was not saved when the program last ended"), qPrintable(takeUp.said));
            QVERIFY(window.document()->form() == lost);
            QVERIFY(window.document()->isChanged());
            QVERIFY(window.filing().save());
            QVERIFY(!QFile::exists(kept));
        }
        {
            MainWindow window;
            window.show();
            window.filing().openPath(formPath("buoy")); // asks nothing
            QVERIFY(window.document()->form().controls == lost.controls);
            QVERIFY(window.document()->form().rules == lost.rules);
            nudge(window);
            window.work().recovery()->keepNow();
            Answer letGo("answer1");
            QVERIFY(window.close());
            QVERIFY(!QFile::exists(kept));
        }
    }

    void aNewFormComesBackAfterACrash()
    {
        Form lost;
        {
            MainWindow window;
            window.show();
            window.filing().openPath(m_project);
            window.filing().newFormFromTable("part");
            nudge(window);
            lost = window.document()->form();
            window.work().recovery()->keepNow();
        }
        MainWindow window;
        window.show();
        Answer takeUp("answer0");
        window.filing().openPath(m_project);
        QVERIFY2(takeUp.said.contains("The new form “Part”"), qPrintable(takeUp.said));
        QVERIFY(window.document()->form() == lost);
        QCOMPARE(window.document()->path(), QString());
        Answer letGo("answer1");
        QVERIFY(window.close());
        MainWindow again;
        again.show();
        again.filing().openPath(m_project);
        QCOMPARE(again.document()->path(), formPath("buoy"));
    }

    // What was chosen in the sheet is work as well, before anything of the form is changed.
    void aNewFormThatNobodyChangedComesBackToo()
    {
        const QString kept = recoveryPath(QString(), addressKey(addressOfFile(m_project + "/fairway.db")));
        QFile::remove(kept);
        Form lost;
        {
            MainWindow window;
            window.show();
            window.filing().openPath(m_project);
            window.filing().newFormFromTable("part");
            lost = window.document()->form();
            QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(kept), 10000);
        }
        MainWindow window;
        window.show();
        Answer takeUp("answer0");
        window.filing().openPath(m_project);
        QVERIFY(window.document()->form() == lost);
        Answer letGo("answer1");
        QVERIFY(window.close());
        QVERIFY(!QFile::exists(kept));
    }

    // It happens by itself, some seconds after a change.
    void unsavedWorkIsKeptByItself()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        nudge(window);
        const QString kept = recoveryPath(formPath("buoy"), QString());
        QVERIFY(!QFile::exists(kept));
        QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(kept), 10000);
        window.document()->steps()->undo(); // back to what is saved: nothing is left to recover
        QVERIFY(!QFile::exists(kept));
        QVERIFY(window.close());
    }

    void aFormOfNoProjectDoesNotTakeTheLastDatabase()
    {
        const QString lonely = m_folder.filePath("lonely.nabform");
        QFile::remove(lonely);
        QVERIFY(QFile::copy(formPath("buoy"), lonely));
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("visit"));
        QVERIFY(window.session());
        Answer close("answer0");
        window.filing().openPath(lonely);
        QVERIFY2(close.said.contains("belongs to no project"), qPrintable(close.said));
        QVERIFY(window.document() && !window.session());
        QCOMPARE(window.document()->path(), lonely);
    }

    void aFormOpensWithoutItsDatabase()
    {
        QVERIFY(QFile::remove(m_project + "/fairway.db"));
        MainWindow window;
        window.show();
        Answer close("answer1"); // goes on without it
        window.filing().openPath(formPath("buoy"));
        QVERIFY2(close.said.contains("There is no database file"), qPrintable(close.said));
        QVERIFY(window.document() && window.board());
        nudge(window);
        QVERIFY(window.document()->isChanged());
        QVERIFY(window.filing().save());
        Answer again("answer0");
        window.showEntry();
        QVERIFY(again.said.contains("There is no database file"));
        QVERIFY(!window.isEntry());
        window.setThemeChoice(ThemeChoice::Dark); // which Entry follows where there is one
        window.setThemeChoice(ThemeChoice::AsDesktop);
        QVERIFY(window.document() && window.board());
    }

    void aFormForATableThatIsGoneStays()
    {
        samples::sqlite3(m_project + "/fairway.db", "PRAGMA foreign_keys = OFF; DROP TABLE visit");
        MainWindow window;
        window.show();
        Answer close("answer0");
        window.filing().openPath(formPath("visit"));
        QVERIFY2(close.said.contains("no table “visit” any more"), qPrintable(close.said));
        QVERIFY(window.document()->form().controls.size() > 10);
        window.board()->grab();
    }

    void aFullDiskKeepsTheFormOpen()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        nudge(window);
        // A folder in the file's place: it cannot be written, whoever asks.
        QVERIFY(QFile::remove(formPath("buoy")) && QDir().mkpath(formPath("buoy") + "/x"));
        Answer close("answer0");
        QVERIFY(!window.filing().save());
        QVERIFY2(close.said.contains("buoy.nabform"), qPrintable(close.said));
        QVERIFY(window.document()->isChanged());
    }

    void aBareDatabaseGoesStraightToANewForm()
    {
        MainWindow window;
        window.show();
        QString chosen;
        QTimer timer;
        connect(&timer, &QTimer::timeout, [&] {
            if (auto *dialog = qobject_cast<NewFormDialog *>(QApplication::activeModalWidget())) {
                timer.stop();
                QTest::keyClicks(dialog->findChild<QLineEdit *>(), "contr");
                chosen = dialog->form().rowsFrom;
                QTest::keyClick(dialog, Qt::Key_Return);
            }
        });
        timer.start(5);
        window.filing().openPath(m_project + "/fairway.db");
        QCOMPARE(chosen, "contractor");
        QVERIFY(window.document());
        QCOMPARE(window.document()->form().rowsFrom, "contractor");
        QVERIFY(window.document()->isChanged());
        QCOMPARE(window.document()->path(), QString());
    }

    void everyTableOfTheDepotDraftsAndEnters()
    {
        const Catalogue catalogue = *samples::opened(m_project + "/fairway.db").readCatalogue();
        for (const Table &table : catalogue.tables) {
            MainWindow window;
            window.show();
            window.filing().openPath(m_project);
            window.filing().newFormFromTable(table.name);
            QVERIFY(window.document());
            QCOMPARE(window.document()->form().rowsFrom, table.name);
            window.showEntry();
            QVERIFY(window.isEntry());
            QVERIFY(window.session()->state().hasRecord());
            window.session()->moves().goNext();
            window.grab();
            Answer letGo("answer1");
            QVERIFY(window.close());
        }
    }

    void anEmptyFormGetsItsRowsLater()
    {
        MainWindow window;
        window.show();
        WhenOpen sheet("newForm", [](QDialog *dialog) {
            static_cast<NewFormDialog *>(dialog)->start(NewFormDialog::From::Pattern);
            dialog->accept();
        });
        window.filing().openPath(m_project + "/fairway.db"); // a bare database goes straight to the sheet
        QVERIFY(window.document() && window.document()->form().rowsFrom.isEmpty());
        QCOMPARE(window.document()->form().rails.size(), 2);
        auto *button = window.findChild<QPushButton *>("boardRows");
        QVERIFY(button && button->isVisible());
        WhenOpen rows("rowsDialog", [](QDialog *dialog) {
            auto *tables = dialog->findChild<QTreeWidget *>("rowsTables");
            tables->setCurrentItem(tables->findItems("vessel", Qt::MatchExactly).first());
            dialog->findChild<QPushButton *>("takeRowsFrom")->click();
        });
        button->click();
        QTRY_COMPARE(window.document()->form().rowsFrom, "vessel");
        QVERIFY(!button->isVisible());
        // Fields come by a double click, each in the next free place.
        auto *tree = window.findChild<CataloguePanel *>()->findChild<QTreeView *>();
        auto *catalogue = window.findChild<CatalogueModel *>();
        for (const char *column : {"name", "call_sign", "operator_id"}) {
            Q_EMIT tree->activated(catalogue->indexOf("vessel", column));
            QVERIFY(boundTo(window.document()->form(), column));
        }
        QTRY_VERIFY(window.session()->place().map().has_value());
        window.showEntry();
        const Control *name = window.document()->form().controls.find(boundTo(window.document()->form(), "name"));
        QCOMPARE(window.session()->values().shown(*name).words, "MV Grey Gannet");
        window.showDesign();
        for (int i = 0; i < 4; ++i) {
            window.document()->steps()->undo();
        }
        QVERIFY(window.document()->form().rowsFrom.isEmpty());
        QVERIFY(button->isVisible());
        Answer letGo("answer1");
        window.close();
    }

    void theColumnsOfASelectAreInTheCatalogue()
    {
        MainWindow window;
        window.show();
        WhenOpen sheet("newForm", [](QDialog *dialog) {
            static_cast<NewFormDialog *>(dialog)->start(NewFormDialog::From::Nothing);
            dialog->accept();
        });
        window.filing().openPath(m_project + "/fairway.db");
        window.document()->apply("Rows",
                                 setRowsFrom(window.document()->form(), "own_select",
                                             "SELECT vessel_id, name AS ship, length(name) AS letters FROM vessel"));
        auto *tree = window.findChild<CataloguePanel *>()->findChild<QTreeView *>();
        const auto column = [&](const QString &name) {
            return window.findChild<CatalogueModel *>()->indexOf(window.document()->form().rowsFrom, name);
        };
        for (const char *name : {"ship", "letters"}) {
            QVERIFY(column(name).isValid());
            Q_EMIT tree->activated(column(name));
        }
        const Form &form = window.document()->form();
        QVERIFY(!isLocked(*form.controls.find(boundTo(form, "ship"))));
        QVERIFY(isLocked(*form.controls.find(boundTo(form, "letters"))));
        window.showEntry();
        const Control ship = *form.controls.find(boundTo(form, "ship"));
        window.session()->typing().type(ship, "Grey Heron");
        QVERIFY(window.session()->saving().save());
        QCOMPARE(samples::sqlite3(m_project + "/fairway.db", "SELECT name FROM vessel WHERE vessel_id = 1"),
                 "Grey Heron");
        // Undone, they are gone from the catalogue again.
        while (window.document()->steps()->canUndo()) {
            window.document()->steps()->undo();
        }
        QVERIFY(!column("letters").isValid());
        Answer letGo("answer1");
        window.close();
    }

    void oneNamingPatternForTheWholeProject()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        const QString before = window.document()->form().controls.at(1).name;
        WhenOpen names("renameDialog", [](QDialog *dialog) {
            auto *pattern = dialog->findChild<QLineEdit *>("renamePattern");
            pattern->setText("{kind}");
            QVERIFY(!dialog->findChild<QPushButton *>("renameAll")->isEnabled());
            pattern->setText("{column}_{kind}");
            QVERIFY(dialog->findChild<QTreeWidget *>("renamedControls")->topLevelItemCount() > 10);
            dialog->findChild<QPushButton *>("renameAll")->click();
        });
        for (QAction *action : window.findChildren<QAction *>()) {
            if (action->text() == "Control &names…") {
                action->trigger();
            }
        }
        const Form &form = window.document()->form();
        QCOMPARE(form.controls.find(boundTo(form, "name"))->name, "name_text");
        QVERIFY(window.document()->isChanged());
        // The other form is saved, the open one waits for its own saving; undo brings its names back.
        const Form visit = *loadForm(formPath("visit"));
        QCOMPARE(visit.controls.find(boundTo(visit, "hours"))->name, "hours_number");
        QCOMPARE(loadProject(m_project)->namingPattern, "{column}_{kind}");
        window.document()->steps()->undo();
        QCOMPARE(window.document()->form().controls.at(1).name, before);
        Answer letGo("answer1");
        window.close();
    }

    void theCatalogueMarksWhatIsPlaced()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        auto *tree = window.findChild<CataloguePanel *>()->findChild<QTreeView *>();
        QVERIFY(tree->isExpanded(window.findChild<CatalogueModel *>()->indexOf("buoy")));
        const QImage before = tree->grab().toImage();
        window.board()->select({boundTo(window.document()->form(), "asset_no")});
        deleteSelection(*window.board());
        QVERIFY(tree->grab().toImage() != before);
    }

    void aClerkGetsEntryAlone()
    {
        const Result<Workspace> workspace = openWorkspaceOfForm(formPath("buoy"));
        QVERIFY(workspace.isOk());
        EntryWindow window(*workspace, *loadForm(formPath("buoy")));
        QVERIFY(window.start().isOk());
        window.show();
        QCOMPARE(window.windowTitle(), "Buoy register");
        QVERIFY(!window.findChild<Board *>());
        QVERIFY(window.session()->moves().goNext());
        QVERIFY(window.close());
    }

    // With the program's style sheet in force, Qt lays nothing over the picture of a box that has the keyboard.
    void aBoxWithTheKeyboardKeepsItsEdge()
    {
        MainWindow window;
        window.setThemeChoice(ThemeChoice::Light);
        window.show();
        window.filing().openPath(formPath("buoy"));
        window.setThemeChoice(ThemeChoice::Dark);
        window.setThemeChoice(ThemeChoice::Light);
        window.showEntry();
        window.activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&window));
        const QColor accent = QColor::fromRgb(colour(looks().first(), Theme::Light, Ink::Accent));
        for (const char *column : {"name", "fairway_id", "depth_m", "laid_on", "chart_page", "remarks"}) {
            QWidget *box = window.entryView()->widgetFor(boundTo(window.document()->form(), column));
            box->setFocus();
            QTRY_VERIFY(box->hasFocus());
            const QImage image = box->grab().toImage();
            QCOMPARE(image.pixelColor(0, image.height() / 2), accent);
            QCOMPARE(image.pixelColor(image.width() / 2, image.height() - 1), accent);
        }
    }

    void looksFollowTheTheme()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        window.setThemeChoice(ThemeChoice::Light);
        const QImage light = window.grab().toImage();
        window.setThemeChoice(ThemeChoice::Dark);
        const QImage dark = window.grab().toImage();
        const auto brightness = [](const QImage &image) {
            return qGray(image.scaled(1, 1, Qt::IgnoreAspectRatio, Qt::SmoothTransformation).pixel(0, 0));
        };
        QVERIFY(brightness(light) > 180);
        QVERIFY(brightness(dark) < 80);
        window.setThemeChoice(ThemeChoice::AsDesktop);
    }
};

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    QApplication::setOrganizationName("Nabblet");
    QApplication::setApplicationName("Nabblet");
    QApplication::setStyle("Fusion");
    QStandardPaths::setTestModeEnabled(true); // unsaved work of tests stays out of the person's own folder
    TestMainWindow test;
    return QTest::qExec(&test, argc, argv);
}

#include "tst_main_window.moc"
