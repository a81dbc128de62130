#include "core/kinds/settings/dates.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QString shapeInWords(const Control &control)
{
    return dateShapeName(dateShapeOf(control));
}

Result<Control> withShape(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    changed.settings.set(setting::Dates, dateShapeNamed(typed).value_or(DateShape::ShortMonth));
    return changed;
}

// Each as it writes today's date, which is the preview.
QList<SettingChoice> shapes(const Control &, const Table *)
{
    QList<SettingChoice> choices;
    for (int i = 0; i < DateShapeCount; ++i) {
        const auto shape = static_cast<DateShape>(i);
        choices.append({dateShapeName(shape), dateInWords(QDate::currentDate(), QLocale(), shape)});
    }
    return choices;
}

QList<SettingLine> dateLines()
{
    return {{"dates", Texts::later("Display"), Texts::later("Dates as"),
             Texts::later("How the date is written; it may be typed in any way."), LineEditor::Choice,
             Texts::later("Change how dates are written"), shapeInWords, withShape, shapes}};
}

} // namespace

namespace setting {

constinit const ControlSetting<DateShape> Dates{
    "dates", [](const QJsonValue &json) { return dateShapeNamed(json.toString()); },
    [](const DateShape &shape) {
        return shape == DateShape::ShortMonth ? QJsonValue(QJsonValue::Undefined) : QJsonValue(dateShapeName(shape));
    },
    SettingPart::Work, dateLines};

} // namespace setting

DateShape dateShapeOf(const Control &control)
{
    return control.settings.value(setting::Dates, DateShape::ShortMonth);
}

} // namespace nabblet
