// Counts beside the interface for how many stored rows the rules of a form are true.
#pragma once

#include "core/rules/standing_rules.h"
#include "data/background/background_work.h"
#include "data/records/rule_counts.h"

#include <QObject>
#include <QTimer>

namespace nabblet {

class RuleCounting : public QObject
{
    Q_OBJECT

public:
    explicit RuleCounting(QObject *parent = nullptr);

    // The database whose rows are counted; an empty address for none.
    void setDatabase(const DatabaseAddress &address, const Catalogue &catalogue);
    // Counts for a form, soon: what was counted for another is given up.
    // standing: what holds besides; of it, what the table asks for is counted.
    void countFor(const Form &form, const QList<StandingRule> &standing);
    // What is to be measured besides, of all rows: an expression that gives numbers; empty for none.
    void measure(const QString &expression);

    // As known so far, one for each rule of the form, then for each that holds besides; none while nothing is known.
    const RuleCounts &counts() const { return m_counts; }
    // What measure() asked for.
    QList<double> measured() const;
    // The source of the rows kept with the counts.
    const RecordSource &source() const { return m_source; }

Q_SIGNALS:
    void counted();

private:
    void start();

    DatabaseAddress m_address;
    Catalogue m_catalogue;
    Form m_form;
    QList<StandingRule> m_standing;
    QString m_measure;
    RecordSource m_source;
    RuleCounts m_counts;
    QTimer m_soon;
    BackgroundWork m_work;
};

// What is to be counted of a rule.
CountWanted countWanted(const Form &form, const Rule &rule);

} // namespace nabblet
