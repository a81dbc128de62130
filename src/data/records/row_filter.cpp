#include "data/records/row_filter.h"

#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/lookup.h"
#include "data/records/statement.h"

#include <algorithm>

namespace nabblet {

namespace {

QString together(const Connection &connection, const QStringList &columns)
{
    QStringList names;
    for (const QString &column : columns) {
        names.append(rowsColumn(connection, column));
    }
    const QString all = names.join(QLatin1String(", "));
    return names.size() == 1 ? all : u'(' + all + u')';
}

QString otherRows(const Connection &connection, const RowTest &test)
{
    const QString name = connection.quoted(QStringLiteral("rows"));
    return test.select.isEmpty() ? connection.dialect().tableAs(connection.quotedTable(test.table), name)
                                 : connection.dialect().selectAs(withoutEnd(test.select), name);
}

// What is asked, as one term.
QString termOf(const Connection &connection, const RowTest &test)
{
    if (test.columns.size() == 1) {
        return rowsColumn(connection, test.columns.first());
    }
    QStringList texts;
    for (const QString &column : test.columns) {
        texts.append(
            QStringLiteral("coalesce(%1, '')").arg(connection.dialect().asText(rowsColumn(connection, column))));
    }
    return connection.dialect().joined(texts);
}

// One condition on a term, whether or not it is turned into its opposite.
Statement plain(const Connection &connection, const QString &term, bool isText, const FilterCondition &condition)
{
    const Dialect &dialect = connection.dialect();
    const auto compared = [&](const char *sign, const QVariant &value) {
        return Statement{term + u' ' + QLatin1String(sign) + u' ' + dialect.placeOf(value), {value}};
    };
    const QVariant &end = condition.isUpToLeftOut ? condition.upTo : QVariant();
    switch (condition.test) {
    case FilterTest::Is:
        return compared("=", condition.value);
    case FilterTest::Holds:
        return {dialect.isLike(isText ? term : dialect.asText(term)),
                {Dialect::patternHolding(condition.value.toString())}};
    case FilterTest::Like:
        return {dialect.isLike(isText ? term : dialect.asText(term)),
                {Dialect::patternShaped(condition.value.toString())}};
    case FilterTest::Below:
        return compared("<", condition.value);
    case FilterTest::AtMost:
        return end.isValid() ? compared("<", end) : compared("<=", condition.value);
    case FilterTest::Above:
        return end.isValid() ? compared(">=", end) : compared(">", condition.value);
    case FilterTest::AtLeast:
        return compared(">=", condition.value);
    case FilterTest::Within: {
        const Statement from = compared(">=", condition.value);
        const Statement to = compared(condition.isUpToLeftOut ? "<" : "<=", condition.upTo);
        return {u'(' + from.sql + QLatin1String(" AND ") + to.sql + u')', from.values + to.values};
    }
    case FilterTest::Blank:
        return {isText ? QStringLiteral("(%1 IS NULL OR %1 = '')").arg(term) : term + QLatin1String(" IS NULL"), {}};
    }
    return {};
}

Statement joinedBy(const QList<Statement> &parts, const char *word)
{
    Statement all;
    for (const Statement &part : parts) {
        if (!part.sql.isEmpty()) {
            all.sql += (all.sql.isEmpty() ? QString() : QLatin1String(word)) + part.sql;
            all.values += part.values;
        }
    }
    return parts.size() > 1 && !all.sql.isEmpty() ? Statement{u'(' + all.sql + u')', all.values} : all;
}

Statement conditionOf(const Connection &connection, const RowTest &test);

// That the row has another one of which something holds.
Statement ofOther(const Connection &connection, const RowTest &test, const Statement &holds)
{
    return {QStringLiteral("%1 IN (SELECT %2 FROM %3 WHERE %4)")
                .arg(together(connection, test.ofRow),
                     test.theirs.size() == 1 ? together(connection, test.theirs)
                                             : together(connection, test.theirs).mid(1).chopped(1),
                     otherRows(connection, test), holds.sql),
            holds.values};
}

Statement conditionOf(const Connection &connection, const RowTest &test)
{
    const bool isOfOther = !test.ofRow.isEmpty();
    if (!test.tests.empty()) {
        QList<Statement> all;
        for (const RowTest &each : test.tests) {
            all.append(conditionOf(connection, each));
        }
        return ofOther(connection, test, joinedBy(all, " AND "));
    }
    const QString term = termOf(connection, test);
    QList<Statement> either;
    QList<Statement> all;
    for (const FilterCondition &each : test.anyOf) {
        Statement one;
        if (isOfOther && each.test == FilterTest::Blank) {
            one = {rowsColumn(connection, test.ofRow.first()) + QLatin1String(" IS NULL"), {}};
        } else {
            one = plain(connection, term, test.isText, each);
            one = isOfOther ? ofOther(connection, test, one) : one;
        }
        if (!each.isNot) {
            either.append(one);
        } else if (each.test == FilterTest::Blank) {
            all.append({QStringLiteral("NOT (%1)").arg(one.sql), one.values});
        } else { // what is blank is not that, either
            const QString own = isOfOther ? rowsColumn(connection, test.ofRow.first()) : term;
            all.append({QStringLiteral("(%1 IS NULL OR NOT (%2))").arg(own, one.sql), one.values});
        }
    }
    if (!either.isEmpty()) {
        all.prepend(joinedBy(either, " OR "));
    }
    return joinedBy(all, " AND ");
}

bool isTextColumn(const Table *table, const QString &name)
{
    const Column *column = table ? findColumn(*table, name) : nullptr;
    return !column || column->type == ColumnType::Text;
}

// The test for a part on the rows of one form, without those that belong; nothing where it cannot be asked.
std::optional<RowTest> testOf(const FilterPart &part, const Form &form, const Catalogue &catalogue)
{
    const Table *table = findTable(catalogue, form.rowsFrom);
    FilterPart own = part;
    own.rows.clear();
    const AskedBox box = boxAskedBy(own, form);
    RowTest test;
    test.anyOf = part.anyOf;
    if (!part.through.isEmpty()) {
        const std::optional<Followed> followed = box.control ? followedBy(*box.control) : std::nullopt;
        if (!followed || !findTable(catalogue, followed->table)) {
            return {};
        }
        test.columns = {followed->column};
        test.isText = isTextColumn(findTable(catalogue, followed->table), followed->column);
        test.ofRow = followed->columns;
        test.table = followed->table;
        test.theirs = followed->keyColumns;
        return test;
    }
    if (part.isByWords) {
        const std::optional<Lookup> lookup = box.control ? lookupOf(*box.control) : std::nullopt;
        if (!lookup || lookup->wordsColumns.isEmpty()) {
            return {};
        }
        test.columns = lookup->wordsColumns;
        test.isText = lookup->wordsColumns.size() > 1 ||
                      isTextColumn(findTable(catalogue, lookup->table), lookup->wordsColumns.first());
        test.ofRow = lookup->columns.isEmpty() ? QStringList{part.column} : lookup->columns;
        test.table = lookup->table;
        test.select = lookup->select;
        test.theirs = lookup->valueColumns;
        return test;
    }
    if (!table || !findColumn(*table, part.column)) {
        return {};
    }
    test.columns = {part.column};
    test.isText = isTextColumn(table, part.column);
    return test;
}

} // namespace

AskedBox boxAskedBy(const FilterPart &part, const Form &form)
{
    if (!part.rows.isEmpty()) {
        for (const Control &control : form.controls) {
            const Form *inner = control.inner.get();
            if (inner && inner->rowsFrom == part.rows && !childLinkOf(control).childColumns.isEmpty()) {
                FilterPart own = part;
                own.rows.clear();
                AskedBox box = boxAskedBy(own, *inner);
                box.form = inner;
                box.subform = &control;
                return box;
            }
        }
        return {};
    }
    for (const Control &control : form.controls) {
        const std::optional<FilterPart> own = partFor(control, nullptr);
        if (own && own->column == part.column && own->through == part.through) {
            return {&control, &form, nullptr};
        }
    }
    return {};
}

std::optional<FilterPart> partFor(const Control &box, const Control *subform)
{
    const Kind &kind = kindNamed(box.kind);
    const bool isPicture = kind.editor == Editor::Image;
    if (!showsValue(box) || isPicture || box.inner) {
        return {};
    }
    FilterPart part;
    if (subform) {
        const Form *inner = subform->inner.get();
        if (!inner || childLinkOf(*subform).childColumns.isEmpty()) {
            return {};
        }
        part.rows = inner->rowsFrom;
    }
    if (const std::optional<Followed> followed = followedBy(box)) {
        part.column = followed->column;
        part.through = followed->columns.value(0);
        return part.through.isEmpty() ? std::nullopt : std::optional(part);
    }
    if (box.column.isEmpty()) {
        return {};
    }
    part.column = box.column;
    part.isByWords = lookupOf(box).has_value();
    return part;
}

RowFilter rowFilterOf(const Filter &filter, const Form &form, const Catalogue &catalogue, QStringList *leftOut)
{
    RowFilter found;
    const auto leave = [&](const FilterPart &part) {
        if (leftOut) {
            leftOut->append(part.column);
        }
    };
    for (const FilterLine &line : filter.lines) {
        QList<RowTest> tests;
        QStringList grouped; // tables of rows that belong, done already
        for (const FilterPart &part : line) {
            if (part.rows.isEmpty()) {
                const std::optional<RowTest> test = testOf(part, form, catalogue);
                test ? tests.append(*test) : leave(part);
                continue;
            }
            const AskedBox box = boxAskedBy(part, form);
            if (!box.subform) {
                leave(part);
                continue;
            }
            if (grouped.contains(part.rows)) {
                continue;
            }
            grouped.append(part.rows);
            const ChildLink link = childLinkOf(*box.subform);
            RowTest belonging;
            belonging.ofRow = link.parentColumns;
            belonging.theirs = link.childColumns;
            belonging.table = box.form->rowsFrom;
            belonging.select = box.form->select;
            for (const FilterPart &other : line) {
                const std::optional<RowTest> test =
                    other.rows == part.rows ? testOf(other, *box.form, catalogue) : std::nullopt;
                if (test) {
                    belonging.tests.push_back(*test);
                } else if (other.rows == part.rows) {
                    leave(other);
                }
            }
            if (!belonging.tests.empty()) {
                tests.append(belonging);
            }
        }
        if (!tests.isEmpty()) {
            found.lines.append(tests);
        }
    }
    return found;
}

// Written out: a compiler that is asked to make it for a type that holds itself may end in the middle of that.
bool RowTest::operator==(const RowTest &other) const
{
    return columns == other.columns && isText == other.isText && anyOf == other.anyOf && ofRow == other.ofRow &&
           table == other.table && select == other.select && theirs == other.theirs &&
           std::equal(tests.begin(), tests.end(), other.tests.begin(), other.tests.end(),
                      [](const RowTest &a, const RowTest &b) { return a == b; });
}

bool asksTheSame(const RecordSource &a, const RecordSource &b)
{
    return a.filter == b.filter || (a.filter && b.filter && *a.filter == *b.filter);
}

Statement conditionOf(const Connection &connection, const RowFilter &filter)
{
    QList<Statement> lines;
    for (const QList<RowTest> &line : filter.lines) {
        QList<Statement> all;
        for (const RowTest &test : line) {
            all.append(conditionOf(connection, test));
        }
        lines.append(joinedBy(all, " AND "));
    }
    return joinedBy(lines, " OR ");
}

} // namespace nabblet
