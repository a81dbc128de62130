#include "core/reconcile/memory.h"

#include "core/catalogue/profile_in.h"
#include "core/catalogue/value_signs.h"
#include "core/draft/draft.h"
#include "core/reconcile/column_uses.h"
#include "core/reconcile/each_inner.h"

namespace nabblet {

namespace {

enum class Known { Stays, AsNow };

// What is remembered of a column that is still as it was, with what is known of it since.
BoundColumn completed(const BoundColumn &was, const Table &table, const Column &column, const Profile *profile)
{
    const BoundColumn now = rememberColumn(table, column);
    const bool isAsItWas = was.declaredType == now.declaredType && was.length == now.length &&
                           was.isRequired == now.isRequired && was.linksTo == now.linksTo;
    if (!isAsItWas) {
        return was;
    }
    BoundColumn whole = was;
    if (was.place == 0) {
        whole.place = now.place;
        whole.comment = now.comment;
        whole.startsWith = now.startsWith;
        whole.choices = now.choices;
    }
    const ColumnProfile *values = columnIn(profile, column.name);
    if (was.signs.isEmpty() && values) {
        whole.signs = signsOf(*values);
    }
    return whole;
}

Form rememberedIn(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> *profiles, Known known)
{
    Form result = form;
    QList<BoundColumn> bound;
    QSet<QString> done; // table and column
    const QList<ColumnUse> uses = columnUses(form);
    for (const ColumnUse &use : uses) {
        const bool isOwn = use.table == form.rowsFrom;
        const QString key = use.table + u'\n' + use.column;
        if (!use.path.isEmpty() || use.column.isEmpty() || done.contains(key)) {
            continue;
        }
        done.insert(key);
        const BoundColumn *before = remembered(form, use.table, use.column);
        const Table *table = findTable(catalogue, use.table);
        const Column *column = table ? findColumn(*table, use.column) : nullptr;
        if (before && (known == Known::Stays || !column)) {
            bound.append(column ? completed(*before, *table, *column, profileIn(profiles, use.table)) : *before);
            continue;
        }
        if (!column || table->kind == TableKind::Select) {
            continue; // a word of SQL, or nothing that can change by itself
        }
        BoundColumn one = rememberColumn(*table, *column);
        one.table = isOwn ? QString() : use.table;
        if (before) {
            one.unknown = before->unknown;
            one.signs = before->signs;
            one.drafted = before->drafted;
        }
        if (const ColumnProfile *values = columnIn(profileIn(profiles, use.table), use.column)) {
            one.signs = signsOf(*values);
        }
        bound.append(one);
    }
    // In the order in which they were bound, the new ones behind.
    result.boundColumns.clear();
    for (const BoundColumn &before : form.boundColumns) {
        for (const BoundColumn &one : std::as_const(bound)) {
            if (one.column == before.column && one.table == before.table) {
                result.boundColumns.append(one);
            }
        }
    }
    for (const BoundColumn &one : std::as_const(bound)) {
        const bool isThere =
            std::any_of(result.boundColumns.begin(), result.boundColumns.end(),
                        [&](const BoundColumn &each) { return each.column == one.column && each.table == one.table; });
        if (!isThere) {
            result.boundColumns.append(one);
        }
    }
    const Table *rows = findTable(catalogue, form.rowsFrom);
    if (rows && rows->kind != TableKind::Select && (form.seenColumns.isEmpty() || known == Known::AsNow)) {
        result.seenColumns = columnNames(*rows);
    }
    return withEachInner(result, [&](const Form &inner) { return rememberedIn(inner, catalogue, profiles, known); });
}

} // namespace

Form withColumnsRemembered(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> *profiles)
{
    return rememberedIn(form, catalogue, profiles, Known::Stays);
}

QHash<QString, Profile> profilesOf(const StoredSamples &samples)
{
    QHash<QString, Profile> profiles;
    for (auto sample = samples.begin(); sample != samples.end(); ++sample) {
        Profile &profile = profiles[sample.key()];
        profile.table = sample.key();
        for (const QVariantList &row : sample->rows) {
            for (qsizetype i = 0; i < sample->columns.size(); ++i) {
                profile.columns[sample->columns.at(i)].add(row.value(i));
            }
        }
    }
    return profiles;
}

QStringList tablesUsed(const Form &form)
{
    QStringList tables;
    for (const ColumnUse &use : columnUses(form)) {
        if (!tables.contains(use.table)) {
            tables.append(use.table);
        }
    }
    return tables;
}

Form withColumnsAsNow(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> *profiles)
{
    return rememberedIn(form, catalogue, profiles, Known::AsNow);
}

const BoundColumn *remembered(const Form &form, const QString &table, const QString &column)
{
    for (const BoundColumn &bound : form.boundColumns) {
        const bool isOfTable = bound.table.isEmpty() ? form.rowsFrom == table : bound.table == table;
        if (isOfTable && bound.column.compare(column, Qt::CaseInsensitive) == 0) {
            return &bound;
        }
    }
    return nullptr;
}

} // namespace nabblet
