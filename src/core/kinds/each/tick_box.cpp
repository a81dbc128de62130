#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    const int side = signScaled(control, 16);
    Shown boxState = shown;
    BoxStroke box = boxOutline(control, boxState, look);
    box.rect = QRect(0, (control.place.height() - side) / 2, side, side);
    Picture picture{box};
    if (shown.isOn) {
        picture.append(GlyphStroke{box.rect, GlyphShape::Tick, Ink::Accent});
    } else if (shown.isMissing) {
        TextStroke unknown;
        unknown.rect = box.rect;
        unknown.text = QStringLiteral("–");
        unknown.ink = Ink::Faint;
        unknown.align = TextAlign::Centre;
        picture.append(unknown);
    }
    addWordsBeside(picture, control, side);
    return picture;
}

} // namespace

Kind tickBoxKind()
{
    Kind kind{QStringLiteral("tick-box"),
              Texts::later("Tick box"),
              QStringLiteral("tick"),
              Editor::Tick,
              {ColumnType::YesNo, ColumnType::WholeNumber},
              QSize(24, 24),
              valueSettings() + QList<const AnySetting *>{&setting::SignScale},
              draw,
              wordsAsStored,
              readNothing};
    kind.casing = Casing::Sign;
    return kind;
}

} // namespace nabblet
