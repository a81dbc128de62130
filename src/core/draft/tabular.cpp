// Tabular forms: many records under one another, one line each; captions stand once as heads over their boxes.
#include "core/arrange/rails.h"
#include "core/draft/box_sizes.h"
#include "core/draft/field_kinds.h"
#include "core/draft/maker.h"
#include "core/kinds/settings/caption_side.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/total.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

constexpr int HeadInset = 8; // px between a box's edge and its head, so that heads stand over the words in the boxes
constexpr int WidestInside = 768; // px; rows inside another form, so that it fits most screens
constexpr int FinePitch = 4;      // px; rows of one line stand closer than the usual grid

// The space between boxes, across and down, px; 0: they abut.
int boxGap(Spacing spacing)
{
    switch (spacing) {
    case Spacing::Tight:
        return 0;
    case Spacing::Comfortable:
        return 4;
    case Spacing::Roomy:
        return 8;
    }
    return 4;
}

// Whether more room serves a box: words of any length may stand in it.
bool isFreeText(const Control &field)
{
    static const QStringList kinds{QStringLiteral("text-box"), QStringLiteral("long-text"), QStringLiteral("link")};
    return kinds.contains(field.kind);
}

// Cuts the fields into lines no wider than that, px; mostly one.
QList<QList<Piece>> linesOf(const QList<Piece> &pieces, int gap, int widest)
{
    QList<QList<Piece>> lines{QList<Piece>()};
    int x = DraftMargin;
    for (const Piece &piece : pieces) {
        const int width = piece.size.width();
        if (!lines.last().isEmpty() && x + width + DraftMargin > widest) {
            lines.append(QList<Piece>());
            x = DraftMargin;
        }
        lines.last().append(piece);
        x += width + gap;
    }
    return lines;
}

// The rails of one line: where each box starts, and one where the last box ends. Those right of the widest text hold to
// the right, so that it takes the room of a wider window.
QList<RailId> placeRails(Maker &maker, const QList<Piece> &line, int gap, NamePool &railNames)
{
    qsizetype widest = -1;
    for (qsizetype i = 0; i < line.size(); ++i) {
        const bool isText = isFreeText(line.at(i).field);
        if (isText && (widest < 0 || line.at(i).size.width() > line.at(widest).size.width())) {
            widest = i;
        }
    }
    QList<RailId> rails;
    int x = DraftMargin;
    for (qsizetype i = 0; i <= line.size(); ++i) {
        Rail rail;
        rail.id = FixedRail::FirstFree + static_cast<int>(maker.form.rails.size());
        const bool isEnd = i == line.size();
        const QString base = isEnd ? QStringLiteral("end of row") : identifierFromText(line.at(i).key);
        rail.name = railNames.take(base);
        rail.position = isEnd ? x - gap : x;
        rail.hold = widest >= 0 && i > widest ? Hold::End : Hold::Start;
        maker.form.rails.append(rail);
        rails.append(rail.id);
        x += isEnd ? 0 : line.at(i).size.width() + gap;
    }
    return rails;
}

} // namespace

void layOutTabular(Maker &maker, const QList<Piece> &planned)
{
    Form &form = maker.form;
    form.grid.pitch = maker.pitch = FinePitch;
    form.rowsShown = std::max(1, maker.plan.rowsShown);
    const int gap = boxGap(maker.plan.spacing);
    const bool repeats = maker.plan.repeatsCaptions;

    QList<Piece> pieces = planned;
    int widest = 0;
    for (Piece &piece : pieces) {
        // A head is never cut, so a box is at least as wide as its caption.
        const int width = maker.snapped(std::max(piece.size.width(), piece.captionWidth + 2 * HeadInset));
        piece.size.setWidth(width);
        widest = piece.isSized ? widest : std::max(widest, width);
    }
    if (maker.plan.widths == BoxWidths::AllTheSame) {
        for (Piece &piece : pieces) {
            piece.size.setWidth(piece.isSized ? piece.size.width() : widest);
        }
    }
    const QList<QList<Piece>> lines = linesOf(pieces, gap, maker.isInside ? WidestInside : WidestDraft);
    // A list of one column under a heading of the same words needs no head.
    const bool hasHeads = !(maker.isInside && pieces.size() == 1 && pieces.first().caption == form.title);
    maker.placeTitle();
    const int headsTop = form.bands.isEmpty() ? 0 : form.bands.first().height;

    const int lineHeight = maker.captionLine() + DraftLine + gap;
    // Records of several lines keep farther apart than the lines of one.
    const int more = maker.snapped(maker.measure.rowSpacing()); // as the look has it
    const int apart = (lines.size() > 1 ? gap + 2 * FinePitch : gap) + more;
    int width = 320;
    NamePool railNames;
    for (qsizetype n = 0; n < lines.size(); ++n) {
        const QList<Piece> &line = lines.at(n);
        const QList<RailId> rails = placeRails(maker, line, gap, railNames);
        const int y = (apart > 0 ? FinePitch : 0) + more / 2 + static_cast<int>(n) * lineHeight;
        for (qsizetype i = 0; i < line.size(); ++i) {
            const Piece &piece = line.at(i);
            Control field = piece.field;
            field.rides.left = rails.at(i);
            field.rides.right = rails.at(i + 1);
            const int x = findRail(form, rails.at(i))->position;
            const ControlId id = maker.place(field, QRect(x, y + maker.captionLine(), piece.size.width(), DraftLine));
            if (!hasHeads) {
                continue;
            }
            Control head;
            head.kind = QStringLiteral("caption");
            head.role = QStringLiteral("caption");
            head.name = field.name.isEmpty() ? field.column : field.name;
            head.text = piece.caption;
            head.captionFor = id;
            head.band = repeats ? BandRole::Body : BandRole::Header;
            const int top = repeats ? y : headsTop + static_cast<int>(n) * DraftLine;
            const int height = repeats ? maker.captionLine() : DraftLine;
            if (isNumber(field)) {
                // Over its figures, which end at the right.
                head.rides.right = rails.at(i + 1);
                maker.place(head, QRect(x + piece.size.width() - HeadInset - piece.captionWidth, top,
                                        piece.captionWidth, height));
            } else {
                head.rides.left = rails.at(i);
                setSitsAbove(head, true);
                const bool isTick = kindNamed(field.kind).editor == Editor::Tick;
                maker.place(head, QRect(x + (isTick ? 0 : HeadInset), top, piece.captionWidth, height));
            }
        }
        width = std::max(width, findRail(form, rails.last())->position + DraftMargin);
    }
    form.width = maker.snapped(width);
    if (!repeats && hasHeads) {
        const int heads = static_cast<int>(lines.size()) * DraftLine;
        if (form.bands.isEmpty()) {
            form.bands.append(Band{BandRole::Header, heads, {}});
        } else {
            form.bands.first().height += heads;
        }
    }
    form.bands.append(Band{BandRole::Body, static_cast<int>(lines.size()) * lineHeight - gap + apart, {}});

    if (!maker.plan.hasTotals) {
        return;
    }
    QList<const Control *> summed;
    for (const Control &control : std::as_const(form.controls)) {
        const Column *column = control.column.isEmpty() ? nullptr : findColumn(maker.table, control.column);
        if (column && isNumber(control) && isAddable(maker.table, *column)) {
            summed.append(&control);
        }
    }
    if (summed.isEmpty()) {
        return;
    }
    QList<Control> totals;
    for (const Control *control : std::as_const(summed)) {
        Control total;
        total.kind = QStringLiteral("total");
        total.role = QStringLiteral("field");
        total.name = control->column;
        total.band = BandRole::Footer;
        total.rides.left = control->rides.left;
        total.rides.right = control->rides.right;
        total.place = QRect(control->place.x(), FinePitch, control->place.width(), DraftLine);
        setTotal(total, {TotalKind::Sum, control->column});
        if (const std::optional<int> decimals = decimalPlaces(*control)) {
            total.settings.set(setting::Decimals, *decimals);
        }
        const bool isTaken = std::any_of(totals.begin(), totals.end(),
                                         [&](const Control &other) { return other.place.intersects(total.place); });
        if (!isTaken) {
            totals.append(total);
        }
    }
    int leftmost = form.width;
    for (const Control &total : std::as_const(totals)) {
        leftmost = std::min(leftmost, total.place.x());
        maker.place(total, total.place);
    }
    Control words;
    words.kind = QStringLiteral("caption");
    words.role = QStringLiteral("caption");
    words.name = QStringLiteral("total");
    words.band = BandRole::Footer;
    words.text = Texts::tr("Total");
    const int wordsWidth = captionWidth(words, maker.measure);
    if (DraftMargin + HeadInset + wordsWidth + CaptionGap <= leftmost) {
        maker.place(words, QRect(DraftMargin + HeadInset, FinePitch, wordsWidth, DraftLine));
    }
    form.bands.append(Band{BandRole::Footer, DraftLine + 2 * FinePitch, {}});
}

} // namespace nabblet
