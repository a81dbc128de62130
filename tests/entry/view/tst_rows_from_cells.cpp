// Rows from sheets of cells, what a person did and took back, and two people in one record.
#include "core/text/cells.h"
#include "entry/cells/import_sheet.h"
#include "entry/cells/pasted_rows.h"
#include "entry/cells/together.h"
#include "entry/records/conflict_sheet.h"
#include "entry/records/what_i_did.h"
#include "entry/view/entry_view.h"
#include "entry/wanted/asking.h"
#include "support/form_at_work.h"
#include "support/when_open.h"

#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRadioButton>
#include <QTableWidget>
#include <QTest>
#include <QTreeWidget>

using namespace nabblet;

class TestRowsFromCells : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;
    std::unique_ptr<EntrySession> &m_session = m_work.session;
    std::unique_ptr<EntryView> &m_view = m_work.view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    const Control *control(const QString &column) const { return m_work.control(column); }
    QWidget *box(const QString &column) const { return m_work.box(column); }
    void open(const QString &table, Arrangement arrangement)
    {
        m_work.open(m_path, table, arrangement, false, *m_appearance);
    }
    void activate() const { m_work.activate(); }
    void paste(const QString &column, const QString &text)
    {
        QApplication::clipboard()->setText(text);
        box(column)->setFocus();
        QTest::keyClick(box(column), Qt::Key_V, Qt::ControlModifier);
    }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("cells%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    // New rows behind the last one: what would not go in is said first, and the rest goes in together, to be taken back
    // in one step.
    void rowsAreLookedAtFirst()
    {
        open("part", Arrangement::Tabular);
        const QString before = ask("SELECT count(*) FROM part");
        const QString taken = ask("SELECT part_no FROM part LIMIT 1");
        QVERIFY(m_session->moves().add());
        QString verdict;
        QStringList fates;
        samples::WhenOpen sheet("pasteSheet", [&](QDialog *dialog) {
            verdict = dialog->findChild<QLabel *>("pasteVerdict")->text();
            const auto *table = dialog->findChild<QTableWidget *>("pasteRows");
            for (int i = 0; i < table->rowCount(); ++i) {
                fates.append(table->item(i, 0)->text());
            }
            dialog->findChild<QPushButton *>("putIn")->click();
            if (dialog->isVisible()) {
                dialog->reject(); // nothing goes in, and the test goes on
            }
        });
        const QString heads = ask("SELECT group_concat(name, '\t') FROM pragma_table_info('part') WHERE name IN "
                                  "('part_no', 'name', 'unit_price')");
        paste("part_no", heads + "\nX-1\tRope, blue\t3.5\n" + taken + "\tAnother\t1\nX-2\tShackle\t2*4\n");
        QCOMPARE(verdict, QString("2 of 3 rows would go in; 1 would not."));
        QCOMPARE(fates.size(), 3);
        QVERIFY2(fates.first() != "is added", qPrintable(fates.first())); // the one that would not
        QCOMPARE(ask("SELECT name FROM part WHERE part_no IN ('X-1', 'X-2') ORDER BY part_no"),
                 QString("Rope, blue\nShackle"));
        QCOMPARE(ask("SELECT count(*) FROM part").toInt(), before.toInt() + 2);
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT count(*) FROM part"), before);
    }

    // Over rows that are there, cells change them, from the box in hand on to the right and down.
    void cellsChangeRows()
    {
        open("vessel", Arrangement::Tabular);
        const QStringList names = ask("SELECT name FROM vessel ORDER BY vessel_id").split('\n');
        samples::WhenOpen sheet("pasteSheet",
                                [](QDialog *dialog) { dialog->findChild<QPushButton *>("putIn")->click(); });
        QVERIFY(m_session->moves().goToRow(1));
        paste("name", "First new\nSecond new\n");
        const QStringList now = ask("SELECT name FROM vessel ORDER BY vessel_id").split('\n');
        QCOMPARE(now.at(0), names.at(0));
        QCOMPARE(now.at(1), QString("First new"));
        QCOMPARE(now.at(2), QString("Second new"));
        QCOMPARE(now.mid(3), names.mid(3));
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT name FROM vessel ORDER BY vessel_id"), names.join('\n'));
    }

    // One word in the clipboard is pasted as ever, and nothing is put in where nobody agreed.
    void oneCellIsText()
    {
        open("vessel", Arrangement::Tabular);
        const QString before = ask("SELECT group_concat(name) FROM vessel");
        paste("name", "Plain");
        QVERIFY(qobject_cast<QLineEdit *>(box("name"))->text().contains("Plain"));
        m_session->takingBack().takeBack();
        samples::WhenOpen sheet("pasteSheet", [](QDialog *dialog) { dialog->reject(); });
        paste("name", "a\tb\nc\td");
        QCOMPARE(ask("SELECT group_concat(name) FROM vessel"), before);
    }

    // Lookups are known by their words; what is copied can be pasted.
    void copiedRowsCanBePasted()
    {
        open("visit", Arrangement::Tabular);
        m_view->copyCells();
        const Cells cells = cellsFromText(QApplication::clipboard()->text());
        QCOMPARE(cells.size(), ask("SELECT count(*) FROM visit").toInt() + 1);
        PastedRows rows = pastedRows(*m_session, cells.mid(0, 21), 0, 0);
        QVERIFY(rows.hasHeads);
        for (const PastedRow &each : std::as_const(rows.rows)) {
            QVERIFY2(each.mistake.isEmpty(), qPrintable(each.mistake));
        }
        QCOMPARE(rows.rows.first().values.value("buoy_id").toString(),
                 ask("SELECT buoy_id FROM visit ORDER BY visit_id LIMIT 1"));
        const QString before = ask("SELECT count(*) FROM visit");
        QVERIFY(tryPasted(*m_session, rows).isOk());
        QCOMPARE(rows.good(), 20);
        QCOMPARE(ask("SELECT count(*) FROM visit"), before); // only tried
    }

    // One value in all that are shown: what would be refused is said before, and one step takes it back.
    void changedTogether()
    {
        open("visit", Arrangement::Columnar);
        Wanted wanted;
        wanted.filter = withPart({}, *partFromWords(m_session->state(), *control("growth"), nullptr, "heavy"));
        QVERIFY(m_session->want(wanted).isOk());
        const QString heavy = ask("SELECT count(*) FROM visit WHERE growth = 'heavy'");
        const QString before = ask("SELECT group_concat(hours) FROM visit");
        samples::WhenOpen words("wordsQuestion", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("words")->setText("2*1.25");
            dialog->accept();
        });
        samples::WhenOpen question("question",
                                   [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        changeTogether(*m_session, *control("hours"), {}, m_view.get());
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE hours = 2.5 AND growth = 'heavy'"), heavy);
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT group_concat(hours) FROM visit"), before);
        // What the table refuses stays out.
        QString said;
        connect(m_session.get(), &EntrySession::said, this, [&](const QString &sentence) { said = sentence; });
        samples::WhenOpen again("wordsQuestion", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("words")->setText("0");
            dialog->accept();
        });
        changeTogether(*m_session, *control("hours"), {}, m_view.get());
        QVERIFY2(said.startsWith(heavy + " records would stay"), qPrintable(said));
        QCOMPARE(ask("SELECT group_concat(hours) FROM visit"), before);
    }

    // Never a whole table; what was asked for goes with what belongs to it, and comes back whole.
    void deletedTogether()
    {
        open("visit", Arrangement::Columnar);
        const QString all = ask("SELECT count(*) FROM visit");
        const QString parts = ask("SELECT group_concat(visit_id || part_no || quantity) FROM part_fitted");
        deleteTogether(*m_session, {}, m_view.get()); // only says why not
        QCOMPARE(ask("SELECT count(*) FROM visit"), all);
        Wanted wanted;
        wanted.filter = withPart({}, *partFromWords(m_session->state(), *control("visited_on"), nullptr, "2025-03"));
        QVERIFY(m_session->want(wanted).isOk());
        samples::WhenOpen question("question",
                                   [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        const QString march = ask("SELECT count(*) FROM visit WHERE visited_on LIKE '2025-03%'");
        deleteTogether(*m_session, {}, m_view.get());
        // The database keeps those whose parts are claimed for.
        const QString kept = ask("SELECT count(*) FROM visit WHERE visited_on LIKE '2025-03%' AND visit_id IN (SELECT "
                                 "visit_id FROM part_claim)");
        QVERIFY(kept.toInt() < march.toInt());
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE visited_on LIKE '2025-03%'"), kept);
        QCOMPARE(ask("SELECT count(*) FROM visit").toInt(), all.toInt() - march.toInt() + kept.toInt());
        QVERIFY(m_session->state().wanted.isEmpty());
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT count(*) FROM visit"), all);
        QCOMPARE(ask("SELECT group_concat(visit_id || part_no || quantity) FROM part_fitted"), parts);
    }

    // A file of rows: columns by name and likeness, rows that are there changed, others added, refusals said, one step.
    void rowsOfAFile()
    {
        open("part", Arrangement::Tabular);
        const QString before = ask("SELECT group_concat(part_no || name || unit_price) FROM part");
        const QStringList first = ask("SELECT part_no, name FROM part ORDER BY part_no LIMIT 1").split('|');
        const QString path = m_folder.filePath("parts.csv");
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        const QString supplier = ask("SELECT name FROM contractor ORDER BY contractor_id LIMIT 1");
        file.write(
            QString("Nunber,NAME,unit_price,Supplier,Colour\n%1,%2 new,99.5,%3,red\nZZ-1,\"Rope, blue\",3.5,,"
                    "\nZZ-2,Shackle,-4,,\nZZ-3,Buoy,1,Nobody at all,\n")
                .arg(first.at(0), first.at(1), supplier)
                .toUtf8());
        file.close();
        QString verdict;
        int refused = 0;
        samples::WhenOpen sheet("importSheet", [&](QDialog *dialog) {
            auto *there = dialog->findChild<QComboBox *>("rowsThere");
            there->setCurrentIndex(1);
            Q_EMIT there->activated(1);
            verdict = dialog->findChild<QLabel *>("importVerdict")->text();
            auto *why = dialog->findChild<QTreeWidget *>("importRefused");
            refused = why->topLevelItemCount();
            dialog->findChild<QPushButton *>("putIn")->click();
            if (dialog->isVisible()) {
                dialog->reject();
            }
        });
        importFile(*m_session, path, m_view.get());
        QCOMPARE(verdict, QString("1 row would be added, 1 changed, 2 would not go in."));
        QCOMPARE(refused, 2);
        QCOMPARE(ask("SELECT p.name, unit_price, c.name FROM part p JOIN contractor c ON c.contractor_id = supplier_id "
                     "WHERE part_no = '" +
                     first.at(0) + "'"),
                 first.at(1) + " new|99.5|" + supplier);
        QCOMPARE(ask("SELECT name FROM part WHERE part_no LIKE 'ZZ-%'"), QString("Rope, blue"));
        QVERIFY(m_session->takingBack().takeBack());
        QCOMPARE(ask("SELECT group_concat(part_no || name || unit_price) FROM part"), before);
    }

    // The form's own rules count as well.
    void rulesOfTheFormCount()
    {
        open("part", Arrangement::Tabular);
        Rule check;
        check.effect = "check";
        check.when = "unit_price < 1000";
        check.then.words = "Too dear";
        m_work.form.rules.append(check);
        Rule needed;
        needed.effect = "required";
        needed.when = "unit = 'metre'";
        needed.on = {m_work.control("supplier_id")->id};
        m_work.form.rules.append(needed);
        QVERIFY(m_session->setForm(m_work.form).isOk());
        const Cells cells{{"part_no", "name", "unit_price", "unit"},
                          {"Q-1", "Dear", "5000", "each"},
                          {"Q-2", "Chain", "5", "metre"},
                          {"Q-3", "Good", "5", "each"}};
        const PastedRows rows = rowsFromCells(*m_session, cells, boxesByHeads(m_work.form, cells.first()), 0,
                                              RowsThere::Change, [](qsizetype) { return true; });
        QCOMPARE(rows.rows.size(), 3);
        QVERIFY2(rows.rows.at(0).mistake.contains("Too dear"), qPrintable(rows.rows.at(0).mistake));
        QVERIFY2(rows.rows.at(1).mistake.contains("blank"), qPrintable(rows.rows.at(1).mistake));
        QCOMPARE(rows.rows.at(2).mistake, QString());
    }

    // Each thing done stands in a list, and is taken back from there also when others were done since.
    void whatIDid()
    {
        open("vessel", Arrangement::Columnar);
        const QStringList names = ask("SELECT name FROM vessel ORDER BY vessel_id").split('\n');
        for (int i = 0; i < 3; ++i) {
            m_session->typing().type(*control("name"), QString("Changed %1").arg(i));
            QVERIFY(m_session->saving().save());
            QVERIFY(i == 2 || m_session->moves().goNext());
        }
        samples::WhenOpen sheet("whatIDid", [&](QDialog *dialog) {
            auto *list = dialog->findChild<QListWidget *>("stepsDone");
            QCOMPARE(list->count(), 3);
            QVERIFY2(list->item(2)->text().contains(names.at(0) + " → Changed 0"), qPrintable(list->item(2)->text()));
            list->setCurrentRow(2);
            dialog->findChild<QPushButton *>("takeStepBack")->click();
            QCOMPARE(list->count(), 2);
            dialog->reject();
        });
        showWhatIDid(*m_session, m_view.get());
        QCOMPARE(ask("SELECT name FROM vessel ORDER BY vessel_id LIMIT 3"),
                 QString(names.at(0) + "\nChanged 1\nChanged 2"));
        // Step by step back, and no further than there is something.
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(m_session->takingBack().takeBack());
        QVERIFY(!m_session->takingBack().canTakeBack());
        QCOMPARE(ask("SELECT name FROM vessel ORDER BY vessel_id"), names.join('\n'));
    }

    // A step whose record somebody changed since stays as it is.
    void whatOthersChangedIsNotTakenBack()
    {
        open("vessel", Arrangement::Columnar);
        m_session->typing().type(*control("name"), "Mine");
        QVERIFY(m_session->saving().save());
        QCOMPARE(ask("UPDATE vessel SET name = 'Theirs' WHERE name = 'Mine'"), QString());
        samples::WhenOpen sheet("whatIDid", [](QDialog *dialog) {
            dialog->findChild<QPushButton *>("takeStepBack")->click();
            QCOMPARE(dialog->findChild<QListWidget *>("stepsDone")->count(), 1);
            dialog->reject();
        });
        showWhatIDid(*m_session, m_view.get());
        QCOMPARE(ask("SELECT count(*) FROM vessel WHERE name = 'Theirs'"), QString("1"));
    }

    // Two people in one record: value by value, by keyboard.
    void sideBySide()
    {
        open("buoy", Arrangement::Columnar);
        m_session->typing().type(*control("name"), "My name");
        m_session->typing().type(*control("depth_m"), "4.5");
        QCOMPARE(ask("UPDATE buoy SET name = 'Their name', depth_m = 9, remarks = 'Theirs' WHERE buoy_id = 1"),
                 QString());
        QVERIFY(!m_session->saving().save());
        QCOMPARE(m_session->state().record.question, Question::ChangedMeanwhile);
        samples::WhenOpen sheet("conflictSheet", [](QDialog *dialog) {
            QStringList lines;
            for (const QRadioButton *each : dialog->findChildren<QRadioButton *>()) {
                lines.append(each->accessibleName());
            }
            QVERIFY2(lines.contains("Name: mine, My name") && lines.contains("Name: stored now, Their name"),
                     qPrintable(lines.join("\n")));
            // Theirs for the name, something else for the depth; the remarks that I did not touch are theirs already.
            for (QRadioButton *each : dialog->findChildren<QRadioButton *>()) {
                if (each->accessibleName() == "Name: stored now, Their name") {
                    each->setFocus();
                    QTest::keyClick(each, Qt::Key_Space);
                }
            }
            for (QLineEdit *each : dialog->findChildren<QLineEdit *>()) {
                if (each->accessibleName().startsWith("Depth")) {
                    each->setFocus();
                    QTest::keyClicks(each, "deep");
                }
            }
            dialog->findChild<QPushButton *>("saveSo")->click();
            QVERIFY(dialog->isVisible()); // that is no number
            for (QLineEdit *each : dialog->findChildren<QLineEdit *>()) {
                if (each->accessibleName().startsWith("Depth")) {
                    each->selectAll();
                    QTest::keyClicks(each, "7.5");
                }
            }
            dialog->findChild<QPushButton *>("saveSo")->click();
        });
        QVERIFY(settleConflict(*m_session, m_view.get()));
        QCOMPARE(ask("SELECT name, depth_m, remarks FROM buoy WHERE buoy_id = 1"), QString("Their name|7.5|Theirs"));
        QVERIFY(!m_session->hasUnsaved());
    }

    void sumsInNumberBoxes()
    {
        open("visit", Arrangement::Columnar);
        box("hours")->setFocus();
        qobject_cast<QLineEdit *>(box("hours"))->selectAll();
        QTest::keyClicks(box("hours"), "1.5*3");
        QTest::keyClick(box("hours"), Qt::Key_Tab);
        QTRY_COMPARE(m_session->state().value("hours").toDouble(), 4.5);
        QTRY_COMPARE(qobject_cast<QLineEdit *>(box("hours"))->text(),
                     m_session->values().shown(*control("hours")).words);
        QTRY_VERIFY(!qobject_cast<QLineEdit *>(box("hours"))->text().contains('*'));
        QCOMPARE(m_session->state().value("hours").toDouble(), 4.5);
    }

    void longTextInAWindow()
    {
        open("visit", Arrangement::Columnar);
        box("remarks")->setFocus();
        samples::WhenOpen window("textWindow", [](QDialog *dialog) {
            dialog->findChild<QPlainTextEdit *>("wholeText")->setPlainText("Two\nlines");
            dialog->findChild<QPushButton *>("takeText")->click();
        });
        QTest::keyClick(box("remarks"), Qt::Key_F2);
        QCOMPARE(m_session->state().value("remarks").toString(), QString("Two\nlines"));
    }
};

QTEST_MAIN(TestRowsFromCells)
#include "tst_rows_from_cells.moc"
