#include "core/kinds/box_parts.h"

#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/sign_scale.h"
#include "core/kinds/settings/typing.h"
#include "core/look_settings/look_setting_table.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// Whether the box is of a colour that warns: its words are then the look's own, whatever is pinned.
bool isOnMark(const Shown &shown)
{
    return shown.state == BoxState::Refused || shown.mark == Mark::Watch || shown.mark == Mark::Alarm;
}

} // namespace

int paddingOf(const Look &look)
{
    return lookFigure(look, padding());
}

int longTextPadding(const Control &control, int padding)
{
    constexpr int OneLine = 32; // px; a box that is lower holds one line
    constexpr int LeastPadding = 4;
    return control.place.height() < OneLine ? std::min(LeastPadding, padding) : padding;
}

int boxButtonWidth(const Control &control)
{
    return signScaled(control, BoxButtonWidth);
}

QRect boxSignPlace(const Control &control)
{
    constexpr int Side = 16; // px
    const int side = signScaled(control, Side);
    const QSize size = control.place.size();
    return {size.width() - boxButtonWidth(control), (size.height() - side) / 2, side, side};
}

int partsWidth(const Control &control, int padding)
{
    const Kind &kind = kindNamed(control.kind);
    const bool opens = kind.editor == Editor::Choice || kind.name.startsWith(QLatin1String("date")) ||
                       kind.name == QLatin1String("link");
    const int button = opens || hasArrows(control) ? boxButtonWidth(control) - padding + BoxSignGap : 0;
    const int after = markAfterWidth(control);
    // As boxText() leaves them room.
    return button + markBeforeWidth(control) + after + (button > 0 && after > 0 ? padding : 0);
}

int boxWidthFor(const Control &control, int wordsWidth, int padding)
{
    return wordsWidth + 2 * padding + partsWidth(control, padding);
}

BoxStroke boxOutline(const Control &control, const Shown &shown, const Look &look)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.radius = lookFigure(look, fieldCorner());
    box.outlineWidth = lookFigure(look, fieldLine());
    box.edge = edgeFigure(look, fieldEdge());
    const bool isFramed = nabblet::isFramed(control);
    switch (shown.state) {
    case BoxState::Rest:
        box.isFilled = isFramed || look.laysGround;
        box.isOutlined = isFramed || look.drawsOutline;
        break;
    case BoxState::Focused:
        box.outline = Ink::Accent;
        box.outlineWidth = std::max(2, box.outlineWidth);
        break;
    case BoxState::Locked:
        box.isFilled = isFramed || look.laysGround;
        box.isOutlined = isFramed || look.drawsOutline;
        box.fill = Ink::LockedFill;
        break;
    case BoxState::Refused:
        box.fill = Ink::AlarmFill;
        box.outline = Ink::Alarm;
        box.outlineWidth = std::max(1, box.outlineWidth);
        break;
    }
    if (shown.state != BoxState::Refused && (shown.mark == Mark::Watch || shown.mark == Mark::Alarm)) {
        box.isFilled = true;
        box.fill = shown.mark == Mark::Alarm ? Ink::AlarmFill : Ink::WatchFill;
    }
    return box;
}

TextAlign alignIn(const Control &control, const Look &look, bool isNumber)
{
    return alignOf(control, static_cast<TextAlign>(lookFigure(look, isNumber ? numberAlignment() : textAlignment())));
}

TextAlign alignIn(const Control &control, const Look &look, TextAlign usual)
{
    return alignOf(control, look.alignsAs >= 0 ? static_cast<TextAlign>(look.alignsAs) : usual);
}

TextStroke boxText(const Control &control, const Shown &shown, const Look &look, bool isNumber, int rightSpace)
{
    TextStroke text;
    const int free = paddingOf(look);
    const int before = markBeforeWidth(control);
    rightSpace += rightSpace > 0 && markAfterWidth(control) > 0 ? free : 0; // the mark has no room of its own
    text.rect =
        QRect(before + free, 0, control.place.width() - 2 * free - before - markAfterWidth(control) - rightSpace,
              control.place.height());
    text.text = shown.words;
    text.align = alignIn(control, look, isNumber);
    if (isOnMark(shown)) {
        text.ink = Ink::MarkText;
    }
    if (shown.isMissing && shown.words.isEmpty()) {
        text.text = promptOf(control);
        text.ink = isOnMark(shown) ? Ink::MarkText : Ink::Faint;
        if (text.text.isEmpty() && shown.isRequired && shown.mayType) {
            text.text = Texts::tr("needed", "in an empty box that must be filled in");
        }
    }
    return text;
}

Picture boxWithMarks(const Control &control, const Shown &shown, const Look &look, int rightSpace)
{
    BoxStroke outline = boxOutline(control, shown, look);
    Picture picture{outline};
    const auto addMark = [&](int x, int width, const QString &mark, int lineAt) {
        BoxStroke ground;
        ground.rect = QRect(x, 0, width, control.place.height()).adjusted(1, 1, -1, -1);
        ground.fill = ground.outline = Ink::LockedFill;
        ground.radius = std::max(0, outline.radius - 1);
        BoxStroke line;
        line.rect = QRect(lineAt, 1, 1, control.place.height() - 2);
        line.fill = line.outline = Ink::FieldOutline;
        line.radius = 0;
        TextStroke words;
        words.rect = QRect(x, 0, width, control.place.height());
        words.text = mark;
        words.ink = Ink::CaptionText;
        words.align = TextAlign::Centre;
        picture.append(ground);
        picture.append(line);
        picture.append(words);
    };
    if (const int width = markBeforeWidth(control); width > 0) {
        addMark(0, width, markBefore(control), width - 1);
    }
    if (const int width = markAfterWidth(control); width > 0) {
        const int x = control.place.width() - width - rightSpace;
        addMark(x, width, markAfter(control), x);
    }
    // The box's own line again, over the grounds of the marks.
    if (picture.size() > 1) {
        outline.isFilled = false;
        picture.append(outline);
    }
    return picture;
}

Picture lineBox(const Control &control, const Shown &shown, const Look &look, bool isNumber)
{
    Picture picture = boxWithMarks(control, shown, look);
    picture.append(boxText(control, shown, look, isNumber));
    return picture;
}

namespace {

Picture boxWithSign(const Control &control, const Shown &shown, const Look &look, bool isNumber, GlyphShape sign)
{
    Picture picture = boxWithMarks(control, shown, look, boxButtonWidth(control));
    picture.append(boxText(control, shown, look, isNumber, boxButtonWidth(control) - paddingOf(look)));
    if (shown.state != BoxState::Locked) {
        picture.append(GlyphStroke{boxSignPlace(control), sign, isOnMark(shown) ? Ink::MarkText : Ink::CaptionText});
    }
    return picture;
}

} // namespace

Picture openingBox(const Control &control, const Shown &shown, const Look &look, GlyphShape sign)
{
    return boxWithSign(control, shown, look, false, sign);
}

Picture numberBox(const Control &control, const Shown &shown, const Look &look)
{
    return hasArrows(control) ? boxWithSign(control, shown, look, true, GlyphShape::Steps)
                              : lineBox(control, shown, look, true);
}

BoxStroke groupFrame(const QRect &rect, const Look &look)
{
    BoxStroke frame;
    frame.rect = rect;
    frame.isFilled = false; // the ground that it may lay is under it
    frame.outline = Ink::GroupOutline;
    frame.radius = lookFigure(look, groupCorner());
    frame.outlineWidth = lookFigure(look, groupLine());
    frame.edge = edgeFigure(look, groupEdge());
    return frame;
}

void addWordsBeside(Picture &picture, const Control &control, int signWidth)
{
    if (control.text.isEmpty()) {
        return;
    }
    const int left = signWidth + BoxSignGap;
    TextStroke words;
    words.rect = QRect(left, 0, control.place.width() - left, control.place.height());
    words.text = control.text;
    words.ink = Ink::CaptionText;
    picture.append(words);
}

} // namespace nabblet
