#include "core/catalogue/create_statement.h"
#include "core/check/checks.h"
#include "core/text/tr.h"

namespace nabblet {

namespace {

// A SELECT with a condition, on a form that takes changes: a record that does not meet it any more, or never did, is
// out of sight once it is saved.
QList<Finding> find(const CheckContext &context)
{
    const Form &form = context.form;
    const Table *table = findTable(context.catalogue, form.rowsFrom);
    if (form.select.isEmpty() || !table || table->writesTo.isEmpty() ||
        (!form.permissions.add && !form.permissions.change)) {
        return {};
    }
    const QList<SqlToken> tokens = sqlTokens(form.select);
    const bool hasCondition = std::any_of(tokens.begin(), tokens.end(), [](const SqlToken &token) {
        return token.text.compare(QLatin1String("where"), Qt::CaseInsensitive) == 0;
    });
    if (!hasCondition) {
        return {};
    }
    return {{0,
             Texts::tr("The rows come from a SELECT with a condition: a record that does not meet it goes out of sight "
                       "when it is saved."),
             QStringLiteral("where")}};
}

} // namespace

FormCheck hidingSelects()
{
    return {"hiding selects", Texts::later("SELECTs that hide what was saved"), Degree::ToWeigh, find};
}

} // namespace nabblet
