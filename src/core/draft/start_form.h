// The form with which a project begins: a button for each of its forms, grouped by what links them.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"
#include "core/text/text_measure.h"

namespace nabblet {

struct FormToStart
{
    QString name;  // in the project
    QString title; // in words
    QString table; // of its rows, or empty
};

// before: the start form as it is, whose every control stays as a hand left it: only forms that no button opens yet get
// one, in the group of their table where there is one. Without it, a whole one is made. The form `name` itself gets no
// button.
Form startForm(const std::optional<Form> &before, const QString &name, const QString &title,
               const QList<FormToStart> &forms, const Catalogue &catalogue, const QString &look,
               const TextMeasure &measure);

} // namespace nabblet
