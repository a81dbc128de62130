// Database servers for tests: with a data directory of their own, on a socket of their own, gone with the test, also
// where it ends badly. Nothing of them needs root; started by root, they run as a user without rights.
#pragma once

#include "data/dialect/connection.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QProcess>
#include <QSqlQuery>
#include <QStorageInfo>
#include <QTemporaryDir>
#include <QThread>

#include <atomic>
#include <condition_variable>
#include <csignal>
#include <deque>
#include <functional>
#include <future>
#include <map>
#include <memory>
#include <mutex>
#include <thread>
#include <unistd.h>

namespace nabblet::samples {

// Runs a program and gives what it printed, without the last line break; what it printed on the error channel when it
// failed. input: for its standard input.
inline QString printed(const QString &program, const QStringList &arguments, const QString &input = {})
{
    QProcess process;
    process.start(program, arguments);
    process.write(input.toUtf8());
    process.closeWriteChannel();
    process.waitForFinished(120000);
    const bool isGood = process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0;
    const QByteArray errors = process.readAllStandardError();
    return QString::fromUtf8(isGood ? process.readAllStandardOutput() : errors).trimmed();
}

// A database on some kind of server, for one test.
class TestServer
{
public:
    virtual ~TestServer() = default;
    virtual QString dialect() const = 0;
    // A new, empty database, and the address of one.
    virtual void makeDatabase(const QString &name) = 0;
    virtual DatabaseAddress addressOf(const QString &database) const = 0;
    // Runs SQL with the server's own client.
    virtual QString ask(const QString &database, const QString &sql) const = 0;
    // What a connection asks the server while something is done, by the server's own log.
    virtual QStringList statementsOf(const Connection &connection, const std::function<void()> &doing) = 0;
    virtual void kill() = 0;                     // at once, as when the power fails
    virtual void start() = 0;                    // again
    virtual void setStopped(bool isStopped) = 0; // it answers nobody for as long as it is
};

// A thread that starts programs: they end with the thread that started them, and are asked for by any.
class Keeper
{
public:
    Keeper() : m_thread([this] { work(); }) {}
    ~Keeper()
    {
        {
            const std::lock_guard<std::mutex> lock(m_mutex);
            m_isOver = true;
        }
        m_asked.notify_all();
        m_thread.join();
    }
    // Runs a function there and waits for it.
    void run(const std::function<void()> &function)
    {
        std::packaged_task<void()> task(function);
        std::future<void> done = task.get_future();
        {
            const std::lock_guard<std::mutex> lock(m_mutex);
            m_tasks.push_back(std::move(task));
        }
        m_asked.notify_all();
        done.wait();
    }

private:
    void work()
    {
        std::unique_lock<std::mutex> lock(m_mutex);
        for (;;) {
            m_asked.wait(lock, [this] { return m_isOver || !m_tasks.empty(); });
            if (m_tasks.empty()) {
                return;
            }
            std::packaged_task<void()> task = std::move(m_tasks.front());
            m_tasks.pop_front();
            lock.unlock();
            task();
            lock.lock();
        }
    }

    std::mutex m_mutex;
    std::condition_variable m_asked;
    std::deque<std::packaged_task<void()>> m_tasks;
    bool m_isOver = false;
    std::thread m_thread; // begins when all else is there
};

// What servers that run as programs of their own have in common.
class ServerProgram : public TestServer
{
public:
    ServerProgram() : m_folder(place() + QStringLiteral("/nabblet-test-XXXXXX"))
    {
        if (geteuid() == 0) {
            printed(QStringLiteral("chown"), {QStringLiteral("nobody"), m_folder.path()});
        }
    }
    ~ServerProgram() override
    {
        setStopped(false);
        end(SIGKILL);
        m_keeper.run([this] { m_server.reset(); });
    }
    void setStopped(bool isStopped) override
    {
        // The server and the processes that it answers with.
        if (m_process == 0) {
            return;
        }
        const QString number = QString::number(m_process);
        const QString children = printed(QStringLiteral("pgrep"), {QStringLiteral("-P"), number});
        for (const QString &each : (children + u'\n' + number).split(u'\n', Qt::SkipEmptyParts)) {
            ::kill(static_cast<pid_t>(each.toInt()), isStopped ? SIGSTOP : SIGCONT);
        }
    }

protected:
    // In memory where there is room: what is written goes with the test, and disks are slow.
    static QString place()
    {
        constexpr qint64 Room = qint64(2) << 30; // bytes
        const QStorageInfo memory(QStringLiteral("/dev/shm"));
        return memory.isReady() && memory.bytesAvailable() > Room ? memory.rootPath() : QStringLiteral("/tmp");
    }
    QString data() const { return m_folder.filePath(QStringLiteral("data")); }
    // The server goes with the test.
    static QStringList asNobody(const QStringList &command)
    {
        const QStringList dies{QStringLiteral("--pdeathsig"), QStringLiteral("KILL")};
        return geteuid() == 0 ? QStringList{QStringLiteral("--reuid=nobody"), QStringLiteral("--regid=nogroup"),
                                            QStringLiteral("--clear-groups")} +
                                    dies + command
                              : dies + command;
    }
    void run(const QStringList &command)
    {
        m_keeper.run([this, command] {
            m_server = std::make_unique<QProcess>();
            m_server->start(QStringLiteral("setpriv"), asNobody(command));
            m_server->waitForStarted();
            m_process = m_server->processId();
        });
    }
    void waitFor(const QString &database, const QString &question)
    {
        QElapsedTimer waited;
        waited.start();
        while (ask(database, question) != QLatin1String("1")) {
            if (waited.elapsed() > 60000) {
                qFatal("the server does not start");
            }
            QThread::msleep(20);
        }
    }
    void end(int signal)
    {
        m_keeper.run([this, signal] {
            if (m_server && m_server->state() != QProcess::NotRunning) {
                ::kill(static_cast<pid_t>(m_process), signal);
                m_server->waitForFinished(30000);
            }
            m_process = 0;
        });
    }

    QTemporaryDir m_folder;
    std::atomic<qint64> m_process = 0;
    std::unique_ptr<QProcess> m_server; // lives in the keeper's thread
    Keeper m_keeper;
};

class PostgresqlServer : public ServerProgram
{
public:
    PostgresqlServer() : m_programs(programs())
    {
        const QString said = printed(
            QStringLiteral("setpriv"),
            asNobody({m_programs + QStringLiteral("initdb"), QStringLiteral("-D"), data(), QStringLiteral("-A"),
                      QStringLiteral("trust"), QStringLiteral("-N"), QStringLiteral("-E"), QStringLiteral("UTF8"),
                      QStringLiteral("--locale=C.UTF-8"), QStringLiteral("-U"), QStringLiteral("nabblet")}));
        if (!said.contains(QLatin1String("pg_ctl"))) {
            qFatal("%s", qPrintable(said));
        }
        start();
    }
    // One that follows another and may take its place.
    explicit PostgresqlServer(PostgresqlServer &leader) : m_programs(programs())
    {
        const QString said = printed(
            QStringLiteral("setpriv"),
            asNobody({m_programs + QStringLiteral("pg_basebackup"), QStringLiteral("-D"), data(), QStringLiteral("-R"),
                      QStringLiteral("-X"), QStringLiteral("stream"), QStringLiteral("-c"), QStringLiteral("fast"),
                      QStringLiteral("-h"), leader.m_folder.path(), QStringLiteral("-U"), QStringLiteral("nabblet")}));
        // What its leader waits for it has nobody to wait for.
        QFile settings(data() + QStringLiteral("/postgresql.auto.conf"));
        if (!settings.open(QIODevice::ReadWrite)) {
            qFatal("%s", qPrintable(said));
        }
        QByteArray kept;
        for (const QByteArray &line : settings.readAll().split('\n')) {
            kept += line.startsWith("synchronous_standby_names") ? QByteArray() : line + '\n';
        }
        settings.resize(0);
        settings.write(kept);
        settings.close();
        start();
        // From now on nothing counts as stored before this one has it, too.
        leader.ask(QStringLiteral("postgres"), QStringLiteral("ALTER SYSTEM SET synchronous_standby_names = '*'"));
        leader.ask(QStringLiteral("postgres"), QStringLiteral("SELECT pg_reload_conf()"));
        leader.waitFor(QStringLiteral("postgres"),
                       QStringLiteral("SELECT count(*) FROM pg_stat_replication WHERE sync_state = 'sync'"));
    }
    void promote()
    {
        printed(QStringLiteral("setpriv"), asNobody({m_programs + QStringLiteral("pg_ctl"), QStringLiteral("promote"),
                                                     QStringLiteral("-D"), data(), QStringLiteral("-w")}));
        waitFor(QStringLiteral("postgres"), QStringLiteral("SELECT CASE WHEN pg_is_in_recovery() THEN 0 ELSE 1 END"));
    }
    // Where this one and another answer; whichever can be written to.
    DatabaseAddress addressWith(const PostgresqlServer &other, const QString &database) const
    {
        DatabaseAddress address = addressOf(database);
        address.parts.insert(QStringLiteral("host"), m_folder.path() + u',' + other.m_folder.path());
        return address;
    }
    ~PostgresqlServer() override
    {
        setStopped(false);
        end(SIGINT); // without waiting for those who are connected
    }

    QString dialect() const override { return QStringLiteral("postgresql"); }
    void makeDatabase(const QString &name) override
    {
        const QString said = ask(QStringLiteral("postgres"), QStringLiteral("CREATE DATABASE \"%1\"").arg(name));
        if (!said.startsWith(QLatin1String("CREATE"))) {
            qFatal("%s", qPrintable(said));
        }
    }
    DatabaseAddress addressOf(const QString &database) const override
    {
        return {dialect(),
                {{QStringLiteral("host"), m_folder.path()},
                 {QStringLiteral("user"), QStringLiteral("nabblet")},
                 {QStringLiteral("database"), database}}};
    }
    QString ask(const QString &database, const QString &sql) const override
    {
        return printed(QStringLiteral("psql"),
                       {QStringLiteral("-X"), QStringLiteral("-A"), QStringLiteral("-t"), QStringLiteral("-v"),
                        QStringLiteral("ON_ERROR_STOP=1"), QStringLiteral("-h"), m_folder.path(), QStringLiteral("-U"),
                        QStringLiteral("nabblet"), QStringLiteral("-d"), database},
                       sql);
    }
    QStringList statementsOf(const Connection &connection, const std::function<void()> &doing) override
    {
        QSqlQuery query(connection.database());
        query.exec(QStringLiteral("SET log_statement = 'all'"));
        doing();
        query.exec(QStringLiteral("SET log_statement = 'none'"));
        QStringList statements;
        // The log is written by a process of its own, a moment later.
        const auto isWritten = [&] {
            QFile log(m_folder.filePath(QStringLiteral("log")));
            if (!log.open(QIODevice::ReadOnly)) {
                return false;
            }
            log.seek(m_logRead);
            const QByteArray text = log.readAll();
            if (!text.contains("SET log_statement = 'none'")) {
                return false;
            }
            m_logRead += text.size();
            for (const QByteArray &line : text.split('\n')) {
                const qsizetype at = std::max(line.indexOf("LOG:  execute"), line.indexOf("LOG:  statement"));
                if (at >= 0 && !line.contains("SET log_statement")) {
                    statements.append(QString::fromUtf8(line.mid(line.indexOf(": ", at + 5) + 2)));
                }
            }
            return true;
        };
        QElapsedTimer waited;
        waited.start();
        while (!isWritten()) {
            if (waited.elapsed() > 20000) {
                qFatal("the server writes no log");
            }
            QThread::msleep(10);
        }
        return statements;
    }
    void kill() override { end(SIGQUIT); } // its children end with it, without a last word
    void start() override
    {
        run({m_programs + QStringLiteral("postgres"),
             QStringLiteral("-D"),
             data(),
             QStringLiteral("-k"),
             m_folder.path(),
             QStringLiteral("-h"),
             QString(),
             QStringLiteral("-c"),
             QStringLiteral("fsync=off"),
             QStringLiteral("-c"),
             QStringLiteral("max_connections=60"),
             QStringLiteral("-c"),
             QStringLiteral("dynamic_shared_memory_type=mmap"),
             QStringLiteral("-c"),
             QStringLiteral("logging_collector=on"),
             QStringLiteral("-c"),
             QStringLiteral("log_directory=") + m_folder.path(),
             QStringLiteral("-c"),
             QStringLiteral("log_filename=log"),
             QStringLiteral("-c"),
             QStringLiteral("log_rotation_age=0")});
        waitFor(QStringLiteral("postgres"), QStringLiteral("SELECT 1"));
    }

private:
    static QString programs()
    {
        const QStringList versions =
            QDir(QStringLiteral("/usr/lib/postgresql")).entryList(QDir::Dirs | QDir::NoDotAndDotDot, QDir::Name);
        return QStringLiteral("/usr/lib/postgresql/%1/bin/").arg(versions.value(versions.size() - 1));
    }

    QString m_programs;
    qint64 m_logRead = 0; // of the log, bytes
};

class MariadbServer : public ServerProgram
{
public:
    MariadbServer()
    {
        const QString said = printed(QStringLiteral("setpriv"),
                                     asNobody({QStringLiteral("mariadb-install-db"), QStringLiteral("--no-defaults"),
                                               QStringLiteral("--datadir=") + data(), QStringLiteral("--skip-test-db"),
                                               QStringLiteral("--auth-root-authentication-method=normal")}));
        if (!said.contains(QLatin1String("OK"))) {
            qFatal("%s", qPrintable(said));
        }
        start();
    }
    ~MariadbServer() override
    {
        setStopped(false);
        end(SIGTERM);
    }

    QString dialect() const override { return QStringLiteral("mariadb"); }
    void makeDatabase(const QString &name) override
    {
        const QString said =
            ask(QString(), QStringLiteral("CREATE DATABASE `%1` CHARACTER SET utf8mb4; SELECT 'there'").arg(name));
        if (said != QLatin1String("there")) {
            qFatal("%s", qPrintable(said));
        }
    }
    DatabaseAddress addressOf(const QString &database) const override
    {
        return {dialect(),
                {{QStringLiteral("host"), socket()},
                 {QStringLiteral("user"), QStringLiteral("root")},
                 {QStringLiteral("database"), database}}};
    }
    QString ask(const QString &database, const QString &sql) const override
    {
        QStringList arguments{QStringLiteral("--no-defaults"),
                              QStringLiteral("--socket=") + socket(),
                              QStringLiteral("-u"),
                              QStringLiteral("root"),
                              QStringLiteral("-N"),
                              QStringLiteral("-B"),
                              QStringLiteral("--default-character-set=utf8mb4")};
        if (!database.isEmpty()) {
            arguments.append(database);
        }
        return printed(QStringLiteral("mariadb"), arguments, sql);
    }
    QStringList statementsOf(const Connection &connection, const std::function<void()> &doing) override
    {
        QSqlQuery query(connection.database());
        query.exec(QStringLiteral("SELECT CONNECTION_ID()"));
        const QString id = query.next() ? query.value(0).toString() : QString();
        query.finish();
        ask(QString(), QStringLiteral("SET GLOBAL log_output = 'TABLE'; TRUNCATE mysql.general_log; "
                                      "SET GLOBAL general_log = 1"));
        doing();
        ask(QString(), QStringLiteral("SET GLOBAL general_log = 0"));
        return ask(QString(), QStringLiteral("SELECT replace(argument, '\n', ' ') FROM mysql.general_log "
                                             "WHERE thread_id = %1 AND command_type IN ('Execute', 'Query')")
                                  .arg(id))
            .split(u'\n', Qt::SkipEmptyParts);
    }
    void kill() override { end(SIGKILL); }
    void start() override
    {
        run({QStringLiteral("mariadbd"), QStringLiteral("--no-defaults"), QStringLiteral("--datadir=") + data(),
             QStringLiteral("--socket=") + socket(), QStringLiteral("--skip-networking"),
             QStringLiteral("--pid-file=") + m_folder.filePath(QStringLiteral("pid")),
             QStringLiteral("--innodb-buffer-pool-size=64M"), QStringLiteral("--innodb-flush-method=nosync")});
        waitFor(QString(), QStringLiteral("SELECT 1"));
    }

private:
    QString socket() const { return m_folder.filePath(QStringLiteral("socket")); }
};

// The servers of a test program, each started when it is first asked for.
inline std::map<QString, std::unique_ptr<TestServer>> &startedServers()
{
    static std::map<QString, std::unique_ptr<TestServer>> all;
    return all;
}

inline TestServer *serverNamed(const QString &dialect)
{
    std::unique_ptr<TestServer> &server = startedServers()[dialect];
    if (!server && dialect == QLatin1String("postgresql")) {
        server = std::make_unique<PostgresqlServer>();
    } else if (!server) {
        server = std::make_unique<MariadbServer>();
    }
    return server.get();
}

inline void endServers()
{
    startedServers().clear();
}

// The demonstration's tables and rows in a new database of a server.
inline void makeFairway(TestServer &server, const QString &database)
{
    server.makeDatabase(database);
    static QHash<QString, QString> scripts;
    QString &script = scripts[server.dialect()];
    if (script.isEmpty()) {
        script = printed(QStringLiteral(NABBLET_ROOT "/demo/in-dialect"), {server.dialect()});
    }
    const QString said = server.ask(database, script + QStringLiteral("\nSELECT 'all there';\n"));
    if (!said.endsWith(QLatin1String("all there"))) {
        qFatal("%s", qPrintable(said));
    }
}

} // namespace nabblet::samples
