// Qt's database interface over MariaDB's C library: values as the server has them, bound beside the statement and never
// inside it, and a wait that can be ended at any time
// (https://mariadb.com/kb/en/non-blocking-client-library/).
#pragma once

#include "data/dialect/dialect.h"
#include "data/dialect/waiting.h"

#include <QElapsedTimer>
#include <QMutex>
#include <QSqlDriver>

#include <atomic>
#include <memory>

struct st_mysql;
struct st_mysql_stmt;

namespace nabblet {

class MariadbResult;

class MariadbDriver : public QSqlDriver
{
    Q_OBJECT

public:
    MariadbDriver() = default;
    ~MariadbDriver() override;

    bool open(const QString &database, const QString &user, const QString &password, const QString &host, int port,
              const QString &connectionOptions) override;
    void close() override;
    bool hasFeature(DriverFeature feature) const override;
    QSqlResult *createResult() const override;

    // Where it opens, instead of by what open() is given: an address has more parts.
    void setAddress(const DatabaseAddress &address) { m_address = address; }
    // Statements run from now on end when it says so.
    void watch(Interruption *interruption) { m_interruption = interruption; }
    // Ends, from any thread, the statement under way.
    std::function<void()> interrupter() const;
    st_mysql *connection() const { return m_connection; }

    // One statement at a time: reads what is still to come of the one under way, and connects anew where the connection
    // is gone. False where there is none; the error is set.
    bool makeReady(const QString &sql);
    // Runs a call of the library that may have to wait, in its two forms. Gives what the call gives.
    template <typename Value, typename Start, typename Go> Value waited(Start start, Go goOn)
    {
        Value value{};
        Wait wait;
        m_wait = &wait;
        int status = start(&value);
        while (status) {
            status = goOn(&value, waitFor(status));
        }
        m_wait = nullptr;
        return value;
    }
    QSqlError errorOf(st_mysql_stmt *statement) const;
    QSqlError error() const;
    void setStreaming(MariadbResult *result) { m_streaming = result; }
    MariadbResult *streaming() const { return m_streaming; }
    void setError(const QSqlError &error)
    {
        if (error.type() == QSqlError::ConnectionError) {
            m_mustRollBack = m_isInBlock;
            m_isLost = true;
        } else if (m_isInBlock && isUndone(error)) { // and what comes now would be done without it
            m_mustRollBack = true;
            m_undoneBy = error;
        }
        setLastError(error);
    }
    // A statement was done: what begins and ends transactions is taken note of.
    void done(const QString &sql);
    bool isInTransaction() const { return m_isInBlock; }
    // From the next START TRANSACTION on nothing is kept: where that transaction ends, nothing runs at all any more,
    // and what could run would wait for a COMMIT that does not come. Gives false with the error set.
    bool setTrial();
    bool isTrialGoing() const { return m_trial == Trial::Going && m_isInBlock && !m_mustRollBack && !m_isLost; }
    // What begins and ends transactions. A computer of a cluster that has undone one says so to a plain statement
    // alone; to one that is prepared it would seem to be kept.
    static bool isOfTransactions(const QString &sql);
    bool runPlain(const QString &sql);
    // Closes a statement whose rows are all read; one of a transaction once that is over. Closing gets no answer: what
    // a computer of a cluster would have said by it, that it has undone the transaction, nobody would hear.
    void closeInTime(st_mysql_stmt *statement);

private:
    enum class Trial { None, Ready, Going };

    void closeStatements();
    bool mayRunInTrial(const QString &sql);
    // Whether the server has undone the whole transaction with that.
    static bool isUndone(const QSqlError &error);

    // What a statement under way can be ended with, from any thread: on a connection of its own.
    struct Killer
    {
        QMutex mutex;
        DatabaseAddress address;
        unsigned long number = 0;                   // of the connection, at the server
        std::shared_ptr<std::atomic<int>> underWay; // how often that server is being asked to end something
    };
    // Asks the server to end what it does, without waiting for its answer: one that answers nothing does not to that.
    static void kill(const std::shared_ptr<Killer> &killer);
    void waitForKilling();

    bool connectNow();
    int waitFor(int status); // what the library waits for; gives what came

    DatabaseAddress m_address;
    st_mysql *m_connection = nullptr;
    std::shared_ptr<Killer> m_killer = std::make_shared<Killer>();
    Interruption *m_interruption = nullptr;
    Wait *m_wait = nullptr; // the one under way
    MariadbResult *m_streaming = nullptr;
    bool m_mustRollBack = false;      // a transaction was lost with its connection; nothing of it may seem to go on
    bool m_isInBlock = false;         // a transaction is under way
    QList<st_mysql_stmt *> m_toClose; // of the transaction under way
    QSqlError m_undoneBy;             // at the server, as others were first; until it is rolled back
    bool m_isLost = false;            // the connection, since it was made
    Trial m_trial = Trial::None;
    QElapsedTimer m_sinceTried;     // to connect anew
    QElapsedTimer m_sinceCancelled; // the statement under way
};

} // namespace nabblet
