// A record, or a row, as it lies on paper: pictures at their places, ready to be painted on pages.
#pragma once

#include "core/paper/paper_setup.h"
#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QColor>

namespace nabblet {

struct PrintedPart
{
    QRect place; // px, as the form was built
    Picture picture;
    std::shared_ptr<const Appearance> appearance;
    bool isTorn = false; // a page may end inside it, as it only lies around others
    QString link;        // an address that its words lead to, or empty
};

struct PrintedGround
{
    QRect place;
    QColor colour;
};

// The head of rows inside a record: a page that begins among these rows begins with it.
struct PrintedHead
{
    int top = 0;    // of the first row below it, px
    int bottom = 0; // below the last
    int height = 0;
    QList<PrintedGround> grounds; // as if it began at 0
    QList<PrintedPart> parts;
};

struct LaidOut
{
    int width = 0;
    int height = 0;
    QList<PrintedGround> grounds;
    QList<PrintedPart> parts;
    QList<PrintedHead> heads; // outer ones before those inside
};

// The heads with which a page begins that goes on with this from there, px.
QList<PrintedHead> headsAgain(const LaidOut &laid, int from);

// What all that is printed together shares.
struct PaperContext
{
    PaperSetup setup;
    const Appearance &appearance; // light; it outlives what is laid out
};

// A band of a form (asOnPaper()) with the record that the session has in hand: texts whole, rows of subforms whole,
// without what rules hide. An empty one where the form has no such band.
LaidOut laidOutBand(const Form &form, BandRole band, EntrySession &session, const PaperContext &context);
// The body with another row than the one in hand. number: of the row, from 0, by which rows get their tints.
LaidOut laidOutRow(const Form &form, const Row &row, int number, EntrySession &session, const PaperContext &context);

} // namespace nabblet
