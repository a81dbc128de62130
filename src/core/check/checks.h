// What may be wrong with a form, one check a file in each/, in placed/ where it is about where things stand, or in rows/
// where it is about the rows, and one line in the list below. A check looks at a form and
// its tables and says what it finds; forms inside are looked at by themselves.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/check/degree.h"
#include "core/looks/files/look_book.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QHash>
#include <QList>
#include <QString>
#include <QStringList>

#include <functional>
#include <optional>

#define NABBLET_CHECKS(CHECK)                                                                                          \
    CHECK(undecidedMerges)                                                                                             \
    CHECK(outOfStep)                                                                                                   \
    CHECK(goneTables)                                                                                                  \
    CHECK(goneColumns)                                                                                                 \
    CHECK(oddTypes)                                                                                                    \
    CHECK(missingColumns)                                                                                              \
    CHECK(lockedNeeded)                                                                                                \
    CHECK(typedIdentities)                                                                                             \
    CHECK(typedTwice)                                                                                                  \
    CHECK(typedLinks)                                                                                                  \
    CHECK(codesForNames)                                                                                               \
    CHECK(equalChoices)                                                                                                \
    CHECK(unseenOrders)                                                                                                \
    CHECK(looseSubforms)                                                                                               \
    CHECK(keylessRows)                                                                                                 \
    CHECK(hidingSelects)                                                                                               \
    CHECK(slowSelects)                                                                                                 \
    CHECK(unreachedForms)                                                                                              \
    CHECK(idleButtons)                                                                                                 \
    CHECK(wrongRules)                                                                                                  \
    CHECK(missingPictures)                                                                                             \
    CHECK(missingStyles)                                                                                               \
    CHECK(hardWords)                                                                                                   \
    CHECK(equalNames)                                                                                                  \
    CHECK(equalCaptions)                                                                                               \
    CHECK(strayCaptions)                                                                                               \
    CHECK(namelessBoxes)                                                                                               \
    CHECK(cutCaptions)                                                                                                 \
    CHECK(cutValues)                                                                                                   \
    CHECK(covered)                                                                                                     \
    CHECK(outOfPlace)                                                                                                  \
    CHECK(nearlyInLine)                                                                                                \
    CHECK(unequalGaps)                                                                                                 \
    CHECK(offGrid)                                                                                                     \
    CHECK(smallTargets)                                                                                                \
    CHECK(backwardTabs)                                                                                                \
    CHECK(tallForms)

namespace nabblet {

struct CheckContext;

// A way to put right what was found: a form in the place of the one looked at.
struct Mend
{
    QString words; // what it does: "Make it 24 px wider"
    std::function<Form(const CheckContext &context)> mended;
};

struct Finding
{
    ControlId control = 0;             // 0: concerns the form as a whole
    QString sentence;                  // for the builder
    QString about = {};                // what else it concerns, by which it is told from others of its check: a column
    QList<Mend> mends = {};            // the likeliest first
    int rule = -1;                     // the rule of the form that it is about
    std::optional<Degree> degree = {}; // where it is not that of its check
};

struct CheckContext
{
    const Form &form;
    const Catalogue &catalogue;
    const TextMeasure &measure;
    QStringList filled = {}; // columns that fill themselves, as the rows belong to another form's record
    LookBook looks = {};     // of the project
    const QHash<QString, Profile> *profiles = nullptr; // what is stored in tables, as far as that is known
    std::optional<QStringList> forms = {};             // of the project, by name, where it is known
    QString namingPattern = QStringLiteral("{kind}_{column}");
    // Of a project that begins with a form of its own: that one, and those that forms of the project open.
    std::optional<QStringList> opened = {};
};

struct FormCheck
{
    const char *name;  // by which it is asked for, and files know it
    const char *title; // what all that it finds is called, in English; checkTitle() translates it
    Degree degree;
    QList<Finding> (*find)(const CheckContext &context);
};

const QList<FormCheck> &formChecks();
QString checkTitle(const FormCheck &check);
// What one check finds; nothing for a name that no check has.
QList<Finding> findings(const char *check, const CheckContext &context);

#define NABBLET_DECLARE(check) FormCheck check();
NABBLET_CHECKS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet
