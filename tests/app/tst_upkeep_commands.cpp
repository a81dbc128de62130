// check, reconcile, diff and merge from the command line, and with a real git.
#include "core/file/form_file.h"
#include "core/kinds/kind.h"
#include "support/sample_database.h"

#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTest>

using namespace nabblet;

class TestUpkeepCommands : public QObject
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
    Ran ran(const QString &program, const QStringList &arguments, const QString &folder = {}) const
    {
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        environment.insert("XDG_RUNTIME_DIR", m_folder.path());
        environment.insert("XDG_CONFIG_HOME", m_folder.filePath("settings"));
        environment.insert("QT_LOGGING_RULES", "qt.qpa.*=false");
        environment.insert("HOME", m_folder.path());
        for (const char *who : {"AUTHOR", "COMMITTER"}) {
            environment.insert(QString("GIT_%1_NAME").arg(who), "Ansa Holm");
            environment.insert(QString("GIT_%1_EMAIL").arg(who), "ansa@nabharbour.example");
        }
        process.setProcessEnvironment(environment);
        if (!folder.isEmpty()) {
            process.setWorkingDirectory(folder);
        }
        process.start(program, arguments);
        process.waitForFinished(60000);
        return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1,
                QString::fromUtf8(process.readAllStandardOutput()), QString::fromUtf8(process.readAllStandardError())};
    }
    Ran run(const QStringList &arguments) const { return ran(NABBLET_PROGRAM, arguments); }
    QString form(const QString &name) const { return m_project + "/forms/" + name + ".nabform"; }
    QString ask(const QString &sql) const { return samples::sqlite3(m_project + "/fairway.db", sql); }
    static Form changed(const Form &form, const QString &name, const std::function<void(Control &)> &change)
    {
        Form result = form;
        for (int i = 0; i < form.controls.size(); ++i) {
            Control control = form.controls.at(i);
            if (control.name == name) {
                change(control);
                result.controls.replace(i, control);
            }
        }
        return result;
    }
    static const Control *named(const Form &form, const QString &name)
    {
        for (const Control &control : form.controls) {
            if (control.name == name) {
                return &control;
            }
        }
        return nullptr;
    }

private Q_SLOTS:
    void init() { m_project = samples::depotProject(m_folder); }

    void aProjectInOrderIsInOrder()
    {
        const Ran check = run({"check", m_project, "--values"});
        QVERIFY2(check.code == 0, qPrintable(check.output + check.errors));
        QVERIFY2(check.output.contains("2 forms: 0 to fix, 0 to weigh"), qPrintable(check.output));
        const Ran reconcile = run({"reconcile", m_project});
        QCOMPARE(reconcile.code, 0);
        QCOMPARE(reconcile.output, QString());
    }

    void whatIsWrongIsReported()
    {
        const Form sound = *loadForm(form("visit"));
        QVERIFY(
            saveForm(form("visit"), changed(sound, "drop_buoy_id", [](Control &control) { control.column = "gone"; })));
        const Ran text = run({"check", form("visit")});
        QCOMPARE(text.code, 3);
        QVERIFY2(text.output.contains("visit.nabform:") && text.output.contains("to fix"), qPrintable(text.output));
        const Ran sarif = run({"check", m_project, "--format", "sarif"});
        QCOMPARE(sarif.code, 3);
        const QJsonObject run1 = QJsonDocument::fromJson(sarif.output.toUtf8()).object()["runs"][0].toObject();
        QVERIFY(!run1["results"].toArray().isEmpty());
        QCOMPARE(run({"check", m_project, "--format", "junit"}).code, 3);
        QCOMPARE(run({"check", m_project, "--format", "prose"}).code, 2);
        QCOMPARE(run({"check", m_folder.filePath("nowhere")}).code, 1);
        // Only to be weighed: in order, unless one is strict.
        QVERIFY(saveForm(form("visit"),
                         changed(sound, "drop_buoy_id", [](Control &control) { control.place.translate(0, 3); })));
        QCOMPARE(run({"check", m_project}).code, 0);
        QCOMPARE(run({"check", m_project, "--strict"}).code, 3);
    }

    void aProjectFollowsItsTables()
    {
        QCOMPARE(ask("ALTER TABLE buoy RENAME COLUMN asset_no TO asset_number; ALTER TABLE visit ADD COLUMN tide TEXT"),
                 QString());
        QCOMPARE(run({"check", m_project}).code, 3);
        const QByteArray before = writeForm(*loadForm(form("buoy")));
        const Ran told = run({"reconcile", m_project});
        QCOMPARE(told.code, 3); // somebody has to say whether a box is wanted
        QVERIFY2(told.output.contains("is called “asset_number” now"), qPrintable(told.output));
        QVERIFY2(told.output.contains("“visit.tide” is new"), qPrintable(told.output));
        QCOMPARE(writeForm(*loadForm(form("buoy"))), before); // nothing is written unasked
        const Ran done = run({"reconcile", m_project, "--apply", "certain"});
        QVERIFY2(done.output.contains("2 forms were changed"), qPrintable(done.output));
        const Form after = *loadForm(form("buoy"));
        bool isBound = false;
        for (const Control &control : after.controls) {
            isBound = isBound || control.column == QLatin1String("asset_number");
            QVERIFY(control.column != QLatin1String("asset_no"));
        }
        QVERIFY(isBound);
        const Ran again = run({"reconcile", m_project, "--apply", "certain"});
        QVERIFY2(again.output.contains("0 forms were changed"), qPrintable(again.output));
        // What nobody was asked is not taken for answered.
        QCOMPARE(again.code, 3);
        QVERIFY2(again.output.contains("“visit.tide” is new"), qPrintable(again.output));
        QCOMPARE(run({"check", m_project}).code, 0);
        QCOMPARE(run({"reconcile", m_project, "--apply", "all"}).code, 2);
    }

    void differencesInSentencesAndInAPicture()
    {
        const Form before = *loadForm(form("visit"));
        const QString later = m_folder.filePath("later.nabform");
        Form after = changed(before, "drop_buoy_id", [](Control &control) { control.place.translate(0, 8); });
        after.title = "Call";
        QVERIFY(saveForm(later, after));
        const QString picture = m_folder.filePath("both.png");
        const Ran diff = run({"diff", form("visit"), later, "-o", picture});
        QCOMPARE(diff.code, 0);
        QVERIFY2(diff.output.contains("moved by 0, 8 px") && diff.output.contains("“Call”"), qPrintable(diff.output));
        const QImage image(picture);
        QVERIFY(image.width() > 2 * before.width);
        QCOMPARE(run({"diff", later, later}).output, QString());
        QVERIFY(run({"diff", later}).output.contains("bound to buoy_id"));
        QCOMPARE(run({"diff", "/dev/null", later}).code, 0); // a new form, as git has it
        QCOMPARE(run({"diff", m_folder.filePath("none.nabform"), later}).code, 1);
    }

    // Two branches, a real git: put together where they can be, asked about where they clash, never broken.
    void branchesInGit()
    {
        const QString repository = m_project;
        const auto git = [&](const QStringList &arguments) { return ran("git", arguments, repository); };
        QCOMPARE(git({"init", "-q", "-b", "main"}).code, 0);
        QFile attributes(repository + "/.gitattributes");
        QVERIFY(attributes.open(QIODevice::WriteOnly));
        attributes.write("*.nabform merge=nabform diff=nabform\n");
        attributes.close();
        QCOMPARE(
            git({"config", "merge.nabform.driver", QString("'%1' merge %O %A %B -o %A").arg(NABBLET_PROGRAM)}).code, 0);
        QCOMPARE(git({"config", "diff.nabform.textconv", QString("'%1' diff").arg(NABBLET_PROGRAM)}).code, 0);
        const auto commit = [&](const QString &words) {
            return git({"add", "-A"}).code == 0 && git({"commit", "-q", "-m", words}).code == 0;
        };
        QVERIFY(commit("As it was"));
        const Form base = *loadForm(form("visit"));
        const auto put = [&](const Form &now) { QVERIFY(saveForm(form("visit"), now)); };

        QCOMPARE(git({"checkout", "-q", "-b", "words"}).code, 0);
        put(changed(base, "caption_buoy_id", [](Control &control) { control.text = "Mark"; }));
        QVERIFY(commit("Words"));
        const Ran shown = git({"show", "HEAD"});
        QVERIFY2(shown.output.contains("+caption “Mark”"), qPrintable(shown.output));

        QCOMPARE(git({"checkout", "-q", "main"}).code, 0);
        put(changed(base, "drop_buoy_id",
                    [](Control &control) { control.place.setWidth(control.place.width() + 16); }));
        QVERIFY(commit("Width"));
        const Ran easy = git({"merge", "-q", "--no-edit", "words"});
        QVERIFY2(easy.code == 0, qPrintable(easy.output + easy.errors));
        const Form both = *loadForm(form("visit"));
        QCOMPARE(named(both, "caption_buoy_id")->text, QString("Mark"));
        QCOMPARE(named(both, "drop_buoy_id")->place.width(), named(base, "drop_buoy_id")->place.width() + 16);
        QVERIFY(both.undecided.isEmpty());

        // Both change the same words.
        QCOMPARE(git({"checkout", "-q", "-b", "other"}).code, 0);
        put(changed(both, "caption_buoy_id", [](Control &control) { control.text = "Seamark"; }));
        QVERIFY(commit("Seamark"));
        QCOMPARE(git({"checkout", "-q", "main"}).code, 0);
        put(changed(both, "caption_buoy_id", [](Control &control) { control.text = "Buoy no."; }));
        QVERIFY(commit("Number"));
        const Ran clash = git({"merge", "--no-edit", "other"});
        QVERIFY(clash.code != 0);
        QVERIFY2((clash.output + clash.errors).contains("Two people changed"), qPrintable(clash.output + clash.errors));
        const Result<Form> open = loadForm(form("visit"));
        QVERIFY(open.isOk()); // no marks in the file that nothing can read
        QCOMPARE(open->undecided.size(), 1);
        QCOMPARE(named(*open, "caption_buoy_id")->text, QString("Buoy no."));
        QCOMPARE(run({"check", form("visit")}).code, 3); // until somebody decides
    }
};

QTEST_GUILESS_MAIN(TestUpkeepCommands)
#include "tst_upkeep_commands.moc"
