// Settings of buttons.
#include "core/actions/action_table.h"
#include "core/edit/edits.h"
#include "core/file/picture_file.h"
#include "core/kinds/settings/button_picture.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/text/tr.h"
#include "designer/settings/column_pairs.h"
#include "designer/settings/setting_parts.h"

NABBLET_TEXTS(Settings)

namespace nabblet {

using namespace setting_parts;

namespace {

bool isButton(const Context &context)
{
    return areAllKinds(context, [](const Kind &kind) { return kind.editor == Editor::Button; });
}

bool opensForm(const Context &context)
{
    return isButton(context) &&
           anyControl(context, [](const Control &c) { return buttonActionOf(c).needs == ActionNeeds::ProjectForm; });
}

// Buttons that nobody named are called by their words.
Form named(const Context &context, const Form &form)
{
    Form result = form;
    for (const ControlId id : context.selection.controls()) {
        const bool hasOtherWords = form.controls.find(id)->text != context.form.controls.find(id)->text;
        result = hasOtherWords ? withNameByWords(result, id, context.namingPattern) : result;
    }
    return result;
}

Words readWords(const Context &context)
{
    return common(context, [](const Control &c) { return c.text; });
}

Result<Form> writeWords(const Context &context, const QString &typed)
{
    return named(context, withSelectedChanged(context, [&](Control &control) { control.text = typed.trimmed(); }));
}

Words readAction(const Context &context)
{
    return common(context, [](const Control &c) { return buttonActionOf(c).name; });
}

QList<SettingChoice> actionChoices(const Context &context)
{
    QList<SettingChoice> choices;
    const bool hasRows = !anyControl(context, [](const Control &c) { return !c.inner; });
    for (const ButtonAction &action : buttonActions()) {
        if (action.needs != ActionNeeds::InnerForm || hasRows) {
            choices.append({action.name, buttonActionTitle(action)});
        }
    }
    return choices;
}

// The words follow the action while nobody wrote other ones.
Result<Form> writeAction(const Context &context, const QString &typed)
{
    const ButtonAction &action = buttonActionNamed(typed);
    return named(context, withSelectedChanged(context, [&](Control &control) {
                     const bool isUnwritten = control.text == buttonActionCaption(buttonActionOf(control));
                     setButtonAction(control, action);
                     if (isUnwritten) {
                         control.text = buttonActionCaption(action);
                     }
                 }));
}

Words readOpens(const Context &context)
{
    return common(context, [](const Control &c) { return projectFormOf(c); });
}

QList<SettingChoice> formChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("None yet")}};
    for (const QString &name : context.formNames) {
        choices.append({name, name});
    }
    const QString now = readOpens(context).value_or(QString());
    if (!now.isEmpty() && !context.formNames.contains(now)) {
        choices.append({now, Texts::tr("%1 (not in the project)").arg(now)});
    }
    return choices;
}

Result<Form> writeOpens(const Context &context, const QString &typed)
{
    return withSettings(context.form, context.selection.controls(),
                        [&](ControlSettings &settings) { settings.set(setting::Opens, typed); });
}

Words readPicture(const Context &context)
{
    return common(context, [](const Control &c) { return fixedPictureInWords(c.settings.value(setting::Image)); });
}

Result<Form> writePicture(const Context &context, const QString &path)
{
    const Result<FixedPicture> picture = chosenPicture(context, path);
    if (!picture) {
        return picture.error();
    }
    return withSelectedChanged(context, [&](Control &control) {
        control.settings.set(setting::Image, *picture);
        if (!picture->isEmpty()) {
            control.settings.remove(setting::Drawing);
        }
    });
}

Words readMatch(const Context &context)
{
    return common(context, [](const Control &c) {
        const ChildLink link = childLinkOf(c);
        return pairsInWords(link.childColumns, link.parentColumns);
    });
}

Result<Form> writeMatch(const Context &context, const QString &typed)
{
    const Result<ColumnPairs> pairs = readPairs(typed, nullptr, rowsTable(context));
    if (!pairs) {
        return pairs.error();
    }
    return withSelectedChanged(context, [&](Control &control) {
        if (pairs->first.isEmpty()) {
            control.settings.remove(setting::Link);
        } else {
            setChildLink(control, {pairs->first, pairs->second});
        }
    });
}

} // namespace

#define T(text) QT_TRANSLATE_NOOP("Settings", text)

QList<Setting> buttonSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"buttonWords", Controls, T("Button"), T("Words"), T("What stands on the button."), SettingEditor::Words,
         T("Change the words of a button"), isButton, readWords, writeWords},
        {"action", Controls, T("Button"), T("Does"), T("What happens when it is pressed."), Choice,
         T("Change what a button does"), isButton, readAction, writeAction, actionChoices},
        {"buttonPicture", Controls, T("Button"), T("Picture"),
         T("A PNG, JPEG or SVG file on the button; it becomes part of the form."), File, T("Change a button's picture"),
         isButton, readPicture, writePicture},
        {"opens", Controls, T("Button"), T("Opens"), T("The form of this project that it opens."), Choice,
         T("Change what a button opens"), opensForm, readOpens, writeOpens, formChoices},
        {"match", Controls, T("Button"), T("Matched by"),
         T("Which column there holds which column here: buoy_id = id. Empty: it opens at its first record."),
         SettingEditor::Words, T("Change what a button opens"), opensForm, readMatch, writeMatch},
    };
}

#undef T

} // namespace nabblet
