// What is printed, cut into pages: records or rows in their order, laid out a few at a time, so that it may be long and
// can be looked at meanwhile.
#pragma once

#include "core/file/form_file.h"
#include "core/result.h"
#include "entry/print/laid_out.h"

#include <QDateTime>
#include <QHash>
#include <QList>

class QPainter;

namespace nabblet {

enum class Printed {
    Record, // the one in hand
    All,    // all that are shown
};

class PrintJob
{
public:
    // session: whose records are printed, as they are stored; it outlives the job, and neither goes anywhere nor shows
    // anything else for it. appearance: whose look the pages have, in light colours.
    PrintJob(EntrySession &session, const Appearance &appearance, const PaperSetup &setup, Printed what);
    ~PrintJob();

    // Finds out what is to be printed. The error says why there is nothing.
    Outcome begin();
    // Lays out further pages for so many ms; false when all is laid out.
    bool layOutMore(int milliseconds);
    bool isWhole() const { return m_isWhole; }
    int pages() const { return static_cast<int>(m_pages.size()); }

    QSize pageSize() const { return nabblet::pageSize(m_setup); }
    const PaperSetup &setup() const { return m_setup; }
    // Paints a page, from 0, in px of 1/96 inch from the painter's origin.
    void paint(QPainter &painter, int page);
    // Where addresses stand on a page, px.
    struct Link
    {
        QRectF place;
        QString address;
    };
    QList<Link> links(int page);
    // Where records begin, in words, for an outline: of those that begin on a page, the words of the first.
    QString beginsWith(int page);
    QString title() const;

private:
    struct Slice // of a block, on a page
    {
        qint64 block = 0;
        int from = 0; // px in the block
        int to = 0;
        int at = 0; // px below the heading, where it begins: with the heads again that its rows have
    };
    using Page = QList<Slice>;
    static constexpr qint64 Foot = -1; // the block behind the last record

    const LaidOut &block(qint64 number);
    LaidOut make(qint64 number);
    std::optional<Row> rowAt(qint64 number);
    void place(qint64 number, int height, const LaidOut &laid);
    QList<PrintedHead> headsOn(const LaidOut &laid, int from) const;
    int cutBelow(const LaidOut &block, int from, int room) const;
    void showRecord(qint64 number);
    template <typename Do> void eachPart(int page, Do act);

    EntrySession &m_original;
    std::unique_ptr<EntrySession> m_session; // goes from record to record
    const Appearance m_appearance;
    PaperSetup m_setup;
    Printed m_what;
    Form m_form;
    bool m_isTabular = false;
    double m_scale = 1;
    int m_room = 0; // px for blocks on a page, as the form was built
    LaidOut m_heading;
    LaidOut m_pageHead;
    LaidOut m_pageFoot;
    QList<RowPlace> m_places; // of the last row of each chunk of rows, as far as they are read
    QHash<qint64, QList<Row>> m_chunks;
    QHash<qint64, LaidOut> m_blocks;
    qint64 m_next = 0; // record, from 0, to be laid out
    bool m_isWhole = false;
    int m_used = 0; // px of the last page
    QList<Page> m_pages;
    QDateTime m_when;
};

} // namespace nabblet
