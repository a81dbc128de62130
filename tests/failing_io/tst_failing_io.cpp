// Saving while the disk fails, at every single step of it: the form on the disk is the old one or the new one, whole;
// so is the record; the database is sound; and what was typed is kept and said not to be saved. The same when the
// program is ended at that step.
#include "core/draft/draft.h"
#include "core/file/form_file.h"
#include "entry/session/entry_session.h"
#include "support/sample_database.h"

#include <QApplication>
#include <QProcess>
#include <QTest>
#include <QTextStream>

using namespace nabblet;

namespace {

const Control *boxOf(const Form &form, const QString &column)
{
    for (const Control &control : form.controls) {
        if (control.column == column) {
            return &control;
        }
    }
    return nullptr;
}

// What is ended or hindered: saves a form and a record with its rows, and says what came of it.
int victim(const QString &folder)
{
    QTextStream say(stdout);
    const Connection connection = samples::opened(folder + "/fairway.db");
    const Catalogue catalogue = *connection.readCatalogue();
    Form form = *loadForm(folder + "/form.nabform");
    EntrySession session(connection, catalogue, form);
    if (!session.start(Counting::No) || !session.moves().goToKey({3})) {
        return 3;
    }
    Form changed = form;
    changed.title = "Changed";
    const Outcome saved = saveForm(folder + "/form.nabform", changed);
    say << (saved                              ? "form saved\n"
            : saved.error().sentence.isEmpty() ? "form WITHOUT WORDS\n"
                                               : "form refused\n")
        << Qt::flush;
    session.typing().type(*boxOf(form, "crew_lead"), "Typed");
    EntrySession *parts = nullptr;
    for (const Control &control : form.controls) {
        parts = control.inner ? session.children().of(control) : parts;
    }
    parts->typing().type(*boxOf(parts->form(), "quantity"), "17");
    const bool isSaved = session.saving().save();
    const bool isKept = session.state().isChanged() &&
                        session.values().shown(*boxOf(form, "crew_lead")).words == "Typed" &&
                        parts->state().isChanged();
    say << (isSaved ? "record saved\n" : isKept ? "record refused\n" : "record LOST\n") << Qt::flush;
    return 0;
}

} // namespace

class TestFailingIo : public QObject
{
    Q_OBJECT

    static void copyTo(const QString &from, const QString &to)
    {
        QFile::remove(to);
        QVERIFY(QFile::copy(from, to));
    }

private Q_SLOTS:
    void everyStep_data()
    {
        QTest::addColumn<bool>("isKilled");
        QTest::newRow("the disk is full") << false;
        QTest::newRow("the power fails") << true;
    }
    void everyStep()
    {
        QFETCH(bool, isKilled);
        QTemporaryDir folder;
        samples::fairwayDatabase(folder);
        const QString database = folder.filePath("fairway.db");
        const QString form = folder.filePath("form.nabform");
        {
            const Connection connection = samples::opened(database);
            const Catalogue catalogue = *connection.readCatalogue();
            DraftPlan plan = planWithChildren(catalogue, *findTable(catalogue, "visit"));
            plan.arrangement = Arrangement::Columnar;
            QVERIFY(
                saveForm(form, draftForm(catalogue, *findTable(catalogue, "visit"), plan, nullptr, FixedTextMeasure()))
                    .isOk());
        }
        copyTo(database, database + ".before");
        copyTo(form, form + ".before");
        QFile before(form);
        QVERIFY(before.open(QIODevice::ReadOnly));
        const QByteArray oldForm = before.readAll();
        QByteArray newForm;
        int steps = 0;
        int refused = 0;
        for (int at = 1; at < 400; ++at) {
            copyTo(database + ".before", database);
            copyTo(form + ".before", form);
            QFile::remove(database + "-journal");
            QProcess program;
            QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
            environment.insert("LD_PRELOAD", NABBLET_FAILING_IO);
            environment.insert("FAIL_IN", folder.path());
            environment.insert("FAIL_AT", QString::number(at));
            if (isKilled) {
                environment.insert("FAIL_KILLS", "1");
            }
            program.setProcessEnvironment(environment);
            program.start(QCoreApplication::applicationFilePath(), {"--victim", folder.path()});
            QVERIFY(program.waitForFinished(60000));
            const QString said = QString::fromUtf8(program.readAllStandardOutput());
            const bool isWhole = program.exitStatus() == QProcess::NormalExit && said == "form saved\nrecord saved\n";
            QVERIFY2(!said.contains("LOST") && !said.contains("WITHOUT"),
                     qPrintable(QString("step %1: %2").arg(at).arg(said)));
            if (!isKilled) {
                QVERIFY2(program.exitStatus() == QProcess::NormalExit && program.exitCode() == 0,
                         qPrintable(QString::number(at)));
            }
            // The form is one or the other.
            QFile now(form);
            QVERIFY(now.open(QIODevice::ReadOnly));
            const QByteArray bytes = now.readAll();
            const Result<Form> read = readForm(bytes);
            QVERIFY2(read.isOk() && (bytes == oldForm || read->title == "Changed"),
                     qPrintable(QString("step %1").arg(at)));
            if (said.contains("form saved")) {
                QCOMPARE(read->title, "Changed");
            } else if (said.contains("form refused")) {
                QCOMPARE(bytes, oldForm);
            }
            // The database is sound, and record and row are both old or both new.
            QCOMPARE(samples::sqlite3(database, "PRAGMA integrity_check"), "ok");
            const QString stored = samples::sqlite3(
                database, "SELECT crew_lead = 'Typed' FROM visit WHERE visit_id = 3; "
                          "SELECT quantity = 17 FROM part_fitted WHERE visit_id = 3 ORDER BY line_no LIMIT 1");
            QVERIFY2(stored == "0\n0" || stored == "1\n1", qPrintable(QString("step %1: %2").arg(at).arg(stored)));
            if (said.contains("record saved")) {
                QCOMPARE(stored, "1\n1");
            } else if (said.contains("record refused")) {
                QCOMPARE(stored, "0\n0");
                ++refused;
            }
            if (isWhole) {
                break; // no step is left to fail
            }
            steps = at;
        }
        QVERIFY2(steps >= 8 && steps < 399, qPrintable(QString::number(steps)));
        QVERIFY(isKilled || refused >= 3);
        qInfo("%d steps failed in turn", steps);
    }
};

int main(int argc, char **argv)
{
    QApplication application(argc, argv);
    if (application.arguments().value(1) == "--victim") {
        return victim(application.arguments().value(2));
    }
    TestFailingIo test;
    return QTest::qExec(&test, argc, argv);
}
#include "tst_failing_io.moc"
