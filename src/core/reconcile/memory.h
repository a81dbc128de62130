// What a form remembers of the columns that it uses: what each was like when it was bound, or when the form was last
// brought into step with its tables.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/profile.h"
#include "core/model/form.h"
#include "core/reconcile/what_changed.h"

namespace nabblet {

// The form with everything remembered that it uses and does not remember yet, in the forms inside as well; what nothing
// uses any more is forgotten, what is remembered stays as it was. profiles: what is stored, as far as that is known.
Form withColumnsRemembered(const Form &form, const Catalogue &catalogue,
                           const QHash<QString, Profile> *profiles = nullptr);

// Profiles of samples, from which it takes signs of what is stored.
QHash<QString, Profile> profilesOf(const StoredSamples &samples);
// The tables that a form uses, those of forms inside included.
QStringList tablesUsed(const Form &form);

// The same with everything as the catalogue has it now: it is in step.
Form withColumnsAsNow(const Form &form, const Catalogue &catalogue, const QHash<QString, Profile> *profiles = nullptr);

// What it remembers of a column, or nullptr.
const BoundColumn *remembered(const Form &form, const QString &table, const QString &column);

} // namespace nabblet
