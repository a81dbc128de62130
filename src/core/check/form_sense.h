// Whether a form makes sense to those who use it, in figures; form_quality.h counts how exact it is.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

#include <QHash>
#include <QStringList>

#include <functional>

namespace nabblet {

// What is counted of a form, each with what it was found at ("visit.vessel_code"). Forms inside others are counted with
// the databases' own forms of those tables.
struct FormSense
{
    QStringList codesForNames;  // lookups that show a code where the other table has a name
    QStringList firstBoxes;     // the first box, where another one names the rows
    QStringList strangeWords;   // words of captions that no dictionary knows
    QStringList oversized;      // boxes three times as wide or high as 95 % of their values need
    QStringList withoutHeading; // more than MostWithoutHeading fields in a form without headings
    QStringList tallForms;      // forms higher than two screens

    FormSense &operator+=(const FormSense &other);
};

constexpr int MostWithoutHeading = 18; // fields in one run
constexpr int ScreenHeight = 800;      // px

struct SenseContext
{
    const Catalogue &catalogue;
    const QHash<QString, Profile> &profiles; // of the tables, by name, as far as they are known
    const TextMeasure &measure;
    std::function<bool(const QString &word)> knows; // of one word, in small letters
};

FormSense senseOf(const Form &form, const SenseContext &context);

// The rules, each for itself.
QStringList codesShownForNames(const Form &form, const SenseContext &context);
QStringList firstBoxThatNamesNothing(const Form &form, const SenseContext &context);
QStringList wordsThatNobodyKnows(const Form &form, const SenseContext &context);
QStringList oversizedBoxes(const Form &form, const SenseContext &context);
QStringList fieldsWithoutHeading(const Form &form, const SenseContext &context);
QStringList formsTooTall(const Form &form, const SenseContext &context);

} // namespace nabblet
