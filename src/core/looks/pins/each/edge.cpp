#include "core/looks/pins/look_pin_table.h"

#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

int numberOf(const QString &name)
{
    const QList<LookChoice> &shapes = fieldEdge().choices;
    for (qsizetype i = 0; i < shapes.size(); ++i) {
        if (name == QLatin1String(shapes.at(i).name)) {
            return static_cast<int>(i);
        }
    }
    return -1;
}

QString nameOf(int number)
{
    return QLatin1String(fieldEdge().choices.at(number).name);
}

QList<SettingChoice> choices(const Control &, const Table *)
{
    QList<SettingChoice> all{{QString(), Texts::tr("as the look says")}};
    for (const LookChoice &shape : fieldEdge().choices) {
        all.append({QLatin1String(shape.name), Texts::tr(shape.words)});
    }
    return all;
}

QList<SettingLine> lines()
{
    return {{"edge", Texts::later("Look"), Texts::later("Edge"), Texts::later("Flat, sunk into the form, or above it."),
             LineEditor::Choice, Texts::later("Change an edge"),
             [](const Control &control) {
                 const int *shape = control.settings.get(setting::Edge);
                 return shape ? nameOf(*shape) : QString();
             },
             [](const Control &control, const QString &typed, const Table *) -> Result<Control> {
                 Control changed = control;
                 changed.settings.remove(setting::Edge);
                 if (numberOf(typed) >= 0) {
                     changed.settings.set(setting::Edge, numberOf(typed));
                 }
                 return changed;
             },
             choices, mayHaveGround}};
}

void apply(const ControlSettings &pins, Look &look)
{
    if (const int *shape = pins.get(setting::Edge)) {
        for (const LookSetting *each : {&fieldEdge(), &buttonEdge(), &groupEdge()}) {
            look.figures.insert(QLatin1String(each->name), *shape);
        }
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    const LookSetting &setting = control.kind == QLatin1String("button") ? buttonEdge()
                                 : takesFill(control)                    ? fieldEdge()
                                                                         : groupEdge();
    return nameOf(lookFigure(look, setting));
}

} // namespace

namespace setting {

constinit const ControlSetting<int> Edge{"edge",
                                         [](const QJsonValue &json) {
                                             const int number = numberOf(json.toString());
                                             return number < 0 ? std::nullopt : std::optional(number);
                                         },
                                         [](const int &number) { return QJsonValue(nameOf(number)); },
                                         SettingPart::Look, lines};

} // namespace setting

const LookPin &edgePin()
{
    static const LookPin pin{&setting::Edge, PinToken::Word, apply, said};
    return pin;
}

} // namespace nabblet
