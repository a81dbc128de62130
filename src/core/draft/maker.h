// What every arrangement of a draft is made with: the fields waiting for their places, and the form they go on.
// Internal to core/draft.
#pragma once

#include "core/arrange/grid.h"
#include "core/draft/draft.h"

namespace nabblet {

// Distances of a draft, px, all on the usual grid of 8.
constexpr int DraftMargin = 16;
constexpr int DraftLine = 24;      // the height of a box of one line
constexpr int DraftColumnGap = 24; // between two columns of boxes
constexpr int DraftInlineGap = 16; // between a box and the caption of the next one in its row
constexpr int DraftTitleHeight = 56;
constexpr int WidestDraft = 1200; // no draft is wider unasked

// A field waiting for its place.
struct Piece
{
    QString key; // the column, or for a column of a linked row both columns
    Control field;
    QString caption;
    int captionWidth = 0;
    QSize size;
    bool isSized = false; // its width was set by hand and stays
    int section = 0;      // in which part of the form it stands
};
using PieceRow = QList<Piece>;      // side by side
using PieceBlock = QList<PieceRow>; // rows that stay together

bool isWide(const Control &field); // long text and pictures, which stand alone
bool isNumber(const Control &field);
int rowHeight(const PieceRow &row);

// Everything that making a form needs to know at every step.
struct Maker
{
    const Catalogue &catalogue;
    const Table &table;
    const DraftPlan &plan;
    const Profile *profile;
    const Profiles &profiles; // of the tables whose rows belong to the record
    const TextMeasure &measure;
    bool isInside = false; // a form inside another one: it has no title of its own
    int pitch = 8;
    Form form;
    NamePool names;
    ControlId lastId = 0;
    Area into; // where what is placed stands, but for what has a band of its own

    int snapped(int x) const { return onGridAtOrAfter(x, pitch); }
    bool hasCaptionsAbove() const;
    int captionLine() const; // the height that a caption above a box takes, px
    int rowGap() const;      // between one row of boxes and the next, as the plan and the look have it, px

    ControlId place(Control control, const QRect &where);
    // The form's title in its header, and the header; nothing inside another form.
    void placeTitle();
    // A field with its caption: beside it, ending CaptionGap before x, or above it. rail: what the box starts on and a
    // caption beside it ends on, or none.
    void placeField(const Piece &piece, RailId rail, int x, int y, int width, bool stretches);
    // Where the boxes of a row start when its first one starts at x, and where the last one ends.
    // leastSecond: where the second box starts at the earliest, so that those of several rows stand under one another.
    QList<int> startsOf(const PieceRow &row, int x, int *end, int leastSecond = 0) const;
};

// The fields of the plan, sized, in its order.
QList<Piece> piecesOf(const Maker &maker);

// The forms of the taken children, made beforehand so that the parent knows how wide they are.
struct ChildForm
{
    const PlannedChild *child;
    Form form;
    QSize size; // of the subform that shows it, px
};
QList<ChildForm> childForms(const Maker &maker);

// The arrangements. Each places the pieces and makes the bands.
void layOutOneRecord(Maker &maker, const QList<Piece> &pieces, int leastWidth);
void layOutTabular(Maker &maker, const QList<Piece> &pieces);
// Puts subforms and buttons for the rows that belong to each record below what is there.
void layOutChildren(Maker &maker, const QList<ChildForm> &children);

// A whole form; isInside as in Maker.
Form makeForm(const Catalogue &catalogue, const Table &table, const DraftPlan &plan, const Profile *profile,
              const Profiles &profiles, const TextMeasure &measure, bool isInside);

} // namespace nabblet
