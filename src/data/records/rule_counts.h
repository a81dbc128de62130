// For how many stored rows the rules of a form are true, and which rows those are. Long for large tables, so it is done
// beside the interface.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "data/records/records.h"

#include <atomic>
#include <functional>

namespace nabblet {

// What is to be counted of one rule.
struct CountWanted
{
    QString condition; // empty: true for all
    QString measured;  // of a scale
    QList<ScaleStep> steps;
    QString text; // the column whose texts are tried by `fits`
    std::function<bool(const QString &)> fits = {};
    bool keepsFalse = false; // keep rows for which it is not true, else those for which it is
};

struct RowsCounted
{
    static constexpr int MostKept = 100;     // rows
    static constexpr int MostNumbers = 5000; // of a sample of what is measured

    qint64 isTrue = 0;
    qint64 isFalse = 0;    // NULL is neither
    QList<qint64> inSteps; // of a scale, where its condition is true
    QList<double> numbers; // that were measured
    std::optional<RowKey> aTrue;
    std::optional<RowKey> aFalse;
    QList<Row> kept;
    QString mistake; // why it cannot be worked out
};

struct RuleCounts
{
    qint64 rows = 0;
    bool isSample = true; // more rows are still to be looked at
    QList<RowsCounted> rules;
};

// Looks through all rows of a source; report is told of the first ones at once and then from time to time, at last of
// all. form: whose rows they are, and whose subforms' rows conditions may sum up.
Outcome countForRules(const Connection &connection, const RecordSource &source, const Form &form,
                      const Catalogue &catalogue, const QList<CountWanted> &wanted,
                      const std::atomic<bool> &isCancelled, const std::function<void(const RuleCounts &)> &report);

} // namespace nabblet
