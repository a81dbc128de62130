#include "core/edit/placing.h"

#include "core/actions/action_table.h"
#include "core/actions/button_rows.h"
#include "core/arrange/arranged.h"
#include "core/arrange/edges.h"
#include "core/arrange/grid.h"
#include "core/arrange/grouping.h"
#include "core/arrange/moving.h"
#include "core/arrange/rails.h"
#include "core/arrange/structure.h"
#include "core/edit/edits.h"
#include "core/edit/look_edits.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/child_link.h"
#include "core/kinds/settings/fixed_picture.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/kinds/usual_words.h"
#include "core/looks/pins/look_pin.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace nabblet {

const QList<Placeable> &placeables()
{
    static const QList<Placeable> all = [] {
        QList<Placeable> made;
        for (const Kind &kind : kinds()) {
            made.append({kind.name, kindTitle(kind)});
            if (kind.editor == Editor::Button) {
                for (const ButtonRow &row : buttonRows()) {
                    made.append({row.name, buttonRowTitle(row)});
                }
            }
        }
        return made;
    }();
    return all;
}

namespace {

const QString OpeningPrefix = QStringLiteral("open-form:");

struct Opening
{
    QString form;
    QString title;
    ChildLink match;
};

// What an openingButton() opens; nothing where the name is none of one.
std::optional<Opening> openedBy(const QString &name)
{
    const QStringList parts = name.mid(OpeningPrefix.size()).split(u'\n');
    if (!name.startsWith(OpeningPrefix) || parts.size() != 4) {
        return std::nullopt;
    }
    return Opening{parts.at(0),
                   parts.at(1),
                   {parts.at(2).split(u'\t', Qt::SkipEmptyParts), parts.at(3).split(u'\t', Qt::SkipEmptyParts)}};
}

} // namespace

Placeable openingButton(const QString &form, const QString &title, const ChildLink &match)
{
    const QStringList parts{form, title, match.childColumns.join(u'\t'), match.parentColumns.join(u'\t')};
    return {OpeningPrefix + parts.join(u'\n'), Texts::tr("Button to “%1”").arg(title)};
}

QString placeableTitle(const QString &name)
{
    if (const auto opened = openedBy(name)) {
        return openingButton(opened->form, opened->title).title;
    }
    const ButtonRow *row = buttonRowNamed(name);
    return row ? buttonRowTitle(*row) : kindTitle(kindNamed(name));
}

namespace {

// The width of a button around words so wide, px, on the grid.
int buttonWidthFor(int wordsWidth, int pitch)
{
    constexpr int BesideWords = 12; // px
    return onGridAtOrAfter(wordsWidth + 2 * BesideWords, pitch);
}

// Buttons beside one another, all as wide as the widest needs, or together as wide as the place.
PlacedControl withButtonRow(const Form &form, const ButtonRow &row, const Area &area, const QRect &wanted,
                            const TextMeasure &measure)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QRect room = roomOf(form, area);
    const int count = static_cast<int>(row.actions.size());
    int widest = 0;
    for (const QString &action : row.actions) {
        const QString words = buttonActionCaption(buttonActionNamed(action));
        widest = std::max(widest, measure.width(words, TextRole::Button));
    }
    const int least = buttonWidthFor(widest, pitch);
    const int drawn = (wanted.width() - (count - 1) * pitch) / count / pitch * pitch;
    const int width = std::max(least, drawn);
    const int height =
        wanted.height() >= 2 * pitch ? wanted.height() : kindNamed(QStringLiteral("button")).usualSize.height();
    const int all = count * width + (count - 1) * pitch;
    // On the grid, with a margin on a band.
    const int margin = area.container == 0 ? 2 * pitch : 0;
    const int most = room.x() + (room.width() - margin - all) / pitch * pitch;
    const int left = std::max(room.x() + margin, std::min(onGrid(wanted.x(), pitch), most));
    const int top = std::max(room.y() + margin / 2, onGrid(wanted.y(), pitch));
    NamePool names(controlNames(form));
    PlacedControl placed{form, 0, {}};
    QList<ControlId> made;
    for (int i = 0; i < count; ++i) {
        const ButtonAction &action = buttonActionNamed(row.actions.at(i));
        Control button;
        button.id = nextControlId(placed.form);
        button.kind = QStringLiteral("button");
        button.role = QStringLiteral("button");
        button.text = buttonActionCaption(action);
        button.name = names.take(kindNamed(button.kind).shortName + u'_' + identifierFromText(button.text));
        button.place = QRect(left + i * (width + pitch), top, width, height);
        setButtonAction(button, action);
        standIn(button, area);
        placed.form.controls.append(button); // it rides no rail: the row keeps together wherever it goes
        made.append(button.id);
    }
    placed.form = withWayMade(grownToHold(inNestingOrder(placed.form)), made);
    if (area.container == 0) { // a margin below, too
        const int bottom = bottomOf(placed.form.controls.find(made.first())->place);
        for (Band &band : placed.form.bands) {
            band.height = band.role == area.band ? std::max(band.height, bottom + pitch) : band.height;
        }
    }
    placed.control = made.takeFirst();
    placed.others = made;
    return placed;
}

} // namespace

PlacedControl withActionsOfRow(const Form &form, const QList<ControlId> &row, const QStringList &actions,
                               const TextMeasure &measure)
{
    const Control *first = row.isEmpty() ? nullptr : form.controls.find(row.first());
    if (!first || actions.isEmpty()) {
        return {form, first ? first->id : 0, row.mid(1)};
    }
    const QRect place(first->place.topLeft(), QSize(0, first->place.height()));
    return withButtonRow(deleteControls(form, row), {QString(), "", actions}, areaOf(*first), place, measure);
}

namespace {

// The usual size of a kind; of buttons that of those which stand there already.
QSize sizeAmong(const Form &form, const Kind &kind, const Area &area)
{
    QSize size = kind.usualSize;
    for (const Control &control : form.controls) {
        if (kind.editor == Editor::Button && areaOf(control) == area &&
            kindNamed(control.kind).editor == Editor::Button) {
            size = control.place.size();
        }
    }
    return size;
}

} // namespace

PlacedControl withNewControl(const Form &form, const QString &kindName, const Area &wanted, const QRect &place,
                             const TextMeasure &measure)
{
    const Kind &kind = kindNamed(kindName);
    const Area area = areasOf(form).contains(wanted) ? wanted : Area();
    if (const ButtonRow *row = buttonRowNamed(kindName)) {
        return withButtonRow(form, *row, area, place, measure);
    }
    if (const auto opened = openedBy(kindName)) {
        PlacedControl placed = withNewControl(form, QStringLiteral("button"), wanted, place, measure);
        const int index = placed.form.controls.indexOf(placed.control);
        Control button = placed.form.controls.at(index);
        setButtonAction(button, buttonActionNamed(QStringLiteral("open-form")));
        button.settings.set(setting::Opens, opened->form);
        if (!opened->match.childColumns.isEmpty()) {
            setChildLink(button, opened->match);
        }
        button.text = opened->title;
        button.name = NamePool(controlNames(placed.form, button.id))
                          .take(kindNamed(button.kind).shortName + u'_' + identifierFromText(button.text));
        // No narrower than its words need.
        const int least =
            buttonWidthFor(measure.of(button)->width(button.text, TextRole::Button), std::max(1, form.grid.pitch));
        button.place.setWidth(std::max(button.place.width(), least));
        placed.form.controls.replace(index, button);
        placed.form = withWayMade(grownToHold(placed.form), {placed.control});
        return placed;
    }
    const int pitch = std::max(1, form.grid.pitch);
    const QPoint corner = roomOf(form, area).topLeft();
    QRect there(place.topLeft(), place.isEmpty() ? sizeAmong(form, kind, area) : place.size());
    if (kind.holds != Holds::Nothing) {
        const Grouped grouped = withEmptyContainer(form, kindName, area, there);
        return {grouped.form, grouped.container, {}};
    }
    NamePool names(controlNames(form));
    Control control;
    control.id = nextControlId(form);
    control.kind = kindName;
    control.name = names.take(kind.shortName);
    control.role = isCaption(control) ? QStringLiteral("caption") : QStringLiteral("field");
    standIn(control, area);
    const QString style = styleSharedIn(form, area);
    control.settings.set(setting::Style, style); // as all that stand there already have it
    Form result = form;
    if (isCaption(control)) {
        control.text = usualWords(kind);
        there.setWidth(captionWidth(control, measure));
    }
    if (kind.name == QLatin1String("total")) {
        setTotal(control, {TotalKind::Count, QString()});
    }
    if (kind.editor == Editor::Button) {
        control.role = QStringLiteral("button");
        control.text = buttonActionCaption(buttonActionOf(control));
    }
    std::optional<Control> caption;
    if (isJumpList(control)) {
        control.settings.set(setting::Prompt, Texts::tr("Go to…"));
    }
    const bool hasRows = kind.editor == Editor::Rows;
    if ((showsValue(control) && !isJumpList(control)) || hasRows) {
        caption.emplace();
        caption->id = control.id + 1;
        caption->kind = QStringLiteral("caption");
        caption->role = QStringLiteral("caption");
        caption->name = names.take(kindNamed(caption->kind).shortName);
        caption->text = usualWords(kind);
        caption->captionFor = control.id;
        caption->settings.set(setting::Style, style);
        caption->place =
            QRect(QPoint(), QSize(captionWidth(*caption, measure), kindNamed(caption->kind).usualSize.height()));
        standIn(*caption, area);
        setSitsAbove(*caption, hasRows); // rows take the whole width
    }
    // Inside the area, with room for its caption.
    const int captionRoom = caption && !hasRows ? caption->place.width() + CaptionGap : 0;
    there.moveLeft(
        std::max(there.x(), captionRoom == 0 ? corner.x() : onGridAtOrAfter(corner.x() + captionRoom, pitch)));
    there.moveTop(std::max(there.y(), corner.y() + (hasRows ? onGridAtOrAfter(caption->place.height(), pitch) : 0)));
    control.place = there;
    result.controls.append(isCaption(control) ? control : withRidesByPlace(result, control));
    if (caption) {
        caption->place = captionPlace(control.place, *caption);
        result.controls.append(withRidesByPlace(result, *caption));
    }
    return {withWayMade(grownToHold(inNestingOrder(result)), {control.id}), control.id, {}};
}

PlacedControl withNewPicture(const Form &form, const QByteArray &image, QSize size, const Area &area, QPoint at)
{
    const QRect room = roomOf(form, area);
    const int pitch = std::max(1, form.grid.pitch);
    QPoint corner(std::max(room.x(), onGrid(at.x(), pitch)), std::max(room.y(), onGrid(at.y(), pitch)));
    // A picture as high as its band is no use there: it gets as large as the band has room for, and at least a line.
    const QSize most(std::max(LeastSize, rightOf(room) - corner.x()),
                     std::max(24, bottomOf(room) - corner.y() - pitch));
    const QSize wanted =
        size.width() > most.width() || size.height() > most.height() ? size.scaled(most, Qt::KeepAspectRatio) : size;
    NamePool names(controlNames(form));
    Control picture;
    picture.id = nextControlId(form);
    picture.kind = QStringLiteral("picture");
    picture.role = QStringLiteral("field");
    picture.name = names.take(kindNamed(picture.kind).shortName);
    picture.place = QRect(corner, wanted.expandedTo(QSize(LeastSize, LeastSize)));
    picture.settings.set(setting::Image, {image, {}});
    standIn(picture, area);
    Form result = form;
    result.controls.append(picture);
    return {withWayMade(grownToHold(inNestingOrder(result)), {picture.id}), picture.id, {}};
}

namespace {

// Into how many columns so many things go in a place, so that each is nearly as wide for its height as usual. Full rows
// are better than such with a gap at the end.
int columnsIn(QSize place, int count, QSize usual)
{
    int best = 1;
    double least = std::numeric_limits<double>::max();
    for (int columns = 1; columns <= count; ++columns) {
        const int rows = (count + columns - 1) / columns;
        const double wide = static_cast<double>(place.width()) / columns;
        const double high = static_cast<double>(place.height()) / rows;
        const double off = std::abs(std::log(wide / std::max(1.0, high) * usual.height() / usual.width())) +
                           (rows * columns == count ? 0.0 : 0.5);
        if (off < least) {
            least = off;
            best = columns;
        }
    }
    return best;
}

} // namespace

PlacedControl withNewControls(const Form &form, const QString &kindName, int asked, const Area &area,
                              const QRect &place, const TextMeasure &measure)
{
    const int count = std::clamp(asked, 1, MostAtOnce);
    PlacedControl all{form, 0, {}};
    const int pitch = std::max(1, form.grid.pitch);
    const auto add = [&](const QRect &there) {
        const PlacedControl one = withNewControl(all.form, kindName, area, there, measure);
        all.form = one.form;
        (all.control == 0 ? all.control : all.others.emplaceBack()) = one.control;
        all.others += one.others;
        return one.control;
    };
    const Kind &kind = kindNamed(kindName);
    if (place.isEmpty() || count == 1) {
        const bool goesAcross = kind.editor == Editor::Button;
        QRect next = place;
        for (int i = 0; i < count; ++i) {
            const QRect made = all.form.controls.find(add(next))->place;
            next = QRect(goesAcross ? QPoint(rightOf(made) + pitch, made.y())
                                    : QPoint(made.x(), onGridAtOrAfter(bottomOf(made) + pitch, pitch)),
                         place.isEmpty() ? QSize() : place.size());
        }
        return all;
    }
    // What stands before, or above, a box is part of its cell.
    const PlacedControl first = withNewControl(form, kindName, area, place, measure);
    const Control *caption = captionOf(first.form, first.control);
    const int before = caption && !sitsAbove(*caption) ? caption->place.width() + CaptionGap : 0;
    const int above = caption && sitsAbove(*caption) ? onGridAtOrAfter(caption->place.height(), pitch) : 0;
    const int columns = columnsIn(place.size(), count, kind.usualSize + QSize(before, above));
    const int rows = (count + columns - 1) / columns;
    const auto span = [&](int from, int length, int i, int of) {
        const int room = length - (of - 1) * pitch;
        const int start = from + room * i / of + i * pitch;
        return std::pair(start, from + room * (i + 1) / of + i * pitch - start);
    };
    for (int i = 0; i < count; ++i) {
        const auto [x, width] = span(place.x(), place.width(), i % columns, columns);
        const auto [y, height] = span(place.y(), place.height(), i / columns, rows);
        add(QRect(x + before, y + above, std::max(LeastSize, width - before), std::max(LeastSize, height - above)));
    }
    return all;
}

PlacedControl withNewControlBelow(const Form &form, const QString &kind, const Area &area, const TextMeasure &measure)
{
    const int pitch = std::max(1, form.grid.pitch);
    const QPoint corner = roomOf(form, area).topLeft();
    const QList<Arranged> there = arrangedIn(form, area);
    QPoint at(corner.x() + (area.container == 0 ? 2 * pitch : 0), corner.y() + (area.container == 0 ? pitch : 0));
    int lowest = 0;
    for (const Arranged &item : there) {
        if (bottomOf(item.whole) > lowest) {
            lowest = bottomOf(item.whole);
            at = QPoint(item.place.x(), onGridAtOrAfter(lowest + std::max(pitch, usualRowGap(there, pitch)), pitch));
        }
    }
    // Buttons go on in the row of buttons that stands lowest, as long as it has room.
    if ((kindNamed(kind).editor == Editor::Button || openedBy(kind)) && !there.isEmpty()) {
        const QList<FieldRow> rows = fieldRows(there);
        const QList<int> &row = rows.last().members;
        const bool areButtons = std::all_of(row.begin(), row.end(), [&](int i) {
            return kindNamed(form.controls.find(there.at(i).control)->kind).editor == Editor::Button;
        });
        if (areButtons) {
            const QRect last = there.at(row.last()).place;
            const int gap =
                row.size() > 1 ? std::max(0, last.x() - rightOf(there.at(row.at(row.size() - 2)).place)) : pitch;
            const QRect next(QPoint(rightOf(last) + gap, last.y()), last.size());
            if (rightOf(next) <= rightOf(roomOf(form, area))) {
                return withNewControl(form, kind, area, next, measure);
            }
        }
    }
    return withNewControl(form, kind, area, QRect(at, QSize()), measure);
}

QStringList kindsFor(const Control &control, std::optional<ColumnType> type)
{
    const Kind &own = kindNamed(control.kind);
    QStringList names;
    for (const Kind &kind : kinds()) {
        const bool isOwn = kind.name == own.name;
        const bool isLikeContainer = own.holds == Holds::Controls && kind.holds == own.holds;
        const bool isLike = takesValue(own) && takesValue(kind) && (!type || kind.binds.contains(*type));
        // Options stand on the form; those of a lookup are too many for that.
        const bool isTooMany = kind.editor == Editor::Options && lookupOf(control).has_value();
        if (isOwn || isLikeContainer || (isLike && !isTooMany)) {
            names.append(kind.name);
        }
    }
    return names;
}

Form withKind(const Form &form, const QList<ControlId> &controls, const QString &kindName)
{
    const Kind &kind = kindNamed(kindName);
    Form result = form;
    for (const ControlId id : controls) {
        const int index = result.controls.indexOf(id);
        if (index < 0 || result.controls.at(index).kind == kindName) {
            continue;
        }
        Control control = result.controls.at(index);
        // The kind in a name that nobody gave follows the kind.
        const QString was = kindNamed(control.kind).shortName;
        const QString rest = control.name.mid(was.size());
        const QString column = identifierFromText(control.column);
        const bool isByColumn = !control.column.isEmpty() && rest.startsWith(u'_') && rest.mid(1).startsWith(column);
        if (control.name.startsWith(was) && was != kind.shortName && (hasNameOfItsKind(control) || isByColumn)) {
            control.name = NamePool(controlNames(result, id)).take(kind.shortName + rest);
        }
        const bool wasLower = kind.holds == Holds::Nothing && control.place.height() < kind.usualSize.height();
        control.kind = kindName;
        if (!kind.settings.contains(&setting::Choosing)) {
            control.settings.removeAll(SettingPart::Choices);
        }
        // A kind that needs more height gets it; none gets lower than it was made.
        if (wasLower) {
            control.place.setHeight(kind.usualSize.height());
        }
        result.controls.replace(index, control);
    }
    return withWayMade(grownToHold(result), controls);
}

} // namespace nabblet
