#include "core/actions/action_table.h"

#include "core/text/tr.h"

#include <QJsonArray>

#include <algorithm>

namespace nabblet {

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
constinit const ControlSetting<QString> With = wordsSetting("with");
constinit const ControlSetting<QString> Asks = wordsSetting("asks");
constinit const ControlSetting<QString> Key = wordsSetting("key");
constinit const ControlSetting<QList<ButtonStep>> Further{
    "then",
    [](const QJsonValue &json) -> std::optional<QList<ButtonStep>> {
        QList<ButtonStep> steps;
        const QJsonArray array = json.toArray();
        for (const QJsonValue &each : array) {
            const QString name = each.toObject().value(QStringLiteral("do")).toString();
            if (!findAction(name)) {
                return std::nullopt; // one of a newer version: kept as it stands
            }
            steps.append({name, each.toObject().value(QStringLiteral("with")).toString()});
        }
        return json.isArray() ? std::optional(steps) : std::nullopt;
    },
    [](const QList<ButtonStep> &steps) {
        QJsonArray array;
        for (const ButtonStep &step : steps) {
            QJsonObject object{{QStringLiteral("do"), step.action}};
            if (!step.with.isEmpty()) {
                object.insert(QStringLiteral("with"), step.with);
            }
            array.append(object);
        }
        return array.isEmpty() ? QJsonValue(QJsonValue::Undefined) : QJsonValue(array);
    }};

} // namespace setting

QList<ButtonStep> buttonStepsOf(const Control &button)
{
    QList<ButtonStep> steps{{buttonActionOf(button).name, button.settings.value(setting::With)}};
    return steps + button.settings.value(setting::Further);
}

QString stepInWords(const ButtonStep &step)
{
    const QString title = buttonActionTitle(buttonActionNamed(step.action));
    return step.with.isEmpty() ? title : title + QStringLiteral(": ") + step.with;
}

Result<ButtonStep> stepFromWords(const QString &words)
{
    const QString line = words.trimmed();
    for (const ButtonAction &action : buttonActions()) {
        for (const QString &called : {buttonActionTitle(action), action.name, buttonActionCaption(action)}) {
            if (line.compare(called, Qt::CaseInsensitive) == 0) {
                return ButtonStep{action.name, {}};
            }
            const qsizetype colon = line.indexOf(u':', called.size()); // French has a blank before it
            if (colon >= 0 && line.left(colon).trimmed().compare(called, Qt::CaseInsensitive) == 0) {
                return ButtonStep{action.name, line.mid(colon + 1).trimmed()};
            }
        }
    }
    return Error{Texts::tr("“%1” is nothing that a button can do. Write an action a line, as they are called under "
                           "“Does”.")
                     .arg(line),
                 {}};
}

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
