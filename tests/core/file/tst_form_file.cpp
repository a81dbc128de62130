#include "core/file/form_file.h"
#include "core/file/project_file.h"
#include "core/file/whole_file.h"
#include "core/model/written_address.h"
#include "support/sample_forms.h"

#include <QJsonDocument>
#include <QTemporaryDir>
#include <QTest>

#include <csignal>
#include <sys/resource.h>

using namespace nabblet;

class TestFormFile : public QObject
{
    Q_OBJECT

    static QByteArray sample() { return writeForm(samples::columnOfFields(3)); }

    static QByteArray with(const QByteArray &part, const QByteArray &instead)
    {
        QByteArray text = sample();
        Q_ASSERT(text.contains(part));
        return text.replace(text.indexOf(part), part.size(), instead);
    }

private Q_SLOTS:
    void writtenAndReadIsTheSameForm()
    {
        QRandomGenerator random(1);
        for (int i = 0; i < 60; ++i) {
            const Form form = samples::anyForm(random, i);
            const Result<Form> read = readForm(writeForm(form));
            QVERIFY2(read.isOk(), qPrintable(read.error().sentence));
            QVERIFY(*read == form);
            QCOMPARE(writeForm(*read), writeForm(form));
        }
    }

    // Rows had another key in the first files; those are read for good, what a newer version put in there too.
    void rowsOfTheFirstFilesAreRead()
    {
        const Form form = samples::columnOfFields(2);
        const QByteArray now = writeForm(form);
        QVERIFY(now.contains("\"rows\": {\"table\": \"sample\"}"));
        QByteArray old = now;
        old.replace("\"rows\": {\"table\": \"sample\"}", "\"rowSource\": {\"table\": \"sample\", \"later\": 1}");
        const Result<Form> read = readForm(old);
        QVERIFY2(read.isOk(), read ? "" : qPrintable(read.error().sentence));
        QCOMPARE(read->rowsFrom, "sample");
        const QByteArray again = writeForm(*read);
        QVERIFY(again.contains("\"rows\": {\"table\": \"sample\", \"later\": 1}"));
        QVERIFY(!again.contains("rowSource"));
    }

    // Forms inside forms go eight deep; deeper ones are a mistake that is named, and never left out without a word.
    void formsTooDeepAreNamed()
    {
        for (const bool isRow : {false, true}) {
            Form form = samples::columnOfFields(1);
            for (int depth = 1; depth <= 9; ++depth) {
                Form outer = samples::columnOfFields(1);
                if (isRow) {
                    outer.rowPanel = RowPanel::InPlace;
                    outer.rowForm = InnerForm(form);
                } else {
                    Control rows;
                    rows.id = nextControlId(outer);
                    rows.kind = "subform";
                    rows.name = "rows";
                    rows.place = QRect(0, 0, 100, 100);
                    rows.inner = InnerForm(form);
                    outer.controls.append(rows);
                }
                form = outer;
                const Result<Form> read = readForm(writeForm(form));
                QCOMPARE(read.isOk(), depth <= 8);
                if (read) {
                    QCOMPARE(*read, form);
                } else {
                    QVERIFY(read.error().sentence.contains("8 deep"));
                }
            }
        }
    }

    void everyTextIsReadableByQtsOwnParser()
    {
        QRandomGenerator random(2);
        QJsonParseError error;
        QJsonDocument::fromJson(writeForm(samples::anyForm(random, 40)), &error);
        QCOMPARE(error.error, QJsonParseError::NoError);
    }

    void aChangedControlIsASmallDiff()
    {
        const Form form = samples::columnOfFields(20);
        Form changed = form;
        Control control = changed.controls.at(10);
        control.place.translate(8, 0);
        changed.controls.replace(10, control);
        const QList<QByteArray> before = writeForm(form).split('\n');
        const QList<QByteArray> after = writeForm(changed).split('\n');
        QCOMPARE(before.size(), after.size());
        int differing = 0;
        for (int i = 0; i < before.size(); ++i) {
            differing += before.at(i) == after.at(i) ? 0 : 1;
        }
        QCOMPARE(differing, 1);
    }

    // In files of the first version, what is held to the body's bottom gets higher with it, in inner forms too.
    void oldFilesStretchAsTheyDid()
    {
        Form inner = samples::columnOfFields(1);
        Control held = inner.controls.at(0);
        held.rides.bottom = FixedRail::BodyBottom;
        inner.controls.replace(0, held);
        Form form = inner;
        Control subform;
        subform.id = nextControlId(form);
        subform.kind = "subform";
        subform.name = "rows";
        subform.inner = InnerForm(inner);
        form.controls.append(subform);
        QByteArray text = writeForm(form);
        QVERIFY(readForm(text)->controls.at(0).rides.top == FixedRail::None);
        const Form now = *readForm(text);
        text.replace("\"nabform\": 2", "\"nabform\": 1");
        const Form old = *readForm(text);
        QCOMPARE(old.controls.at(0).rides.top, int(FixedRail::BodyTop));
        QCOMPARE(old.controls.at(old.controls.size() - 1).inner.get()->controls.at(0).rides.top,
                 int(FixedRail::BodyTop));
        QVERIFY(now == *readForm(writeForm(now)) && old == *readForm(writeForm(old)));
    }

    void unknownKeysSurviveEverywhere()
    {
        QByteArray text = sample();
        text.replace("\"nabform\": 2", "\"nabform\": 7,\n  \"later\": {\"deep\": [1, {\"x\": null}]}");
        text.replace("\"see\": true", "\"see\": true, \"print\": false");
        text.replace("\"marks\": \"dots\"", "\"marks\": \"dots\", \"minor\": 2");
        text.replace("\"table\": \"sample\"", "\"table\": \"sample\", \"alias\": \"s\"");
        text.replace("\"auto\": true", "\"auto\": true, \"colour\": \"#f80\"");
        text.replace("\"bands\":", "\"settings\": {\"hums\": [1]},\n  \"bands\":");
        text.replace("\"height\": 56", "\"height\": 56, \"sticky\": true");
        text.replace("\"kind\": \"text-box\"", "\"kind\": \"text-box\",\n      \"shadow\": 2.5");
        const Result<Form> form = readForm(text);
        QVERIFY2(form.isOk(), qPrintable(form.error().sentence));
        const QByteArray again = writeForm(*form);
        QCOMPARE(QJsonDocument::fromJson(again), QJsonDocument::fromJson(text));
    }

    // The schema knows every kind.
    void theSchemaNamesEveryKind()
    {
        QFile file(NABBLET_ROOT "/docs/nabform.schema.json");
        QVERIFY(file.open(QFile::ReadOnly));
        const QJsonObject schema = QJsonDocument::fromJson(file.readAll()).object();
        const QJsonArray names = schema["$defs"]["control"]["properties"]["kind"]["enum"].toArray();
        for (const Kind &kind : kinds()) {
            QVERIFY2(names.contains(kind.name), qPrintable(kind.name));
        }
        QCOMPARE(names.size(), kinds().size());
    }

    void anUnknownKindSurvives()
    {
        const Result<Form> form = readForm(with("\"text-box\"", "\"hologram\""));
        QVERIFY(form.isOk());
        QVERIFY(!isKnownKind(form->controls.at(0).kind));
        QVERIFY(writeForm(*form).contains("hologram"));
    }

    void badFilesSayWhereAndWhat_data()
    {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("sentence");
        QTest::newRow("not JSON") << QByteArray("{\n\"nabform\": 1,\n oops }") << "line 3";
        QTest::newRow("empty") << QByteArray() << "line 1";
        QTest::newRow("list") << QByteArray("[]") << "at /: an object was expected";
        QTest::newRow("no version") << with("\"nabform\": 2,", "") << "at /nabform: a whole number";
        QTest::newRow("width is text") << with("\"width\": 480", "\"width\": \"wide\"")
                                       << "at /width: a whole number from 0 to 1000000 was expected";
        QTest::newRow("place too short") << with("[120, 16, 160, 24]", "[120, 16]")
                                         << "at /controls/0/place: four whole numbers";
        QTest::newRow("place with fraction")
            << with("[120, 16, 160, 24]", "[120, 16.5, 160, 24]") << "at /controls/0/place";
        QTest::newRow("place far away") << with("[120, 16, 160, 24]", "[2000000000, 16, 160, 24]")
                                        << "at /controls/0/place";
        QTest::newRow("no such rail")
            << with("\"leftRides\": \"captions\"", "\"leftRides\": \"nowhere\"")
            << "at /controls/0/leftRides: the name of a rail was expected, and none is called “nowhere”";
        QTest::newRow("same name twice") << with("\"text_1\"", "\"text_0\"") << "at /controls/2/name";
        QTest::newRow("caption for nothing")
            << with("\"captionFor\": \"text_0\"", "\"captionFor\": \"gone\"") << "at /controls/1/captionFor";
        QTest::newRow("band that is not there") << with("\"place\"", "\"band\": \"footer\",\n      \"place\"")
                                                << "at /controls/0/band: one of the form's bands was expected";
        QTest::newRow("bands in disorder")
            << with("{\"band\": \"header\", \"height\": 56}", "{\"band\": \"footer\", \"height\": 56}")
            << "at /bands/1";
        QTest::newRow("marks") << with("\"dots\"", "\"stars\"")
                               << "at /grid/marks: one of dots, lines, none was expected";
    }

    void badFilesSayWhereAndWhat()
    {
        QFETCH(QByteArray, text);
        QFETCH(QString, sentence);
        const Result<Form> form = readForm(text);
        QVERIFY(!form.isOk());
        QVERIFY2(form.error().sentence.contains(sentence), qPrintable(form.error().sentence));
    }

    // Any cut and any changed byte gives a form or an error, never a crash.
    void brokenBytesNeverCrash()
    {
        QRandomGenerator random(3);
        const QByteArray text = writeForm(samples::anyForm(random, 8));
        int refused = 0;
        for (int i = 0; i < 3000; ++i) {
            QByteArray broken = text;
            if (i % 2 == 0) {
                broken.truncate(random.bounded(static_cast<int>(text.size())));
            } else {
                broken[random.bounded(static_cast<int>(text.size()))] = static_cast<char>(random.bounded(256));
            }
            const Result<Form> form = readForm(broken);
            refused += form.isOk() ? 0 : 1;
            if (form.isOk()) {
                QVERIFY(readForm(writeForm(*form)).isOk());
            } else {
                QVERIFY(!form.error().sentence.isEmpty());
            }
        }
        QVERIFY(refused > 1000);
    }

    void aMissingFileIsNamed()
    {
        const Result<Form> form = loadForm("/nowhere/at all.nabform");
        QVERIFY(!form.isOk());
        QVERIFY(form.error().sentence.contains("/nowhere/at all.nabform"));
    }

    // A disk that takes no more, made by a limit on the size of files: the old file stays whole.
    void aFullDiskLeavesTheOldFile()
    {
        QTemporaryDir folder;
        const QString path = folder.filePath("a.nabform");
        const Form form = samples::columnOfFields(3);
        QVERIFY(saveForm(path, form).isOk());

        std::signal(SIGXFSZ, SIG_IGN);
        rlimit before{};
        getrlimit(RLIMIT_FSIZE, &before);
        rlimit small = before;
        small.rlim_cur = 512;
        QCOMPARE(setrlimit(RLIMIT_FSIZE, &small), 0);
        const Outcome saved = saveForm(path, samples::columnOfFields(200));
        setrlimit(RLIMIT_FSIZE, &before);

        QVERIFY(!saved.isOk());
        QVERIFY2(saved.error().sentence.contains("as it was before"), qPrintable(saved.error().sentence));
        const Result<Form> read = loadForm(path);
        QVERIFY(read.isOk());
        QVERIFY(*read == form);
        QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 1);
    }

    void savingMakesTheFolder()
    {
        QTemporaryDir folder;
        const QString path = folder.filePath("new/forms/a.nabform");
        QVERIFY(saveForm(path, samples::columnOfFields(1)).isOk());
        QVERIFY(loadForm(path).isOk());
        const QString inFile = folder.filePath("new/forms/a.nabform/b.nabform");
        QVERIFY(!saveForm(inFile, samples::columnOfFields(1)).isOk());
    }

    void projectsAreFoundFromTheirForms()
    {
        QTemporaryDir folder;
        Project project;
        project.name = "Fairway depot";
        project.database = addressOfFile("fairway.db");
        project.startForm = "buoy";
        QVERIFY(saveProject(folder.path(), project).isOk());
        QVERIFY(saveForm(formsFolder(folder.path()) + "/buoy.nabform", samples::columnOfFields(1)).isOk());
        const Result<Project> read = loadProject(folder.path());
        QVERIFY(read.isOk());
        QVERIFY(*read == project);
        QCOMPARE(formFiles(folder.path()), QStringList({"buoy.nabform"}));
        QCOMPARE(projectFolderOf(formsFolder(folder.path()) + "/buoy.nabform"), QDir(folder.path()).absolutePath());
        QVERIFY(!readProject("{\"project\": 1, \"name\": \"x\"}").isOk());
        const QByteArray newer("{\"project\": 2, \"name\": \"x\", \"connection\": {\"kind\": \"sqlite\", \"file\": "
                               "\"a\", \"ssl\": 1}, \"z\": 3}");
        QVERIFY(writeProject(*readProject(newer)).contains("\"ssl\": 1"));
        QVERIFY(writeProject(*readProject(newer)).contains("\"z\": 3"));
    }

    // An address is parts by name; those of a kind of database that this version does not know are kept as they are.
    void addressesAreParts()
    {
        const QByteArray server("{\"project\": 1, \"name\": \"x\", \"connection\": {\"kind\": \"later\", \"database\": "
                                "\"depot\", \"host\": \"db.example\", \"port\": 5}}");
        const Result<Project> read = readProject(server);
        QVERIFY2(read.isOk(), read ? "" : qPrintable(read.error().sentence));
        QCOMPARE(read->database.dialect, "later");
        QCOMPARE(read->database.part("host"), "db.example");
        QCOMPARE(addressTitle(read->database), "depot");
        QCOMPARE(addressWords(read->database), "depot@db.example");
        QCOMPARE(absoluteFrom(read->database, "/somewhere"), read->database);
        const Result<Project> again = readProject(writeProject(*read));
        QVERIFY(again && *again == *read);
        QVERIFY(writeProject(*read).contains("\"port\": 5"));
        DatabaseAddress other = read->database;
        other.parts.insert("host", "other.example");
        QVERIFY(addressKey(other) != addressKey(read->database));
        // A file by its way from a folder, and back.
        const DatabaseAddress file = addressOfFile("/a/b/fairway.db");
        for (const char *folder : {"/a/b", "/a/c/d", "/", "/x"}) {
            QCOMPARE(absoluteFrom(relativeTo(file, folder), folder), file);
        }
        QCOMPARE(relativeTo(file, "/a").part("file"), "b/fairway.db");
        QCOMPARE(addressTitle(file), "fairway.db");
        QVERIFY(DatabaseAddress().isEmpty() && !file.isEmpty());
    }

    // Addresses of servers as people write them; a password never comes back.
    void addressesAreWritten()
    {
        const QStringList written{"postgresql://ansa@db.example:5433/depot", "postgresql:///depot",
                                  "mariadb://%2Frun%2Fx%2Fsocket/fair%20way?tls=verify-full",
                                  "postgresql://one:5432,two:5433/depot?options=-c%20search_path%3Dyard",
                                  "postgresql://[::1]:5432/depot"};
        for (const QString &each : written) {
            const std::optional<WrittenAddress> read = readServerAddress(each);
            QVERIFY2(read, qPrintable(each));
            QCOMPARE(writtenAddress(read->address), each);
            QCOMPARE(readServerAddress(writtenAddress(read->address))->address, read->address);
        }
        const WrittenAddress secret = *readServerAddress("mysql://ansa:p%40ss@db/depot?sslmode=require");
        QCOMPARE(secret.password, "p@ss");
        QCOMPARE(secret.address.dialect, "mariadb");
        QCOMPARE(secret.address.part("tls"), "require");
        QVERIFY(!writtenAddress(secret.address).contains("ss@"));
        QVERIFY(!addressKey(secret.address).contains("p@ss"));
        for (const QString no : {"/home/x/fairway.db", "fairway.db", "http://db/depot", "", "postgresql:depot"}) {
            QVERIFY2(!readServerAddress(no), qPrintable(no));
        }
        QCOMPARE(writtenAddress(addressOfFile("/a/b.db")), "/a/b.db");
    }
};

QTEST_GUILESS_MAIN(TestFormFile)
#include "tst_form_file.moc"
