// Fields added to a form that is there.
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/arrange/windows/window_size.h"
#include "core/draft/box_sizes.h"
#include "core/draft/captions.h"
#include "core/draft/field_kinds.h"
#include "core/draft/maker.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/usual_words.h"

#include <QSet>

#include <algorithm>
#include <limits>

namespace nabblet {

namespace {

constexpr int UsualCaptions = 104; // px, kept for captions where a form has no rail yet
constexpr int Joins = 24;          // px; a field put as near to a column of boxes belongs to it
constexpr int JoinsRow = 6;        // px; the same for a row

struct NewField
{
    Control box;
    Control caption;
};

// The fields in the order asked for, with names and sizes and no places yet.
QList<NewField> newFields(const Form &form, const Catalogue &catalogue, const Table &table, const QStringList &columns,
                          const Profile *profile, const QString &namingPattern, const TextMeasure &measure)
{
    QStringList taken;
    QSet<QString> shown;
    for (const Control &control : form.controls) {
        taken.append(control.name);
        shown.insert(control.column);
    }
    NamePool names(taken);
    const int character = usualCharacter(measure);
    QList<NewField> fields;
    ControlId next = nextControlId(form);
    QList<int> widths;
    const QHash<QString, QString> captions = captionsOf(table);
    for (const QString &name : columns) {
        const Column *column = findColumn(table, name);
        if (!column || shown.contains(name)) {
            continue;
        }
        shown.insert(name);
        const auto known = profile ? profile->columns.constFind(name) : QHash<QString, ColumnProfile>::const_iterator();
        const ColumnProfile *values = profile && known != profile->columns.constEnd() ? &*known : nullptr;
        NewField field;
        field.box = draftField(catalogue, table, *column, kindForColumn(table, *column), values);
        field.box.id = next++;
        field.box.name = names.take(nameFromPattern(namingPattern, kindNamed(field.box.kind).shortName, name));
        field.box.place = QRect(QPoint(), draftSize(catalogue, *column, field.box, values, measure, character));
        field.caption.id = next++;
        field.caption.kind = field.caption.role = QStringLiteral("caption");
        field.caption.captionFor = field.box.id;
        field.caption.text = captions.value(name);
        field.caption.name = names.take(nameFromPattern(namingPattern, kindNamed(field.caption.kind).shortName, name));
        field.caption.place = QRect(0, 0, captionWidth(field.caption, measure), DraftLine);
        widths.append(field.box.place.width());
        fields.append(field);
    }
    const QList<int> evened = evenedWidths(widths);
    for (qsizetype i = 0; i < fields.size(); ++i) {
        const bool isLine = kindNamed(fields.at(i).box.kind).editor == Editor::Line;
        if (isLine) {
            fields[i].box.place.setWidth(evened.at(i));
        }
    }
    return fields;
}

Rail newCaptionRail(const Form &form, int position, int captionsFrom)
{
    Rail rail;
    rail.id = nextRailId(form);
    rail.name = NamePool(railNames(form)).take(QStringLiteral("captions"));
    rail.isAutomatic = true;
    rail.position = position;
    rail.captionsFrom = captionsFrom;
    return rail;
}

// The lowest edge of what stands in the body between two rails' captions; the margin where nothing does.
int lowestFrom(const Form &form, int from, int until)
{
    int lowest = 0;
    for (const Control &control : form.controls) {
        const bool isHere =
            control.band == BandRole::Body && control.place.x() < until && rightOf(control.place) > from;
        lowest = isHere ? std::max(lowest, bottomOf(control.place)) : lowest;
    }
    return lowest;
}

// Where the first box goes when nobody said: below what stands lowest, on the rail where that is highest up.
QPoint nextPlace(Form &form, int gap)
{
    QList<Rail> rails;
    for (const Rail &rail : form.rails) {
        if (rail.isAutomatic) {
            rails.append(rail);
        }
    }
    if (rails.isEmpty()) {
        rails.append(newCaptionRail(form, DraftMargin + UsualCaptions, DraftMargin));
        form.rails.append(rails.first());
    }
    std::sort(rails.begin(), rails.end(), [](const Rail &a, const Rail &b) { return a.position < b.position; });
    QPoint best(rails.first().position, std::numeric_limits<int>::max());
    for (qsizetype i = 0; i < rails.size(); ++i) {
        const int until = i + 1 < rails.size() ? rails.at(i + 1).captionsFrom : std::numeric_limits<int>::max();
        const int lowest = lowestFrom(form, rails.at(i).captionsFrom, until);
        const int y = lowest == 0 ? DraftMargin : onGridAtOrAfter(lowest + gap, std::max(1, form.grid.pitch));
        if (y < best.y()) {
            best = QPoint(rails.at(i).position, y);
        }
    }
    return best;
}

// The first place below a field, in its column, that nothing covers.
QPoint placeAfter(const Form &form, const Control &lead, const QSize &size, int captionRoom, int captionAbove, int gap)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QRect wanted(QPoint(lead.place.x() - captionRoom, onGridAtOrAfter(bottomOf(lead.place) + gap, pitch)),
                       size + QSize(captionRoom, captionAbove));
    QList<QRect> taken;
    for (const Control &control : form.controls) {
        if (areaOf(control) == areaOf(lead)) {
            taken.append(control.place);
        }
    }
    return {lead.place.x(), clearOf(taken, wanted, gap, pitch).y() + captionAbove};
}

// Whether captions stand above their boxes there: most of them do.
bool isStacked(const Form &form, const QList<Arranged> &there)
{
    int above = 0;
    int beside = 0;
    for (const Arranged &item : there) {
        if (const Control *caption = item.otherIsNear ? form.controls.find(item.other) : nullptr) {
            (sitsAbove(*caption) ? above : beside) += 1;
        }
    }
    return above > beside;
}

// The field after which new ones come: the lead, or for a lead that holds others the lowest of what is in there.
const Control *leadFor(const Form &form, const FieldTarget &target)
{
    const Control *lead = form.controls.find(target.after);
    if (lead && lead->captionFor != 0) {
        lead = form.controls.find(lead->captionFor);
    }
    if (target.area.container == 0) {
        return lead && lead->band == BandRole::Body && !holdsOthers(*lead) ? lead : nullptr;
    }
    if (lead && areaOf(*lead) == target.area) {
        return lead;
    }
    const Control *lowest = nullptr;
    for (const Control &control : form.controls) {
        const bool isField = areaOf(control) == target.area && control.captionFor == 0;
        lowest = isField && (!lowest || bottomOf(control.place) > bottomOf(lowest->place)) ? &control : lowest;
    }
    return lowest;
}

Area areaFor(const Form &form, const FieldTarget &target, const Control *lead)
{
    const Area wanted = target.at || target.area.container != 0 ? target.area : lead ? areaOf(*lead) : Area();
    return areasOf(form).contains(wanted) ? wanted : Area();
}

AddedFields addedColumns(const Form &form, QList<NewField> fields)
{
    AddedFields result{form, {}};
    Form &to = result.form;
    int at = 0;
    RailId lastRail = FixedRail::None;
    int top = 0;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body && rightOf(control.place) > at) {
            at = rightOf(control.place);
            lastRail = control.rides.right;
            top = control.place.y();
        }
    }
    const int pitch = std::max(1, form.grid.pitch);
    int headTop = 0;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Header && control.captionFor != 0) {
            headTop = std::max(headTop, control.place.y());
        }
    }
    NamePool pool(railNames(form));
    for (NewField &field : fields) {
        const int width =
            onGridAtOrAfter(std::max(field.box.place.width(), field.caption.place.width() + pitch), pitch);
        field.box.place = QRect(at, top, width, field.box.place.height());
        field.box.rides.left = lastRail;
        Rail rail;
        rail.id = nextRailId(to);
        rail.name = pool.take(field.box.column);
        rail.position = at + width;
        to.rails.append(rail);
        field.box.rides.right = rail.id;
        field.caption.band = findBand(form, BandRole::Header) ? BandRole::Header : BandRole::Body;
        field.caption.rides.left = lastRail;
        setSitsAbove(field.caption, true);
        field.caption.place.moveTopLeft({at, headTop});
        to.controls.append(field.box);
        to.controls.append(field.caption);
        result.fields.append(field.box.id);
        at += width;
        lastRail = rail.id;
    }
    to = grownToHold(to);
    return result;
}

} // namespace

AddedFields withFields(const Form &form, const Catalogue &catalogue, const Table &table, const QStringList &columns,
                       const FieldTarget &target, const Profile *profile, const QString &namingPattern,
                       const TextMeasure &measure)
{
    QList<NewField> fields = newFields(form, catalogue, table, columns, profile, namingPattern, measure);
    AddedFields result{form, {}};
    if (fields.isEmpty()) {
        return result;
    }
    const auto remember = [&](Form &to) {
        for (const NewField &field : std::as_const(fields)) {
            to.boundColumns.append(rememberDrafted(to, table, *findColumn(table, field.box.column)));
        }
    };
    if (isTabular(form)) {
        result = addedColumns(form, fields);
        remember(result.form);
        return result;
    }
    Form &to = result.form;
    const int pitch = std::max(1, form.grid.pitch);
    const Control *after = leadFor(form, target);
    const Area area = areaFor(form, target, after);
    const QList<Arranged> there = arrangedIn(form, area);
    const QPoint corner = roomOf(form, area).topLeft();
    const int gap = std::clamp(usualRowGap(there, pitch), 0, 3 * pitch);
    int captionRoom = 0;
    const bool areAbove = isStacked(form, there);
    int captionAbove = 0; // px
    for (NewField &field : fields) {
        setSitsAbove(field.caption, areAbove);
        captionRoom = areAbove ? 0 : std::max(captionRoom, field.caption.place.width() + CaptionGap);
        captionAbove = areAbove ? std::max(captionAbove, field.caption.place.height()) : 0;
    }

    QPoint at;
    if (target.at) {
        at = *target.at;
        // The nearest column of boxes, by its rail or by the boxes that stand there; else the grid.
        int nearest = Joins + 1;
        int x = onGrid(at.x(), pitch);
        const auto offer = [&](int edge) {
            if (std::abs(edge - at.x()) < nearest) {
                nearest = std::abs(edge - at.x());
                x = edge;
            }
        };
        for (const Rail &rail : form.rails) {
            offer(rail.position);
        }
        for (const Arranged &item : there) {
            if (form.controls.find(item.control)->kind != QLatin1String("caption")) {
                offer(item.place.x());
            }
        }
        at = QPoint(x, onGrid(at.y(), pitch));
        // Captions need their room whatever the place.
        at.setX(std::max(at.x(), onGridAtOrAfter(corner.x() + captionRoom, pitch)));
        for (const FieldRow &row : fieldRows(there)) {
            const int top = there.at(row.members.first()).place.y();
            if (std::abs(top - target.at->y()) <= JoinsRow) {
                at.setY(top);
            }
        }
    } else if (after) {
        at = placeAfter(form, *after, fields.first().box.place.size(), captionRoom, captionAbove, gap);
    } else if (area.container != 0) {
        at = {onGridAtOrAfter(corner.x() + captionRoom, pitch), onGridAtOrAfter(corner.y(), pitch)};
    } else {
        at = nextPlace(to, std::max(gap, pitch));
        at.setY(at.y() + captionAbove);
    }
    at.setY(std::max(corner.y() + captionAbove, at.y()));
    // A block that has room further in moves there, rather than make the form wider.
    int widest = 0;
    for (const NewField &field : std::as_const(fields)) {
        widest = std::max(widest, field.box.place.width());
    }
    const int over = at.x() + widest + DraftMargin - to.width;
    const bool isJoining =
        std::any_of(to.rails.begin(), to.rails.end(), [&](const Rail &each) { return each.position == at.x(); });
    if (target.at && over > 0 && !isJoining && area.container == 0) {
        const int furthest = onGridAtOrAfter(corner.x() + std::max(captionRoom, DraftMargin), pitch);
        at.setX(std::max(std::min(at.x(), furthest), (at.x() - over) / pitch * pitch));
    }

    RailId rail = FixedRail::None;
    for (const Rail &each : to.rails) {
        rail = each.position == at.x() ? each.id : rail;
    }
    if (rail == FixedRail::None && fields.size() > 1) {
        // A block of its own gets a rail that keeps clear of its captions.
        const Rail own = newCaptionRail(to, at.x(), std::max(0, at.x() - captionRoom));
        to.rails.append(own);
        rail = own.id;
    }
    QList<ControlId> placed;
    int y = at.y();
    for (NewField &field : fields) {
        for (Control *each : {&field.box, &field.caption}) {
            standIn(*each, area);
        }
        field.box.place.moveTopLeft({at.x(), y});
        field.box.rides.left = rail;
        field.caption.place = captionPlace(field.box.place, field.caption);
        (areAbove ? field.caption.rides.left : field.caption.rides.right) = rail;
        to.controls.append(field.box);
        to.controls.append(field.caption);
        result.fields.append(field.box.id);
        placed.append(field.box.id);
        y = onGridAtOrAfter(y + field.box.place.height() + gap + captionAbove, pitch);
    }
    remember(to);
    to = withWayMade(to, placed);
    for (Band &each : to.bands) {
        if (each.role == area.band && area.container == 0 && !target.at) {
            each.height = std::max(each.height, y - gap - captionAbove + DraftMargin);
        }
    }
    int right = 0;
    for (const NewField &field : std::as_const(fields)) {
        right = std::max(right, rightOf(field.box.place));
    }
    if (right + DraftMargin > to.width) {
        to = setFormWidth(to, right + DraftMargin);
    }
    to = settled(inNestingOrder(grownToHold(to)), measure);
    return result;
}

Form withField(const Form &form, const Catalogue &catalogue, const Table &table, const QString &column,
               const QString &namingPattern, const TextMeasure &measure)
{
    return withFields(form, catalogue, table, {column}, {}, nullptr, namingPattern, measure).form;
}

Form withColumnChanged(const Form &form, const Catalogue &catalogue, const Table &table, ControlId field,
                       const QString &name, const QString &namingPattern, const TextMeasure &measure)
{
    const Control *control = form.controls.find(field);
    const Column *column = findColumn(table, name);
    if (!control || !column || control->column == name) {
        return form;
    }
    Form result = form;
    const Kind &kind = kindNamed(control->kind);
    const bool fitsKind = kind.binds.contains(column->type) && !lookupOf(*control) && fixedChoices(*control).isEmpty();
    const QString wanted = kindForColumn(table, *column);
    Control changed = draftField(catalogue, table, *column,
                                 fitsKind && wanted != QLatin1String("drop-down") ? control->kind : wanted, nullptr);
    changed.id = control->id;
    changed.band = control->band;
    changed.container = control->container;
    changed.page = control->page;
    changed.place = control->place;
    changed.rides = control->rides;
    changed.role = control->role;
    const bool isNamedByPattern =
        control->column.isEmpty()
            ? hasNameOfItsKind(*control)
            : control->name == nameFromPattern(namingPattern, kindNamed(control->kind).shortName, control->column);
    changed.name = isNamedByPattern ? NamePool(controlNames(form, field))
                                          .take(nameFromPattern(namingPattern, kindNamed(changed.kind).shortName, name))
                                    : control->name;
    const QString before = control->column;
    result.controls.replace(result.controls.indexOf(field), changed);
    if (const Control *caption = captionOf(form, field);
        caption && (before.isEmpty() ? wantsWords(form, *control) : caption->text == captionOfColumn(table, before))) {
        Control words = *caption;
        words.text = captionOfColumn(table, name);
        result.controls.replace(result.controls.indexOf(words.id), words);
    }
    QSet<QString> stillBound;
    for (const Control &each : result.controls) {
        for (const QString &written : columnsWritten(each)) {
            stillBound.insert(written);
        }
    }
    result.boundColumns.removeIf(
        [&](const BoundColumn &bound) { return bound.table.isEmpty() && !stillBound.contains(bound.column); });
    const bool isRemembered = std::any_of(result.boundColumns.begin(), result.boundColumns.end(),
                                          [&](const BoundColumn &bound) { return bound.column == name; });
    if (!isRemembered) {
        result.boundColumns.append(rememberColumn(table, *column));
    }
    return settled(result, measure);
}

} // namespace nabblet
