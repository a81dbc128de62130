#include "core/rules/worked_out.h"

#include "core/rules/rules.h"

#include <algorithm>

namespace nabblet {

namespace {

// A rule that puts a value into a column.
struct Source
{
    const Rule *rule = nullptr;
    ControlId control = 0;
    QString column;
    QStringList reads;
};

// The columns that an expression reads, and the tables, by names that no column has.
QStringList readBy(const QString &expression, RowFormulas &formulas)
{
    if (expression.trimmed().isEmpty()) {
        return {};
    }
    const Result<QStringList> read = formulas.columnsRead(expression);
    QStringList all = read ? *read : QStringList();
    for (const QString &table : formulas.tablesRead(expression)) {
        all.append(tableMark(table));
    }
    return all;
}

QList<Source> sourcesOf(const Form &form, RowFormulas &formulas)
{
    QList<Source> sources;
    for (const Rule &rule : form.rules) {
        if (rule.isOff || rule.effect != QLatin1String("value") || rule.hold == ValueHold::AsBefore) {
            continue;
        }
        QStringList reads;
        for (const QString &expression : {rule.when, rule.then.value, rule.otherwise.value}) {
            reads += readBy(expression, formulas);
        }
        reads.removeDuplicates();
        for (const ControlId id : rule.on) {
            if (const Control *control = form.controls.find(id); control && !control->column.isEmpty()) {
                sources.append({&rule, id, control->column, reads});
            }
        }
    }
    return sources;
}

// Each after all that it reads; what stands in a circle, or behind one, is left out.
QList<Source> inOrder(QList<Source> sources)
{
    QList<Source> ordered;
    bool goesOn = true;
    while (goesOn) {
        goesOn = false;
        for (qsizetype i = 0; i < sources.size();) {
            const bool waits = std::any_of(sources.begin(), sources.end(), [&](const Source &other) {
                return sources.at(i).reads.contains(other.column);
            });
            if (waits) {
                ++i;
            } else {
                ordered.append(sources.takeAt(i));
                goesOn = true;
            }
        }
    }
    return ordered;
}

} // namespace

QString tableMark(const QString &table)
{
    return u'\n' + table.toLower();
}

QList<PutIn> valuesPutIn(const Form &form, RowFormulas &formulas, const WorkingRow &row)
{
    QList<PutIn> all;
    QHash<QString, QVariant> now;
    QSet<QString> changed = row.typed;
    const auto valueOf = [&](const QString &column) {
        const auto found = now.constFind(column);
        return found == now.constEnd() ? row.value(column) : *found;
    };
    const WorksOut worksOut = [&](const QString &expression) { return formulas.value(expression, valueOf); };
    for (const Source &source : inOrder(sourcesOf(form, formulas))) {
        const bool isTyped = row.typed.contains(source.column) && source.rule->hold != ValueHold::Follows;
        const bool isConcerned =
            row.isNew || (source.rule->hold != ValueHold::AtFirst &&
                          std::any_of(source.reads.begin(), source.reads.end(),
                                      [&](const QString &column) { return changed.contains(column); }));
        if (isTyped || now.contains(source.column)) {
            continue; // of several rules for a column, the first that has a value stands
        }
        PutIn put{source.column, source.control, {}};
        if (isConcerned) {
            const std::optional<bool> isSo = holds(*source.rule, worksOut);
            const QString &expression = isSo.value_or(false) ? source.rule->then.value : source.rule->otherwise.value;
            if (isSo && !expression.trimmed().isEmpty()) {
                put.value = worksOut(expression);
                now.insert(source.column, *put.value ? **put.value : QVariant());
                changed.insert(source.column);
            }
        }
        all.append(put);
    }
    // What another rule gives the same column does not go.
    all.removeIf([&](const PutIn &put) { return !put.value && now.contains(put.column); });
    return all;
}

QStringList circleOf(const Form &form, RowFormulas &formulas)
{
    QList<Source> left = sourcesOf(form, formulas);
    const QList<Source> ordered = inOrder(left);
    left.removeIf([&](const Source &source) {
        return std::any_of(ordered.begin(), ordered.end(), [&](const Source &each) {
            return each.rule == source.rule && each.column == source.column;
        });
    });
    if (left.isEmpty()) {
        return {};
    }
    // Each that is left waits for another that is left: going from one to the next comes back to where it was.
    QStringList path{left.first().column};
    while (true) {
        const auto at =
            std::find_if(left.begin(), left.end(), [&](const Source &source) { return source.column == path.last(); });
        const auto next = std::find_if(at->reads.begin(), at->reads.end(), [&](const QString &column) {
            return std::any_of(left.begin(), left.end(), [&](const Source &each) { return each.column == column; });
        });
        if (next == at->reads.end()) {
            return {}; // another rule for the same column is the one that waits
        }
        const qsizetype seen = path.indexOf(*next);
        path.append(*next);
        if (seen >= 0) {
            return path.mid(seen);
        }
    }
}

} // namespace nabblet
