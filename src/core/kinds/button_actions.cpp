#include "core/kinds/button_actions.h"

#include "core/text/tr.h"

#include <algorithm>

NABBLET_TEXTS(ButtonActions)

namespace nabblet {

#define T(text) QT_TRANSLATE_NOOP("ButtonActions", text)

const QList<ButtonActionEntry> &buttonActions()
{
    static const QList<ButtonActionEntry> table{
        {ButtonAction::Nothing, QStringLiteral("nothing"), T("Nothing yet"), T("Button")},
        {ButtonAction::First, QStringLiteral("go-first"), T("Go to the first record"), T("First")},
        {ButtonAction::Previous, QStringLiteral("go-previous"), T("Go to the record before"), T("Previous")},
        {ButtonAction::Next, QStringLiteral("go-next"), T("Go to the next record"), T("Next")},
        {ButtonAction::Last, QStringLiteral("go-last"), T("Go to the last record"), T("Last")},
        {ButtonAction::Find, QStringLiteral("find"), T("Find a record by its words"), T("Find")},
        {ButtonAction::New, QStringLiteral("new"), T("Begin a new record"), T("New")},
        {ButtonAction::Save, QStringLiteral("save"), T("Save the record"), T("Save")},
        {ButtonAction::TakeBack, QStringLiteral("take-back"), T("Take back what was done last"), T("Take back")},
        {ButtonAction::Delete, QStringLiteral("delete"), T("Delete the record, after a question"), T("Delete")},
        {ButtonAction::Close, QStringLiteral("close"), T("Close the form"), T("Close")},
        {ButtonAction::OpenForm, QStringLiteral("open-form"), T("Open another form"), T("Open")},
        {ButtonAction::OpenRows, QStringLiteral("open-rows"), T("Open the rows that belong to the record"), T("Rows")},
    };
    return table;
}

const QList<ButtonRow> &buttonRows()
{
    static const QList<ButtonRow> table{
        {QStringLiteral("buttons-to-go"),
         T("Buttons to go"),
         {ButtonAction::First, ButtonAction::Previous, ButtonAction::Next, ButtonAction::Last}},
        {QStringLiteral("buttons-of-record"),
         T("Record buttons"),
         {ButtonAction::Find, ButtonAction::New, ButtonAction::Save, ButtonAction::TakeBack, ButtonAction::Delete,
          ButtonAction::Close}},
    };
    return table;
}

#undef T

const ButtonActionEntry &entryOf(ButtonAction action)
{
    const QList<ButtonActionEntry> &all = buttonActions();
    const auto found = std::find_if(all.begin(), all.end(),
                                    [action](const ButtonActionEntry &entry) { return entry.action == action; });
    return found == all.end() ? all.first() : *found;
}

QString buttonActionTitle(ButtonAction action)
{
    return Texts::tr(entryOf(action).title);
}

QString buttonActionCaption(ButtonAction action)
{
    return Texts::tr(entryOf(action).caption);
}

namespace setting {

constinit const ControlSetting<ButtonAction> Action{
    "action",
    [](const QJsonValue &json) -> std::optional<ButtonAction> {
        const QString name = json.toString();
        const QList<ButtonActionEntry> &all = buttonActions();
        const auto found =
            std::find_if(all.begin(), all.end(), [&](const ButtonActionEntry &entry) { return entry.name == name; });
        return found == all.end() ? std::nullopt : std::optional(found->action);
    },
    [](const ButtonAction &action) { return QJsonValue(entryOf(action).name); }};

} // namespace setting

ButtonAction buttonActionOf(const Control &button)
{
    return button.settings.value(setting::Action, button.inner ? ButtonAction::OpenRows : ButtonAction::Nothing);
}

void setButtonAction(Control &button, ButtonAction action)
{
    const bool isUsual = action == (button.inner ? ButtonAction::OpenRows : ButtonAction::Nothing);
    if (isUsual) {
        button.settings.remove(setting::Action);
    } else {
        button.settings.set(setting::Action, action);
    }
}

const ButtonRow *buttonRowNamed(const QString &name)
{
    const QList<ButtonRow> &all = buttonRows();
    const auto found = std::find_if(all.begin(), all.end(), [&](const ButtonRow &row) { return row.name == name; });
    return found == all.end() ? nullptr : &*found;
}

QString buttonRowTitle(const ButtonRow &row)
{
    return Texts::tr(row.title);
}

} // namespace nabblet
