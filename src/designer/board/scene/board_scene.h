// What the board shows at a moment, and where. What draws, what finds out what is under the mouse, drags and modes read
// it; the board alone changes it.
#pragma once

#include "core/arrange/moving.h"
#include "core/arrange/snap.h"
#include "core/arrange/units.h"
#include "core/check/degree.h"
#include "core/draft/draft.h"
#include "core/looks/sight.h"
#include "designer/board/scene/selection.h"
#include "designer/document/form_document.h"
#include "entry/session/entry_session.h"
#include "entry/theme/appearance.h"

#include <QHash>
#include <QPixmap>
#include <QPointer>

#include <optional>

namespace nabblet {

// What the boxes on the board show.
enum class BoardValues { Record, Longest, Blank };

// What the mouse does on the board.
enum class MouseUse { Arranging, Placing, CopyingLook, OrderingTabs, MovingTracing };

class BoardMode;

// What a drag shows while it lasts.
struct DragMarks
{
    QPoint start; // on the form
    QPoint now;
    QPoint inViewport;
    bool isMoving = false;      // far enough from the start to count
    bool isBox = false;         // a box is drawn that selects
    bool isCopy = false;        // copies are dragged, and what they are made of stays
    ControlId tabNumber = 0;    // of which the number is dragged to another place in the tab order
    QList<ControlId> moving;    // what is dragged
    std::optional<Area> target; // where it would land
    QList<SnapGuide> guides;    // why it stands where it does
};

struct BoardScene
{
    BoardScene(FormDocument *shown, const Appearance &look) : document(shown), appearance(look) {}

    FormDocument *document;
    QPointer<EntrySession> session; // of the values shown; may be nullptr
    Appearance appearance;
    Selection selection;
    FrontPages fronts; // which page of each tab pages is in front here
    BoardValues values = BoardValues::Record;
    QHash<QString, QString> longestWords; // stored ones of each column, for BoardValues::Longest
    Unit unit = Unit::Pixels;

    int zoom = 100;  // percent, 25 to 400
    QPoint scrolled; // px
    QSize size;      // of the viewport, px

    std::optional<Form> dragged; // the form as it would be, by what is dragged now …
    std::optional<Form> preview; // … by what an operation would give …
    std::optional<Form> trial;   // … in a window of another size
    QSize trialSize;             // the room that leaves the form, px; empty as designed
    QList<Gap> pills;            // the gaps of the selection
    const DragMarks *drag = nullptr;

    const BoardMode *mode = nullptr; // what mouse and keys do instead of the usual
    Sight sight = Sight::Usual;      // whose eyes it is shown to
    bool showsHolds = false;         // whether the lead shows what it does in windows of other sizes
    std::optional<QPoint> clickedAt; // on the form, where nothing stands; what is pasted goes there
    QPixmap tracing;                 // the picture of the tracing sheet
    QHash<ControlId, Degree> found;  // controls that something was found about, and how grave it is

    MouseUse use() const;
    const Form &form() const { return document->form(); }
    // As it is shown now: dragged, previewed, at another width, or the document's.
    const Form &shownForm() const;
    // Why what is dragged stands where it does.
    const QList<SnapGuide> &guides() const;
    // A form without what stands on pages behind others.
    Form inSight(const Form &form) const;
    Shown shownOf(const Control &control) const;

    // Where a point or a part of the form stands in the viewport, px, and the other way.
    QPoint toViewport(QPoint onForm) const;
    QRect toViewport(const QRect &onForm) const;
    QPoint toForm(QPoint inViewport) const;
    QRect viewportRectOf(ControlId control) const;

    std::optional<BandRole> bandAt(QPoint onForm) const;
    // The area at a point, that of the innermost container there; those named, and what they hold, do not count.
    std::optional<Area> areaAt(const Form &form, QPoint onForm, const QList<ControlId> &without = {}) const;
    // The one area in which all that is selected stands.
    std::optional<Area> areaOfSelection() const;
    // Where new fields go: into the container that is selected, else beside the lead.
    FieldTarget fieldTarget() const;
};

} // namespace nabblet
