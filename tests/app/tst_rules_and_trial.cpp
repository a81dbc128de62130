// The window's pages of rules and of trial: the way there and back, what the keys mean there, and that a trial leaves
// nothing behind.
#include "app/parts/trial_page.h"
#include "app/window/main_window.h"
#include "core/file/form_file.h"
#include "core/kinds/holders/tab_pages.h"
#include "designer/board/board.h"
#include "designer/board/scene/board_scene.h"
#include "designer/rules/rule_list.h"
#include "entry/view/entry_view.h"
#include "support/sample_database.h"

#include <QAction>
#include <QApplication>
#include <QDir>
#include <QLineEdit>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>
#include <QTimer>

using namespace nabblet;

class TestRulesAndTrial : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_project;
    std::unique_ptr<MainWindow> m_window;

    QString database() const { return m_project + "/fairway.db"; }
    QString ask(const QString &sql) const { return samples::sqlite3(database(), sql); }
    ControlId boundTo(const QString &column) const
    {
        for (const Control &control : m_window->document()->form().controls) {
            if (control.column == column) {
                return control.id;
            }
        }
        return 0;
    }
    QAction *command(const QString &words) const
    {
        for (QAction *action : m_window->menuBar()->findChildren<QAction *>()) {
            if (action->text().remove(u'&') == words) {
                return action;
            }
        }
        return nullptr;
    }
    static QStringList copies()
    {
        return QDir::temp().entryList({"nabblet-trial-" + QString::number(QCoreApplication::applicationPid()) + "-*"},
                                      QDir::Dirs);
    }

private Q_SLOTS:
    void init()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings().clear();
        m_project = samples::depotProject(m_folder);
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        m_window->filing().openPath(m_project + "/forms/buoy.nabform");
        QVERIFY(m_window->document() && m_window->session()->state().hasRecord());
    }
    void cleanup() { m_window.reset(); }

    void theRulesOfWhatIsSelectedComeFirst()
    {
        m_window->board()->select({boundTo("battery_v")});
        command("Rules")->trigger(); // F6
        QVERIFY(m_window->isRules() && !m_window->isEntry());
        auto *list = m_window->findChild<RuleList *>("rules");
        QCOMPARE(list->lines().size(), 2);
        QVERIFY(list->lines().first().sentence.startsWith("Battery (V) is marked alarm"));
        QVERIFY(list->lines().last().sentence.startsWith("Battery (V) takes 1 decimal"));
        // Keys for the board do nothing to a form that is not in sight; undo and saving do.
        QVERIFY(!command("Delete")->isEnabled());
        const Form before = m_window->document()->form();
        QTest::mouseClick(m_window->findChild<QPushButton *>("deleteRule"), Qt::LeftButton);
        QCOMPARE(m_window->document()->form().rules.size(), before.rules.size() - 1);
        m_window->document()->steps()->undo();
        QVERIFY(m_window->document()->form() == before);
        QTest::keyClick(list, Qt::Key_Escape);
        QVERIFY(!m_window->isRules());
        QVERIFY(m_window->board()->isVisible());
    }

    // Copied in the list, pasted on to what is selected on the board.
    void rulesArePastedOnTheBoard()
    {
        m_window->board()->select({boundTo("battery_v")});
        command("Rules")->trigger();
        auto *list = m_window->findChild<RuleList *>("rules");
        QTest::keySequence(list, QKeySequence::Copy);
        m_window->showDesign();
        const Form before = m_window->document()->form();
        m_window->board()->setSelection(Selection());
        command("Paste")->trigger(); // says that something has to be selected
        QVERIFY(m_window->document()->form() == before);
        m_window->board()->select({boundTo("depth_m"), boundTo("laid_on")});
        command("Paste")->trigger();
        const Form &after = m_window->document()->form();
        QCOMPARE(after.rules.size(), before.rules.size() + 1);
        QCOMPARE(after.rules.last().effect, "scale");
        QCOMPARE(after.rules.last().on, (QList<ControlId>{boundTo("depth_m"), boundTo("laid_on")}));
        QCOMPARE(after.controls.size(), before.controls.size());
        m_window->document()->steps()->undo();
        QVERIFY(m_window->document()->form() == before);
    }

    void aTrialIsEntryThatIsSweptAway()
    {
        const QString stored = ask("SELECT name FROM buoy WHERE buoy_id = 1");
        m_window->showTrial();
        QVERIFY(m_window->isTrial());
        QCOMPARE(copies().size(), 1);
        QVERIFY(command("Save record") && command("Save record")->isEnabled());
        auto *line = qobject_cast<QLineEdit *>(m_window->entryView()->widgetFor(boundTo("name")));
        line->setFocus();
        line->selectAll();
        QTest::keyClicks(line, "Only tried");
        command("Save record")->trigger(); // the record, not the form
        QVERIFY(!m_window->session()->state().isChanged());
        QCOMPARE(ask("SELECT name FROM buoy WHERE buoy_id = 1"), stored);
        m_window->trialPage()->fillRecord();
        QVERIFY(m_window->session()->state().isNew());
        const int before = ask("SELECT count(*) FROM buoy").toInt();
        QVERIFY(m_window->session()->saving().save());
        QCOMPARE(ask("SELECT count(*) FROM buoy").toInt(), before);
        const RuleBranches &branches = m_window->trialPage()->trial()->branches();
        for (int i = 0; i < 30 && branches.seen() < branches.all(); ++i) {
            if (m_window->session()->state().isChanged()) {
                m_window->session()->takingBack().takeBack();
            }
            m_window->trialPage()->goToNextBranch();
        }
        QCOMPARE(branches.seen(), branches.all());
        const Rule rule = m_window->document()->form().rules.first();
        QCOMPARE(m_window->trialPage()->tried().untried(rule), QString());
        // Others write meanwhile: they are not held up.
        QCOMPARE(ask("UPDATE buoy SET name = 'By another' WHERE buoy_id = 2"), QString());
        m_window->endTrial();
        QVERIFY(!m_window->isTrial());
        QCOMPARE(copies().size(), 0);
        m_window->showEntry();
        QCOMPARE(m_window->session()->state().value("name").toString(), stored);
    }

    // On the board a page that a rule hides stays where it is, its title faint.
    void aHiddenPageIsFaintOnTheBoard()
    {
        Form form = m_window->document()->form();
        Control tabs;
        tabs.id = 9001;
        tabs.kind = "tab-pages";
        tabs.name = "sheets";
        tabs.place = QRect(16, 600, 320, 120);
        setPages(tabs, {{1, "Laid"}, {2, "Lit"}});
        form.controls.append(tabs);
        for (Band &band : form.bands) {
            band.height = band.role == BandRole::Body ? 760 : band.height;
        }
        Rule rule{.when = "1 = 0", .effect = "shown"};
        rule.areas = {Area{BandRole::Body, 9001, 2}};
        form.rules.append(rule);
        m_window->document()->apply("Pages", form);
        const auto faint = [&] {
            return m_window->board()->scene().shownOf(*m_window->document()->form().controls.find(9001)).faintPages;
        };
        QTRY_COMPARE(faint(), QList<int>{2});
        form.rules.last().when = "1 = 1";
        m_window->document()->apply("Pages", form);
        QTRY_COMPARE(faint(), QList<int>());
        while (m_window->document()->steps()->canUndo()) {
            m_window->document()->steps()->undo();
        }
    }

    // What no trial has shown of a rule stands in the list of rules, and is forgotten by no further trial.
    void whatWasNotTriedIsListed()
    {
        const auto untried = [this] {
            command("Rules")->trigger();
            QStringList words;
            for (const RuleLine &line : m_window->findChild<RuleList *>("rules")->lines()) {
                words.append(line.rule >= 0 ? line.untried : QString());
            }
            m_window->showDesign();
            words.removeAll(QString());
            return words;
        };
        QCOMPARE(untried(), QStringList()); // nobody tried anything
        m_window->showTrial();
        const int seen = m_window->trialPage()->trial()->branches().seen();
        m_window->endTrial();
        const QStringList first = untried();
        QVERIFY(first.size() > 1);
        m_window->showTrial();
        QCOMPARE(m_window->trialPage()->trial()->branches().seen(), seen);
        m_window->trialPage()->goToNextBranch();
        QVERIFY(m_window->trialPage()->trial()->branches().seen() > seen);
        m_window->endTrial();
        QVERIFY(untried() != first);
        // A changed rule counts as not tried.
        Form form = m_window->document()->form();

        form.rules.first().when = "1 = 1";
        form.rules.first().steps.clear();
        m_window->document()->apply("Change", form);
        QCOMPARE(m_window->trialPage()->tried().untried(form.rules.first()), "Not tried yet");
    }

    void aTrialEndsWithItsWindowAndItsForm()
    {
        m_window->showTrial();
        QCOMPARE(copies().size(), 1);
        m_window->filing().openPath(m_project + "/forms/visit.nabform");
        QCOMPARE(copies().size(), 0);
        m_window->showTrial();
        QCOMPARE(copies().size(), 1);
        m_window.reset();
        QCOMPARE(copies().size(), 0);
    }

    void withoutADatabaseItSaysSo()
    {
        QVERIFY(QFile::remove(database()));
        QString said;
        QTimer closing;
        connect(&closing, &QTimer::timeout, this, [&] {
            if (auto *box = qobject_cast<QMessageBox *>(QApplication::activeModalWidget())) {
                said = box->text() + box->informativeText();
                box->close();
            }
        });
        closing.start(5);
        m_window->showTrial();
        QVERIFY2(said.contains("could not be copied"), qPrintable(said));
        QVERIFY(!m_window->isTrial());
        QVERIFY(m_window->board()->isVisible());
        QCOMPARE(copies().size(), 0);
    }
};

QTEST_MAIN(TestRulesAndTrial)
#include "tst_rules_and_trial.moc"
