// What there is to choose from among what a computer and a project have.
#pragma once

#include "core/kinds/settings/setting_line.h"
#include "core/looks/dressing/dress.h"

namespace nabblet {

// The typefaces of this computer, and the one that is named now.
QList<SettingChoice> familyChoices(const QString &now);
// The styles that there are, and the one that is named now.
QList<SettingChoice> styleChoices(const Styles &styles, const QString &now);

} // namespace nabblet
