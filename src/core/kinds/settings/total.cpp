#include "core/kinds/settings/total.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <array>

namespace nabblet {

namespace {

constexpr std::array<const char *, 5> TotalNames{"sum", "average", "least", "greatest", "count"};

std::optional<Total> readTotal(const QJsonValue &json)
{
    const QJsonObject object = json.toObject();
    const QString how = object.value(QLatin1String("how")).toString();
    for (size_t i = 0; i < TotalNames.size(); ++i) {
        if (how == QLatin1String(TotalNames.at(i))) {
            return Total{static_cast<TotalKind>(i), object.value(QLatin1String("column")).toString()};
        }
    }
    return std::nullopt;
}

QJsonValue writeTotal(const Total &total)
{
    QJsonObject object{{key("how"), key(TotalNames.at(static_cast<size_t>(total.kind)))}};
    if (!total.column.isEmpty()) {
        object.insert(key("column"), total.column);
    }
    return object;
}

Total totalIn(const Control &control)
{
    return totalOf(control).value_or(Total{TotalKind::Count, {}});
}

QString kindNumber(TotalKind kind)
{
    return QString::number(static_cast<int>(kind));
}

QString kindInWords(const Control &control)
{
    return kindNumber(totalIn(control).kind);
}

Result<Control> withKindOfTotal(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    setTotal(changed, {static_cast<TotalKind>(typed.toInt()), totalIn(control).column});
    return changed;
}

QList<SettingChoice> kindChoices(const Control &, const Table *)
{
    return {{kindNumber(TotalKind::Sum), Texts::tr("the sum")},
            {kindNumber(TotalKind::Average), Texts::tr("the average")},
            {kindNumber(TotalKind::Least), Texts::tr("the least")},
            {kindNumber(TotalKind::Greatest), Texts::tr("the greatest")},
            {kindNumber(TotalKind::Count), Texts::tr("how many rows")}};
}

QString columnInWords(const Control &control)
{
    return totalIn(control).column;
}

Result<Control> withColumnOfTotal(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    setTotal(changed, {totalIn(control).kind, typed});
    return changed;
}

QList<SettingChoice> columnChoices(const Control &control, const Table *rows)
{
    QStringList columns{QString()};
    if (rows) {
        columns += columnNames(*rows);
    }
    if (const QString now = totalIn(control).column; !columns.contains(now)) {
        columns.append(now);
    }
    QList<SettingChoice> choices;
    for (const QString &column : std::as_const(columns)) {
        choices.append({column, column.isEmpty() ? Texts::tr("all rows") : column.simplified()});
    }
    return choices;
}

QList<SettingLine> totalLines()
{
    return {{"totalHow", Texts::later("Total"), Texts::later("Works out"), Texts::later("Over all rows of the form."),
             LineEditor::Choice, Texts::later("Change a total"), kindInWords, withKindOfTotal, kindChoices, nullptr,
             true},
            {"totalOf", Texts::later("Total"), Texts::later("Of"), Texts::later("The column that it is worked out of."),
             LineEditor::Choice, Texts::later("Change a total"), columnInWords, withColumnOfTotal, columnChoices,
             nullptr, true}};
}

} // namespace

namespace setting {

constinit const ControlSetting<Total> WorksOut{"total", readTotal, writeTotal, SettingPart::Work, totalLines};

} // namespace setting

std::optional<Total> totalOf(const Control &control)
{
    const Total *total = control.settings.get(setting::WorksOut);
    return total ? std::optional(*total) : std::nullopt;
}

void setTotal(Control &control, const Total &total)
{
    control.settings.set(setting::WorksOut, total);
}

} // namespace nabblet
