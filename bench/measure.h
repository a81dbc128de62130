// What the benches share: taking times, and a figure with the bound that it must keep.
#pragma once

#include "core/draft/draft.h"
#include "core/edit/edits.h"
#include "entry/theme/appearance.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QJsonObject>
#include <QList>
#include <QString>

#include <algorithm>
#include <ctime>
#include <functional>

namespace nabblet {

struct Measured
{
    QString work;
    QString figure;
    QString bound;
    bool isWithin = false;
    QJsonObject figures;
};

inline double milliseconds(const std::function<void()> &work)
{
    QElapsedTimer timer;
    timer.start();
    work();
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

// The same in time that this thread was at work: what other programs take of the processor does not count.
inline double workingMilliseconds(const std::function<void()> &work)
{
    const auto now = [] {
        timespec time{};
        clock_gettime(CLOCK_THREAD_CPUTIME_ID, &time);
        return static_cast<double>(time.tv_sec) * 1e3 + static_cast<double>(time.tv_nsec) / 1e6;
    };
    const double began = now();
    work();
    return now() - began;
}

inline double quantile(QList<double> values, double part)
{
    std::sort(values.begin(), values.end());
    const auto index = static_cast<qsizetype>(part * static_cast<double>(values.size() - 1) + 0.5);
    return values.at(index);
}

inline QList<double> repeated(int times, const std::function<void()> &work)
{
    QList<double> values;
    for (int i = 0; i < times; ++i) {
        values.append(milliseconds(work));
    }
    return values;
}

inline QString number(double value)
{
    return QString::number(value, 'f', value < 10 ? 2 : 1);
}

// A time that must stay under a number of milliseconds, at a quantile.
inline Measured under(const QString &work, const QList<double> &values, double bound, double part,
                      const QString &partName)
{
    const double figure = quantile(values, part);
    return {work,
            QString("%1 ms (%2)").arg(number(figure), partName),
            QString("%1 ms").arg(bound),
            figure < bound,
            {{"median_ms", quantile(values, 0.5)},
             {"p99_ms", quantile(values, 0.99)},
             {"max_ms", quantile(values, 1)},
             {"runs", values.size()},
             {"bound_ms", bound}}};
}

// A form of so many captions and boxes: all on its body, or parted under headings and on pages as it is drafted.
inline Form formOf(int controls, Sections sections = Sections::None)
{
    Table table;
    table.name = "wide";
    static const QStringList Types{"VARCHAR(40)", "INTEGER", "DATE", "BOOLEAN", "DECIMAL(8,2)", "VARCHAR(12)"};
    for (int i = 0; i < controls / 2; ++i) {
        const DeclaredType type = readDeclaredType(Types.at(i % Types.size()));
        Column column;
        column.name = QString("column_number_%1").arg(i);
        column.declaredType = Types.at(i % Types.size());
        column.type = type.type;
        column.length = type.length;
        table.columns.append(column);
    }
    const Appearance appearance(looks().first(), Theme::Light, QApplication::font());
    DraftPlan plan = planDraft(table);
    plan.columnsOfBoxes = 4;
    plan.sections = sections;
    return draftForm({{table}}, table, plan, nullptr, appearance);
}

// The board and the arrange operations, in board_bench.cpp. folder: to write to.
QList<Measured> boardBench(const QString &folder);
// A form on many tab pages, in pages_bench.cpp.
QList<Measured> pagesBench(const QString &folder);
QList<Measured> lookupsBench(const QString &database);
// Looks on the board, in looks_bench.cpp.
QList<Measured> looksBench();
QList<Measured> serversBench(qint64 rows);
// Findings while a form is designed, in findings_bench.cpp.
QList<Measured> findingsBench();
// Pages and rows into files, beside the bare painter and the bare driver.
QList<Measured> paperBench(const QString &depot, const QString &million);
// database: one that demo/grow made.
QList<Measured> rowsBench(const QString &database);
// Work at a form, in entry_bench.cpp.
QList<Measured> entryBench(const QString &depot, const QString &million);
// Rules at work, in rules_bench.cpp.
QList<Measured> rulesBench(const QString &folder, const QString &database);
// What tidy gives back, in tidy_bench.cpp. databases: files whose tables are drafted.
Measured tidyBench(const QStringList &databases);

} // namespace nabblet
