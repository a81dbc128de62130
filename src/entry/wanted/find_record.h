// Finding a record by words in it: typed words narrow the list, Enter goes there.
#pragma once

#include <QVariantList>

#include <optional>

class QWidget;

namespace nabblet {

class EntrySession;

// Asks for a record of the session's form and gives its key; nothing when the person thought better of it.
std::optional<QVariantList> askForRecord(EntrySession &session, QWidget *parent);

} // namespace nabblet
