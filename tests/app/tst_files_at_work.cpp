// Files, databases and the clipboard around the window: what is saved elsewhere, copied, taken twice or locked.
#include "app/window/main_window.h"
#include "core/edit/clipboard.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "designer/board/board.h"
#include "designer/board/editing/board_clipboard.h"
#include "designer/new_form/new_form_dialog.h"
#include "designer/new_form/plan_columns.h"
#include "designer/panels/catalogue_model.h"
#include "designer/panels/catalogue_panel.h"
#include "entry/reading/database_watch.h"
#include "entry/records/record_strip.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPixmap>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <QTest>
#include <QTimer>
#include <QTreeWidget>

#include <unistd.h>

using namespace nabblet;

class TestFilesAtWork : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_project;

    QString formPath(const QString &name) const { return m_project + "/forms/" + name + ".nabform"; }
    static const Control *boundTo(const Form &form, const QString &column)
    {
        for (const Control &control : form.controls) {
            if (control.column == column) {
                return &control;
            }
        }
        return nullptr;
    }
    // Takes the name that a sheet for saving offers, and accepts or leaves it.
    struct OfferedName
    {
        QString name;
        QTimer timer;
        explicit OfferedName(const QString &takenInstead = {})
        {
            QObject::connect(&timer, &QTimer::timeout, [this, takenInstead] {
                if (auto *dialog = qobject_cast<QFileDialog *>(QApplication::activeModalWidget())) {
                    timer.stop();
                    name = QFileInfo(dialog->selectedFiles().value(0)).completeBaseName();
                    if (takenInstead.isEmpty()) {
                        dialog->reject();
                        return;
                    }
                    dialog->selectFile(takenInstead);
                    dialog->findChild<QLineEdit *>("fileNameEdit")->setText(takenInstead);
                    QMetaObject::invokeMethod(dialog, "accept");
                }
            });
            timer.start(5);
        }
    };

private Q_SLOTS:
    void initTestCase() { QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs); }

    void init()
    {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
        m_project = samples::depotProject(m_folder);
    }

    // ------------------------------------------------------------------------------------------------ forms

    void theTracingSheetIsFoundWhereverTheFormIsSaved()
    {
        const QString sheet = m_project + "/scan.png"; // in the project, so called from where the form is
        QPixmap page(20, 10);
        page.fill(Qt::white);
        QVERIFY(page.save(sheet));
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        Form form = window.document()->form();
        form.tracing.file = sheet;
        window.document()->apply("Lay a tracing sheet under", form);
        QVERIFY(window.filing().save());
        const QString deeper = m_folder.filePath("elsewhere/deeper/");
        QDir().mkpath(deeper);
        for (const QString &path :
             {deeper + "other.nabform", deeper + "other.nabform", m_folder.filePath("third.nabform")}) {
            QVERIFY(window.document()->saveTo(path));
            QCOMPARE(QFileInfo(window.document()->tracingPath()).canonicalFilePath(),
                     QFileInfo(sheet).canonicalFilePath());
            QVERIFY(window.filing().save()); // where it is now
            QCOMPARE(QFileInfo(window.document()->tracingPath()).canonicalFilePath(),
                     QFileInfo(sheet).canonicalFilePath());
            MainWindow again;
            again.filing().openPath(path);
            QCOMPARE(QFileInfo(again.document()->tracingPath()).canonicalFilePath(),
                     QFileInfo(sheet).canonicalFilePath());
        }
    }

    void aSecondFormIsOfferedAFreeName()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        window.filing().newFormFromTable("buoy");
        OfferedName offered;
        QVERIFY(!window.filing().saveAs());
        QCOMPARE(offered.name, "buoy_2");
        // Saved under another, its own name is that of its file.
        OfferedName taken("my_buoys");
        QVERIFY(window.filing().saveAs());
        QCOMPARE(QFileInfo(window.document()->path()).completeBaseName(), "my_buoys");
        QCOMPARE(window.document()->root().name, "my_buoys");
        QFile file(formPath("my_buoys"));
        QVERIFY(file.open(QFile::ReadOnly));
        QCOMPARE(readForm(file.readAll())->name, "my_buoys");
    }

    void theFilterOfTheCatalogueDoesNotReachTheNextProject()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        auto *panel = window.findChild<CataloguePanel *>();
        auto *filter = panel->findChild<QLineEdit *>();
        auto *tables = panel->findChild<CatalogueModel *>();
        const int all = tables->rowCount();
        QTest::keyClicks(filter, "crew_lead");
        QVERIFY(tables->rowCount() > 0 && tables->rowCount() < all);
        const QString other = m_folder.filePath("other_project");
        QDir().mkpath(other);
        QCOMPARE(samples::sqlite3(other + "/o.db", "CREATE TABLE one (id INTEGER PRIMARY KEY, a TEXT);"
                                                   "CREATE TABLE two (id INTEGER PRIMARY KEY, b TEXT)"),
                 QString());
        QFile project(other + "/project.nabblet");
        QVERIFY(project.open(QFile::WriteOnly));
        project.write(R"({"project": 1, "name": "Other", "connection": {"kind": "sqlite", "file": "o.db"}})");
        project.close();
        QDir().mkpath(other + "/forms");
        Form form;
        form.name = form.title = form.rowsFrom = "one";
        form.bands = {Band{BandRole::Body, 200, {}}};
        QFile file(other + "/forms/one.nabform");
        QVERIFY(file.open(QFile::WriteOnly));
        file.write(writeForm(form));
        file.close();
        window.filing().openPath(other);
        QCOMPARE(window.work().workspace().projectFolder, QDir(other).absolutePath());
        QCOMPARE(filter->text(), QString());
        QCOMPARE(tables->rowCount(), 2);
    }

    // The database is looked for, chosen anew or read again once it is back; the project remembers where it is.
    void aDatabaseThatWasMovedIsFoundAgain()
    {
        const QString database = m_project + "/fairway.db";
        const QString moved = m_folder.filePath("moved.db");
        QFile::remove(moved);
        QVERIFY(QFile::rename(database, moved));
        QStringList answers;
        QTimer hand;
        connect(&hand, &QTimer::timeout, [&] {
            if (auto *question = qobject_cast<QMessageBox *>(QApplication::activeModalWidget())) {
                const QString answer = answers.isEmpty() ? "answer1" : answers.takeFirst();
                question->findChild<QPushButton *>(answer)->click();
            } else if (auto *dialog = qobject_cast<QFileDialog *>(QApplication::activeModalWidget())) {
                dialog->findChild<QLineEdit *>("fileNameEdit")->setText(moved);
                QMetaObject::invokeMethod(dialog, "accept");
            }
        });
        hand.start(5);
        MainWindow window;
        window.show();
        window.filing().openPath(m_project); // goes on without it
        QVERIFY(window.document());
        QVERIFY(!window.session());
        // It is back, and read again.
        QVERIFY(QFile::copy(moved, database));
        window.filing().readDatabaseAgain();
        QVERIFY(window.session());
        QCOMPARE(QFileInfo(window.document()->path()).completeBaseName(), "buoy");
        // Gone for good: chosen anew, which the project remembers.
        QVERIFY(QFile::remove(database));
        answers = {"answer0"};
        MainWindow other;
        other.filing().openPath(formPath("buoy"));
        QVERIFY(other.session());
        MainWindow third;
        third.filing().openPath(m_project);
        QVERIFY(third.session());
        QVERIFY(answers.isEmpty());
    }

    void escapeInTheSheetAsksOnceChoicesWereMade()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        int asked = 0;
        bool isStillOpen = false;
        QTimer hand;
        int step = 0;
        connect(&hand, &QTimer::timeout, [&] {
            QWidget *front = QApplication::activeModalWidget();
            auto *sheet = qobject_cast<NewFormDialog *>(front);
            auto *question = qobject_cast<QMessageBox *>(front);
            if (sheet && step == 0) {
                auto *tables = sheet->findChild<QTreeWidget *>("tables");
                tables->setCurrentItem(tables->topLevelItem(2));
                auto *columns = sheet->findChild<PlanColumns *>();
                columns->topLevelItem(2)->setCheckState(0, Qt::Unchecked);
                step = 1;
                QTimer::singleShot(0, sheet, [sheet] { QTest::keyClick(sheet, Qt::Key_Escape); });
            } else if (question && step == 1) {
                ++asked;
                step = 2;
                question->reject(); // stays
            } else if (sheet && step == 2) {
                isStillOpen = true;
                step = 3;
                QTimer::singleShot(0, sheet, [sheet] { QTest::keyClick(sheet, Qt::Key_Escape); });
            } else if (question && step == 3) {
                ++asked;
                step = 4;
                question->findChild<QPushButton *>("answer0")->click();
            }
        });
        hand.start(10);
        window.filing().newForm();
        QCOMPARE(step, 4);
        QCOMPARE(asked, 2);
        QVERIFY(isStillOpen);
    }

    // Several forms made at once are files at once, each under a name of its own; the one that was in sight is open.
    void severalNewFormsAreSavedAtOnce()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        const QDir folder = QFileInfo(formPath("buoy")).absoluteDir();
        const QStringList before = folder.entryList({"*.nabform"}, QDir::Files);
        QTimer hand;
        int step = 0;
        connect(&hand, &QTimer::timeout, [&] {
            auto *sheet = qobject_cast<NewFormDialog *>(QApplication::activeModalWidget());
            if (sheet && step == 0) {
                step = 1;
                auto *tables = sheet->findChild<QTreeWidget *>("tables");
                for (const char *table : {"visit", "buoy"}) {
                    tables->findItems(table, Qt::MatchExactly).first()->setCheckState(0, Qt::Checked);
                }
                sheet->findChild<QPushButton *>("makeForm")->click();
            }
        });
        hand.start(10);
        window.filing().newForm();
        QCOMPARE(step, 1);
        QStringList made = folder.entryList({"*.nabform"}, QDir::Files);
        made.removeIf([&](const QString &name) { return before.contains(name); });
        QCOMPARE(made.size(), 2);
        QCOMPARE(window.document()->form().rowsFrom, "buoy"); // ticked last, so in sight
        QVERIFY(made.contains(QFileInfo(window.document()->path()).fileName()));
        QVERIFY(window.document()->steps()->isClean());
        for (const QString &name : made) {
            const Result<Form> form = loadForm(folder.filePath(name));
            QVERIFY(form.isOk());
            QCOMPARE(form->name, QFileInfo(name).completeBaseName());
            QVERIFY(QFile::remove(folder.filePath(name)));
        }
    }

    // ------------------------------------------------------------------------------------------------ clipboard

    void aSubformWithAFileOfItsOwnIsPastedWhole()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("buoy"));
        Form form = window.document()->form();
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = "subform";
        subform.name = "sub_of_file";
        subform.place = QRect(16, 600, 400, 120);
        subform.settings.set(setting::Opens, "visit");
        form.controls.append(subform);
        QApplication::clipboard()->setText(QString::fromUtf8(clipText(form, {subform.id})));
        window.board()->clipboard().paste(BoardClipboard::Place::Beside);
        const Control *pasted = window.document()->form().controls.find(window.board()->selection().lead());
        QVERIFY(pasted);
        QCOMPARE(projectFormOf(*pasted), "visit");
        QVERIFY(pasted->inner);
        QVERIFY(pasted->inner.get()->controls.size() > 3);
    }

    void pastedBoxesOfStrangeColumnsAreNamed()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(formPath("visit"));
        const Control *strange = boundTo(window.document()->form(), "crew_lead");
        QVERIFY(strange);
        window.board()->select({strange->id});
        window.board()->clipboard().copy();
        window.filing().openPath(formPath("buoy"));
        QSignalSpy said(window.board(), &Board::said);
        window.board()->clipboard().paste(BoardClipboard::Place::Beside);
        QVERIFY(!said.isEmpty());
        QVERIFY2(said.last().first().toString().contains("crew_lead"), qPrintable(said.last().first().toString()));
        // So are the columns that a link asks for.
        Form form = window.document()->form();
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = "subform";
        subform.name = "sub_of_visit";
        subform.place = QRect(16, 600, 400, 120);
        setChildLink(subform, {{"visit_id"}, {"visit_id"}});
        form.controls.append(subform);
        QApplication::clipboard()->setText(QString::fromUtf8(clipText(form, {subform.id})));
        said.clear();
        window.board()->clipboard().paste(BoardClipboard::Place::Beside);
        QVERIFY(!said.isEmpty());
        QVERIFY2(said.last().first().toString().contains("visit_id"), qPrintable(said.last().first().toString()));
        // What the rows do have comes without a word.
        window.board()->select({boundTo(window.document()->form(), "name")->id});
        window.board()->clipboard().copy();
        said.clear();
        window.board()->clipboard().paste(BoardClipboard::Place::Beside);
        for (const QList<QVariant> &each : said) {
            QVERIFY2(!each.first().toString().contains("no column"), qPrintable(each.first().toString()));
        }
    }

    // ------------------------------------------------------------------------------------------------ database

    // A column that is missing stands in the table and in the form at once.
    void aMissingColumnIsAddedFromTheDesigner()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        window.filing().newFormFromTable("vessel");
        QString statement;
        samples::WhenOpen added("newColumn", [&](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("columnName")->setText("beam_m");
            dialog->findChild<QComboBox *>("columnType")->setCurrentIndex(2);
            statement = dialog->findChild<QPlainTextEdit *>("columnStatement")->toPlainText();
            dialog->findChild<QPushButton *>("addColumn")->click();
        });
        window.tableChanging().addColumn("vessel");
        QCOMPARE(statement, QString("ALTER TABLE \"vessel\" ADD COLUMN \"beam_m\" DECIMAL(12,2)"));
        QCOMPARE(samples::sqlite3(m_project + "/fairway.db",
                                  "SELECT type FROM pragma_table_info('vessel') WHERE name = 'beam_m'"),
                 QString("DECIMAL(12,2)"));
        const Control *box = boundTo(window.document()->form(), "beam_m");
        QVERIFY(box);
        QCOMPARE(captionOf(window.document()->form(), box->id)->text, "Beam (m)");
        // What cannot be changed is said and opens nothing.
        QSignalSpy said(&window.tableChanging(), &TableChanging::said);
        window.tableChanging().addColumn("buoy_due_for_visit");
        QVERIFY(said.last().first().toString().contains("view"));
    }

    // The values of a text column become a table, the project remembers the link, the box is chosen from it.
    void aTableOfChoicesIsMadeOfAColumn()
    {
        MainWindow window;
        window.show();
        window.filing().openPath(m_project);
        window.filing().newFormFromTable("vessel");
        samples::WhenOpen made("choicesTable", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("choicesTableName")->setText("call signs");
            dialog->findChild<QPushButton *>("makeChoicesTable")->click();
        });
        window.tableChanging().makeChoicesTable("vessel", "call_sign");
        const QString file = m_project + "/fairway.db";
        QCOMPARE(samples::sqlite3(file, "SELECT count(*) FROM \"call signs\""),
                 samples::sqlite3(file, "SELECT count(DISTINCT call_sign) FROM vessel"));
        const Control *box = boundTo(window.document()->form(), "call_sign");
        QCOMPARE(box->kind, "drop-down");
        QCOMPARE(lookupOf(*box)->table, "call signs");
        const Result<Project> project = loadProject(m_project);
        QCOMPARE(project->links.size(), 1);
        QCOMPARE(project->links.first().link.parentTable, "call signs");
    }

    void aReadOnlyDatabaseOpensToLookAt()
    {
        const QString path = m_project + "/fairway.db";
        QFile::setPermissions(path, QFileDevice::ReadOwner | QFileDevice::ReadGroup | QFileDevice::ReadOther);
        const bool isRoot = geteuid() == 0; // to whom every file is writable: be nobody for a moment
        if (isRoot) {
            const auto open =
                QFileDevice::ReadGroup | QFileDevice::ExeGroup | QFileDevice::ReadOther | QFileDevice::ExeOther;
            QFile::setPermissions(m_folder.path(), QFile::permissions(m_folder.path()) | open);
            QVERIFY(setresuid(65534, 65534, 0) == 0);
        }
        QString words;
        QString name;
        bool isLocked = false;
        {
            MainWindow window;
            window.show();
            window.filing().openPath(formPath("buoy"));
            window.showEntry();
            if (window.session()) {
                auto *box = qobject_cast<QLineEdit *>(
                    window.entryView()->widgetFor(boundTo(window.document()->form(), "name")->id));
                name = box->text();
                isLocked = box->isReadOnly();
                for (const QLabel *label : window.findChildren<QLabel *>()) {
                    words += label->isVisible() ? label->text() + '\n' : QString();
                }
            }
        }
        if (isRoot) {
            QVERIFY(setresuid(0, 0, 0) == 0);
        }
        QVERIFY(!name.isEmpty());
        QVERIFY(isLocked);
        QVERIFY2(words.contains("only be read"), qPrintable(words));
    }
};

QTEST_MAIN(TestFilesAtWork)
#include "tst_files_at_work.moc"
