// Buttons at work: each action once by mouse and once by key, several after one another, and what is asked before.
#include "core/actions/action_table.h"
#include "core/kinds/settings/mail.h"
#include "entry/mail/send_sheet.h"
#include "support/form_at_work.h"
#include "support/mail_server.h"
#include "support/when_open.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDesktopServices>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;

class TestOwnActions : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<Appearance> m_appearance;
    samples::FormAtWork m_work;
    QStringList m_said;
    QList<QUrl> m_opened;
    int m_y = 0;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    void open(const QString &table, bool withChildren = false)
    {
        m_work.open(m_path, table, Arrangement::Columnar, withChildren, *m_appearance);
        m_said.clear();
        m_y = 0;
        connect(m_work.session.get(), &EntrySession::said, this,
                [this](const QString &sentence) { m_said.append(sentence); });
    }
    // A button that does these things, the first told that.
    QAbstractButton *button(const QStringList &steps, const QString &with = {}, const QString &asks = {},
                            const QString &key = {})
    {
        Control made;
        made.id = nextControlId(m_work.form);
        made.kind = "button";
        made.name = QString("button_%1").arg(made.id);
        made.text = steps.first();
        made.place = QRect(16, 8 + (m_y += 32), 120, 24);
        made.band = BandRole::Header;
        setButtonAction(made, buttonActionNamed(steps.first()));
        made.settings.set(setting::With, with);
        made.settings.set(setting::Asks, asks);
        made.settings.set(setting::Key, key);
        QList<ButtonStep> further;
        for (const QString &step : steps.mid(1)) {
            further.append(*stepFromWords(step));
        }
        made.settings.set(setting::Further, further);
        m_work.form.controls.append(made);
        for (Band &band : m_work.form.bands) {
            band.height = band.role == BandRole::Header ? 600 : band.height;
        }
        if (!m_work.session->setForm(m_work.form).isOk()) {
            return nullptr;
        }
        m_work.view->setForm(m_work.form);
        m_work.activate();
        return qobject_cast<QAbstractButton *>(m_work.view->widgetFor(made.id));
    }
    static void press(QAbstractButton *pressed) { QTest::mouseClick(pressed, Qt::LeftButton); }
    static void pressByKey(QAbstractButton *pressed)
    {
        pressed->setFocus();
        QTest::keyClick(pressed, Qt::Key_Return);
    }

public Q_SLOTS:
    void opened(const QUrl &url) { m_opened.append(url); }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        QSettings().clear();
        m_opened.clear();
        m_path = samples::fairwayDatabase(m_folder, QString("actions%1.db").arg(++run));
        m_appearance = std::make_unique<Appearance>(looks().first(), Theme::Light, QApplication::font());
        QDesktopServices::setUrlHandler("https", this, "opened");
        QDesktopServices::setUrlHandler("file", this, "opened");
    }
    void cleanup()
    {
        QDesktopServices::unsetUrlHandler("https");
        QDesktopServices::unsetUrlHandler("file");
        m_work.view.reset();
        m_work.session.reset();
        QSettings().clear();
    }

    void valuesArePutIn()
    {
        open("buoy");
        press(button({"put-in"}, "Status = in depot; laid_on = 2025-03-04; Contractor = Barnacle & Daughters; "
                                 "remarks = Was {name}"));
        QCOMPARE(m_said.join('|'), QString());
        QVERIFY(m_work.session->saving().save());
        QCOMPARE(ask("SELECT status, laid_on, c.name, b.remarks = 'Was ' || b.name FROM buoy b JOIN contractor c USING "
                     "(contractor_id) WHERE buoy_id = 1"),
                 QString("in depot|2025-03-04|Barnacle & Daughters|1"));
        // What is no value, or no box, puts in nothing at all.
        m_said.clear();
        pressByKey(button({"put-in"}, "Status = afloat"));
        QVERIFY2(m_said.last().contains("afloat"), qPrintable(m_said.join('|')));
        pressByKey(button({"put-in"}, "remarks = x; Colour = red"));
        QVERIFY2(m_said.last().contains("Colour"), qPrintable(m_said.join('|')));
        m_work.session->takingBack().takeBack();
        QVERIFY(!m_work.session->state().isChanged());
    }

    // Several after one another; the first that cannot be done stops, is named, and nothing behind it happens.
    void stepsStopAtTheFirstThatFails()
    {
        open("buoy");
        QAbstractButton *good = button({"put-in", "save", "go-next"}, "depth_m = 3.5");
        press(good);
        QCOMPARE(ask("SELECT depth_m FROM buoy WHERE buoy_id = 1"), QString("3.5"));
        QCOMPARE(*m_work.session->position(), 1);
        QAbstractButton *bad = button({"put-in", "save", "go-next"}, "depth_m = -3");
        press(bad);
        QCOMPARE(*m_work.session->position(), 1);
        QVERIFY2(m_said.last().contains(buttonActionTitle(buttonActionNamed("save"))), qPrintable(m_said.join('|')));
    }

    void asksFirstAndHasAKey()
    {
        open("buoy");
        QAbstractButton *asking = button({"put-in"}, "remarks = done", "Really, for {asset_no}?", "Ctrl+Shift+7");
        QString question;
        samples::WhenOpen no("question", [&](QDialog *dialog) {
            for (const QLabel *label : dialog->findChildren<QLabel *>()) {
                question += label->text();
            }
            dialog->findChild<QPushButton *>("answer1")->click();
        });
        press(asking);
        QVERIFY2(question.contains("for " + ask("SELECT asset_no FROM buoy WHERE buoy_id = 1")), qPrintable(question));
        QVERIFY(!m_work.session->state().isChanged());
        m_work.activate();
        m_work.box("name")->setFocus();
        samples::WhenOpen yes("question",
                              [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        QTest::keyClick(m_work.box("name"), Qt::Key_7, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(m_work.session->state().isChanged());
        QCOMPARE(m_work.session->state().value("remarks").toString(), QString("done"));
    }

    // A statement is shown with its values and asked about once; it is done whole, and what it changed is seen.
    void statements()
    {
        open("buoy");
        QAbstractButton *runs = button({"run-sql"}, "UPDATE buoy SET status = 'withdrawn' WHERE buoy_id = :buoy_id AND "
                                                    "asset_no = :asset_no");
        const QString before = ask("SELECT group_concat(status) FROM buoy");
        QString shown;
        samples::WhenOpen no("question", [&](QDialog *dialog) {
            for (const QLabel *label : dialog->findChildren<QLabel *>()) {
                shown += label->text();
            }
            dialog->findChild<QPushButton *>("answer1")->click();
        });
        press(runs);
        QCOMPARE(ask("SELECT group_concat(status) FROM buoy"), before); // not unasked
        QVERIFY2(shown.contains("asset_no = '" + ask("SELECT asset_no FROM buoy WHERE buoy_id = 1") + "'"),
                 qPrintable(shown));
        m_work.activate();
        samples::WhenOpen yes("question",
                              [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        pressByKey(runs);
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 1"), QString("withdrawn"));
        QCOMPARE(ask("SELECT count(*) FROM buoy WHERE status = 'withdrawn'").toInt(), before.count("withdrawn") + 1);
        QCOMPARE(m_work.session->state().value("status").toString(), QString("withdrawn"));
        // The same is not asked about again; it goes on with the record in hand.
        m_work.activate();
        QVERIFY(m_work.session->moves().goNext());
        press(runs);
        QCOMPARE(ask("SELECT status FROM buoy WHERE buoy_id = 2"), QString("withdrawn"));
        // What the database refuses is said, and nothing of it stays.
        QSettings().clear();
        QAbstractButton *refused = button({"run-sql"}, "UPDATE buoy SET depth_m = -1");
        const QString depths = ask("SELECT group_concat(depth_m) FROM buoy");
        samples::WhenOpen again("question",
                                [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        press(refused);
        QCOMPARE(ask("SELECT group_concat(depth_m) FROM buoy"), depths);
        QVERIFY(!m_said.last().isEmpty());
        // Several statements, or values that the form does not read, are not even asked about.
        press(button({"run-sql"}, "DELETE FROM part_claim; DELETE FROM buoy"));
        QVERIFY2(m_said.last().contains("several"), qPrintable(m_said.last()));
        press(button({"run-sql"}, "UPDATE buoy SET status = :mood"));
        QVERIFY2(m_said.last().contains("mood"), qPrintable(m_said.last()));
    }

    // Values are arguments, whatever is in them; never through a shell.
    void programs()
    {
        open("buoy");
        const QString odd =
            "x; touch " + m_folder.filePath("touched") + " $(touch " + m_folder.filePath("touched") + ")";
        m_work.session->typing().type(*m_work.control("remarks"), odd);
        QVERIFY(m_work.session->saving().save());
        const QString file = m_folder.filePath("came");
        QAbstractButton *runs = button({"run-program"}, "/usr/bin/python3 -c \"import sys;open(sys.argv[1],'w').write("
                                                        "sys.argv[2])\" " +
                                                            file + " {remarks}");
        samples::WhenOpen yes("question",
                              [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer0")->click(); });
        press(runs);
        const auto came = [&] {
            QFile read(file);
            return read.open(QIODevice::ReadOnly) ? QString::fromUtf8(read.readAll()) : QString();
        };
        QTRY_COMPARE_WITH_TIMEOUT(came(), odd, 10000);
        QVERIFY(!QFile::exists(m_folder.filePath("touched")));
    }

    void addresses()
    {
        open("buoy");
        press(button({"open-link"}, "https://charts.nabharbour.example/{asset_no}"));
        QCOMPARE(m_opened.size(), 1);
        QCOMPARE(m_opened.first().toString(),
                 "https://charts.nabharbour.example/" + ask("SELECT asset_no FROM buoy WHERE buoy_id = 1"));
        // A file is asked about.
        samples::WhenOpen no("question", [](QDialog *dialog) { dialog->findChild<QPushButton *>("answer1")->click(); });
        pressByKey(button({"open-link"}, "file:///bin/true"));
        QCOMPARE(m_opened.size(), 1);
    }

    // A message: seen filled in, with the record along, changed, sent by a server; what cannot be sent waits.
    void messages()
    {
        QStandardPaths::setTestModeEnabled(true);
        QDir(outboxFolder()).removeRecursively();
        open("buoy");
        const samples::MailServer server;
        MailSetup setup = server.setup();
        m_work.session->setMailSender({[&] { return setup; }, m_folder.path(), {}});
        Mail mail{"{status}@nabharbour.example, idris@nabharbour.example", "Buoy {asset_no}", "Name: {Name}\n{unknown}",
                  Attached::Pdf};
        QAbstractButton *sends = button({"send"});
        Control control = m_work.form.controls.at(m_work.form.controls.size() - 1);
        control.settings.set(setting::Message, mail);
        m_work.form.controls.replace(m_work.form.controls.indexOf(control.id), control);
        QVERIFY(m_work.session->setForm(m_work.form).isOk());
        m_work.view->setForm(m_work.form);
        sends = qobject_cast<QAbstractButton *>(m_work.view->widgetFor(control.id));
        const QString asset = ask("SELECT asset_no FROM buoy WHERE buoy_id = 1");
        const QString name = ask("SELECT name FROM buoy WHERE buoy_id = 1");
        QString subject;
        QString text;
        samples::WhenOpen sheet("sendSheet", [&](QDialog *dialog) {
            subject = dialog->findChild<QLineEdit *>("mailSubject")->text();
            text = dialog->findChild<QPlainTextEdit *>("mailText")->toPlainText();
            dialog->findChild<QLineEdit *>("mailTo")->setText("ansa@nabharbour.example");
            dialog->findChild<QPushButton *>("sendNow")->click();
        });
        press(sends);
        QCOMPARE(subject, "Buoy " + asset);
        QCOMPARE(text, "Name: " + name + "\n{unknown}");
        QVERIFY2(m_said.last().startsWith("Sent to ansa"), qPrintable(m_said.join('|')));
        const QStringList read = server.read();
        QCOMPARE(read.value(0), "Buoy " + asset);
        QVERIFY2(read.value(5).contains("application/pdf"), qPrintable(read.join('|')));
        // Where nobody answers, it waits; a person sends it again.
        m_work.activate();
        setup.port = 1;
        samples::WhenOpen again("sendSheet", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("mailTo")->setText("ansa@nabharbour.example");
            dialog->findChild<QPushButton *>("sendNow")->click();
        });
        pressByKey(sends);
        QVERIFY2(m_said.last().contains("waits"), qPrintable(m_said.last()));
        int waited = 0;
        samples::WhenOpen outbox("outbox", [&](QDialog *dialog) {
            waited = dialog->findChild<QListWidget *>("waitingMails")->count();
            dialog->findChild<QPushButton *>("letMailGo")->click();
            dialog->reject();
        });
        showOutbox(*m_work.session, m_work.view.get());
        QCOMPARE(waited, 1);
        // Into a folder.
        setup = {};
        setup.way = MailWay::Folder;
        setup.from = "depot@nabharbour.example";
        setup.folder = "mail";
        m_work.activate();
        samples::WhenOpen third("sendSheet", [](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("mailTo")->setText("ansa@nabharbour.example");
            dialog->findChild<QPushButton *>("sendNow")->click();
        });
        press(sends);
        QCOMPARE(QDir(m_folder.filePath("mail")).entryList({"*.eml"}).size(), 1);
    }

    // A row in a subform, and reading again what others changed.
    void rowsAndReading()
    {
        open("visit", true);
        QAbstractButton *adds = button({"add-row"});
        press(adds);
        QWidget *focused = QApplication::focusWidget();
        QVERIFY(focused);
        EntryView *inside = m_work.view->viewInHand();
        QVERIFY(inside != m_work.view.get());
        QVERIFY(inside->session()->state().isNew());
        QCOMPARE(ask("UPDATE visit SET remarks = 'Read again' WHERE visit_id = 1"), QString());
        press(button({"read-again"}));
        QCOMPARE(m_work.session->state().value("remarks").toString(), QString("Read again"));
        press(button({"add-row"}, "No such rows"));
        QVERIFY2(m_said.last().contains("No such rows"), qPrintable(m_said.last()));
        press(button({"go-to-page"}, "No such page"));
        QVERIFY2(m_said.last().contains("No such page"), qPrintable(m_said.last()));
    }
};

QTEST_MAIN(TestOwnActions)
#include "tst_own_actions.moc"
