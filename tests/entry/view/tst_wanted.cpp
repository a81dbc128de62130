// Which records are shown, as people at work ask for them: by a box, by the form as the question, by heads and words
// above the form; and the keys that save typing.
#include "core/kinds/settings/lookup.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_question.h"
#include "entry/view/record_commands.h"
#include "entry/wanted/asking.h"
#include "entry/wanted/kept_questions.h"
#include "support/form_at_work.h"
#include "support/when_open.h"

#include <QApplication>
#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>
#include <QToolButton>

using namespace nabblet;

class TestWanted : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;
    Form &m_form = m_work.form;
    std::unique_ptr<EntrySession> &m_session = m_work.session;
    std::unique_ptr<EntryView> &m_view = m_work.view;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    int number(const QString &sql) const { return ask(sql).toInt(); }
    const Control *control(const QString &column) const { return m_work.control(column); }
    QWidget *box(const QString &column) const { return m_work.box(column); }
    void run(const char *command) const
    {
        for (const RecordCommand &each : recordCommands()) {
            if (QLatin1String(each.name) == QLatin1String(command)) {
                each.run(*m_view);
                return;
            }
        }
        qFatal("no command %s", command);
    }
    QStringList chips() const
    {
        QCoreApplication::processEvents();
        QStringList words;
        for (const QPushButton *each : m_view->findChildren<QPushButton *>("chipWords")) {
            if (each->isVisible()) {
                words.append(each->text());
            }
        }
        return words;
    }
    FormQuestion *question() const
    {
        FormQuestion *found = m_view->findChild<FormQuestion *>();
        return found && found->isVisible() ? found : nullptr;
    }
    QLineEdit *questionBox(const QString &column) const
    {
        return qobject_cast<QLineEdit *>(question()->view()->widgetFor(control(column)->id));
    }
    void write(const QString &column, const QString &words)
    {
        questionBox(column)->setFocus();
        questionBox(column)->selectAll();
        QTest::keyClicks(questionBox(column), words);
    }
    QVariant inHand(const QString &column) const { return m_session->state().value(column); }
    qint64 counted() const
    {
        // Counted beside the interface.
        qint64 count = -1;
        (void)QTest::qWaitFor([&] {
            count = m_session->place().count().value_or(-1);
            return count >= 0;
        });
        return count;
    }
    void open(const QString &table, Arrangement arrangement = Arrangement::Columnar)
    {
        m_work.open(m_path, table, arrangement, true, *m_appearance);
    }
    void activate() const { m_work.activate(); }

private Q_SLOTS:
    void initTestCase()
    {
        QStandardPaths::setTestModeEnabled(true);
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, m_folder.filePath("settings"));
    }
    void init()
    {
        static int run = 0;
        m_path = samples::fairwayDatabase(m_folder, QString("wanted%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        open("visit");
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
    }

    // By the value in hand: the record stays, its likes are left, and the words above say so.
    void byTheBoxInHand()
    {
        const QVariant growth = inHand("growth");
        const QVariant key =
            inHand("visit_id").isValid() ? inHand("visit_id") : QVariant(m_session->state().key()->first());
        box("growth")->setFocus();
        samples::WhenOpen dialog("askBox",
                                 [](QDialog *sheet) { QTest::keyClick(sheet->focusWidget(), Qt::Key_Return); });
        run("askBox");
        QCOMPARE(m_session->state().key()->first(), key);
        QCOMPARE(counted(), number("SELECT count(*) FROM visit WHERE growth = '" + growth.toString() + "'"));
        QString words = growth.toString();
        words.front() = words.front().toUpper(); // as the options have it
        QTRY_COMPARE(chips(), QStringList("Growth is " + words));
        // A second box narrows it down further; a chip taken away widens it again.
        activate();
        box("hours")->setFocus();
        samples::WhenOpen second("askBox", [](QDialog *sheet) {
            QTest::keyClicks(sheet->findChild<QLineEdit *>("askWords"), "> 3");
            QTest::keyClick(sheet->focusWidget(), Qt::Key_Return);
        });
        run("askBox");
        QTRY_COMPARE(chips().size(), 2);
        const QString both = "SELECT count(*) FROM visit WHERE hours > 3 AND growth = '" + growth.toString() + "'";
        QCOMPARE(counted(), number(both));
        QTest::mouseClick(m_view->findChildren<QToolButton *>("chipAway").first(), Qt::LeftButton);
        QTRY_COMPARE(chips(), QStringList("Hours is above 3"));
        run("allRecords");
        QCOMPARE(chips(), QStringList());
        QCOMPARE(counted(), number("SELECT count(*) FROM visit"));
    }

    // The commonest values come with how many records have them.
    void theCommonestValues()
    {
        box("growth")->setFocus();
        QStringList offered;
        samples::WhenOpen dialog("askBox", [&](QDialog *sheet) {
            const auto *list = sheet->findChild<QListWidget *>("askValues");
            QVERIFY(QTest::qWaitFor([&] { return list->count() >= 7; }));
            for (int i = 0; i < list->count(); ++i) {
                offered.append(list->item(i)->text());
            }
            sheet->reject();
        });
        run("askBox");
        for (const QString &row : ask("SELECT upper(substr(growth, 1, 1)) || substr(growth, 2) || '   (' || count(*) "
                                      "|| ')' FROM visit WHERE growth IS NOT NULL GROUP BY growth")
                                      .split('\n')) {
            QVERIFY2(offered.contains(row), qPrintable(row + " in " + offered.join(", ")));
        }
    }

    void theFormAsTheQuestion()
    {
        QTest::keyClick(box("hours"), Qt::Key_F3, Qt::ControlModifier);
        run("askForm");
        QVERIFY(question());
        QVERIFY(questionBox("hours")->text().isEmpty());
        write("hours", "2..4");
        write("growth", "heavy; medium");
        QTest::keyClick(questionBox("growth"), Qt::Key_Return);
        QTRY_VERIFY(!question());
        const QString where = "hours BETWEEN 2 AND 4 AND growth IN ('heavy', 'medium')";
        QCOMPARE(counted(), number("SELECT count(*) FROM visit WHERE " + where));
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE " + where +
                     " AND visit_id = " + m_session->state().key()->first().toString()),
                 QString("1"));
        QTRY_COMPARE(chips().size(), 2);
        // Asked again, it stands there and can be changed; a further line is another possibility.
        run("askForm");
        QCOMPARE(questionBox("hours")->text(), QString("2..4"));
        QTest::mouseClick(question()->findChild<QPushButton *>("questionOr"), Qt::LeftButton);
        QVERIFY(questionBox("hours")->text().isEmpty());
        write("hours", "> 7");
        QTest::keyClick(questionBox("hours"), Qt::Key_Return);
        QTRY_VERIFY(!question());
        QCOMPARE(counted(), number("SELECT count(*) FROM visit WHERE (" + where + ") OR hours > 7"));
        QTRY_COMPARE(chips().size(), 3);
    }

    // What cannot be read, and what no record is like, is said; nothing that was written is lost.
    void mistakesInTheQuestion()
    {
        run("askForm");
        write("hours", "many");
        QTest::keyClick(questionBox("hours"), Qt::Key_Return);
        QTRY_VERIFY(question()->findChild<QLabel *>("questionWords")->text().contains("no number"));
        QCOMPARE(questionBox("hours")->text(), QString("many"));
        QCOMPARE(m_view->focusWidget(), questionBox("hours")); // of the window, active or not
        write("hours", "> 9000");
        QTest::keyClick(questionBox("hours"), Qt::Key_Return);
        QTRY_VERIFY(question()->findChild<QLabel *>("questionWords")->text().contains("No record is like that"));
        QCOMPARE(questionBox("hours")->text(), QString("> 9000"));
        QTest::keyClick(questionBox("hours"), Qt::Key_Escape);
        QTRY_VERIFY(!question());
        QVERIFY(m_session->state().wanted.isEmpty());
    }

    // Rows that belong to the record can be asked as well.
    void rowsThatBelongAreAsked()
    {
        run("askForm");
        const Control *rows = nullptr;
        for (const Control &each : m_form.controls) {
            rows = each.inner && each.inner.get()->rowsFrom == "part_fitted" ? &each : rows;
        }
        QVERIFY(rows);
        QLineEdit *quantity = nullptr;
        for (const Control &inner : rows->inner.get()->controls) {
            if (inner.column == "quantity") {
                auto *inside = question()->view()->widgetFor(rows->id)->findChild<EntryView *>();
                quantity = qobject_cast<QLineEdit *>(inside->widgetFor(inner.id));
            }
        }
        QVERIFY(quantity);
        quantity->setFocus();
        QTest::keyClicks(quantity, "> 2");
        QTest::keyClick(quantity, Qt::Key_Return);
        QTRY_VERIFY(!question());
        QCOMPARE(counted(), number("SELECT count(DISTINCT visit_id) FROM part_fitted WHERE quantity > 2"));
        QVERIFY2(chips().first().contains("Quantity is above 2"), qPrintable(chips().first()));
    }

    // What is typed and not saved stays, and a record that does not meet the question any more is left when one goes
    // on.
    void typedWorkStays()
    {
        Wanted wanted;
        wanted.filter = withPart({}, *partFromWords(m_session->state(), *control("hours"), nullptr, "> 3"));
        QVERIFY(m_view->want(wanted));
        const QVariant key = m_session->state().key()->first();
        box("hours")->setFocus();
        qobject_cast<QLineEdit *>(box("hours"))->selectAll();
        QTest::keyClicks(box("hours"), "1");
        QVERIFY(m_session->saving().save());
        QCOMPARE(m_session->state().key()->first(), key); // still in hand
        QVERIFY(m_session->moves().goNext());
        QVERIFY(m_session->state().value("hours").toDouble() > 3);
        m_session->moves().goPrevious(); // to one that meets it, or nowhere
        QVERIFY(m_session->state().key()->first() != key);
        // Asked with something unsaved in hand, the record stays in hand.
        m_session->typing().type(*control("hours"), "2.5");
        const QVariant typedIn = m_session->state().key()->first();
        QVERIFY(m_view->want({}));
        QCOMPARE(m_session->state().key()->first(), typedIn);
        QCOMPARE(m_session->state().value("hours").toDouble(), 2.5);
    }

    void sortedByABoxAndByWords()
    {
        box("hours")->setFocus();
        run("sortDown");
        QVERIFY(m_session->moves().goFirst());
        QCOMPARE(inHand("hours").toDouble(), ask("SELECT max(hours) FROM visit").toDouble());
        QTRY_COMPARE(chips(), QStringList("by Hours, the last first"));
        box("vessel_id")->setFocus();
        run("sortUp");
        QVERIFY(m_session->moves().goLast());
        const QString last =
            ask("SELECT max(lower(name)) FROM vessel WHERE vessel_id IN (SELECT vessel_id FROM visit)");
        QCOMPARE(ask("SELECT lower(name) FROM vessel WHERE vessel_id = " + inHand("vessel_id").toString()), last);
        QTRY_COMPARE(chips().size(), 2);
        QTest::mouseClick(m_view->findChild<QPushButton *>("chipWords"), Qt::LeftButton); // the other way round
        QVERIFY(m_session->moves().goFirst());
        QCOMPARE(ask("SELECT lower(name) FROM vessel WHERE vessel_id = " + inHand("vessel_id").toString()), last);
    }

    // The head of a column sorts its rows, and shows which way.
    void byHeads()
    {
        open("vessel", Arrangement::Tabular);
        const Control *head = captionOf(m_form, control("name")->id);
        QVERIFY(head);
        QWidget *band = nullptr;
        for (QWidget *each : m_view->findChildren<QWidget *>()) {
            band = QString(each->metaObject()->className()).contains("BandView") && !band ? each : band;
        }
        QVERIFY(band);
        QTest::mouseClick(band, Qt::LeftButton, {}, head->place.center());
        QVERIFY(m_session->moves().goFirst());
        QCOMPARE(inHand("name").toString(), ask("SELECT name FROM vessel ORDER BY lower(name) LIMIT 1"));
        QTest::mouseClick(band, Qt::LeftButton, {}, head->place.center());
        QVERIFY(m_session->moves().goFirst());
        QCOMPARE(inHand("name").toString(), ask("SELECT name FROM vessel ORDER BY lower(name) DESC LIMIT 1"));
    }

    void keptUnderAName()
    {
        Wanted wanted;
        wanted.filter = withPart({}, *partFromWords(m_session->state(), *control("hours"), nullptr, "> 3"));
        wanted.order = {{"vessel_id", true, true}};
        QVERIFY(m_view->want(wanted));
        samples::WhenOpen name("keepQuestion", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("questionName")->setText("Long ones");
            dialog->accept();
        });
        m_view->keepQuestion();
        const qint64 count = counted();
        QVERIFY(m_view->want({}));
        samples::WhenOpen kept("keptQuestionsSheet", [](QDialog *dialog) { dialog->accept(); });
        run("keptQuestions");
        QCOMPARE(m_session->state().wanted, wanted);
        QCOMPARE(counted(), count);
        forgetQuestion(m_form.name + "/" + m_form.rowsFrom, "Long ones");
        QVERIFY(keptQuestions(m_form.name + "/" + m_form.rowsFrom).isEmpty());
        // For all who work with the project.
        QList<KeptQuestion> shared;
        m_session->setSharedQuestions({[&] { return shared; },
                                       [&](const QList<KeptQuestion> &all) {
                                           shared = all;
                                           return Outcome(Done{});
                                       }});
        samples::WhenOpen forAll("keepQuestion", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("questionName")->setText("Of us all");
            dialog->findChild<QCheckBox *>("forAll")->setChecked(true);
            dialog->accept();
        });
        m_view->keepQuestion();
        QCOMPARE(shared.size(), 1);
        QCOMPARE(shared.first().wanted, wanted);
        QCOMPARE(questionFromJson(questionToJson(shared.first())), shared.first());
        QVERIFY(m_view->want({}));
        samples::WhenOpen again("keptQuestionsSheet", [](QDialog *dialog) { dialog->accept(); });
        run("keptQuestions");
        QCOMPARE(m_session->state().wanted, wanted);
    }

    // A box that is taken away in Design is not asked any more, nor said to be; nor is one that a kept question knew.
    void boxesThatAreGone()
    {
        Wanted wanted;
        wanted.filter = withPart({}, *partFromWords(m_session->state(), *control("vessel_id"), nullptr, "gannet"));
        wanted.filter = withPart(wanted.filter, *partFromWords(m_session->state(), *control("hours"), nullptr, "> 3"));
        QVERIFY(m_view->want(wanted));
        QTRY_COMPARE(chips().size(), 2);
        Form less = m_form;
        less.controls.removeAt(less.controls.indexOf(control("vessel_id")->id));
        QVERIFY(m_session->setForm(less).isOk());
        m_view->setForm(less);
        QTRY_COMPARE(chips(), QStringList("Hours is above 3"));
        QCOMPARE(counted(), number("SELECT count(*) FROM visit WHERE hours > 3"));
        QString said;
        connect(m_session.get(), &EntrySession::said, this, [&](const QString &sentence) { said = sentence; });
        QVERIFY(m_view->want({}));
        QVERIFY(m_view->want(wanted));
        QVERIFY2(said.contains("vessel_id"), qPrintable(said));
        QCOMPARE(counted(), number("SELECT count(*) FROM visit WHERE hours > 3"));
    }

    // Enter goes on from every kind of box, and from an open list takes the choice and goes on.
    void enterGoesOn()
    {
        QWidget *first = QApplication::focusWidget();
        QSet<QWidget *> seen;
        for (QWidget *at = first; at && !seen.contains(at) && m_view->viewInHand()->boxInHand();
             at = QApplication::focusWidget()) {
            seen.insert(at);
            if (at->inherits("QPlainTextEdit")) {
                QTest::keyClick(at, Qt::Key_Tab); // a new line there
            } else {
                QTest::keyClick(at, Qt::Key_Return);
                QCoreApplication::processEvents();
                QVERIFY2(QApplication::focusWidget() != at, at->metaObject()->className());
            }
        }
        QVERIFY(seen.size() >= 8);
        QCOMPARE(ask("SELECT count(*) FROM visit WHERE visit_id > 100000"), QString("0"));
    }

    void keysThatSaveTyping()
    {
        QVERIFY(m_session->moves().goNext());
        const QString lead = inHand("crew_lead").toString();
        QVERIFY(m_session->moves().add());
        box("crew_lead")->setFocus();
        run("repeatBox");
        QCOMPARE(inHand("crew_lead").toString(), lead);
        box("visited_on")->setFocus();
        run("putInToday");
        QCOMPARE(inHand("visited_on").toString(), QDate::currentDate().toString(Qt::ISODate));
        box("arrived_at")->setFocus();
        run("putInNow");
        QVERIFY(QTime::fromString(inHand("arrived_at").toString(), Qt::ISODate).isValid());
        run("repeatBlank");
        QVERIFY(!inHand("buoy_id").isNull());
        box("crew_lead")->setFocus();
        run("keepForNext");
        QVERIFY2(m_session->saving().save(), qPrintable(m_session->state().messages.value(0).sentence));
        QVERIFY(m_session->moves().add());
        QCOMPARE(inHand("crew_lead").toString(), lead); // kept by the pin
        QVERIFY(inHand("visited_on").isNull());
        m_session->takingBack().takeBack();
        QVERIFY(m_session->moves().goFirst());
        const QVariant buoy = inHand("buoy_id");
        const int before = number("SELECT count(*) FROM visit");
        run("addLike");
        QVERIFY(m_session->state().isNew());
        QCOMPARE(inHand("buoy_id"), buoy);
        QVERIFY(m_session->saving().save());
        QCOMPARE(number("SELECT count(*) FROM visit"), before + 1);
    }
};

QTEST_MAIN(TestWanted)
#include "tst_wanted.moc"
