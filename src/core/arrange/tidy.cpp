#include "core/arrange/tidy.h"

#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/operations.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/text/tr.h"

#include <QMap>
#include <QSet>

#include <algorithm>

NABBLET_TEXTS(Arrange)

namespace nabblet {

namespace {

constexpr int Near = 12;   // px; what differs by no more was meant to be equal
constexpr int Between = 8; // px kept between neighbours in a row
constexpr int MostPasses = 12;

// Groups of values of which each is near the first of its group; the value that the group becomes.
QMap<int, int> gathered(const QMap<int, int> &counts, int pitch)
{
    QMap<int, int> result;
    auto it = counts.begin();
    while (it != counts.end()) {
        const int first = it.key();
        int best = first;
        int most = 0;
        QList<int> members;
        for (; it != counts.end() && it.key() - first <= Near; ++it) {
            members.append(it.key());
            if (it.value() > most) {
                most = it.value();
                best = it.key();
            }
        }
        for (const int member : std::as_const(members)) {
            result.insert(member, onGrid(best, pitch));
        }
    }
    return result;
}

// Where the caption stands for a box at this place, and both together.
QRect wholeFor(const Arranged &item, const QRect &place, const Control *caption)
{
    return caption && item.otherIsInBand && !item.isCaption ? place.united(captionPlace(place, *caption)) : place;
}

Form tidiedBand(const Form &form, BandRole band, const QSet<ControlId> &chosen)
{
    const int pitch = std::max(1, form.grid.pitch);
    QList<Arranged> items;
    QList<QRect> fixed;
    for (const Arranged &item : arrangedInBand(form, band)) {
        if (chosen.contains(item.control) || (item.other != 0 && chosen.contains(item.other))) {
            items.append(item);
        } else {
            fixed.append(item.whole);
        }
    }
    if (items.isEmpty()) {
        return form;
    }
    const auto captionFor = [&](const Arranged &item) {
        return item.other != 0 && !item.isCaption ? form.controls.find(item.other) : nullptr;
    };

    // Sizes: near-equal widths in one column of boxes and near-equal heights anywhere become the greater one.
    QMap<int, int> lefts;
    QMap<int, int> heights;
    for (const Arranged &item : std::as_const(items)) {
        ++lefts[item.place.x()];
        ++heights[item.place.height()];
    }
    QMap<int, int> columns = gathered(lefts, pitch);
    // A rail nearby is what an edge was meant for.
    for (auto it = columns.begin(); it != columns.end(); ++it) {
        for (const Rail &rail : form.rails) {
            if (std::abs(rail.position - it.key()) <= Near) {
                it.value() = rail.position;
            }
        }
    }
    QMap<int, int> rowHeights;
    for (auto it = heights.begin(); it != heights.end();) {
        QList<int> members;
        const int first = it.key();
        int greatest = first;
        for (; it != heights.end() && it.key() - first <= Near / 2; ++it) {
            members.append(it.key());
            greatest = it.key();
        }
        for (const int member : std::as_const(members)) {
            rowHeights.insert(member, onGridAtOrAfter(greatest, pitch));
        }
    }
    QMap<QPair<int, int>, int> widths; // column and width, to the width they get
    {
        QMap<int, QMap<int, int>> ofColumn;
        for (const Arranged &item : std::as_const(items)) {
            ofColumn[columns.value(item.place.x())].insert(item.place.width(), 0);
        }
        for (auto [column, stored] : ofColumn.asKeyValueRange()) {
            QList<int> sorted = stored.keys();
            for (qsizetype i = 0; i < sorted.size();) {
                qsizetype end = i;
                while (end < sorted.size() && sorted.at(end) - sorted.at(i) <= Near) {
                    ++end;
                }
                for (qsizetype j = i; j < end; ++j) {
                    widths.insert({column, sorted.at(j)}, onGridAtOrAfter(sorted.at(end - 1), pitch));
                }
                i = end;
            }
        }
    }
    QList<QRect> places;
    for (const Arranged &item : std::as_const(items)) {
        const bool isCaption = form.controls.find(item.control)->kind == QLatin1String("caption");
        const int column = columns.value(item.place.x());
        const QSize size(isCaption ? item.place.width() : widths.value({column, item.place.width()}),
                         isCaption ? item.place.height() : rowHeights.value(item.place.height()));
        places.append(QRect(QPoint(column, item.place.y()), size));
    }

    // Columns: none starts before the captions and boxes left of it end. From the left, so that each is settled before
    // what follows.
    const QList<FieldRow> rows = fieldRows(items);
    QMap<int, QList<QPair<int, int>>> neighbours; // by column: a field there and the one before it in its row, or -1
    for (const FieldRow &row : rows) {
        QList<int> members = row.members;
        std::stable_sort(members.begin(), members.end(),
                         [&](int a, int b) { return items.at(a).place.x() < items.at(b).place.x(); });
        for (qsizetype i = 0; i < members.size(); ++i) {
            neighbours[places.at(members.at(i)).x()].append({members.at(i), i > 0 ? members.at(i - 1) : -1});
        }
    }
    for (auto [column, pairs] : neighbours.asKeyValueRange()) {
        int least = column;
        for (const auto &[field, before] : pairs) {
            const QRect whole = wholeFor(items.at(field), places.at(field), captionFor(items.at(field)));
            const int captionRoom = places.at(field).x() - whole.x();
            const bool isOwnColumn = before < 0 || places.at(before).x() < places.at(field).x();
            if (isOwnColumn) {
                const int from = before < 0 ? 0 : rightOf(places.at(before)) + Between;
                least = std::max(least, onGridAtOrAfter(from + captionRoom, pitch));
            }
        }
        for (const auto &[field, before] : pairs) {
            int x = least;
            if (before >= 0 && rightOf(places.at(before)) + Between > x) {
                // Two of one row in one column: the second goes behind the first.
                const QRect whole = wholeFor(items.at(field), places.at(field), captionFor(items.at(field)));
                x = onGridAtOrAfter(rightOf(places.at(before)) + Between + places.at(field).x() - whole.x(), pitch);
            }
            places[field].moveLeft(x);
        }
    }

    // Rows: tops on the grid, near-usual steps become the usual one, and each stands clear of all above it.
    QMap<int, int> steps;
    for (qsizetype i = 1; i < rows.size(); ++i) {
        const auto topOf = [&](const FieldRow &row) { return items.at(row.members.first()).place.y(); };
        ++steps[onGrid(topOf(rows.at(i)) - topOf(rows.at(i - 1)), pitch)];
    }
    int usualStep = 0;
    int most = 0;
    for (auto [step, count] : steps.asKeyValueRange()) {
        if (count > most && step > 0) {
            most = count;
            usualStep = step;
        }
    }
    QList<QRect> taken = fixed;
    int previousTop = 0;
    int previousWas = 0;
    const int gap = std::clamp(usualRowGap(items, pitch), pitch, 3 * pitch);
    for (qsizetype r = 0; r < rows.size(); ++r) {
        const FieldRow &row = rows.at(r);
        const int was = items.at(row.members.first()).place.y();
        int top = onGrid(was, pitch);
        if (r > 0) {
            const int step = onGrid(was - previousWas, pitch);
            top = previousTop + (std::abs(step - usualStep) <= Near ? usualStep : step);
        }
        QList<QRect> wholes;
        for (const int member : row.members) {
            places[member].moveTop(top);
            wholes.append(wholeFor(items.at(member), places.at(member), captionFor(items.at(member))));
        }
        // Captions above their boxes must not stick out of the band either.
        int by = 0;
        for (const QRect &whole : std::as_const(wholes)) {
            by = std::max(by, onGridAtOrAfter(-whole.y(), pitch));
        }
        for (bool isClear = false; !isClear;) {
            isClear = true;
            for (const QRect &whole : std::as_const(wholes)) {
                for (const QRect &other : std::as_const(taken)) {
                    if (overlap(whole.translated(0, by), other)) {
                        by = std::max(by + 1, onGridAtOrAfter(bottomOf(other) + gap - whole.y(), pitch));
                        isClear = false;
                    }
                }
            }
        }
        for (qsizetype i = 0; i < row.members.size(); ++i) {
            places[row.members.at(i)].translate(0, by);
            taken.append(wholes.at(i).translated(0, by));
        }
        previousTop = top + by;
        previousWas = was;
    }

    Form result = form;
    QList<Placing> placings;
    for (qsizetype i = 0; i < items.size(); ++i) {
        placings.append({items.at(i), places.at(i)});
    }
    result = withPlacings(result, placings);
    // Captions stand where captions stand.
    for (qsizetype i = 0; i < items.size(); ++i) {
        const Control *caption = captionFor(items.at(i));
        if (!caption || !items.at(i).otherIsInBand) {
            continue;
        }
        const int index = result.controls.indexOf(caption->id);
        Control moved = result.controls.at(index);
        moved.place = captionPlace(result.controls.find(items.at(i).control)->place, moved);
        moved.place.moveTopLeft({std::max(0, moved.place.x()), std::max(0, moved.place.y())});
        result.controls.replace(index, withRidesByPlace(result, moved));
    }
    return grownToHold(result);
}

QList<ControlId> chosenOrAll(const ArrangeContext &context)
{
    if (context.selected.size() > 1) {
        return context.selected;
    }
    QList<ControlId> all;
    for (const Control &control : context.form.controls) {
        all.append(control.id);
    }
    return all;
}

QString needsControls(const ArrangeContext &context)
{
    if (isTabular(context.form)) {
        return Texts::tr("A tabular form is one row of boxes between rails; its columns are moved by their rails.");
    }
    return context.form.controls.isEmpty() ? Texts::tr("The form is empty.") : QString();
}

Form tidy(const ArrangeContext &context)
{
    return tidied(context.form, chosenOrAll(context), context.measure);
}

Form flow(const ArrangeContext &context)
{
    return flowed(context.form, chosenOrAll(context), context.columns, context.measure);
}

template <int columns> Form flowInto(const ArrangeContext &context)
{
    return flowed(context.form, chosenOrAll(context), columns, context.measure);
}

} // namespace

Form tidied(const Form &form, const QList<ControlId> &controls, const TextMeasure &measure)
{
    const QSet<ControlId> chosen(controls.begin(), controls.end());
    Form result = form;
    for (int pass = 0; pass < MostPasses; ++pass) {
        const Form before = result;
        for (const Band &band : before.bands) {
            result = tidiedBand(result, band.role, chosen);
        }
        result = settled(result, measure);
        if (result == before) {
            break;
        }
    }
    return result;
}

QList<ArrangeOperation> wholeFormOperations()
{
    constexpr auto Group = ArrangeGroup::Whole;
    return {
        {QStringLiteral("tidy"), QT_TRANSLATE_NOOP("Arrange", "Tidy"),
         QT_TRANSLATE_NOOP("Arrange",
                           "What nearly lines up does, near-equal sizes and gaps become equal, all on the grid. The "
                           "whole form, or what is selected."),
         Group, needsControls, tidy},
        {QStringLiteral("flow-columns"), QT_TRANSLATE_NOOP("Arrange", "Flow into columns"),
         QT_TRANSLATE_NOOP("Arrange", "Fields go into the number of columns chosen, what belongs together stays so."),
         Group, needsControls, flow},
        {QStringLiteral("flow-1"), QT_TRANSLATE_NOOP("Arrange", "Flow into one column"),
         QT_TRANSLATE_NOOP("Arrange", "Fields go under one another."), Group, needsControls, flowInto<1>},
        {QStringLiteral("flow-2"), QT_TRANSLATE_NOOP("Arrange", "Flow into two columns"),
         QT_TRANSLATE_NOOP("Arrange", "Fields go into two columns of about equal height."), Group, needsControls,
         flowInto<2>},
        {QStringLiteral("flow-3"), QT_TRANSLATE_NOOP("Arrange", "Flow into three columns"),
         QT_TRANSLATE_NOOP("Arrange", "Fields go into three columns of about equal height."), Group, needsControls,
         flowInto<3>},
    };
}

} // namespace nabblet
