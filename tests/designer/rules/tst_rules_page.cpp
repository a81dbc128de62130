// The page of a form's rules: the list follows the form, what is set in the editor is in the form, counts come from
// what is stored, all of it is undone.
#include "core/edit/edits.h"
#include "core/file/form_file.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/start_value.h"
#include "core/rules/condition_rows.h"
#include "core/rules/rules.h"
#include "designer/rules/condition_editor.h"
#include "designer/rules/rules_page.h"
#include "designer/rules/spread_chart.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QCalendarWidget>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QTest>
#include <QTimer>

using namespace nabblet;

class TestRulesPage : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Connection> m_connection;
    Catalogue m_catalogue;
    std::unique_ptr<FormDocument> m_document;
    std::unique_ptr<RulesPage> m_page;

    const QList<Rule> &rules() const { return m_document->form().rules; }
    ControlId named(const QString &name) const
    {
        for (const Control &control : m_document->form().controls) {
            if (control.name == name) {
                return control.id;
            }
        }
        return 0;
    }
    template <typename T> T *part(const char *name) const
    {
        T *found = nullptr;
        for (T *each : m_page->findChildren<T *>(QLatin1String(name))) {
            found = each->isVisible() || !found ? each : found;
        }
        if (!found) {
            qWarning("no %s", name);
        }
        return found;
    }
    RuleList *list() const { return part<RuleList>("rules"); }
    static void choose(QComboBox *box, const QVariant &data)
    {
        box->setCurrentIndex(box->findData(data));
        Q_EMIT box->activated(box->currentIndex());
    }

private Q_SLOTS:
    void initTestCase()
    {
        m_path = samples::fairwayDatabase(m_folder);
        m_connection = std::make_unique<Connection>(samples::opened(m_path));
        m_catalogue = *m_connection->readCatalogue();
    }
    void init()
    {
        QFile file(QStringLiteral(NABBLET_ROOT "/demo/fairway-depot/forms/buoy.nabform"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        Form form = *readForm(file.readAll());
        form.rules.clear();
        m_document = std::make_unique<FormDocument>(form);
        m_page = std::make_unique<RulesPage>();
        m_page->setDocument(m_document.get());
        m_page->setDatabase(addressOfFile(m_path), m_catalogue);
        m_page->setAppearance(Appearance(looks().first(), Theme::Light, QApplication::font()));
        m_page->resize(1268, 700);
        m_page->show();
        m_page->open({});
    }
    void cleanup()
    {
        m_page.reset();
        m_document.reset();
    }

    void aRuleIsMadeInRows()
    {
        m_page->addRule({named("text_position")});
        QCOMPARE(rules().size(), 1);
        QCOMPARE(rules().first().on, QList<ControlId>{named("text_position")});
        QTest::mouseClick(part<QPushButton>("addAnd"), Qt::LeftButton);
        choose(part<QComboBox>("conditionColumn"), "status");
        auto *value = part<QComboBox>("conditionValue");
        QTest::keyClicks(value->lineEdit(), "adrift");
        QCOMPARE(rules().first().when, "status = 'adrift'");
        QCOMPARE(part<QPlainTextEdit>("conditionSql")->toPlainText(), "status = 'adrift'");
        QVERIFY(list()->lines().first().sentence.startsWith("Position is shown when Status is"));
        const int adrift = samples::sqlite3(m_path, "SELECT count(*) FROM buoy WHERE status = 'adrift'").toInt();
        const int all = samples::sqlite3(m_path, "SELECT count(*) FROM buoy").toInt();
        QTRY_COMPARE(list()->lines().first().counts, QString("%1 of %2").arg(adrift).arg(all));
        QTRY_COMPARE(part<QLabel>("ruleCounts")->text(), QString("true for %1 of %2 stored rows").arg(adrift).arg(all));
        // Another row, by or; the rows follow the SQL.
        QTest::mouseClick(part<QPushButton>("addOr"), Qt::LeftButton);
        auto *sql = part<QPlainTextEdit>("conditionSql");
        sql->setPlainText("status = 'adrift' OR is_lit");
        QCOMPARE(rules().first().when, "status = 'adrift' OR is_lit");
        QTRY_COMPARE(m_page->findChildren<QComboBox *>("comparison").size(), 2);
        sql->setPlainText("abs(depth_m) > 3");
        QTRY_COMPARE(m_page->findChildren<QComboBox *>("comparison").size(), 0);
        sql->setPlainText("statsu = 'adrift'");
        QVERIFY(part<QLabel>("mistake")->text().contains("“status” meant"));
        QVERIFY(list()->lines().first().isGrave);
        while (m_document->steps()->canUndo()) {
            m_document->steps()->undo();
        }
        QVERIFY(rules().isEmpty());
        QVERIFY(list()->lines().isEmpty() || list()->lines().first().rule < 0);
    }

    void limitsAreDraggedOverWhatIsStored()
    {
        m_page->addRule({named("number_battery_v")});
        choose(part<QComboBox>("effect"), "scale");
        QCOMPARE(rules().first().steps.size(), 2);
        auto *chart = part<SpreadChart>("spread");
        QVERIFY(chart->isVisible());
        auto *limit = part<QLineEdit>("limit");
        limit->selectAll();
        QTest::keyClicks(limit, "11.5");
        QCOMPARE(*rules().first().steps.first().below, 11.5);
        const QString below = samples::sqlite3(m_path, "SELECT count(*) FROM buoy WHERE battery_v < 11.5");
        QTRY_VERIFY(list()->lines().first().counts.startsWith(below + " · "));
        chart->setFocus();
        QTest::keyClick(chart, Qt::Key_Right);
        const double moved = *rules().first().steps.first().below;
        QVERIFY(moved > 11.5 && moved < 11.7);
        QTest::mouseClick(part<QPushButton>("addLimit"), Qt::LeftButton);
        QCOMPARE(rules().first().steps.size(), 3);
        QVERIFY(*rules().first().steps.at(1).below > moved);
        QVERIFY(!rules().first().steps.at(2).below);
    }

    void checksCountWhatDoesNotHold()
    {
        m_page->addRule({});
        choose(part<QComboBox>("effect"), "check");
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 20");
        QTest::keyClicks(part<QLineEdit>("thenWords"), "Too deep");
        QCOMPARE(rules().first().then.words, "Too deep");
        const QString deep = samples::sqlite3(m_path, "SELECT count(*) FROM buoy WHERE depth_m >= 20");
        QTRY_VERIFY(list()->lines().first().warning.startsWith(deep + " of "));
        QVERIFY(part<QPushButton>("lookAtThem")->isVisible());
        choose(part<QComboBox>("asks"), {});
    }

    void shapesAreTriedOnWhatIsStored()
    {
        m_page->addRule({named("text_asset_no")});
        choose(part<QComboBox>("effect"), "shape");
        part<QPlainTextEdit>("examples")->setPlainText("NB-2104-D");
        QCOMPARE(rules().first().examples, QStringList("NB-2104-D"));
        QCOMPARE(part<QLineEdit>("pattern")->text(), "\\p{Lu}{2}\\-\\d{4}\\-\\p{Lu}");
        const QString all = samples::sqlite3(m_path, "SELECT count(*) FROM buoy");
        QTRY_COMPARE(list()->lines().first().counts, QString("%1 of %1").arg(all));
        QTest::keyClicks(part<QLineEdit>("pattern"), "x");
        QVERIFY(!rules().first().pattern.isEmpty());
        QTRY_VERIFY(list()->lines().first().warning.startsWith(all));
        choose(part<QComboBox>("readyShape"), "iban");
        QCOMPARE(rules().first().ready, "iban");
    }

    void theListIsOrderedSwitchedAndCopied()
    {
        m_page->addRule({named("text_position")});
        m_page->addRule({named("text_name")});
        QCOMPARE(list()->current(), 1);
        QTest::mouseClick(part<QPushButton>("ruleUp"), Qt::LeftButton);
        QCOMPARE(rules().first().on, QList<ControlId>{named("text_name")});
        QCOMPARE(list()->current(), 0);
        QTest::mouseClick(part<QPushButton>("switchRule"), Qt::LeftButton);
        QVERIFY(rules().first().isOff);
        QVERIFY(list()->lines().first().isOff);
        choose(part<QComboBox>("rulesOf"), named("text_position"));
        QCOMPARE(list()->lines().size(), 2);
        QCOMPARE(list()->lines().first().rule, 1);
        QCOMPARE(list()->lines().last().sentence, "Position takes at most 40 letters");
        choose(part<QComboBox>("rulesOf"), 0);
        QTest::mouseClick(part<QPushButton>("deleteRule"), Qt::LeftButton);
        QCOMPARE(rules().size(), 1);
        // What the table asks for stands below, and cannot be changed.
        QVERIFY(list()->lines().size() > 3);
        list()->setCurrent(static_cast<int>(list()->lines().size()) - 1);
        QCOMPARE(rules().size(), 1);
    }

    // Formulas and starting values stand in the list, and their expressions are edited there.
    void whatStandsAmongTheSettingsIsListed()
    {
        Form form = m_document->form();
        Control control = *form.controls.find(named("text_position"));
        control.kind = "formula";
        control.settings = {};
        control.column.clear();
        control.settings.set(setting::Formula, "depth_m * 2");
        form.controls.replace(form.controls.indexOf(control.id), control);
        control = *form.controls.find(named("date_laid_on"));
        setStartValue(control, StartValue{{}, "date('now')"});
        form.controls.replace(form.controls.indexOf(control.id), control);
        m_document->apply("Change", form);
        const auto goTo = [&](const QString &sentence) {
            for (int i = 0; i < list()->lines().size(); ++i) {
                if (list()->lines().at(i).sentence == sentence) {
                    list()->setCurrent(i);
                    return true;
                }
            }
            return false;
        };
        QVERIFY(goTo("Laid on starts with date('now')"));
        QVERIFY(part<QWidget>("standingEditor")->isVisible());
        QVERIFY(goTo("Position shows depth_m * 2"));
        auto *box = part<QPlainTextEdit>("standingExpression");
        QCOMPARE(box->toPlainText(), "depth_m * 2");
        box->moveCursor(QTextCursor::End);
        QTest::keyClicks(box, " + 1");
        QCOMPARE(formulaOf(*m_document->form().controls.find(named("text_position"))), "depth_m * 2 + 1");
        QVERIFY(list()->lines().at(list()->current()).sentence == "Position shows depth_m * 2 + 1");
        box->selectAll();
        QTest::keyClick(box, Qt::Key_Delete); // what was there before goes on
        QCOMPARE(formulaOf(*m_document->form().controls.find(named("text_position"))), "depth_m * 2 + 1");
        m_document->steps()->undo();
        QCOMPARE(box->toPlainText(), "depth_m * 2");
        QSignalSpy board(m_page.get(), &RulesPage::boardRequested);
        QTest::mouseClick(part<QPushButton>("showOnBoard"), Qt::LeftButton);
        QCOMPARE(board.size(), 1);
        QCOMPARE(board.first().first().value<ControlId>(), named("text_position"));
        // What the table asks for is counted like a check.
        QVERIFY(goTo("Name is required (by the table)"));
        QTRY_COMPARE(list()->lines().at(list()->current()).counts, "all hold");
    }

    // A condition over rows that belong to the record is counted like any other.
    void sumsAreCounted()
    {
        Form inner;
        inner.title = inner.rowsFrom = "visit";
        inner.rowsShown = 4;
        inner.bands = {Band{BandRole::Body, 32, {}}};
        Control hours;
        hours.id = 1;
        hours.kind = "decimal-number";
        hours.name = hours.column = "hours";
        inner.controls.append(hours);
        Form form = m_document->form();
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = subform.name = "subform";
        subform.inner = InnerForm(inner);
        setChildLink(subform, {{"buoy_id"}, {"buoy_id"}});
        form.controls.append(subform);
        m_document->apply("Add", form);
        m_page->addRule({named("text_position")});
        part<QPlainTextEdit>("conditionSql")->setPlainText("(SELECT sum(hours) FROM visit) > 3");
        const QString stored = samples::sqlite3(
            m_path,
            "SELECT count(*) FROM buoy WHERE (SELECT sum(hours) FROM visit v WHERE v.buoy_id = buoy.buoy_id) > 3");
        QVERIFY(stored.toInt() > 0);
        const QString all = samples::sqlite3(m_path, "SELECT count(*) FROM buoy");
        QTRY_COMPARE(list()->lines().first().counts, stored + " of " + all);
    }

    void quickHandsTakeARowAwayOnce()
    {
        m_page->addRule({named("text_position")});
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3 AND is_lit");
        QCoreApplication::processEvents(); // new lines are shown then
        QList<QPushButton *> all = m_page->findChildren<QPushButton *>("removeRow");
        all.removeIf([](const QPushButton *each) { return !each->isVisible(); });
        QCOMPARE(all.size(), 2);
        QTest::mouseClick(all.last(), Qt::LeftButton);
        QTest::mouseClick(all.last(), Qt::LeftButton);
        QTest::mouseClick(all.last(), Qt::LeftButton);
        QCoreApplication::processEvents();
        QCOMPARE(rules().first().when, "depth_m < 3");
    }

    // Looked at again, it counts again: meanwhile other rows may be stored.
    void theNextLookCountsAgain()
    {
        m_page->addRule({named("text_position")});
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3");
        QTRY_VERIFY(!list()->lines().first().counts.isEmpty());
        m_page->setDatabase(addressOfFile(m_path), m_catalogue);
        m_page->open({});
        QVERIFY(list()->lines().first().counts.isEmpty());
        QTRY_VERIFY(!list()->lines().first().counts.isEmpty());
    }

    void rulesAreCopiedByKeys()
    {
        m_page->addRule({named("text_position")});
        m_page->addRule({named("text_name")});
        list()->setCurrent(0);
        list()->selectAll();
        QTest::keySequence(list(), QKeySequence::Copy);
        QSignalSpy said(m_page.get(), &RulesPage::said);
        QTest::keySequence(list(), QKeySequence::Paste);
        QCOMPARE(rules().size(), 4);
        QCOMPARE(rules().at(3), rules().at(1));
        QCOMPARE(said.first().first().toString(), "2 rules were added.");
        QCOMPARE(list()->current(), 3);
        choose(part<QComboBox>("rulesOf"), named("number_depth_m"));
        QTest::keySequence(list(), QKeySequence::Paste);
        QCOMPARE(rules().size(), 6);
        QCOMPARE(rules().last().on, QList<ControlId>{named("number_depth_m")});
        list()->selectAll();
        QTest::keyClick(list(), Qt::Key_Delete); // those in sight alone
        QCOMPARE(rules().size(), 4);
        m_document->steps()->undo();
        QCOMPARE(rules().size(), 6);
        m_document->steps()->undo();
        m_document->steps()->undo();
        QCOMPARE(rules().size(), 2);
    }

    void expressionsArePutInFromAMenu()
    {
        m_page->addRule({named("text_position")});
        choose(part<QComboBox>("effect"), "value");
        auto *box = part<QPlainTextEdit>("thenValue");
        const auto put = [&](const QString &submenu, const QString &words) {
            QTimer::singleShot(0, m_page.get(), [=] {
                auto *menu = qobject_cast<QMenu *>(QApplication::activePopupWidget());
                for (QAction *outer : menu ? menu->actions() : QList<QAction *>()) {
                    for (QAction *inner : outer->text() == submenu ? outer->menu()->actions() : QList<QAction *>()) {
                        if (inner->text() == words) {
                            menu->setActiveAction(outer); // opens it
                            outer->menu()->setActiveAction(inner);
                            QTest::keyClick(outer->menu(), Qt::Key_Return);
                            return;
                        }
                    }
                }
                menu->close();
            });
            QTest::mouseClick(part<QPushButton>("putIn"), Qt::LeftButton);
        };
        put("A column", "Depth (m)");
        QCOMPARE(box->toPlainText(), "\"depth_m\"");
        box->selectAll();
        put("Worked out of it", "rounded to 2 decimals"); // around what was selected
        QCOMPARE(box->toPlainText(), "round(\"depth_m\", 2)");
        QCOMPARE(rules().first().then.value, "round(\"depth_m\", 2)");
        box->selectAll();
        QTest::keyClick(box, Qt::Key_Delete);
        put("Worked out of it", "how many letters");
        QTest::keyClicks(box, "name"); // the cursor stands inside
        QTest::keyClick(box, Qt::Key_Escape);
        QCOMPARE(box->toPlainText(), "length(name)");
    }

    void aDayIsChosenFromACalendar()
    {
        m_page->addRule({named("text_position")});
        QTest::mouseClick(part<QPushButton>("addAnd"), Qt::LeftButton);
        choose(part<QComboBox>("conditionColumn"), "laid_on");
        choose(part<QComboBox>("comparison"), static_cast<int>(Comparison::Before));
        QTest::mouseClick(part<QPushButton>("conditionCalendar"), Qt::LeftButton);
        auto *calendar = qobject_cast<QCalendarWidget *>(QApplication::activePopupWidget());
        QVERIFY(calendar);
        Q_EMIT calendar->clicked(QDate(2024, 5, 17));
        QCOMPARE(rules().first().when, "laid_on < '2024-05-17'");
    }

    void keysAloneMakeARule()
    {
        m_page->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_page.get()));
        list()->setFocus();
        QTest::keyClick(list(), Qt::Key_Insert);
        QCOMPARE(rules().size(), 1);
        QCOMPARE(QApplication::focusWidget()->objectName(), "chooseControls");
        list()->setFocus();
        QTest::keyClick(list(), Qt::Key_Return);
        QCOMPARE(QApplication::focusWidget()->objectName(), "chooseControls");
        QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space); // the list of controls
        QWidget *popup = QApplication::activePopupWidget();
        QVERIFY(popup);
        QTest::keyClicks(popup->findChild<QLineEdit *>(), "depth");
        auto *offered = popup->findChild<QListView *>("controlsOffered");
        offered->setFocus();
        QTest::keyClick(offered, Qt::Key_Down);
        offered->setCurrentIndex(offered->model()->index(0, 0));
        QTest::keyClick(offered, Qt::Key_Space);
        QTest::keyClick(popup, Qt::Key_Escape);
        QCOMPARE(rules().first().on, QList<ControlId>{named("number_depth_m")});
    }

    // Tab goes through all of it as it stands there, also through lines that were made anew.
    void tabGoesAsItStands()
    {
        m_page->addRule({named("number_battery_v")});
        choose(part<QComboBox>("effect"), "scale");
        part<QPlainTextEdit>("conditionSql")->setPlainText("is_lit AND depth_m > 3");
        QTest::mouseClick(part<QPushButton>("addLimit"), Qt::LeftButton);
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        m_page->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(m_page.get()));
        part<QWidget>("effect")->setFocus();
        QStringList stops;
        int lowest = 0;
        for (int i = 0; i < 30 && !stops.contains("conditionSql"); ++i) {
            QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            QWidget *stop = QApplication::focusWidget();
            stops.append(stop->objectName());
            const int top = stop->mapTo(m_page.get(), QPoint()).y();
            QVERIFY2(top >= lowest - 4, qPrintable(stops.join(' ')));
            lowest = std::max(lowest, top);
        }
        QCOMPARE(stops.count("limit"), 2);
        QCOMPARE(stops.count("stepWords"), 3);
        QCOMPARE(stops.count("comparison"), 2);
        QVERIFY(stops.indexOf("stepWords") < stops.indexOf("addLimit"));
        QVERIFY2(stops.lastIndexOf("removeRow") < stops.indexOf("addAnd"), qPrintable(stops.join(' ')));
    }

    // Bands and pages are offered where something can be done to them.
    void aRuleStandsOnABand()
    {
        m_page->addRule({});
        const auto offered = [&] {
            QTest::mouseClick(part<QPushButton>("chooseControls"), Qt::LeftButton);
            auto *list = QApplication::activePopupWidget()->findChild<QListView *>("controlsOffered");
            QStringList words;
            for (int i = 0; i < list->model()->rowCount(); ++i) {
                words.append(list->model()->index(i, 0).data().toString());
                if (words.last() == "Header (band)") {
                    list->model()->setData(list->model()->index(i, 0), Qt::Checked, Qt::CheckStateRole);
                }
            }
            QApplication::activePopupWidget()->close();
            return words;
        };
        QVERIFY(offered().contains("Header (band)"));
        QCOMPARE(rules().first().areas, (QList<Area>{Area{BandRole::Header, 0, 0}}));
        QVERIFY(list()->lines().first().sentence.startsWith("Header (band) is shown"));
        choose(part<QComboBox>("effect"), "note");
        QVERIFY(!offered().contains("Header (band)"));
        QVERIFY(list()->lines().first().warning.contains("shown or locked"));
    }

    void rowsAreJoinedAndTurnedByClicks()
    {
        m_page->addRule({named("text_position")});
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3 AND is_lit");
        const auto joint = [&](int row) {
            QList<QPushButton *> all = m_page->findChildren<QPushButton *>("joint");
            all.removeIf([](const QPushButton *each) { return !each->isVisible(); });
            return all.at(row);
        };
        for (const char *expected : {"depth_m < 3 OR is_lit", "depth_m < 3 AND NOT coalesce(is_lit, 0)",
                                     "depth_m < 3 OR NOT coalesce(is_lit, 0)", "depth_m < 3 AND is_lit"}) {
            QTest::mouseClick(joint(1), Qt::LeftButton);
            QCOMPARE(rules().first().when, QString(expected));
        }
        QTest::mouseClick(joint(0), Qt::LeftButton);
        QCOMPARE(rules().first().when, "NOT coalesce(depth_m < 3, 0) AND is_lit");
        QCOMPARE(joint(0)->text(), "when not");
    }

    // Brackets are put around rows that stand one below the other, and go with them.
    void rowsAreBracketedByClicks()
    {
        m_page->addRule({named("text_position")});
        const auto all = [&](const char *name) {
            QList<QPushButton *> buttons = m_page->findChildren<QPushButton *>(name);
            buttons.removeIf([](const QPushButton *each) { return !each->isVisible(); });
            return buttons;
        };
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3 AND is_lit");
        QCOMPARE(all("bracket").size(), 0); // of two rows it would change nothing
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3 AND is_lit OR battery_v < 11");
        QTRY_COMPARE(all("bracket").size(), 2);
        QTest::mouseClick(all("bracket").at(1), Qt::LeftButton);
        QCOMPARE(rules().first().when, "depth_m < 3 AND (is_lit OR battery_v < 11)");
        QVERIFY(list()->lines().first().sentence.contains("(Lit is yes or Battery"));
        QTest::mouseClick(all("bracket").at(0), Qt::LeftButton);
        QCOMPARE(rules().first().when, "(depth_m < 3 AND is_lit OR battery_v < 11)");
        QTest::mouseClick(all("bracket").at(1), Qt::LeftButton);
        QCOMPARE(rules().first().when, "(depth_m < 3 AND is_lit) OR battery_v < 11");
        // The first of them goes: nothing else comes into the brackets.
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3 AND (is_lit OR battery_v < 11 OR is_lit = 0)");
        QTRY_VERIFY(all("removeRow").size() > 1);
        QTest::mouseClick(all("removeRow").at(1), Qt::LeftButton);
        QTRY_COMPARE(rules().first().when, "depth_m < 3 AND (battery_v < 11 OR is_lit = 0)");
        QTRY_VERIFY(all("removeRow").size() > 1);
        QTest::mouseClick(all("removeRow").at(1), Qt::LeftButton);
        QTRY_COMPARE(rules().first().when, "depth_m < 3 AND is_lit = 0");
    }

    // A rule goes on to several boxes in one step, each with a condition of its own where it reads itself.
    void aRuleIsCopiedOnToSeveral()
    {
        m_page->addRule({named("number_depth_m")});
        choose(part<QComboBox>("effect"), "marked");
        part<QPlainTextEdit>("conditionSql")->setPlainText("depth_m < 3");
        const Rule made = rules().first();
        Q_EMIT part<RuleEditor>("ruleEditor")->copyRequested({named("number_battery_v"), named("date_laid_on")});
        QCOMPARE(rules().size(), 3);
        QCOMPARE(rules().at(1).when, "battery_v < 3");
        QCOMPARE(rules().at(1).then, made.then);
        m_document->steps()->undo();
        QCOMPARE(rules(), QList<Rule>{made});
    }

    // Quick hands: another rule is chosen while one types, and nothing goes to the wrong one.
    void whatIsTypedStaysWithItsRule()
    {
        for (const char *name : {"text_position", "text_name"}) {
            m_page->addRule({named(name)});
            choose(part<QComboBox>("effect"), "note");
            QTest::keyClicks(part<QLineEdit>("thenWords"), name);
        }
        list()->setCurrent(0);
        QCOMPARE(part<QLineEdit>("thenWords")->text(), "text_position");
        QTest::keyClicks(part<QLineEdit>("thenWords"), "!");
        QCOMPARE(rules().at(0).then.words, "text_position!");
        QCOMPARE(rules().at(1).then.words, "text_name");
        m_document->steps()->undo();
        QCOMPARE(part<QLineEdit>("thenWords")->text(), rules().at(0).then.words);
    }
};

QTEST_MAIN(TestRulesPage)
#include "tst_rules_page.moc"
