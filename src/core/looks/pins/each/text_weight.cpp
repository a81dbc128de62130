#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingChoice> choices(const Control &control, const Table *)
{
    QList<SettingChoice> all{
        {QString(), Texts::tr("as the look says")},  {QStringLiteral("300"), Texts::tr("light")},
        {QStringLiteral("400"), Texts::tr("plain")}, {QStringLiteral("600"), Texts::tr("half bold")},
        {QStringLiteral("700"), Texts::tr("bold")},  {QStringLiteral("900"), Texts::tr("heavy")}};
    const int now = control.settings.value(setting::TextWeight);
    const auto isIt = [&](const SettingChoice &choice) { return choice.value.toInt() == now; };
    if (std::none_of(all.begin(), all.end(), isIt)) {
        all.append({QString::number(now), QString::number(now)});
    }
    return all;
}

QList<SettingLine> lines()
{
    return {{"textWeight", Texts::later("Look"), Texts::later("Weight"), Texts::later("How bold its words are."),
             LineEditor::Choice, Texts::later("Change a text weight"),
             [](const Control &control) {
                 const int *weight = control.settings.get(setting::TextWeight);
                 return weight ? QString::number(*weight) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::TextWeight, typed, 1, 1000);
             },
             choices, showsWords}};
}

void apply(const ControlSettings &pins, Look &look)
{
    if (const int *weight = pins.get(setting::TextWeight)) {
        for (TextStyle &text : look.texts) {
            text.weight = *weight;
        }
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    return QString::number(textStyle(look, roleOf(control)).weight);
}

} // namespace

namespace setting {

constinit const ControlSetting<int> TextWeight = wholeNumberSetting("textWeight", SettingPart::Look, lines);

} // namespace setting

const LookPin &textWeightPin()
{
    static const LookPin pin{&setting::TextWeight, PinToken::Weight, apply, said};
    return pin;
}

} // namespace nabblet
