// Settings of buttons.
#include "core/actions/action_table.h"
#include "core/edit/edits.h"
#include "core/edit/opened_match.h"
#include "core/file/picture_file.h"
#include "core/kinds/settings/button_picture.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/mail.h"
#include "core/text/tr.h"
#include "designer/settings/column_pairs.h"
#include "designer/settings/setting_parts.h"
#include "entry/view/record_commands.h"

#include <QKeySequence>

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

// A message as it most likely is meant: to the address in the row, about the record, which goes along.
Mail likelyMail(const Context &context)
{
    Mail mail;
    const Table *rows = context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
    for (const Column &column : rows ? rows->columns : QList<Column>()) {
        if (mail.to.isEmpty() && column.type == ColumnType::Text &&
            column.name.contains(QLatin1String("mail"), Qt::CaseInsensitive)) {
            mail.to = u'{' + column.name + u'}';
        }
    }
    mail.subject = QStringLiteral("{record}");
    mail.attached = Attached::Pdf;
    return mail;
}

// The words follow the action while nobody wrote other ones.
Result<Form> writeAction(const Context &context, const QString &typed)
{
    const ButtonAction &action = buttonActionNamed(typed);
    return named(context, withSelectedChanged(context, [&](Control &control) {
                     const bool isUnwritten = control.text == buttonActionCaption(buttonActionOf(control));
                     setButtonAction(control, action);
                     if (action.name == QLatin1String("send") && control.settings.value(setting::Message) == Mail()) {
                         control.settings.set(setting::Message, likelyMail(context));
                     }
                     if (isUnwritten) {
                         control.text = buttonActionCaption(action);
                     }
                 }));
}

bool isTold(const Context &context)
{
    return isButton(context) &&
           !anyControl(context, [](const Control &c) { return buttonActionOf(c).with == nullptr; });
}

template <const ControlSetting<QString> &Setting> Words readPart(const Context &context)
{
    return common(context, [](const Control &c) { return c.settings.value(Setting); });
}

template <const ControlSetting<QString> &Setting> Result<Form> writePart(const Context &context, const QString &typed)
{
    return withSettings(context.form, context.selection.controls(),
                        [&](ControlSettings &settings) { settings.set(Setting, typed.trimmed()); });
}

Result<Form> writeKey(const Context &context, const QString &typed)
{
    const QKeySequence keys(typed.trimmed());
    if (!typed.trimmed().isEmpty() && (keys.isEmpty() || keys[0].key() == Qt::Key_unknown)) {
        return Error{Texts::tr("“%1” is no key. Write it as Ctrl+Shift+1 or F8.").arg(typed.trimmed()), {}};
    }
    for (const RecordCommand &command : recordCommands()) {
        if (!keys.isEmpty() && recordCommandKeys(command) == keys) {
            return Error{Texts::tr("%1 is the key of “%2” already. Choose another one.")
                             .arg(keys.toString(QKeySequence::NativeText),
                                  recordCommandTitle(command).remove(u'&').remove(QStringLiteral("…"))),
                         {}};
        }
    }
    return writePart<setting::Key>(context, keys.toString(QKeySequence::PortableText));
}

Words readFurther(const Context &context)
{
    return common(context, [](const Control &c) {
        QStringList lines;
        const QList<ButtonStep> steps = c.settings.value(setting::Further);
        for (const ButtonStep &step : steps) {
            lines.append(stepInWords(step));
        }
        return lines.join(u'\n');
    });
}

Result<Form> writeFurther(const Context &context, const QString &typed)
{
    QList<ButtonStep> steps;
    const QStringList lines = typed.split(u'\n', Qt::SkipEmptyParts);
    for (const QString &line : lines) {
        if (line.trimmed().isEmpty()) {
            continue;
        }
        const Result<ButtonStep> step = stepFromWords(line);
        if (!step) {
            return step.error();
        }
        steps.append(*step);
    }
    return withSettings(context.form, context.selection.controls(),
                        [&](ControlSettings &settings) { settings.set(setting::Further, steps); });
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
    const auto matchOf = [&](const QString &name) {
        const Result<Form> opened = context.readForm && !name.isEmpty() ? context.readForm(name) : Error{};
        return opened && context.catalogue ? matchBetween(*context.catalogue, context.form.rowsFrom, opened->rowsFrom)
                                           : ChildLink();
    };
    const ChildLink match = matchOf(typed);
    return withSelectedChanged(context, [&](Control &control) {
        // At the matching row, where nobody has said otherwise how it is matched.
        const ChildLink before = childLinkOf(control);
        if (before == ChildLink() || before == matchOf(projectFormOf(control))) {
            control.settings.remove(setting::Link);
            if (match != ChildLink()) {
                setChildLink(control, match);
            }
        }
        control.settings.set(setting::Opens, typed);
    });
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

QList<Setting> buttonSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    return {
        {"buttonWords", Controls, Texts::later("Button"), Texts::later("Words"),
         Texts::later("What stands on the button."), SettingEditor::Words, Texts::later("Change the words of a button"),
         isButton, readWords, writeWords},
        {"action", Controls, Texts::later("Button"), Texts::later("Does"),
         Texts::later("What happens when it is pressed."), Choice, Texts::later("Change what a button does"), isButton,
         readAction, writeAction, actionChoices},
        {"actionWith",
         Controls,
         Texts::later("Button"),
         Texts::later("With"),
         Texts::later(
             "What the action wants to be told. Names of columns in braces are filled in: {asset_no}. Pages by their "
             "title; "
             "values as “Status = withdrawn; Laid on = today”; in SQL :asset_no is the row's value."),
         SettingEditor::Words,
         Texts::later("Change what a button is told"),
         isTold,
         readPart<setting::With>,
         writePart<setting::With>,
         {},
         false,
         {},
         {},
         true},
        {"actionThen", Controls, Texts::later("Button"), Texts::later("Then"),
         Texts::later("What it does behind that, an action a line, as they are called under “Does”, such as “Go to a "
                      "page of the "
                      "form: "
                      "Details”. It stops at the first that cannot be done."),
         Lines, Texts::later("Change what a button does"), isButton, readFurther, writeFurther},
        {"actionAsks", Controls, Texts::later("Button"), Texts::later("Asks first"),
         Texts::later("A question that people answer before anything is done. Empty: none."), SettingEditor::Words,
         Texts::later("Change what a button asks"), isButton, readPart<setting::Asks>, writePart<setting::Asks>},
        {"actionKey", Controls, Texts::later("Button"), Texts::later("Key"),
         Texts::later("Presses it from anywhere on the form: Ctrl+Shift+1."), SettingEditor::Words,
         Texts::later("Change the key of a button"), isButton, readPart<setting::Key>, writeKey},
        {"buttonPicture", Controls, Texts::later("Button"), Texts::later("Picture"),
         Texts::later("A PNG, JPEG or SVG file on the button; it becomes part of the form."), File,
         Texts::later("Change a button's picture"), isButton, readPicture, writePicture},
        {"opens", Controls, Texts::later("Button"), Texts::later("Opens"),
         Texts::later("The form of this project that it opens."), Choice, Texts::later("Change what a button opens"),
         opensForm, readOpens, writeOpens, formChoices},
        {"match", Controls, Texts::later("Button"), Texts::later("Matched by"),
         Texts::later("Which column there holds which column here: buoy_id = id. Empty: it opens at its first record."),
         SettingEditor::Words, Texts::later("Change what a button opens"), opensForm, readMatch, writeMatch},
    };
}

} // namespace nabblet
