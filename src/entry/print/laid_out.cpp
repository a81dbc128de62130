#include "entry/print/laid_out.h"

#include "core/arrange/containers.h"
#include "core/arrange/edges.h"
#include "core/arrange/windows/stretching.h"
#include "core/kinds/kind.h"
#include "core/paper/on_paper.h"
#include "entry/paint/picture_painter.h"

#include <QTextLayout>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostRowsInside = 5000; // of a subform, on paper
constexpr int Tall = 160;            // px; higher texts may go on on the next page
constexpr int FrameLine = 1;         // px around the rows of a subform

using ShownNow = std::function<Shown(const Control &)>;

bool isOfScreen(GlyphShape shape)
{
    return shape != GlyphShape::Tick;
}

bool isRows(const Control &control)
{
    return control.inner && kindNamed(control.kind).editor == Editor::Rows;
}

// How high a text is in lines of a width, px.
int heightOf(const TextStroke &text, int width, const Appearance &appearance)
{
    return appearance.metrics(text.role)
        .boundingRect(QRect(0, 0, std::max(1, width), 1 << 20), Qt::TextWordWrap, text.text)
        .height();
}

bool isCut(const TextStroke &text, const Appearance &appearance)
{
    return text.wraps ? heightOf(text, text.rect.width(), appearance) > text.rect.height()
                      : appearance.width(text.text, text.role) > text.rect.width();
}

// How high a control must be to show its words whole, px.
int heightNeeded(const Control &control, const Picture &picture, const Appearance &appearance)
{
    int most = control.place.height();
    for (const Stroke &stroke : picture) {
        const auto *text = std::get_if<TextStroke>(&stroke);
        if (text && text->rect.width() > 0 && isCut(*text, appearance)) {
            const int around = text->wraps ? control.place.height() - text->rect.height() : appearance.padding();
            most = std::max(most, heightOf(*text, text->rect.width(), appearance) + around);
        }
    }
    return most;
}

// Without the signs by which people press and open, texts on as many lines as they need.
Picture onPaper(const Control &control, Picture picture, const PaperContext &context, const Appearance &appearance)
{
    const bool dropsBox =
        context.setup.boxes == PaperBoxes::AsWords && kindNamed(control.kind).casing == Casing::Box && !isRows(control);
    Picture kept;
    const bool hasSign = std::any_of(picture.begin(), picture.end(), [](const Stroke &stroke) {
        const auto *glyph = std::get_if<GlyphStroke>(&stroke);
        return glyph && isOfScreen(glyph->shape) && glyph->shape != GlyphShape::Landscape;
    });
    for (Stroke &stroke : picture) {
        if (const auto *glyph = std::get_if<GlyphStroke>(&stroke); glyph && isOfScreen(glyph->shape)) {
            continue;
        }
        if (auto *words = std::get_if<TextStroke>(&stroke); words && hasSign) { // its room is for the words
            words->rect.setRight(control.place.width() - appearance.padding() - 1);
        }
        if (dropsBox && std::holds_alternative<BoxStroke>(stroke)) {
            continue;
        }
        auto *text = std::get_if<TextStroke>(&stroke);
        if (text && !text->wraps && isCut(*text, appearance)) {
            text->wraps = true;
            text->rect.setTop(std::max(0, appearance.padding() / 2));
            text->rect.setBottom(control.place.height() - 1);
        }
        kept.append(stroke);
    }
    return kept;
}

// A text of several lines as one text a line, so that a page may end between them.
QList<TextStroke> lineByLine(const TextStroke &text, const Appearance &appearance)
{
    QList<TextStroke> lines;
    const int spacing = appearance.metrics(text.role).lineSpacing();
    int y = text.rect.y();
    const QStringList paragraphs = text.text.split(u'\n');
    for (const QString &paragraph : paragraphs) {
        QTextOption option;
        option.setWrapMode(QTextOption::WordWrap);
        QTextLayout layout(paragraph, appearance.font(text.role));
        layout.setTextOption(option);
        layout.beginLayout();
        for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
            line.setLineWidth(text.rect.width());
            TextStroke one = text;
            one.wraps = false;
            one.text = paragraph.mid(line.textStart(), line.textLength());
            one.rect = QRect(text.rect.x(), y, text.rect.width() + 1, spacing);
            y += spacing;
            lines.append(one);
        }
        layout.endLayout();
    }
    return lines;
}

// What is higher than some lines may be parted by the end of a page.
void appendLines(LaidOut &to, PrintedPart part)
{
    Picture kept;
    QList<PrintedPart> lines;
    for (const Stroke &stroke : std::as_const(part.picture)) {
        const auto *text = std::get_if<TextStroke>(&stroke);
        if (!text || !text->wraps) {
            kept.append(stroke);
            continue;
        }
        const QList<TextStroke> parted = lineByLine(*text, *part.appearance);
        for (TextStroke line : parted) {
            PrintedPart one = part;
            one.place = line.rect.translated(part.place.topLeft());
            line.rect.moveTopLeft(QPoint(0, 0));
            one.picture = {line};
            lines.append(one);
        }
    }
    part.picture = kept;
    part.isTorn = true;
    to.parts.append(part);
    to.parts += lines;
}

void append(LaidOut &to, const LaidOut &what, QPoint at)
{
    for (PrintedGround ground : what.grounds) {
        ground.place.translate(at);
        to.grounds.append(ground);
    }
    for (PrintedPart part : what.parts) {
        part.place.translate(at);
        to.parts.append(part);
    }
    for (PrintedHead head : what.heads) {
        head.top += at.y();
        head.bottom += at.y();
        for (PrintedGround &ground : head.grounds) {
            ground.place.translate(at.x(), 0);
        }
        for (PrintedPart &part : head.parts) {
            part.place.translate(at.x(), 0);
        }
        to.heads.append(head);
    }
}

LaidOut laidOut(const Form &whole, BandRole band, EntrySession &session, const PaperContext &context,
                const ShownNow &shownNow, const Ground &bandGround);

// The rows of a subform under one another, with the heads above them.
LaidOut laidOutInside(const Control &control, EntrySession &session, const PaperContext &context)
{
    LaidOut inside;
    EntrySession *child = session.children().of(control);
    if (!child || !child->state().isStarted) {
        return inside;
    }
    const Form built = asOnPaper(*control.inner.get());
    const Band *body = findBand(built, BandRole::Body);
    inside.width = control.place.width() - 2 * FrameLine;
    const Form form = stretchedTo(built, inside.width, body ? body->height : 0, Narrowing::Allowed);
    const auto add = [&](const LaidOut &block) {
        append(inside, block, QPoint(0, inside.height));
        inside.height += block.height;
    };
    const LaidOut head = laidOutBand(form, BandRole::Header, *child, context);
    add(head);
    const int top = inside.height;
    if (isTabular(form) && head.height > 0) { // where it ends is known below the last row
        inside.heads.append({top, top, head.height, head.grounds, head.parts});
    }
    const bool hasRowsInside = std::any_of(form.controls.begin(), form.controls.end(), isRows);
    const auto rows = rowsAfter(child->state().connection, child->state().source, {}, MostRowsInside);
    int number = 0;
    for (const Row &row : rows ? *rows : QList<Row>()) {
        if (hasRowsInside && child->moves().goToKey(row.key)) {
            add(laidOutBand(form, BandRole::Body, *child, context));
        } else {
            add(laidOutRow(form, row, number, *child, context));
        }
        ++number;
    }
    if (!inside.heads.isEmpty() && inside.heads.first().top == top) {
        inside.heads.first().bottom = inside.height;
    }
    add(laidOutBand(form, BandRole::Footer, *child, context));
    return inside;
}

LaidOut laidOut(const Form &whole, BandRole band, EntrySession &session, const PaperContext &context,
                const ShownNow &shownNow, const Ground &bandGround)
{
    if (!findBand(whole, band)) {
        return {};
    }
    for (const Control &control : whole.controls) { // formulas sum up their rows
        if (control.band == band && isRows(control)) {
            (void)session.children().of(control);
        }
    }
    QHash<ControlId, Shown> shown;
    QSet<ControlId> hidden;
    for (const Control &control : whole.controls) {
        if (control.band == band) {
            Shown now = shownNow(control);
            now.state = BoxState::Rest;
            now.mayType = true; // not drawn as locked
            hidden += now.isHidden ? QSet<ControlId>{control.id} : QSet<ControlId>();
            shown.insert(control.id, now);
        }
    }
    const Form visible = withoutHidden(whole, hidden);
    QHash<ControlId, std::shared_ptr<const Appearance>> appearances;
    QHash<ControlId, LaidOut> insides;
    QHash<ControlId, int> heights;
    for (const Control &control : visible.controls) {
        if (control.band != band) {
            continue;
        }
        const Ground ground =
            control.container == 0 ? bandGround : groundUnder(visible, control, context.appearance.styles());
        const auto own = context.appearance.dressedFor(control, ground);
        appearances.insert(control.id, own);
        if (isRows(control)) {
            const LaidOut inside = laidOutInside(control, session, context);
            insides.insert(control.id, inside);
            heights.insert(control.id, inside.height + 2 * FrameLine);
        } else if (!holdsOthers(control)) {
            const Picture picture =
                onPaper(control, pictureOf(control, shown.value(control.id), own->look()), context, *own);
            heights.insert(control.id, heightNeeded(control, picture, *own));
        }
    }
    const Form grown = withHeights(visible, heights);
    LaidOut result;
    result.width = grown.width;
    result.height = findBand(grown, band)->height;
    const QColor paper = context.appearance.colour(Ink::Paper);
    if (const QColor colour = colourOf(bandGround, context.appearance); colour != paper) {
        result.grounds.append({QRect(0, 0, result.width, result.height), colour});
    }
    for (const Control &control : grown.controls) {
        if (control.band != band) {
            continue;
        }
        const auto own = appearances.value(control.id);
        PrintedPart part{control.place,
                         onPaper(control, pictureOf(control, shown.value(control.id), own->look()), context, *own),
                         own,
                         holdsOthers(control) || isRows(control),
                         {}};
        if (control.kind == QLatin1String("link")) {
            part.link = shown.value(control.id).words;
        }
        if (control.place.height() > Tall && !part.isTorn) {
            appendLines(result, part);
        } else {
            result.parts.append(part);
        }
        if (isRows(control)) {
            append(result, insides.value(control.id), control.place.topLeft() + QPoint(FrameLine, FrameLine));
        }
    }
    return result;
}

} // namespace

QList<PrintedHead> headsAgain(const LaidOut &laid, int from)
{
    QList<PrintedHead> heads;
    for (const PrintedHead &head : laid.heads) {
        if (head.top <= from && from < head.bottom) {
            heads.append(head);
        }
    }
    return heads;
}

LaidOut laidOutBand(const Form &form, BandRole band, EntrySession &session, const PaperContext &context)
{
    return laidOut(
        form, band, session, context, [&](const Control &control) { return session.values().shown(control); },
        groundOfBand(form, band, context.appearance.styles()));
}

LaidOut laidOutRow(const Form &form, const Row &row, int number, EntrySession &session, const PaperContext &context)
{
    const Ground ground = groundOfBand(form, BandRole::Body, context.appearance.styles());
    return laidOut(
        form, BandRole::Body, session, context,
        [&](const Control &control) { return session.values().shownIn(control, row); },
        groundOfRow(form, ground, number, context.appearance.look()));
}

} // namespace nabblet
