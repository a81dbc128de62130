#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

constexpr int TrackWidth = 32; // px
constexpr int TrackHeight = 16;
constexpr int KnobInset = 3;

// A track with a knob: at the right and filled when it is on, at the left when it is off, in the middle when nothing is
// stored.
Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    BoxStroke track = boxOutline(control, shown, look);
    const int width = signScaled(control, TrackWidth);
    const int height = signScaled(control, TrackHeight);
    const int inset = signScaled(control, KnobInset);
    track.rect = QRect(0, (control.place.height() - height) / 2, width, height);
    track.radius = height / 2;
    if (shown.isOn) {
        track.fill = shown.state == BoxState::Locked ? Ink::Faint : Ink::Accent;
    }
    const int side = height - 2 * inset;
    const int room = width - side - 2 * inset;
    BoxStroke knob;
    knob.rect = QRect(track.rect.x() + inset +
                          (shown.isOn        ? room
                           : shown.isMissing ? room / 2
                                             : 0),
                      track.rect.y() + inset, side, side);
    knob.radius = side / 2;
    knob.fill = knob.outline = shown.isOn ? Ink::AccentText : Ink::Faint;
    knob.isFilled = shown.isOn || !shown.isMissing;
    Picture picture{track, knob};
    addWordsBeside(picture, control, width);
    return picture;
}

} // namespace

Kind switchKind()
{
    Kind kind{QStringLiteral("switch"),
              Texts::later("Switch"),
              QStringLiteral("switch"),
              Editor::Tick,
              {ColumnType::YesNo, ColumnType::WholeNumber},
              QSize(TrackWidth, 24),
              valueSettings() + QList<const AnySetting *>{&setting::SignScale},
              draw,
              wordsAsStored,
              readNothing};
    kind.casing = Casing::Sign;
    return kind;
}

} // namespace nabblet
