// What a kind of control is: how it is drawn, what it may be bound to, how its values turn into words and back.
// A kind is one file beside this one and one line in kind_table.cpp.
#pragma once

#include "core/catalogue/column_type.h"
#include "core/kinds/picture.h"
#include "core/model/control.h"
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

// What a control shows at one moment.
struct Shown
{
    QString words;                              // the value in words; for a box, what stands in it
    bool isMissing = true;                      // NULL, or no record
    bool isOn = false;                          // for tick boxes
    QByteArray image;                           // for pictures
    int page = 0;                               // of tab pages: the one in front, by its id; 0 for the first
    bool isNumber = false;                      // the value is a number
    QStringList lines;                          // of a list whose choices come from another table
    std::optional<QList<int>> chosenLines = {}; // of a list: those chosen, by number; without, by their words
    int firstLine = -1;                         // of a list: the first in sight; -1: as shows what is chosen
    int cursorLine = -1;                        // of a list: the one that the keyboard is at
    BoxState state = BoxState::Rest;

    bool operator==(const Shown &) const = default;
};

struct Kind
{
    QString name;      // in files: "text-box"
    const char *title; // for people, in English; kindTitle() translates it
    QString shortName; // for control names: "text" in text_asset_no
    Editor editor = Editor::None;
    QList<ColumnType> binds; // the types of column it may be bound to; empty for what cannot be bound
    QSize usualSize;         // px

    Picture (*draw)(const Control &control, const Shown &shown);
    // The words for a stored value; never called with NULL.
    QString (*words)(const Control &control, const QVariant &value, const QLocale &locale);
    // The value for typed words, an invalid QVariant for NULL; an error whose sentence goes beside the box.
    Result<QVariant> (*read)(const Control &control, const QString &typed, const QLocale &locale);

    Holds holds = Holds::Nothing;
    Insets (*insets)(const Control &container, int page) = nullptr; // page: a page or a pane, by its id
    bool scrolls = false;     // what it holds scrolls at work where there is no room
    bool isWorkedOut = false; // shows a value of the row that is not its own to write
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
// The form of the project that a button opens, or that a subform shows from a file of its own, by its name: "opens".
QString projectFormOf(const Control &control);
// Whether it shows a value of its row at all, typed or worked out.
bool showsValue(const Control &control);
QString kindTitle(const Kind &kind);

// What a control shows for a stored value. lookupWords are the words that a lookup found for the value, if it is one.
Shown shownFor(const Control &control, const QVariant &value, const QLocale &locale, const QString &lookupWords = {});

// A control that shows no value: the words of captions, boxes blank.
Shown shownBlank(const Control &control);

// Settings that several kinds share, read from Control::settings.
bool isLocked(const Control &control);                    // "locked": people see it and cannot change it
std::optional<int> decimalPlaces(const Control &control); // "decimals"
std::optional<int> lengthLimit(const Control &control);   // "length", characters
QString formulaOf(const Control &control);                // "formula": an SQL expression over the row
bool sitsAbove(const Control &caption);                   // "sits": "above", for a caption
void setSitsAbove(Control &caption, bool isAbove);
QString promptOf(const Control &control); // "prompt", faint words in an empty box

struct Choice
{
    QVariant value;
    QString words;
};
QList<Choice> fixedChoices(const Control &control); // "choices"
bool takesNewChoices(const Control &control);       // "takesNew": words that are no choice are stored as they are typed

// What stands in a control of a new record before anyone types: a value ("starts"), or what an SQL expression gives
// ("startsWorkedOut"). Neither: nothing but what the database itself fills in.
struct StartValue
{
    QVariant value;
    QString formula;
};
std::optional<StartValue> startValueOf(const Control &control);
void setStartValue(Control &control, const std::optional<StartValue> &start);

// The pages of tab pages: "pages". An id names its page for as long as it is there.
struct Page
{
    int id = 0;
    QString title;

    bool operator==(const Page &) const = default;
};
QList<Page> pagesOf(const Control &container);
void setPages(Control &container, const QList<Page> &pages);
// A picture that is part of the form, such as a logo: "image", an encoded picture in base64. Empty where it shows a
// column.
QByteArray fixedImage(const Control &control);
void setFixedImage(Control &control, const QByteArray &image);
// Whether it goes to the record chosen in it instead of writing a value.
bool isJumpList(const Control &control);
bool isFramed(const Control &control); // "framed": a group box or a box is seen; without, the form shows through

// Panes, the first of which has the id FirstPane and the other SecondPane.
constexpr int FirstPane = 1;
constexpr int SecondPane = 2;
bool areStacked(const Control &panes); // "stacked": one above the other, else side by side
int dividerOf(const Control &panes);   // "divider": px from the first pane's edge; without, in the middle
void setDivider(Control &panes, int divider);

// A column that an open list shows beside the words of each choice.
struct LookupColumn
{
    QString name;
    int width = 0;        // px; 0: as its words need
    QString heading = {}; // may be empty

    bool operator==(const LookupColumn &) const = default;
};

// A drop-down or list whose choices come from another table or a SELECT: "lookup".
struct Lookup
{
    QString table;            // empty with a SELECT
    QStringList valueColumns; // of that table; what is stored
    QStringList wordsColumns; // shown one after the other
    QStringList columns;      // of the form's row, written together; as many as valueColumns

    QString select = {};            // a SELECT of the builder's own whose rows are the choices
    QStringList sort = {};          // columns, those that fall with a minus before them; empty: by the words
    QStringList filterColumns = {}; // of the choices, which must hold …
    QStringList filterBy = {}; // … what stands in these columns of the form's row, as many; a blank one holds none
    QList<LookupColumn> also = {}; // in the open list only
    QString heading = {};          // of the words, in the open list
};
// A column of Lookup::sort. Names that begin with a sign themselves are written with a plus before them.
struct ChoiceOrder
{
    QString name;
    bool isFalling = false;
};
ChoiceOrder choiceOrder(const QString &written);
QString written(const ChoiceOrder &column);
std::optional<Lookup> lookupOf(const Control &control);
void setLookup(Control &control, const Lookup &lookup);

// A control that shows a value of the row that a lookup points to, and follows it: "follows".
struct Followed
{
    QStringList columns; // of the form's row, which point to …
    QString table;
    QStringList keyColumns; // … these columns of the other table
    QString column;         // what is shown of its row
};
std::optional<Followed> followedBy(const Control &control);
void setFollowed(Control &control, const Followed &followed);

// How the rows of a control's inner form belong to the row in hand: "link".
struct ChildLink
{
    QStringList childColumns;  // of the inner form's rows
    QStringList parentColumns; // of the form's row, as many

    bool operator==(const ChildLink &) const = default;
};
ChildLink childLinkOf(const Control &control);
void setChildLink(Control &control, const ChildLink &link);

// What a total in a footer works out: "total".
enum class TotalKind { Sum, Average, Least, Greatest, Count };
struct Total
{
    TotalKind kind = TotalKind::Sum;
    QString column; // empty for a count of rows
};
std::optional<Total> totalOf(const Control &control);
void setTotal(Control &control, const Total &total);

// The least and greatest number that may be typed: "least", "most".
struct NumberLimits
{
    std::optional<double> least;
    std::optional<double> most;
};
NumberLimits numberLimits(const Control &control);

// Every column of the form's row that a control needs: the bound one, those that its lookup writes, those by which it
// follows a lookup, those to which the rows of a subform belong, those that narrow its choices, in that order, each
// once.
QStringList columnsNeeded(const Control &control);
// Those among them that it writes.
QStringList columnsWritten(const Control &control);

} // namespace nabblet
