// Names of tables and columns whose words run together, parted.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/words/run_together.h"

#include <QList>

namespace nabblet {

// Gives every table and column whose words run together its parted name, by the language that knows most of the
// catalogue's words and by the words that stand alone in it. spellers: asked one after the other, the usual one first;
// the next is only asked for where the ones before know too little.
void partNames(Catalogue &catalogue, const QList<Speller> &spellers);

} // namespace nabblet
