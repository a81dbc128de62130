#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

QList<SettingLine> familyLines()
{
    return {{"family", Texts::later("Look"), Texts::later("Typeface"),
             Texts::later("The family of its letters. Empty: as the look says."), LineEditor::Family,
             Texts::later("Change a typeface"), wordsSet<setting::Family>,
             [](const Control &control, const QString &typed, const Table *rows) {
                 return wordsTyped<setting::Family>(control, typed.simplified(), rows);
             },
             nullptr, showsWords}};
}

void apply(const ControlSettings &pins, Look &look)
{
    const QString family = pins.value(setting::Family);
    for (TextStyle &text : look.texts) {
        text.family = family.isEmpty() ? text.family : family;
    }
}

QString said(const Look &look, Theme, const Control &control)
{
    return textStyle(look, roleOf(control)).family;
}

} // namespace

namespace setting {

constinit const ControlSetting<QString> Family = wordsSetting("family", SettingPart::Look, familyLines);

} // namespace setting

const LookPin &familyPin()
{
    static const LookPin pin{&setting::Family, PinToken::Family, apply, said};
    return pin;
}

} // namespace nabblet
