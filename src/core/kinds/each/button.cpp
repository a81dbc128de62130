#include "core/kinds/kind_table.h"

#include "core/actions/action_table.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/text_words.h"
#include "core/look_settings/look_setting_table.h"

#include <algorithm>

namespace nabblet {

namespace {

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::ButtonFill;
    const bool isFocused = shown.state == BoxState::Focused;
    box.outline = isFocused ? Ink::Accent : Ink::ButtonOutline;
    box.outlineWidth = std::max(isFocused ? 2 : 0, lookFigure(look, buttonLine()));
    box.radius = lookFigure(look, buttonCorner());
    box.edge = edgeFigure(look, buttonEdge());
    TextStroke text;
    text.rect = box.rect.adjusted(paddingOf(look), 0, -paddingOf(look), 0);
    text.text = control.text;
    text.role = TextRole::Button;
    text.ink = shown.state == BoxState::Locked ? Ink::Faint : Ink::ButtonText;
    text.align = alignIn(control, look, TextAlign::Centre);
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
            {&setting::Action, &setting::Opens, &setting::Link, &setting::Align},
            draw,
            wordsAsStored,
            readNothing};
}

} // namespace nabblet
