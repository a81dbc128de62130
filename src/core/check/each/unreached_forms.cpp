#include "core/check/checks.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// In a project that begins with a form of its own, a form that none of the others opens: nobody gets to it.
QList<Finding> find(const CheckContext &context)
{
    const QString &name = context.form.name;
    if (!context.opened || !context.forms || !context.forms->contains(name) || context.opened->contains(name)) {
        return {};
    }
    return {{0, Texts::tr("No form of the project opens “%1”; people begin elsewhere and do not get to it.").arg(name),
             QStringLiteral("opened")}};
}

} // namespace

FormCheck unreachedForms()
{
    return {"unreached forms", Texts::later("Forms that nothing opens"), Degree::ToWeigh, find};
}

} // namespace nabblet
