#include "core/rules/checking.h"

#include "core/rules/condition_rows.h"
#include "core/rules/rules.h"
#include "core/text/tr.h"

namespace nabblet {

QList<Unheld> unheldChecks(const Form &form, const WorksOut &worksOut)
{
    QList<Unheld> unheld;
    for (int i = 0; i < form.rules.size(); ++i) {
        const Rule &rule = form.rules.at(i);
        if (rule.isOff || rule.effect != QLatin1String("check") || rule.when.trimmed().isEmpty()) {
            continue;
        }
        const Result<QVariant> value = worksOut(rule.when);
        if (!value || value->isNull() || isTrue(*value)) {
            continue; // one that cannot be worked out is found while designing
        }
        const QString sentence = rule.then.words.trimmed().isEmpty()
                                     ? Texts::tr("It must be that %1").arg(conditionInWords(form, rule.when))
                                     : rule.then.words.trimmed();
        unheld.append({i, sentence, rule.on, rule.asks});
    }
    return unheld;
}

QList<ControlId> boxesOf(const Form &form, const Rule &check, const QStringList &columnsRead)
{
    if (!check.on.isEmpty()) {
        return check.on;
    }
    QList<ControlId> boxes;
    for (const Control &control : form.controls) {
        if (!control.column.isEmpty() && takesValue(kindNamed(control.kind)) && columnsRead.contains(control.column)) {
            boxes.append(control.id);
        }
    }
    return boxes;
}

bool isAboutAlone(const Rule &check, const Control &box, const QStringList &columnsRead)
{
    return check.effect == QLatin1String("check") && !check.isOff && columnsRead.size() == 1 &&
           columnsRead.first() == box.column && (check.on.isEmpty() || check.on.contains(box.id));
}

} // namespace nabblet
