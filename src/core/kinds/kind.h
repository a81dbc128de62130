// What a kind of control is: how it is drawn, what it may be bound to, how its values turn into words and back.
// A kind is one file beside this one and one line in kind_table.cpp.
#pragma once

#include "core/catalogue/column_type.h"
#include "core/kinds/picture.h"
#include "core/model/control.h"
#include "core/model/rule.h"
#include "core/result.h"
#include "core/text/text_measure.h"

#include <QList>
#include <QLocale>
#include <QSize>
#include <QString>
#include <QVariant>

#include <optional>

namespace nabblet {

// Which real widget edits a control in Entry.
enum class Editor { None, Line, LongText, Tick, Choice, Options, List, Image, Rows, Button };

// What a control has inside it: nothing, other controls, pages with other controls of which one is in front, or two
// panes side by side.
enum class Holds { Nothing, Controls, Pages, Panes };

// What a kind draws around its words and values.
enum class Casing {
    Box,   // a box of its own, filled and outlined
    Sign,  // a small sign beside the words, such as a tick
    Frame, // a frame that lets the ground through
    None   // nothing: words stand on the ground
};

// How wide the space is that a container keeps free inside its edges, px.
struct Insets
{
    int left = 0;
    int top = 0; // with its heading or its tabs
    int right = 0;
    int bottom = 0;
};

// The state in which a control is drawn.
enum class BoxState { Rest, Focused, Locked, Refused };

// What a control shows and may do at one moment.
struct Shown
{
    QString words;                              // the value in words; for a box, what stands in it
    bool isMissing = true;                      // NULL, or no record
    bool isOn = false;                          // for tick boxes
    QByteArray image;                           // for pictures
    int page = 0;                               // of tab pages: the one in front, by its id; 0 for the first
    QList<int> faintPages = {};                 // of tab pages, on the board: hidden at work, by their ids
    bool isNumber = false;                      // the value is a number
    QStringList lines;                          // of a list whose choices come from another table
    std::optional<QList<int>> chosenLines = {}; // of a list: those chosen, by number; without, by their words
    int firstLine = -1;                         // of a list: the first in sight; -1: as shows what is chosen
    int cursorLine = -1;                        // of a list: the one that the keyboard is at
    BoxState state = BoxState::Rest;
    bool mayType = false; // people may type or choose there now
    // By rules:
    bool isHidden = false;
    bool isFaint = false;                        // on the board: hidden at work, and there to be arranged
    bool givesWay = false;                       // hidden, its room is for what stands below
    HiddenValue hiddenValue = HiddenValue::Kept; // what becomes of its value on saving, where it is hidden
    bool isRequired = false;
    Mark mark = Mark::None;
    QString note; // words beside it

    bool operator==(const Shown &) const = default;
};

struct Kind
{
    QString name;      // in files: "text-box"
    const char *title; // for people, in English; kindTitle() translates it
    QString shortName; // for control names: "text" in text_asset_no
    Editor editor = Editor::None;
    QList<ColumnType> binds;            // the types of column it may be bound to; empty for what cannot be bound
    QSize usualSize;                    // px
    QList<const AnySetting *> settings; // which its controls may have, besides what every control has

    // look: that of the control itself, with its style and what is pinned (core/looks/dress).
    Picture (*draw)(const Control &control, const Shown &shown, const Look &look);
    // The words for a stored value; never called with NULL.
    QString (*words)(const Control &control, const QVariant &value, const QLocale &locale);
    // The value for typed words, an invalid QVariant for NULL; an error whose sentence goes beside the box.
    Result<QVariant> (*read)(const Control &control, const QString &typed, const QLocale &locale);

    Holds holds = Holds::Nothing;
    Insets (*insets)(const Control &container, int page) = nullptr; // page: a page or a pane, by its id
    Casing casing = Casing::Box;
    TextRole role = TextRole::Field; // of its words, where a control has no role of its own
    bool hasWords = true;            // shows words or a value in words
    bool takesGround = true;         // may be given a ground
    bool scrolls = false;            // what it holds scrolls at work where there is no room
    bool isWorkedOut = false;        // shows a value of the row that is not its own to write
};

// Every kind, in the order in which people meet them.
const QList<Kind> &kinds();
// The kind with that name. A kind that this version does not know (from a newer file) is drawn as an outlined box with
// its name, edits nothing and is saved as it was read.
const Kind &kindNamed(const QString &name);
bool isKnownKind(const QString &name);
bool isCaption(const Control &control);
// Whether a control of that kind shows a value of its row, which people type or choose.
bool takesValue(const Kind &kind);
// Whether Entry has a widget for it: where people type, choose, press or copy. All else is painted by its band.
bool hasWidget(const Control &control);
// Whether it shows a value of its row at all, typed or worked out.
bool showsValue(const Control &control);
QString kindTitle(const Kind &kind);

// The picture of a control at one moment: as its kind draws it in the look made for it, on the ground that it lays if
// it lays one, with the bar of its mark at the left edge.
Picture pictureOf(const Control &control, const Shown &shown, const Look &look);

// What a control shows for a stored value. lookupWords are the words that a lookup found for the value, if it is one.
Shown shownFor(const Control &control, const QVariant &value, const QLocale &locale, const QString &lookupWords = {});

// A control that shows no value: the words of captions, boxes blank.
Shown shownBlank(const Control &control);

// Every column of the form's row that a control needs: the bound one, those that its lookup writes, those by which it
// follows a lookup, those to which the rows of a subform belong, those that narrow its choices, in that order, each
// once.
QStringList columnsNeeded(const Control &control);
// Those among them that it writes.
QStringList columnsWritten(const Control &control);

} // namespace nabblet
