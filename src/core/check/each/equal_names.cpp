#include "core/check/checks.h"
#include "core/edit/edits.h"
#include "core/text/tr.h"

#include <QHash>

namespace nabblet {

namespace {

// Controls that have the same name, by which files, rules and buttons could not tell them apart.
QList<Finding> find(const CheckContext &context)
{
    QHash<QString, int> counts;
    for (const Control &control : context.form.controls) {
        ++counts[control.name.toLower()];
    }
    QList<Finding> found;
    QHash<QString, int> met;
    for (const Control &control : context.form.controls) {
        const QString name = control.name.toLower();
        if (counts.value(name) > 1 && ++met[name] > 1) {
            found.append({control.id,
                          Texts::tr("Two controls are called “%1”.").arg(control.name),
                          control.name,
                          {{Texts::tr("Give it a name of its own"), [id = control.id](const CheckContext &now) {
                                return renameControl(now.form, id, now.form.controls.find(id)->name);
                            }}}});
        }
    }
    return found;
}

} // namespace

FormCheck equalNames()
{
    return {"equal names", Texts::later("Controls of the same name"), Degree::ToFix, find};
}

} // namespace nabblet
