// The program from the command line, as a process of its own.
#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/reconcile/memory.h"
#include "support/sample_database.h"

#include <QImage>
#include <QImageReader>
#include <QSvgRenderer>
#include <QTest>
#include <QXmlStreamReader>

using namespace nabblet;

class TestCommandLine : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_database;
    QString m_project;

    struct Ran
    {
        int code = -1;
        QString output;
        QString errors;
    };

    Ran run(const QStringList &arguments) const
    {
        QProcess process;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        environment.insert("XDG_RUNTIME_DIR", m_folder.path());
        environment.insert("XDG_CONFIG_HOME", m_folder.filePath("settings"));
        environment.insert("QT_LOGGING_RULES", "qt.qpa.*=false");
        process.setProcessEnvironment(environment);
        process.start(NABBLET_PROGRAM, arguments);
        process.waitForFinished(60000);
        return {process.exitStatus() == QProcess::NormalExit ? process.exitCode() : -1,
                QString::fromUtf8(process.readAllStandardOutput()), QString::fromUtf8(process.readAllStandardError())};
    }

private Q_SLOTS:
    void initTestCase()
    {
        m_project = m_folder.filePath("depot");
        QDir().mkpath(m_project + "/forms");
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/project.nabblet", m_project + "/project.nabblet"));
        QVERIFY(QFile::copy(NABBLET_ROOT "/demo/fairway-depot/forms/buoy.nabform", m_project + "/forms/buoy.nabform"));
        QVERIFY(QFile::rename(samples::fairwayDatabase(m_folder), m_project + "/fairway.db"));
        m_database = m_project + "/fairway.db";
    }

    // What README lists is there, and the manual page and the completion know of it.
    void everyCommandIsWrittenOf()
    {
        const auto text = [](const char *path) {
            QFile file(QStringLiteral(NABBLET_ROOT "/") + path);
            return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
        };
        const QString manual = text("packaging/man/nabblet.1").remove('\\');
        const QString completion = text("packaging/completion.bash");
        static const QRegularExpression listed("\n    nabblet ([a-z-]+) ");
        QStringList commands;
        for (QRegularExpressionMatchIterator all = listed.globalMatch(text("README.md")); all.hasNext();) {
            commands.append(all.next().captured(1));
        }
        commands.removeDuplicates();
        QVERIFY(commands.size() > 10);
        for (const QString &command : std::as_const(commands)) {
            QVERIFY2(manual.contains(".BI " + command + ' '), qPrintable(command));
            QVERIFY2(completion.contains(QRegularExpression("commands=\"[^\"]*\\b" + command + "\\b")),
                     qPrintable(command));
            const Ran help = run({command, "--help"});
            QVERIFY2(help.code == 0 && help.output.contains("nabblet " + command), qPrintable(help.output));
        }
    }

    void helpIsGiven()
    {
        for (const QStringList &call :
             {QStringList{"--help"}, {"draft", "--help"}, {"render", "--help"}, {"enter", "--help"}}) {
            const Ran ran = run(call);
            QCOMPARE(ran.code, 0);
            QVERIFY2(ran.output.startsWith("Usage: "), qPrintable(ran.output));
            QVERIFY(ran.errors.isEmpty());
        }
        QVERIFY(run({"--help"}).output.contains("nabblet draft"));
        QVERIFY(run({"--version"}).output.startsWith("nabblet 0."));
    }

    void mistakesInTheCallAreExplained_data()
    {
        QTest::addColumn<QStringList>("call");
        QTest::addColumn<QString>("errors");
        QTest::newRow("nothing to draft") << QStringList{"draft"} << "something is missing in the call";
        QTest::newRow("too much") << QStringList{"draft", "a", "b", "c"} << "there is too much in the call";
        QTest::newRow("unknown option") << QStringList{"render", "x", "--sideways"} << "sideways";
        QTest::newRow("no output") << QStringList{"render", "x"} << "say where to write with -o FILE";
        QTest::newRow("no such format") << QStringList{"render", "x", "-o", "y.doc"}
                                        << "the file to write ends in .png, .jpg, .svg or .pdf";
        QTest::newRow("side") << QStringList{"render", "x", "-o", "y.png", "--side", "back"}
                              << "--side takes design or entry";
        QTest::newRow("record") << QStringList{"render", "x", "-o", "y.png", "--record", "first"}
                                << "--record takes a number";
        QTest::newRow("columns") << QStringList{"draft", "x", "y", "--columns", "9"}
                                 << "--columns takes a number from 1 to 4";
    }

    void mistakesInTheCallAreExplained()
    {
        QFETCH(QStringList, call);
        QFETCH(QString, errors);
        const Ran ran = run(call);
        QCOMPARE(ran.code, 2);
        QVERIFY2(ran.errors.contains(errors), qPrintable(ran.errors));
        QVERIFY(ran.output.isEmpty());
    }

    void aDraftIsWritten()
    {
        const Ran ran = run({"draft", m_database, "visit"});
        QCOMPARE(ran.code, 0);
        const Result<Form> form = readForm(ran.output.toUtf8());
        QVERIFY(form.isOk());
        QCOMPARE(form->rowsFrom, "visit");
        const QString path = m_folder.filePath("two/visit.nabform");
        QCOMPARE(run({"draft", m_database, "visit", "-o", path, "--columns", "2"}).code, 0);
        const Result<Form> stored = loadForm(path);
        QVERIFY(stored.isOk());
        QCOMPARE(stored->rails.size(), 2);
    }

    // Every form that the program writes keeps to the published schema.
    void draftsKeepToTheSchema()
    {
        QStringList files;
        const Catalogue catalogue = *samples::opened(m_database).readCatalogue();
        for (const Table &table : catalogue.tables) {
            const QString path = m_folder.filePath("schema/" + table.name + ".nabform");
            QCOMPARE(run({"draft", m_database, table.name, "-o", path}).code, 0);
            files.append(path);
        }
        // With everything that a form can hold: rows, buttons, totals, options, linked columns.
        const QString all = m_folder.filePath("schema/all.nabform");
        const QString choices = m_folder.filePath("choices.json");
        QFile plan(choices);
        QVERIFY(plan.open(QIODevice::WriteOnly));
        plan.write(R"({"columns": [{"column": "phone", "through": "contractor_id"}], "children": [
            {"table": "visit", "place": "button", "totals": true, "children": [{"table": "part_fitted"}]}]})");
        plan.close();
        QCOMPARE(run({"draft", m_database, "buoy", "--plan", choices, "--tabular", "--totals", "-o", all}).code, 0);
        files.append(all);
        QProcess check;
        check.setProcessChannelMode(QProcess::MergedChannels);
        check.start("/usr/bin/python3", QStringList{NABBLET_ROOT "/tests/support/check_schema.py",
                                                    NABBLET_ROOT "/docs/nabform.schema.json"} +
                                            files);
        QVERIFY(check.waitForFinished(60000));
        QVERIFY2(check.exitCode() == 0 && files.size() == 14, check.readAll().constData());
    }

    void everyChoiceHasAFlag()
    {
        const QString path = m_folder.filePath("flags.nabform");
        QCOMPARE(run({"draft",     m_database,
                      "visit",     "--arrangement",
                      "tabular",   "--rows",
                      "7",         "--repeat-captions",
                      "--only",    "visited_on,buoy_id,hours,crew_lead",
                      "--people",  "see,add",
                      "--names",   "{column}_x",
                      "--look",    "Chart room",
                      "--title",   "Short",
                      "--spacing", "tight",
                      "--widths",  "same",
                      "--totals",  "--children",
                      "buttons",   "-o",
                      path})
                     .code,
                 0);
        const Result<Form> form = loadForm(path);
        QVERIFY(form.isOk());
        QCOMPARE(form->rowsShown, 7);
        for (const char *column : {"visited_on", "buoy_id", "hours", "crew_lead"}) {
            QVERIFY(remembered(*form, "visit", column));
        }
        QVERIFY(!remembered(*form, "visit", "remarks")); // which it does not use
        QCOMPARE(form->title, "Short");
        QCOMPARE(form->look, "Chart room");
        QVERIFY(form->permissions.add && !form->permissions.change);
        QSet<int> widths;
        QStringList kinds;
        for (const Control &control : form->controls) {
            kinds.append(control.kind);
            if (!control.column.isEmpty()) {
                QVERIFY(control.name.endsWith("_x"));
                widths.insert(control.place.width());
            }
        }
        QCOMPARE(widths.size(), 1);
        QVERIFY(kinds.contains("button") && kinds.contains("total") && !kinds.contains("subform"));
        // A plan that was printed gives the same form again.
        const Ran printed = run({"draft", m_database, "visit", "--stacked", "--print-plan"});
        QCOMPARE(printed.code, 0);
        QFile file(m_folder.filePath("plan.json"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(printed.output.toUtf8());
        file.close();
        QCOMPARE(run({"draft", m_database, "visit", "--plan", file.fileName()}).output,
                 run({"draft", m_database, "visit", "--stacked"}).output);
        // Rows of a SELECT, an empty form, a page pattern.
        const Ran own =
            run({"draft", m_database, "--select", "SELECT visit_id, hours, hours * 2 AS twice FROM visit;"});
        QCOMPARE(own.code, 0);
        const Result<Form> select = readForm(own.output.toUtf8());
        QVERIFY(select && select->select == "SELECT visit_id, hours, hours * 2 AS twice FROM visit");
        QCOMPARE(select->title, "Visit");
        QVERIFY(!select->permissions.add);
        QVERIFY(run({"draft", m_database, "--select", "SELECT nothing"}).errors.contains("not understood"));
        const Result<Form> page =
            readForm(run({"draft", m_database, "--pattern", "3", "--title", "Page"}).output.toUtf8());
        QVERIFY(page && page->rails.size() == 3 && page->title == "Page" && page->rowsFrom.isEmpty());
        const Result<Form> none = readForm(run({"draft", m_database, "--empty"}).output.toUtf8());
        QVERIFY(none && none->rails.isEmpty() && none->rowsFrom.isEmpty());
        QCOMPARE(run({"draft", m_database, "visit", "--empty"}).code, 2);
        QCOMPARE(run({"draft", m_database, "--pattern", "9"}).code, 2);
        QCOMPARE(run({"draft", m_database, "visit", "--arrangement", "round"}).code, 1);
        QCOMPARE(run({"draft", m_database, "visit", "--children", "many"}).code, 2);
    }

    void aWholeDatabaseIsDraftedAndFailuresDoNotStopIt()
    {
        const QString database = m_folder.filePath("all.db");
        samples::sqlite3(
            database,
            "CREATE TABLE person (id INTEGER PRIMARY KEY, vat_code TEXT); CREATE TABLE \"a/b\" (x TEXT);"
            "CREATE TABLE \"A/B!\" (x TEXT); CREATE VIEW fails AS SELECT abs(-9223372036854775807 - 1) AS n;");
        const QString project = m_folder.filePath("everything");
        Ran ran = run({"draft", "--all", database, "-o", project});
        QCOMPARE(ran.code, 1);
        QVERIFY2(ran.output.contains("3 forms drafted."), qPrintable(ran.output + ran.errors));
        QVERIFY2(ran.errors.contains("One table has no form:") && ran.errors.contains("fails: "),
                 qPrintable(ran.errors));
        QCOMPARE(QDir(project + "/forms").entryList({"*.nabform"}).size(), 3);
        const Result<Project> made = loadProject(project);
        QVERIFY(made && QFileInfo(project + '/' + made->database.part("file")) == QFileInfo(database));
        // A second time, nothing is overwritten unasked.
        ran = run({"draft", "--all", database, "-o", project});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("--replace"));
        // The project's words and names are used.
        Project with = *made;
        with.words = {{"vat", "tax"}};
        with.namingPattern = "{column}";
        QVERIFY(saveProject(project, with).isOk());
        samples::sqlite3(database, "DROP VIEW fails");
        ran = run({"draft", "--all", database, "-o", project, "--replace"});
        QCOMPARE(ran.code, 0);
        const Result<Form> person = loadForm(project + "/forms/person.nabform");
        QVERIFY(person.isOk());
        QStringList texts;
        for (const Control &control : person->controls) {
            texts.append(control.text);
            QVERIFY(control.column.isEmpty() || control.name == control.column);
        }
        QVERIFY(texts.contains("Tax code"));
        QCOMPARE(run({"draft", "--all", database}).code, 2);
        QCOMPARE(run({"draft", "--all", database, "person", "-o", project}).code, 2);
    }

    void whatIsNotThereIsSaid()
    {
        Ran ran = run({"draft", m_database, "lighthouse"});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("no table or view “lighthouse”. It has: buoy, "));
        ran = run({"draft", m_folder.filePath("none.db"), "buoy"});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("There is no database file"));
        ran = run({"render", m_folder.filePath("none.nabform"), "-o", "x.png"});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("There is no file"));
        QVERIFY(QDir().mkpath(m_folder.filePath("far/away")));
        const QString lonely = m_folder.filePath("far/away/lonely.nabform");
        QVERIFY(QFile::copy(m_project + "/forms/buoy.nabform", lonely));
        ran = run({"render", lonely, "-o", m_folder.filePath("x.png")});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("belongs to no project"));
        QCOMPARE(run({"render", lonely, "-o", m_folder.filePath("x.png"), "--database", m_database}).code, 0);
        ran = run({"render", m_project + "/forms/buoy.nabform", "-o", m_folder.filePath("no/such/x.png")});
        QCOMPARE(ran.code, 1);
        QVERIFY(ran.errors.contains("cannot be written"));
        ran = run({"render", m_project + "/forms/buoy.nabform", "-o", m_folder.filePath("x.png"), "--record", "1000"});
        QVERIFY(ran.errors.contains("There is no record 1000; there are 212."));
    }

    void formsAreRendered()
    {
        QList<QImage> images;
        for (const QStringList &options :
             {QStringList{}, {"--record", "14"}, {"--record", "0"}, {"--side", "design"}, {"--dark"}}) {
            const QString path = m_folder.filePath(QString("shot%1.png").arg(images.size()));
            const Ran ran = run(QStringList{"render", m_project + "/forms/buoy.nabform", "-o", path} + options);
            QVERIFY2(ran.code == 0, qPrintable(ran.errors));
            const QImage image(path);
            QVERIFY(image.width() > 700 && image.height() > 400);
            for (const QImage &other : images) {
                QVERIFY(other != image);
            }
            images.append(image);
        }
    }

    // Drawings and pages keep the words as words; both are read by programs that are not this one.
    void drawingsAndPagesHaveTheFormsWords()
    {
        const QString form = m_project + "/forms/buoy.nabform";
        const QString photograph = m_folder.filePath("buoy.jpg");
        QCOMPARE(run({"render", form, "-o", photograph}).code, 0);
        QCOMPARE(QImageReader(photograph).format(), QByteArray("jpeg"));
        QVERIFY(QImage(photograph).width() > 300);
        const QString drawing = m_folder.filePath("buoy.svg");
        QCOMPARE(run({"render", form, "-o", drawing}).code, 0);
        QFile svg(drawing);
        QVERIFY(svg.open(QIODevice::ReadOnly));
        QXmlStreamReader xml(&svg);
        QString words;
        while (!xml.atEnd()) {
            if (xml.readNext() == QXmlStreamReader::Characters) {
                words += xml.text();
            }
        }
        QVERIFY2(!xml.hasError(), qPrintable(xml.errorString()));
        QVERIFY(words.contains("Fairway") && words.contains("On station"));
        QSvgRenderer picture(drawing);
        QVERIFY(picture.isValid() && picture.defaultSize().width() > 700);

        const QString page = m_folder.filePath("buoy.PDF");
        QCOMPARE(run({"render", form, "-o", page, "--record", "0"}).code, 0);
        QFile pdf(page);
        QVERIFY(pdf.open(QIODevice::ReadOnly));
        const QByteArray bytes = pdf.readAll();
        QVERIFY(bytes.startsWith("%PDF-") && bytes.trimmed().endsWith("%%EOF"));
        QVERIFY(bytes.contains("/Type /Page"));
        QCOMPARE(run({"render", form, "-o", m_folder.filePath("no/such/x.svg")}).code, 1);
        QCOMPARE(run({"render", form, "-o", m_folder.filePath("no/such/x.pdf")}).code, 1);
    }

    void aFormForATableThatIsGoneIsSaid()
    {
        Form form = *loadForm(m_project + "/forms/buoy.nabform");
        form.rowsFrom = "lighthouse";
        const QString path = m_project + "/forms/gone.nabform";
        QVERIFY(saveForm(path, form).isOk());
        const Ran ran = run({"render", path, "-o", m_folder.filePath("x.png")});
        QCOMPARE(ran.code, 1);
        QVERIFY2(ran.errors.contains("no table “lighthouse” any more"), qPrintable(ran.errors));
    }
};

QTEST_GUILESS_MAIN(TestCommandLine)
#include "tst_command_line.moc"
