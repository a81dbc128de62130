#include "core/looks/dressing/dress.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/frame.h"
#include "core/look_settings/look_setting_table.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/looks/readable.h"

#include <algorithm>

namespace nabblet {

namespace {

// A small sign of its own beside its words, which a fill lies under.
bool hasSign(const Control &control)
{
    return kindNamed(control.kind).casing == Casing::Sign;
}

// Whether its words stand in a box that its kind draws, not on the ground around.
bool hasWordsInBox(const Control &control)
{
    return takesFill(control) && isFramed(control);
}

const ControlSettings *pinsOfStyle(const Styles &styles, const Control &control)
{
    const QString *name = control.settings.get(setting::Style);
    const Style *style = name ? styleNamed(styles, *name) : nullptr;
    return style ? &style->pins : nullptr;
}

template <typename T>
const T *pinned(const Styles &styles, const ControlSettings &pins, const ControlSetting<T> &setting)
{
    if (const T *own = pins.get(setting)) {
        return own;
    }
    const QString *name = pins.get(setting::Style);
    const Style *style = name ? styleNamed(styles, *name) : nullptr;
    return style ? style->pins.get(setting) : nullptr;
}

constexpr std::array WordInks{Ink::FieldText,   Ink::CaptionText, Ink::TitleText,
                              Ink::HeadingText, Ink::ButtonText,  Ink::LinkText};
constexpr std::array EdgeInks{Ink::FieldOutline, Ink::ButtonOutline, Ink::GroupOutline};
constexpr std::array MarkInks{Ink::Accent, Ink::Alarm, Ink::Watch, Ink::Steady};

// The ground that its words stand on, in the look made for it.
Colour groundOfWords(const Look &own, const Look &look, Theme theme, const Control &control, const Ground &ground)
{
    if (own.laysGround) {
        return colour(own, theme, Ink::GroupFill);
    }
    if (control.kind == QLatin1String("button")) {
        return colour(own, theme, Ink::ButtonFill);
    }
    return hasWordsInBox(control) ? colour(own, theme, Ink::FieldFill) : ground.in(look, theme);
}

Look withPins(const Look &look, const ControlSettings *style, const Control &control)
{
    Look own = look;
    for (const LookPin *pin : lookPins()) {
        if (style) {
            pin->apply(*style, own);
        }
        pin->apply(control.settings, own);
    }
    if (own.laysGround && hasSign(control)) { // the sign keeps its own box
        for (const Theme theme : {Theme::Light, Theme::Dark}) {
            setColour(own, theme, Ink::FieldFill, colour(look, theme, Ink::FieldFill));
            setColour(own, theme, Ink::LockedFill, colour(look, theme, Ink::LockedFill));
        }
    }
    return own;
}

} // namespace

const Style *styleNamed(const Styles &styles, const QString &name)
{
    const auto found =
        std::find_if(styles.begin(), styles.end(), [&](const Style &style) { return style.name == name; });
    return found == styles.end() ? nullptr : &*found;
}

Ink groundOf(BandRole role, BandTone tone)
{
    switch (tone) {
    case BandTone::Usual:
        break;
    case BandTone::Paper:
        return Ink::Paper;
    case BandTone::Tint:
        return Ink::BandTint;
    case BandTone::Strong:
        return Ink::ChosenFill;
    }
    return role == BandRole::Body || isOfPages(role) ? Ink::Paper : Ink::BandTint;
}

Ground groundOfBand(const Form &form, BandRole role, const Styles &styles)
{
    const Band *band = findBand(form, role);
    Ground ground;
    ground.ink = groundOf(role, band ? band->tone : BandTone::Usual);
    if (const TwoSided *own = band ? pinned(styles, band->settings, setting::Fill) : nullptr) {
        ground.colour = *own;
    } else if (const TwoSided *all = pinned(styles, form.settings, setting::Fill);
               all && (!band || band->tone == BandTone::Usual)) {
        ground.colour = *all;
    }
    return ground;
}

Ground groundUnder(const Form &form, const Control &control, const Styles &styles)
{
    return groundOfArea(form, areaOf(control), styles);
}

Ground groundOfArea(const Form &form, const Area &area, const Styles &styles)
{
    ControlId container = area.container;
    constexpr int Deepest = 100; // forms of strangers may go in circles
    for (int i = 0; container != 0 && i < Deepest; ++i) {
        const Control *holder = form.controls.find(container);
        if (!holder) {
            break;
        }
        if (const TwoSided *own = pinned(styles, holder->settings, setting::Fill)) {
            return {Ink::Paper, *own};
        }
        container = holder->container;
    }
    return groundOfBand(form, area.band, styles);
}

Ground groundOfRow(const Form &form, const Ground &band, int row, const Look &look)
{
    if (row % 2 == 0) {
        return band;
    }
    if (const TwoSided *own = form.settings.get(setting::RowColour)) {
        return {Ink::RowTint, *own};
    }
    const bool isTinted = lookFigure(look, rowTinting()) != 0 && !band.colour;
    return isTinted ? Ground{Ink::RowTint, std::nullopt} : band;
}

bool isDressed(const Control &control)
{
    return control.settings.hasAny(SettingPart::Look);
}

Look dressed(const Look &look, const Styles &styles, const Control &control, const Ground &ground)
{
    const ControlSettings *style = pinsOfStyle(styles, control);
    Look own = withPins(look, style, control);
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        const Colour under = ground.in(look, theme);
        const Colour words = groundOfWords(own, look, theme, control, ground);
        // Words and marks that nobody chose follow the ground; so do prompts, whoever chose the words.
        // Light words on a dark ground are those that the look has where all is dark, and the other way round.
        const Theme turned = theme == Theme::Light ? Theme::Dark : Theme::Light;
        const auto follow = [&](Ink ink, const QList<Colour> &grounds, double ratio) {
            const Colour now = colour(own, theme, ink);
            const Colour kept = readableOn(grounds, now, ratio);
            const Colour other = readableOn(grounds, colour(look, turned, ink), ratio);
            const bool isTurned = kept != now && contrast(other, grounds.first()) > contrast(kept, grounds.first());
            setColour(own, theme, ink, isTurned ? other : kept);
        };
        // A dark side that was worked out follows as well; one that was chosen stays.
        const auto isChosen = [&](const ControlSetting<TwoSided> &setting) {
            const TwoSided *colour = pinned(styles, control.settings, setting);
            return colour && (theme == Theme::Light || colour->dark);
        };
        if (!isChosen(setting::TextColour)) {
            for (const Ink ink : WordInks) {
                follow(ink, {words}, TextContrast);
            }
        }
        follow(Ink::Faint, {words}, TextContrast);
        if (!isChosen(setting::Outline)) {
            for (const Ink ink : EdgeInks) {
                follow(ink, {under}, EdgeContrast);
            }
        }
        for (const Ink ink : MarkInks) {
            // They lie on the edge between both; where no colour stands out from both, from the one around.
            const Colour before = colour(own, theme, ink);
            follow(ink, own.laysGround ? QList<Colour>{words, under} : QList<Colour>{under}, EdgeContrast);
            if (contrast(colour(own, theme, ink), under) < EdgeContrast) {
                setColour(own, theme, ink, readableOn({under}, before, EdgeContrast));
            }
        }
    }
    return own;
}

std::optional<HardToRead> hardToRead(const Look &look, const Styles &styles, const Control &control,
                                     const Ground &ground)
{
    if (!showsWords(control)) {
        return std::nullopt;
    }
    const Look own = dressed(look, styles, control, ground);
    for (const Theme theme : {Theme::Light, Theme::Dark}) {
        const TextRole role = textRoleNamed(control.role, TextRole::Field);
        constexpr int LargePercent = 150; // WCAG: 18 points, or 14 and bold
        constexpr int LargeBoldPercent = 120;
        const TextStyle &text = textStyle(own, role);
        const bool isLarge = text.percent >= LargePercent || (text.percent >= LargeBoldPercent && text.weight >= 700);
        const Colour words = colour(own, theme, Ink::FieldText);
        const Colour under = groundOfWords(own, look, theme, control, ground);
        const double least = isLarge ? EdgeContrast : TextContrast;
        if (contrast(words, under) < least) {
            return HardToRead{theme, words, under, contrast(words, under), least, readableOn({under}, words, least)};
        }
    }
    return std::nullopt;
}

} // namespace nabblet
