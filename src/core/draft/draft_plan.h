// What a draft is made from: the choices that a person may change before the form is made. planDraft() proposes them.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/form.h"

namespace nabblet {

enum class Arrangement {
    Columnar, // captions beside their boxes
    Stacked,  // captions above their boxes
};
enum class Spacing { Tight, Comfortable, Roomy };
enum class BoxWidths { FitValues, ByLength, AllTheSame };

struct PlannedColumn
{
    QString column;
    bool isTaken = true;
    QString caption;
    QString kind;
    QString reason;          // why it is left out, or only shown
    bool isRequired = false; // a new record cannot be saved without it

    bool operator==(const PlannedColumn &) const = default;
};

struct DraftPlan
{
    QString table;
    QString title;
    QList<PlannedColumn> columns; // in the order of the form
    Arrangement arrangement = Arrangement::Columnar;
    int columnsOfBoxes = 0; // 1 to 4; 0 chooses by the number of fields
    Spacing spacing = Spacing::Comfortable;
    BoxWidths widths = BoxWidths::FitValues;
    QString look = QStringLiteral("Harbour");
    Permissions people;
    QString namingPattern = QStringLiteral("{kind}_{column}");

    bool operator==(const DraftPlan &) const = default;
};

// The plan that the program proposes for a table. profile may be nullptr. A key that numbers itself is left out; all
// else is taken, in an order that makes sense to a reader.
DraftPlan planDraft(const Table &table, const Profile *profile = nullptr);

// The same plan with what was learned of the stored values since: kinds that nobody changed are chosen anew, and long
// text that turned out to be one moves to the end. proposed: the plan as it was proposed before.
DraftPlan replanned(const DraftPlan &plan, const DraftPlan &proposed, const Table &table, const Profile &profile);

// The required columns of the table that the plan leaves without a box and the database does not fill.
QStringList uncoveredColumns(const DraftPlan &plan, const Table &table);

} // namespace nabblet
