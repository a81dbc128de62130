#include "designer/settings/choice_lists.h"

#include "core/text/tr.h"
#include "entry/theme/typefaces.h"

namespace nabblet {

QList<SettingChoice> familyChoices(const QString &now)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("as the look says")}};
    const QStringList families = typefaces();
    for (const QString &family : families) {
        choices.append({family, family});
    }
    if (!now.isEmpty() && !families.contains(now)) {
        choices.append({now, Texts::tr("%1 (not on this computer)").arg(now)});
    }
    return choices;
}

QList<SettingChoice> styleChoices(const Styles &styles, const QString &now)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("none")}};
    for (const Style &style : styles) {
        choices.append({style.name, style.name});
    }
    if (!now.isEmpty() && !styleNamed(styles, now)) {
        choices.append({now, Texts::tr("%1 (not in this project)").arg(now)});
    }
    return choices;
}

} // namespace nabblet
