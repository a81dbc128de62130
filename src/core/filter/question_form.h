// A form as the question: the same form, with every box that can be asked empty and open for words.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/filter/filter.h"
#include "core/model/form.h"

#include <functional>

namespace nabblet {

// Controls keep their ids and places; boxes take words and are bound to columns of their own, of tables of their own.
// isAsked: whether a box can be asked; the others show nothing. What only works on records is gone.
Form questionForm(const Form &form, const std::function<bool(const Control &box)> &isAsked);

// The tables that such a form is bound to: one for the form, one for each subform whose boxes can be asked. All their
// columns hold text but for the first, which numbers the lines of the question.
struct QuestionTable
{
    QString name;
    QStringList columns;
};
constexpr char QuestionLine[] = "line";
QList<QuestionTable> questionTables(const Form &question);
// The column of a control.
QString questionColumn(ControlId control);

} // namespace nabblet
