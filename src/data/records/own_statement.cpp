#include "data/records/own_statement.h"

#include "data/dialect/patience.h"
#include "data/dialect/transaction.h"
#include "data/records/statement.h"

namespace nabblet {

Result<qint64> runOwnStatement(const Connection &connection, const QString &sql, const QVariantList &values)
{
    const Patience patience(connection, Sql::OfPeople);
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        return connection.explain(transaction.error());
    }
    qint64 changed = 0;
    {
        Running running(connection, {sql, values});
        if (!running.isGood) {
            return connection.explain(running.query.lastError());
        }
        changed = running.query.isSelect() ? 0 : std::max(0, running.query.numRowsAffected());
        running.query.finish();
    }
    if (!transaction.commit()) {
        return connection.explain(transaction.error());
    }
    return changed;
}

} // namespace nabblet
