// Columnar and stacked forms: one record at a time, in columns of boxes.
#include "core/draft/box_sizes.h"
#include "core/draft/column_order.h"
#include "core/draft/maker.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int WidestAligned = 480; // px, of several boxes side by side under others of their kind
constexpr int WidestRow = 376;     // px, of several boxes side by side, from the rail on
constexpr int MostRowsInOne = 8;   // more rows than that make two columns of boxes
constexpr int MostRowsInTwo = 36;  // and more than that, three
constexpr int WideChildren = 560;  // px; above rows that wide, two columns of boxes leave less empty space

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
    const int between = rowGap(maker.plan.spacing) + maker.captionLine();
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
        if (column.at(i).size() == 1 && editor != Editor::Tick && editor != Editor::Options) {
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

// Makes a rail for each column of boxes, clear of its longest caption, and evens the widths of its boxes.
Columns placeRails(Maker &maker, QList<QList<PieceRow>> &boxes, const QList<Piece> &wide)
{
    maker.form.rails.clear();
    Columns columns;
    int x = DraftMargin;
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

    const QList<PieceBlock> blocks = blocksOf(maker, narrow);
    qsizetype rows = 0;
    for (const PieceBlock &block : blocks) {
        rows += block.size();
    }
    // As many columns as suit the number of rows, and no more than fit; what is asked for is given.
    int columns = std::min(plan.columnsOfBoxes, 4);
    if (columns <= 0) {
        const bool isBroad = leastWidth > WideChildren;
        columns = rows > MostRowsInTwo ? 3 : rows > MostRowsInOne || isBroad ? 2 : 1;
    }
    QList<QList<PieceRow>> boxes = inColumns(maker, blocks, columns);
    Columns placed = placeRails(maker, boxes, wide);
    while (plan.columnsOfBoxes <= 0 && columns > 1 && placed.end + DraftMargin > WidestDraft) {
        boxes = inColumns(maker, blocks, --columns);
        placed = placeRails(maker, boxes, wide);
    }
    const int widest = form.rails.first().position + (wide.isEmpty() ? 0 : MostBoxWidth);
    form.width = maker.snapped(std::max({placed.end, widest, 320})) + DraftMargin;

    maker.placeTitle();
    const int gap = rowGap(plan.spacing);
    int lowest = DraftMargin;
    for (qsizetype i = 0; i < boxes.size(); ++i) {
        const Rail &rail = form.rails.at(i);
        int y = DraftMargin;
        for (const PieceRow &row : boxes.at(i)) {
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
    for (const Piece &piece : wide) {
        const bool stretches = kindNamed(piece.field.kind).editor == Editor::LongText;
        const Rail &rail = form.rails.first();
        const int width = stretches ? form.width - DraftMargin - rail.position : piece.size.width();
        maker.placeField(piece, rail.id, rail.position, lowest, width, stretches);
        lowest += maker.captionLine() + piece.size.height() + gap;
    }

    form.bands.append(Band{BandRole::Body, maker.snapped(std::max(lowest - gap, DraftMargin) + DraftMargin), {}});
}

} // namespace nabblet
