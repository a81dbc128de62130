#include "designer/rules/rule_context.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/lookup.h"
#include "core/rules/belonging.h"
#include "core/text/tr.h"
#include "designer/rules/sql_line.h"

namespace nabblet {

QStringList namesFor(const RuleContext &context)
{
    QStringList names = columnNames(context.table) + sqlFunctions();
    for (const RowsBelonging &rows : belongingTo(context.form)) {
        names += QStringList{rows.table, QStringLiteral("SELECT sum(")} + rows.columns;
    }
    names.removeDuplicates();
    return names;
}

QString wordsFor(const RuleContext &context, const QString &column, const QVariant &value)
{
    if (value.isNull()) {
        return {};
    }
    for (const Control &control : context.form.controls) {
        const Kind &kind = kindNamed(control.kind);
        if (control.column != column || !takesValue(kind)) {
            continue;
        }
        const QList<ValueChoice> choices =
            lookupOf(control) && context.choices ? context.choices(column) : QList<ValueChoice>();
        for (const ValueChoice &choice : choices) {
            if (choice.value == value.toString()) {
                return choice.words;
            }
        }
        return kind.words(control, value, QLocale());
    }
    return value.typeId() == QMetaType::QByteArray ? Texts::tr("a picture") : value.toString();
}

} // namespace nabblet
