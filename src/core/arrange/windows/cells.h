// Cells: what stands in a grid that fills its surroundings and grows with them in both directions.
#pragma once

#include "core/arrange/arranged.h"

namespace nabblet {

// Makes what is selected a grid of cells as it stands: columns and rows are seen from where the controls begin, one
// that reaches across several spans them, places without a control stay empty. Together they fill the area as far as
// nothing else stands there, keep the proportions of their columns and rows and the usual gap between them, and stretch
// with the window by rails between them; what they stand in stretches too. Captions stay with their boxes, in their
// cells.
Form withCells(const Form &form, const QList<Arranged> &items);

// Why that does not apply, a sentence; empty where it does.
QString whyNoCells(const Form &form, const QList<Arranged> &items);

} // namespace nabblet
