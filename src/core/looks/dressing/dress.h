// How a control looks: what its look says, then its style, then what is pinned at itself; with colours that can be read
// on the ground that it stands on.
#pragma once

#include "core/looks/sides.h"
#include "core/model/form.h"

namespace nabblet {

// A look kept under a name.
struct Style
{
    QString name;
    ControlSettings pins;

    bool operator==(const Style &) const = default;
};
using Styles = QList<Style>;

// The style of that name, or nullptr.
const Style *styleNamed(const Styles &styles, const QString &name);

// What lies under a control: a colour of the look, or one that was pinned.
struct Ground
{
    Ink ink = Ink::Paper;
    std::optional<TwoSided> colour;

    Colour in(const Look &look, Theme theme) const
    {
        return colour ? colour->in(theme) : nabblet::colour(look, theme, ink);
    }
    bool isPlain() const { return !colour && ink == Ink::Paper; }
    bool operator==(const Ground &) const = default;
};

// The ground of a band: its own, the form's, or one of the look's.
Ground groundOfBand(const Form &form, BandRole role, const Styles &styles);
Ink groundOf(BandRole role, BandTone tone);
// The ground inside a container; what stands in it is ignored.
Ground groundUnder(const Form &form, const Control &control, const Styles &styles);
// The ground of an area of a form: of a container's inside or of a band.
Ground groundOfArea(const Form &form, const Area &area, const Styles &styles);

// The ground of a row of a tabular form, whose band has this one; the first row is 0.
Ground groundOfRow(const Form &form, const Ground &band, int row, const Look &look);

// Whether anything of its look is pinned at a control itself, or it has a style.
bool isDressed(const Control &control);

// The look for one control.
Look dressed(const Look &look, const Styles &styles, const Control &control, const Ground &ground);

// A pinned colour that is hard to read on what it lies on, and the nearest that can be read.
struct HardToRead
{
    Theme theme = Theme::Light;
    Colour colour = 0;
    Colour ground = 0;
    double contrast = 1;
    double needed = 1;
    Colour nearest = 0;
};
// Of a control's words. Nothing where they can be read, or show nothing.
std::optional<HardToRead> hardToRead(const Look &look, const Styles &styles, const Control &control,
                                     const Ground &ground);

} // namespace nabblet
