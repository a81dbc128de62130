// Every arrange operation of the board, in one table: the arrange strip, the menus, the keyboard and "find a command"
// all go by it. An operation is one function in a file of its group (line_up.cpp, match.cpp, …) and one line there.
#pragma once

#include "core/arrange/structure.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QHash>
#include <QList>
#include <QString>

#include <functional>
#include <optional>

#define NABBLET_ARRANGE_OPERATIONS(GROUP)                                                                              \
    GROUP(lineUpOperations)                                                                                            \
    GROUP(matchOperations)                                                                                             \
    GROUP(gapOperations)                                                                                               \
    GROUP(fitOperations)                                                                                               \
    GROUP(gridOperations)                                                                                              \
    GROUP(centreOperations)                                                                                            \
    GROUP(orderOperations)                                                                                             \
    GROUP(placeOperations)                                                                                             \
    GROUP(holdOperations)                                                                                              \
    GROUP(captionOperations)                                                                                           \
    GROUP(rowOperations)                                                                                               \
    GROUP(groupOperations)                                                                                             \
    GROUP(pageCaptionOperations)                                                                                       \
    GROUP(tidyOperations)                                                                                              \
    GROUP(flowOperations)                                                                                              \
    GROUP(arrangementOperations)

namespace nabblet {

// The parts of the arrange strip, in its order.
enum class ArrangeGroup { LineUp, Match, Gaps, Fit, Grid, Centre, Order, Captions, Rows, Groups, Holds, Whole };

// What an operation works on.
struct ArrangeContext
{
    const Form &form;
    QList<ControlId> selected; // the last one is the lead
    const TextMeasure &measure;
    // The width in px of a box that shows a share (0 to 1) of its stored values whole; 0 where that is not known. May
    // be empty.
    std::function<int(const Control &, double)> boxWidth;
    int gap = 8;     // px, for "set gaps"
    int columns = 2; // for "flow into columns"
    FrontPages fronts = {};

    // What is selected, as it is arranged, and the fields and rows of an area. Worked out once for all operations that
    // ask whether they can apply.
    QList<Arranged> arranged() const;
    QList<Arranged> fieldsOf(const Area &area) const;
    QList<FieldRow> rowsOf(const Area &area) const;

    struct Seen
    {
        std::optional<QList<Arranged>> arranged;
        QHash<Area, QList<Arranged>> fields;
        QHash<Area, QList<FieldRow>> rows;
    };
    mutable Seen seen = {};
};

struct ArrangeOperation
{
    QString id;        // "line-up-left"; the name of its command
    const char *title; // for people, in English; arrangeTitle() translates it
    const char *help;  // one sentence for the point of choice
    ArrangeGroup group = ArrangeGroup::LineUp;
    // Why it cannot apply, a sentence; empty where it can.
    QString (*whyNot)(const ArrangeContext &context);
    Form (*apply)(const ArrangeContext &context);
    const char *keys = nullptr; // as "Ctrl+Alt+T"
    // The inside of an SVG drawing on 16 × 16, one stroke weight: of the class "m" is what marks the line or the aim,
    // of "b" are boxes; "f" fills them faintly.
    const char *drawing = nullptr;
};

const QList<ArrangeOperation> &arrangeOperations();
// The operation with that id, or nullptr.
const ArrangeOperation *findArrangeOperation(const QString &id);
QString arrangeTitle(const ArrangeOperation &operation);
QString arrangeHelp(const ArrangeOperation &operation);
QString arrangeGroupTitle(ArrangeGroup group);
// All groups, in the order of menus.
const QList<ArrangeGroup> &arrangeGroups();

// The tables of the groups, in their files.
#define NABBLET_DECLARE(group) QList<ArrangeOperation> group();
NABBLET_ARRANGE_OPERATIONS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

// What such an operation is about: what is selected, what a selected group holds, or all controls.
QList<ControlId> chosenOrAll(const ArrangeContext &context);

// The innermost container that the lead is or stands in, for which a test holds; 0 for none.
ControlId containerOfLead(const ArrangeContext &context, const std::function<bool(const Control &)> &test);
bool holdsPages(const Control &control);

// Usual reasons for not applying.
QString needsOne(const ArrangeContext &context);
QString needsTwo(const ArrangeContext &context);
QString needsThree(const ArrangeContext &context);
QString needsBox(const ArrangeContext &context);
QString needsNothing(const ArrangeContext &context);
// Why an operation on the whole form, a group or several controls does not apply.
QString needsWholeForm(const ArrangeContext &context);

} // namespace nabblet
