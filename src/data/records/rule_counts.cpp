#include "data/records/rule_counts.h"

#include "core/formula/row_formulas.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "data/dialect/patience.h"
#include "data/records/rows_below.h"
#include "data/records/statement.h"

#include <QElapsedTimer>

#include <vector>

namespace nabblet {

namespace {

constexpr qint64 FirstRows = 400;
constexpr qint64 Between = 400; // ms between reports

// Keeps an even sample of numbers: every so-manieth, the distance growing as there are more.
struct Sampler
{
    qint64 stride = 1;
    qint64 seen = 0;

    void add(QList<double> &numbers, double number)
    {
        if (seen++ % stride != 0) {
            return;
        }
        numbers.append(number);
        if (numbers.size() >= RowsCounted::MostNumbers) {
            QList<double> half;
            for (qsizetype i = 0; i < numbers.size(); i += 2) {
                half.append(numbers.at(i));
            }
            numbers = half;
            stride *= 2;
        }
    }
};

QStringList columnsOfRows(const Form &form, const Catalogue &catalogue)
{
    const Table *table = findTable(catalogue, form.rowsFrom);
    return table ? columnNames(*table) : QStringList();
}

class Counting
{
public:
    Counting(const Connection &connection, const RecordSource &source, const Form &form, const Catalogue &catalogue,
             const QList<CountWanted> &wanted)
        : m_connection(connection), m_source(source), m_form(form), m_catalogue(catalogue), m_wanted(wanted),
          m_belonging(belongingTo(form)), m_formulas(columnsOfRows(form, catalogue), m_belonging),
          m_samplers(wanted.size())
    {
        m_counts.rules.resize(wanted.size());
        for (qsizetype i = 0; i < wanted.size(); ++i) {
            m_counts.rules[i].inSteps.resize(wanted.at(i).steps.size());
            for (const QString &expression : {wanted.at(i).condition, wanted.at(i).measured}) {
                const Result<QStringList> read =
                    expression.trimmed().isEmpty() ? QStringList() : m_formulas.columnsRead(expression);
                if (!read) {
                    m_counts.rules[i].mistake = read.error().sentence;
                } else if (!expression.trimmed().isEmpty()) {
                    m_summed += m_formulas.tablesRead(expression);
                }
            }
        }
    }

    const RuleCounts &counts() const { return m_counts; }
    void setWhole() { m_counts.isSample = false; }

    void take(const Row &row)
    {
        ++m_counts.rows;
        for (const RowsBelonging &rows : std::as_const(m_belonging)) {
            if (m_summed.contains(rows.table, Qt::CaseInsensitive)) {
                m_formulas.setBelonging(rows.table,
                                        rowsBelow(m_connection, m_source, row, subformsTo(m_form, rows.table),
                                                  rows.columns, m_catalogue, MostSummed));
            }
        }
        const WorksOut worksOut = [&](const QString &expression) {
            return m_formulas.value(expression, [&](const QString &column) { return valueOf(m_source, row, column); });
        };
        for (qsizetype i = 0; i < m_wanted.size(); ++i) {
            RowsCounted &counted = m_counts.rules[i];
            if (counted.mistake.isEmpty()) {
                takeIn(m_wanted.at(i), m_samplers[i], counted, row, worksOut);
            }
        }
    }

private:
    enum class Answer { Yes, No, Unknown };

    Answer answerFor(const CountWanted &wanted, const Row &row, const WorksOut &worksOut) const
    {
        if (!wanted.condition.trimmed().isEmpty()) {
            const Result<QVariant> value = worksOut(wanted.condition);
            if (!value || value->isNull()) {
                return Answer::Unknown;
            }
            if (!isTrue(*value)) {
                return Answer::No;
            }
        }
        if (!wanted.fits) {
            return Answer::Yes;
        }
        const QString text = valueOf(m_source, row, wanted.text).toString();
        if (text.isEmpty()) {
            return Answer::Unknown;
        }
        return wanted.fits(text) ? Answer::Yes : Answer::No;
    }

    void takeIn(const CountWanted &wanted, Sampler &sampler, RowsCounted &counted, const Row &row,
                const WorksOut &worksOut)
    {
        const Answer answer = answerFor(wanted, row, worksOut);
        if (answer != Answer::Unknown) {
            const bool isSo = answer == Answer::Yes;
            ++(isSo ? counted.isTrue : counted.isFalse);
            std::optional<RowKey> &example = isSo ? counted.aTrue : counted.aFalse;
            example = example ? example : row.key;
            if (isSo != wanted.keepsFalse && counted.kept.size() < RowsCounted::MostKept) {
                counted.kept.append(row);
            }
        }
        if (answer == Answer::Yes && !wanted.measured.isEmpty()) {
            const Result<QVariant> value = worksOut(wanted.measured);
            const ScaleStep *step = value ? stepOf(wanted.steps, *value) : nullptr;
            if (step) {
                ++counted.inSteps[step - wanted.steps.constData()];
            }
            bool isNumber = false;
            const double number = value ? value->toDouble(&isNumber) : 0;
            if (isNumber && !value->isNull()) {
                sampler.add(counted.numbers, number);
            }
        }
    }

    const Connection &m_connection;
    const RecordSource &m_source;
    const Form &m_form;
    const Catalogue &m_catalogue;
    const QList<CountWanted> &m_wanted;
    QList<RowsBelonging> m_belonging;
    QStringList m_summed; // tables of such rows that are read
    RowFormulas m_formulas;
    std::vector<Sampler> m_samplers;
    RuleCounts m_counts;
};

} // namespace

Outcome countForRules(const Connection &connection, const RecordSource &source, const Form &form,
                      const Catalogue &catalogue, const QList<CountWanted> &wanted,
                      const std::atomic<bool> &isCancelled, const std::function<void(const RuleCounts &)> &report)
{
    QStringList quoted;
    for (const QString &column : source.keyColumns) {
        quoted.append(keyName(connection, source, column));
    }
    for (const QString &column : source.columns) {
        quoted.append(rowsColumn(connection, column));
    }
    if (quoted.isEmpty()) {
        return Done{};
    }
    const Statement statement{QStringLiteral("SELECT %1 FROM %2").arg(quoted.join(u','), rowsFrom(connection, source)),
                              {}};
    Counting counting(connection, source, form, catalogue, wanted);
    QElapsedTimer clock;
    clock.start();
    Running running(connection, statement);
    const qsizetype keys = source.keyColumns.size();
    while (running.isGood && running.query.next()) {
        if (isCancelled.load(std::memory_order_relaxed)) {
            return Done{};
        }
        Row row;
        for (int i = 0; i < quoted.size(); ++i) {
            const QVariant value = running.query.isNull(i) ? QVariant() : running.query.value(i);
            (i < keys ? row.key : row.values).append(value);
        }
        counting.take(row);
        if (counting.counts().rows == FirstRows || clock.elapsed() > Between) {
            report(counting.counts());
            clock.restart();
        }
    }
    if (!running.isGood || running.query.lastError().isValid()) {
        return connection.explain(running.query.lastError());
    }
    counting.setWhole();
    report(counting.counts());
    return Done{};
}

} // namespace nabblet
