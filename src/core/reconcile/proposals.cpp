#include "core/reconcile/proposals.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/catalogue/profile_in.h"
#include "core/draft/captions.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/draft/redrafted.h"
#include "core/edit/edits.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/typing.h"
#include "core/reconcile/column_uses.h"
#include "core/reconcile/each_inner.h"
#include "core/reconcile/memory.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// The form at the end of a way changed by a function.
Form changedAt(const Form &form, const InnerPath &path, const std::function<Form(const Form &)> &change)
{
    const Form *inner = innerAt(form, path);
    return inner ? withInnerAt(form, path, change(*inner)) : form;
}

// The boxes of a column of a table, on a form of that table.
QList<ControlId> boxesOf(const Form &form, const QString &table, const QString &column)
{
    QList<ControlId> boxes;
    if (form.rowsFrom.compare(table, Qt::CaseInsensitive) != 0) {
        return boxes;
    }
    for (const Control &control : form.controls) {
        if (control.column.compare(column, Qt::CaseInsensitive) == 0) {
            boxes.append(control.id);
        }
    }
    return boxes;
}

const Profile *profileOf(const ReconcileContext &context, const QString &table)
{
    return profileIn(context.profiles, table);
}

// The lowest edge of what stands right on the body, px.
int lowestOf(const Form &form)
{
    int lowest = 0;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body && control.container == 0) {
            lowest = std::max(lowest, bottomOf(control.place));
        }
    }
    return lowest;
}

// The form with as much space below everything as there was before it got higher.
Form withMarginKept(const Form &before, const Form &after)
{
    const Band *was = findBand(before, BandRole::Body);
    const Band *is = findBand(after, BandRole::Body);
    if (!was || !is || isTabular(after)) {
        return after;
    }
    const int wanted = lowestOf(after) + std::max(0, was->height - lowestOf(before));
    if (wanted <= is->height) {
        return after;
    }
    Form result = after; // what rides the lower edge came down with the rest, and is as far from it as it was
    for (Band &band : result.bands) {
        band.height = band.role == BandRole::Body ? wanted : band.height;
    }
    return result;
}

// A renamed column whose caption was made of its name gets one of its new name; a caption set by hand stays.
Form renamedWithCaptions(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const QString to = change.now.value(0);
    Form result = withColumnRenamed(form, change.table, change.column, to);
    const Table *table = findTable(context.catalogue, change.table);
    if (!table) {
        return result;
    }
    Table before = *table; // as it was: the column by its old name
    for (Column &column : before.columns) {
        if (column.name == to) {
            column.name = change.column;
            column.parted.clear();
            column.comment = change.was.comment;
        }
    }
    return changedAt(result, change.path, [&](const Form &inner) {
        Form captioned = inner;
        for (const ControlId id : boxesOf(inner, change.table, to)) {
            const Control *caption = captionOf(captioned, id);
            if (caption && caption->text == captionOfColumn(before, change.column)) {
                captioned = setCaptionText(captioned, caption->id, captionOfColumn(*table, to), context.measure);
            }
        }
        return captioned;
    });
}

// Two boxes where one stood: the first takes its place, the second stands below it with room made.
Form parted(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    if (!table) {
        return form;
    }
    return changedAt(form, change.path, [&](const Form &inner) {
        Form result = inner;
        const QList<ControlId> boxes = boxesOf(inner, change.table, change.column);
        for (const ControlId id : boxes) {
            result = withColumnChanged(result, context.catalogue, *table, id, change.now.value(0),
                                       context.namingPattern, context.measure);
        }
        if (boxes.isEmpty()) {
            return result;
        }
        const Control &first = *result.controls.find(boxes.first());
        if (const Control *caption = captionOf(result, first.id)) { // it speaks of both, whoever wrote it
            result = setCaptionText(result, caption->id, captionOfColumn(*table, change.now.value(0)), context.measure);
        }
        const Control &box = *result.controls.find(boxes.first());
        const int pitch = std::max(1, result.grid.pitch);
        FieldTarget target;
        target.at = QPoint(box.place.x(), onGridAtOrAfter(bottomOf(box.place) + pitch, pitch));
        target.area = areaOf(box);
        target.after = box.id;
        return withMarginKept(inner,
                              withFields(result, context.catalogue, *table, change.now.mid(1), target,
                                         profileOf(context, change.table), context.namingPattern, context.measure)
                                  .form);
    });
}

// Lookups that show a column that was parted show both parts.
Form withWordsParted(Form form, const TableChange &change)
{
    for (int i = 0; i < form.controls.size(); ++i) {
        Control changed = form.controls.at(i);
        std::optional<Lookup> lookup = lookupOf(changed);
        const qsizetype at = lookup && lookup->table == change.table ? lookup->wordsColumns.indexOf(change.column) : -1;
        if (at >= 0) {
            lookup->wordsColumns.replace(at, change.now.value(0));
            lookup->wordsColumns.insert(at + 1, change.now.value(1));
            setLookup(changed, *lookup);
            form.controls.replace(i, changed);
        }
    }
    return withEachInner(form, [&](const Form &inner) { return withWordsParted(inner, change); });
}

// One box where two stood: the first stays, the other goes.
Form joined(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    if (!table) {
        return form;
    }
    return changedAt(form, change.path, [&](const Form &inner) {
        Form result = inner;
        const QList<ControlId> first = boxesOf(inner, change.table, change.columns.value(0));
        const QList<ControlId> second = boxesOf(inner, change.table, change.columns.value(1));
        const QList<ControlId> kept = first.isEmpty() ? second : first;
        for (const ControlId id : kept) {
            result = withColumnChanged(result, context.catalogue, *table, id, change.now.value(0),
                                       context.namingPattern, context.measure);
            if (const Control *caption = captionOf(result, id)) {
                result =
                    setCaptionText(result, caption->id, captionOfColumn(*table, change.now.value(0)), context.measure);
            }
        }
        return first.isEmpty() ? result : deleteControls(result, second);
    });
}

// Boxes taken away; a row that has nothing else in it closes up.
Form without(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    return changedAt(form, change.path, [&](const Form &inner) {
        Form result = inner;
        for (const QString &column : change.columns.isEmpty() ? QStringList{change.column} : change.columns) {
            for (const ControlId box : boxesOf(inner, change.table, column)) {
                const Control *control = result.controls.find(box);
                const Control *caption = control ? captionOf(result, box) : nullptr;
                bool isAlone = control && !isTabular(result);
                for (const Control &other : result.controls) {
                    isAlone =
                        isAlone &&
                        (other.id == box || (caption && other.id == caption->id) || areaOf(other) != areaOf(*control) ||
                         other.place.y() >= bottomOf(control->place) || bottomOf(other.place) <= control->place.y());
                }
                const ArrangeOperation *takeOut = findArrangeOperation(QStringLiteral("remove-row"));
                const ArrangeContext here{result, {box}, context.measure, {}};
                result = isAlone && takeOut && takeOut->whyNot(here).isEmpty() ? takeOut->apply(here)
                                                                               : deleteControls(result, {box});
            }
        }
        return result;
    });
}

// What shows the column of the row that a link points to, where a box of the table's own stood.
Form followedInstead(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    const auto link = table ? std::find_if(table->foreignKeys.begin(), table->foreignKeys.end(),
                                           [&](const ForeignKey &each) { return each.parentTable == change.movedTo; })
                            : QList<ForeignKey>::const_iterator();
    if (!table || link == table->foreignKeys.end()) {
        return form;
    }
    return changedAt(form, change.path, [&](const Form &inner) {
        Form result = inner;
        for (const ControlId id : boxesOf(inner, change.table, change.column)) {
            Control changed = *result.controls.find(id);
            changed.column.clear();
            changed.settings.set(setting::Locked, true);
            setFollowed(changed, {link->columns, link->parentTable, link->parentColumns, change.now.value(0)});
            result.controls.replace(result.controls.indexOf(id), changed);
        }
        return result;
    });
}

// Boxes of the column as a draft would make them now; their places, names and looks stay.
Form asDrafted(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    const Column *column = table ? findColumn(*table, change.column) : nullptr;
    if (!column) {
        return form;
    }
    const ColumnProfile *known = columnIn(profileOf(context, change.table), column->name);
    return changedAt(form, change.path, [&](const Form &inner) {
        Form result = inner;
        for (const ControlId id : boxesOf(inner, change.table, change.column)) {
            const Control made =
                draftField(context.catalogue, *table, *column, kindForColumn(*table, *column, known), known);
            const Control changed = redrafted(*result.controls.find(id), made);
            result.controls.replace(result.controls.indexOf(id), changed);
        }
        return result;
    });
}

Form withSettingsOf(const Form &form, const TableChange &change,
                    const std::function<void(ControlSettings &settings)> &set)
{
    return changedAt(form, change.path, [&](const Form &inner) {
        return withSettings(inner, boxesOf(inner, change.table, change.column), set);
    });
}

// The draft's own place for a new column: behind what stands lowest.
Form withNewBox(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    if (!table) {
        return form;
    }
    return changedAt(form, change.path, [&](const Form &inner) {
        // Beside the box of the column that stands before it in the table.
        FieldTarget target;
        const QStringList names = columnNames(*table);
        for (qsizetype i = names.indexOf(change.column) - 1; i >= 0 && target.after == 0; --i) {
            const QList<ControlId> boxes = boxesOf(inner, change.table, names.at(i));
            target.after = boxes.isEmpty() ? 0 : boxes.first();
        }
        return withMarginKept(inner,
                              withFields(inner, context.catalogue, *table, {change.column}, target,
                                         profileOf(context, change.table), context.namingPattern, context.measure)
                                  .form);
    });
}

QList<Alternative> alternativesFor(const Form &form, const TableChange &change, const ReconcileContext &context)
{
    const Table *table = findTable(context.catalogue, change.table);
    const Column *column = table ? findColumn(*table, change.column) : nullptr;
    const Form *inner = innerAt(form, change.path);
    const bool hasBox = inner && !boxesOf(*inner, change.table, change.column).isEmpty();
    QList<Alternative> ways;
    const auto add = [&](const QString &words, const std::function<Form(const Form &)> &take) {
        ways.append({words, take});
    };
    const auto addWithout = [&] {
        if (hasBox) {
            add(Texts::tr("Take the box away"),
                [change, context](const Form &now) { return without(now, change, context); });
        }
    };
    switch (change.kind) {
    case ChangeKind::TableRenamed:
        add(Texts::tr("Take the rows from “%1”").arg(change.now.value(0)),
            [change](const Form &now) { return withTableRenamed(now, change.table, change.now.value(0)); });
        break;
    case ChangeKind::ColumnRenamed:
        add(Texts::tr("Follow it: “%1”").arg(change.now.value(0)),
            [change, context](const Form &now) { return renamedWithCaptions(now, change, context); });
        addWithout();
        break;
    case ChangeKind::ColumnSplit:
        add(hasBox ? Texts::tr("Two boxes where one stood") : Texts::tr("Show both parts where it is looked up"),
            [change, context, hasBox](const Form &now) {
                TableChange first = change;
                first.now = {change.now.value(0)};
                const Form shown = withWordsParted(now, change);
                return hasBox ? withColumnRenamed(parted(shown, change, context), change.table, change.column,
                                                  change.now.value(0))
                              : renamedWithCaptions(shown, first, context);
            });
        for (const QString &part : change.now) {
            add(Texts::tr("Only “%1”").arg(part), [change, context, part](const Form &now) {
                TableChange one = change;
                one.now = {part};
                return renamedWithCaptions(now, one, context);
            });
        }
        addWithout();
        break;
    case ChangeKind::ColumnsJoined:
        add(Texts::tr("One box for both"), [change, context](const Form &now) {
            Form result = joined(now, change, context);
            for (const QString &was : change.columns) {
                result = withColumnRenamed(result, change.table, was, change.now.value(0));
            }
            return result;
        });
        addWithout();
        break;
    case ChangeKind::ColumnMoved:
        if (hasBox) {
            add(Texts::tr("Show it from “%1”").arg(change.movedTo),
                [change, context](const Form &now) { return followedInstead(now, change, context); });
        }
        addWithout();
        break;
    case ChangeKind::ColumnGone:
        addWithout();
        break;
    case ChangeKind::TypeChanged:
    case ChangeKind::LinkChanged:
        if (hasBox && column) {
            const Control made =
                draftField(context.catalogue, *table, *column, kindForColumn(*table, *column, nullptr), nullptr);
            add(Texts::tr("Make it a %1").arg(withinSentence(kindTitle(kindNamed(made.kind)))),
                [change, context](const Form &now) { return asDrafted(now, change, context); });
        }
        break;
    case ChangeKind::LengthChanged: {
        const bool hasLimit =
            hasBox && std::any_of(inner->controls.begin(), inner->controls.end(), [&](const Control &each) {
                return each.column == change.column && lengthLimit(each);
            });
        if (hasLimit && column) {
            add(column->length ? Texts::tr("Let the box take %1").arg(*column->length)
                               : Texts::tr("Let the box take any number"),
                [change, length = column->length](const Form &now) {
                    return withSettingsOf(now, change, [length](ControlSettings &settings) {
                        length ? settings.set(setting::Length, *length) : settings.remove(setting::Length);
                    });
                });
        }
        break;
    }
    case ChangeKind::ChoicesChanged:
        if (hasBox && column && !column->choices.isEmpty()) {
            add(Texts::tr("Offer these"),
                [change, context](const Form &now) { return asDrafted(now, change, context); });
        }
        break;
    case ChangeKind::ColumnNew:
        add(Texts::tr("Add a box"), [change, context](const Form &now) { return withNewBox(now, change, context); });
        break;
    case ChangeKind::TableGone:
    case ChangeKind::RequiredChanged:
    case ChangeKind::StartChanged:
        break;
    }
    return ways;
}

bool isRequired(const Catalogue &catalogue, const TableChange &change)
{
    const Table *table = findTable(catalogue, change.table);
    const Column *column = table ? findColumn(*table, change.column) : nullptr;
    return column && column->isRequired && !column->hasDefault && !column->isGenerated && !column->numbersItself;
}

// What a form remembers after a decision: what was not followed stays to be asked about.
void keepAsking(Form &form, const QList<BoundColumn> &open)
{
    for (const BoundColumn &was : open) {
        const auto same =
            std::find_if(form.boundColumns.begin(), form.boundColumns.end(),
                         [&](const BoundColumn &each) { return each.column == was.column && each.table == was.table; });
        if (same != form.boundColumns.end()) {
            *same = was;
        } else {
            form.boundColumns.append(was);
        }
    }
}

} // namespace

Form withColumnsInstead(const Form &form, ControlId box, const QStringList &columns, const ReconcileContext &context)
{
    const Control *control = form.controls.find(box);
    if (!control || control->column.isEmpty() || columns.isEmpty()) {
        return form;
    }
    TableChange change;
    change.kind = ChangeKind::ColumnSplit;
    change.table = form.rowsFrom;
    change.column = control->column;
    change.now = columns;
    return withColumnRenamed(parted(form, change, context), change.table, change.column, columns.first());
}

QList<Proposal> proposalsFor(const Form &form, const QList<TableChange> &changes, const ReconcileContext &context)
{
    QList<Proposal> proposals;
    for (const TableChange &change : changes) {
        Proposal proposal;
        proposal.change = change;
        proposal.sentence = changeInWords(change, context.catalogue);
        proposal.alternatives = alternativesFor(form, change, context);
        // What is lost is not proposed unasked; a new column only where no record could be added without it.
        proposal.isTicked = change.kind == ChangeKind::ColumnNew    ? isRequired(context.catalogue, change)
                            : change.kind == ChangeKind::ColumnGone ? false
                                                                    : true;
        proposals.append(proposal);
    }
    return proposals;
}

Form reconciled(const Form &form, const QList<Proposal> &proposals, const QList<Decision> &decisions,
                const ReconcileContext &context)
{
    Form result = form;
    QHash<InnerPath, QList<BoundColumn>> open; // by the way to their form
    QHash<InnerPath, QStringList> unseen;
    for (qsizetype i = 0; i < proposals.size(); ++i) {
        const Proposal &proposal = proposals.at(i);
        const Decision decision = i < decisions.size() ? decisions.at(i) : Decision{proposal.isTicked, 0};
        const bool isDone =
            decision.isTaken && decision.alternative >= 0 && decision.alternative < proposal.alternatives.size();
        if (isDone) {
            result = proposal.alternatives.at(decision.alternative).take(result);
        } else if (!decision.isTaken && proposal.change.kind != ChangeKind::ColumnNew) {
            if (!proposal.change.was.column.isEmpty()) {
                open[proposal.change.path].append(proposal.change.was);
            }
        } else if (decision.isOpen) {
            unseen[proposal.change.path].append(proposal.change.column);
        }
    }
    result = withColumnsAsNow(result, context.catalogue, context.profiles);
    for (auto each = open.begin(); each != open.end(); ++each) {
        result = changedAt(result, each.key(), [&](const Form &inner) {
            Form kept = inner;
            keepAsking(kept, each.value());
            return kept;
        });
    }
    for (auto each = unseen.begin(); each != unseen.end(); ++each) {
        result = changedAt(result, each.key(), [&](Form inner) {
            inner.seenColumns.removeIf([&](const QString &name) { return each.value().contains(name); });
            return inner;
        });
    }
    return result;
}

Form reconciledWhereCertain(const Form &form, const QList<Proposal> &proposals, const ReconcileContext &context)
{
    QList<Decision> decisions;
    for (const Proposal &proposal : proposals) {
        const bool isTaken = proposal.change.isCertain && proposal.isTicked;
        decisions.append({isTaken, 0, !isTaken});
    }
    return reconciled(form, proposals, decisions, context);
}

Form withChangeTaken(const Form &form, const TableChange &change, int alternative, const ReconcileContext &context)
{
    const QList<Proposal> proposals = proposalsFor(form, {change}, context);
    Form result = form;
    if (alternative >= 0 && alternative < proposals.first().alternatives.size()) {
        result = proposals.first().alternatives.at(alternative).take(result);
    }
    // Of what else changed the form knows no more than before.
    const Form now = withColumnsAsNow(result, context.catalogue, context.profiles);
    return changedAt(result, change.path, [&](const Form &inner) {
        const Form *asNow = innerAt(now, change.path);
        Form kept = inner;
        QStringList names = change.now + change.columns;
        names.append(change.column);
        kept.boundColumns.clear();
        for (const BoundColumn &each : asNow->boundColumns) {
            const bool isOfTable = each.table.isEmpty() ? inner.rowsFrom == change.table : each.table == change.table;
            const BoundColumn *before =
                remembered(inner, each.table.isEmpty() ? inner.rowsFrom : each.table, each.column);
            kept.boundColumns.append(before && !(isOfTable && names.contains(each.column)) ? *before : each);
        }
        for (const BoundColumn &each : inner.boundColumns) { // what is gone and not followed yet
            const bool isGone = !remembered(kept, each.table.isEmpty() ? inner.rowsFrom : each.table, each.column);
            if (isGone && !names.contains(each.column)) {
                kept.boundColumns.append(each);
            }
        }
        const Table *table = findTable(context.catalogue, change.table);
        if (table && inner.rowsFrom == change.table && !kept.seenColumns.isEmpty()) {
            for (const QString &name : change.now) {
                if (findColumn(*table, name) && !kept.seenColumns.contains(name)) {
                    kept.seenColumns.append(name);
                }
            }
        }
        return kept;
    });
}

} // namespace nabblet
