// Questions that a person keeps under a name, to ask them again: of one form, on this computer.
#pragma once

#include "core/filter/filter.h"

#include <QList>
#include <QString>

#include <optional>

class QWidget;

namespace nabblet {

struct KeptQuestion
{
    QString name;
    Wanted wanted;
};

// Of a form, by its name and that of its rows.
QList<KeptQuestion> keptQuestions(const QString &form);
// One of that name comes in the place of the one before.
void keepQuestion(const QString &form, const KeptQuestion &question);
void forgetQuestion(const QString &form, const QString &name);

// Lets a person choose among them, and let some go; the one chosen, if any.
std::optional<KeptQuestion> askForKeptQuestion(const QString &form, QWidget *parent);

} // namespace nabblet
