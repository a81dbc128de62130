#include "core/draft/start_form.h"

#include "core/actions/action_table.h"
#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/draft/draft.h"
#include "core/kinds/settings/child_link.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int Margin = 16;       // px
constexpr int GroupWidth = 296;  // px
constexpr int ButtonHeight = 32; // px
constexpr int Gap = 8;           // px
constexpr int Inside = 16;       // px between a group's edge and its buttons

struct Group
{
    QString title;
    QList<FormToStart> forms;
};

// The table that a form's group is named by: its own where others point to it; else the one its rows point to that has
// a form of its own, of several the one that most others point to, too.
QString headOf(const FormToStart &form, const QHash<QString, int> &pointedTo, const QSet<QString> &withForm,
               const Catalogue &catalogue)
{
    const Table *table = findTable(catalogue, form.table);
    if (pointedTo.value(form.table) > 0) {
        return form.table;
    }
    QString head = form.table;
    int most = 0;
    for (const ForeignKey &link : table ? table->foreignKeys : QList<ForeignKey>()) {
        if (withForm.contains(link.parentTable) && pointedTo.value(link.parentTable) > most) {
            head = link.parentTable;
            most = pointedTo.value(head);
        }
    }
    return head;
}

QList<Group> groupsOf(const QList<FormToStart> &forms, const Catalogue &catalogue)
{
    QSet<QString> withForm;
    for (const FormToStart &form : forms) {
        withForm.insert(form.table);
    }
    QHash<QString, int> pointedTo;
    for (const QString &name : std::as_const(withForm)) {
        const Table *table = findTable(catalogue, name);
        for (const ForeignKey &link : table ? table->foreignKeys : QList<ForeignKey>()) {
            pointedTo[link.parentTable] += link.parentTable != name ? 1 : 0;
        }
    }
    QStringList heads;
    QHash<QString, Group> byHead;
    for (const FormToStart &form : forms) {
        const QString head = form.table.isEmpty() ? QString() : headOf(form, pointedTo, withForm, catalogue);
        if (!byHead.contains(head)) {
            heads.append(head);
            const Table *table = findTable(catalogue, head);
            byHead.insert(head, {table ? titleFromTable(table->name) : Texts::tr("Further forms"), {}});
        }
        // The form of the group's own table comes first.
        QList<FormToStart> &inside = byHead[head].forms;
        form.table == head && !(inside.isEmpty() || inside.first().table == head) ? inside.prepend(form)
                                                                                  : inside.append(form);
    }
    // Groups of one form stand together, so that the start is no heap of boxes.
    QList<Group> groups;
    Group others{Texts::tr("Further forms"), {}};
    for (const QString &head : std::as_const(heads)) {
        const Group &group = byHead[head];
        if (group.forms.size() == 1 || head.isEmpty()) {
            others.forms += group.forms;
        } else {
            groups.append(group);
        }
    }
    if (!others.forms.isEmpty()) {
        groups.append(others);
    }
    return groups;
}

Control buttonFor(const Form &form, const FormToStart &opened, const Area &area, const QRect &place)
{
    Control button;
    button.id = nextControlId(form);
    button.kind = QStringLiteral("button");
    button.text = opened.title;
    button.role = QStringLiteral("field");
    button.place = place;
    button.name = NamePool(controlNames(form)).take(QStringLiteral("button_") + identifierFromText(opened.title));
    standIn(button, area);
    setButtonAction(button, buttonActionNamed(QStringLiteral("open-form")));
    button.settings.set(setting::Opens, opened.name);
    return button;
}

// The button by which people find a record in any of the forms, at the right end of the header.
Control findButton(const Form &form, const Band &header)
{
    constexpr int Width = 120; // px
    Control button;
    button.id = nextControlId(form);
    button.kind = QStringLiteral("button");
    button.band = BandRole::Header;
    button.text = Texts::tr("Find…");
    button.role = QStringLiteral("field");
    button.place = QRect(form.width - Margin - Width, (header.height - ButtonHeight) / 2, Width, ButtonHeight);
    button.name = NamePool(controlNames(form)).take(QStringLiteral("button_find"));
    setButtonAction(button, buttonActionNamed(QStringLiteral("find")));
    return button;
}

// A group box with a button for each of its forms, its corner at a place.
Form withGroup(Form form, const Group &group, QPoint corner)
{
    Control box;
    box.id = nextControlId(form);
    box.kind = QStringLiteral("group-box");
    box.text = group.title;
    box.name = NamePool(controlNames(form)).take(QStringLiteral("group_") + identifierFromText(group.title));
    box.place = QRect(corner, QSize(GroupWidth, ButtonHeight));
    const Insets insets = insetsOf(box);
    box.place.setHeight(insets.top + static_cast<int>(group.forms.size()) * (ButtonHeight + Gap) + insets.bottom);
    form.controls.append(box);
    int y = corner.y() + insets.top;
    for (const FormToStart &opened : group.forms) {
        form.controls.append(buttonFor(form, opened, {BandRole::Body, box.id, 0},
                                       QRect(corner.x() + Inside, y, GroupWidth - 2 * Inside, ButtonHeight)));
        y += ButtonHeight + Gap;
    }
    return form;
}

} // namespace

Form startForm(const std::optional<Form> &before, const QString &name, const QString &title,
               const QList<FormToStart> &forms, const Catalogue &catalogue, const QString &look,
               const TextMeasure &measure)
{
    Form form = before ? *before : blankForm(title, look, measure);
    QSet<QString> opened;
    for (const Control &control : form.controls) {
        opened.insert(projectFormOf(control));
    }
    // Forms of one title are told apart by their names in words.
    QHash<QString, int> titles;
    for (const FormToStart &each : forms) {
        ++titles[each.title];
    }
    QList<FormToStart> missing;
    for (FormToStart each : forms) {
        if (each.name != name && !opened.contains(each.name)) {
            each.title = titles.value(each.title) > 1 ? titleFromTable(each.name) : each.title;
            missing.append(each);
        }
    }
    if (!before) {
        form.name = name;
        form.window.isFixed = true;
        form.window.hasRecordStrip = false;
        form.width = 2 * (GroupWidth + Margin) + Margin;
    }
    // Each group goes into the shorter of two columns.
    int bottoms[2] = {Margin, Margin};
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body && control.container == 0) {
            const int column = control.place.center().x() < form.width / 2 ? 0 : 1;
            bottoms[column] = std::max(bottoms[column], bottomOf(control.place) + Margin);
        }
    }
    QList<ControlId> placed;
    for (Group group : groupsOf(missing, catalogue)) {
        const Control *there = nullptr;
        for (const Control &control : form.controls) {
            there = control.kind == QLatin1String("group-box") && control.text == group.title ? &control : there;
        }
        if (there) { // below what stands there
            const Control box = *there;
            for (const FormToStart &each : std::as_const(group.forms)) {
                int bottom = box.place.y() + insetsOf(box).top - Gap;
                int x = box.place.x() + Inside;
                int width = box.place.width() - 2 * Inside;
                for (const Control &control : form.controls) {
                    if (control.container == box.id && bottomOf(control.place) > bottom) {
                        bottom = bottomOf(control.place);
                        x = control.place.x();
                        width = control.place.width();
                    }
                }
                form.controls.append(
                    buttonFor(form, each, {BandRole::Body, box.id, 0}, QRect(x, bottom + Gap, width, ButtonHeight)));
                placed.append(form.controls.at(form.controls.size() - 1).id);
            }
            continue;
        }
        const int column = bottoms[1] < bottoms[0] ? 1 : 0;
        form = withGroup(form, group, QPoint(Margin + column * (GroupWidth + Margin), bottoms[column]));
        bottoms[column] = Margin;
        for (const Control &control : form.controls) {
            const bool isHere = control.band == BandRole::Body && control.container == 0 &&
                                (control.place.center().x() < form.width / 2 ? 0 : 1) == column;
            bottoms[column] = isHere ? std::max(bottoms[column], bottomOf(control.place) + Margin) : bottoms[column];
        }
    }
    if (const Band *header = before ? nullptr : findBand(form, BandRole::Header)) {
        form.controls.append(findButton(form, *header));
    }
    for (Band &band : form.bands) {
        if (band.role == BandRole::Body) {
            const int needed = std::max(bottoms[0], bottoms[1]);
            band.height = before ? std::max(band.height, needed) : needed;
        }
    }
    form = grownToHold(inNestingOrder(form));
    return before ? withWayMade(form, placed) : form;
}

} // namespace nabblet
