// A missing, locked, read-only, corrupt or full database: one clear sentence each, and nothing is lost.
#include "data/records/copied_rows.h"
#include "data/records/writing.h"
#include "support/sample_database.h"

#include <QRandomGenerator>
#include <QSqlQuery>
#include <QTest>

#include <unistd.h>

using namespace nabblet;

class TestDatabaseErrors : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;

    static QString openingError(const QString &path)
    {
        const Result<Connection> connection = Connection::open(addressOfFile(path));
        return connection.isOk() ? QString() : connection.error().sentence;
    }

    static Written rename(const Connection &connection, const Catalogue &catalogue, const QString &name)
    {
        const Table &table = *findTable(catalogue, "vessel");
        const RecordSource source = recordSourceOf(table);
        const RefusalContext context{catalogue, table, [](const QString &column) { return column; }};
        return updateRow(connection, source, **firstRow(connection, source), {{"name", name}}, context);
    }

private Q_SLOTS:
    void aMissingDatabaseIsNotMade()
    {
        const QString path = m_folder.filePath("nothing.db");
        QVERIFY(openingError(path).contains("There is no database file " + path));
        QVERIFY(!QFile::exists(path));
    }

    void aFolderAndAnotherFileAreNoDatabases()
    {
        QVERIFY(openingError(m_folder.path()).contains("is a folder"));
        const QString path = m_folder.filePath("letter.txt");
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(QByteArray("Dear harbour authority, ").repeated(200));
        file.close();
        QVERIFY2(openingError(path).contains("is not an SQLite database"), qPrintable(openingError(path)));
    }

    void anUnknownKindOfDatabaseIsNamed()
    {
        QVERIFY(Connection::open({"cards", {{"file", "x"}}}).error().sentence.contains("“cards”"));
    }

    void aDamagedDatabaseSaysSo()
    {
        const QString path = samples::fairwayDatabase(m_folder, "damaged.db");
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadWrite));
        QRandomGenerator random(7);
        // Everything behind the first page, which holds the header and the start of the catalogue.
        for (qint64 at = 4096; at < file.size(); at += 16) {
            file.seek(at);
            const quint32 noise = random.generate();
            file.write(reinterpret_cast<const char *>(&noise), sizeof noise);
        }
        file.close();
        const Result<Connection> connection = Connection::open(addressOfFile(path));
        QString sentence = connection.isOk() ? QString() : connection.error().sentence;
        if (connection.isOk()) {
            const Result<Catalogue> catalogue = connection->readCatalogue();
            sentence = catalogue.isOk() ? QString() : catalogue.error().sentence;
        }
        QVERIFY2(sentence.contains("is damaged"), qPrintable(sentence));
    }

    void aLockedDatabaseKeepsWhatWasTyped()
    {
        const QString path = samples::fairwayDatabase(m_folder, "locked.db");
        const Connection ours = samples::opened(path);
        const Catalogue catalogue = *ours.readCatalogue();
        const Connection theirs = samples::opened(path);
        QSqlQuery lock(theirs.database());
        QVERIFY(lock.exec("BEGIN EXCLUSIVE"));
        // While another program holds the file, reading waits and then says so.
        const Table &table = *findTable(catalogue, "vessel");
        const MaybeRow row = firstRow(ours, recordSourceOf(table));
        QVERIFY(!row.isOk());
        QVERIFY2(row.error().sentence.contains("being written by another program"), qPrintable(row.error().sentence));
        QVERIFY(lock.exec("ROLLBACK"));
        QVERIFY(lock.exec("BEGIN IMMEDIATE"));
        const Written written = rename(ours, catalogue, "Tern");
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("What you typed is kept; save again in a moment"),
                 qPrintable(written.refusal.sentence));
        QVERIFY(lock.exec("ROLLBACK"));
        QCOMPARE(rename(ours, catalogue, "Tern").kind, Written::Done);
    }

    void aReadOnlyDatabaseCanBeRead()
    {
        const QString path = samples::fairwayDatabase(m_folder, "readonly.db");
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        QSqlQuery query(connection.database());
        QVERIFY(query.exec(
            "PRAGMA query_only = ON")); // as root every file is writable; SQLite then refuses in the same way
        const Written written = rename(connection, catalogue, "Tern");
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("can only be read"), qPrintable(written.refusal.sentence));
        QFile::setPermissions(path, QFileDevice::ReadOwner | QFileDevice::ReadGroup | QFileDevice::ReadOther);
        const bool isRoot = geteuid() == 0; // to whom every file is writable: be nobody for a moment
        if (isRoot) {
            QFile::setPermissions(m_folder.path(), QFile::permissions(m_folder.path()) | QFileDevice::ReadGroup |
                                                       QFileDevice::ExeGroup | QFileDevice::ReadOther |
                                                       QFileDevice::ExeOther);
            QVERIFY(setresuid(65534, 65534, 0) == 0);
        }
        const Result<Connection> reading = Connection::open(addressOfFile(path));
        const bool isReadOnly = reading && reading->isReadOnly();
        const MaybeRow row =
            reading ? firstRow(*reading, recordSourceOf(*findTable(catalogue, "vessel"))) : MaybeRow(Error{});
        if (isRoot) {
            QVERIFY(setresuid(0, 0, 0) == 0);
        }
        QVERIFY2(reading.isOk(), reading ? "" : qPrintable(reading.error().sentence));
        QVERIFY(isReadOnly);
        QVERIFY(row && *row);
    }

    void aFullDiskSavesNothingAndSaysSo()
    {
        const QString path = samples::fairwayDatabase(m_folder, "full.db");
        const Connection connection = samples::opened(path);
        const Catalogue catalogue = *connection.readCatalogue();
        QSqlQuery query(connection.database());
        QVERIFY(query.exec("PRAGMA max_page_count = 1")); // no page more than there are
        const Table &table = *findTable(catalogue, "vessel");
        const RecordSource source = recordSourceOf(table);
        const RefusalContext context{catalogue, table, [](const QString &column) { return column; }};
        const Written written =
            insertRow(connection, source, {{"name", QString(200000, u'x')}, {"operator_id", 1}}, context);
        QCOMPARE(written.kind, Written::Refused);
        QVERIFY2(written.refusal.sentence.contains("The disk is full"), qPrintable(written.refusal.sentence));
        QCOMPARE(samples::sqlite3(path, "SELECT count(*) FROM vessel; PRAGMA integrity_check"), "4\nok");
    }
};

QTEST_GUILESS_MAIN(TestDatabaseErrors)
#include "tst_database_errors.moc"
