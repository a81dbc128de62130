#include "core/draft/maker.h"

#include "core/arrange/rails.h"
#include "core/draft/box_sizes.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/lookup.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr QSize LinePicture(48, DraftLine); // of a picture in a row of a tabular form
constexpr int LineText = 200;               // px, the width of a long text in a row

// The sizes of boxes in rows of one line.
QSize lineSize(const Control &field, QSize size)
{
    switch (kindNamed(field.kind).editor) {
    case Editor::Image:
        return LinePicture;
    case Editor::LongText:
        return {LineText, DraftLine};
    default:
        return {size.width(), DraftLine};
    }
}

} // namespace

bool isWide(const Control &field)
{
    const Editor editor = kindNamed(field.kind).editor;
    return editor == Editor::LongText || editor == Editor::Image;
}

bool isNumber(const Control &field)
{
    return field.kind == QLatin1String("whole-number") || field.kind == QLatin1String("decimal-number");
}

int rowHeight(const PieceRow &row)
{
    int height = 0;
    for (const Piece &piece : row) {
        height = std::max(height, piece.size.height());
    }
    return height;
}

int Maker::rowGap() const
{
    const int more = snapped(measure.boxSpacing());
    switch (plan.spacing) {
    case Spacing::Tight:
        return 4 + more;
    case Spacing::Comfortable:
        break;
    case Spacing::Roomy:
        return 16 + more;
    }
    return 8 + more;
}

bool Maker::hasCaptionsAbove() const
{
    return plan.arrangement == Arrangement::Stacked ||
           (plan.arrangement == Arrangement::Tabular && plan.repeatsCaptions);
}

int Maker::captionLine() const
{
    return hasCaptionsAbove() ? snapped(measure.lineHeight(TextRole::Caption) + 2) : 0;
}

ControlId Maker::place(Control control, const QRect &where)
{
    const Kind &kind = kindNamed(control.kind);
    control.id = ++lastId;
    control.place = where;
    if (into.container != 0) {
        standIn(control, into);
    }
    const QString base = control.name.isEmpty() ? control.column : control.name;
    control.name = names.take(nameFromPattern(plan.namingPattern, kind.shortName, base));
    form.controls.append(control);
    return control.id;
}

void Maker::placeTitle()
{
    if (isInside) {
        return;
    }
    Control title;
    title.kind = QStringLiteral("caption");
    title.role = QStringLiteral("title");
    title.name = QStringLiteral("title");
    title.text = form.title;
    title.band = BandRole::Header;
    if (!title.text.isEmpty()) {
        place(title, QRect(DraftMargin, 8, captionWidth(title, measure), 40));
    }
    form.bands.append(Band{BandRole::Header, DraftTitleHeight, {}});
}

void Maker::placeField(const Piece &piece, RailId rail, int x, int y, int width, bool stretches)
{
    Control field = piece.field;
    field.rides.left = rail;
    field.rides.right = stretches ? FixedRail::FormRight : FixedRail::None;
    const ControlId id = place(field, QRect(x, y + captionLine(), width, piece.size.height()));

    Control caption;
    caption.kind = QStringLiteral("caption");
    caption.role = QStringLiteral("caption");
    caption.name = field.name.isEmpty() ? field.column : field.name;
    caption.text = piece.caption;
    caption.captionFor = id;
    if (hasCaptionsAbove()) {
        caption.rides.left = rail;
        setSitsAbove(caption, true);
        place(caption, QRect(x, y, piece.captionWidth, captionLine()));
    } else {
        caption.rides.right = rail;
        place(caption, QRect(x - CaptionGap - piece.captionWidth, y, piece.captionWidth, DraftLine));
    }
}

QList<int> Maker::startsOf(const PieceRow &row, int x, int *end, int leastSecond) const
{
    QList<int> starts;
    for (const Piece &piece : row) {
        if (!starts.isEmpty()) {
            x = hasCaptionsAbove() ? snapped(x + DraftInlineGap)
                                   : snapped(x + DraftInlineGap + piece.captionWidth + CaptionGap);
        }
        x = starts.size() == 1 ? std::max(x, leastSecond) : x;
        starts.append(x);
        x += hasCaptionsAbove() ? std::max(piece.size.width(), piece.captionWidth) : piece.size.width();
    }
    *end = x;
    return starts;
}

QList<Piece> piecesOf(const Maker &maker)
{
    QHash<QString, const Column *> columns;
    for (const Column &column : maker.table.columns) {
        columns.insert(column.name, &column);
    }
    const bool isTabular = maker.plan.arrangement == Arrangement::Tabular;
    QList<Piece> pieces;
    const int character = usualCharacter(maker.measure);
    for (const PlannedColumn &planned : maker.plan.columns) {
        if (!planned.isTaken) {
            continue;
        }
        Piece piece;
        piece.caption = planned.caption;
        piece.captionWidth = maker.measure.width(piece.caption, TextRole::Caption) + 1;
        piece.key = planned.column;
        if (planned.through.isEmpty()) {
            const Column *column = columns.value(planned.column);
            if (!column) {
                continue;
            }
            const ColumnProfile *profile = nullptr;
            if (maker.profile && maker.plan.widths != BoxWidths::ByLength) {
                const auto found = maker.profile->columns.constFind(planned.column);
                profile = found == maker.profile->columns.constEnd() ? nullptr : &*found;
            }
            // Options side by side are too wide for a row of one line.
            const bool isTooWide = isTabular && kindNamed(planned.kind).editor == Editor::Options;
            piece.field = draftField(maker.catalogue, maker.table, *column,
                                     isTooWide ? QStringLiteral("drop-down") : planned.kind, profile);
            const ColumnProfile *shown = profile;
            if (profile && lookupOf(piece.field)) {
                const auto words = maker.profile->lookupWords.constFind(planned.column);
                shown = words == maker.profile->lookupWords.constEnd() ? nullptr : &*words;
            }
            piece.size = draftSize(maker.catalogue, *column, piece.field, shown, maker.measure, character);
        } else {
            const std::optional<Control> field = draftFollowed(maker.catalogue, maker.table, planned);
            const std::optional<Followed> followed = field ? followedBy(*field) : std::nullopt;
            const Table *other = followed ? findTable(maker.catalogue, followed->table) : nullptr;
            const Column *column = other ? findColumn(*other, planned.column) : nullptr;
            if (!column) {
                continue;
            }
            piece.key = planned.through + u'\n' + planned.column;
            piece.field = *field;
            const ColumnProfile *profile = nullptr;
            const auto known = maker.profiles.constFind(other->name);
            if (known != maker.profiles.constEnd() && maker.plan.widths != BoxWidths::ByLength) {
                const auto found = known->columns.constFind(planned.column);
                profile = found == known->columns.constEnd() ? nullptr : &*found;
            }
            piece.size = draftSize(maker.catalogue, *column, piece.field, profile, maker.measure, character);
        }
        if (isTabular) {
            piece.size = lineSize(piece.field, piece.size);
        }
        if (planned.width > 0) {
            piece.size.setWidth(std::clamp(maker.snapped(planned.width), LeastPlannedWidth, MostPlannedWidth));
            piece.isSized = true;
        }
        piece.size.setHeight(onGridAtOrAfter(piece.size.height(), maker.pitch));
        pieces.append(piece);
    }
    return pieces;
}

} // namespace nabblet
