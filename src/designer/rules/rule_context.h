// What the editors of rules need to know of the form and what is stored.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/model/form.h"

#include <functional>

namespace nabblet {

// A value that a column may be compared with.
struct ValueChoice
{
    QString words;
    QString value;
    qint64 count = -1; // of stored rows that have it; -1: not known
};

struct RuleContext
{
    Form form = {};
    Table table = {}; // of the form's rows; without columns where there is none
    std::function<QList<ValueChoice>(const QString &column)> choices = {};
    // Which sides of a rule no trial has shown, in words; empty where it was not tried at all.
    std::function<QString(const Rule &rule)> untried = {};
};

// A stored value of a column as the form shows it, with the words of its choices.
QString wordsFor(const RuleContext &context, const QString &column, const QVariant &value);

// What an expression may name: columns, functions, rows that belong to the row and their columns.
QStringList namesFor(const RuleContext &context);

} // namespace nabblet
