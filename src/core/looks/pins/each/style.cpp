#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> lines()
{
    return {{"style", Texts::later("Look"), Texts::later("Style"),
             Texts::later("A look kept under a name, which all that have it follow."), LineEditor::Style,
             Texts::later("Change a style"), wordsSet<setting::Style>, wordsTyped<setting::Style>}};
}

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
