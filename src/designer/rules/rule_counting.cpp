#include "designer/rules/rule_counting.h"

#include "core/rules/rules.h"
#include "core/rules/shapes.h"

namespace nabblet {

namespace {

constexpr int Soon = 120; // ms after the last change

} // namespace

CountWanted countWanted(const Form &form, const Rule &rule)
{
    CountWanted wanted;
    wanted.condition = rule.when;
    wanted.keepsFalse = rule.effect == QLatin1String("check");
    const Control *control = rule.on.isEmpty() ? nullptr : form.controls.find(rule.on.first());
    if (control && rule.effect == QLatin1String("shape")) {
        wanted.text = control->column;
        wanted.fits = [rule](const QString &text) { return hasShape(rule, text); };
        wanted.keepsFalse = true;
    }
    if (control && !rule.steps.isEmpty()) {
        wanted.measured = measuredBy(rule, *control);
        wanted.steps = rule.steps;
    }
    return wanted;
}

RuleCounting::RuleCounting(QObject *parent) : QObject(parent)
{
    m_soon.setSingleShot(true);
    m_soon.setInterval(Soon);
    connect(&m_soon, &QTimer::timeout, this, &RuleCounting::start);
}

void RuleCounting::setDatabase(const DatabaseAddress &address, const Catalogue &catalogue)
{
    m_work.giveUp();
    m_address = address;
    m_catalogue = catalogue;
    m_counts = {};
    m_form = Form(); // the next one is counted, be it the same as before
}

void RuleCounting::countFor(const Form &form, const QList<StandingRule> &standing)
{
    if (standing != m_standing || form.rules != m_form.rules || form.rowsFrom != m_form.rowsFrom ||
        form.select != m_form.select || !(form.controls == m_form.controls)) {
        m_form = form;
        m_standing = standing;
        m_soon.start();
    }
}

void RuleCounting::measure(const QString &expression)
{
    if (expression != m_measure) {
        m_measure = expression;
        m_soon.start();
    }
}

QList<double> RuleCounting::measured() const
{
    return m_counts.rules.size() > m_form.rules.size() + m_standing.size() ? m_counts.rules.last().numbers
                                                                           : QList<double>();
}

void RuleCounting::start()
{
    m_work.giveUp();
    m_counts = {};
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    const Result<RecordSource> source = recordSourceOf(m_form, m_catalogue);
    if (m_address.isEmpty() || !table || !source) {
        Q_EMIT counted();
        return;
    }
    m_source = *source;
    QList<CountWanted> wanted;
    for (const Rule &rule : m_form.rules) {
        wanted.append(countWanted(m_form, rule));
    }
    for (const StandingRule &rule : std::as_const(m_standing)) {
        CountWanted held;
        const Control *control = m_form.controls.find(rule.control);
        held.condition = rule.kind == StandingKind::CheckOfTable
                             ? QStringLiteral("(%1\n) IS NOT 0").arg(rule.expression)
                         : rule.kind == StandingKind::RequiredByTable && control
                             ? columnExpression(control->column) + QLatin1String(" IS NOT NULL")
                             : QString();
        held.keepsFalse = true;
        wanted.append(held);
    }
    CountWanted besides;
    besides.measured = m_measure;
    besides.steps = {ScaleStep{}};
    wanted.append(besides);
    m_work.start(m_address, [this, wanted, form = m_form, catalogue = m_catalogue,
                             source = *source](const Connection &connection, const std::atomic<bool> &isCancelled,
                                               const BackgroundWork::Report &report) {
        const auto tell = [&](const RuleCounts &counts) {
            report([this, counts] {
                m_counts = counts;
                Q_EMIT counted();
            });
        };
        countForRules(connection, source, form, catalogue, wanted, isCancelled, tell);
    });
}

} // namespace nabblet
