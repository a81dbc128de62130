#include "core/check/checks.h"
#include "core/check/rule_faults.h"
#include "core/rules/rule_sentence.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// All that is wrong with the form's rules, such as a condition that cannot be worked out after a column was renamed.
QList<Finding> find(const CheckContext &context)
{
    QList<Finding> found;
    const Table *table = findTable(context.catalogue, context.form.rowsFrom);
    if (!table || context.form.rules.isEmpty()) {
        return found;
    }
    const QHash<int, QStringList> wrong = wrongWithRules(context.form, *table);
    for (int i = 0; i < context.form.rules.size(); ++i) {
        const Rule &rule = context.form.rules.at(i);
        for (const QString &sentence : wrong.value(i)) {
            found.append({rule.on.isEmpty() ? 0 : rule.on.first(),
                          Texts::tr("%1: %2").arg(ruleSentence(context.form, rule), sentence),
                          rule.when + rule.then.value,
                          {},
                          i});
        }
    }
    return found;
}

} // namespace

FormCheck wrongRules()
{
    return {"wrong rules", Texts::later("Rules that do not work"), Degree::ToFix, find};
}

} // namespace nabblet
