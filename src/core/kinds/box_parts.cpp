#include "core/kinds/box_parts.h"

#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/frame.h"
#include "core/kinds/settings/marks.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"
#include "core/text/tr.h"

NABBLET_TEXTS(Kinds)

namespace nabblet {

int longTextPadding(const Control &control)
{
    constexpr int OneLine = 32; // px; a box that is lower holds one line
    constexpr int LeastPadding = 4;
    return control.place.height() < OneLine ? LeastPadding : BoxPadding;
}

int partsWidth(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    const bool opens = kind.editor == Editor::Choice || kind.name.startsWith(QLatin1String("date")) ||
                       kind.name == QLatin1String("link");
    const int button = opens || hasArrows(control) ? BoxButtonWidth - BoxPadding + BoxSignGap : 0;
    const int after = markAfterWidth(control);
    // As boxText() leaves them room.
    return button + markBeforeWidth(control) + after + (button > 0 && after > 0 ? BoxPadding : 0);
}

int boxWidthFor(const Control &control, int wordsWidth)
{
    return wordsWidth + 2 * BoxPadding + partsWidth(control);
}

BoxStroke boxOutline(const Control &control, const Shown &shown)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    switch (shown.state) {
    case BoxState::Rest:
        box.isFilled = box.isOutlined = isFramed(control);
        break;
    case BoxState::Focused:
        box.outline = Ink::Accent;
        box.outlineWidth = 2;
        break;
    case BoxState::Locked:
        box.isFilled = box.isOutlined = isFramed(control);
        box.fill = Ink::LockedFill;
        break;
    case BoxState::Refused:
        box.fill = Ink::AlarmFill;
        box.outline = Ink::Alarm;
        break;
    }
    if (shown.state != BoxState::Refused && (shown.mark == Mark::Watch || shown.mark == Mark::Alarm)) {
        box.isFilled = true;
        box.fill = shown.mark == Mark::Alarm ? Ink::AlarmFill : Ink::WatchFill;
    }
    return box;
}

TextStroke boxText(const Control &control, const Shown &shown, TextAlign align, int rightSpace)
{
    TextStroke text;
    const int before = markBeforeWidth(control);
    rightSpace += rightSpace > 0 && markAfterWidth(control) > 0 ? BoxPadding : 0; // the mark has no room of its own
    text.rect = QRect(before + BoxPadding, 0,
                      control.place.width() - 2 * BoxPadding - before - markAfterWidth(control) - rightSpace,
                      control.place.height());
    text.text = shown.words;
    text.align = alignOf(control, align);
    if (shown.isMissing && shown.words.isEmpty()) {
        text.text = promptOf(control);
        text.ink = Ink::Faint;
        if (text.text.isEmpty() && shown.isRequired && shown.mayType) {
            text.text = Texts::tr("needed", "in an empty box that must be filled in");
        }
    }
    return text;
}

Picture boxWithMarks(const Control &control, const Shown &shown, int rightSpace)
{
    BoxStroke outline = boxOutline(control, shown);
    Picture picture{outline};
    const auto addMark = [&](int x, int width, const QString &mark, int lineAt) {
        BoxStroke ground;
        ground.rect = QRect(x, 0, width, control.place.height()).adjusted(1, 1, -1, -1);
        ground.fill = ground.outline = Ink::LockedFill;
        ground.radius = 2;
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

Picture lineBox(const Control &control, const Shown &shown, TextAlign align)
{
    Picture picture = boxWithMarks(control, shown);
    picture.append(boxText(control, shown, align));
    return picture;
}

Picture openingBox(const Control &control, const Shown &shown, GlyphShape sign)
{
    Picture picture = boxWithMarks(control, shown, BoxButtonWidth);
    picture.append(boxText(control, shown, TextAlign::Left, BoxButtonWidth - BoxPadding));
    if (shown.state != BoxState::Locked) {
        const QSize size = control.place.size();
        picture.append(GlyphStroke{QRect(size.width() - BoxButtonWidth, (size.height() - 16) / 2, 16, 16), sign,
                                   Ink::CaptionText});
    }
    return picture;
}

Picture numberBox(const Control &control, const Shown &shown)
{
    if (!hasArrows(control)) {
        return lineBox(control, shown, TextAlign::Right);
    }
    Picture picture = boxWithMarks(control, shown, BoxButtonWidth);
    picture.append(boxText(control, shown, TextAlign::Right, BoxButtonWidth - BoxPadding));
    if (shown.state != BoxState::Locked) {
        const QSize size = control.place.size();
        picture.append(GlyphStroke{QRect(size.width() - BoxButtonWidth, (size.height() - 16) / 2, 16, 16),
                                   GlyphShape::Steps, Ink::CaptionText});
    }
    return picture;
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
