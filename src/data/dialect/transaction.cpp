#include "data/dialect/transaction.h"

#include <QSqlQuery>

namespace nabblet {

Transaction::Transaction(const Connection &connection, Writes writes)
    : m_connection(connection), m_depth(connection.transactions()),
      m_isWhole(m_depth == 1 && connection.isTransactionBlank())
{
    m_hasBegun = m_isWhole || run(m_depth == 0 ? connection.dialect().beginWriting()
                                               : QStringLiteral("SAVEPOINT nabblet_%1").arg(m_depth));
    if (m_hasBegun) {
        m_connection.setTransactions(m_depth + 1);
        m_connection.setTransactionBlank(m_depth == 0 && writes == Writes::ByOthers);
    }
}

Transaction::~Transaction()
{
    rollBack();
}

bool Transaction::run(const QString &sql)
{
    QSqlQuery query(m_connection.database());
    const bool isGood = query.exec(sql);
    if (!isGood) {
        m_error = query.lastError();
    }
    return isGood;
}

bool Transaction::commit()
{
    if (!m_hasBegun) {
        return false;
    }
    if (!m_isWhole &&
        !run(m_depth == 0 ? QStringLiteral("COMMIT") : QStringLiteral("RELEASE SAVEPOINT nabblet_%1").arg(m_depth))) {
        const QSqlError why = m_error;
        rollBack();
        m_error = why;
        return false;
    }
    m_hasBegun = false;
    m_connection.setTransactions(m_depth);
    return true;
}

void Transaction::rollBack()
{
    if (!m_hasBegun) {
        return;
    }
    m_hasBegun = false;
    m_connection.setTransactions(m_depth);
    if (m_isWhole) { // the one around it begins anew
        run(QStringLiteral("ROLLBACK"));
        run(m_connection.dialect().beginWriting());
        m_connection.setTransactionBlank(true);
    } else if (m_depth == 0) {
        run(QStringLiteral("ROLLBACK")); // fails only where the database has undone everything by itself
    } else {
        run(QStringLiteral("ROLLBACK TO SAVEPOINT nabblet_%1").arg(m_depth));
        run(QStringLiteral("RELEASE SAVEPOINT nabblet_%1").arg(m_depth));
    }
}

} // namespace nabblet
