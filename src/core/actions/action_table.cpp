#include "core/actions/action_table.h"

#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

NABBLET_TEXTS(ButtonActions)

namespace {

const ButtonAction *findAction(const QString &name)
{
    const QList<ButtonAction> &all = buttonActions();
    const auto found =
        std::find_if(all.begin(), all.end(), [&](const ButtonAction &action) { return action.name == name; });
    return found == all.end() ? nullptr : &*found;
}

// What a button does that says nothing of it.
const ButtonAction &usualAction(const Control &button)
{
    const QList<ButtonAction> &all = buttonActions();
    const auto opensRows = std::find_if(
        all.begin(), all.end(), [](const ButtonAction &action) { return action.needs == ActionNeeds::InnerForm; });
    return button.inner ? *opensRows : all.first();
}

} // namespace

const QList<ButtonAction> &buttonActions()
{
#define NABBLET_ENTRY(action) action(),
    static const QList<ButtonAction> table{NABBLET_ACTIONS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

const ButtonAction &buttonActionNamed(const QString &name)
{
    const ButtonAction *found = findAction(name);
    return found ? *found : buttonActions().first();
}

QString buttonActionTitle(const ButtonAction &action)
{
    return Texts::tr(action.title);
}

QString buttonActionCaption(const ButtonAction &action)
{
    return Texts::tr(action.caption);
}

namespace setting {

constinit const ControlSetting<QString> Action{"action",
                                               [](const QJsonValue &json) {
                                                   const QString name = json.toString();
                                                   return findAction(name) ? std::optional(name) : std::nullopt;
                                               },
                                               [](const QString &name) { return QJsonValue(name); }};

} // namespace setting

const ButtonAction &buttonActionOf(const Control &button)
{
    const QString *name = button.settings.get(setting::Action);
    return name ? buttonActionNamed(*name) : usualAction(button);
}

void setButtonAction(Control &button, const ButtonAction &action)
{
    if (action.name == usualAction(button).name) {
        button.settings.remove(setting::Action);
    } else {
        button.settings.set(setting::Action, action.name);
    }
}

} // namespace nabblet
