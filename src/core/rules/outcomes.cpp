#include "core/rules/outcomes.h"

#include "core/formula/row_formulas.h"
#include "core/rules/condition_rows.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"

#include <QDate>

#include <cmath>

namespace nabblet {

namespace {

// Values worth trying in a column against a row of a condition: those compared with, and what lies beside them.
QVariantList candidates(const Column *column, const ConditionRow &row)
{
    QVariantList values;
    const auto day = [&](const QDate &date) {
        for (const int by : {0, -1, 1}) {
            values.append(date.addDays(by).toString(Qt::ISODate));
        }
    };
    const QDate today = QDate::currentDate();
    for (const CompareValue &value : row.values) {
        if (value.days) {
            day(today.addDays(*value.days));
            continue;
        }
        bool isNumber = false;
        const double number = value.text.toDouble(&isNumber);
        const bool isText = column && column->type == ColumnType::Text;
        if (isNumber && !isText) {
            const bool isWhole = column && column->type == ColumnType::WholeNumber;
            for (const double by : {0.0, -1.0, 1.0, -0.1, 0.1}) {
                if (!isWhole || by == std::trunc(by)) {
                    values.append(isWhole ? QVariant(static_cast<qlonglong>(number + by)) : QVariant(number + by));
                }
            }
        } else if (const QDate date = QDate::fromString(value.text, Qt::ISODate); date.isValid()) {
            day(date);
        } else {
            values.append(value.text);
            values.append(value.text + QStringLiteral(" x"));
            values.append(QStringLiteral("x ") + value.text);
        }
    }
    if (column) {
        values += column->choices;
        if (column->type == ColumnType::YesNo) {
            values += QVariantList{1, 0};
        } else if (column->type == ColumnType::Date || column->type == ColumnType::DateTime) {
            day(today);
            values.append(today.addDays(400).toString(Qt::ISODate));
            values.append(today.addDays(-400).toString(Qt::ISODate));
        } else if (column->type == ColumnType::WholeNumber || column->type == ColumnType::DecimalNumber) {
            values += QVariantList{1, 0};
        } else {
            values.append(QStringLiteral("x"));
        }
    }
    if (!column || !column->isRequired) {
        values.append(QVariant());
    }
    if (column && !column->choices.isEmpty()) { // nothing but these is ever stored
        QStringList allowed;
        for (const QVariant &choice : column->choices) {
            allowed.append(choice.toString());
        }
        values.removeIf([&](const QVariant &value) { return !value.isNull() && !allowed.contains(value.toString()); });
    }
    return values;
}

} // namespace

Result<QHash<QString, QVariant>> valuesFor(const QString &condition, bool wanted, const Table &rows)
{
    const auto parts = rowsFromCondition(condition);
    if (!parts || parts->isEmpty()) {
        return Error{parts ? Texts::tr("There is no condition.")
                           : Texts::tr("A record is needed for which this is %1: %2")
                                 .arg(wanted ? Texts::tr("true") : Texts::tr("not true"), condition.simplified()),
                     {}};
    }
    RowFormulas formulas(columnNames(rows));
    QHash<QString, QVariant> values;
    const auto isSo = [&](const QString &expression) {
        const Result<QVariant> value =
            formulas.value(expression, [&](const QString &column) { return values.value(column); });
        return value && isTrue(*value);
    };
    // Column by column, whatever value brings most rows to the wanted side; twice, as one may hang on another.
    for (int round = 0; round < 2; ++round) {
        for (const ConditionRow &part : *parts) {
            const Column *column = findColumn(rows, part.column);
            if (!column) {
                return Error{Texts::tr("There is no column “%1”.").arg(part.column), {}};
            }
            QVariant best = values.value(column->name);
            int most = -1;
            for (const QVariant &candidate : candidates(column, part)) {
                values.insert(column->name, candidate);
                int right = isSo(condition) == wanted ? 1000 : 0;
                for (const ConditionRow &each : *parts) {
                    right += isSo(conditionFromRows({each})) == wanted ? 1 : 0;
                }
                if (right > most) {
                    most = right;
                    best = candidate;
                }
            }
            values.insert(column->name, best);
        }
    }
    if (isSo(condition) != wanted) {
        return Error{Texts::tr("No record can be found for which this is %1: %2")
                         .arg(wanted ? Texts::tr("true") : Texts::tr("not true"), condition.simplified()),
                     {}};
    }
    return values;
}

} // namespace nabblet
