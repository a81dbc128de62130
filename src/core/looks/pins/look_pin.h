// A part of how something looks, set by hand at a control, a band or in a style, in the place of what the look says.
#pragma once

#include "core/kinds/settings/setting_line.h"
#include "core/looks/sides.h"

namespace nabblet {

// What its token is in the file of styles.
enum class PinToken { Paint, Length, Share, Weight, Family, Word, Flag };

struct LookPin
{
    const AnySetting *setting; // whose lines show it in the inspector
    PinToken token;
    // Takes what is pinned into the look that is made for it. Nothing happens where it is not pinned.
    void (*apply)(const ControlSettings &pins, Look &look);
    // What a look says of it for a control, in the words of the setting's lines; empty where it says nothing.
    QString (*said)(const Look &look, Theme theme, const Control &control);
};

// The role of the words of a control.
TextRole roleOf(const Control &control);

// "#fff2b8", with a chosen dark side {"light": "#fff2b8", "dark": "#403710"}.
std::optional<TwoSided> readTwoSided(const QJsonValue &json);
QJsonValue writeTwoSided(const TwoSided &colour);
// The same as people write and read it: one colour, or a light and a dark one with a stroke between them.
Result<TwoSided> readTwoSidedWords(const QString &typed);
QString twoSidedInWords(const TwoSided &colour);

// Settings with a colour as it was typed; an empty text takes it away. Of controls, bands and forms alike.
Result<ControlSettings> withColourTyped(ControlSettings settings, const ControlSetting<TwoSided> &setting,
                                        const QString &typed);

// Lines of settings that are a colour.
template <const ControlSetting<TwoSided> &Setting> QString colourInWordsOf(const Control &control)
{
    const TwoSided *colour = control.settings.get(Setting);
    return colour ? twoSidedInWords(*colour) : QString();
}

template <const ControlSetting<TwoSided> &Setting>
Result<Control> colourTyped(const Control &control, const QString &typed, const Table *)
{
    const Result<ControlSettings> settings = withColourTyped(control.settings, Setting, typed);
    if (!settings) {
        return settings.error();
    }
    Control changed = control;
    changed.settings = *settings;
    return changed;
}

// Choices of flags that a look may have on.
QList<SettingChoice> yesNoOrLook(const Control &control, const Table *rows);

// Whether a control of a kind shows words of its own, has a box or ground of its own.
bool showsWords(const Control &control);
bool hasBox(const Control &control);
bool mayHaveGround(const Control &control);
// Whether its kind fills a box of its own, as boxes for values do; frames of groups let the form through.
bool takesFill(const Control &control);

namespace setting {

extern const ControlSetting<TwoSided> Fill;
extern const ControlSetting<TwoSided> TextColour;
extern const ControlSetting<TwoSided> Outline;
extern const ControlSetting<int> LineWeight;
extern const ControlSetting<int> Edge; // as EdgeShape
extern const ControlSetting<int> Corner;
extern const ControlSetting<QString> Family;
extern const ControlSetting<int> TextSize;   // percent of the desktop's
extern const ControlSetting<int> TextWeight; // as in CSS
extern const ControlSetting<bool> Slanted;
extern const ControlSetting<bool> Underlined;
extern const ControlSetting<int> Padding;
extern const ControlSetting<QString> Style;      // by name
extern const ControlSetting<TwoSided> RowColour; // of a form: the ground of every other row

} // namespace setting

} // namespace nabblet
