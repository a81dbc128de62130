// By what a button's form is opened at the row in hand.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/kinds/settings/child_link.h"

namespace nabblet {

// The columns of the rows there that hold what columns of the rows here do: the key of the same rows, the one link of
// those rows to these, or the one of these to those. Empty where there is none or more than one; there may be a
// table that the form itself is not of, as with a SELECT.
ChildLink matchBetween(const Catalogue &catalogue, const QString &here, const QString &there);

} // namespace nabblet
