// A project handed over: checked, opened in Entry alone, handed over anew with the data left alone, taken back; and the
// commands that need no window, as whole programs.
#include "app/work/hand_over_file.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/kinds/settings/child_link.h"
#include "support/sample_database.h"

#include <QDirIterator>
#include <QProcess>
#include <QStandardPaths>
#include <QTest>

#include <csignal>

using namespace nabblet;

class TestHandOver : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_project;

    struct Ran
    {
        int code = -1;
        QString output;
        QString errors;
    };
    static QProcessEnvironment environment(const QString &folder)
    {
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.remove("QT_QPA_PLATFORM");
        environment.remove("DISPLAY");
        environment.remove("WAYLAND_DISPLAY");
        environment.remove("XDG_RUNTIME_DIR");
        environment.insert("XDG_CONFIG_HOME", folder + "/settings");
        environment.insert("HOME", folder);
        return environment;
    }
    Ran run(const QStringList &arguments) const
    {
        QProcess process;
        process.setProcessEnvironment(environment(m_folder.path()));
        process.start(NABBLET_PROGRAM, arguments);
        process.waitForFinished(120000);
        return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1,
                QString::fromUtf8(process.readAllStandardOutput()), QString::fromUtf8(process.readAllStandardError())};
    }
    QString form(const QString &name) const { return m_project + "/forms/" + name + ".nabform"; }
    QString ask(const QString &sql) const { return samples::sqlite3(m_project + "/fairway.db", sql); }

private Q_SLOTS:
    void init()
    {
        static int number = 0;
        m_project = m_folder.filePath(QString("project%1").arg(++number));
        const QString demo = QStringLiteral(NABBLET_ROOT "/demo/fairway-depot");
        QDirIterator files(demo, QDir::Files, QDirIterator::Subdirectories);
        while (files.hasNext()) {
            const QString to = m_project + '/' + QDir(demo).relativeFilePath(files.next());
            QDir().mkpath(QFileInfo(to).path());
            QVERIFY(QFile::copy(files.filePath(), to));
        }
        QVERIFY(QFile::rename(samples::fairwayDatabase(m_folder, QString("fairway%1.db").arg(number)),
                              m_project + "/fairway.db"));
    }

    void handedOverAgainAndTakenBack()
    {
        const QString to = m_folder.filePath("given");
        const Ran first = run({"hand-over", m_project, to});
        QVERIFY2(first.code == 0, qPrintable(first.output + first.errors));
        QCOMPARE(first.errors, QString());
        const std::optional<HandedOver> handed = handedOverIn(to);
        QVERIFY(handed && handed->version == 1);
        QCOMPARE(samples::sqlite3(to + "/fairway.db", "SELECT count(*) FROM buoy"), ask("SELECT count(*) FROM buoy"));
        QCOMPARE(QFileInfo(*startFormOf(handed->file)).fileName(), loadProject(m_project)->startForm + ".nabform");
        // Users work; the builder changes a form and takes one away.
        samples::sqlite3(to + "/fairway.db", "UPDATE buoy SET name = 'Typed by a user' WHERE buoy_id = 1");
        QVERIFY(QFile::copy(QStringLiteral(NABBLET_ROOT "/docs/screenshots/entry.png"), to + "/forms/own photo.png"));
        Form changed = *loadForm(form("contractor"));
        changed.title = "Firms";
        QVERIFY(saveForm(form("contractor"), changed).isOk());
        const Ran second = run({"hand-over", m_project, to});
        QVERIFY2(second.code == 0, qPrintable(second.output + second.errors));
        QVERIFY2(second.output.contains("Firms"), qPrintable(second.output));
        QCOMPARE(handedOverIn(to)->version, 2);
        QCOMPARE(loadForm(to + "/forms/contractor.nabform")->title, QString("Firms"));
        QCOMPARE(samples::sqlite3(to + "/fairway.db", "SELECT name FROM buoy WHERE buoy_id = 1"),
                 QString("Typed by a user"));
        // Back to the one before; the data stay.
        const Ran back = run({"hand-over", "--back", to});
        QVERIFY2(back.code == 0, qPrintable(back.output + back.errors));
        QCOMPARE(handedOverIn(to)->version, 1);
        QVERIFY(loadForm(to + "/forms/contractor.nabform")->title != "Firms");
        QCOMPARE(samples::sqlite3(to + "/fairway.db", "SELECT name FROM buoy WHERE buoy_id = 1"),
                 QString("Typed by a user"));
        QVERIFY(run({"hand-over", "--back", to}).code != 0);
        QVERIFY(QFile::exists(to + "/forms/own photo.png")); // what users put there is theirs
    }

    // As one file, the data in it: worked with, handed over anew and taken back without them.
    void asOneFile()
    {
        const QString file = m_folder.filePath("one/depot.nabhand");
        QDir().mkpath(QFileInfo(file).path());
        const Ran first = run({"hand-over", m_project, file});
        QVERIFY2(first.code == 0 && first.errors.isEmpty(), qPrintable(first.output + first.errors));
        QCOMPARE(QDir(QFileInfo(file).path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot),
                 QStringList("depot.nabhand"));
        // SQLite's own program reads it, forms and rows.
        QCOMPARE(samples::sqlite3(file, "SELECT count(*) FROM buoy"), ask("SELECT count(*) FROM buoy"));
        QProcess archive;
        QDir().mkpath(m_folder.filePath("out_of_it"));
        archive.start("sqlite3", {"-A", "-xf", file, "-C", m_folder.filePath("out_of_it")});
        archive.waitForFinished();
        QFile stored(form("contractor"));
        QFile unpacked(m_folder.filePath("out_of_it/forms/contractor.nabform"));
        QVERIFY(stored.open(QIODevice::ReadOnly) && unpacked.open(QIODevice::ReadOnly));
        QCOMPARE(unpacked.readAll(), stored.readAll());
        // Opened, its forms stand on this computer and work on the rows in the file, wherever it is by then.
        QStandardPaths::setTestModeEnabled(true);
        const QString moved = m_folder.filePath("one/elsewhere.nabhand");
        QVERIFY(QFile::rename(file, moved));
        const Result<QString> start = startFormOf(moved);
        QVERIFY(start.isOk());
        QCOMPARE(QFileInfo(*start).fileName(), loadProject(m_project)->startForm + ".nabform");
        const Result<Workspace> at = openWorkspaceOfForm(*start);
        QVERIFY(at.isOk());
        QCOMPARE(at->address.part("file"), QFileInfo(moved).absoluteFilePath());
        samples::sqlite3(moved, "UPDATE buoy SET name = 'Typed by a user' WHERE buoy_id = 1");
        Form changed = *loadForm(form("contractor"));
        changed.title = "Firms";
        QVERIFY(saveForm(form("contractor"), changed).isOk());
        QVERIFY(QFile::remove(form("observer_sign_up")));
        Form begins = *loadForm(form("start"));
        for (int i = begins.controls.size() - 1; i >= 0; --i) {
            if (begins.controls.at(i).settings.value(setting::Opens) == "observer_sign_up") {
                begins.controls.removeAt(i);
            }
        }
        QVERIFY(saveForm(form(begins.name), begins).isOk());
        const Ran second = run({"hand-over", m_project, moved});
        QVERIFY2(second.code == 0 && second.output.contains("Firms"), qPrintable(second.output + second.errors));
        QCOMPARE(handedOverAs(moved)->version, 2);
        QCOMPARE(samples::sqlite3(moved, "SELECT name FROM buoy WHERE buoy_id = 1"), QString("Typed by a user"));
        QCOMPARE(*startFormOf(moved), *start);
        const QDir forms(QFileInfo(*start).absolutePath());
        QCOMPARE(loadForm(forms.filePath("contractor.nabform"))->title, QString("Firms"));
        QVERIFY(!forms.exists("observer_sign_up.nabform"));
        const Ran back = run({"hand-over", "--back", moved});
        QVERIFY2(back.code == 0, qPrintable(back.output + back.errors));
        QCOMPARE(handedOverAs(moved)->version, 1);
        QCOMPARE(samples::sqlite3(moved, "SELECT name FROM buoy WHERE buoy_id = 1"), QString("Typed by a user"));
        QVERIFY(startFormOf(moved).isOk());
        QVERIFY(loadForm(forms.filePath("contractor.nabform"))->title != "Firms");
        QVERIFY(forms.exists("observer_sign_up.nabform"));
        QCOMPARE(openWorkspaceOfForm(*start)->address.part("file"), QFileInfo(moved).absoluteFilePath());
        QVERIFY(run({"hand-over", "--back", moved}).code != 0);
        // Without the data it works on those of the project; what is something else is left alone.
        const QString bare = m_folder.filePath("one/bare.nabhand");
        QCOMPARE(run({"hand-over", m_project, bare, "--without-database"}).code, 0);
        QCOMPARE(openWorkspaceOfForm(*startFormOf(bare))->address.part("file"), m_project + "/fairway.db");
        QVERIFY(run({"hand-over", m_project, bare}).code != 0);
        QVERIFY(!handedOverAs(bare)->holdsData && handedOverAs(moved)->holdsData);
        const QString folder = m_folder.filePath("one/folder");
        QCOMPARE(run({"hand-over", m_project, folder}).code, 0);
        QVERIFY(handedOverIn(folder)->holdsData);
        const QString other = m_folder.filePath("one/other.nabhand");
        QVERIFY(QFile::copy(m_project + "/fairway.db", other));
        QVERIFY(run({"hand-over", m_project, other}).code != 0);
        QVERIFY(!startFormOf(other).isOk());
        QCOMPARE(samples::sqlite3(other, "SELECT count(*) FROM sqlite_master WHERE name = 'sqlar'"), QString("0"));
        QStandardPaths::setTestModeEnabled(false);
    }

    // What would fail its users is not handed over, nor into a folder with something else in it.
    void onlyWhatIsInOrder()
    {
        Form broken = *loadForm(form("contractor"));
        for (int i = 0; i < broken.controls.size(); ++i) {
            Control control = broken.controls.at(i);
            if (!control.column.isEmpty()) {
                control.column = "no_such_column";
                broken.controls.replace(i, control);
                break;
            }
        }
        QVERIFY(saveForm(form("contractor"), broken).isOk());
        const Ran refused = run({"hand-over", m_project, m_folder.filePath("never")});
        QCOMPARE(refused.code, 3);
        QVERIFY(refused.output.contains(broken.title));
        QVERIFY(!QFile::exists(m_folder.filePath("never")));
        const Result<Workspace> workspace = openProjectFolder(m_project);
        QVERIFY(workspace.isOk());
        QVERIFY(!handOver(*workspace, m_project, true).isOk());
        QVERIFY(!handOver(*workspace, m_folder.path(), true).isOk());
    }

    // Opened, there is a form at work and no way into Design.
    void opensInEntryAlone()
    {
        const QString to = m_folder.filePath("opened");
        QCOMPARE(run({"hand-over", m_project, to}).code, 0);
        QVERIFY(isHandedOver(handedOverIn(to)->file));
        QVERIFY(!startFormOf(m_folder.filePath("nowhere.nabhand")).isOk());
    }

    // The commands without a window: nothing on the error channel, exit codes, files whole or not there.
    void commandsWithoutAWindow()
    {
        const QString out = m_folder.filePath("out");
        QDir().mkpath(out);
        Ran ran = run({"export", form("visits"), "-o", out + "/visits.csv"});
        QCOMPARE(ran.code, 0);
        QCOMPARE(ran.errors, QString());
        QCOMPARE(ran.output.trimmed(), ask("SELECT count(*) FROM visit") + " rows");
        ran = run({"print", form("contractor"), "-o", out + "/firms.pdf", "--words", "--landscape"});
        QCOMPARE(ran.code, 0);
        QCOMPARE(ran.errors, QString());
        QVERIFY(QFileInfo(out + "/firms.pdf").size() > 1000);
        QCOMPARE(run({"export", form("visits"), "-o", out + "/visits.doc"}).code, 2);
        QCOMPARE(run({"print", form("visits"), "-o", out + "/visits.csv"}).code, 2);
        QCOMPARE(run({"export", form("nowhere"), "-o", out + "/x.csv"}).code, 1);
        QCOMPARE(run({"export", form("observer_sign_up"), "-o", out + "/x.csv"}).code, 1);
        QVERIFY(!QFile::exists(out + "/x.csv"));
        // What was written goes back in: nothing would change.
        ran = run({"export", form("part"), "-o", out + "/parts.csv"});
        QCOMPARE(ran.code, 0);
        const QString before = ask("SELECT group_concat(part_no || name || unit_price || in_stock) FROM part");
        ran = run({"import", form("part"), out + "/parts.csv", "--key", "Number"});
        QVERIFY2(ran.code == 0 && ran.output.contains("left as they are"), qPrintable(ran.output + ran.errors));
        QCOMPARE(ask("SELECT group_concat(part_no || name || unit_price || in_stock) FROM part"), before);
        // All or none, unless that is wanted.
        QFile file(out + "/new.csv");
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("Number,Name,Unit price\nZ-1,Rope,3\nZ-2,Chain,-3\n");
        file.close();
        ran = run({"import", form("part"), file.fileName()});
        QCOMPARE(ran.code, 3);
        QVERIFY2(ran.output.contains("row 2"), qPrintable(ran.output));
        QCOMPARE(ask("SELECT count(*) FROM part WHERE part_no LIKE 'Z-%'"), QString("0"));
        ran = run({"import", form("part"), file.fileName(), "--partly"});
        QCOMPARE(ask("SELECT group_concat(part_no) FROM part WHERE part_no LIKE 'Z-%'"), QString("Z-1"));
    }

    // What only says something needs no display.
    void saysWithoutADisplay()
    {
        for (const char *flag : {"--version", "--help", "-h"}) {
            const Ran ran = run({flag});
            QCOMPARE(ran.code, 0);
            QVERIFY(ran.output.contains("abblet"));
            QCOMPARE(ran.errors, QString());
        }
        QCOMPARE(run({"enter", "--help"}).code, 0);
    }

    // Ended in the middle, a file is there as a whole or not at all.
    void endedInTheMiddle()
    {
        QCOMPARE(
            ask("INSERT INTO visit (buoy_id, visited_on, crew_lead) WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT "
                "i + 1 FROM n WHERE i < 400000) SELECT 1, '2026-01-01', 'Crew ' || i FROM n"),
            QString());
        const QString out = m_folder.filePath("ended");
        QDir().mkpath(out);
        for (const int sent : {SIGTERM, SIGKILL}) {
            const QString path = out + "/visits.csv";
            QProcess process;
            process.setProcessEnvironment(environment(m_folder.path()));
            process.start(NABBLET_PROGRAM, {"export", form("visits"), "-o", path});
            QVERIFY(process.waitForStarted());
            // Once it has written something.
            const auto hasWritten = [&] {
                QFile told(QString("/proc/%1/io").arg(process.processId()));
                const QByteArray text = told.open(QIODevice::ReadOnly) ? told.readAll() : QByteArray();
                const qsizetype at = text.indexOf("wchar: ");
                return at >= 0 && text.mid(at + 7, text.indexOf('\n', at) - at - 7).toLongLong() > 500'000;
            };
            while (process.state() != QProcess::NotRunning && !hasWritten()) {
                QCoreApplication::processEvents();
            }
            if (process.processId() > 0) { // 0 would be everybody
                ::kill(static_cast<pid_t>(process.processId()), sent);
            }
            process.waitForFinished(30000);
            if (process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0) {
                QVERIFY(QFile::remove(path)); // it was faster
                continue;
            }
            QVERIFY(!QFile::exists(path));
            QVERIFY(sent == SIGKILL || process.exitCode() == 130);
        }
    }
};

QTEST_MAIN(TestHandOver)
#include "tst_hand_over.moc"
