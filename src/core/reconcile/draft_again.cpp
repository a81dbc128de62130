#include "core/reconcile/draft_again.h"

#include "core/arrange/arranged.h"
#include "core/arrange/moving.h"
#include "core/catalogue/profile_in.h"
#include "core/draft/draft.h"
#include "core/draft/redrafted.h"
#include "core/edit/edits.h"
#include "core/edit/placing.h"
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/reconcile/memory.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

using Change = std::function<Form(const Form &)>;

Form changedAt(const Form &form, const InnerPath &path, const Change &change)
{
    const Form *inner = innerAt(form, path);
    return inner ? withInnerAt(form, path, change(*inner)) : form;
}

const Control *boxOf(const Form &form, const QString &column)
{
    for (const Control &control : form.controls) {
        if (control.column == column) {
            return &control;
        }
    }
    return nullptr;
}

// How the form was arranged when it was drafted, as far as it still shows.
Arrangement arrangementOf(const Form &form)
{
    if (isTabular(form)) {
        return Arrangement::Tabular;
    }
    int above = 0;
    int beside = 0;
    for (const Control &control : form.controls) {
        const Control *box = control.captionFor != 0 ? form.controls.find(control.captionFor) : nullptr;
        if (box) {
            ++(control.place.bottom() < box->place.y() ? above : beside);
        }
    }
    return above > beside ? Arrangement::Stacked : Arrangement::Columnar;
}

// The form with the memory of what a draft made of a column.
Form withDrafted(Form form, const QString &column, const Drafted &drafted)
{
    for (BoundColumn &bound : form.boundColumns) {
        if (bound.table.isEmpty() && bound.column == column) {
            bound.drafted = drafted;
        }
    }
    return form;
}

// One form of the whole, with the draft of today beside it.
struct Beside
{
    const Form &form;
    const Form &made;
    const Table &table;
    InnerPath path;
    const ReconcileContext &context;
    QList<Proposal> proposals = {};

    void add(const QString &column, const QString &sentence, const QString &words, bool isTicked, const Change &take)
    {
        Proposal proposal;
        proposal.change.kind = ChangeKind::StartChanged; // changes nothing by itself
        proposal.change.path = path;
        proposal.change.table = table.name;
        proposal.change.column = column;
        proposal.sentence = sentence;
        proposal.alternatives = {
            {words, [path = path, take](const Form &whole) { return changedAt(whole, path, take); }}};
        proposal.isTicked = isTicked;
        proposals.append(proposal);
    }

    void compareKinds(const Control &box, const Control &drafted, const Drafted &now, const std::optional<Drafted> &was)
    {
        if (box.kind == drafted.kind || (was && was->kind == drafted.kind)) {
            return;
        }
        const QString called = calledFor(form, box);
        const QString kind = withinSentence(kindTitle(kindNamed(drafted.kind)));
        add(box.column, Texts::tr("A draft would make “%1” a %2 now.").arg(called, kind),
            Texts::tr("Make it a %1").arg(kind), was && was->kind == box.kind,
            [id = box.id, drafted, now, column = box.column](const Form &before) {
                Form after = before;
                const qsizetype at = after.controls.indexOf(id);
                if (at >= 0) {
                    after.controls.replace(at, redrafted(after.controls.at(at), drafted));
                }
                return withDrafted(after, column, now);
            });
    }

    void compareCaptions(const Control &box, const Drafted &now, const std::optional<Drafted> &was)
    {
        const Control *caption = captionOf(form, box.id);
        if (!caption || now.caption.isEmpty() || caption->text == now.caption || (was && was->caption == now.caption)) {
            return;
        }
        add(box.column, Texts::tr("A draft would call “%1” “%2” now.").arg(caption->text, now.caption),
            Texts::tr("Call it “%1”").arg(now.caption), was && was->caption == caption->text,
            [id = caption->id, now, column = box.column, &measure = context.measure](const Form &before) {
                return withDrafted(setCaptionText(before, id, now.caption, measure), column, now);
            });
    }

    void compareSizes(const Control &box, const Drafted &now, const std::optional<Drafted> &was)
    {
        // Of a form of rows the heads and all that stands behind would have to move; there it is the builder's.
        const int pitch = std::max(1, form.grid.pitch);
        const auto isNear = [&](const QSize &a, const QSize &b) {
            return std::abs(a.width() - b.width()) < pitch && std::abs(a.height() - b.height()) < pitch;
        };
        const QSize is = box.place.size();
        if (isTabular(form) || isNear(is, now.size) || !was || isNear(was->size, now.size)) {
            return;
        }
        const QSize by = now.size - is;
        add(box.column,
            Texts::tr("A draft would make “%1” %2 by %3 px now; it is %4 by %5.")
                .arg(calledFor(form, box))
                .arg(now.size.width())
                .arg(now.size.height())
                .arg(is.width())
                .arg(is.height()),
            Texts::tr("Make it that large"), isNear(was->size, is),
            [id = box.id, by, now, column = box.column](const Form &before) {
                Form after = resizeControls(before, {id}, Edge::Right | Edge::Bottom, QPoint(by.width(), by.height()));
                after = by.width() > 0 ? pushedOn(after, id, Qt::Horizontal) : after;
                after = by.height() > 0 ? pushedOn(after, id, Qt::Vertical) : after;
                return withDrafted(after, column, now);
            });
    }

    // Columns that a draft shows and this form does not, though it has met them.
    void compareColumns(const QList<TableChange> &changes)
    {
        for (const Control &drafted : made.controls) {
            const QString column = drafted.column;
            const bool isNew = std::any_of(changes.begin(), changes.end(), [&](const TableChange &change) {
                return change.path == path && change.table == table.name &&
                       (change.column == column || change.now.contains(column));
            });
            if (column.isEmpty() || isNew || remembered(form, table.name, column)) {
                continue;
            }
            TableChange change;
            change.kind = ChangeKind::ColumnNew;
            change.path = path;
            change.table = table.name;
            change.column = column;
            Proposal proposal = proposalsFor(form, {change}, context).value(0);
            proposal.sentence =
                Texts::tr("A draft would have a box for “%1”.").arg(readableName(*findColumn(table, column)));
            proposal.isTicked = false;
            proposals.append(proposal);
        }
    }

    // Rows that belong to each record and that a draft takes, which this form does not show.
    void compareChildren(const DraftPlan &plan)
    {
        if (isTabular(form)) {
            return;
        }
        for (const PlannedChild &child : plan.children) {
            const bool isShown = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
                return control.inner && control.inner.get()->rowsFrom == child.plan.table;
            });
            if (!child.isTaken || isShown) {
                continue;
            }
            const QString title = child.plan.title;
            add(QString(), Texts::tr("A draft would show the rows of “%1” that belong to each record.").arg(title),
                Texts::tr("Show them below"), false, [child, &context = context](const Form &before) {
                    const PlacedControl placed = withNewControlBelow(before, QStringLiteral("subform"),
                                                                     Area{BandRole::Body, 0}, context.measure);
                    return withRowsOf(placed.form, placed.control, child, context.catalogue, context.namingPattern,
                                      context.measure);
                });
        }
    }
};

void collect(QList<Proposal> &all, const Form &whole, const InnerPath &path, const QList<TableChange> &changes,
             const ReconcileContext &context)
{
    const Form *form = innerAt(whole, path);
    const Table *table = form ? findTable(context.catalogue, form->rowsFrom) : nullptr;
    if (table) {
        const Profile *profile = profileIn(context.profiles, table->name);
        DraftPlan plan = planWithChildren(context.catalogue, *table, profile, context.words);
        plan.arrangement = arrangementOf(*form);
        plan.sections = Sections::None;
        plan.namingPattern = context.namingPattern;
        const Form *around = path.isEmpty() ? nullptr : innerAt(whole, path.mid(0, path.size() - 1));
        for (const Control &holder : around ? around->controls : ControlList()) {
            if (holder.id == path.last()) { // what the link fills has no box
                plan.filledColumns = childLinkOf(holder).childColumns;
                plan.columns.removeIf(
                    [&](const PlannedColumn &each) { return plan.filledColumns.contains(each.column); });
            }
        }
        DraftPlan alone = plan;
        alone.children.clear();
        const Profiles none;
        const Form made = draftForm(context.catalogue, *table, alone, profile, context.measure,
                                    context.profiles ? *context.profiles : none);
        Beside beside{*form, made, *table, path, context};
        for (const Control &box : form->controls) {
            const BoundColumn *bound = box.column.isEmpty() ? nullptr : remembered(*form, table->name, box.column);
            const Control *drafted = bound ? boxOf(made, box.column) : nullptr;
            const bool isAsBound = std::none_of(changes.begin(), changes.end(), [&](const TableChange &change) {
                return change.path == path && change.table == table->name && change.column == box.column;
            });
            if (!drafted || !isAsBound) {
                continue; // what changed in the table is proposed with that
            }
            const Drafted now = *rememberDrafted(made, *table, *findColumn(*table, box.column)).drafted;
            beside.compareKinds(box, *drafted, now, bound->drafted);
            beside.compareCaptions(box, now, bound->drafted);
            beside.compareSizes(box, now, bound->drafted);
        }
        beside.compareColumns(changes);
        if (path.isEmpty()) {
            beside.compareChildren(plan);
        }
        all += beside.proposals;
    }
    for (const Control &control : form ? form->controls : ControlList()) {
        if (control.inner) {
            collect(all, whole, path + InnerPath{control.id}, changes, context);
        }
    }
}

} // namespace

QList<Proposal> draftedAgain(const Form &form, const QList<TableChange> &changes, const ReconcileContext &context)
{
    QList<Proposal> all = proposalsFor(form, changes, context);
    for (Proposal &proposal : all) {
        const Table *table = findTable(context.catalogue, proposal.change.table);
        if (proposal.change.kind == ChangeKind::ColumnNew && table) {
            const DraftPlan plan = planDraft(*table, profileIn(context.profiles, table->name), context.words);
            proposal.isTicked = std::any_of(plan.columns.begin(), plan.columns.end(), [&](const PlannedColumn &each) {
                return each.column == proposal.change.column && each.through.isEmpty() && each.isTaken;
            });
        }
    }
    collect(all, form, {}, changes, context);
    return all;
}

} // namespace nabblet
