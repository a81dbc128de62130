// Paints a form with the values that a session has, as Entry shows it: a tabular form with its rows, subforms with
// theirs. For the board, previews and pictures; Entry itself paints with widgets.
#pragma once

#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <functional>

class QPainter;

namespace nabblet {

// Changes what a control of a form shows.
using ShownInstead = std::function<void(const Form &form, const Control &control, Shown &shown)>;

// Paints the whole form with its top left corner at the origin of the painter, `size` px. session may be nullptr; boxes
// are then blank. A tabular form shows as many rows as its body has room for in that height.
void paintForm(QPainter &painter, const Form &form, EntrySession *session, QSize size, const Appearance &appearance,
               const ShownInstead &instead = {});

// The same for a control: a subform is painted with its rows, all others as their kind draws them. origin: the band's
// corner.
void paintControlWithRows(QPainter &painter, const Control &control, const Shown &shown, EntrySession *session,
                          QPoint origin, const Appearance &appearance, const Ground &ground,
                          const ShownInstead &instead = {});

// The sign at the left of the blank row that takes a new record.
void paintNewRowMark(QPainter &painter, const QRect &rect, const Appearance &appearance);

// The mark at the left of the row in hand of a tabular form. rect: the whole row.
void paintRowMark(QPainter &painter, const QRect &rect, bool isChanged, const Appearance &appearance);

// The frame of a subform, which lies over the form inside it.
void paintSubformFrame(QPainter &painter, const QRect &place, const Appearance &appearance);

} // namespace nabblet
