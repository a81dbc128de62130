#include "core/form_settings/form_setting_table.h"
#include "core/looks/dressing/ground_picture.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

template <const ControlSetting<TwoSided> &Setting> QString colourOfForm(const Form &form)
{
    const TwoSided *colour = form.settings.get(Setting);
    return colour ? twoSidedInWords(*colour) : QString();
}

template <const ControlSetting<TwoSided> &Setting>
Result<Form> formColourTyped(const Form &form, const QString &typed, const Table *)
{
    const Result<ControlSettings> settings = withColourTyped(form.settings, Setting, typed);
    if (!settings) {
        return settings.error();
    }
    Form changed = form;
    changed.settings = *settings;
    return changed;
}

} // namespace

namespace setting {

constinit const ControlSetting<TwoSided> RowColour{"rowColour", readTwoSided, writeTwoSided};

} // namespace setting

FormSetting formGroundSetting()
{
    return {&setting::Fill, [] {
                return QList<FormSettingLine>{
                    {"formFill", Texts::later("Look"), Texts::later("Ground"),
                     Texts::later(
                         "Of all bands without one of their own. Words stay readable on it. Two colours with a stroke "
                         "between them: light / dark."),
                     LineEditor::ColourBox, Texts::later("Change a ground"), colourOfForm<setting::Fill>,
                     formColourTyped<setting::Fill>}};
            }};
}

FormSetting rowColourSetting()
{
    return {&setting::RowColour, [] {
                return QList<FormSettingLine>{{"rowColour", Texts::later("Look"), Texts::later("Every other row"),
                                               Texts::later("The ground of every other row. Empty: as the look says."),
                                               LineEditor::ColourBox, Texts::later("Change a ground"),
                                               colourOfForm<setting::RowColour>, formColourTyped<setting::RowColour>,
                                               nullptr, isTabular}};
            }};
}

FormSetting formPictureSetting()
{
    // Its lines are those of bands: designer/settings/ground_settings.cpp.
    return {&setting::GroundImage, [] { return QList<FormSettingLine>(); }};
}

} // namespace nabblet
