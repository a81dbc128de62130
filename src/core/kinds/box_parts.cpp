#include "core/kinds/box_parts.h"

namespace nabblet {

int longTextPadding(const Control &control)
{
    constexpr int OneLine = 32; // px; a box that is lower holds one line
    constexpr int LeastPadding = 4;
    return control.place.height() < OneLine ? LeastPadding : BoxPadding;
}

int boxWidthFor(const Kind &kind, int wordsWidth)
{
    const bool opens = kind.editor == Editor::Choice || kind.name.startsWith(QLatin1String("date"));
    return wordsWidth + 2 * BoxPadding + (opens ? BoxButtonWidth - BoxPadding + BoxSignGap : 0);
}

BoxStroke boxOutline(const Control &control, const Shown &shown)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    switch (shown.state) {
    case BoxState::Rest:
        break;
    case BoxState::Focused:
        box.outline = Ink::Accent;
        box.outlineWidth = 2;
        break;
    case BoxState::Locked:
        box.fill = Ink::LockedFill;
        break;
    case BoxState::Refused:
        box.fill = Ink::AlarmFill;
        box.outline = Ink::Alarm;
        break;
    }
    return box;
}

TextStroke boxText(const Control &control, const Shown &shown, TextAlign align, int rightSpace)
{
    TextStroke text;
    text.rect = QRect(BoxPadding, 0, control.place.width() - 2 * BoxPadding - rightSpace, control.place.height());
    text.text = shown.words;
    text.align = align;
    if (shown.isMissing && shown.words.isEmpty()) {
        text.text = promptOf(control);
        text.ink = Ink::Faint;
    }
    return text;
}

Picture lineBox(const Control &control, const Shown &shown, TextAlign align)
{
    return {boxOutline(control, shown), boxText(control, shown, align)};
}

Picture openingBox(const Control &control, const Shown &shown, GlyphShape sign)
{
    Picture picture{boxOutline(control, shown)};
    picture.append(boxText(control, shown, TextAlign::Left, BoxButtonWidth - BoxPadding));
    if (shown.state != BoxState::Locked) {
        const QSize size = control.place.size();
        picture.append(GlyphStroke{QRect(size.width() - BoxButtonWidth, (size.height() - 16) / 2, 16, 16), sign,
                                   Ink::CaptionText});
    }
    return picture;
}

} // namespace nabblet
