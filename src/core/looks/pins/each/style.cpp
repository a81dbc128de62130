#include "core/looks/pins/look_pin_table.h"

namespace nabblet {

namespace {

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<SettingLine> lines()
{
    return {{"style", T("Look"), T("Style"), T("A look kept under a name, which all that have it follow."),
             LineEditor::Style, T("Change a style"), wordsSet<setting::Style>, wordsTyped<setting::Style>}};
}

#undef T

// Whoever makes a look for a control takes its style's pins before its own.
void apply(const ControlSettings &, Look &) {}

QString said(const Look &, Theme, const Control &)
{
    return {};
}

} // namespace

namespace setting {

constinit const ControlSetting<QString> Style = wordsSetting("style", SettingPart::Look, lines);

} // namespace setting

const LookPin &stylePin()
{
    static const LookPin pin{&setting::Style, PinToken::Word, apply, said};
    return pin;
}

} // namespace nabblet
