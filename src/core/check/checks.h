// What may be wrong with a form, one check a file in each/ and one line in the list below. A check looks at a form and
// its tables and says what it finds; forms inside are looked at by themselves.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/looks/files/look_book.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>
#include <QString>

#define NABBLET_CHECKS(CHECK)                                                                                          \
    CHECK(cutCaptions)                                                                                                 \
    CHECK(missingColumns)                                                                                              \
    CHECK(typedLinks)                                                                                                  \
    CHECK(typedIdentities)                                                                                             \
    CHECK(typedTwice)                                                                                                  \
    CHECK(wrongRules)                                                                                                  \
    CHECK(hardWords)                                                                                                   \
    CHECK(missingStyles)                                                                                               \
    CHECK(missingPictures)

namespace nabblet {

struct Finding
{
    ControlId control = 0; // 0: concerns the form as a whole
    QString sentence;      // for the builder
};

struct CheckContext
{
    const Form &form;
    const Catalogue &catalogue;
    const TextMeasure &measure;
    QStringList filled = {}; // columns that fill themselves, as the rows belong to another form's record
    LookBook looks = {};     // of the project
};

struct FormCheck
{
    const char *name; // by which it is asked for
    QList<Finding> (*find)(const CheckContext &context);
};

const QList<FormCheck> &formChecks();
// What one check finds; nothing for a name that no check has.
QList<Finding> findings(const char *check, const CheckContext &context);

#define NABBLET_DECLARE(check) FormCheck check();
NABBLET_CHECKS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet
