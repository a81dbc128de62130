// A form kept in order in the whole window: what is found while designing and put right, tables that another program
// changes, and sentences for their rules.
#include "app/window/main_window.h"
#include "app/work/findings_view.h"
#include "core/arrange/moving.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/reconcile/memory.h"
#include "designer/findings/findings_list.h"
#include "designer/findings/findings_panel.h"
#include "designer/rules/rule_list.h"
#include "entry/session/entry_session.h"
#include "support/sample_database.h"
#include "support/when_open.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;

class TestUpkeepWindow : public QObject
{
    Q_OBJECT

    std::unique_ptr<QTemporaryDir> m_folder;
    QString m_project;
    std::unique_ptr<MainWindow> m_window;

    FormDocument *document() const { return m_window->document(); }
    const Form &form() const { return document()->form(); }
    Board *board() const { return m_window->board(); }
    template <typename Widget> Widget *part(const char *name) const
    {
        for (Widget *each : m_window->findChildren<Widget *>(name)) {
            if (each->isVisible()) {
                return each;
            }
        }
        return nullptr;
    }
    const Control *boxOf(const QString &column) const
    {
        for (const Control &control : form().controls) {
            if (control.column == column) {
                return &control;
            }
        }
        return nullptr;
    }
    QString ask(const QString &sql) const { return samples::sqlite3(m_project + "/fairway.db", sql); }
    QString badge() const { return part<QPushButton>("foundCount")->text(); }
    QStringList sentences() const
    {
        QStringList all;
        for (const Found &found : m_window->findings().watch().found()) {
            all.append(found.finding.sentence);
        }
        return all;
    }
    void settle() const
    {
        QTRY_VERIFY(m_window->findings().watch().isUpToDate());
        QCoreApplication::processEvents();
    }
    // The database is changed by another program, and the window notices.
    void alter(const QString &sql) const
    {
        QCOMPARE(ask(sql), QString());
        m_window->work().readDatabaseAgain();
        settle();
    }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        m_folder = std::make_unique<QTemporaryDir>();
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder->filePath("settings"));
    }
    void init()
    {
        m_folder = std::make_unique<QTemporaryDir>();
        m_project = samples::depotProject(*m_folder);
        m_window = std::make_unique<MainWindow>();
        m_window->resize(1280, 800);
        m_window->show();
        m_window->filing().openPath(m_project + "/forms/buoy.nabform");
        QVERIFY(document());
        m_window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_window.get()));
        settle();
    }
    void cleanup()
    {
        m_window->work().recovery()->forget();
        m_window.reset();
    }

    void nothingIsFoundInTheDemonstration()
    {
        QVERIFY2(sentences().isEmpty(), qPrintable(sentences().join("\n")));
        QCOMPARE(badge(), QString("0"));
    }

    // Done wrong, counted, gone to by key, tried, put right, taken back.
    void whatIsFoundIsPutRight()
    {
        const Control name = *boxOf("name");
        document()->apply("Move", resizeControls(moveControls(form(), {name.id}, QPoint(3, 0)), {name.id}, Edge::Bottom,
                                                 QPoint(0, -8)));
        settle();
        const QStringList found = sentences();
        QVERIFY2(found.size() >= 2, qPrintable(found.join("\n")));
        QCOMPARE(badge(), QString::number(found.size()));
        QVERIFY(board()->scene().found.contains(name.id));
        board()->setSelection(Selection());
        board()->setFocus();
        QTest::keyClick(m_window.get(), Qt::Key_J, Qt::ControlModifier);
        QCOMPARE(board()->selection().controls(), QList<ControlId>{name.id});
        QTest::keyClick(board(), Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        auto *list = part<FindingsList>("findings");
        QVERIFY(list && list->hasFocus());
        QCOMPARE(list->findings().size(), found.size());
        // Under the keyboard it is shown, and not done.
        const Form before = form();
        settle();
        auto *mend = part<QPushButton>("mend0");
        QVERIFY(mend);
        mend->setFocus(Qt::TabFocusReason);
        QVERIFY(board()->scene().preview.has_value());
        QVERIFY(!(*board()->scene().preview == before));
        list->setFocus();
        QVERIFY(!board()->scene().preview.has_value());
        QCOMPARE(form(), before);
        for (int i = 0; i < 20 && list->isVisible(); ++i) {
            QTest::keyClick(list, Qt::Key_Return);
            settle();
        }
        QVERIFY2(sentences().isEmpty(), qPrintable(sentences().join("\n")));
        QCOMPARE(badge(), QString("0"));
        QVERIFY(board()->scene().found.isEmpty());
        document()->steps()->undo();
        settle();
        QVERIFY(!sentences().isEmpty());
    }

    void leftBeForAReasonIsKeptInTheForm()
    {
        document()->apply("Move", moveControls(form(), {boxOf("name")->id}, QPoint(0, 3)));
        settle();
        const qsizetype count = sentences().size();
        QVERIFY(count >= 1);
        m_window->showFindings(true);
        settle();
        for (qsizetype i = 0; i < count; ++i) {
            QTest::keyClicks(part<QLineEdit>("leaveReason"), "As on the paper");
            QTest::mouseClick(part<QPushButton>("leaveBe"), Qt::LeftButton);
            settle();
        }
        QCOMPARE(badge(), QString("0"));
        QVERIFY(m_window->filing().save());
        const Form stored = *loadForm(m_project + "/forms/buoy.nabform");
        QCOMPARE(stored.leftBe.size(), count);
        QCOMPARE(stored.leftBe.first().reason, QString("As on the paper"));
        // They can be looked at again.
        auto *filter = part<QComboBox>("findingsOf");
        filter->setCurrentIndex(3);
        Q_EMIT filter->activated(3);
        QCOMPARE(part<FindingsList>("findings")->findings().size(), count);
        part<FindingsList>("findings")->setCurrent(0);
        settle();
        QTest::mouseClick(part<QPushButton>("leaveNoMore"), Qt::LeftButton);
        settle();
        QCOMPARE(badge(), QString("1"));
    }

    // Another program renames a column: said where it was, followed at a key, in every use.
    void aRenamedColumnIsFollowed()
    {
        document()->apply("Move", moveControls(form(), {boxOf("depth_m")->id}, QPoint(0, 8)));
        QVERIFY(m_window->filing().save()); // what it remembers is written with it
        QVERIFY(remembered(*loadForm(m_project + "/forms/buoy.nabform"), "contractor", "name"));
        settle();
        const qsizetype before = sentences().size();
        const QRect place = boxOf("asset_no")->place;
        alter("ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number");
        QCOMPARE(sentences().size(), before + 1);
        QVERIFY2(sentences().first().contains("is called “asset_number” now"), qPrintable(sentences().first()));
        m_window->showFindings(true);
        part<FindingsList>("findings")->setCurrent(0);
        settle();
        QTest::mouseClick(part<QPushButton>("mend0"), Qt::LeftButton);
        settle();
        QCOMPARE(sentences().size(), before);
        QVERIFY(boxOf("asset_number"));
        QCOMPARE(boxOf("asset_number")->place, place);
        QVERIFY(m_window->session()->state().source.columns.contains("asset_number"));
        for (const Rule &rule : form().rules) {
            QVERIFY(!rule.when.contains("asset_no "));
        }
    }

    void theSheetBringsItIntoStep()
    {
        document()->apply("Move", moveControls(form(), {boxOf("depth_m")->id}, QPoint(0, 8)));
        QVERIFY(m_window->filing().save());
        alter(
            "ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number; ALTER TABLE buoy ADD COLUMN colour VARCHAR(20)");
        const QString asset = ask("SELECT asset_number FROM buoy ORDER BY buoy_id LIMIT 1");
        bool wasOpen = false;
        samples::WhenOpen sheet("reconcileDialog", [&](QDialog *dialog) {
            wasOpen = true;
            const QList<QCheckBox *> ticks{dialog->findChild<QCheckBox *>("change0"),
                                           dialog->findChild<QCheckBox *>("change1")};
            if (!ticks.at(0) || !ticks.at(1) || dialog->findChild<QCheckBox *>("change2")) {
                qWarning() << sentences() << document()->root().seenColumns << document()->form().seenColumns;
                dialog->reject();
                return;
            }
            QVERIFY(ticks.at(0)->isChecked());  // it is followed …
            QVERIFY(!ticks.at(1)->isChecked()); // … and what nobody needs is not added unasked, …
            ticks.at(1)->setChecked(true);      // … only when it is wanted
            dialog->findChild<QPushButton *>("takeStep")->click();
        });
        m_window->findChild<QAction *>("bringIntoStep")->trigger();
        QTRY_VERIFY(wasOpen);
        settle();
        QVERIFY(boxOf("asset_number") && boxOf("colour"));
        QVERIFY(!sentences().join("\n").contains("asset"));
        QCOMPARE(m_window->session()->state().value("asset_number").toString(), asset);
        document()->steps()->undo(); // one step
        QVERIFY(!boxOf("asset_number") && !boxOf("colour"));
    }

    void renamesAreFollowedWithoutAskingOnceThatIsSaid()
    {
        alter("ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number");
        bool wasOpen = false;
        samples::WhenOpen sheet("reconcileDialog", [&](QDialog *dialog) {
            wasOpen = true;
            dialog->findChild<QCheckBox *>("followsRenames")->setChecked(true);
            dialog->findChild<QPushButton *>("takeStep")->click();
        });
        m_window->findChild<QAction *>("bringIntoStep")->trigger();
        QTRY_VERIFY(wasOpen);
        settle();
        QVERIFY(boxOf("asset_number"));
        QVERIFY(QString::fromUtf8(*readWholeFile(m_project + "/project.nabblet")).contains("\"followsRenames\": true"));
        alter("ALTER TABLE buoy RENAME COLUMN asset_number TO asset_id");
        QTRY_VERIFY(boxOf("asset_id")); // nobody was asked
        settle();
        QVERIFY2(sentences().isEmpty(), qPrintable(sentences().join("\n")));
        document()->steps()->undo();
        QVERIFY(boxOf("asset_number"));
    }

    void draftedAgain()
    {
        const Control box = *boxOf("depth_m");
        alter("ALTER TABLE buoy ADD COLUMN mooring VARCHAR(40)");
        bool wasOpen = false;
        samples::WhenOpen sheet("reconcileDialog", [&](QDialog *dialog) {
            wasOpen = true;
            dialog->findChild<QPushButton *>("takeStep")->click();
        });
        m_window->findChild<QAction *>("draftAgain")->trigger();
        QTRY_VERIFY(wasOpen);
        settle();
        QVERIFY(boxOf("mooring"));
        QCOMPARE(boxOf("depth_m")->settings, box.settings);
        QVERIFY2(sentences().isEmpty(), qPrintable(sentences().join("\n")));
    }

    void aColumnCalledOtherwiseInAllForms()
    {
        int others = 0; // that follow
        // Another form of the project that shows it.
        const Result<Form> card = loadForm(QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/forms/buoy_card.nabform"));
        QVERIFY(card && saveForm(formsFolder(m_project) + "/buoy_card.nabform", *card));
        samples::WhenOpen sheet("wordsQuestion", [&](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("words")->setText("asset_number");
            dialog->accept();
        });
        m_window->tableChanging().renameInForms("buoy", "asset_no");
        QVERIFY(boxOf("asset_number"));
        for (const QString &file : formFiles(m_project)) {
            const Result<QByteArray> text = readWholeFile(formsFolder(m_project) + '/' + file);
            QVERIFY2(text, qPrintable(file));
            // The form at hand is changed and not saved yet.
            QCOMPARE(QString::fromUtf8(*text).contains("\"asset_no\""), file == "buoy.nabform");
            others += file != "buoy.nabform" && QString::fromUtf8(*text).contains("\"asset_number\"") ? 1 : 0;
        }
        QVERIFY(others > 0);
        QCOMPARE(ask("ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number"), QString());
        m_window->work().readDatabaseAgain();
        settle();
        QVERIFY2(sentences().isEmpty(), qPrintable(sentences().join("\n")));
    }

    // A person's own choice: three columns where one box stood.
    void otherColumnsInThePlaceOfOne()
    {
        alter("ALTER TABLE buoy ADD COLUMN lat VARCHAR(20); ALTER TABLE buoy ADD COLUMN lon VARCHAR(20); "
              "ALTER TABLE buoy ADD COLUMN datum VARCHAR(10)");
        const QRect place = boxOf("position")->place;
        const QRect below = boxOf("depth_m")->place;
        Selection selection;
        selection.set({boxOf("position")->id});
        board()->setSelection(selection);
        samples::WhenOpen sheet("columnsInsteadSheet", [&](QDialog *dialog) {
            auto *list = dialog->findChild<QListWidget *>("columnsToTake");
            for (int i = 0; i < list->count(); ++i) {
                const QString name = list->item(i)->data(Qt::UserRole).toString();
                if (name == "lat" || name == "lon" || name == "datum") {
                    list->item(i)->setCheckState(Qt::Checked);
                }
            }
            dialog->accept();
        });
        m_window->findChild<QAction *>("columnsInstead")->trigger();
        settle();
        QVERIFY(!boxOf("position"));
        QVERIFY(boxOf("lat") && boxOf("lon") && boxOf("datum"));
        QCOMPARE(boxOf("lat")->place.top(), place.top());
        QVERIFY(boxOf("lon")->place.top() > boxOf("lat")->place.top());
        QVERIFY(boxOf("datum")->place.top() > boxOf("lon")->place.top());
        QVERIFY(boxOf("depth_m")->place.top() > below.top()); // it made way
        const QString all = sentences().join("\n");
        QVERIFY2(!all.contains("covers") && !all.contains("cannot be filled"), qPrintable(all));
        document()->steps()->undo();
        QCOMPARE(boxOf("position")->place, place);
    }

    // A sentence for a rule of the table, in all forms of the project.
    void aRuleOfTheTableSaysWhatTheProjectSays()
    {
        m_window->showRules();
        auto *rules = part<RuleList>("rules");
        QVERIFY(rules);
        int line = -1;
        for (int i = 0; i < rules->lines().size(); ++i) {
            line = rules->lines().at(i).sentence.contains("differs from record to record") ? i : line;
        }
        QVERIFY(line >= 0);
        rules->setCurrent(line);
        auto *own = part<QLineEdit>("ownSentence");
        QVERIFY(own);
        own->setFocus();
        QTest::keyClicks(own, "Each buoy has a number of its own");
        QTest::keyClick(own, Qt::Key_Return);
        QVERIFY(rules->lines().at(line).sentence.contains("Each buoy has a number of its own"));
        const Result<Project> project = loadProject(m_project);
        QVERIFY(project);
        QCOMPARE(project->sentences.size(), 1);
        QCOMPARE(project->sentences.first().table, QString("buoy"));
        m_window->showEntry();
        EntrySession *session = m_window->session();
        QVERIFY(session->moves().goNext());
        const QString taken = ask("SELECT asset_no FROM buoy ORDER BY buoy_id LIMIT 1");
        session->typing().type(*boxOf("asset_no"), taken);
        QVERIFY(!session->saving().save());
        QCOMPARE(session->state().messages.first().sentence, QString("Each buoy has a number of its own"));
        QCOMPARE(session->state().messages.first().control, boxOf("asset_no")->id);
        session->typing().putBack(*boxOf("asset_no"));
    }
};

QTEST_MAIN(TestUpkeepWindow)
#include "tst_upkeep_window.moc"
