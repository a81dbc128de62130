// An open database. A connection belongs to the thread that opened it and closes with its last copy gone.
#pragma once

#include "data/dialect/dialect.h"

#include <QHash>

#include <memory>
#include <optional>

namespace nabblet {

class Connection
{
public:
    // Opens a database; the error says what is wrong with it and what to do.
    static Result<Connection> open(const DatabaseAddress &address);
    // Opens one for things to be tried in a transaction that is never kept (Dialect::prepareTrial()). Its address() is
    // one that no other thread can open: what is tried is seen by that connection alone.
    static Result<Connection> openForTrial(const DatabaseAddress &address);
    // The one that has that address, where it is of a trial.
    static std::optional<Connection> ofTrial(const DatabaseAddress &address);

    QSqlDatabase database() const;
    const Dialect &dialect() const { return *m_held->dialect; }
    const DatabaseAddress &address() const { return m_held->address; }
    // Whether its answers may come from far away: a server's, other than one that is used in this thread alone.
    bool isFar() const { return dialect().triesInTransaction() && !isTrial(); }
    bool isTrial() const { return storedAddress() != m_held->address; }
    // Of the database as it is for everybody.
    DatabaseAddress storedAddress() const;
    bool isReadOnly() const { return m_held->isReadOnly; }
    void setReadOnly(bool isReadOnly) const { m_held->isReadOnly = isReadOnly; } // as others made it meanwhile

    Result<Catalogue> readCatalogue() const;
    QString quoted(const QString &name) const { return dialect().quoteName(name); }
    QString quotedTable(const QString &name) const { return dialect().quoteTable(name); }
    // Why something could not be read; also says when it was stopped because it took too long.
    Error explain(const QSqlError &error) const;

    // What ends statements of this connection before they are done.
    Interruption &interruption() const { return m_held->interruption; }
    // How many transactions are under way, one inside the other; kept by Transaction.
    int transactions() const { return m_held->transactions; }
    void setTransactions(int count) const { m_held->transactions = count; }
    // Whether nothing was written yet in the outermost one, and all that will be is written by others inside it.
    bool isTransactionBlank() const { return m_held->isTransactionBlank; }
    void setTransactionBlank(bool isBlank) const { m_held->isTransactionBlank = isBlank; }

private:
    struct Held
    {
        QString name; // of the connection, within Qt
        const Dialect *dialect = nullptr;
        DatabaseAddress address;
        bool isReadOnly = false;
        int transactions = 0;
        bool isTransactionBlank = false;
        Interruption interruption;

        Held() = default;
        Held(const Held &) = delete;
        Held &operator=(const Held &) = delete;
        ~Held();
    };
    static QHash<QString, std::weak_ptr<Held>> &trials();
    explicit Connection(std::shared_ptr<Held> held) : m_held(std::move(held)) {}
    std::shared_ptr<Held> m_held;
};

} // namespace nabblet
