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
    track.rect = QRect(0, (control.place.height() - TrackHeight) / 2, TrackWidth, TrackHeight);
    track.radius = TrackHeight / 2;
    if (shown.isOn) {
        track.fill = shown.state == BoxState::Locked ? Ink::Faint : Ink::Accent;
    }
    const int side = TrackHeight - 2 * KnobInset;
    const int room = TrackWidth - side - 2 * KnobInset;
    BoxStroke knob;
    knob.rect = QRect(track.rect.x() + KnobInset +
                          (shown.isOn        ? room
                           : shown.isMissing ? room / 2
                                             : 0),
                      track.rect.y() + KnobInset, side, side);
    knob.radius = side / 2;
    knob.fill = knob.outline = shown.isOn ? Ink::AccentText : Ink::Faint;
    knob.isFilled = shown.isOn || !shown.isMissing;
    Picture picture{track, knob};
    addWordsBeside(picture, control, TrackWidth);
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
              valueSettings(),
              draw,
              wordsAsStored,
              readNothing};
    kind.casing = Casing::Sign;
    return kind;
}

} // namespace nabblet
