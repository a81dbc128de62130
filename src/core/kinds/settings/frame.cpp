#include "core/kinds/settings/frame.h"

#include "core/kinds/settings/setting_line.h"

namespace nabblet {

namespace {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<SettingLine> frameLines()
{
    return {{"framed", T("Group"), T("Frame"), T("Without a frame it only holds together what is in it."),
             LineEditor::Flag, T("Change a frame"),
             [](const Control &control) { return isFramed(control) ? FlagOn : QString(); },
             flagTyped<setting::Framed>}};
}

#undef T

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
