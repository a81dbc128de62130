#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/actions/action_table.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/button_picture.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/mail.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/text_words.h"
#include "core/look_settings/look_setting_table.h"

#include <algorithm>
#include <optional>

namespace nabblet {

namespace {

constexpr int SignSide = 16; // px, of a drawing beside usual letters
constexpr int SignGap = 6;   // px between it and the words

// The picture on the button, and the words moved to where it leaves them room; nothing where it has none.
std::optional<Stroke> signOf(const Control &control, const Look &look, TextStroke &text)
{
    const QByteArray image = fixedImage(control);
    const QString named = control.settings.value(setting::Drawing);
    const ButtonAction &action = named == QLatin1String("own") ? buttonActionOf(control) : buttonActionNamed(named);
    const QByteArray path = action.drawing;
    if (image.isEmpty() && (named.isEmpty() || path.isEmpty())) {
        return std::nullopt;
    }
    const QSize size = control.place.size();
    const int side = SignSide * textStyle(look, TextRole::Button).percent / 100;
    constexpr int Edge = 4; // px around it, at least
    QRect rect;
    switch (pictureSideOf(control)) {
    case PictureSide::Before:
        rect = QRect(text.rect.x(), (size.height() - side) / 2, side, side);
        text.rect.setLeft(rect.right() + 1 + SignGap);
        break;
    case PictureSide::Above: {
        const int words = side + 2; // px, the line of the words
        const int room = std::max(side, size.height() - words - 2 * Edge);
        rect = QRect((size.width() - room) / 2, Edge, room, room);
        text.rect.setTop(size.height() - words - Edge);
        break;
    }
    case PictureSide::Alone: {
        const int room = image.isEmpty() ? std::min({side * 5 / 4, size.width() - 2 * Edge, size.height() - 2 * Edge})
                                         : std::min(size.width(), size.height()) - 2 * Edge;
        rect = QRect((size.width() - room) / 2, (size.height() - room) / 2, room, room);
        break;
    }
    }
    if (!image.isEmpty()) {
        return ImageStroke{rect, image};
    }
    return DrawingStroke{rect, path, text.ink};
}

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
    const std::optional<Stroke> sign = signOf(control, look, text);
    if (!sign) {
        return {box, text};
    }
    return pictureSideOf(control) == PictureSide::Alone ? Picture{box, *sign} : Picture{box, *sign, text};
}

} // namespace

Kind buttonKind()
{
    Kind kind{QStringLiteral("button"),
              Texts::later("Button"),
              QStringLiteral("button"),
              Editor::Button,
              {},
              QSize(120, 32),
              {&setting::Action, &setting::With, &setting::Asks, &setting::Key, &setting::Further, &setting::Message,
               &setting::Opens, &setting::Link, &setting::Align, &setting::Drawing, &setting::Image, &setting::Side},
              draw,
              wordsAsStored,
              readNothing};
    kind.role = TextRole::Button;
    return kind;
}

} // namespace nabblet
