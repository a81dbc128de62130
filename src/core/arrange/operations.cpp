#include "core/arrange/operations.h"

#include "core/arrange/arranged.h"
#include "core/kinds/kind.h"
#include "core/text/tr.h"

#include <algorithm>
#include <initializer_list>

namespace nabblet {

QList<Arranged> ArrangeContext::arranged() const
{
    if (!seen.arranged) {
        seen.arranged = arrangedOf(form, selected);
    }
    return *seen.arranged;
}

QList<Arranged> ArrangeContext::fieldsOf(const Area &area) const
{
    const auto known = seen.fields.constFind(area);
    return known != seen.fields.constEnd() ? *known : *seen.fields.insert(area, arrangedIn(form, area));
}

QList<FieldRow> ArrangeContext::rowsOf(const Area &area) const
{
    const auto known = seen.rows.constFind(area);
    return known != seen.rows.constEnd() ? *known : *seen.rows.insert(area, fieldRows(fieldsOf(area)));
}

const QList<ArrangeOperation> &arrangeOperations()
{
    static const QList<ArrangeOperation> table = [] {
        QList<ArrangeOperation> all;
#define NABBLET_ENTRY(group) all += group();
        NABBLET_ARRANGE_OPERATIONS(NABBLET_ENTRY)
#undef NABBLET_ENTRY
        return all;
    }();
    return table;
}

const ArrangeOperation *findArrangeOperation(const QString &id)
{
    for (const ArrangeOperation &operation : arrangeOperations()) {
        if (operation.id == id) {
            return &operation;
        }
    }
    return nullptr;
}

QString arrangeTitle(const ArrangeOperation &operation)
{
    return Texts::tr(operation.title);
}

QString arrangeHelp(const ArrangeOperation &operation)
{
    return Texts::tr(operation.help);
}

const QList<ArrangeGroup> &arrangeGroups()
{
    using enum ArrangeGroup;
    static const QList<ArrangeGroup> All{LineUp,   Match, Gaps,   Fit,   Grid,  Centre,
                                         Captions, Rows,  Groups, Holds, Order, Whole};
    return All;
}

QString arrangeGroupTitle(ArrangeGroup group)
{
    switch (group) {
    case ArrangeGroup::LineUp:
        return Texts::tr("Line up");
    case ArrangeGroup::Match:
        return Texts::tr("Match size");
    case ArrangeGroup::Gaps:
        return Texts::tr("Gaps");
    case ArrangeGroup::Fit:
        return Texts::tr("Fit");
    case ArrangeGroup::Grid:
        return Texts::tr("Grid");
    case ArrangeGroup::Centre:
        return Texts::tr("Centre");
    case ArrangeGroup::Order:
        return Texts::tr("Front, back");
    case ArrangeGroup::Captions:
        return Texts::tr("Captions");
    case ArrangeGroup::Rows:
        return Texts::tr("Rows");
    case ArrangeGroup::Groups:
        return Texts::tr("Groups");
    case ArrangeGroup::Holds:
        return Texts::tr("Window size");
    case ArrangeGroup::Whole:
        return Texts::tr("Tidy");
    }
    return {};
}

ControlId containerOfLead(const ArrangeContext &context, const std::function<bool(const Control &)> &test)
{
    const ControlId lead = context.selected.isEmpty() ? 0 : context.selected.last();
    QList<ControlId> candidates = containersAround(context.form, lead);
    candidates.prepend(lead);
    for (const ControlId id : std::as_const(candidates)) {
        const Control *control = context.form.controls.find(id);
        if (control && test(*control)) {
            return id;
        }
    }
    return 0;
}

bool holdsPages(const Control &control)
{
    return kindNamed(control.kind).holds == Holds::Pages;
}

QString needsOne(const ArrangeContext &context)
{
    return context.selected.isEmpty() ? Texts::tr("Select a control first.") : QString();
}

QString needsTwo(const ArrangeContext &context)
{
    return context.arranged().size() < 2 ? Texts::tr("Select two or more controls; the last one chosen leads.")
                                         : QString();
}

QString needsThree(const ArrangeContext &context)
{
    return context.arranged().size() < 3 ? Texts::tr("Select three or more controls.") : QString();
}

QString needsBox(const ArrangeContext &context)
{
    const bool hasBox = std::any_of(context.selected.begin(), context.selected.end(), [&](ControlId id) {
        const Control *control = context.form.controls.find(id);
        return control && control->kind != QLatin1String("caption");
    });
    return hasBox ? QString() : Texts::tr("Select a box first.");
}

QString needsNothing(const ArrangeContext &)
{
    return {};
}

// What is selected and what that holds; with at most one control, the whole form.
QList<ControlId> chosenOrAll(const ArrangeContext &context)
{
    // A container alone stands for what it holds.
    const QSet<ControlId> selected(context.selected.begin(), context.selected.end());
    const QSet<ControlId> inside = membersOf(context.form, selected);
    if (context.selected.size() > 1 || !inside.isEmpty()) {
        return (context.selected.size() > 1 ? selected + inside : inside).values();
    }
    QList<ControlId> all;
    for (const Control &control : context.form.controls) {
        all.append(control.id);
    }
    return all;
}

QString needsWholeForm(const ArrangeContext &context)
{
    if (isTabular(context.form)) {
        return Texts::tr("A tabular form is one row of boxes between rails; its columns are moved by their rails.");
    }
    return context.form.controls.isEmpty() ? Texts::tr("The form is empty.") : QString();
}

} // namespace nabblet
