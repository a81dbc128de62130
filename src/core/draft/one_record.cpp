// Columnar and stacked forms: one record at a time, in columns of boxes.
#include "core/draft/box_sizes.h"
#include "core/draft/column_order.h"
#include "core/draft/maker.h"
#include "core/draft/sections.h"
#include "core/kinds/holders/tab_pages.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int WidestAligned = 480;   // px, of several boxes side by side under others of their kind
constexpr int WidestRow = 376;       // px, of several boxes side by side, from the rail on
constexpr int MostRowsInOne = 8;     // more rows than that make two columns of boxes
constexpr int MostRowsInTwo = 36;    // and more than that, three
constexpr int HighestOfGroups = 800; // px, of group boxes under one another; more stand on pages
constexpr int WideChildren = 560;    // px; above rows that wide, two columns of boxes leave less empty space

// The pieces in blocks of what belongs together. A row that would get too wide is broken.
QList<PieceBlock> blocksOf(const Maker &maker, const QList<Piece> &pieces)
{
    QHash<QString, const Piece *> byColumn;
    QStringList names;
    for (const Piece &piece : pieces) {
        byColumn.insert(piece.key, &piece);
        names.append(piece.key);
    }
    QList<PieceBlock> blocks;
    for (const ColumnGroup &group : grouped(maker.table, names)) {
        PieceBlock block;
        for (const ColumnRow &row : group.rows) {
            PieceRow line;
            for (const QString &name : row.columns) {
                line.append(*byColumn.value(name));
                int end = 0;
                maker.startsOf(line, 0, &end);
                if (line.size() > 1 && end > WidestRow) {
                    const Piece last = line.takeLast();
                    block.append(line);
                    line = {last};
                }
            }
            block.append(line);
        }
        blocks.append(block);
    }
    return blocks;
}

// Cuts blocks into columns, in their order, so that the tallest column is as low as can be; none is cut in two.
QList<QList<PieceRow>> inColumns(const Maker &maker, const QList<PieceBlock> &blocks, int columns)
{
    const int between = maker.rowGap() + maker.captionLine();
    const auto heightOf = [&](const QList<PieceRow> &rows) {
        int height = 0;
        for (const PieceRow &row : rows) {
            height += rowHeight(row) + between;
        }
        return height;
    };
    // The least height with which so many columns hold all blocks, found by halving.
    int low = 1;
    int high = 1;
    for (const PieceBlock &block : blocks) {
        low = std::max(low, heightOf(block));
        high += heightOf(block);
    }
    const auto columnsAt = [&](int limit) {
        int used = 1;
        int height = 0;
        for (const PieceBlock &block : blocks) {
            if (height > 0 && height + heightOf(block) > limit) {
                ++used;
                height = 0;
            }
            height += heightOf(block);
        }
        return used;
    };
    while (low < high) {
        const int middle = (low + high) / 2;
        if (columnsAt(middle) <= columns) {
            high = middle;
        } else {
            low = middle + 1;
        }
    }
    QList<QList<PieceRow>> result{QList<PieceRow>()};
    for (const PieceBlock &block : blocks) {
        if (!result.last().isEmpty() && heightOf(result.last()) + heightOf(block) > low) {
            result.append(QList<PieceRow>());
        }
        result.last() += block;
    }
    return result;
}

// Evens the widths of boxes that stand under one another alone in their rows.
void evenWidths(const Maker &maker, QList<PieceRow> &column)
{
    QList<qsizetype> lines;
    QList<int> widths;
    for (qsizetype i = 0; i < column.size(); ++i) {
        const Editor editor = kindNamed(column.at(i).first().field.kind).editor;
        if (column.at(i).size() == 1 && !column.at(i).first().isSized && editor != Editor::Tick &&
            editor != Editor::Options) {
            lines.append(i);
            widths.append(column.at(i).first().size.width());
        }
    }
    QList<int> even = evenedWidths(widths);
    if (maker.plan.widths == BoxWidths::AllTheSame && !widths.isEmpty()) {
        even.fill(*std::max_element(widths.begin(), widths.end()));
    }
    for (qsizetype i = 0; i < lines.size(); ++i) {
        column[lines.at(i)].first().size.setWidth(even.at(i));
    }
}

// Breaks a column's rows of several boxes until the second boxes can stand under one another without the column
// getting too wide; the row that asks for the most room goes first.
int alignSeconds(const Maker &maker, QList<PieceRow> &column, int rail)
{
    for (;;) {
        int second = 0;
        int end = rail;
        qsizetype widest = -1;
        for (qsizetype i = 0; i < column.size(); ++i) {
            int rowEnd = 0;
            const QList<int> starts = maker.startsOf(column.at(i), rail, &rowEnd);
            if (starts.size() > 1 && starts.at(1) > second) {
                second = starts.at(1);
                widest = i;
            }
        }
        for (const PieceRow &row : std::as_const(column)) {
            int rowEnd = 0;
            maker.startsOf(row, rail, &rowEnd, second);
            end = row.size() > 1 ? std::max(end, rowEnd) : end;
        }
        if (widest < 0 || end - rail <= WidestAligned) {
            return second;
        }
        const PieceRow row = column.takeAt(widest);
        for (qsizetype i = 0; i < row.size(); ++i) {
            column.insert(widest + i, PieceRow{row.at(i)});
        }
    }
}

// Where the columns of boxes stand.
struct Columns
{
    int end = 0;        // px, of the last one
    QList<int> seconds; // px, where second boxes of a row start, a column; 0 where there are none
};

// Makes a rail for each column of boxes, clear of its longest caption, and evens the widths of its boxes. start: where
// the first caption may begin.
Columns placeRails(Maker &maker, QList<QList<PieceRow>> &boxes, const QList<Piece> &wide, int start)
{
    maker.form.rails.clear();
    Columns columns;
    int x = start;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        evenWidths(maker, boxes[i]);
        Rail rail;
        rail.id = FixedRail::FirstFree + static_cast<int>(i);
        const QString name = maker.hasCaptionsAbove() ? QStringLiteral("boxes") : QStringLiteral("captions");
        rail.name = i == 0 ? name : name + u' ' + QString::number(i + 1);
        rail.position = maker.snapped(x);
        if (!maker.hasCaptionsAbove()) {
            int longest = 0;
            for (const PieceRow &row : boxes.at(i)) {
                longest = std::max(longest, row.first().captionWidth);
            }
            for (const Piece &piece : i == 0 ? wide : QList<Piece>()) {
                longest = std::max(longest, piece.captionWidth);
            }
            rail.isAutomatic = true;
            rail.captionsFrom = x;
            rail.position = maker.snapped(x + longest + CaptionGap);
        }
        maker.form.rails.append(rail);
        const int second = alignSeconds(maker, boxes[i], rail.position);
        columns.seconds.append(second);
        int right = rail.position + LeastBoxWidth;
        for (const PieceRow &row : boxes.at(i)) {
            int end = 0;
            maker.startsOf(row, rail.position, &end, second);
            right = std::max(right, end);
        }
        x = maker.snapped(right) + DraftColumnGap;
    }
    columns.end = x - DraftColumnGap;
    return columns;
}

// A part of the form with its fields in blocks.
struct Part
{
    QString title;
    QList<PieceBlock> blocks;
};

// The parts of the form, in its order; one without a title where it is not parted.
QList<Part> partsOf(const Maker &maker, QList<Piece> &narrow, qsizetype fields)
{
    const bool isMany = fields > MostInOneRun;
    const bool isParted = maker.plan.sections == Sections::AsSuits ? isMany : maker.plan.sections != Sections::None;
    QStringList columns;
    for (const Piece &piece : std::as_const(narrow)) {
        columns.append(piece.key);
    }
    const QList<Section> sections = isParted && !maker.isInside ? sectionsOf(maker.table, columns) : QList<Section>();
    if (sections.size() < 2) {
        return {{QString(), blocksOf(maker, narrow)}};
    }
    QList<Part> parts;
    for (qsizetype i = 0; i < sections.size(); ++i) {
        QList<Piece> own;
        for (Piece &piece : narrow) {
            if (sections.at(i).columns.contains(piece.key)) {
                piece.section = static_cast<int>(i);
                own.append(piece);
            }
        }
        parts.append({sections.at(i).title, blocksOf(maker, own)});
    }
    return parts;
}

// The rows of all parts, column by column: each part fills the columns evenly for itself, so that all share the rails.
QList<QList<PieceRow>> columnsOf(const Maker &maker, const QList<Part> &parts, int columns)
{
    QList<QList<PieceRow>> all;
    for (const Part &part : parts) {
        const QList<QList<PieceRow>> own = inColumns(maker, part.blocks, columns);
        for (qsizetype i = 0; i < own.size(); ++i) {
            if (i == all.size()) {
                all.append(QList<PieceRow>());
            }
            all[i] += own.at(i);
        }
    }
    return all;
}

// Places the rows of one part from y on; where the last one ends.
int placePart(Maker &maker, const QList<QList<PieceRow>> &boxes, const Columns &placed, int section, int top)
{
    const int gap = maker.rowGap();
    int lowest = top;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        const Rail rail = maker.form.rails.at(i);
        int y = top;
        for (const PieceRow &row : boxes.at(i)) {
            if (row.first().section != section) {
                continue;
            }
            int rowEnd = 0;
            const QList<int> starts = maker.startsOf(row, rail.position, &rowEnd, placed.seconds.at(i));
            for (qsizetype j = 0; j < row.size(); ++j) {
                maker.placeField(row.at(j), j == 0 ? rail.id : FixedRail::None, starts.at(j), y, row.at(j).size.width(),
                                 false);
            }
            y += maker.captionLine() + rowHeight(row) + gap;
        }
        lowest = std::max(lowest, y);
    }
    return lowest - (lowest > top ? gap : 0);
}

// A box or a set of pages across the form, without its height yet.
ControlId placeHolder(Maker &maker, const char *kind, const QString &title, const QList<Page> &pages, int top)
{
    Control holder;
    holder.kind = QString::fromLatin1(kind);
    holder.role = QStringLiteral("heading");
    holder.name = title.isEmpty() ? QStringLiteral("parts") : identifierFromText(title);
    holder.text = title;
    holder.rides.left = FixedRail::FormLeft;
    holder.rides.right = FixedRail::FormRight;
    if (!pages.isEmpty()) {
        setPages(holder, pages);
    }
    return maker.place(holder, QRect(DraftMargin, top, maker.form.width - 2 * DraftMargin, 2 * DraftLine));
}

void setHeight(Maker &maker, ControlId id, int height)
{
    Control control = *maker.form.controls.find(id);
    control.place.setHeight(height);
    maker.form.controls.replace(maker.form.controls.indexOf(id), control);
}

// All parts under one another: the first as it is, the others each in a group box, or on a page of one set. Where the
// last ends.
int placeParts(Maker &maker, const QList<Part> &parts, const QList<QList<PieceRow>> &boxes, const Columns &placed,
               bool isOnPages)
{
    const int gap = maker.rowGap();
    int y = DraftMargin;
    ControlId pages = 0;
    int pagesTop = 0;
    int pagesEnd = 0;
    for (qsizetype i = 0; i < parts.size(); ++i) {
        const int section = static_cast<int>(i);
        const QString &title = parts.at(i).title;
        if (title.isEmpty()) {
            y = placePart(maker, boxes, placed, section, y) + gap;
            continue;
        }
        if (isOnPages) {
            if (pages == 0) {
                QList<Page> all;
                for (qsizetype j = i; j < parts.size(); ++j) {
                    all.append({static_cast<int>(j - i) + 1, parts.at(j).title});
                }
                pages = placeHolder(maker, "tab-pages", QString(), all, y);
                pagesTop = y;
                maker.into = {BandRole::Body, pages, 0};
            }
            ++maker.into.page;
            const Control holder = *maker.form.controls.find(pages);
            const int top = maker.snapped(pagesTop + insetsOf(holder, maker.into.page).top);
            pagesEnd = std::max(pagesEnd, placePart(maker, boxes, placed, section, top));
            continue;
        }
        const ControlId group = placeHolder(maker, "group-box", title, {}, y);
        const Control holder = *maker.form.controls.find(group);
        const Insets insets = insetsOf(holder);
        maker.into = {BandRole::Body, group, 0};
        const int end = placePart(maker, boxes, placed, section, maker.snapped(y + insets.top));
        maker.into = {};
        const int height = maker.snapped(end + insets.bottom - y);
        setHeight(maker, group, height);
        y += height + gap;
    }
    if (pages != 0) {
        maker.into = {};
        const Control holder = *maker.form.controls.find(pages);
        const int height = maker.snapped(pagesEnd + insetsOf(holder, 1).bottom - pagesTop);
        setHeight(maker, pages, height);
        y = pagesTop + height + gap;
    }
    return y;
}

// About how high the parts are under one another, px.
int heightOf(const Maker &maker, const QList<Part> &parts, const QList<QList<PieceRow>> &boxes)
{
    int all = 0;
    for (qsizetype section = 0; section < parts.size(); ++section) {
        int highest = 0;
        for (const QList<PieceRow> &column : boxes) {
            int height = 0;
            for (const PieceRow &row : column) {
                const bool isOfIt = row.first().section == section;
                height += isOfIt ? maker.captionLine() + rowHeight(row) + maker.rowGap() : 0;
            }
            highest = std::max(highest, height);
        }
        constexpr int Heading = 40;
        all += highest + Heading;
    }
    return all;
}

} // namespace

void layOutOneRecord(Maker &maker, const QList<Piece> &pieces, int leastWidth)
{
    Form &form = maker.form;
    const DraftPlan &plan = maker.plan;
    QList<Piece> narrow = pieces;
    const auto firstWide =
        std::stable_partition(narrow.begin(), narrow.end(), [](const Piece &piece) { return !isWide(piece.field); });
    QList<Piece> wide(firstWide, narrow.end());
    narrow.erase(firstWide, narrow.end());
    // Pictures before long text: the long text then closes the form at its full width.
    std::stable_partition(wide.begin(), wide.end(),
                          [](const Piece &piece) { return kindNamed(piece.field.kind).editor == Editor::Image; });

    const QList<Part> parts = partsOf(maker, narrow, pieces.size());
    qsizetype rows = 0;
    for (const Part &part : parts) {
        for (const PieceBlock &block : part.blocks) {
            rows += block.size();
        }
    }
    // Boxes inside group boxes and pages stand clear of their edges.
    constexpr int InsideEdges = 8;
    const int start = parts.size() > 1 ? DraftMargin + InsideEdges : DraftMargin;
    // As many columns as suit the number of rows, and no more than fit; what is asked for is given.
    int columns = std::min(plan.columnsOfBoxes, 4);
    if (columns <= 0) {
        const bool isBroad = leastWidth > WideChildren;
        columns = rows > MostRowsInTwo ? 3 : rows > MostRowsInOne || isBroad ? 2 : 1;
    }
    QList<QList<PieceRow>> boxes = columnsOf(maker, parts, columns);
    Columns placed = placeRails(maker, boxes, wide, start);
    while (plan.columnsOfBoxes <= 0 && columns > 1 && placed.end + start > WidestDraft) {
        boxes = columnsOf(maker, parts, --columns);
        placed = placeRails(maker, boxes, wide, start);
    }
    int widest = form.rails.first().position + (wide.isEmpty() ? 0 : MostBoxWidth);
    for (const Piece &piece : wide) {
        widest = std::max(widest, form.rails.first().position + (piece.isSized ? piece.size.width() : 0));
    }
    form.width = maker.snapped(std::max({placed.end, widest, 320})) + start;

    maker.placeTitle();
    const int gap = maker.rowGap();
    // Parts that together are higher than a screen stand on pages.
    const bool isOnPages = plan.sections == Sections::Pages ||
                           (plan.sections == Sections::AsSuits && heightOf(maker, parts, boxes) > HighestOfGroups);
    int lowest = placeParts(maker, parts, boxes, placed, isOnPages);
    for (const Piece &piece : wide) {
        const bool stretches = kindNamed(piece.field.kind).editor == Editor::LongText && !piece.isSized;
        const Rail rail = form.rails.first();
        const int width = stretches ? form.width - DraftMargin - rail.position : piece.size.width();
        maker.placeField(piece, rail.id, rail.position, lowest, width, stretches);
        lowest += maker.captionLine() + piece.size.height() + gap;
    }

    form.bands.append(Band{BandRole::Body, maker.snapped(std::max(lowest - gap, DraftMargin) + DraftMargin), {}});
}

} // namespace nabblet
