// The conditions of rules that stand on what is selected, a line for each effect (core/rules).
#include "core/rules/rule_sentence.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"
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
    Setting setting{effect.line,          SettingOf::Controls, Texts::later("Rules"), effect.title, effect.help,
                    SettingEditor::Lines, effect.step};
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

// All rules that stand on what is selected, as sentences; they are edited on the page of rules.
Setting sentencesSetting()
{
    Setting setting{"rules-here",
                    SettingOf::Controls,
                    Texts::later("Rules"),
                    Texts::later("Its rules"),
                    Texts::later("What is worked out, checked, marked and shown here by a condition. F6 "
                                 "shows the rules and changes them."),
                    SettingEditor::Lines,
                    ""};
    const auto sentences = [](const Context &context) {
        QStringList all;
        for (const Rule &rule : context.form.rules) {
            const auto isSelected = [&](ControlId id) { return context.selection.controls().contains(id); };
            const bool isHere = std::any_of(rule.on.begin(), rule.on.end(), isSelected) ||
                                std::any_of(rule.areas.begin(), rule.areas.end(),
                                            [&](const Area &area) { return isSelected(area.container); });
            if (isHere) {
                all.append(ruleSentence(context.form, rule));
            }
        }
        return all;
    };
    setting.applies = [sentences](const Context &context) { return !sentences(context).isEmpty(); };
    setting.read = [sentences](const Context &context) -> Words {
        return sentences(context).join(QStringLiteral("\n"));
    };
    setting.write = writeNothing;
    setting.isOnlyRead = true;
    return setting;
}

} // namespace

QList<Setting> ruleSettings()
{
    QList<Setting> all{sentencesSetting()};
    for (const Effect &effect : effects()) {
        if (effect.line) {
            all.append(settingOf(effect));
        }
    }
    return all;
}

} // namespace nabblet
