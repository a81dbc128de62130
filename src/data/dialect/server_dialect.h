// What databases on servers have in common.
#pragma once

#include "data/dialect/dialect.h"

#include <QSqlQuery>

namespace nabblet {

class ServerDialect : public Dialect
{
public:
    QString driver() const override { return {}; } // each makes its own
    bool triesInTransaction() const override { return true; }
    Result<DatabaseAddress> copyWhole(const DatabaseAddress &address, const QString &folder,
                                      const std::function<bool(double)> &goesOn) const override;
    // Values and what was typed as texts: of other types no two can be compared, or they are as numbers.
    QString isWrittenAs(const QString &column) const override;
    QString copyInto(const QString &table, const QString &select) const override;
    QString rowNumberOfCopies(const QStringList &columns) const override;
};

// Runs a statement and hands each of its rows to a function.
template <typename TakeRow> bool forEachRow(QSqlQuery &query, const QString &sql, TakeRow take)
{
    query.setForwardOnly(true);
    if (!query.exec(sql)) {
        return false;
    }
    while (query.next()) {
        take(query);
    }
    return !query.lastError().isValid();
}

} // namespace nabblet
