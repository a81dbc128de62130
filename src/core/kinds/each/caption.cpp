#include "core/kinds/kind_table.h"

#include "core/kinds/settings/caption_side.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown)
{
    const TextRole role = textRoleNamed(control.role, TextRole::Caption);
    TextStroke text;
    text.rect = QRect(QPoint(0, 0), control.place.size());
    text.text = shown.words;
    text.role = role;
    text.ink = role == TextRole::Title ? Ink::TitleText : role == TextRole::Note ? Ink::Faint : Ink::CaptionText;
    text.align = control.captionFor != 0 && !sitsAbove(control) ? TextAlign::Right : TextAlign::Left;
    return {text};
}

} // namespace

Kind captionKind()
{
    return {QStringLiteral("caption"),
            QT_TRANSLATE_NOOP("Kinds", "Caption"),
            QStringLiteral("caption"),
            Editor::None,
            {},
            QSize(96, 24),
            {&setting::Above},
            draw,
            wordsAsStored,
            readNothing};
}

} // namespace nabblet
