// What the settings have in common: how a value is read from all that is selected, and usual answers. The tables of the
// settings are put together in settings.cpp.
#pragma once

#include "core/arrange/containers.h"
#include "core/kinds/kind.h"
#include "designer/settings.h"

#include <algorithm>

namespace nabblet {

QList<Setting> controlWordSettings();
QList<Setting> containerSettings();
QList<Setting> controlPlaceSettings();
QList<Setting> boxSettings();
QList<Setting> controlNameSettings();
QList<Setting> bandAndRailSettings();
QList<Setting> formSettings();

namespace setting_parts {

using Context = SettingContext;
using Words = std::optional<QString>;

inline const QString Yes = QStringLiteral("yes");

inline QList<const Control *> selected(const Context &context)
{
    QList<const Control *> controls;
    for (const ControlId id : context.selection.controls()) {
        if (const Control *control = context.form.controls.find(id)) {
            controls.append(control);
        }
    }
    return controls;
}

// The words that all have, or nothing when they differ.
template <typename Get> Words common(const Context &context, Get get)
{
    Words first;
    for (const Control *control : selected(context)) {
        const QString words = get(*control);
        if (first && *first != words) {
            return std::nullopt;
        }
        first = words;
    }
    return first.value_or(QString());
}

inline const Control *captionAt(const Form &form, const Control &control)
{
    return control.kind == QLatin1String("caption") ? &control : captionOf(form, control.id);
}

inline bool always(const Context &)
{
    return true;
}

inline bool isOne(const Context &context)
{
    return context.selection.controls().size() == 1;
}

template <typename Test> bool anyControl(const Context &context, Test test)
{
    const QList<const Control *> controls = selected(context);
    return std::any_of(controls.begin(), controls.end(), [&](const Control *control) { return test(*control); });
}

// For settings that are only shown.
inline Result<Form> writeNothing(const Context &context, const QString &)
{
    return context.form;
}

} // namespace setting_parts

} // namespace nabblet
