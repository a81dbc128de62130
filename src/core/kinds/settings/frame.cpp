#include "core/kinds/settings/frame.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> frameLines()
{
    return {{"framed", Texts::later("Group"), Texts::later("Frame"),
             Texts::later("Without a frame it only holds together what is in it."), LineEditor::Flag,
             Texts::later("Change a frame"),
             [](const Control &control) { return isFramed(control) ? FlagOn : QString(); },
             flagTyped<setting::Framed>}};
}

} // namespace

namespace setting {

constinit const ControlSetting<bool> Framed{
    "framed", [](const QJsonValue &json) { return json.isBool() ? std::optional(json.toBool()) : std::nullopt; },
    [](const bool &isFramed) { return isFramed ? QJsonValue(QJsonValue::Undefined) : QJsonValue(false); },
    SettingPart::Work, frameLines};

} // namespace setting

bool isFramed(const Control &control)
{
    return control.settings.value(setting::Framed, true);
}

} // namespace nabblet
