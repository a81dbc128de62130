// Several writes that are done together or not at all. One inside another is part of the outer one, and can be undone
// by itself.
#pragma once

#include "data/dialect/connection.h"

namespace nabblet {

class Transaction
{
public:
    // Who writes in it: whoever made it, or nobody but transactions inside it. In the second case the first of these
    // needs no mark of its own to be undone by itself, which spares a server two statements.
    enum class Writes { Itself, ByOthers };

    // Begins; see hasBegun().
    explicit Transaction(const Connection &connection, Writes writes = Writes::Itself);
    // Undoes what was not committed.
    ~Transaction();
    Transaction(const Transaction &) = delete;
    Transaction &operator=(const Transaction &) = delete;

    bool hasBegun() const { return m_hasBegun; }
    bool commit();
    void rollBack();
    // Why it did not begin or could not be committed.
    const QSqlError &error() const { return m_error; }

private:
    bool run(const QString &sql);

    Connection m_connection;
    int m_depth = 0;        // of transactions around it
    bool m_isWhole = false; // all that the one around it has in it yet
    bool m_hasBegun = false;
    QSqlError m_error;
};

} // namespace nabblet
