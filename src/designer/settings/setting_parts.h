// What the settings have in common: how a value is read from all that is selected, and usual answers. The tables of the
// settings are put together in settings.cpp.
#pragma once

#include "core/arrange/containers.h"
#include "core/edit/edits.h"
#include "core/file/picture_file.h"
#include "core/file/project_file.h"
#include "core/kinds/kind.h"
#include "designer/settings/settings.h"

#include <QFileInfo>

#include <algorithm>

namespace nabblet {

QList<Setting> controlWordSettings();
QList<Setting> containerSettings();
QList<Setting> controlPlaceSettings();
QList<Setting> kindSettings();
QList<Setting> displaySettings();
QList<Setting> buttonSettings();
QList<Setting> lookupSettings();
QList<Setting> subformSettings();
QList<Setting> ruleSettings();
QList<Setting> controlNameSettings();
QList<Setting> bandAndRailSettings();
QList<Setting> groundSettings();
QList<Setting> formSettings();
QList<Setting> settingsOfForms();

namespace setting_parts {

using Context = SettingContext;
using Words = std::optional<QString>;

inline const QString &Yes = FlagOn;

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

// Whether something is selected and a test holds for the kind of each.
template <typename Test> bool areAllKinds(const Context &context, Test test)
{
    const QList<const Control *> controls = selected(context);
    return !controls.isEmpty() && std::all_of(controls.begin(), controls.end(),
                                              [&](const Control *control) { return test(kindNamed(control->kind)); });
}

inline bool isOfKind(const Kind &kind, const char *name)
{
    return kind.name == QLatin1String(name);
}

// The table of the form's rows, or nullptr.
inline const Table *rowsTable(const Context &context)
{
    return context.catalogue ? findTable(*context.catalogue, context.form.rowsFrom) : nullptr;
}

// The form with each selected control changed.
template <typename Change> Form withSelectedChanged(const Context &context, Change change)
{
    Form form = context.form;
    for (const Control *control : selected(context)) {
        Control changed = *control;
        change(changed);
        form.controls.replace(form.controls.indexOf(control->id), changed);
    }
    return form;
}

// A picture chosen for the form: by reference where its file is inside the project.
inline Result<FixedPicture> chosenPicture(const Context &context, const QString &path)
{
    const QString folder = context.path.isEmpty() ? QString() : QFileInfo(context.path).absolutePath();
    return pictureFromFile(path, folder, context.path.isEmpty() ? QString() : projectFolderOf(context.path));
}

// For settings that are only shown.
inline Result<Form> writeNothing(const Context &context, const QString &)
{
    return context.form;
}

} // namespace setting_parts

} // namespace nabblet
