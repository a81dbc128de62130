#include "core/kinds/kind_table.h"

#include "core/actions/action_table.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/text_words.h"

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::BandTint;
    box.outline = shown.state == BoxState::Focused ? Ink::Accent : Ink::FieldOutline;
    box.outlineWidth = shown.state == BoxState::Focused ? 2 : 1;
    box.radius = 4;
    TextStroke text;
    text.rect = box.rect.adjusted(BoxPadding, 0, -BoxPadding, 0);
    text.text = control.text;
    text.role = TextRole::Button;
    text.ink = shown.state == BoxState::Locked ? Ink::Faint : Ink::CaptionText;
    text.align = TextAlign::Centre;
    return {box, text};
}

} // namespace

Kind buttonKind()
{
    return {QStringLiteral("button"),
            QT_TRANSLATE_NOOP("Kinds", "Button"),
            QStringLiteral("button"),
            Editor::Button,
            {},
            QSize(120, 32),
            {&setting::Action, &setting::Opens, &setting::Link},
            draw,
            wordsAsStored,
            readNothing};
}

} // namespace nabblet
