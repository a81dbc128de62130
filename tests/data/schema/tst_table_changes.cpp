// Columns added to tables, and tables made of values: checked from outside.
#include "data/schema/table_changes.h"
#include "support/sample_database.h"

#include <QTest>

using namespace nabblet;

class TestTableChanges : public QObject
{
    Q_OBJECT

    QTemporaryDir m_folder;
    QString m_path;
    int m_number = 0;
    std::optional<Connection> m_connection;
    Catalogue m_catalogue;

    QString ask(const QString &sql) const { return samples::sqlite3(m_path, sql); }
    const Table &table(const QString &name) const { return *findTable(m_catalogue, name); }
    Result<QString> statement(const NewColumn &column, const QString &of = "visit") const
    {
        return addColumnStatement(*m_connection, table(of), column, QLocale::c());
    }

private Q_SLOTS:
    void init()
    {
        m_path = m_folder.filePath(QString("change%1.db").arg(++m_number));
        QCOMPARE(
            ask("CREATE TABLE visit (id INTEGER PRIMARY KEY, growth TEXT, \"odd \"\"name\" TEXT);"
                "INSERT INTO visit VALUES (1,'none','a'),(2,'light',NULL),(3,'none',''),(4,'',NULL),(5,'it''s','b');"
                "CREATE VIEW v AS SELECT * FROM visit; CREATE TABLE growth (x TEXT);"),
            QString());
        m_connection = samples::opened(m_path);
        m_catalogue = *m_connection->readCatalogue();
    }

    void columnsOfEveryTypeAreAdded()
    {
        int number = 0;
        for (const ColumnType type : offeredTypes()) {
            const QString name = QString("new \"%1").arg(++number);
            const Result<QString> sql = statement({name, type, false, QString()});
            QVERIFY(sql.isOk());
            QVERIFY(runTogether(*m_connection, {*sql}).isOk());
            m_catalogue = *m_connection->readCatalogue();
            const Column *column = findColumn(table("visit"), name);
            QVERIFY(column);
            QCOMPARE(column->type, type);
        }
        QCOMPARE(ask("SELECT count(*) FROM pragma_table_info('visit')"), QString::number(3 + number));
    }

    void aDefaultIsReadAsPeopleTypeIt()
    {
        QVERIFY(runTogether(*m_connection, {*statement({"note", ColumnType::Text, true, "it's"})}).isOk());
        QVERIFY(runTogether(*m_connection, {*statement({"n", ColumnType::WholeNumber, true, "12"})}).isOk());
        QVERIFY(runTogether(*m_connection, {*statement({"done", ColumnType::YesNo, true, "yes"})}).isOk());
        QVERIFY(runTogether(*m_connection, {*statement({"due", ColumnType::Date, false, "2026-11-28"})}).isOk());
        QCOMPARE(ask("SELECT note, n, done, due FROM visit WHERE id = 1"), QString("it's|12|1|2026-11-28"));
        QVERIFY(!statement({"m", ColumnType::WholeNumber, false, "twelve"}).isOk());
        QVERIFY(!statement({"d", ColumnType::Date, false, "soon"}).isOk());
        QVERIFY(!statement({"y", ColumnType::YesNo, false, "perhaps"}).isOk());
    }

    void whatCannotBeAddedIsSaid()
    {
        for (const NewColumn &column : QList<NewColumn>{{"  ", ColumnType::Text, false, {}},
                                                        {"GROWTH", ColumnType::Text, false, {}},
                                                        {"needed", ColumnType::Text, true, {}}}) {
            const Result<QString> refused = statement(column);
            QVERIFY(!refused.isOk() && !refused.error().sentence.isEmpty());
        }
        QVERIFY(!statement({"x", ColumnType::Text, false, {}}, "v").isOk());
        m_connection->setReadOnly(true);
        QVERIFY(!statement({"x", ColumnType::Text, false, {}}).isOk());
    }

    void aTableIsMadeOfTheValuesOfAColumn()
    {
        QCOMPARE(choicesTableName(m_catalogue, table("visit"), "growth"), "visit_growth"); // growth is taken
        const auto made = choicesTableOf(*m_connection, m_catalogue, table("visit"), "growth", "visit_growth");
        QVERIFY(made.isOk());
        QCOMPARE(*countChoices(*m_connection, table("visit"), "growth"), 3);
        QVERIFY(runTogether(*m_connection, made->statements).isOk());
        QCOMPARE(ask("SELECT name FROM visit_growth ORDER BY 1"), QString("it's\nlight\nnone"));
        QCOMPARE(ask("SELECT group_concat(growth) FROM visit"), QString("none,light,none,,it's")); // as it was
        const Catalogue with = withLinks(*m_connection->readCatalogue(), {made->link});
        QVERIFY(findLink(*findTable(with, "visit"), "growth"));
        QVERIFY(!choicesTableOf(*m_connection, m_catalogue, table("visit"), "growth", "visit").isOk());
        QVERIFY(!choicesTableOf(*m_connection, m_catalogue, table("visit"), "id", "ids").isOk());
        QVERIFY(!countChoices(*m_connection, table("growth"), "x").isOk()); // nothing stored
    }

    // Together or not at all.
    void whatFailsChangesNothing()
    {
        const QString before = ask(".schema");
        const Outcome run = runTogether(*m_connection, {"CREATE TABLE one (a TEXT)", "INSERT INTO nowhere VALUES (1)"});
        QVERIFY(!run.isOk());
        QVERIFY(run.error().sentence.startsWith("Nothing was changed."));
        QCOMPARE(ask(".schema"), before);
    }
};

QTEST_GUILESS_MAIN(TestTableChanges)
#include "tst_table_changes.moc"
