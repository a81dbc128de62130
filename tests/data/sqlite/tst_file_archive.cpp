// Files in an SQLite database: put in and read back whole, what is odd or hostile in it.
#include "data/sqlite/file_archive.h"
#include "support/sample_database.h"

#include <QRandomGenerator>
#include <QTemporaryDir>
#include <QTest>

using namespace nabblet;

class TestFileArchive : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

private Q_SLOTS:
    void whatIsPutInIsReadBack()
    {
        QRandomGenerator random(20);
        const QString path = m_folder.filePath("any.db");
        for (int turn = 0; turn < 20; ++turn) {
            ArchivedFiles files;
            for (int i = 0; i < 12; ++i) {
                QByteArray bytes(random.bounded(5000), Qt::Uninitialized);
                const bool isDull = i % 2 == 0; // gets smaller
                for (char &byte : bytes) {
                    byte = static_cast<char>(isDull ? 'a' : random.bounded(256));
                }
                files.insert(QString::fromUtf8("forms/Łódź %1'\"%2.nabform").arg(turn).arg(i), bytes);
            }
            files.insert("empty", {});
            QVERIFY(replaceArchivedFiles(path, files).isOk());
            const Result<ArchivedFiles> read = archivedFiles(path);
            QVERIFY(read.isOk());
            QVERIFY(*read == files);
        }
        QVERIFY(isFileArchive(path));
    }

    // What the database holds besides stays, and a database in use is waited for no longer than is bearable.
    void theRestOfTheDatabaseStays()
    {
        const QString path = samples::fairwayDatabase(m_folder, "rest.db");
        QVERIFY(!isFileArchive(path));
        const QString before = samples::sqlite3(path, "SELECT count(*), total(visit_id) FROM visit");
        QVERIFY(replaceArchivedFiles(path, {{"a", "1"}}).isOk());
        QVERIFY(replaceArchivedFiles(path, {{"b", "2"}}).isOk());
        QCOMPARE(archivedFiles(path)->keys(), QStringList("b"));
        QCOMPARE(samples::sqlite3(path, "SELECT count(*), total(visit_id) FROM visit"), before);
    }

    void whatCannotBeIsSaid()
    {
        QVERIFY(!isFileArchive(m_folder.filePath("nowhere")));
        QVERIFY(!archivedFiles(m_folder.filePath("nowhere")).isOk());
        QVERIFY(!replaceArchivedFiles(m_folder.filePath("no/such/folder.db"), {{"a", "1"}}).isOk());
        QFile text(m_folder.filePath("text"));
        QVERIFY(text.open(QIODevice::WriteOnly) && text.write("SQLite format 3 it is not") > 0);
        text.close();
        QVERIFY(!isFileArchive(text.fileName()));
        QVERIFY(!replaceArchivedFiles(text.fileName(), {{"a", "1"}}).isOk());
    }

    // Names that lead elsewhere, sizes that lie, bytes that were not deflated.
    void fromStrangers()
    {
        const QString path = m_folder.filePath("strange.db");
        QVERIFY(replaceArchivedFiles(path, {{"fine", QByteArray(2000, 'x')}}).isOk());
        samples::sqlite3(path, "INSERT INTO sqlar VALUES ('../out', 0, 0, 1, 'x'), ('/etc/out', 0, 0, 1, 'x'),"
                               "('a/../../out', 0, 0, 1, 'x'), ('', 0, 0, 1, 'x'), ('..', 0, 0, 1, 'x'),"
                               "('a\\b', 0, 0, 1, 'x'), ('./a', 0, 0, 1, 'x')");
        QCOMPARE(archivedFiles(path)->keys(), QStringList("fine"));
        for (const char *sql :
             {"UPDATE sqlar SET sz = 99999999999 WHERE name = 'fine'", "UPDATE sqlar SET sz = -5 WHERE name = 'fine'",
              "UPDATE sqlar SET sz = 2001 WHERE name = 'fine'",
              "UPDATE sqlar SET data = 'no bytes of that sort', sz = 2000 WHERE name = 'fine'"}) {
            samples::sqlite3(path, sql);
            QVERIFY2(!archivedFiles(path).isOk(), sql);
        }
    }
};

QTEST_MAIN(TestFileArchive)
#include "tst_file_archive.moc"
