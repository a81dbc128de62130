// Qt's database interface over libpq: values as the server writes them, bound beside the statement and never inside it,
// and a wait that can be ended at any time (https://www.postgresql.org/docs/current/libpq.html).
#pragma once

#include "data/dialect/dialect.h"

#include <QElapsedTimer>
#include <QMutex>
#include <QSqlDriver>

#include <atomic>
#include <memory>

struct pg_cancel; // of libpq
struct pg_conn;
struct pg_result;

namespace nabblet {

class PostgresqlResult;

// What the server says of an error besides its words, as it is handed over in QSqlError::driverText().
struct PostgresqlError
{
    QString table;
    QString column;
    QString constraint;
    QString detail;
    QString hint;
};
PostgresqlError postgresqlError(const QSqlError &error);

class PostgresqlDriver : public QSqlDriver
{
    Q_OBJECT

public:
    PostgresqlDriver() = default;
    ~PostgresqlDriver() override;

    // connectionOptions: a connection string as libpq takes it, with everything; the other words are not looked at.
    bool open(const QString &database, const QString &user, const QString &password, const QString &host, int port,
              const QString &connectionOptions) override;
    void close() override;
    bool hasFeature(DriverFeature feature) const override;
    QSqlResult *createResult() const override;
    QVariant handle() const override;

    // Statements run from now on end when it says so.
    void watch(Interruption *interruption) { m_interruption = interruption; }
    // Ends, from any thread, the statement under way.
    std::function<void()> interrupter() const;
    bool isInTransaction() const;
    // From the next BEGIN on nothing is kept, a statement that fails undoes itself alone, and behind the end of that
    // transaction nothing runs at all.
    void setTrial() { m_trial = Trial::Ready; }
    bool isTrialGoing() const;
    pg_conn *connection() const { return m_connection; }

    // Sends a statement with its values and waits for the first of its rows, or for all of it. Gives nullptr and sets
    // the error where it fails.
    std::shared_ptr<pg_result> run(const QByteArray &sql, const QVariantList &values, PostgresqlResult *streaming);
    // Reads what is still to come of a statement under way, so that another one can be sent.
    void finishUnderWay();
    // The next rows of the statement that streams; nullptr at its end or with an error.
    std::shared_ptr<pg_result> more(QSqlError *error);
    // Lets go of what is left of the statement under way.
    void endStream(PostgresqlResult *result);
    PostgresqlResult *streaming() const { return m_streaming; }

private:
    // What a statement under way can be ended with, from any thread.
    struct Canceller
    {
        QMutex mutex;
        std::shared_ptr<pg_cancel> cancel;
        std::shared_ptr<std::atomic<int>>
            underWay; // how often this connection's server is being asked to end something

        void renew(pg_conn *connection);
    };
    // Asks the server to end what it does, without waiting for its answer: one that answers nothing does not to that.
    static void cancel(const std::shared_ptr<Canceller> &canceller);
    void waitForCancelling();

    enum class Trial { None, Ready, Going };

    bool mayRunInTrial(const QByteArray &sql);
    bool runOwn(const char *statements);
    bool connectNow(QString *whyNot);
    bool waitForConnection(int most); // ms
    bool waitForAnswer();
    std::shared_ptr<pg_result> nextResult(QSqlError *error);
    void drain();

    pg_conn *m_connection = nullptr;
    QByteArray m_words; // of the connection
    std::shared_ptr<Canceller> m_canceller = std::make_shared<Canceller>();
    Interruption *m_interruption = nullptr;
    PostgresqlResult *m_streaming = nullptr;
    bool m_isSilent = false;     // nothing answered when it was last tried to connect
    bool m_mustRollBack = false; // a transaction was lost with its connection; nothing of it may seem to go on
    QSqlError m_undoneBy;        // what failed last in the transaction under way, and undid it
    bool m_isInBlock = false;    // whether the statement under way is part of a transaction
    Trial m_trial = Trial::None;
    bool m_isMarked = false;    // a trial has a mark to go back to when a statement fails
    bool m_isInMarked = false;  // a part of a trial that is undone by itself is under way
    QElapsedTimer m_sinceTried; // to connect anew
};

} // namespace nabblet
