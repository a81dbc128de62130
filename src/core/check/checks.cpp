#include "core/check/checks.h"

#include "core/text/tr.h"

#include <cstring>

namespace nabblet {

const QList<FormCheck> &formChecks()
{
#define NABBLET_ENTRY(check) check(),
    static const QList<FormCheck> table{NABBLET_CHECKS(NABBLET_ENTRY)};
#undef NABBLET_ENTRY
    return table;
}

QString checkTitle(const FormCheck &check)
{
    return Texts::tr(check.title);
}

QList<Finding> findings(const char *name, const CheckContext &context)
{
    for (const FormCheck &check : formChecks()) {
        if (std::strcmp(check.name, name) == 0) {
            return check.find(context);
        }
    }
    return {};
}

} // namespace nabblet
