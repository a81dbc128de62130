#include "core/kinds/settings/marks.h"

#include "core/kinds/settings/setting_line.h"
#include "core/kinds/settings/sign_scale.h"
#include "core/text/tr.h"

#include <array>

namespace nabblet {

namespace {

constexpr int MarkLetter = 8; // px that a letter of a mark takes at most
constexpr int MarkPadding = 6;
constexpr int LongestMark = 8;                                               // letters
constexpr std::array<const char *, 3> AlignNames{"left", "centre", "right"}; // as TextAlign

int markWidth(const QString &mark)
{
    return mark.isEmpty() ? 0 : static_cast<int>(mark.size()) * MarkLetter + 2 * MarkPadding;
}

QString alignName(TextAlign align)
{
    return QLatin1String(AlignNames.at(static_cast<size_t>(align)));
}

std::optional<TextAlign> alignNamed(const QString &name)
{
    for (size_t i = 0; i < AlignNames.size(); ++i) {
        if (name == QLatin1String(AlignNames.at(i))) {
            return static_cast<TextAlign>(i);
        }
    }
    return std::nullopt;
}

QString alignInWords(const Control &control)
{
    const TextAlign *align = control.settings.get(setting::Align);
    return align ? alignName(*align) : QString();
}

Result<Control> withAlign(const Control &control, const QString &typed, const Table *)
{
    Control changed = control;
    if (const std::optional<TextAlign> align = alignNamed(typed)) {
        changed.settings.set(setting::Align, *align);
    } else {
        changed.settings.remove(setting::Align);
    }
    return changed;
}

QList<SettingChoice> alignChoices(const Control &, const Table *)
{
    return {{QString(), Texts::tr("As is usual")},
            {alignName(TextAlign::Left), Texts::tr("Left")},
            {alignName(TextAlign::Centre), Texts::tr("Centre")},
            {alignName(TextAlign::Right), Texts::tr("Right")}};
}

template <const ControlSetting<QString> &Mark>
Result<Control> withMark(const Control &control, const QString &typed, const Table *rows)
{
    const QString mark = typed.simplified();
    if (mark.size() > LongestMark) {
        return Error{Texts::tr("A mark is short, such as kg or €: at most %1 letters.").arg(LongestMark), {}};
    }
    return wordsTyped<Mark>(control, mark, rows);
}

QList<SettingLine> alignLines()
{
    return {{"align", Texts::later("Display"), Texts::later("Alignment"),
             Texts::later("Where the value stands in its box."), LineEditor::Choice,
             Texts::later("Change an alignment"), alignInWords, withAlign, alignChoices}};
}

QList<SettingLine> beforeLines()
{
    return {{"before", Texts::later("Display"), Texts::later("Before it"),
             Texts::later("A unit or currency before the value, such as €."), LineEditor::Words,
             Texts::later("Change a mark"), wordsSet<setting::Before>, withMark<setting::Before>}};
}

QList<SettingLine> afterLines()
{
    return {{"after", Texts::later("Display"), Texts::later("After it"),
             Texts::later("A unit or currency behind the value, such as kg."), LineEditor::Words,
             Texts::later("Change a mark"), wordsSet<setting::After>, withMark<setting::After>}};
}

} // namespace

namespace setting {

constinit const ControlSetting<TextAlign> Align{
    "align", [](const QJsonValue &json) { return alignNamed(json.toString()); },
    [](const TextAlign &align) { return QJsonValue(alignName(align)); }, SettingPart::Look, alignLines};
constinit const ControlSetting<QString> Before = wordsSetting("before", SettingPart::Work, beforeLines);
constinit const ControlSetting<QString> After = wordsSetting("after", SettingPart::Work, afterLines);

} // namespace setting

TextAlign alignOf(const Control &control, TextAlign usual)
{
    return control.settings.value(setting::Align, usual);
}

QString markBefore(const Control &control)
{
    return control.settings.value(setting::Before);
}

QString markAfter(const Control &control)
{
    return control.settings.value(setting::After);
}

int markBeforeWidth(const Control &control)
{
    return signScaled(control, markWidth(markBefore(control)));
}

int markAfterWidth(const Control &control)
{
    return signScaled(control, markWidth(markAfter(control)));
}

} // namespace nabblet
