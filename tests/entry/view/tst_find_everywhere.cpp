// From a form that opens others, a record of any of them is found by its words; what was used last stands there before.
#include "core/file/form_file.h"
#include "entry/view/entry_view.h"
#include "entry/view/form_window.h"
#include "entry/wanted/find_everywhere.h"
#include "entry/wanted/used_lately.h"
#include "support/form_at_work.h"
#include "support/when_open.h"

#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>

using namespace nabblet;
using samples::WhenOpen;

class TestFindEverywhere : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    std::unique_ptr<EntrySession> m_session;
    std::unique_ptr<EntryView> m_view;

    static Result<Form> stored(const QString &name)
    {
        return loadForm(NABBLET_ROOT "/demo/fairway-depot/forms/" + name + ".nabform");
    }
    static QStringList linesOf(const QDialog *dialog)
    {
        QStringList lines;
        const auto *list = dialog->findChild<QListWidget *>("foundRecords");
        for (int i = 0; i < list->count(); ++i) {
            lines.append(list->item(i)->text());
        }
        return lines;
    }
    FormWindow *opened() const { return m_view->window()->findChild<FormWindow *>(); }

private Q_SLOTS:
    void init()
    {
        static int run = 0;
        QStandardPaths::setTestModeEnabled(true);
        QSettings().clear();
        m_path = samples::fairwayDatabase(m_folder, QString("anywhere%1.db").arg(++run));
        const Connection connection = samples::opened(m_path);
        m_session = std::make_unique<EntrySession>(connection, *connection.readCatalogue(), *stored("start"));
        m_session->setLocale(QLocale::c());
        m_session->setFormReader(stored);
        m_session->setMailSender({{}, m_folder.path(), {}});
        m_view = std::make_unique<EntryView>(m_session.get(),
                                             Appearance(looks().first(), Theme::Light, QApplication::font()));
        m_view->resize(900, 700);
        m_view->show();
        QVERIFY(QTest::qWaitForWindowExposed(m_view.get()));
    }
    void cleanup()
    {
        m_view.reset();
        m_session.reset();
        QSettings().clear();
    }

    void wordsFindRecordsOfSeveralForms()
    {
        const WhenOpen sheet("findAnywhere", [&](QDialog *dialog) {
            QVERIFY(linesOf(dialog).isEmpty()); // nothing was used yet
            dialog->findChild<QLineEdit *>("findWords")->setText("Gannet");
            QTRY_VERIFY_WITH_TIMEOUT(linesOf(dialog).join('\n').contains("Vessels:"), 10000);
            QTRY_VERIFY_WITH_TIMEOUT(dialog->findChild<QLabel *>("faint")->text().contains("records"), 10000);
            const QStringList lines = linesOf(dialog);
            QVERIFY(std::any_of(lines.begin(), lines.end(),
                                [](const QString &line) { return !line.startsWith("Vessels"); }));
            for (int i = 0; i < lines.size(); ++i) {
                if (lines.at(i).startsWith("Vessels:")) {
                    dialog->findChild<QListWidget *>("foundRecords")->setCurrentRow(i);
                }
            }
            dialog->accept();
        });
        QVERIFY(m_view->askAndFind());
        FormWindow *window = opened();
        QVERIFY(window && window->isVisible());
        QCOMPARE(window->session()->form().name, QString("vessel"));
        QCOMPARE(window->session()->state().value("name").toString(), QString("MV Grey Gannet"));
        // A record that stays in hand for a while is among those used last.
        QTRY_VERIFY_WITH_TIMEOUT(!recordsUsedLately(m_folder.path()).isEmpty(), 6000);
        const UsedRecord used = recordsUsedLately(m_folder.path()).first();
        QCOMPARE(used.form, QString("vessel"));
        QVERIFY(used.words.contains("Grey Gannet"));
        window->close();

        const WhenOpen again("findAnywhere", [&](QDialog *dialog) {
            QCOMPARE(linesOf(dialog).size(), 1);
            QVERIFY(linesOf(dialog).first().contains("Grey Gannet"));
            QTest::keyClick(dialog->findChild<QLineEdit *>("findWords"), Qt::Key_Return);
        });
        QVERIFY(m_view->askAndFind());
    }

    void wordsThatNobodyHas()
    {
        const WhenOpen sheet("findAnywhere", [&](QDialog *dialog) {
            dialog->findChild<QLineEdit *>("findWords")->setText("zzqqxx");
            QTRY_COMPARE_WITH_TIMEOUT(dialog->findChild<QLabel *>("faint")->text(),
                                      QString("No record of any form has these words."), 10000);
            QTest::keyClick(dialog->findChild<QLineEdit *>("findWords"), Qt::Key_Return); // goes nowhere
            QVERIFY(dialog->isVisible());
            dialog->reject();
        });
        QVERIFY(!m_view->askAndFind());
        QVERIFY(!opened());
    }

    // Keys pressed at once, a sheet closed in the middle: what is still looked for is given up.
    void closedInTheMiddle()
    {
        const WhenOpen sheet("findAnywhere", [&](QDialog *dialog) {
            auto *line = dialog->findChild<QLineEdit *>("findWords");
            for (const QString &typed : {QString("a"), QString("an"), QString("b"), QString("NB-2")}) {
                line->setText(typed);
                QCoreApplication::processEvents();
            }
            dialog->reject();
        });
        QVERIFY(!m_view->askAndFind());
    }

    void theLastIsFirstAndEachOnce()
    {
        const QString folder = m_folder.path();
        for (int i = 0; i < 30; ++i) {
            rememberUsed(folder, {"vessel", "Vessels", {i}, QString::number(i)});
        }
        rememberUsed(folder, {"vessel", "Vessels", {25}, "renamed"});
        const QList<UsedRecord> all = recordsUsedLately(folder);
        QCOMPARE(all.size(), 20);
        QCOMPARE(all.first().words, QString("renamed"));
        QCOMPARE(
            std::count_if(all.begin(), all.end(), [](const UsedRecord &each) { return each.key == QVariantList{25}; }),
            1);
        QVERIFY(recordsUsedLately(folder + "/other").isEmpty());
        rememberUsed(QString(), {"vessel", "Vessels", {1}, "nowhere"});
    }
};

QTEST_MAIN(TestFindEverywhere)
#include "tst_find_everywhere.moc"
