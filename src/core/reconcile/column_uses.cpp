#include "core/reconcile/column_uses.h"

#include "core/catalogue/create_statement.h"
#include "core/kinds/control_names.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/start_value.h"
#include "core/kinds/settings/total.h"
#include "core/reconcile/each_inner.h"
#include "core/rules/belonging.h"
#include "core/rules/rule_sentence.h"
#include "core/rules/rules.h"
#include "core/sorts/sorted_by.h"
#include "core/text/tr.h"

#include <QRegularExpression>

#include <functional>

namespace nabblet {

namespace {

// Gives a name of a column of a table as it is to be; an empty name is asked for the table alone.
using NameOf = std::function<QString(const QString &table, const QString &column, const ColumnUse &use)>;

bool isSelect(const SqlToken &token)
{
    return token.kind == SqlToken::Word && token.text.compare(QLatin1String("select"), Qt::CaseInsensitive) == 0;
}

// The table whose rows an expression reads at each of its tokens: that of the row, or behind "(SELECT … FROM table" the
// one of rows that belong to it.
QStringList tablesAt(const QList<SqlToken> &tokens, const QString &rows)
{
    QStringList tables;
    QStringList around{rows};
    QList<bool> opensSelect;
    for (qsizetype i = 0; i < tokens.size(); ++i) {
        const SqlToken &token = tokens.at(i);
        const bool isSign = token.kind == SqlToken::Sign;
        if (isSign && token.text == QLatin1String("(")) {
            const bool opens = i + 1 < tokens.size() && isSelect(tokens.at(i + 1));
            opensSelect.append(opens);
            if (opens) {
                QString table;
                int depth = 0;
                for (qsizetype j = i + 1; j < tokens.size() && depth >= 0; ++j) {
                    depth += tokens.at(j).text == QLatin1String("(")   ? 1
                             : tokens.at(j).text == QLatin1String(")") ? -1
                                                                       : 0;
                    if (depth == 0 && tokens.at(j).text.compare(QLatin1String("from"), Qt::CaseInsensitive) == 0 &&
                        j + 1 < tokens.size()) {
                        table = tokens.at(j + 1).text;
                        break;
                    }
                }
                around.append(table);
            }
        }
        tables.append(around.last());
        if (isSign && token.text == QLatin1String(")") && !opensSelect.isEmpty() && opensSelect.takeLast()) {
            around.removeLast();
        }
    }
    return tables;
}

// The names in an expression as they are to be. columnsOf: of rows that belong to the row, by their table; a name that
// is none of theirs is one of the row.
QString rewritten(const QString &sql, const QString &rows, const QList<RowsBelonging> &belonging, const ColumnUse &use,
                  const NameOf &nameOf)
{
    const QList<SqlToken> tokens = sqlTokens(sql);
    const QStringList tables = tablesAt(tokens, rows);
    QString result = sql;
    for (qsizetype i = tokens.size() - 1; i >= 0; --i) { // from the end, so that places stay
        const SqlToken &token = tokens.at(i);
        const bool isName = token.kind == SqlToken::Word || token.kind == SqlToken::QuotedName;
        const bool isCalled =
            token.kind == SqlToken::Word && i + 1 < tokens.size() && tokens.at(i + 1).text == QLatin1String("(");
        if (!isName || isCalled) {
            continue;
        }
        const bool isTable = i > 0 && tokens.at(i - 1).text.compare(QLatin1String("from"), Qt::CaseInsensitive) == 0;
        QString table = tables.at(i);
        if (table != rows && !isTable) {
            bool isTheirs = false;
            for (const RowsBelonging &each : belonging) {
                isTheirs = isTheirs || (each.table.compare(table, Qt::CaseInsensitive) == 0 &&
                                        each.columns.contains(token.text, Qt::CaseInsensitive));
            }
            table = isTheirs ? table : rows;
        }
        const QString now = isTable ? nameOf(token.text, QString(), use) : nameOf(table, token.text, use);
        if (now != token.text) {
            static const QRegularExpression plain(QStringLiteral("^[A-Za-z_][A-Za-z0-9_]*$"));
            const bool isPlain = token.kind == SqlToken::Word && plain.match(now).hasMatch();
            result.replace(token.start, token.end - token.start, isPlain ? now : columnExpression(now));
        }
    }
    return result;
}

void changeAll(QStringList &columns, const QString &table, const ColumnUse &use, const NameOf &nameOf)
{
    for (QString &column : columns) {
        column = nameOf(table, column, use);
    }
}

Form withNames(const Form &form, const InnerPath &path, const NameOf &nameOf);

Control withNames(const Form &form, const Control &control, const InnerPath &path, const NameOf &nameOf)
{
    Control changed = control;
    const QString &rows = form.rowsFrom;
    ColumnUse use{{}, {}, UseKind::Box, path, control.id};
    const QList<RowsBelonging> belonging = belongingTo(form);
    if (!changed.column.isEmpty()) {
        changed.column = nameOf(rows, changed.column, use);
    }
    if (std::optional<Lookup> lookup = lookupOf(control)) {
        use.kind = UseKind::Choice;
        const QString of = lookup->table;
        if (!of.isEmpty()) {
            changeAll(lookup->valueColumns, of, use, nameOf);
            changeAll(lookup->wordsColumns, of, use, nameOf);
            changeAll(lookup->filterColumns, of, use, nameOf);
            for (QString &sorted : lookup->sort) {
                ChoiceOrder by = choiceOrder(sorted);
                by.name = nameOf(of, by.name, use);
                sorted = written(by);
            }
            for (LookupColumn &also : lookup->also) {
                also.name = nameOf(of, also.name, use);
            }
            lookup->table = nameOf(of, QString(), use);
        }
        changeAll(lookup->columns, rows, use, nameOf);
        changeAll(lookup->filterBy, rows, use, nameOf);
        setLookup(changed, *lookup);
    }
    if (std::optional<Followed> followed = followedBy(control)) {
        use.kind = UseKind::Followed;
        changeAll(followed->keyColumns, followed->table, use, nameOf);
        changeAll(followed->columns, rows, use, nameOf);
        followed->column = nameOf(followed->table, followed->column, use);
        followed->table = nameOf(followed->table, QString(), use);
        setFollowed(changed, *followed);
    }
    if (std::optional<Total> total = totalOf(control); total && !total->column.isEmpty()) {
        use.kind = UseKind::Total;
        total->column = nameOf(rows, total->column, use);
        setTotal(changed, *total);
    }
    use.kind = UseKind::Formula;
    const auto change = [&](const ControlSetting<QString> &setting) {
        if (const QString sql = control.settings.value(setting); !sql.isEmpty()) {
            if (const QString now = rewritten(sql, rows, belonging, use, nameOf); now != sql) {
                changed.settings.set(setting, now);
            }
        }
    };
    change(setting::Formula);
    change(setting::StartsWorkedOut);
    if (const Form *inner = control.inner.get()) {
        use.kind = UseKind::Link;
        if (ChildLink link = childLinkOf(control); !link.childColumns.isEmpty()) {
            changeAll(link.childColumns, inner->rowsFrom, use, nameOf);
            changeAll(link.parentColumns, rows, use, nameOf);
            setChildLink(changed, link);
        }
        const Form inside = withNames(*inner, path + InnerPath{control.id}, nameOf);
        changed.inner = inside == *inner ? control.inner : InnerForm(inside);
    }
    return changed;
}

Rule withNames(const Form &form, const Rule &rule, const ColumnUse &use, const NameOf &nameOf)
{
    Rule changed = rule;
    const QList<RowsBelonging> belonging = belongingTo(form);
    for (QString *sql : {&changed.when, &changed.then.value, &changed.otherwise.value, &changed.measured}) {
        if (!sql->isEmpty()) {
            *sql = rewritten(*sql, form.rowsFrom, belonging, use, nameOf);
        }
    }
    return changed;
}

// The form with all names as they are to be, from the inside out: what belongs to a row is told by the old names.
Form withNames(const Form &form, const InnerPath &path, const NameOf &nameOf)
{
    Form result = form;
    const QString &rows = form.rowsFrom;
    for (int i = 0; i < form.controls.size(); ++i) {
        const Control changed = withNames(form, form.controls.at(i), path, nameOf);
        if (!(changed == form.controls.at(i))) {
            result.controls.replace(i, changed);
        }
    }
    for (int i = 0; i < form.rules.size(); ++i) {
        result.rules[i] = withNames(form, form.rules.at(i), {{}, {}, UseKind::Rule, path, 0, i}, nameOf);
    }
    ColumnUse use{{}, {}, UseKind::Order, path};
    if (QList<SortedBy> sorted = sortedBy(form); !sorted.isEmpty()) {
        for (SortedBy &each : sorted) {
            each.column = nameOf(rows, each.column, use);
        }
        result.settings.set(setting::Sorted, sorted);
    }
    use.kind = UseKind::List;
    changeAll(result.window.listColumns, rows, use, nameOf);
    if (const Form *row = form.rowForm.get()) {
        const Form inside = withNames(*row, path + InnerPath{RowFormStep}, nameOf);
        result.rowForm = inside == *row ? form.rowForm : InnerForm(inside);
    }
    use.kind = UseKind::Box;
    if (!rows.isEmpty() && form.select.isEmpty()) {
        result.rowsFrom = nameOf(rows, QString(), use);
    }
    return result;
}

// What the form remembers, by the new names.
Form withMemoryRenamed(Form form, const QString &table, const QString &from, const QString &to)
{
    const bool isOwn = form.rowsFrom == table;
    for (BoundColumn &bound : form.boundColumns) {
        const bool isOfTable = bound.table.isEmpty() ? isOwn : bound.table == table;
        bound.column = isOfTable && bound.column == from ? to : bound.column;
    }
    for (QString &seen : form.seenColumns) {
        seen = isOwn && seen == from ? to : seen;
    }
    return withEachInner(form, [&](const Form &inner) { return withMemoryRenamed(inner, table, from, to); });
}

Form withTableInMemoryRenamed(Form form, const QString &from, const QString &to)
{
    for (BoundColumn &bound : form.boundColumns) {
        bound.table = bound.table == from ? to : bound.table;
        bound.linksTo = bound.linksTo == from ? to : bound.linksTo;
    }
    return withEachInner(form, [&](const Form &inner) { return withTableInMemoryRenamed(inner, from, to); });
}

} // namespace

QList<ColumnUse> columnUses(const Form &form)
{
    QList<ColumnUse> uses;
    withNames(form, {}, [&](const QString &table, const QString &column, const ColumnUse &use) {
        ColumnUse one = use;
        one.table = table;
        one.column = column;
        if (!table.isEmpty() && !uses.contains(one)) {
            uses.append(one);
        }
        return column.isEmpty() ? table : column;
    });
    return uses;
}

QString useInWords(const Form &form, const ColumnUse &use)
{
    const Form *at = innerAt(form, use.path);
    const Control *control = at ? at->controls.find(use.control) : nullptr;
    const QString called = control ? calledFor(*at, *control) : QString();
    switch (use.kind) {
    case UseKind::Box:
        return control ? Texts::tr("the box “%1”").arg(called) : Texts::tr("the rows");
    case UseKind::Choice:
        return Texts::tr("the choices of “%1”").arg(called);
    case UseKind::Followed:
        return Texts::tr("what “%1” shows").arg(called);
    case UseKind::Link:
        return Texts::tr("what links “%1”").arg(called);
    case UseKind::Total:
        return Texts::tr("the total “%1”").arg(called);
    case UseKind::Formula:
        return Texts::tr("the formula of “%1”").arg(called);
    case UseKind::Rule:
        return at && use.rule >= 0 && use.rule < at->rules.size()
                   ? Texts::tr("the rule “%1”").arg(ruleSentence(*at, at->rules.at(use.rule)))
                   : Texts::tr("a rule");
    case UseKind::Order:
        return Texts::tr("the order of the records");
    case UseKind::List:
        return Texts::tr("the list of records");
    }
    return {};
}

Form withColumnRenamed(const Form &form, const QString &table, const QString &from, const QString &to)
{
    const Form result = withNames(form, {}, [&](const QString &of, const QString &column, const ColumnUse &) {
        const bool isIt = of.compare(table, Qt::CaseInsensitive) == 0 && !column.isEmpty() &&
                          column.compare(from, Qt::CaseInsensitive) == 0;
        return isIt ? to : column.isEmpty() ? of : column;
    });
    return withMemoryRenamed(result, table, from, to);
}

Form withTableRenamed(const Form &form, const QString &from, const QString &to)
{
    const Form result = withNames(form, {}, [&](const QString &of, const QString &column, const ColumnUse &) {
        return !column.isEmpty() ? column : of.compare(from, Qt::CaseInsensitive) == 0 ? to : of;
    });
    return withTableInMemoryRenamed(result, from, to);
}

} // namespace nabblet
