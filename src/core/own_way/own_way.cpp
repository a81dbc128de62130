#include "core/own_way/own_way.h"

#include "core/arrange/edges.h"
#include "core/arrange/moving.h"
#include "core/arrange/operations.h"
#include "core/arrange/row_edits.h"
#include "core/arrange/rows.h"
#include "core/kinds/kind.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSet>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int LeastColumn = 24; // px
constexpr int UsualGap = 8;     // px
constexpr int CloseGap = 2;     // px between the boxes of two rows that stand close together

bool isBox(const Control &control)
{
    return showsValue(control) && !control.inner && kindNamed(control.kind).editor != Editor::None;
}

// What stands over or under a box of rows and goes with it: its head, and the sums of its column.
QList<ControlId> belongingTo(const Form &form, const Control &cell)
{
    QList<ControlId> ids;
    for (const Control &control : form.controls) {
        const bool isHead = control.captionFor == cell.id;
        const bool isUnder = control.band == BandRole::Footer && control.captionFor == 0 &&
                             control.place.x() >= cell.place.x() - UsualGap &&
                             rightOf(control.place) <= rightOf(cell.place) + UsualGap;
        if (control.id != cell.id && (isHead || isUnder)) {
            ids.append(control.id);
        }
    }
    return ids;
}

Form withColumnsAsWanted(Form form, const OwnWay &way)
{
    const QList<ControlId> built = columnsOfRows(form);
    if (built.isEmpty()) {
        return form;
    }
    struct Column
    {
        ControlId cell = 0;
        int gap = UsualGap; // px behind it
        QList<ControlId> others;
    };
    QList<Column> columns;
    for (qsizetype i = 0; i < built.size(); ++i) {
        const Control &cell = *form.controls.find(built.at(i));
        Column column{cell.id, UsualGap, belongingTo(form, cell)};
        if (i + 1 < built.size()) {
            column.gap = form.controls.find(built.at(i + 1))->place.x() - rightOf(cell.place);
        }
        columns.append(column);
    }
    const int start = form.controls.find(built.first())->place.x();
    const int end = rightOf(form.controls.find(built.last())->place);
    const auto nameOf = [&](const Column &column) { return form.controls.find(column.cell)->name; };
    std::stable_sort(columns.begin(), columns.end(), [&](const Column &a, const Column &b) {
        const qsizetype first = way.order.indexOf(nameOf(a));
        const qsizetype second = way.order.indexOf(nameOf(b));
        return first >= 0 && (second < 0 || first < second);
    });
    int x = start;
    int behind = start;
    for (const Column &column : std::as_const(columns)) {
        const Control cell = *form.controls.find(column.cell);
        if (way.hidden.contains(cell.name)) {
            form = deleteControls(form, QList<ControlId>{column.cell} + column.others);
            continue;
        }
        const int width = std::max(LeastColumn, way.widths.value(cell.name, cell.place.width()));
        const int by = x - cell.place.x();
        const int wider = width - cell.place.width();
        const auto place = [&](ControlId id, bool takesWidth) {
            Control control = *form.controls.find(id);
            control.place.translate(by, 0);
            control.place.setWidth(std::max(LeastColumn / 2, control.place.width() + (takesWidth ? wider : 0)));
            control.rides = {};
            form.controls.replace(form.controls.indexOf(id), control);
        };
        place(cell.id, true);
        for (const ControlId id : column.others) {
            place(id, true);
        }
        x += width + column.gap;
        behind = x - column.gap;
    }
    form.width = std::max(form.width + behind - end, behind + start);
    return form;
}

Form withRowsCloseTogether(Form form)
{
    int top = -1;
    int bottom = 0;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body) {
            top = top < 0 ? control.place.y() : std::min(top, control.place.y());
            bottom = std::max(bottom, bottomOf(control.place));
        }
    }
    if (top < 0) {
        return form;
    }
    const int up = top - CloseGap / 2;
    for (Control control : QList<Control>(form.controls.begin(), form.controls.end())) {
        if (control.band == BandRole::Body) {
            control.place.translate(0, -up);
            form.controls.replace(form.controls.indexOf(control.id), control);
        }
    }
    for (Band &band : form.bands) {
        if (band.role == BandRole::Body) {
            band.height = bottom - top + CloseGap;
        }
    }
    return form;
}

// Those hidden are gone with their captions, and rows that are empty then close up.
Form withoutHidden(Form form, const QStringList &hidden)
{
    QList<ControlId> ids;
    QList<Area> areas;
    const QList<ControlId> boxes = boxesToHide(form);
    for (const ControlId id : boxes) {
        const Control &control = *form.controls.find(id);
        if (!hidden.contains(control.name)) {
            continue;
        }
        ids.append(id);
        if (!areas.contains(areaOf(control))) {
            areas.append(areaOf(control));
        }
        for (const Control &caption : form.controls) {
            if (caption.captionFor == id) {
                ids.append(caption.id);
            }
        }
    }
    if (ids.isEmpty()) {
        return form;
    }
    form = deleteControls(form, ids);
    if (!isTabular(form)) {
        for (const Area &area : std::as_const(areas)) {
            form = withRowsClosedUp(form, area);
        }
    }
    return form;
}

} // namespace

QList<ControlId> boxesToHide(const Form &form)
{
    if (isTabular(form)) {
        if (const QList<ControlId> columns = columnsOfRows(form); !columns.isEmpty()) {
            return columns;
        }
    }
    QList<ControlId> boxes;
    const QList<ControlId> sequence = tabSequence(form);
    for (const ControlId id : sequence) {
        if (isBox(*form.controls.find(id))) {
            boxes.append(id);
        }
    }
    for (const Control &control : form.controls) {
        if (isBox(control) && !boxes.contains(control.id)) {
            boxes.append(control.id);
        }
    }
    return boxes;
}

QList<ControlId> columnsOfRows(const Form &form)
{
    if (!isTabular(form)) {
        return {};
    }
    QList<const Control *> cells;
    for (const Control &control : form.controls) {
        if (control.band == BandRole::Body && control.captionFor == 0) {
            cells.append(&control);
        }
    }
    std::sort(cells.begin(), cells.end(),
              [](const Control *a, const Control *b) { return a->place.x() < b->place.x(); });
    QList<ControlId> ids;
    int end = 0;
    for (const Control *cell : std::as_const(cells)) {
        if (cell->container != 0 || holdsOthers(*cell) || (!ids.isEmpty() && cell->place.x() < end)) {
            return {}; // not simply side by side
        }
        end = rightOf(cell->place);
        ids.append(cell->id);
    }
    return ids;
}

Form inOwnWay(const Form &form, const OwnWay &way, const TextMeasure &measure)
{
    if (way.isEmpty()) {
        return form;
    }
    Form own = form;
    if (isTabular(form)) {
        own = columnsOfRows(form).isEmpty() ? withoutHidden(own, way.hidden) : withColumnsAsWanted(own, way);
        return way.isCompact ? withRowsCloseTogether(own) : own;
    }
    own = withoutHidden(own, way.hidden);
    if (way.captions != OwnCaptions::AsBuilt) {
        const ArrangeOperation *operation = findArrangeOperation(
            way.captions == OwnCaptions::Above ? QStringLiteral("caption-above") : QStringLiteral("caption-beside"));
        const ArrangeContext context{own, boxesToHide(own), measure, {}};
        if (operation->whyNot(context).isEmpty()) {
            own = operation->apply(context);
        }
    }
    return own;
}

QByteArray writtenOwnWay(const OwnWay &way)
{
    QJsonObject written;
    if (!way.hidden.isEmpty()) {
        written.insert(QStringLiteral("hidden"), QJsonArray::fromStringList(way.hidden));
    }
    if (!way.order.isEmpty()) {
        written.insert(QStringLiteral("order"), QJsonArray::fromStringList(way.order));
    }
    QJsonObject widths;
    for (auto each = way.widths.begin(); each != way.widths.end(); ++each) {
        widths.insert(each.key(), each.value());
    }
    if (!widths.isEmpty()) {
        written.insert(QStringLiteral("widths"), widths);
    }
    if (way.isCompact) {
        written.insert(QStringLiteral("compact"), true);
    }
    if (way.captions != OwnCaptions::AsBuilt) {
        written.insert(QStringLiteral("captions"),
                       way.captions == OwnCaptions::Above ? QStringLiteral("above") : QStringLiteral("beside"));
    }
    return QJsonDocument(written).toJson(QJsonDocument::Compact);
}

OwnWay readOwnWay(const QByteArray &written)
{
    constexpr int Widest = 4000; // px
    const QJsonObject read = QJsonDocument::fromJson(written).object();
    const auto names = [&](const QString &key) {
        QStringList all;
        const QJsonArray array = read.value(key).toArray();
        for (const QJsonValue &each : array) {
            if (!each.toString().isEmpty() && !all.contains(each.toString())) {
                all.append(each.toString());
            }
        }
        return all;
    };
    OwnWay way;
    way.hidden = names(QStringLiteral("hidden"));
    way.order = names(QStringLiteral("order"));
    const QJsonObject widths = read.value(QStringLiteral("widths")).toObject();
    for (auto each = widths.begin(); each != widths.end(); ++each) {
        if (const int width = each.value().toInt(); width >= LeastColumn && width <= Widest) {
            way.widths.insert(each.key(), width);
        }
    }
    way.isCompact = read.value(QStringLiteral("compact")).toBool();
    const QString captions = read.value(QStringLiteral("captions")).toString();
    way.captions = captions == QLatin1String("above")    ? OwnCaptions::Above
                   : captions == QLatin1String("beside") ? OwnCaptions::Beside
                                                         : OwnCaptions::AsBuilt;
    return way;
}

} // namespace nabblet
