// What belongs to what on the disk: projects, forms, databases.
#include "app/work/project_names.h"
#include "app/work/workspace.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

#include <QDir>
#include <QFile>
#include <QTest>

using namespace nabblet;

class TestWorkspace : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_database;

private Q_SLOTS:
    void initTestCase() { m_database = samples::fairwayDatabase(m_folder); }

    void pathsTellTheirKind()
    {
        QCOMPARE(kindOfPath(m_folder.path()), PathKind::Project);
        QCOMPARE(kindOfPath("/depot/project.nabblet"), PathKind::Project);
        QCOMPARE(kindOfPath("/depot/forms/buoy.nabform"), PathKind::Form);
        QCOMPARE(kindOfPath("/depot/fairway.db"), PathKind::Database);
        QCOMPARE(kindOfPath("fairway"), PathKind::Database);
    }

    // Every use of a form's name follows, in buttons, in subforms, in forms inside forms, and as the first form.
    void aRenamedFormIsFoundEverywhere()
    {
        const QString folder = m_folder.filePath("renaming");
        QVERIFY(QDir().mkpath(formsFolder(folder)));
        Project project;
        project.name = "Renaming";
        project.startForm = "visits";
        QVERIFY(saveProject(folder, project).isOk());
        const auto pathOf = [&](const QString &name) { return formsFolder(folder) + "/" + name + ".nabform"; };
        Form visits = samples::columnOfFields(1);
        visits.name = "visits";
        QVERIFY(saveForm(pathOf("visits"), visits).isOk());
        Form outer = samples::columnOfFields(1);
        Control button;
        button.id = nextControlId(outer);
        button.kind = "button";
        button.name = "open_visits";
        button.settings = samples::settingsOf({{"action", "open-form"}, {"opens", "visits"}});
        outer.controls.append(button);
        Form deep = samples::columnOfFields(1);
        Control rows = button;
        rows.kind = "subform";
        rows.name = "rows";
        rows.id = nextControlId(outer);
        rows.settings = {};
        button.id = nextControlId(deep);
        deep.controls.append(button);
        rows.inner = InnerForm(deep);
        outer.controls.append(rows);
        QVERIFY(saveForm(pathOf("outer"), outer).isOk());
        QVERIFY(saveForm(pathOf("other"), samples::columnOfFields(2)).isOk());

        QVERIFY(!renameForm(folder, "visits", "other").isOk()); // taken
        QVERIFY(!renameForm(folder, "gone", "anything").isOk());
        const Result<QStringList> renamed = renameForm(folder, "visits", "calls");
        QVERIFY(renamed.isOk() && renamed->isEmpty());
        QCOMPARE(formFiles(folder), QStringList({"calls.nabform", "other.nabform", "outer.nabform"}));
        QCOMPARE(loadForm(pathOf("calls"))->name, "calls");
        QFile file(pathOf("outer"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray text = file.readAll();
        QCOMPARE(text.count("\"opens\": \"calls\""), 2);
        QVERIFY(!text.contains("\"opens\": \"visits\""));
        QCOMPARE(loadProject(folder)->startForm, "calls");
    }

    void savingTheFirstFormMakesAProject()
    {
        Result<Workspace> workspace = openDatabase(addressOfFile(m_database));
        QVERIFY(workspace.isOk());
        QVERIFY(workspace->projectFolder.isEmpty());
        QCOMPARE(workspaceTitle(*workspace), "fairway.db");
        const QString form = m_folder.filePath("depot/forms/buoy.nabform");
        QVERIFY(saveForm(form, samples::columnOfFields(1)).isOk());
        QVERIFY(ensureProject(*workspace, form).isOk());
        QCOMPARE(workspace->projectFolder, m_folder.filePath("depot"));
        QCOMPARE(workspaceTitle(*workspace), "Fairway");
        const Result<Project> project = loadProject(m_folder.filePath("depot"));
        QVERIFY(project.isOk());
        QCOMPARE(project->database.part("file"), "../fairway.db");
        // The project found from the form opens the same database.
        const Result<Workspace> again = openWorkspaceOfForm(form);
        QVERIFY(again.isOk() && again->connection);
        QCOMPARE(again->address.part("file"), m_database);
        QCOMPARE(again->catalogue.tables.size(), workspace->catalogue.tables.size());
    }

    void anExistingProjectIsLeftAlone()
    {
        Project project;
        project.name = "Theirs";
        project.database = addressOfFile("../fairway.db");
        QVERIFY(saveProject(m_folder.filePath("theirs"), project).isOk());
        Result<Workspace> workspace = openDatabase(addressOfFile(m_database));
        QVERIFY(ensureProject(*workspace, m_folder.filePath("theirs/forms/x.nabform")).isOk());
        QCOMPARE(loadProject(m_folder.filePath("theirs"))->name, "Theirs");
        QCOMPARE(workspace->project.name, "Theirs");
    }

    void aProjectOpensWithoutItsDatabase()
    {
        Project project;
        project.name = "Lost";
        project.database = addressOfFile("gone.db");
        QVERIFY(saveProject(m_folder.filePath("lost"), project).isOk());
        const Result<Workspace> workspace = openProjectFolder(m_folder.filePath("lost"));
        QVERIFY(workspace.isOk() && !workspace->connection);
        QVERIFY(workspace->databaseError.sentence.contains("gone.db"));
    }

    void whatCannotBeOpenedSaysSo()
    {
        QVERIFY(openProjectFolder(m_folder.filePath("nowhere")).error().sentence.contains("project.nabblet"));
        QVERIFY(openWorkspaceOfForm("/nowhere/form.nabform").error().sentence.contains("belongs to no project"));
        QVERIFY(openDatabase(addressOfFile("/nowhere/x.db")).error().sentence.contains("There is no database file"));
        QDir().mkpath(m_folder.filePath("bad"));
        QFile bad(m_folder.filePath("bad/project.nabblet"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{\"project\": 1, \"name\": 5}");
        bad.close();
        QVERIFY2(openProjectFolder(m_folder.filePath("bad")).error().sentence.contains("at /name: a text was expected"),
                 qPrintable(openProjectFolder(m_folder.filePath("bad")).error().sentence));
    }
};

QTEST_GUILESS_MAIN(TestWorkspace)
#include "tst_workspace.moc"
