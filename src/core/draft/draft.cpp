#include "core/draft/draft.h"

#include "core/arrange/edges.h"
#include "core/arrange/windows/stretching.h"
#include "core/catalogue/row_names.h"
#include "core/draft/maker.h"
#include "core/sorts/order_of_select.h"

#include <QSet>

namespace nabblet {

namespace {

// What the form remembers of the columns that its controls need.
void rememberColumns(Form &form, const Table &table)
{
    QSet<QString> bound;
    for (const Control &control : form.controls) {
        for (const QString &column : columnsWritten(control)) {
            bound.insert(column);
        }
    }
    for (const Column &column : table.columns) {
        if (bound.contains(column.name)) {
            form.boundColumns.append(rememberDrafted(form, table, column));
        }
    }
}

} // namespace

Form makeForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
              const Profiles &profiles, const TextMeasure &measure, bool isInside)
{
    const Table known = withNaming(table);
    Maker maker{catalogue, known, plan, profile, profiles, measure, isInside, 8, {}, {}, 0, {}};
    Form &form = maker.form;
    form.name = identifierFromText(plan.title.isEmpty() ? table.name : plan.title);
    form.title = plan.title;
    form.rowsFrom = table.name;
    form.select = table.select;
    form = withOrderOfSelect(form, table);
    form.permissions = plan.people;
    form.look = plan.look;
    const QList<Piece> pieces = piecesOf(maker);
    const QList<ChildForm> children = childForms(maker);
    if (plan.arrangement == Arrangement::Tabular) {
        layOutTabular(maker, pieces);
    } else {
        if (plan.spacing == Spacing::Tight) {
            form.grid.pitch = maker.pitch = 4; // finer, so that the closer rows stand on it
        }
        int leastWidth = 0;
        for (const ChildForm &child : children) {
            leastWidth =
                child.child->place == ChildPlace::Subform ? std::max(leastWidth, child.size.width()) : leastWidth;
        }
        layOutOneRecord(maker, pieces, leastWidth);
    }
    layOutChildren(maker, children);
    // A title longer than its fields are wide has room all the same.
    for (const Control &control : form.controls) {
        const int wanted = std::min(maker.snapped(rightOf(control.place) + DraftMargin), WidestDraft);
        if (control.band == BandRole::Header && isCaption(control) && control.captionFor == 0 && wanted > form.width) {
            form = stretchedTo(form, wanted, 0);
            break;
        }
    }
    rememberColumns(form, table);
    return form;
}

Form draftForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
               const TextMeasure &measure, const Profiles &profiles)
{
    return makeForm(catalogue, table, plan, profile, profiles, measure, false);
}

Form draftColumnar(const Catalogue &catalogue, const Table &table, const TextMeasure &measure,
                   const DraftOptions &options)
{
    const Table known = withNaming(table);
    DraftPlan plan = planDraft(known, nullptr, options.words);
    plan.columnsOfBoxes = options.columnsOfBoxes;
    plan.namingPattern = options.namingPattern;
    return draftForm(catalogue, known, plan, nullptr, measure);
}

} // namespace nabblet
