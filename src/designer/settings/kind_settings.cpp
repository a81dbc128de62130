// The settings that kinds of control and forms have, by the lines that each setting brings along (core/kinds/settings,
// core/form_settings).
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/edit/type_fit.h"
#include "core/form_settings/form_setting_table.h"
#include "core/kinds/box_parts.h"
#include "core/kinds/settings/setting_line.h"
#include "core/looks/dressing/dress.h"
#include "core/looks/pins/known_settings.h"
#include "core/looks/pins/look_pin_table.h"
#include "core/text/tr.h"
#include "designer/settings/choice_lists.h"
#include "designer/settings/setting_parts.h"
#include "entry/theme/typefaces.h"

namespace nabblet {

using namespace setting_parts;

namespace {

// Those of what is selected that a line is about; none where another box is not. What shows no value, such as the
// caption that is selected with its box, keeps no line of boxes away.
QList<const Control *> concerned(const Context &context, const AnySetting *setting, const SettingLine &line)
{
    QList<const Control *> having;
    for (const Control *control : selected(context)) {
        const bool has = kindNamed(control->kind).settings.contains(setting) || isLookPin(setting);
        if (has && (!line.applies || line.applies(*control))) {
            having.append(control);
        } else if (!isLookPin(setting) && takesValue(kindNamed(control->kind))) {
            return {};
        }
    }
    return having;
}

// A box whose settings were changed, wider by what it got to hold beside its words, so that they keep their room.
Control withRoomForParts(const Control &before, Control after, int pitch, int padding)
{
    const int more = partsWidth(after, padding) - partsWidth(before, padding);
    if (more > 0) {
        const int end = rightOf(before.place);
        after.place.setWidth(before.place.width() + onGridAtOrAfter(end + more, std::max(1, pitch)) - end);
    }
    return after;
}

SettingEditor editorOf(LineEditor editor)
{
    switch (editor) {
    case LineEditor::Words:
        return SettingEditor::Words;
    case LineEditor::Lines:
        return SettingEditor::Lines;
    case LineEditor::Flag:
        return SettingEditor::Flag;
    case LineEditor::Choice:
        return SettingEditor::Choice;
    case LineEditor::ColourBox:
        return SettingEditor::ColourBox;
    case LineEditor::Family:
        return SettingEditor::Family;
    case LineEditor::Style:
        return SettingEditor::Style;
    }
    return SettingEditor::Words;
}

// A pinned colour of words that is hard to read where they stand, with the nearest that can be read.
std::optional<SettingAdvice> adviceOnColour(const Context &context)
{
    for (const Control *control : selected(context)) {
        const TwoSided *pinned = control->settings.get(setting::TextColour);
        if (!pinned) {
            continue;
        }
        const Styles &styles = context.appearance->styles();
        const Ground ground = groundUnder(context.form, *control, styles);
        if (const auto hard = hardToRead(context.appearance->look(), styles, *control, ground)) {
            TwoSided mended = *pinned;
            (hard->theme == Theme::Light ? mended.light : mended.dark.emplace()) = hard->nearest;
            const QString side = hard->theme == Theme::Light ? QString() : Texts::tr(" where the desktop is dark");
            return SettingAdvice{Texts::tr("Hard to read there%1: its contrast is %L2, and %L3 is needed.")
                                     .arg(side)
                                     .arg(hard->contrast, 0, 'f', 1)
                                     .arg(hard->needed, 0, 'f', 1),
                                 twoSidedInWords(mended)};
        }
    }
    return std::nullopt;
}

std::optional<SettingAdvice> adviceOnFamily(const Context &context)
{
    for (const Control *control : selected(context)) {
        const QString family = control->settings.value(setting::Family);
        if (!family.isEmpty() && !isTypeface(family)) {
            return SettingAdvice{
                Texts::tr("This computer has no “%1”; the look's typeface stands in for it here.").arg(family), {}};
        }
    }
    return std::nullopt;
}

Setting settingOf(const AnySetting *setting, const SettingLine &line)
{
    Setting result{line.name, SettingOf::Controls,   line.section, line.caption,
                   line.help, editorOf(line.editor), line.step};
    result.takesColumns = line.takesColumns;
    result.applies = [setting, line](const Context &context) { return !concerned(context, setting, line).isEmpty(); };
    result.read = [setting, line](const Context &context) -> Words {
        Words first;
        for (const Control *control : concerned(context, setting, line)) {
            const QString words = line.words(*control);
            if (first && *first != words) {
                return std::nullopt;
            }
            first = words;
        }
        return first.value_or(QString());
    };
    result.write = [setting, line](const Context &context, const QString &typed) -> Result<Form> {
        Form form = context.form;
        QList<ControlId> wider;
        for (const Control *control : concerned(context, setting, line)) {
            const Result<Control> changed = line.typed(*control, typed, rowsTable(context));
            if (!changed) {
                return changed.error();
            }
            const Control roomy = withRoomForParts(*control, *changed, form.grid.pitch, context.measure.padding());
            form.controls.replace(form.controls.indexOf(control->id), withRidesSince(form, control->place, roomy));
            if (roomy.place != control->place) {
                wider.append(control->id);
            }
        }
        if (isLookPin(setting)) {
            return withRoomForType(form, context.selection.controls(), context.measure,
                                   {context.form, context.measure});
        }
        return wider.isEmpty() ? form : withWayMade(grownToHold(form), wider, lyingUnder(context.form, wider));
    };
    if (setting == &setting::TextColour) {
        result.advice = adviceOnColour;
    } else if (setting == &setting::Family) {
        result.advice = adviceOnFamily;
    }
    if (const LookPin *pin = lookPinOf(setting)) {
        result.said = [setting, line, pin](const Context &context) -> Words {
            Words first;
            for (const Control *control : concerned(context, setting, line)) {
                Control without = *control;
                without.settings.remove(*setting);
                const Ground ground = groundUnder(context.form, without, context.appearance->styles());
                const auto own = context.appearance->dressedFor(without, ground);
                const QString words = pin->said(own->look(), own->theme(), without);
                if (first && *first != words) {
                    return std::nullopt;
                }
                first = words;
            }
            return first.value_or(QString());
        };
    }
    if (line.editor == LineEditor::Family) {
        result.choices = [read = result.read](const Context &context) {
            return familyChoices(read(context).value_or(QString()));
        };
    } else if (line.editor == LineEditor::Style) {
        result.choices = [read = result.read](const Context &context) {
            return styleChoices(context.appearance->styles(), read(context).value_or(QString()));
        };
    } else if (line.choices) {
        result.choices = [setting, line](const Context &context) {
            const QList<const Control *> controls = concerned(context, setting, line);
            return controls.isEmpty() ? QList<SettingChoice>() : line.choices(*controls.first(), rowsTable(context));
        };
    }
    return result;
}

Setting settingOf(const FormSettingLine &line)
{
    Setting result{line.name, SettingOf::Form, line.section, line.caption, line.help, editorOf(line.editor), line.step};
    result.applies = [line](const Context &context) { return !line.applies || line.applies(context.form); };
    result.read = [line](const Context &context) -> Words { return line.words(context.form); };
    result.write = [line](const Context &context, const QString &typed) {
        return line.typed(context.form, typed, rowsTable(context));
    };
    if (line.editor == LineEditor::ColourBox) { // what is pinned at the form can be given back
        result.said = [](const Context &) -> Words { return QString(); };
    }
    if (line.choices) {
        result.choices = [line](const Context &context) { return line.choices(context.form); };
    }
    return result;
}

} // namespace

QList<Setting> settingsOfForms()
{
    QList<Setting> all;
    for (const FormSetting &setting : formSettingTable()) {
        const QList<FormSettingLine> lines = setting.lines();
        for (const FormSettingLine &line : lines) {
            all.append(settingOf(line));
        }
    }
    return all;
}

QList<Setting> kindSettings()
{
    QList<Setting> first;
    QList<Setting> others;
    for (const AnySetting *setting : knownSettings()) {
        const QList<SettingLine> lines = setting->lines ? setting->lines() : QList<SettingLine>();
        for (const SettingLine &line : lines) {
            (line.standsFirst ? first : others).append(settingOf(setting, line));
        }
    }
    return first + others;
}

} // namespace nabblet
