// One value for a box in all the records that are shown, after a look at what would come of it.
#pragma once

#include "core/model/control.h"

class QWidget;

namespace nabblet {

class EntrySession;

void changeTogether(EntrySession &session, const Control &box, QWidget *parent);
// All the records that are shown, deleted together; only what people asked for, never a whole table.
void deleteTogether(EntrySession &session, QWidget *parent);

} // namespace nabblet
