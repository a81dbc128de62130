#include "core/kinds/settings/button_picture.h"

#include "core/actions/action_table.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/setting_line.h"
#include "core/text/tr.h"

#include <array>

namespace nabblet {

namespace {

constexpr std::array<const char *, 3> SideNames{"before", "above", "alone"}; // as PictureSide
const QString Own = QStringLiteral("own");

QString sideName(PictureSide side)
{
    return QLatin1String(SideNames.at(static_cast<std::size_t>(side)));
}

std::optional<PictureSide> sideNamed(const QString &name)
{
    for (std::size_t i = 0; i < SideNames.size(); ++i) {
        if (name == QLatin1String(SideNames.at(i))) {
            return static_cast<PictureSide>(i);
        }
    }
    return std::nullopt;
}

QList<SettingChoice> drawings(const Control &, const Table *)
{
    QList<SettingChoice> all{{QString(), Texts::tr("none")}, {Own, Texts::tr("of what it does")}};
    for (const ButtonAction &action : buttonActions()) {
        if (action.drawing[0] != '\0') {
            all.append({action.name, buttonActionTitle(action)});
        }
    }
    return all;
}

bool hasPicture(const Control &button)
{
    return !button.settings.value(setting::Drawing).isEmpty() || hasFixedPicture(button);
}

QList<SettingLine> drawingLines()
{
    return {{"drawing", Texts::later("Button"), Texts::later("Drawing"), Texts::later("A line drawing on the button."),
             LineEditor::Choice, Texts::later("Change a button's picture"), wordsSet<setting::Drawing>,
             wordsTyped<setting::Drawing>, drawings}};
}

QList<SettingLine> sideLines()
{
    return {{"pictureSide", Texts::later("Button"), Texts::later("Stands"),
             Texts::later("Alone, the words are for screen readers and for where the mouse rests."), LineEditor::Choice,
             Texts::later("Change a button's picture"),
             [](const Control &button) { return sideName(pictureSideOf(button)); },
             [](const Control &button, const QString &typed, const Table *) -> Result<Control> {
                 Control changed = button;
                 changed.settings.set(setting::Side, sideNamed(typed).value_or(PictureSide::Before));
                 return changed;
             },
             [](const Control &, const Table *) {
                 return QList<SettingChoice>{{sideName(PictureSide::Before), Texts::tr("before the words")},
                                             {sideName(PictureSide::Above), Texts::tr("above the words")},
                                             {sideName(PictureSide::Alone), Texts::tr("alone")}};
             },
             hasPicture}};
}

} // namespace

namespace setting {

constinit const ControlSetting<QString> Drawing = wordsSetting("drawing", SettingPart::Work, drawingLines);
constinit const ControlSetting<PictureSide> Side{
    "pictureSide", [](const QJsonValue &json) { return sideNamed(json.toString()); },
    [](const PictureSide &side) {
        return side == PictureSide::Before ? QJsonValue(QJsonValue::Undefined) : QJsonValue(sideName(side));
    },
    SettingPart::Work, sideLines};

} // namespace setting

PictureSide pictureSideOf(const Control &button)
{
    return button.settings.value(setting::Side, PictureSide::Before);
}

} // namespace nabblet
