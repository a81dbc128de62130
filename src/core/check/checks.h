// What may be wrong with a form, one check a file in each/ and one line in checks.cpp. A check looks at a form and its
// tables and says what it finds; forms inside are looked at by themselves.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QList>
#include <QString>

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
};

struct FormCheck
{
    const char *name; // by which it is asked for
    QList<Finding> (*find)(const CheckContext &context);
};

const QList<FormCheck> &formChecks();
// What one check finds; nothing for a name that no check has.
QList<Finding> findings(const char *check, const CheckContext &context);

// Captions without room for their words, or that stand out of the form.
QList<Finding> findCutCaptions(const CheckContext &context);
// Required columns that nothing fills, so that no record can be added.
QList<Finding> findMissingColumns(const CheckContext &context);
// Links to other tables that are typed as raw values.
QList<Finding> findTypedLinks(const CheckContext &context);
// Keys that number themselves and can be typed all the same.
QList<Finding> findTypedIdentities(const CheckContext &context);

} // namespace nabblet
