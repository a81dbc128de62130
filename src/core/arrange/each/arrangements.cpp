// One arrangement turned into another as a whole: captions beside, captions above, many records under one another,
// group boxes side by side. Every box keeps its settings, its name and its words.
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/reading.h"
#include "core/arrange/rows.h"
#include "core/arrange/tidy.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <QMap>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int Margin = 16;      // px, left and right of what is laid out
constexpr int Line = 24;        // px, the height of a box of one line
constexpr int HeadInset = 8;    // px between a box's edge and its head, so that heads stand over the words in the boxes
constexpr int WidestRow = 1200; // px; what does not fit goes on in a second line of the row
constexpr int LongText = 240;   // px at most, in a row
constexpr int UsualRows = 10;   // in sight
constexpr int OneColumnUpTo = 8; // fields; more of them go into two columns

bool isField(const Control &control)
{
    return control.band == BandRole::Body && showsValue(control);
}

// The fields of the body, as Tab goes through them, then what it does not visit, as it reads.
QList<ControlId> fieldsOfBody(const Form &form)
{
    QList<ControlId> fields;
    QSet<ControlId> visited;
    for (const ControlId id : tabSequence(form)) {
        if (isField(*form.controls.find(id))) {
            fields.append(id);
            visited.insert(id);
        }
    }
    QList<ControlId> others;
    for (const Control &control : form.controls) {
        if (isField(control) && !visited.contains(control.id)) {
            others.append(control.id);
        }
    }
    return fields + inReadingOrder(form, others);
}

bool hasCaptionsThere(const Form &form, bool isAbove)
{
    return std::all_of(form.controls.begin(), form.controls.end(), [&](const Control &caption) {
        const Control *box = caption.captionFor == 0 ? nullptr : form.controls.find(caption.captionFor);
        return !box || !isField(*box) || sitsAbove(caption) == isAbove;
    });
}

// Asked at every selection, so it looks no further than it must.
QString needsFields(const ArrangeContext &context)
{
    const Form &form = context.form;
    return std::any_of(form.controls.begin(), form.controls.end(), isField)
               ? QString()
               : Texts::tr("There are no boxes on the form yet.");
}

// How many columns of blocks stand side by side at most.
int columnsNow(const Form &form, const Area &area)
{
    const QList<Arranged> items = arrangedIn(form, area);
    const QList<FieldBlock> blocks = fieldBlocks(items);
    int most = 1;
    for (const FieldRow &row : fieldRows(items)) {
        const auto beginning = std::count_if(
            blocks.begin(), blocks.end(), [&](const FieldBlock &block) { return row.members.contains(block.first()); });
        most = std::max(most, static_cast<int>(beginning));
    }
    return most;
}

// Rails that no edge rides and that are no guides of a person's own: they went with the columns that they held.
Form withoutEmptyRails(const Form &form, const QSet<RailId> &ridden)
{
    Form result = form;
    result.rails.removeIf([&](const Rail &rail) {
        return ridden.contains(rail.id) &&
               std::none_of(result.controls.begin(), result.controls.end(), [&](const Control &control) {
                   return control.rides.left == rail.id || control.rides.right == rail.id;
               });
    });
    return result;
}

QSet<RailId> railsOf(const Form &form, const QList<ControlId> &fields)
{
    const QSet<ControlId> named(fields.begin(), fields.end());
    QSet<RailId> rails;
    for (const Control &control : form.controls) {
        if (named.contains(control.id) || named.contains(control.captionFor)) {
            rails += {control.rides.left, control.rides.right};
        }
    }
    return rails;
}

void change(Form &form, ControlId id, auto by)
{
    const int index = form.controls.indexOf(id);
    if (index >= 0) {
        Control control = form.controls.at(index);
        by(control);
        form.controls.replace(index, control);
    }
}

int lowestIn(const Form &form, BandRole band)
{
    int lowest = 0;
    for (const Control &control : form.controls) {
        lowest = control.band == band ? std::max(lowest, bottomOf(control.place)) : lowest;
    }
    return lowest;
}

void setBandHeight(Form &form, BandRole role, int height)
{
    for (Band &band : form.bands) {
        band.height = band.role == role ? height : band.height;
    }
}

// Rows under one another become one record at a time, with captions beside its boxes.
Form oneRecord(const Form &form, const TextMeasure &measure)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QList<ControlId> fields = fieldsOfBody(form);
    const QSet<RailId> ridden = railsOf(form, fields);
    Form result = form;
    result.rowsShown = 0;
    result.rowPanel = RowPanel::None;
    int captionRoom = 0;
    for (const ControlId id : fields) {
        const Control *caption = captionOf(form, id);
        captionRoom = std::max(captionRoom, caption ? caption->place.width() + CaptionGap : 0);
    }
    const int x = onGridAtOrAfter(Margin + captionRoom, pitch);
    int y = onGridAtOrAfter(Margin, pitch);
    for (const ControlId id : fields) {
        const Control box = *form.controls.find(id);
        const Kind &kind = kindNamed(box.kind);
        const bool isTall = kind.editor == Editor::LongText || kind.editor == Editor::Image;
        const int height = isTall ? std::max(box.place.height(), kind.usualSize.height()) : box.place.height();
        change(result, id, [&](Control &control) {
            control.rides = {};
            control.place = QRect(x, y, box.place.width(), height);
        });
        if (const Control *caption = captionOf(form, id)) {
            change(result, caption->id, [&](Control &control) {
                control.rides = {};
                standIn(control, areaOf(box));
                setSitsAbove(control, false);
                control.place = captionPlace(QRect(x, y, box.place.width(), height), control);
            });
        }
        y = onGridAtOrAfter(y + height + 8, pitch);
    }
    if (findBand(result, BandRole::Header)) {
        const int lowest = lowestIn(result, BandRole::Header);
        if (lowest == 0) {
            result.bands.removeIf([](const Band &band) { return band.role == BandRole::Header; });
        } else {
            setBandHeight(result, BandRole::Header, onGridAtOrAfter(lowest + 8, pitch));
        }
    }
    setBandHeight(result, BandRole::Body, onGridAtOrAfter(lowestIn(result, BandRole::Body) + Margin, pitch));
    int right = 0;
    for (const Control &control : result.controls) {
        right = control.band == BandRole::Body ? std::max(right, rightOf(control.place)) : right;
    }
    result.width = onGridAtOrAfter(std::max(result.width, right + Margin), pitch);
    result = grownToHold(inNestingOrder(withoutEmptyRails(result, ridden)));
    return flowed(result, fields, fields.size() > OneColumnUpTo ? 2 : 1, measure);
}

Form withCaptions(const Form &form, const ArrangeContext &context, const char *operation)
{
    const ArrangeContext all{form, fieldsOfBody(form), context.measure, context.boxWidth};
    const ArrangeOperation *seat = findArrangeOperation(QLatin1String(operation));
    return seat->whyNot(all).isEmpty() ? seat->apply(all) : form;
}

QString whyNotColumnar(const ArrangeContext &context)
{
    const bool isSo = !isTabular(context.form) && hasCaptionsThere(context.form, false);
    return isSo ? Texts::tr("The captions stand beside their boxes already.") : needsFields(context);
}

Form columnar(const ArrangeContext &context)
{
    if (isTabular(context.form)) {
        return oneRecord(context.form, context.measure);
    }
    const Form seated = withCaptions(context.form, context, "caption-beside");
    QList<ControlId> there;
    for (const Arranged &item : arrangedIn(seated, Area())) {
        there.append(item.control);
    }
    return flowed(seated, there, columnsNow(context.form, Area()), context.measure);
}

QString whyNotStacked(const ArrangeContext &context)
{
    const bool isSo = !isTabular(context.form) && hasCaptionsThere(context.form, true);
    return isSo ? Texts::tr("The captions stand above their boxes already.") : needsFields(context);
}

Form stacked(const ArrangeContext &context)
{
    const Form form = isTabular(context.form) ? oneRecord(context.form, context.measure) : context.form;
    return withCaptions(form, context, "caption-above");
}

// ---------------------------------------------------------------- many records under one another

QString whyNotTabular(const ArrangeContext &context)
{
    if (isTabular(context.form)) {
        return Texts::tr("Many records stand under one another already.");
    }
    const bool hasRows =
        std::any_of(context.form.controls.begin(), context.form.controls.end(), [](const Control &control) {
            return control.band == BandRole::Body && kindNamed(control.kind).editor == Editor::Rows;
        });
    return hasRows ? Texts::tr("Rows that belong to each record have no place in a line; take them off first.")
                   : needsFields(context);
}

// What is no field and no caption of one: words, lines and pictures go into the header, once for all rows; group boxes
// and pages go, and what stood in them goes on following their rules.
Form withoutOthersInBody(const Form &form, const QList<ControlId> &fields)
{
    Form result = form;
    const QSet<ControlId> staying(fields.begin(), fields.end());
    QList<ControlId> others;
    for (const Control &control : form.controls) {
        if (control.band != BandRole::Body) {
            continue;
        }
        if (holdsOthers(control)) {
            result = withoutContainer(result, control.id);
        } else if (!staying.contains(control.id) && !staying.contains(control.captionFor)) {
            others.append(control.id);
        }
    }
    if (!others.isEmpty() && !findBand(result, BandRole::Header)) {
        result.bands.prepend(Band{BandRole::Header, 8, {}});
    }
    const int pitch = std::max(1, form.grid.pitch);
    for (const ControlId id : inReadingOrder(form, others)) {
        const Band *header = findBand(result, BandRole::Header);
        const int y = onGridAtOrAfter(header->height, pitch);
        int bottom = y;
        change(result, id, [&](Control &control) {
            standIn(control, Area{BandRole::Header});
            control.place.moveTop(y);
            control.rides.top = control.rides.bottom = FixedRail::None;
            bottom = bottomOf(control.place);
        });
        setBandHeight(result, BandRole::Header, onGridAtOrAfter(bottom + pitch, pitch));
    }
    return result;
}

Form tabular(const ArrangeContext &context)
{
    const QList<ControlId> fields = fieldsOfBody(context.form);
    const QSet<RailId> ridden = railsOf(context.form, fields);
    Form result = withoutOthersInBody(context.form, fields);
    const int pitch = std::max(1, result.grid.pitch);
    result.rowsShown = UsualRows;
    for (const ControlId id : fields) {
        change(result, id, [](Control &control) {
            control.rides = {};
            standIn(control, Area{BandRole::Body});
        });
    }
    const bool hasHeads =
        std::any_of(fields.begin(), fields.end(), [&](ControlId id) { return captionOf(result, id); });
    if (hasHeads && !findBand(result, BandRole::Header)) {
        result.bands.prepend(Band{BandRole::Header, 0, {}});
    }
    const Band *header = findBand(result, BandRole::Header);
    const int headsTop = header ? header->height : 0;
    QStringList railNames;
    for (const Rail &rail : std::as_const(result.rails)) {
        railNames.append(rail.name);
    }
    NamePool names(railNames);
    RailId next = nextRailId(result);
    int x = Margin;
    int line = 0;
    int widest = 0;
    const auto rail = [&](const QString &name, int position) {
        Rail made;
        made.id = next++;
        made.name = names.take(name);
        made.position = position;
        result.rails.append(made);
        return made.id;
    };
    RailId start = FixedRail::None;
    for (const ControlId id : fields) {
        const Control *caption = captionOf(result, id);
        const Control box = *result.controls.find(id);
        const int captionWidth = caption ? caption->place.width() + 2 * HeadInset : 0;
        const bool isOption = kindNamed(box.kind).editor == Editor::Options;
        // Options that stood in several lines stand in one.
        const int lines = isOption ? std::max(1, box.place.height() / Line) : 1;
        const bool isLong = kindNamed(box.kind).editor == Editor::LongText; // one line of it is enough in a row
        const int needed = isLong ? std::min(box.place.width(), LongText) : box.place.width() * lines;
        const int width = onGridAtOrAfter(std::max(needed, captionWidth), pitch);
        if (x > Margin && x + width + Margin > WidestRow) {
            widest = std::max(widest, x);
            x = Margin;
            ++line;
            start = FixedRail::None;
        }
        if (start == FixedRail::None) {
            start = rail(identifierFromText(box.column.isEmpty() ? box.name : box.column), x);
        }
        const bool isLast = id == fields.last();
        const RailId end = rail(isLast ? QStringLiteral("end of row")
                                       : identifierFromText(box.column.isEmpty() ? box.name : box.column),
                                x + width);
        const int y = line * Line;
        change(result, id, [&](Control &control) {
            control.place = QRect(x, y, width, Line);
            control.rides.left = start;
            control.rides.right = end;
        });
        if (caption) {
            const bool endsRight =
                box.kind == QLatin1String("decimal-number") || box.kind == QLatin1String("whole-number");
            change(result, caption->id, [&](Control &control) {
                standIn(control, Area{BandRole::Header});
                control.rides = {};
                setSitsAbove(control, !endsRight);
                (endsRight ? control.rides.right : control.rides.left) = endsRight ? end : start;
                const int own = control.place.width();
                control.place =
                    QRect(endsRight ? x + width - HeadInset - own : x + HeadInset, headsTop + line * Line, own, Line);
            });
        }
        x += width;
        start = end;
    }
    widest = std::max(widest, x);
    if (hasHeads) {
        setBandHeight(result, BandRole::Header, headsTop + (line + 1) * Line);
    }
    setBandHeight(result, BandRole::Body, (line + 1) * Line);
    result.width = onGridAtOrAfter(std::max(widest + Margin, 320), pitch);
    return settled(grownToHold(inNestingOrder(withoutEmptyRails(result, ridden))), context.measure);
}

// ---------------------------------------------------------------- group boxes side by side

QString whyNotGroups(const ArrangeContext &context)
{
    if (isTabular(context.form)) {
        return Texts::tr("Group boxes have no place among rows under one another.");
    }
    const qsizetype fields = context.fieldsOf(Area()).size();
    return fields < 2 ? Texts::tr("There are no boxes to put into groups.") : QString();
}

Form groups(const ArrangeContext &context)
{
    QList<ControlId> there;
    for (const Arranged &item : arrangedIn(context.form, Area())) {
        there.append(item.control);
    }
    const int columns = std::max(2, context.columns);
    Form form = flowed(context.form, there, columns, context.measure);
    // Columns are found by where their blocks begin; what lies across all of them stays outside.
    const QList<Arranged> items = arrangedIn(form, Area());
    const int last = std::accumulate(items.begin(), items.end(), 0,
                                     [](int most, const Arranged &item) { return std::max(most, item.place.x()); });
    QList<FieldBlock> blocks = fieldBlocks(items);
    std::stable_sort(blocks.begin(), blocks.end(), [&](const FieldBlock &a, const FieldBlock &b) {
        return items.at(a.first()).place.y() < items.at(b.first()).place.y();
    });
    const auto isAcross = [&](const FieldBlock &block) {
        int end = 0;
        for (const int member : block) {
            end = std::max(end, rightOf(items.at(member).whole));
        }
        return last > items.at(block.first()).place.x() && end > last;
    };
    // Those between two that lie across stand together; where there are several such, the most fields make the groups.
    QList<QMap<int, QList<ControlId>>> between(1);
    for (const FieldBlock &block : std::as_const(blocks)) {
        if (isAcross(block)) {
            between.append(QMap<int, QList<ControlId>>());
            continue;
        }
        for (const int member : block) {
            between.last()[items.at(block.first()).place.x()].append(items.at(member).control);
        }
    }
    const auto fieldsIn = [](const QMap<int, QList<ControlId>> &side) {
        return std::accumulate(side.begin(), side.end(), qsizetype(0),
                               [](qsizetype sum, const QList<ControlId> &column) { return sum + column.size(); });
    };
    const QMap<int, QList<ControlId>> byStart =
        *std::max_element(between.begin(), between.end(), [&](const auto &a, const auto &b) {
            const bool isFewer = a.size() < 2 && b.size() >= 2;
            return isFewer || (fieldsIn(a) < fieldsIn(b) && !(a.size() >= 2 && b.size() < 2));
        });
    if (byStart.size() < 2) {
        return form;
    }
    QList<ControlId> boxes;
    for (const QList<ControlId> &members : std::as_const(byStart)) {
        const Grouped grouped = withContainer(form, members, QStringLiteral("group-box"));
        form = grouped.form;
        boxes.append(grouped.container);
    }
    // One row: level at the top, as high as the highest, a step apart.
    const int pitch = std::max(1, form.grid.pitch);
    int top = form.controls.find(boxes.first())->place.y();
    int height = 0;
    for (const ControlId id : std::as_const(boxes)) {
        top = std::min(top, form.controls.find(id)->place.y());
        height = std::max(height, form.controls.find(id)->place.height());
    }
    QList<Placing> placings;
    int x = form.controls.find(boxes.first())->place.x();
    for (const Arranged &item : arrangedOf(form, boxes)) {
        const QRect place(onGridAtOrAfter(x, pitch), top, item.place.width(), onGridAtOrAfter(height, pitch));
        placings.append({item, place});
        x = rightOf(place) + 2 * pitch;
    }
    return settled(withWayMade(withPlacings(form, placings), boxes), context.measure);
}

} // namespace

QList<ArrangeOperation> arrangementOperations()
{
    constexpr auto Group = ArrangeGroup::Whole;
    return {
        {QStringLiteral("as-columnar"), Texts::later("Make it columnar"),
         Texts::later("One record at a time, captions beside their boxes."), Group, whyNotColumnar, columnar},
        {QStringLiteral("as-stacked"), Texts::later("Make it stacked"),
         Texts::later("One record at a time, captions above their boxes."), Group, whyNotStacked, stacked},
        {QStringLiteral("as-tabular"), Texts::later("Make it tabular"),
         Texts::later("Many records under one another, captions as heads over them."), Group, whyNotTabular, tabular},
        {QStringLiteral("as-groups"), Texts::later("Make it a row of groups"),
         Texts::later("Fields go into group boxes side by side, as many as the columns chosen."), ArrangeGroup::Groups,
         whyNotGroups, groups},
    };
}

} // namespace nabblet
