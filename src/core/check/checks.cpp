#include "core/check/checks.h"

#include <cstring>

namespace nabblet {

const QList<FormCheck> &formChecks()
{
    static const QList<FormCheck> table{
        {"cut captions", findCutCaptions},
        {"missing columns", findMissingColumns},
        {"typed links", findTypedLinks},
        {"typed identities", findTypedIdentities},
    };
    return table;
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
