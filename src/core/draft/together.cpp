#include "core/draft/together.h"

#include "core/text/tr.h"

#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

// Of tables that do not lead to all others, the one that leads to most, for what is said.
struct Nearest
{
    QString table;
    QStringList left; // where it does not lead
    qsizetype shown = -1;

    void take(const QString &from, const QStringList &notReached, qsizetype rowsShown)
    {
        if (shown < 0 || notReached.size() < left.size() || (notReached.size() == left.size() && rowsShown > shown)) {
            *this = {from, notReached, rowsShown};
        }
    }
};

QString namesOf(const QStringList &tables)
{
    return u'“' + tables.join(QStringLiteral("”, “")) + u'”';
}

// Takes those of a plan's children whose tables are left, nearest first, and leaves out all others.
void takeChildren(const Catalogue &catalogue, DraftPlan &plan, QStringList &left, const WordList &words)
{
    std::vector<PlannedChild *> taken;
    for (PlannedChild &child : plan.children) {
        child.isTaken = left.removeOne(child.plan.table);
        child.isUnasked = false;
        if (child.isTaken) {
            completeChild(catalogue, child, words);
            taken.push_back(&child);
        }
    }
    for (PlannedChild *child : taken) {
        takeChildren(catalogue, child->plan, left, words);
    }
}

// The tables whose rows the form shows, whatever the depth.
QStringList shownBy(const DraftPlan &plan)
{
    QStringList shown{plan.table};
    for (const PlannedChild &child : plan.children) {
        shown += child.isTaken ? shownBy(child.plan) : QStringList();
    }
    return shown;
}

// What drop-downs of the rows shown offer is on the form, too.
void leaveOutPointedTo(const Catalogue &catalogue, const DraftPlan &plan, QStringList &left)
{
    for (const QString &name : shownBy(plan)) {
        const Table *table = findTable(catalogue, name);
        for (const ForeignKey &link : table ? table->foreignKeys : QList<ForeignKey>()) {
            left.removeOne(link.parentTable);
        }
    }
}

// How a table is joined to those that are there.
struct Join
{
    const Table *table;
    const Table *from; // which points to it …
    ForeignKey link;   // … by this
};

// From a table, upwards along what each points to, over those asked for.
QList<Join> joinsFrom(const Catalogue &catalogue, const Table &base, const QStringList &tables)
{
    QList<Join> joins;
    QList<const Table *> open{&base};
    QStringList reached{base.name};
    while (!open.isEmpty()) {
        const Table *from = open.takeFirst();
        for (const ForeignKey &link : from->foreignKeys) {
            const Table *parent = findTable(catalogue, link.parentTable);
            if (parent && tables.contains(parent->name) && !reached.contains(parent->name) &&
                link.columns.size() == link.parentColumns.size()) {
                reached.append(parent->name);
                joins.append({parent, from, link});
                open.append(parent);
            }
        }
    }
    return joins;
}

QStringList unknownAmong(const Catalogue &catalogue, const QStringList &tables)
{
    QStringList unknown;
    std::copy_if(tables.begin(), tables.end(), std::back_inserter(unknown),
                 [&](const QString &name) { return !findTable(catalogue, name); });
    return unknown;
}

Error notThere(const QStringList &tables)
{
    return {Texts::tr("The database has no table %1.").arg(namesOf(tables)), {}};
}

} // namespace

Result<DraftPlan> planTogether(const Catalogue &catalogue, const QStringList &tables, const WordList &words)
{
    if (const QStringList unknown = unknownAmong(catalogue, tables); !unknown.isEmpty() || tables.isEmpty()) {
        return notThere(unknown);
    }
    std::optional<DraftPlan> best;
    qsizetype most = 0; // rows shown inside
    Nearest nearest;
    for (const QString &root : tables) {
        DraftPlan plan = planWithChildren(catalogue, *findTable(catalogue, root), nullptr, words);
        QStringList left = tables;
        left.removeOne(root);
        takeChildren(catalogue, plan, left, words);
        leaveOutPointedTo(catalogue, plan, left);
        const qsizetype shown = shownBy(plan).size();
        if (left.isEmpty() && shown > most) {
            best = plan;
            most = shown;
        }
        nearest.take(root, left, shown);
    }
    if (!best) {
        return Error{
            Texts::tr("No link leads from “%1” to %2. Tick likely links first, link by hand, or make a form of "
                      "each.")
                .arg(nearest.table, namesOf(nearest.left)),
            {}};
    }
    return *best;
}

Result<QString> selectTogether(const Catalogue &catalogue, const QStringList &tables, const QuoteName &quoted)
{
    if (const QStringList unknown = unknownAmong(catalogue, tables); !unknown.isEmpty() || tables.isEmpty()) {
        return notThere(unknown);
    }
    const Table *base = nullptr;
    QList<Join> joins;
    Nearest nearest;
    for (const QString &name : tables) {
        const Table *table = findTable(catalogue, name);
        const QList<Join> found = joinsFrom(catalogue, *table, tables);
        if (found.size() == tables.size() - 1) {
            base = table;
            joins = found;
            break;
        }
        QStringList left = tables;
        left.removeOne(name);
        for (const Join &join : found) {
            left.removeOne(join.table->name);
        }
        nearest.take(name, left, found.size());
    }
    if (!base) {
        return Error{
            Texts::tr("The rows of “%1” do not each point to one of %2, so joined rows would come more than once "
                      "or not at all. Put the rows inside one another instead.")
                .arg(nearest.table, namesOf(nearest.left)),
            {}};
    }
    QSet<QString> taken;
    const auto columnsOf = [&](const Table &table, const QStringList &without) {
        QStringList columns;
        for (const Column &column : table.columns) {
            if (without.contains(column.name)) {
                continue; // the row that points there has the same value
            }
            QString name = column.name;
            for (int number = 1; taken.contains(name.toLower()); ++number) {
                name = table.name + u'_' + column.name + (number > 1 ? QString::number(number) : QString());
            }
            taken.insert(name.toLower());
            const QString own = quoted(table.name) + u'.' + quoted(column.name);
            columns.append(name == column.name ? own : own + QStringLiteral(" AS ") + quoted(name));
        }
        return columns;
    };
    QStringList lines{columnsOf(*base, {}).join(QStringLiteral(", "))};
    QStringList from{QStringLiteral("FROM ") + quoted(base->name)};
    for (const Join &join : std::as_const(joins)) {
        if (const QStringList columns = columnsOf(*join.table, join.link.parentColumns); !columns.isEmpty()) {
            lines.append(columns.join(QStringLiteral(", ")));
        }
        QStringList pairs;
        for (qsizetype i = 0; i < join.link.columns.size(); ++i) {
            pairs.append(quoted(join.from->name) + u'.' + quoted(join.link.columns.at(i)) + QStringLiteral(" = ") +
                         quoted(join.table->name) + u'.' + quoted(join.link.parentColumns.at(i)));
        }
        // Rows that point to nothing are there all the same.
        from.append(QStringLiteral("LEFT JOIN %1 ON ").arg(quoted(join.table->name)) +
                    pairs.join(QStringLiteral(" AND ")));
    }
    return QStringLiteral("SELECT ") + lines.join(QStringLiteral(",\n       ")) + u'\n' + from.join(u'\n');
}

} // namespace nabblet
