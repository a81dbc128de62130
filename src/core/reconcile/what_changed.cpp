#include "core/reconcile/what_changed.h"

#include "core/catalogue/create_statement.h"
#include "core/reconcile/column_uses.h"
#include "core/reconcile/evidence.h"
#include "core/reconcile/memory.h"
#include "core/text/spelling.h"
#include "core/text/tr.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr double CertainScore = 4.5; // two strong signs, or one and several weak ones
constexpr double LikelyScore = 2.5;
constexpr double SameValues = 0.3; // the share of signs that is found again in a sample
constexpr int FewSigns = 3;
constexpr double ClearLead = 1.5; // ahead of the next best

bool isSameName(const QString &a, const QString &b)
{
    return a.compare(b, Qt::CaseInsensitive) == 0;
}

// How like two names are, 0 to 1: by the letters that one needs to become the other, and by the words in both.
double nameLikeness(const QString &a, const QString &b)
{
    const QString from = a.toLower();
    const QString to = b.toLower();
    const double letters =
        1 - lettersApart(from, to) / static_cast<double>(std::max<qsizetype>(1, std::max(from.size(), to.size())));
    const auto wordsOf = [](const QString &name) {
        const QStringList parts = name.split(u'_', Qt::SkipEmptyParts);
        return QSet<QString>(parts.begin(), parts.end());
    };
    const QSet<QString> left = wordsOf(from);
    const QSet<QString> right = wordsOf(to);
    const auto both = static_cast<double>((left & right).size());
    const double words = both / static_cast<double>(std::max<qsizetype>(1, std::min(left.size(), right.size())));
    return std::max(letters, 0.85 * words);
}

QStringList choicesOf(const Column &column)
{
    QStringList choices;
    for (const QVariant &choice : column.choices) {
        choices.append(choice.toString());
    }
    return choices;
}

struct Likeness
{
    double score = 0;
    QStringList reasons;
};

Likeness likenessOf(const BoundColumn &was, const Table &table, const Column &column, Evidence &evidence)
{
    Likeness likeness;
    const auto add = [&](double score, const QString &reason) {
        likeness.score += score;
        if (!reason.isEmpty()) {
            likeness.reasons.append(reason);
        }
    };
    Column before;
    takeDeclaredType(before, was.declaredType);
    if (isSameName(was.declaredType, column.declaredType)) {
        add(1.5, Texts::tr("the same type"));
    } else if (before.type == column.type) {
        add(0.5, {});
    } else {
        add(-1.5, {});
    }
    const int place = static_cast<int>(&column - table.columns.constData()) + 1;
    if (was.place > 0 && was.place == place) {
        add(1.5, Texts::tr("the same place in the table"));
    }
    if (const double like = nameLikeness(was.column, column.name); like >= 0.5) {
        add(3 * like, Texts::tr("a like name"));
    }
    if (!was.comment.isEmpty() && was.comment == column.comment) {
        add(3, Texts::tr("the same comment"));
    }
    const ForeignKey *link = ledLink(table, column.name);
    const QString linksTo = link ? link->parentTable : QString();
    if (!was.linksTo.isEmpty() || !linksTo.isEmpty()) {
        isSameName(was.linksTo, linksTo) ? add(2.5, Texts::tr("the same link")) : add(-2, {});
    }
    if (!was.choices.isEmpty() && choicesOf(column) == was.choices) {
        add(2.5, Texts::tr("the same choices"));
    }
    if (const auto found = signsFound(was.signs, evidence.signsIn(table.name, column.name))) {
        const bool areFew = was.signs.size() < FewSigns; // which chance may bring together
        *found >= SameValues ? add(areFew ? 1.5 : 4, Texts::tr("the same values")) : add(areFew ? -1 : -2, {});
    }
    return likeness;
}

// What is gone of a table that a form uses, and what is new.
struct Differences
{
    QList<BoundColumn> gone;
    QList<const Column *> fresh;
};

// seen: the columns of the table when the form was in step; without any, all that is not bound counts as new where
// something is gone.
Differences differencesOf(const QList<BoundColumn> &bound, const QStringList &seen, const Table &table)
{
    Differences differences;
    QSet<QString> there;
    for (const Column &column : table.columns) {
        there.insert(column.name.toLower());
    }
    QSet<QString> known;
    for (const BoundColumn &was : bound) {
        known.insert(was.column.toLower());
        if (!there.contains(was.column.toLower())) {
            differences.gone.append(was);
        }
    }
    for (const QString &name : seen) {
        known.insert(name.toLower());
    }
    for (const Column &column : table.columns) {
        if (!known.contains(column.name.toLower())) {
            differences.fresh.append(&column);
        }
    }
    return differences;
}

// What becomes of the columns of one table that are gone; each step takes what it explains out of the differences.
class Explaining
{
public:
    Explaining(const InnerPath &path, const Table &table, const Differences &differences, Evidence &evidence)
        : m_path(path), m_table(table), m_left(differences), m_evidence(evidence)
    {
    }

    QList<TableChange> all(const Catalogue &catalogue)
    {
        findParted();
        findJoined();
        findRenamed();
        findMovedOrGone(catalogue);
        return m_changes;
    }

private:
    void explain(ChangeKind kind, const QList<BoundColumn> &was, const QStringList &now, const QStringList &reasons,
                 bool isCertain)
    {
        TableChange change;
        change.kind = kind;
        change.path = m_path;
        change.table = m_table.name;
        change.column = was.first().column;
        change.was = was.first();
        change.now = now;
        change.reasons = reasons;
        change.isCertain = isCertain;
        for (const BoundColumn &each : was.size() > 1 ? was : QList<BoundColumn>()) {
            change.columns.append(each.column);
        }
        m_changes.append(change);
        m_left.gone.removeIf([&](const BoundColumn &each) { return was.contains(each); });
        m_left.fresh.removeIf([&](const Column *column) { return now.contains(column->name); });
    }

    // The values of two new ones, together, are those that it held. Of many new ones, neighbours.
    void findParted()
    {
        constexpr qsizetype MostPaired = 12;
        for (const BoundColumn &was : QList<BoundColumn>(m_left.gone)) {
            QList<const Column *> texts = m_left.fresh;
            texts.removeIf([](const Column *column) { return column->type != ColumnType::Text; });
            QStringList parts;
            double best = 0;
            for (qsizetype i = 0; i < texts.size(); ++i) {
                const qsizetype end = texts.size() > MostPaired ? std::min(i + 2, texts.size()) : texts.size();
                for (qsizetype j = i + 1; j < end; ++j) {
                    const QString &a = texts.at(i)->name;
                    const QString &b = texts.at(j)->name;
                    const bool isNamedSo = was.signs.isEmpty() && m_left.gone.size() == 1 &&
                                           nameLikeness(was.column, a) >= 0.5 && nameLikeness(was.column, b) >= 0.5;
                    const double score =
                        was.signs.isEmpty()
                            ? (isNamedSo ? SameValues : 0)
                            : signsFound(was.signs, m_evidence.signsOfBoth(m_table.name, a, b)).value_or(0);
                    if (score > best) {
                        best = score;
                        parts = {a, b};
                    }
                }
            }
            if (best >= SameValues) {
                explain(
                    ChangeKind::ColumnSplit, {was}, parts,
                    {was.signs.isEmpty() ? Texts::tr("like names") : Texts::tr("together they hold the same values")},
                    best >= 0.5);
            }
        }
    }

    // Two that are gone have their values in one new one.
    void findJoined()
    {
        for (const Column *column : QList<const Column *>(m_left.fresh)) {
            if (column->type != ColumnType::Text || m_left.gone.size() < 2) {
                continue;
            }
            const QSet<QString> parts = m_evidence.signsOfParts(m_table.name, column->name);
            const QSet<QString> &wholes = m_evidence.signsIn(m_table.name, column->name);
            QList<BoundColumn> joined;
            for (const BoundColumn &was : std::as_const(m_left.gone)) {
                if (signsFound(was.signs, parts).value_or(0) >= 0.5 &&
                    signsFound(was.signs, wholes).value_or(0) < SameValues) {
                    joined.append(was);
                }
            }
            if (joined.size() == 2) {
                std::sort(joined.begin(), joined.end(),
                          [](const BoundColumn &a, const BoundColumn &b) { return a.place < b.place; });
                explain(ChangeKind::ColumnsJoined, joined, {column->name}, {Texts::tr("it holds the values of both")},
                        true);
            }
        }
    }

    // The likeliest pair first, as long as there is one.
    void findRenamed()
    {
        struct Pair
        {
            BoundColumn was;
            const Column *now = nullptr;
            Likeness likeness;
        };
        QList<Pair> pairs;
        for (const BoundColumn &was : std::as_const(m_left.gone)) {
            for (const Column *column : std::as_const(m_left.fresh)) {
                pairs.append({was, column, likenessOf(was, m_table, *column, m_evidence)});
            }
        }
        std::stable_sort(pairs.begin(), pairs.end(),
                         [](const Pair &a, const Pair &b) { return a.likeness.score > b.likeness.score; });
        while (!pairs.isEmpty() && pairs.first().likeness.score >= LikelyScore) {
            const Pair best = pairs.first();
            const auto next =
                std::find_if(pairs.begin() + 1, pairs.end(), [&](const Pair &pair) { return pair.was == best.was; });
            const double lead = best.likeness.score - (next == pairs.end() ? 0 : std::max(0.0, next->likeness.score));
            explain(ChangeKind::ColumnRenamed, {best.was}, {best.now->name}, best.likeness.reasons,
                    best.likeness.score >= CertainScore && lead >= ClearLead);
            pairs.removeIf([&](const Pair &pair) { return pair.was == best.was || pair.now == best.now; });
        }
    }

    // To a table that the rows point to. A column of that name may always have been there: the values tell.
    void findMovedOrGone(const Catalogue &catalogue)
    {
        for (const BoundColumn &was : QList<BoundColumn>(m_left.gone)) {
            QString movedTo;
            for (const ForeignKey &link : m_table.foreignKeys) {
                const Table *parent = findTable(catalogue, link.parentTable);
                const Column *there = parent ? findColumn(*parent, was.column) : nullptr;
                const bool isIt =
                    there && isSameName(there->declaredType, was.declaredType) &&
                    signsFound(was.signs, m_evidence.signsIn(parent->name, there->name)).value_or(0) >= SameValues;
                movedTo = isIt && movedTo.isEmpty() ? parent->name : movedTo;
            }
            explain(movedTo.isEmpty() ? ChangeKind::ColumnGone : ChangeKind::ColumnMoved, {was},
                    movedTo.isEmpty() ? QStringList() : QStringList{was.column},
                    movedTo.isEmpty() ? QStringList() : QStringList{Texts::tr("its values are there")}, false);
            m_changes.last().movedTo = movedTo;
        }
    }

    InnerPath m_path;
    const Table &m_table;
    Differences m_left;
    Evidence &m_evidence;
    QList<TableChange> m_changes;
};

// What a column starts with, so that kinds of databases agree on it: a plain value as it is, whatever it is cast to; of
// what is worked out only that it is.
QString startOf(const QString &expression)
{
    const QString plain = expression.section(QLatin1String("::"), 0, 0).trimmed();
    const QVariant value = literalValue(plain);
    return value.isValid() ? u'=' + value.toString()
           : plain.isEmpty() || plain.compare(QLatin1String("null"), Qt::CaseInsensitive) == 0
               ? QString()
               : QStringLiteral("worked out");
}

// What is otherwise at a column that is still there.
QList<TableChange> otherwiseAt(const InnerPath &path, const Table &table, const Column &column, const BoundColumn &was)
{
    QList<TableChange> changes;
    const auto add = [&](ChangeKind kind) {
        TableChange change;
        change.kind = kind;
        change.path = path;
        change.table = table.name;
        change.column = column.name;
        change.now = {column.name};
        change.was = was;
        change.isCertain = true;
        changes.append(change);
    };
    Column before;
    takeDeclaredType(before, was.declaredType);
    if (!was.declaredType.isEmpty() && before.type != column.type) {
        add(ChangeKind::TypeChanged);
    } else if (was.length != column.length) {
        add(ChangeKind::LengthChanged);
    }
    // Whether a key is called required is for each kind of database to say.
    const bool isKey = column.numbersItself || table.primaryKey.contains(column.name);
    if (was.isRequired != column.isRequired && !isKey) {
        add(ChangeKind::RequiredChanged);
    }
    if (was.place > 0) { // the form remembers all of it
        if (startOf(was.startsWith) != startOf(column.defaultExpression) && !isKey &&
            column.type != ColumnType::YesNo) {
            add(ChangeKind::StartChanged);
        }
        if (was.choices != choicesOf(column) && column.type != ColumnType::YesNo) {
            add(ChangeKind::ChoicesChanged);
        }
    }
    const ForeignKey *link = ledLink(table, column.name);
    if (!isSameName(was.linksTo, link ? link->parentTable : QString())) {
        add(ChangeKind::LinkChanged);
    }
    return changes;
}

// The columns that are remembered of a table.
QList<BoundColumn> boundOf(const Form &form, const QString &table)
{
    QList<BoundColumn> bound;
    for (const BoundColumn &each : form.boundColumns) {
        if (each.table.isEmpty() ? form.rowsFrom == table : each.table == table) {
            bound.append(each);
        }
    }
    return bound;
}

// The tables whose columns a form remembers, its own first.
QStringList tablesOf(const Form &form)
{
    QStringList tables;
    if (!form.rowsFrom.isEmpty() && form.select.isEmpty()) {
        tables.append(form.rowsFrom);
    }
    for (const BoundColumn &each : form.boundColumns) {
        if (!each.table.isEmpty() && !tables.contains(each.table)) {
            tables.append(each.table);
        }
    }
    return tables;
}

// A table that is gone and has come back by another name: most of what is remembered of it is there.
const Table *renamedTo(const Form &form, const QString &gone, const Catalogue &now, double *share)
{
    const QList<BoundColumn> bound = boundOf(form, gone);
    const Table *best = nullptr;
    *share = 0;
    for (const Table &table : now.tables) {
        qsizetype same = 0;
        for (const BoundColumn &was : bound) {
            const Column *column = findColumn(table, was.column);
            same +=
                column && (was.declaredType.isEmpty() || isSameName(column->declaredType, was.declaredType)) ? 1 : 0;
        }
        const double found = bound.isEmpty() ? 0 : static_cast<double>(same) / static_cast<double>(bound.size());
        const double like = found + 0.2 * nameLikeness(gone, table.name);
        if (found >= 0.6 && like > *share) {
            *share = like;
            best = &table;
        }
    }
    return best;
}

// Whether following it once follows it in the forms inside as well.
bool isFollowedEverywhere(ChangeKind kind)
{
    return kind == ChangeKind::ColumnRenamed || kind == ChangeKind::ColumnSplit || kind == ChangeKind::ColumnsJoined;
}

void collectChanges(const Form &form, const InnerPath &path, const Catalogue &now, Evidence &evidence,
                    QList<TableChange> &changes)
{
    for (const QString &name : tablesOf(form)) {
        const Table *table = findTable(now, name);
        if (!table) {
            TableChange change;
            change.path = path;
            change.table = name;
            double share = 0;
            const Table *other = renamedTo(form, name, now, &share);
            change.kind = other ? ChangeKind::TableRenamed : ChangeKind::TableGone;
            if (other) {
                change.now = {other->name};
                change.isCertain = share >= 1;
                change.reasons = {Texts::tr("its columns are there")};
            }
            const bool isSaid = std::any_of(changes.begin(), changes.end(), [&](const TableChange &each) {
                return each.kind == change.kind && each.table == name;
            });
            if (!isSaid) {
                changes.append(change);
            }
            continue;
        }
        const bool isOwn = name == form.rowsFrom;
        const QList<BoundColumn> bound = boundOf(form, name);
        const Differences differences = differencesOf(bound, isOwn ? form.seenColumns : QStringList(), *table);
        QList<TableChange> found = Explaining(path, *table, differences, evidence).all(now);
        QStringList taken;
        for (const TableChange &change : std::as_const(found)) {
            taken += change.now;
        }
        // How a column of another table is made matters to that table's own forms.
        QHash<QString, const Column *> byName;
        for (qsizetype i = 0; isOwn && i < table->columns.size(); ++i) {
            byName.insert(table->columns.at(i).name.toLower(), &table->columns.at(i));
        }
        for (const BoundColumn &was : bound) {
            if (const Column *column = byName.value(was.column.toLower())) {
                found += otherwiseAt(path, *table, *column, was);
            }
        }
        for (const Column *column :
             isOwn && !form.seenColumns.isEmpty() ? differences.fresh : QList<const Column *>()) {
            if (!taken.contains(column->name)) {
                TableChange change;
                change.kind = ChangeKind::ColumnNew;
                change.path = path;
                change.table = name;
                change.column = column->name;
                change.now = {column->name};
                change.isCertain = true;
                found.append(change);
            }
        }
        // What happened to a table is said once, whoever uses it.
        for (const TableChange &change : std::as_const(found)) {
            const bool isSaid = std::any_of(changes.begin(), changes.end(), [&](const TableChange &each) {
                return each.kind == change.kind && each.table == change.table && each.column == change.column &&
                       (isFollowedEverywhere(change.kind) || each.path == change.path);
            });
            if (!isSaid) {
                changes.append(change);
            }
        }
    }
    for (const Control &control : form.controls) {
        if (const Form *inner = control.inner.get()) {
            collectChanges(*inner, path + InnerPath{control.id}, now, evidence, changes);
        }
    }
    if (const Form *row = form.rowForm.get()) {
        collectChanges(*row, path + InnerPath{RowFormStep}, now, evidence, changes);
    }
}

void collectToSample(const Form &form, const Catalogue &now, QStringList &tables)
{
    for (const QString &name : tablesOf(form)) {
        const Table *table = findTable(now, name);
        if (!table || tables.contains(name)) {
            continue;
        }
        const Differences differences =
            differencesOf(boundOf(form, name), name == form.rowsFrom ? form.seenColumns : QStringList(), *table);
        if (!differences.gone.isEmpty() && !differences.fresh.isEmpty()) {
            tables.append(name);
        }
        for (const BoundColumn &was : differences.gone) { // which may have moved
            for (const ForeignKey &link : table->foreignKeys) {
                const Table *parent = findTable(now, link.parentTable);
                if (parent && findColumn(*parent, was.column) && !tables.contains(parent->name)) {
                    tables.append(parent->name);
                }
            }
        }
    }
    for (const Control &control : form.controls) {
        if (const Form *inner = control.inner.get()) {
            collectToSample(*inner, now, tables);
        }
    }
}

QString because(const TableChange &change)
{
    return change.reasons.isEmpty() ? QString()
                                    : QStringLiteral(" (") + change.reasons.join(QLatin1String(", ")) + u')';
}

} // namespace

QList<TableChange> tableChanges(const Form &form, const Catalogue &now, const StoredSamples &samples)
{
    QList<TableChange> changes;
    Evidence evidence(samples);
    collectChanges(form, {}, now, evidence, changes);
    // A link to a table that is called otherwise now is the link that it was.
    const QList<TableChange> all = changes;
    changes.removeIf([&](const TableChange &change) {
        const Table *table = change.kind == ChangeKind::LinkChanged ? findTable(now, change.table) : nullptr;
        const ForeignKey *link = table ? ledLink(*table, change.column) : nullptr;
        return link && std::any_of(all.begin(), all.end(), [&](const TableChange &each) {
                   return each.kind == ChangeKind::TableRenamed && each.table == change.was.linksTo &&
                          each.now.value(0) == link->parentTable;
               });
    });
    std::stable_sort(changes.begin(), changes.end(), [](const TableChange &a, const TableChange &b) {
        return static_cast<int>(a.kind) < static_cast<int>(b.kind);
    });
    return changes;
}

bool explainsGone(const QList<TableChange> &changes, const QString &table, const QString &column)
{
    return std::any_of(changes.begin(), changes.end(), [&](const TableChange &change) {
        const bool isOfTable = isSameName(change.table, table);
        return change.kind == ChangeKind::TableRenamed
                   ? isOfTable
                   : isOfTable && change.kind >= ChangeKind::ColumnRenamed && change.kind < ChangeKind::ColumnGone &&
                         (isSameName(change.column, column) || change.columns.contains(column, Qt::CaseInsensitive));
    });
}

bool explainsNew(const QList<TableChange> &changes, const QString &table, const QString &column)
{
    return std::any_of(changes.begin(), changes.end(), [&](const TableChange &change) {
        return isSameName(change.table, table) && change.now.contains(column, Qt::CaseInsensitive) &&
               (change.kind == ChangeKind::ColumnNew ||
                (change.kind >= ChangeKind::ColumnRenamed && change.kind < ChangeKind::ColumnMoved));
    });
}

QStringList tablesToSample(const Form &form, const Catalogue &now)
{
    QStringList tables;
    collectToSample(form, now, tables);
    return tables;
}

QString changeInWords(const TableChange &change, const Catalogue &now)
{
    const QString name = change.table + u'.' + change.column;
    const Table *table = findTable(now, change.table);
    const Column *column = table ? findColumn(*table, change.column) : nullptr;
    switch (change.kind) {
    case ChangeKind::TableGone:
        return Texts::tr("The table “%1” is gone.").arg(change.table);
    case ChangeKind::TableRenamed:
        return Texts::tr("The table “%1” is called “%2” now%3.")
            .arg(change.table, change.now.value(0), because(change));
    case ChangeKind::ColumnRenamed:
        return Texts::tr("“%1” is called “%2” now%3.").arg(name, change.now.value(0), because(change));
    case ChangeKind::ColumnSplit:
        return Texts::tr("“%1” was parted into “%2” and “%3”%4.")
            .arg(name, change.now.value(0), change.now.value(1), because(change));
    case ChangeKind::ColumnsJoined:
        return Texts::tr("“%1” and “%2” of “%3” became “%4”%5.")
            .arg(change.columns.value(0), change.columns.value(1), change.table, change.now.value(0), because(change));
    case ChangeKind::ColumnMoved:
        return Texts::tr("“%1” moved to the table “%2”%3.").arg(name, change.movedTo, because(change));
    case ChangeKind::ColumnGone:
        return Texts::tr("“%1” is gone.").arg(name);
    case ChangeKind::TypeChanged:
        return Texts::tr("“%1” is of the type %2 now; it was %3.")
            .arg(name, column ? column->declaredType : QString(), change.was.declaredType);
    case ChangeKind::LengthChanged:
        return column && column->length
                   ? Texts::tr("“%1” takes %2 letters now%3.")
                         .arg(name)
                         .arg(*column->length)
                         .arg(change.was.length ? Texts::tr("; it took %1").arg(*change.was.length) : QString())
                   : Texts::tr("“%1” takes any number of letters now.").arg(name);
    case ChangeKind::RequiredChanged:
        return column && column->isRequired ? Texts::tr("“%1” is required now.").arg(name)
                                            : Texts::tr("“%1” may be empty now.").arg(name);
    case ChangeKind::StartChanged:
        return column && !column->defaultExpression.isEmpty()
                   ? Texts::tr("“%1” starts with %2 now.").arg(name, column->defaultExpression)
                   : Texts::tr("“%1” starts with nothing now.").arg(name);
    case ChangeKind::ChoicesChanged:
        return Texts::tr("“%1” allows other values now: %2.")
            .arg(name, column ? choicesOf(*column).join(QLatin1String(", ")) : QString());
    case ChangeKind::LinkChanged: {
        const ForeignKey *link = table ? ledLink(*table, change.column) : nullptr;
        return link ? Texts::tr("“%1” points to “%2” now.").arg(name, link->parentTable)
                    : Texts::tr("“%1” does not point to “%2” any more.").arg(name, change.was.linksTo);
    }
    case ChangeKind::ColumnNew:
        return column && column->isRequired && !column->hasDefault ? Texts::tr("“%1” is new, and required.").arg(name)
                                                                   : Texts::tr("“%1” is new.").arg(name);
    }
    return {};
}

} // namespace nabblet
