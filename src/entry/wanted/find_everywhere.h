// Finding a record in any of the forms that a form opens, such as the one that a project starts with: typed words
// narrow the list; before that, what was used last stands there.
#pragma once

#include <QString>
#include <QVariantList>

#include <optional>

class QWidget;

namespace nabblet {

class EntrySession;

struct FoundElsewhere
{
    QString form; // its name in the project
    QVariantList key;
};

// Nothing when the person thought better of it.
std::optional<FoundElsewhere> askForRecordAnywhere(EntrySession &session, QWidget *parent);

} // namespace nabblet
