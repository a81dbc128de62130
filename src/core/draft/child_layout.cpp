// Subforms and buttons for the rows that belong to each record.
#include "core/arrange/containers.h"
#include "core/arrange/rails.h"
#include "core/arrange/windows/stretching.h"
#include "core/draft/maker.h"
#include "core/kinds/holders/tab_pages.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/child_link.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Frame = 1;        // px, the line around a subform
constexpr int ScrollBar = 16;   // px, kept free at its right
constexpr int StripHeight = 40; // px, of the record strip under a form that shows one record at a time
constexpr int LeastRows = 3;    // that a subform has room for
constexpr int MostRows = 8;
constexpr int UsualRows = 4;       // where nothing is known of the stored rows
constexpr int HighestDraft = 1000; // px, of a form with all its subforms under one another
constexpr int ButtonHeight = 32;
constexpr int ButtonFooter = 48;

// Whether one of a tabular form's columns takes the room of a wider window.
bool canStretch(const Form &form)
{
    return !isTabular(form) ||
           std::any_of(form.rails.begin(), form.rails.end(), [](const Rail &rail) { return rail.hold == Hold::End; });
}

QSize subformSize(const PlannedChild &child, const Form &form)
{
    int height = formHeight(form);
    if (isTabular(form)) {
        const int known = child.usualRows > 0 ? child.usualRows : UsualRows;
        const int rows = std::clamp(known, LeastRows, MostRows) + 1; // and the blank one for a new row
        const Band *body = findBand(form, BandRole::Body);
        height += body ? body->height * (rows - 1) : 0;
    } else {
        height += StripHeight;
    }
    return {form.width + 2 * Frame + ScrollBar, height + 2 * Frame};
}

Band &bandOf(Form &form, BandRole role)
{
    for (Band &band : form.bands) {
        if (band.role == role) {
            return band;
        }
    }
    const auto before =
        std::find_if(form.bands.begin(), form.bands.end(), [role](const Band &band) { return band.role > role; });
    return *form.bands.insert(before, Band{role, 0, {}});
}

} // namespace

QList<ChildForm> childForms(const Maker &maker)
{
    QList<ChildForm> forms;
    for (const PlannedChild &child : maker.plan.children) {
        const Table *table = child.isTaken ? findTable(maker.catalogue, child.plan.table) : nullptr;
        if (!table || child.plan.columns.isEmpty()) {
            continue;
        }
        const auto profile = maker.profiles.constFind(child.plan.table);
        DraftPlan plan = child.plan;
        plan.look = maker.plan.look;
        plan.namingPattern = maker.plan.namingPattern;
        ChildForm made;
        made.child = &child;
        made.form = makeForm(maker.catalogue, *table, plan, profile == maker.profiles.constEnd() ? nullptr : &*profile,
                             maker.profiles, maker.measure, child.place == ChildPlace::Subform);
        made.size = subformSize(child, made.form);
        forms.append(made);
    }
    return forms;
}

namespace {

// A subform of a child's rows, without a place yet.
Control subformOf(const ChildForm &child)
{
    Control subform;
    subform.kind = QStringLiteral("subform");
    subform.role = QStringLiteral("field");
    subform.name = child.child->plan.table;
    subform.inner = InnerForm(child.form);
    subform.rides.right = canStretch(child.form) ? FixedRail::FormRight : FixedRail::None;
    setChildLink(subform, child.child->link);
    return subform;
}

// The subforms on pages of one set, which grows with the form: under one another they would be higher than
// a screen.
void placeOnPages(Maker &maker, const QList<const ChildForm *> &subforms)
{
    Form &form = maker.form;
    Control holder;
    holder.kind = QStringLiteral("tab-pages");
    holder.role = QStringLiteral("heading");
    holder.name = QStringLiteral("rows");
    holder.rides.left = FixedRail::FormLeft;
    holder.rides.right = FixedRail::FormRight;
    holder.rides.top = FixedRail::BodyTop;
    holder.rides.bottom = FixedRail::BodyBottom;
    QList<Page> pages;
    int highest = 0;
    for (const ChildForm *child : subforms) {
        pages.append({static_cast<int>(pages.size()) + 1, child->child->plan.title});
        highest = std::max(highest, onGridAtOrAfter(child->size.height(), maker.pitch));
    }
    setPages(holder, pages);
    const int top = maker.snapped(bandOf(form, BandRole::Body).height);
    const QRect room(DraftMargin, top, form.width - 2 * DraftMargin, DraftLine);
    holder.place = room;
    const Insets insets = insetsOf(holder, 1);
    const int first = maker.snapped(top + insets.top);
    const QRect where(room.x(), top, room.width(), maker.snapped(first + highest + insets.bottom) - top);
    const ControlId id = maker.place(holder, where);
    for (qsizetype i = 0; i < subforms.size(); ++i) {
        const ChildForm *child = subforms.at(i);
        const int left = maker.snapped(room.x() + insets.left);
        const bool stretches = canStretch(child->form);
        const int most = where.x() + where.width() - insets.right - left;
        Control subform = subformOf(*child);
        subform.rides.top = FixedRail::BodyTop;
        subform.rides.bottom = FixedRail::BodyBottom;
        maker.into = {BandRole::Body, id, static_cast<int>(i) + 1};
        const int width =
            stretches ? most / maker.pitch * maker.pitch : std::min(most, maker.snapped(child->size.width()));
        maker.place(subform, QRect(left, first, width, highest));
    }
    maker.into = {};
    bandOf(form, BandRole::Body).height = where.y() + where.height() + DraftMargin;
}

} // namespace

void layOutChildren(Maker &maker, const QList<ChildForm> &children)
{
    Form &form = maker.form;
    QList<const ChildForm *> subforms;
    QList<const ChildForm *> opened;
    for (const ChildForm &child : children) {
        (child.child->place == ChildPlace::Subform ? subforms : opened).append(&child);
    }
    int widest = 0;
    for (const ChildForm *child : std::as_const(subforms)) {
        widest = std::max(widest, child->size.width());
    }
    const int wanted = std::min(maker.snapped(widest + 2 * DraftMargin), WidestDraft);
    if (!subforms.isEmpty() && wanted > form.width) {
        form = stretchedTo(form, wanted, 0);
    }

    const auto heightOf = [&](const ChildForm *child) { return onGridAtOrAfter(child->size.height(), maker.pitch); };
    if (!isTabular(form) && subforms.size() > 1) {
        int height = bandOf(form, BandRole::Body).height;
        for (const ChildForm *child : std::as_const(subforms)) {
            height += heightOf(child) + DraftLine + DraftMargin;
        }
        if (height > HighestDraft && maker.plan.sections != Sections::None) {
            placeOnPages(maker, subforms);
            subforms.clear();
        }
    }
    // Rows of rows cannot repeat with each line, so they stand in the footer and follow the line in hand.
    const BandRole role = isTabular(form) ? BandRole::Footer : BandRole::Body;
    for (const ChildForm *child : std::as_const(subforms)) {
        Band &band = bandOf(form, role);
        const bool isLast = child == subforms.last();
        int y = band.height > 0 ? maker.snapped(band.height) : 8;
        const int captionHeight = 24;
        Control subform = subformOf(*child);
        subform.band = role;
        subform.rides.left = FixedRail::FormLeft;
        const bool stretches = canStretch(child->form);
        const bool growsDown = isLast && role == BandRole::Body;
        subform.rides.top = growsDown ? FixedRail::BodyTop : FixedRail::None;
        subform.rides.bottom = growsDown ? FixedRail::BodyBottom : FixedRail::None;
        const int height = heightOf(child);
        const int room = form.width - 2 * DraftMargin;
        const int width = stretches ? room : std::min(room, maker.snapped(child->size.width()));
        const ControlId id = maker.place(subform, QRect(DraftMargin, y + captionHeight, width, height));
        Control caption;
        caption.kind = QStringLiteral("caption");
        caption.role = QStringLiteral("caption");
        caption.name = child->child->plan.table;
        caption.text = child->child->plan.title;
        caption.band = role;
        caption.captionFor = id;
        caption.rides.left = FixedRail::FormLeft;
        setSitsAbove(caption, true);
        maker.place(caption, QRect(DraftMargin, y, captionWidth(caption, maker.measure), captionHeight));
        bandOf(form, role).height = y + captionHeight + height + DraftMargin;
    }

    if (opened.isEmpty()) {
        return;
    }
    int widestWords = 0;
    for (const ChildForm *child : std::as_const(opened)) {
        widestWords = std::max(widestWords, maker.measure.width(child->child->plan.title + u'…', TextRole::Button));
    }
    const int width = std::max(96, maker.snapped(widestWords + 32));
    Band &footer = bandOf(form, BandRole::Footer);
    int x = DraftMargin;
    int y = footer.height > 0 ? maker.snapped(footer.height) : 8;
    for (const ChildForm *child : std::as_const(opened)) {
        if (x > DraftMargin && x + width + DraftMargin > form.width) {
            x = DraftMargin;
            y += ButtonHeight + 8;
        }
        Control button;
        button.kind = QStringLiteral("button");
        button.role = QStringLiteral("button");
        button.name = child->child->plan.table;
        button.text = child->child->plan.title + u'…';
        button.band = BandRole::Footer;
        button.inner = InnerForm(child->form);
        setChildLink(button, child->child->link);
        maker.place(button, QRect(x, y, width, ButtonHeight));
        x += width + 8;
    }
    bandOf(form, BandRole::Footer).height = y + ButtonFooter - 8;
    form.width = std::max(form.width, width + 2 * DraftMargin);
}

} // namespace nabblet
