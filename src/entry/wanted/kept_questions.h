// Questions that are kept under a name, to be asked again: of one form, by a person on this computer, or by all who
// work with a project.
#pragma once

#include "core/filter/filter.h"
#include "entry/state/shared_questions.h"

#include <QList>
#include <QString>

#include <optional>

class QWidget;

namespace nabblet {

// Of a form, by its name and that of its rows.
QList<KeptQuestion> keptQuestions(const QString &form);
// One of that name comes in the place of the one before.
void keepQuestion(const QString &form, const KeptQuestion &question);
void forgetQuestion(const QString &form, const QString &name);

// Lets a person choose among them, and let some go; the one chosen, if any.
std::optional<KeptQuestion> askForKeptQuestion(const QString &form, const SharedQuestions &shared, QWidget *parent);
// Asks under which name what is wanted now is to be kept, and for whom; a sentence on what came of it, or empty.
QString askAndKeep(const QString &form, const Wanted &wanted, const SharedQuestions &shared, QWidget *parent);

} // namespace nabblet
