#include "entry/print/print_job.h"

#include "core/arrange/windows/stretching.h"
#include "core/paper/on_paper.h"
#include "core/text/tr.h"
#include "entry/paint/picture_painter.h"

#include <QElapsedTimer>
#include <QPainter>

#include <algorithm>
#include <numeric>

namespace nabblet {

namespace {

constexpr int Chunk = 256;         // rows read at once
constexpr int MostChunks = 8;      // kept
constexpr int MostBlocks = 400;    // kept
constexpr int BetweenRecords = 16; // px
// The same look in light colours, with letters measured in px: those in points would be of another size on each device.
Appearance forPaper(const Appearance &screen)
{
    QFont base = screen.base();
    base.setPixelSize(QFontInfo(base).pixelSize());
    base.setHintingPreference(QFont::PreferNoHinting);
    // Else some typefaces set signs between figures as others, which nobody finds who searches the text of a PDF.
    base.setStyleStrategy(static_cast<QFont::StyleStrategy>(base.styleStrategy() | QFont::PreferNoShaping));
    return Appearance(screen.lookName(), Theme::Light, base, screen.book());
}

int heightOf(const QList<PrintedHead> &heads)
{
    return std::accumulate(heads.begin(), heads.end(), 0,
                           [](int sum, const PrintedHead &head) { return sum + head.height; });
}

constexpr int LineGap = 10; // px between the room and the words at the top or the foot

} // namespace

PrintJob::PrintJob(EntrySession &session, const Appearance &appearance, const PaperSetup &setup, Printed what)
    : m_original(session), m_appearance(forPaper(appearance).turned(session.form().isRightToLeft)), m_setup(setup),
      m_what(what), m_form(asOnPaper(session.form())), m_isTabular(isTabular(session.form())),
      m_when(QDateTime::currentDateTime())
{
}

PrintJob::~PrintJob() = default;

QString PrintJob::title() const
{
    return m_original.form().title;
}

Outcome PrintJob::begin()
{
    const EntryState &state = m_original.state();
    if (!state.isStarted || !state.form.permissions.see) {
        return Error{Texts::tr("This form shows no records that could be printed."), {}};
    }
    m_session = m_original.another(m_original.form(), Counting::No);
    if (const Outcome started = m_session->start(Counting::No); !started) {
        return started.error();
    }
    m_session->holdTo(state.heldTo);
    if (!state.wanted.isEmpty()) {
        if (const Outcome asked = m_session->want(state.wanted); !asked) {
            return asked.error();
        }
    }
    const QRect room = pageRoom(m_setup);
    if (m_isTabular && m_form.width < room.width()) {
        const Band *body = findBand(m_form, BandRole::Body);
        m_form = stretchedTo(m_form, room.width(), body ? body->height : 0);
    }
    m_scale = std::min(1.0, static_cast<double>(room.width()) / std::max(1, m_form.width));
    if (m_what == Printed::Record) {
        const std::optional<RowKey> key = state.key();
        if (!key) {
            return Error{Texts::tr("The record is not stored yet. Save it, then print it."), {}};
        }
        if (!m_session->moves().goToKey(*key)) {
            return Error{Texts::tr("The record is not there any more."), {}};
        }
    } else {
        const RecordSource &source = m_session->state().source;
        const Result<QList<Row>> first = rowsAfter(m_session->state().connection, source, {}, 1);
        if (!first) {
            return first.error();
        }
        if (first->isEmpty()) {
            return Error{Texts::tr("There are no records to print."), {}};
        }
        showRecord(0);
    }
    const PaperContext context{m_setup, m_appearance};
    m_heading = laidOutBand(m_form, BandRole::Header, *m_session, context);
    m_pageHead = laidOutBand(m_form, BandRole::PageHeader, *m_session, context);
    m_pageFoot = laidOutBand(m_form, BandRole::PageFooter, *m_session, context);
    const int fixed = m_heading.height + m_pageHead.height + m_pageFoot.height;
    constexpr int LeastRoom = 48; // px; heads that fill a page leave this much
    m_room = std::max(LeastRoom, static_cast<int>(room.height() / m_scale) - fixed);
    return Done{};
}

std::optional<Row> PrintJob::rowAt(qint64 number)
{
    const qint64 chunk = number / Chunk;
    if (!m_chunks.contains(chunk)) {
        if (m_chunks.size() >= MostChunks) {
            m_chunks.clear();
        }
        const EntryState &state = m_session->state();
        const std::optional<RowPlace> place = chunk == 0 ? std::nullopt : std::optional(m_places.value(chunk - 1));
        const Result<QList<Row>> rows = rowsAfter(state.connection, state.source, place, Chunk);
        m_chunks.insert(chunk, rows ? *rows : QList<Row>());
        if (rows && rows->size() == Chunk && m_places.size() == chunk) { // they are read in their order at first
            m_places.append(placeOf(state.source, rows->last()));
        }
    }
    const QList<Row> &rows = m_chunks[chunk];
    const qsizetype at = number % Chunk;
    return at < rows.size() ? std::optional(rows.at(at)) : std::nullopt;
}

void PrintJob::showRecord(qint64 number)
{
    if (m_what == Printed::Record) {
        return;
    }
    if (const std::optional<Row> row = rowAt(number)) {
        m_session->moves().goToKey(row->key);
    }
}

LaidOut PrintJob::make(qint64 number)
{
    const PaperContext context{m_setup, m_appearance};
    if (number == Foot) {
        return laidOutBand(m_form, BandRole::Footer, *m_session, context);
    }
    if (m_isTabular && m_what == Printed::All) {
        const std::optional<Row> row = rowAt(number);
        return row ? laidOutRow(m_form, *row, static_cast<int>(number % 2), *m_session, context) : LaidOut();
    }
    showRecord(number);
    return laidOutBand(m_form, BandRole::Body, *m_session, context);
}

const LaidOut &PrintJob::block(qint64 number)
{
    auto found = m_blocks.find(number);
    if (found == m_blocks.end()) {
        if (m_blocks.size() >= MostBlocks) {
            m_blocks.clear();
        }
        found = m_blocks.insert(number, make(number));
    }
    return *found;
}

// The lowest place up to which a page may go without tearing anything.
int PrintJob::cutBelow(const LaidOut &block, int from, int room) const
{
    int cut = from + room;
    if (cut >= block.height) {
        return block.height;
    }
    for (bool isTorn = true; isTorn && cut > from;) {
        isTorn = false;
        for (const PrintedPart &part : block.parts) {
            if (!part.isTorn && part.place.top() < cut && part.place.bottom() + 1 > cut && part.place.top() > from) {
                cut = part.place.top();
                isTorn = true;
            }
        }
    }
    return cut > from + room / 4 ? cut : from + room; // a box as high as a page is torn
}

void PrintJob::place(qint64 number, int height, const LaidOut &laid)
{
    const bool isRow = m_isTabular;
    const int gap = m_pages.isEmpty() || m_used == 0 || isRow ? 0 : BetweenRecords;
    const bool begins = m_pages.isEmpty() || (m_setup.isPageEach && number != Foot && !isRow) ||
                        (m_used + gap + height > m_room && m_used > 0);
    if (begins) {
        m_pages.append(Page());
        m_used = 0;
    }
    const int at = m_used == 0 ? 0 : m_used + gap;
    if (height <= m_room - at) {
        m_pages.last().append({number, 0, height, at});
        m_used = at + height;
        return;
    }
    int from = 0;
    while (from < height) {
        if (from > 0) {
            m_pages.append(Page());
        }
        const int heads = heightOf(headsOn(laid, from));
        const int to = cutBelow(laid, from, m_room - heads);
        m_pages.last().append({number, from, to, 0});
        m_used = heads + to - from;
        from = to;
    }
}

// The heads to begin a page with; none where they would leave too little room for their rows.
QList<PrintedHead> PrintJob::headsOn(const LaidOut &laid, int from) const
{
    const QList<PrintedHead> heads = headsAgain(laid, from);
    return heightOf(heads) <= m_room / 3 ? heads : QList<PrintedHead>();
}

bool PrintJob::layOutMore(int milliseconds)
{
    QElapsedTimer clock;
    clock.start();
    while (!m_isWhole) {
        if (m_what == Printed::Record ? m_next >= 1 : !rowAt(m_next)) {
            const LaidOut &foot = block(Foot);
            if (foot.height > 0) {
                place(Foot, foot.height, foot);
            }
            m_isWhole = true;
            break;
        }
        const LaidOut &laid = block(m_next);
        if (laid.height > 0) {
            place(m_next, laid.height, laid);
        }
        ++m_next;
        if (clock.elapsed() >= milliseconds) {
            break;
        }
    }
    return !m_isWhole;
}

template <typename Do> void PrintJob::eachPart(int page, Do act)
{
    const QRect room = pageRoom(m_setup);
    const int top = m_pageHead.height;
    // act(block, px from the room's corner, the part of the block that is seen)
    act(m_pageHead, 0, QRect(0, 0, m_form.width, m_pageHead.height));
    act(m_heading, top, QRect(0, 0, m_form.width, m_heading.height));
    const Page slices = m_pages.value(page);
    for (const Slice &slice : slices) {
        const LaidOut &laid = block(slice.block);
        int y = top + m_heading.height + slice.at;
        const QList<PrintedHead> heads = headsOn(laid, slice.from);
        for (const PrintedHead &head : heads) {
            act({m_form.width, head.height, head.grounds, head.parts, {}}, y, QRect(0, 0, m_form.width, head.height));
            y += head.height;
        }
        act(laid, y - slice.from, QRect(0, slice.from, m_form.width, slice.to - slice.from));
    }
    act(m_pageFoot, static_cast<int>(room.height() / m_scale) - m_pageFoot.height,
        QRect(0, 0, m_form.width, m_pageFoot.height));
}

void PrintJob::paint(QPainter &painter, int page)
{
    const QRect room = pageRoom(m_setup);
    painter.save();
    painter.fillRect(QRect(QPoint(0, 0), pageSize()), Qt::white);
    painter.translate(room.topLeft());
    painter.scale(m_scale, m_scale);
    eachPart(page, [&](const LaidOut &laid, int y, const QRect &seen) {
        if (laid.parts.isEmpty() && laid.grounds.isEmpty()) {
            return;
        }
        painter.save();
        painter.translate(0, y);
        const bool isTorn = seen.height() < laid.height;
        if (isTorn) {
            painter.setClipRect(seen.adjusted(0, 0, 1, 0));
        }
        for (const PrintedGround &ground : laid.grounds) {
            painter.fillRect(ground.place.intersected(seen), ground.colour);
        }
        for (const PrintedPart &part : laid.parts) {
            // What is on the page before or after as a whole is not painted: it would be found here, too.
            const bool isSeen = part.isTorn ? part.place.intersects(seen)
                                            : seen.top() <= part.place.top() && part.place.top() <= seen.bottom();
            if (part.place.isEmpty() || isSeen) {
                paintPicture(painter, part.picture, part.place.topLeft(), *part.appearance);
            }
        }
        painter.restore();
    });
    painter.restore();
    // The words at the top and the foot, in black on any look.
    PageWords words{title(),
                    m_setup.head.contains(QLatin1String("{record}")) || m_setup.foot.contains(QLatin1String("{record}"))
                        ? beginsWith(page)
                        : QString(),
                    page + 1, m_isWhole ? pages() : 0, m_when};
    painter.save();
    painter.setFont(m_appearance.font(TextRole::Field));
    painter.setPen(Qt::black);
    const int height = m_appearance.lineHeight(TextRole::Field);
    const auto line = [&](const QString &written, const QRect &place) {
        const QStringList parts = pageLine(written, words, m_session->state().locale);
        painter.drawText(place, Qt::AlignLeft | Qt::AlignVCenter, parts.at(0));
        painter.drawText(place, Qt::AlignHCenter | Qt::AlignVCenter, parts.at(1));
        painter.drawText(place, Qt::AlignRight | Qt::AlignVCenter, parts.at(2));
    };
    if (!m_setup.head.isEmpty()) {
        line(m_setup.head, QRect(room.x(), room.y() - LineGap - height, room.width(), height));
    }
    if (!m_setup.foot.isEmpty()) {
        line(m_setup.foot, QRect(room.x(), room.bottom() + 1 + LineGap, room.width(), height));
    }
    painter.restore();
}

QList<PrintJob::Link> PrintJob::links(int page)
{
    QList<Link> found;
    const QRect room = pageRoom(m_setup);
    eachPart(page, [&](const LaidOut &laid, int y, const QRect &seen) {
        for (const PrintedPart &part : laid.parts) {
            if (!part.link.isEmpty() && seen.contains(part.place)) {
                const QRectF place(part.place.translated(0, y));
                found.append({QRectF(room.topLeft() + place.topLeft() * m_scale, place.size() * m_scale), part.link});
            }
        }
    });
    return found;
}

QString PrintJob::beginsWith(int page)
{
    const Page slices = m_pages.value(page);
    for (const Slice &slice : slices) {
        if (slice.block != Foot && slice.from == 0) {
            showRecord(slice.block);
            return m_session->values().recordWords();
        }
    }
    return {};
}

} // namespace nabblet
