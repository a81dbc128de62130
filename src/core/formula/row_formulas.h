// Formulas of a row: SQL scalar expressions over its columns, worked out by SQLite in a private, empty database in
// memory. Nothing but the row can be read there, and nothing written
// (https://www.sqlite.org/c3ref/set_authorizer.html).
#pragma once

#include "core/result.h"

#include <QString>
#include <QStringList>
#include <QVariant>

#include <functional>
#include <memory>

namespace nabblet {

// Rows that belong to the row, over which a formula may sum: (SELECT sum(quantity * unit_price) FROM part_fitted).
struct RowsBelonging
{
    QString table; // by this name
    QStringList columns;
};

// The columns that an expression reads, of those that the row has. An error says why it is none: not understood, more
// than one expression, a parameter, or something that no formula may do.
Result<QStringList> columnsReadBy(const QString &expression, const QStringList &columns,
                                  const QList<RowsBelonging> &belonging = {});

// Works out formulas over rows of the same columns. Each expression is read once and kept.
class RowFormulas
{
public:
    explicit RowFormulas(const QStringList &columns, const QList<RowsBelonging> &belonging = {});
    ~RowFormulas();
    RowFormulas(const RowFormulas &) = delete;
    RowFormulas &operator=(const RowFormulas &) = delete;

    // As columnsReadBy().
    Result<QStringList> columnsRead(const QString &expression);
    // The tables of rows that belong to the row which an expression reads.
    QStringList tablesRead(const QString &expression);
    // What stands in the rows that belong to the row in question, each as the columns of their table; an error where
    // they cannot be had, which every expression that reads them gives then. None until then.
    void setBelonging(const QString &table, const Result<QList<QVariantList>> &rows);
    // Its value in the row whose columns have the values that valueOf gives; an invalid QVariant for NULL. valueOf is
    // asked for the columns that the expression reads, and no others.
    Result<QVariant> value(const QString &expression, const std::function<QVariant(const QString &)> &valueOf);

private:
    struct Engine;
    std::unique_ptr<Engine> m_engine;
};

} // namespace nabblet
