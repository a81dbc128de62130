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

struct LaidOut
{
    int width = 0;
    int height = 0;
    QList<PrintedGround> grounds;
    QList<PrintedPart> parts;
};

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
