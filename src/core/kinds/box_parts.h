// Pieces from which the pictures of boxes are put together.
#pragma once

#include "core/kinds/kind.h"
#include "core/kinds/settings/marks.h"

namespace nabblet {

// The empty space inside a box left and right of its text, px: in a usual look, and in one.
constexpr int UsualPadding = 7;
int paddingOf(const Look &look);
// The width of the part at a box's right end that opens something, px: in a usual box, and in one.
constexpr int BoxButtonWidth = 24;
int boxButtonWidth(const Control &control);
// The place of the sign there.
QRect boxSignPlace(const Control &control);
// The empty space between the words of a box and that part, px.
constexpr int BoxSignGap = 6;

// The empty space above and below the lines of a long text, px: less in a box that has room for one line alone.
int longTextPadding(const Control &control, int padding);

// What stands in a box beside its words, px: the sign of what opens, arrows, marks before and behind.
int partsWidth(const Control &control, int padding);
// The width of a box around words so wide, px: with its padding and its parts.
int boxWidthFor(const Control &control, int wordsWidth, int padding);

// The box itself in the shown state.
BoxStroke boxOutline(const Control &control, const Shown &shown, const Look &look);
// The text of one line in a box; rightSpace px are kept free at its right end. Numbers stand where the look has them.
TextStroke boxText(const Control &control, const Shown &shown, const Look &look, bool isNumber, int rightSpace = 0);
// Where the value stands in its box: as the builder said, or as the look has it.
TextAlign alignIn(const Control &control, const Look &look, bool isNumber);
// The same for words that stand in no box.
TextAlign alignIn(const Control &control, const Look &look, TextAlign usual);
// The box with its marks, without a text; rightSpace px are left at its right end.
Picture boxWithMarks(const Control &control, const Shown &shown, const Look &look, int rightSpace = 0);
// Box and text, the picture of most kinds.
Picture lineBox(const Control &control, const Shown &shown, const Look &look, bool isNumber);
// Box and number, with its arrows where it has them.
Picture numberBox(const Control &control, const Shown &shown, const Look &look);
// The words of a control at the right of a sign so wide, px: beside ticks and switches.
void addWordsBeside(Picture &picture, const Control &control, int signWidth);
// Box, text and a sign at the right end that opens something.
Picture openingBox(const Control &control, const Shown &shown, const Look &look, GlyphShape sign);
// The frame of what holds other controls, or of what has none of its own: its line and corners as the look has them for
// groups.
BoxStroke groupFrame(const QRect &rect, const Look &look);

} // namespace nabblet
