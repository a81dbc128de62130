// The conditions of rules that stand on what is selected, a line for each effect (core/rules).
#include "core/rules/rules.h"
#include "designer/settings/setting_parts.h"

namespace nabblet {

using namespace setting_parts;

namespace {

// Those of what is selected that can have the effect; none where another box cannot.
QList<ControlId> concerned(const Context &context, const Effect &effect)
{
    QList<ControlId> having;
    for (const Control *control : selected(context)) {
        const Kind &kind = kindNamed(control->kind);
        if (effect.concerns(kind)) {
            having.append(control->id);
        } else if (takesValue(kind)) {
            return {};
        }
    }
    return having;
}

Setting settingOf(const Effect &effect)
{
    Setting setting{effect.line,    SettingOf::Controls, QT_TRANSLATE_NOOP("Settings", "Rules"),
                    effect.caption, effect.help,         SettingEditor::Lines,
                    effect.step};
    setting.applies = [effect](const Context &context) {
        return !context.form.rowsFrom.isEmpty() && !concerned(context, effect).isEmpty();
    };
    setting.read = [effect](const Context &context) -> Words {
        Words first;
        const QList<ControlId> controls = concerned(context, effect);
        for (const ControlId id : controls) {
            const QString words = conditionOn(context.form, id, QString::fromLatin1(effect.name));
            if (first && *first != words) {
                return std::nullopt;
            }
            first = words;
        }
        return first.value_or(QString());
    };
    setting.write = [effect](const Context &context, const QString &typed) {
        return withCondition(context.form, concerned(context, effect), QString::fromLatin1(effect.name), typed,
                             rowsTable(context));
    };
    return setting;
}

} // namespace

QList<Setting> ruleSettings()
{
    QList<Setting> all;
    for (const Effect &effect : effects()) {
        all.append(settingOf(effect));
    }
    return all;
}

} // namespace nabblet
