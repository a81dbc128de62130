// Records on servers, against the bare driver doing the same statements in the same run; on servers of their own that
// go with the bench.
#include "data/records/writing.h"
#include "measure.h"
#include "support/throw_away_servers.h"

#include <QSqlQuery>

#include <fstream>
#include <libpq-fe.h>
#include <mysql.h>
#include <unistd.h>

namespace nabblet {

namespace {

// What is asked of a server without this program in between.
class Bare
{
public:
    virtual ~Bare() = default;
    virtual void ask(const QByteArray &sql) = 0; // and reads all rows
};

class BarePostgresql : public Bare
{
public:
    explicit BarePostgresql(const DatabaseAddress &address)
        : m_connection(PQconnectdb(QString("host=%1 user=%2 dbname=%3")
                                       .arg(address.part("host"), address.part("user"), address.part("database"))
                                       .toUtf8()
                                       .constData()))
    {
    }
    ~BarePostgresql() override { PQfinish(m_connection); }
    void ask(const QByteArray &sql) override
    {
        PQclear(PQexecParams(m_connection, sql.constData(), 0, nullptr, nullptr, nullptr, nullptr, 0));
    }

private:
    PGconn *m_connection;
};

class BareMariadb : public Bare
{
public:
    explicit BareMariadb(const DatabaseAddress &address) : m_connection(mysql_init(nullptr))
    {
        mysql_real_connect(m_connection, nullptr, address.part("user").toUtf8().constData(), nullptr,
                           address.part("database").toUtf8().constData(), 0, address.part("host").toUtf8().constData(),
                           0);
    }
    ~BareMariadb() override { mysql_close(m_connection); }
    void ask(const QByteArray &sql) override
    {
        mysql_query(m_connection, sql.constData());
        mysql_free_result(mysql_store_result(m_connection));
    }

private:
    MYSQL *m_connection;
};

std::unique_ptr<Bare> bareOf(const DatabaseAddress &address)
{
    if (address.dialect == "postgresql") {
        return std::make_unique<BarePostgresql>(address);
    }
    return std::make_unique<BareMariadb>(address);
}

double residentMegabytes()
{
    std::ifstream state("/proc/self/statm");
    double all = 0;
    double resident = 0;
    state >> all >> resident;
    return resident * static_cast<double>(sysconf(_SC_PAGESIZE)) / 1048576.0;
}

// Opening a database of so many rows and showing the first record, by this program.
void openAndShow(const DatabaseAddress &address, bool isLast)
{
    const Result<Connection> connection = Connection::open(address);
    const Result<Catalogue> catalogue = connection->readCatalogue();
    const RecordSource source = recordSourceOf(*findTable(*catalogue, "visit"));
    (void)(isLast ? lastRow(*connection, source) : firstRow(*connection, source));
}

QList<Measured> ofServer(const QString &name, samples::TestServer &server, qint64 rows)
{
    const bool isMariadb = server.dialect() == "mariadb";
    const QString what = QString("%1, %L2 rows: ").arg(name).arg(rows);
    server.makeDatabase("bench");
    server.ask("bench",
               isMariadb
                   ? QString("CREATE TABLE visit (visit_id BIGINT PRIMARY KEY, buoy_id INT, crew VARCHAR(60), hours "
                             "DECIMAL(5,2), note TEXT); INSERT INTO visit SELECT seq, seq % 500, concat('Crew ', seq "
                             "% 97), 1.5, 'Lamp changed, daylight switch cleaned.' FROM seq_1_to_%1; ANALYZE TABLE "
                             "visit;")
                         .arg(rows)
                   : QString("CREATE TABLE visit (visit_id BIGINT PRIMARY KEY, buoy_id INT, crew VARCHAR(60), hours "
                             "DECIMAL(5,2), note TEXT); INSERT INTO visit SELECT i, i % 500, 'Crew ' || i % 97, 1.5, "
                             "'Lamp changed, daylight switch cleaned.' FROM generate_series(1, %1) i; ANALYZE visit;")
                         .arg(rows));
    const DatabaseAddress address = server.addressOf("bench");
    const QByteArray select = "SELECT visit_id, visit_id, buoy_id, crew, hours, note FROM visit AS r ";
    QList<Measured> all;
    for (const bool isLast : {false, true}) {
        const QByteArray order = isLast ? "ORDER BY visit_id DESC LIMIT 1" : "ORDER BY visit_id LIMIT 1";
        QList<double> own;
        QList<double> bare;
        for (int i = 0; i < 11; ++i) {
            bare.append(milliseconds([&] { bareOf(address)->ask(select + order); }));
            own.append(milliseconds([&] { openAndShow(address, isLast); }));
        }
        const double ours = quantile(own, 0.5);
        const double theirs = quantile(bare, 0.5);
        all.append({what + (isLast ? "opening, last record" : "opening, first record"),
                    QString("%1 ms (bare driver %2 ms)").arg(number(ours), number(theirs)),
                    "1.3 times the bare driver + 60 ms",
                    ours <= 1.3 * theirs + 60,
                    {{"own_ms", ours}, {"bare_ms", theirs}}});
    }
    const Connection connection = *Connection::open(address);
    const Catalogue catalogue = *connection.readCatalogue();
    const Table &table = *findTable(catalogue, "visit");
    const RecordSource source = recordSourceOf(table);
    const std::unique_ptr<Bare> bare = bareOf(address);
    QList<double> steps;
    QList<double> bareSteps;
    Row row = **firstRow(connection, source);
    const double before = residentMegabytes();
    for (int i = 0; i < 1000; ++i) {
        steps.append(milliseconds([&] { row = **rowAfter(connection, source, row.key); }));
        const QByteArray key = QByteArray::number(row.key.first().toLongLong());
        bareSteps.append(
            milliseconds([&] { bare->ask(select + "WHERE visit_id > " + key + " ORDER BY visit_id LIMIT 1"); }));
    }
    const double grown = residentMegabytes() - before;
    const double slowest = quantile(steps, 0.99);
    all.append({what + "1,000 steps forward",
                QString("%1 ms (99th percentile; bare driver %2 ms), %3 MB more")
                    .arg(number(slowest), number(quantile(bareSteps, 0.99)), number(grown)),
                "10 ms",
                slowest < 10,
                {{"p99_ms", slowest}, {"bare_p99_ms", quantile(bareSteps, 0.99)}, {"grown_mb", grown}}});
    const RefusalContext context{catalogue, table, [](const QString &column) { return column; }};
    QList<double> saves;
    for (int i = 0; i < 300; ++i) {
        saves.append(milliseconds([&] {
            const Written written = updateRow(connection, source, row, {{"crew", QString("Crew %1").arg(i)}}, context);
            row = written.row.value_or(row);
        }));
    }
    all.append(under(what + "a save", saves, 20, 0.99, "99th percentile"));
    return all;
}

} // namespace

// rows: of the table that is opened.
QList<Measured> serversBench(qint64 rows)
{
    QList<Measured> all;
    for (const auto &[name, dialect] : {std::pair("PostgreSQL", "postgresql"), {"MariaDB", "mariadb"}}) {
        all += ofServer(name, *samples::serverNamed(dialect), rows);
        samples::endServers();
    }
    return all;
}

} // namespace nabblet
