#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/look_settings/look_setting_table.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

constexpr int InsidePlate = 4; // px left free around the words of a caption with a ground of its own

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    const TextRole role = textRoleNamed(control.role, TextRole::Caption);
    TextStroke text;
    text.rect = QRect(QPoint(0, 0), control.place.size());
    text.text = shown.words;
    text.role = role;
    text.ink = role == TextRole::Title ? Ink::TitleText : role == TextRole::Note ? Ink::Faint : Ink::CaptionText;
    const bool isBeside = control.captionFor != 0 && !sitsAbove(control);
    const int usual = isBeside ? lookFigure(look, captionAlignment()) : static_cast<int>(TextAlign::Left);
    text.align = alignIn(control, look, static_cast<TextAlign>(usual));
    if (look.laysGround || look.drawsOutline) { // else it lies on the band, its words at its very edge
        text.rect.adjust(InsidePlate, 0, -InsidePlate, 0);
    }
    return {text};
}

} // namespace

Kind captionKind()
{
    Kind kind{QStringLiteral("caption"),
              Texts::later("Caption"),
              QStringLiteral("caption"),
              Editor::None,
              {},
              QSize(96, 24),
              {&setting::Above, &setting::Align},
              draw,
              wordsAsStored,
              readNothing};
    kind.casing = Casing::None;
    kind.role = TextRole::Caption;
    return kind;
}

} // namespace nabblet
