// What belongs to what on the disk: projects, forms, databases.
#include "app/workspace.h"
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "support/sample_database.h"
#include "support/sample_forms.h"

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

    void savingTheFirstFormMakesAProject()
    {
        Result<Workspace> workspace = openDatabaseFile(m_database);
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
        QCOMPARE(project->database, "../fairway.db");
        // The project found from the form opens the same database.
        const Result<Workspace> again = openWorkspaceOfForm(form);
        QVERIFY(again.isOk() && again->connection);
        QCOMPARE(again->address.file, m_database);
        QCOMPARE(again->catalogue.tables.size(), workspace->catalogue.tables.size());
    }

    void anExistingProjectIsLeftAlone()
    {
        Project project;
        project.name = "Theirs";
        project.database = "../fairway.db";
        QVERIFY(saveProject(m_folder.filePath("theirs"), project).isOk());
        Result<Workspace> workspace = openDatabaseFile(m_database);
        QVERIFY(ensureProject(*workspace, m_folder.filePath("theirs/forms/x.nabform")).isOk());
        QCOMPARE(loadProject(m_folder.filePath("theirs"))->name, "Theirs");
        QCOMPARE(workspace->project.name, "Theirs");
    }

    void aProjectOpensWithoutItsDatabase()
    {
        Project project;
        project.name = "Lost";
        project.database = "gone.db";
        QVERIFY(saveProject(m_folder.filePath("lost"), project).isOk());
        const Result<Workspace> workspace = openProjectFolder(m_folder.filePath("lost"));
        QVERIFY(workspace.isOk() && !workspace->connection);
        QVERIFY(workspace->databaseError.sentence.contains("gone.db"));
    }

    void whatCannotBeOpenedSaysSo()
    {
        QVERIFY(openProjectFolder(m_folder.filePath("nowhere")).error().sentence.contains("project.nabblet"));
        QVERIFY(openWorkspaceOfForm("/nowhere/form.nabform").error().sentence.contains("belongs to no project"));
        QVERIFY(openDatabaseFile("/nowhere/x.db").error().sentence.contains("There is no database file"));
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
