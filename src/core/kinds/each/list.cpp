#include "core/kinds/kind_table.h"
#include "core/text/tr.h"

#include "core/kinds/box_parts.h"
#include "core/kinds/list_lines.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/usual_settings.h"
#include "core/kinds/text_words.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Border = 2;    // px between the box's line and its lines
constexpr int ChosenBar = 3; // px, the bar at the left of a chosen line
constexpr int TickSide = 14; // px, of the ticks of a list that takes several
constexpr int BarWidth = 4;  // px, of the bar that shows which part is in sight

QRect lineRect(const Control &control, const Look &look, int inSight)
{
    const int height = listLineHeight(look);
    return {Border, Border + inSight * height, control.place.width() - 2 * Border, height};
}

void addTick(Picture &picture, const QRect &line, int left, bool isChosen)
{
    BoxStroke box;
    box.rect = QRect(line.x() + left, line.y() + (line.height() - TickSide) / 2, TickSide, TickSide);
    box.radius = 2;
    picture.append(box);
    if (isChosen) {
        picture.append(GlyphStroke{box.rect, GlyphShape::Tick, Ink::Accent});
    }
}

Picture draw(const Control &control, const Shown &shown, const Look &look)
{
    Picture picture{boxOutline(control, shown, look)};
    const QStringList lines = listLines(control, shown);
    if (lines.isEmpty()) {
        TextStroke text = boxText(control, shown, look, false);
        text.rect.setHeight(std::min(control.place.height(), listLineHeight(look) + 2 * Border));
        picture.append(text);
        return picture;
    }
    const bool several = takesSeveral(control);
    const int padding = paddingOf(look);
    const QList<int> chosen = chosenLines(control, shown);
    const int first = firstLineInSight(control, shown, look);
    const int inSight = listLinesInSight(control, look);
    const int count = static_cast<int>(lines.size());
    const bool isLonger = count > inSight;
    for (int i = 0; i < inSight && first + i < count; ++i) {
        const QString &words = lines.at(first + i);
        const QRect line = lineRect(control, look, i);
        const bool isChosen = chosen.contains(first + i);
        if (isChosen) {
            BoxStroke ground;
            ground.rect = line;
            ground.fill = ground.outline = Ink::ChosenFill;
            ground.radius = 2;
            BoxStroke bar = ground;
            bar.rect.setWidth(ChosenBar);
            bar.fill = bar.outline = Ink::Accent;
            bar.radius = 1;
            picture.append(ground);
            picture.append(bar);
        }
        if (shown.cursorLine == first + i && shown.state == BoxState::Focused && several) {
            BoxStroke around;
            around.rect = line;
            around.outline = Ink::Accent;
            around.isFilled = false;
            around.radius = 2;
            picture.append(around);
        }
        if (several) {
            addTick(picture, line, padding, isChosen);
        }
        TextStroke text;
        const int left = padding + (several ? TickSide + 6 : 0);
        text.rect = line.adjusted(left, 0, isLonger ? -BarWidth - padding : -padding, 0);
        text.text = words;
        picture.append(text);
    }
    if (isLonger) {
        const int space = control.place.height() - 2 * Border;
        const int length = std::max(12, space * inSight / count);
        BoxStroke bar;
        bar.rect = QRect(control.place.width() - Border - BarWidth,
                         Border + (space - length) * first / std::max(1, count - inSight), BarWidth, length);
        bar.fill = bar.outline = Ink::FieldOutline;
        bar.radius = 2;
        picture.append(bar);
    }
    return picture;
}

QString words(const Control &control, const QVariant &value, const QLocale &)
{
    if (!takesSeveral(control)) {
        return choiceWords(control, value);
    }
    QStringList all;
    for (const QString &part : severalParts(value.toString())) {
        all.append(choiceWords(control, part));
    }
    return severalText(all);
}

} // namespace

QStringList listLines(const Control &control, const Shown &shown)
{
    if (!shown.lines.isEmpty()) {
        return shown.lines;
    }
    QStringList lines;
    for (const Choice &choice : fixedChoices(control)) {
        lines.append(choice.words);
    }
    return lines;
}

QList<int> chosenLines(const Control &control, const Shown &shown)
{
    if (shown.chosenLines) {
        return *shown.chosenLines;
    }
    const QStringList lines = listLines(control, shown);
    const QStringList words = shown.isMissing         ? QStringList()
                              : takesSeveral(control) ? severalParts(shown.words)
                                                      : QStringList{shown.words};
    QList<int> chosen;
    for (int i = 0; i < lines.size(); ++i) {
        if (words.contains(lines.at(i))) {
            chosen.append(i);
        }
    }
    return chosen;
}

int firstLineInSight(const Control &control, const Shown &shown, const Look &look)
{
    const QStringList lines = listLines(control, shown);
    const int inSight = listLinesInSight(control, look);
    const int most = std::max(0, static_cast<int>(lines.size()) - inSight);
    if (shown.firstLine >= 0) {
        return std::min(shown.firstLine, most);
    }
    const QList<int> chosen = chosenLines(control, shown);
    return chosen.isEmpty() || chosen.first() < inSight ? 0 : std::min(chosen.first() - inSight + 1, most);
}

int listLineHeight(const Look &look)
{
    const int percent = textStyle(look, TextRole::Field).percent;
    return std::max(ListLine, ListLine * percent / 100);
}

int listLinesInSight(const Control &control, const Look &look)
{
    return std::max(1, (control.place.height() - 2 * Border) / listLineHeight(look));
}

QRect listLinePlace(const Control &control, const Shown &shown, const Look &look, int line)
{
    const int inSight = line - firstLineInSight(control, shown, look);
    const bool isInSight = inSight >= 0 && inSight < listLinesInSight(control, look);
    return isInSight ? lineRect(control, look, inSight) : QRect();
}

int listLineAt(const Control &control, const Shown &shown, const Look &look, QPoint at)
{
    const int inSight = (at.y() - Border) / listLineHeight(look);
    const int line = firstLineInSight(control, shown, look) + inSight;
    const bool isThere = at.y() >= Border && inSight < listLinesInSight(control, look);
    return isThere && line < listLines(control, shown).size() ? line : -1;
}

Kind listKind()
{
    return {QStringLiteral("list"),
            Texts::later("List"),
            QStringLiteral("list"),
            Editor::List,
            {ColumnType::Text, ColumnType::WholeNumber, ColumnType::DecimalNumber, ColumnType::Date, ColumnType::YesNo},
            QSize(160, 4 * ListLine + 2 * Border + 4),
            valueSettings() +
                QList<const AnySetting *>{&setting::Choices, &setting::Several, &setting::Choosing, &setting::Prompt},
            draw,
            words,
            readNothing};
}

} // namespace nabblet
