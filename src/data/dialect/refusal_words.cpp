#include "data/dialect/refusal_words.h"

#include "core/catalogue/check_words.h"
#include "core/text/tr.h"

namespace nabblet {

QString captionsOf(const QStringList &columns, const RefusalContext &context)
{
    QStringList words;
    for (const QString &column : columns) {
        words.append(context.captionFor(column));
    }
    return words.join(Texts::tr(" and "));
}

Refusal neededRefusal(const QStringList &columns, const RefusalContext &context, const QString &said)
{
    return {Texts::tr("%1 is needed").arg(captionsOf(columns, context)), columns, said};
}

Refusal takenRefusal(const QStringList &columns, const RefusalContext &context, const QString &said)
{
    if (const QString own = context.table.sentences.value(ruleName(context.table, columns)); !own.isEmpty()) {
        return {own, columns, said};
    }
    if (columns.size() > 1) {
        return {Texts::tr("Another record has the same %1").arg(captionsOf(columns, context)), columns, said};
    }
    return {Texts::tr("Another record has this value already; %1 must differ").arg(captionsOf(columns, context)),
            columns, said};
}

Refusal ruleRefusal(const QString &named, const RefusalContext &context, const QString &said)
{
    for (const Check &check : context.table.checks) {
        if ((!check.name.isEmpty() && check.name == named) || check.expression == named ||
            check.expression.simplified() == named.simplified()) {
            return {ruleInWords(check, context.table, context.captionFor), columnsOfRule(check, context.table), said};
        }
    }
    if (const QString own = context.table.sentences.value(named); !own.isEmpty()) {
        return {own, context.table.constraints.value(named), said};
    }
    return {Texts::tr("A rule of the table is not kept: %1").arg(named), {}, said};
}

} // namespace nabblet
