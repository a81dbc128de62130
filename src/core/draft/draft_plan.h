// What a draft is made from: the choices that a person may change before the form is made. planDraft() proposes them.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/child_link.h"
#include "core/model/form.h"
#include "core/text/caption_words.h"

#include <vector>

namespace nabblet {

enum class Arrangement {
    Columnar, // captions beside their boxes
    Stacked,  // captions above their boxes
    Tabular,  // many records under one another, captions as heads
};
enum class Spacing { Tight, Comfortable, Roomy };
// How the fields of a form of many are parted.
enum class Sections {
    AsSuits, // by headings where there are many
    None,
    Groups, // in group boxes
    Pages,  // on pages
};
// What a person may set as a box's width on the sheet, px.
constexpr int LeastPlannedWidth = 24;
constexpr int MostPlannedWidth = 1168;
enum class BoxWidths { FitValues, ByLength, AllTheSame };

struct PlannedColumn
{
    QString column;
    // For a column of the row that a lookup points to: the column of this row whose lookup that is. Empty for columns
    // of this row.
    QString through;
    bool isTaken = true;
    QString caption;
    QString kind;
    QString reason;          // why it is left out, or only shown
    bool isRequired = false; // a new record cannot be saved without it
    int width = 0;           // px, set by hand; 0 sizes the box as the plan says

    bool operator==(const PlannedColumn &) const = default;
};

struct PlannedChild;

struct DraftPlan
{
    QString table;
    QString title;
    QList<PlannedColumn> columns; // in the order of the form
    Arrangement arrangement = Arrangement::Columnar;
    int columnsOfBoxes = 0; // 1 to 4; 0 chooses by the number of fields
    Spacing spacing = Spacing::Comfortable;
    BoxWidths widths = BoxWidths::FitValues;
    Sections sections = Sections::AsSuits; // columnar and stacked
    QString look = QStringLiteral("Harbour");
    Permissions people;
    QString namingPattern = QStringLiteral("{kind}_{column}");
    int rowsShown = 12;           // tabular
    bool repeatsCaptions = false; // tabular: over the boxes of every row, not once in the header
    bool hasTotals = false;       // tabular: of the number columns, in the footer
    QStringList filledColumns;    // filled by themselves, since the rows belong to another one; not on the form
    std::vector<PlannedChild> children;

    bool operator==(const DraftPlan &other) const;
};

// Where the rows that belong to a record are shown.
enum class ChildPlace {
    Subform, // on the record's own form
    Button,  // on a form of their own, which a button opens
};

// Rows of another table that belong to each record.
struct PlannedChild
{
    ChildLink link;
    bool isTaken = false;
    ChildPlace place = ChildPlace::Subform;
    bool isUnasked = false; // taken by the program; left again where there turn out to be too many rows
    bool isByHand = false;  // linked by the builder, not by the database
    int usualRows = 0;      // that nine in ten records keep to; 0 when not known
    DraftPlan plan;         // of those rows; without columns until it is taken

    bool operator==(const PlannedChild &other) const;
};

// The plan that the program proposes for a table. profile may be nullptr. A key that numbers itself is left out; all
// else is taken, in an order that makes sense to a reader. words: of the project, for captions.
DraftPlan planDraft(const Table &table, const Profile *profile = nullptr, const WordList &words = {});

// The plan with the rows that belong to each record: taken where they belong to it alone, offered where they merely
// point to it.
DraftPlan planWithChildren(const Catalogue &catalogue, const Table &table, const Profile *profile = nullptr,
                           const WordList &words = {});

// Rows of other tables that may be shown with each record of a table, by the links that the database declares. A table
// that links to it more than once is named for each link by the words of the linking column.
std::vector<PlannedChild> plannedChildren(const Catalogue &catalogue, const Table &parent);

// Plans the columns of a child that is taken and has none yet; its link columns are left out and filled by themselves.
void completeChild(const Catalogue &catalogue, PlannedChild &child, const WordList &words = {});

// A child linked by the builder's hand, taken.
PlannedChild childByHand(const Catalogue &catalogue, const QString &table, const ChildLink &link,
                         const WordList &words = {});

// The columns of the rows that the table's lookups point to, not taken; each stands behind the lookup it follows.
QList<PlannedColumn> linkedColumns(const Catalogue &catalogue, const Table &table, const QString &through,
                                   const WordList &words = {});

// The same plan with what was learned of the stored values since: kinds that nobody changed are chosen anew, and long
// text that turned out to be one moves to the end. proposed: the plan as it was proposed before.
DraftPlan replanned(const DraftPlan &plan, const DraftPlan &proposed, const Table &table, const Profile &profile);

// A plan for the same rows after the catalogue changed, as when a link was taken: what nobody changed since it was
// proposed follows the new proposal, all else stays.
DraftPlan rebased(const DraftPlan &plan, const DraftPlan &proposed, const DraftPlan &now);

// What was learned of the rows that belong to each record: their values by table, and how many there usually are, by
// learnedKey().
struct Learned
{
    QHash<QString, Profile> profiles;
    QHash<QString, int> usualRows;
    QHash<QString, ColumnProfile> words; // that lookups into a table show, by its name
};
QString learnedKey(const QString &table, const ChildLink &link);

// More rows for one record than that are no list to look through on its form.
constexpr int MostRowsUnasked = 200;

// The same plan with what was learned of its children's rows: how many there are, and kinds that nobody changed. What
// was taken unasked and has more than MostRowsUnasked for a record is left.
DraftPlan withLearned(const Catalogue &catalogue, const DraftPlan &plan, const Learned &learned);

// The required columns of the table that the plan leaves without a box and the database does not fill.
QStringList uncoveredColumns(const DraftPlan &plan, const Table &table);
// The same of the rows that belong to each record, where people may add some: "visit.hours".
QStringList uncoveredInRows(const Catalogue &catalogue, const DraftPlan &plan);

} // namespace nabblet
