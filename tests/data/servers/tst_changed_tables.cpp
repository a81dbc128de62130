// Tables that are changed by SQL on every kind of database, under a form that was drafted from them: what changed is
// told, followed where it is certain, and after that the form fits.
#include "core/check/database_differences.h"
#include "core/draft/draft.h"
#include "core/reconcile/memory.h"
#include "core/reconcile/proposals.h"
#include "data/records/row_sample.h"
#include "support/sample_database.h"
#include "support/throw_away_servers.h"

#include <QTest>

using namespace nabblet;

namespace {

// A file as if it were a server's database.
class SqliteFiles : public samples::TestServer
{
public:
    QString dialect() const override { return QStringLiteral("sqlite"); }
    void makeDatabase(const QString &) override {}
    DatabaseAddress addressOf(const QString &database) const override { return addressOfFile(path(database)); }
    QString ask(const QString &database, const QString &sql) const override
    {
        return samples::sqlite3(path(database), sql);
    }
    QStringList statementsOf(const Connection &, const std::function<void()> &) override { return {}; }
    void kill() override {}
    void start() override {}
    void setStopped(bool) override {}

private:
    QString path(const QString &database) const { return m_folder.filePath(database + ".db"); }

    QTemporaryDir m_folder;
};

const QString Columns = "staff_id INTEGER PRIMARY KEY, full_name VARCHAR(40) NOT NULL, phone VARCHAR(20), "
                        "joined DATE, depot_id INTEGER";

} // namespace

class TestChangedTables : public QObject
{
    Q_OBJECT

    samples::TestServer *m_server = nullptr;
    std::unique_ptr<SqliteFiles> m_files;
    QString m_database;

    QString kind() const { return m_server->dialect(); }
    QString ask(const QString &sql) const { return m_server->ask(m_database, sql); }
    Connection connection(const QString &database) const
    {
        const Result<Connection> opened = Connection::open(m_server->addressOf(database));
        if (!opened) {
            qFatal("%s", qPrintable(opened.error().sentence));
        }
        return *opened;
    }
    static StoredSamples samplesOf(const Connection &connection, const Catalogue &catalogue)
    {
        StoredSamples samples;
        for (const Table &table : catalogue.tables) {
            const Result<RowSample> sample = sampleRows(connection, recordSourceOf(table), {}, {}, 200);
            if (sample) {
                samples.insert(table.name, {sample->columns, sample->rows});
            }
        }
        return samples;
    }
    // Every column of the table as another definition has it; SQLite knows no other way.
    QString redefined(const QString &definition) const
    {
        return QString("CREATE TABLE made (%1); INSERT INTO made SELECT * FROM staff; DROP TABLE staff; "
                       "ALTER TABLE made RENAME TO staff")
            .arg(definition);
    }
    void make(const QString &database) const
    {
        QStringList rows;
        const QStringList first{"Ansa", "Birk", "Cleo", "Dag", "Esme", "Finn", "Gita", "Hal"};
        const QStringList last{"Holm", "Tovey", "Quill", "Marsh"};
        for (int i = 0; i < 32; ++i) {
            rows.append(QString("(%1, '%2 %3', %4, '20%5-03-1%6', %7)")
                            .arg(i + 1)
                            .arg(first.at(i % 8), last.at(i / 8), i % 3 ? "'mobile'" : "'landline'")
                            .arg(10 + i % 9)
                            .arg(i % 10)
                            .arg(1 + i % 3));
        }
        const QString said = m_server->ask(
            database, QString("CREATE TABLE depot (depot_id INTEGER PRIMARY KEY, name VARCHAR(30) NOT NULL); "
                              "INSERT INTO depot VALUES (1, 'North'), (2, 'South'), (3, 'Skerry'); "
                              "CREATE TABLE staff (%1); INSERT INTO staff VALUES %2; SELECT 'all there'")
                          .arg(Columns, rows.join(", ")));
        if (!said.endsWith("all there")) {
            qFatal("%s", qPrintable(said));
        }
    }

private Q_SLOTS:
    void initTestCase_data()
    {
        QTest::addColumn<QString>("server");
        QTest::newRow("SQLite") << "sqlite";
        QTest::newRow("PostgreSQL") << "postgresql";
        QTest::newRow("MariaDB") << "mariadb";
    }
    void init()
    {
        QFETCH_GLOBAL(QString, server);
        m_files = std::make_unique<SqliteFiles>();
        m_server = server == "sqlite" ? m_files.get() : samples::serverNamed(server);
        static int made = 0;
        m_database = QString("changed_%1").arg(++made);
        for (const QString &database : {m_database, m_database + "_built"}) {
            m_server->makeDatabase(database);
            make(database);
        }
    }
    void cleanupTestCase() { samples::endServers(); }

    void changesAreToldAndFollowed_data()
    {
        QTest::addColumn<QStringList>("sql"); // of SQLite, PostgreSQL and MariaDB; the last for those that follow
        QTest::addColumn<int>("kind");
        QTest::addColumn<QString>("told");       // of the database in use, for one to build on; empty: it would do
        QTest::addColumn<QString>("boundAfter"); // a column that is bound then, or with a minus one that is not
        const auto add = [](const char *name, const QStringList &sql, ChangeKind kind, const QString &told,
                            const QString &bound) { QTest::newRow(name) << sql << int(kind) << told << bound; };
        add("a column renamed", {"ALTER TABLE staff RENAME COLUMN phone TO telephone"}, ChangeKind::ColumnRenamed,
            "“staff” has no column “phone” there.", "telephone");
        add("a column gone", {"ALTER TABLE staff DROP COLUMN phone"}, ChangeKind::ColumnGone,
            "“staff” has no column “phone” there.", "-phone");
        add("a required one new", {"ALTER TABLE staff ADD COLUMN town VARCHAR(30) NOT NULL DEFAULT 'Skerry'"},
            ChangeKind::ColumnNew, "", "full_name");
        add("the table renamed", {"ALTER TABLE staff RENAME TO crew"}, ChangeKind::TableRenamed,
            "There is no table “staff” there.", "full_name");
        add("another type",
            {redefined(QString(Columns).replace("joined DATE", "joined TEXT")),
             "ALTER TABLE staff ALTER COLUMN joined TYPE TEXT", "ALTER TABLE staff MODIFY joined TEXT"},
            ChangeKind::TypeChanged, "“staff.joined” holds text there, and dates now.", "joined");
        add("less room",
            {redefined(QString(Columns).replace("(40)", "(25)")),
             "ALTER TABLE staff ALTER COLUMN full_name TYPE VARCHAR(25)",
             "ALTER TABLE staff MODIFY full_name VARCHAR(25) NOT NULL"},
            ChangeKind::LengthChanged, "“staff.full_name” takes 25 letters there, and 40 now.", "full_name");
        add("required",
            {redefined(QString(Columns).replace("phone VARCHAR(20)", "phone VARCHAR(20) NOT NULL")),
             "ALTER TABLE staff ALTER COLUMN phone SET NOT NULL",
             "ALTER TABLE staff MODIFY phone VARCHAR(20) NOT NULL"},
            ChangeKind::RequiredChanged, "“staff.phone” is needed there.", "phone");
        add("few values",
            {redefined(QString(Columns).replace("phone VARCHAR(20)",
                                                "phone VARCHAR(20) CHECK (phone IN ('landline', 'mobile'))")),
             "ALTER TABLE staff ADD CONSTRAINT staff_phone CHECK (phone IN ('landline', 'mobile'))"},
            ChangeKind::ChoicesChanged, "", "phone");
        add("a link",
            {redefined(Columns + " REFERENCES depot (depot_id)"),
             "ALTER TABLE staff ADD CONSTRAINT staff_depot FOREIGN KEY (depot_id) REFERENCES depot (depot_id)"},
            ChangeKind::LinkChanged, "", "depot_id");
        add("a start",
            {redefined(QString(Columns).replace("phone VARCHAR(20)", "phone VARCHAR(20) DEFAULT 'mobile'")),
             "ALTER TABLE staff ALTER COLUMN phone SET DEFAULT 'mobile'"},
            ChangeKind::StartChanged, "", "phone");
        const QString parts = "ALTER TABLE staff ADD COLUMN first_name VARCHAR(20); "
                              "ALTER TABLE staff ADD COLUMN last_name VARCHAR(20); UPDATE staff SET first_name = %1, "
                              "last_name = %2; ALTER TABLE staff DROP COLUMN full_name";
        add("a column split",
            {parts.arg("substr(full_name, 1, instr(full_name, ' ') - 1)",
                       "substr(full_name, instr(full_name, ' ') + 1)"),
             parts.arg("split_part(full_name, ' ', 1)", "split_part(full_name, ' ', 2)"),
             parts.arg("substring_index(full_name, ' ', 1)", "substring_index(full_name, ' ', -1)")},
            ChangeKind::ColumnSplit, "“staff” has no column “full_name” there.", "first_name");
    }
    void changesAreToldAndFollowed()
    {
        QFETCH(QStringList, sql);
        QFETCH(int, kind);
        QFETCH(QString, told);
        QFETCH(QString, boundAfter);
        // As it was drafted and remembers its columns.
        const Connection before = connection(m_database);
        const Catalogue was = *before.readCatalogue();
        const QHash<QString, Profile> profiles = profilesOf(samplesOf(before, was));
        const Form form =
            withColumnsRemembered(draftColumnar(was, *findTable(was, "staff"), FixedTextMeasure()), was, &profiles);
        QVERIFY(tableChanges(form, was).isEmpty());

        const int which = this->kind() == "sqlite" ? 0 : this->kind() == "postgresql" ? 1 : 2;
        const QString change = sql.at(std::min(which, int(sql.size()) - 1));
        const QString said = ask(change + "; SELECT 'all done'");
        QVERIFY2(said.endsWith("all done"), qPrintable(said));

        const Connection after = connection(m_database);
        const Catalogue now = *after.readCatalogue();
        const StoredSamples samples = samplesOf(after, now);
        const QList<TableChange> changes = tableChanges(form, now, samples);
        QStringList words;
        for (const TableChange &each : changes) {
            words.append(changeInWords(each, now));
        }
        QVERIFY2(changes.size() == 1 && int(changes.first().kind) == kind, qPrintable(words.join('\n')));

        // Followed with what is proposed first, it fits, and there is nothing more to do.
        const QHash<QString, Profile> profilesNow = profilesOf(samples);
        const FixedTextMeasure measure;
        const ReconcileContext context{now, measure, "{kind}_{column}", &profilesNow};
        const QList<Proposal> proposals = proposalsFor(form, changes, context);
        QList<Decision> decisions;
        for (const Proposal &proposal : proposals) {
            decisions.append(Decision{proposal.isTicked || !proposal.alternatives.isEmpty()});
        }
        const Form followed = reconciled(form, proposals, decisions, context);
        QVERIFY(tableChanges(followed, now, samples).isEmpty());
        QCOMPARE(databaseDifferences(followed, now, now), QStringList());
        QStringList bound;
        for (const Control &control : followed.controls) {
            bound.append(control.column);
        }
        const bool isGone = boundAfter.startsWith('-');
        QCOMPARE(bound.contains(isGone ? boundAfter.mid(1) : boundAfter), !isGone);

        // Between the database that it was built on, which is as it was, and the one in use.
        const Catalogue building = *connection(m_database + "_built").readCatalogue();
        QCOMPARE(databaseDifferences(form, building, now).join('\n'), told);
    }
};

QTEST_GUILESS_MAIN(TestChangedTables)
#include "tst_changed_tables.moc"
