#include "core/kinds/settings/typing.h"

#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

constexpr int MostLetters = 1000000;

QList<SettingLine> promptLines()
{
    return {{"prompt", Texts::later("Behaviour"), Texts::later("Prompt"),
             Texts::later("Faint words in the empty box, such as an example."), LineEditor::Words,
             Texts::later("Change a prompt"), wordsSet<setting::Prompt>, wordsTyped<setting::Prompt>}};
}

QList<SettingLine> lockedLines()
{
    return {{"locked", Texts::later("Behaviour"), Texts::later("Only shown"),
             Texts::later("People see the value and cannot change it."), LineEditor::Flag,
             Texts::later("Lock or unlock a control"), flagInWords<setting::Locked>, flagTyped<setting::Locked>}};
}

QList<SettingLine> lengthLines()
{
    return {{"length", Texts::later("Behaviour"), Texts::later("At most"),
             Texts::later("How many letters may be typed. Empty: any number."), LineEditor::Words,
             Texts::later("Change the most letters"),
             [](const Control &control) { return wholeNumberInWords(lengthLimit(control)); },
             [](const Control &control, const QString &typed, const Table *) {
                 return withWholeNumber(control, setting::Length, typed, 1, MostLetters);
             }}};
}

} // namespace

namespace setting {

constinit const ControlSetting<bool> Locked = flagSetting("locked", SettingPart::Work, lockedLines);
constinit const ControlSetting<QString> Prompt = wordsSetting("prompt", SettingPart::Work, promptLines);
constinit const ControlSetting<int> Length = wholeNumberSetting("length", SettingPart::Work, lengthLines);

} // namespace setting

bool isLocked(const Control &control)
{
    return control.settings.value(setting::Locked);
}

QString promptOf(const Control &control)
{
    return control.settings.value(setting::Prompt);
}

std::optional<int> lengthLimit(const Control &control)
{
    const int *length = control.settings.get(setting::Length);
    return length ? std::optional(*length) : std::nullopt;
}

} // namespace nabblet
