// A form: what one window shows. A form is a value; an edit is a function from form to form (core/edit,
// core/arrange), and nothing else changes one.
#pragma once

#include "core/model/control.h"
#include "core/model/rail.h"
#include "core/model/rule.h"

#include <QJsonObject>
#include <QJsonValue>
#include <QList>
#include <QMap>
#include <QSize>
#include <QString>

#include <optional>

namespace nabblet {

// The ground of a band, one of the look's.
enum class BandTone {
    Usual, // paper for the body, a tint for the others
    Paper,
    Tint,
    Strong,
};

struct Band
{
    BandRole role = BandRole::Body;
    int height = 0; // px
    QJsonObject unknown;
    BandTone tone = BandTone::Usual;
    ControlSettings settings = {}; // what is pinned of its look: core/looks/pins

    bool operator==(const Band &) const = default;
};

// What people may do with the rows.
struct Permissions
{
    bool see = true; // stored rows; without it, people only add
    bool add = true;
    bool change = true;
    bool remove = true;

    bool operator==(const Permissions &) const = default;
};

// What a draft made of a column, by which its own changes are told from those of hands.
struct Drafted
{
    QString kind;
    QString caption; // empty: it had none
    QSize size;      // px

    bool operator==(const Drafted &) const = default;
};

// What a column was like when it was bound or last brought into step. Reconcile compares this with the catalogue of
// today.
struct BoundColumn
{
    QString column;
    QString declaredType;
    std::optional<int> length; // characters
    bool isRequired = false;
    QString linksTo; // the table its value points to, or empty
    QJsonObject unknown;
    QString table = {};                  // that it is a column of; empty: the table of the form's rows
    int place = 0;                       // among the columns of its table, from 1; 0: not known
    QString comment = {};                // what the database's keeper wrote about it
    QString startsWith = {};             // SQL: what the database puts there by itself
    QStringList choices = {};            // the values that the table allows
    QStringList signs = {};              // by which some of its values are known again: core/catalogue/value_signs.h
    std::optional<Drafted> drafted = {}; // where a draft made its box

    bool operator==(const BoundColumn &) const = default;
};

// A finding that somebody looked at and leaves be.
struct LeftBe
{
    QString check; // by its name
    ControlId control = 0;
    QString about; // as Finding::about
    QString reason;

    bool operator==(const LeftBe &) const = default;
};

// What two people changed differently, as it was left when their forms were put together: the form has what is ours.
struct Undecided
{
    QString control; // by its name; empty: of the form itself
    QString key;     // in the file, of nested ones all with slashes: "settings/decimals"; empty: whether it is there
    QJsonValue ours; // null: it is not there
    QJsonValue theirs;

    bool operator==(const Undecided &) const = default;
};

enum class GridMarks { Dots, Lines, None };

struct Grid
{
    int pitch = 8; // px
    GridMarks marks = GridMarks::Dots;

    bool operator==(const Grid &) const = default;
};

// The order in which Tab visits the controls.
enum class TabOrder {
    Rows,    // row by row as they stand
    Columns, // column by column as they stand
    ByHand,  // the order of Form::handOrder
    Reading, // as the form reads: core/arrange/reading.h
};

// A picture or scanned page that lies faintly under the board, so that a form can follow its paper. Only for designing.
struct TracingSheet
{
    QString file;      // where the picture is; empty for none
    QPoint at;         // of its top left corner, px on the form
    int percent = 100; // of its own size
    int strength = 35; // percent, 100 is as it is

    bool operator==(const TracingSheet &) const = default;
};

// The form's window, and what stands around the form in it.
struct WindowStyle
{
    bool isFixed = false;       // as large as it was designed, not to be made larger or smaller
    bool hasRecordStrip = true; // where among the records, and what may be done with them
    bool hasScrollBars = true;  // where there is no room for the whole form
    bool hasRecordList = false; // the records beside the form
    bool isListAtRight = false; // else at the left
    int listWidth = 240;        // px
    QStringList listColumns;    // empty: those that tell the records apart

    bool operator==(const WindowStyle &) const = default;
};

// Where a tabular form shows one row in full, on a form of its own with an arrangement of its own.
enum class RowPanel {
    None,
    Below,    // under the rows, always there
    InPlace,  // in place of the rows, until one goes back to them
    OwnWindow // in a window
};

} // namespace nabblet

// Lists move them as they lie in memory.
Q_DECLARE_TYPEINFO(nabblet::Band, Q_RELOCATABLE_TYPE);
Q_DECLARE_TYPEINFO(nabblet::BoundColumn, Q_RELOCATABLE_TYPE);
Q_DECLARE_TYPEINFO(nabblet::LeftBe, Q_RELOCATABLE_TYPE);
Q_DECLARE_TYPEINFO(nabblet::Undecided, Q_RELOCATABLE_TYPE);

namespace nabblet {

struct Form
{
    // Written out once: a compiler puts what is long into each place that copies or ends one.
    Form();
    Form(const Form &other);
    Form(Form &&other) noexcept;
    Form &operator=(const Form &other);
    Form &operator=(Form &&other) noexcept;
    ~Form();

    QString name;     // what it is saved as; letters, digits and underscores
    QString title;    // the window's title, in words
    QString rowsFrom; // a table or view, or with a SELECT the name by which its rows go
    QString select;   // a SELECT of the builder's own, or empty
    Permissions permissions;
    QString look = QStringLiteral("Harbour");
    Grid grid;
    int width = 640;     // px
    int rowsShown = 0;   // of a tabular form, which repeats its body for each record; 0: one record at a time
    int leastWidth = 0;  // px, the narrowest window, pinned; 0: as worked out
    int leastHeight = 0; // px, the lowest the form is shown, all bands together, pinned; 0: as worked out
    TabOrder tabOrder = TabOrder::Reading;
    QList<ControlId> handOrder; // of the controls that Tab visits, with TabOrder::ByHand; others come behind
    TracingSheet tracing;
    WindowStyle window;
    ControlSettings settings; // of the form as a whole: core/form_settings
    RowPanel rowPanel = RowPanel::None;
    InnerForm rowForm;      // of the row in hand, where there is a panel for it
    QList<Band> bands;      // header, body and footer, those that there are, in that order
    QList<Rail> rails;      // upright
    QList<Rail> levelRails; // across the body; none of them is automatic
    QList<BoundColumn> boundColumns;
    QStringList seenColumns; // those of its table when the form was last in step with it; others have come since
    QList<LeftBe> leftBe;
    QList<Undecided> undecided;
    ControlList controls;
    QList<Rule> rules;
    // Its words in further languages: by the code of the language, by the words as they stand on the form.
    QString language; // in which those are, by its code; empty: nobody said
    QMap<QString, QMap<QString, QString>> languages;
    bool isRightToLeft = false; // made so for people who read so: core/edit/form_languages; not in files

    // What a newer version of the program wrote is kept for saving: its version number, its keys of the form, and its
    // keys of the form's inner objects by the name of the object.
    int fileVersion = 2;
    QJsonObject unknown;
    QJsonObject unknownInside;

    bool operator==(const Form &) const = default;
};

// Whether the form repeats its body for each record.
inline bool isTabular(const Form &form)
{
    return form.rowsShown > 0;
}

// The band with that role, or nullptr.
const Band *findBand(const Form &form, BandRole role);
// The form's own rail with that id, upright or level, or nullptr.
const Rail *findRail(const Form &form, RailId id);
// Whether a rail lies level: the body's top and bottom, and the form's own level ones.
bool isLevelRail(const Form &form, RailId id);
// The caption that belongs to a field, or nullptr.
const Control *captionOf(const Form &form, ControlId field);
// The distance from the form's top edge to the band's, px. 0 when there is no such band.
int bandTop(const Form &form, BandRole role);
// Whether a band is for printing only.
inline bool isOfPages(BandRole role)
{
    return role == BandRole::PageHeader || role == BandRole::PageFooter;
}
// The form as a window shows it, without the bands for printing and what stands on them.
Form withoutPageBands(const Form &form);
// All bands together, px.
int formHeight(const Form &form);
// The same as a window shows it: without the bands for printing, and with the body of a tabular form once for each row
// shown.
int shownHeight(const Form &form);
// A control's place measured from the form's top left corner, px.
QRect placeOnForm(const Form &form, const Control &control);
// The names of its controls, without that of one.
QStringList controlNames(const Form &form, ControlId without = 0);
// An id that no control of the form has.
ControlId nextControlId(const Form &form);
RailId nextRailId(const Form &form);
// What its own rails are called, upright and level ones: names are unique among both.
QStringList railNames(const Form &form);

} // namespace nabblet
