// Conditions in words; of condition_rows.h.
#include "core/kinds/control_names.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/choices.h"
#include "core/rules/condition_rows.h"
#include "core/text/quotes.h"
#include "core/text/tr.h"

#include <QDate>
#include <QLocale>

#include <algorithm>

namespace nabblet {

namespace {

QString valueInWords(const Form &form, const QString &column, const CompareValue &value)
{
    if (!value.column.isEmpty()) {
        return calledForColumn(form, value.column);
    }
    if (value.days) {
        return *value.days == 0  ? Texts::tr("today")
               : *value.days > 0 ? counted(*value.days, Texts::tr("tomorrow"), Texts::tr("today in %1 days"))
                                 : counted(-*value.days, Texts::tr("yesterday"), Texts::tr("today %1 days ago"));
    }
    for (const Control &control : form.controls) {
        if (control.column.compare(column, Qt::CaseInsensitive) == 0) {
            for (const Choice &choice : fixedChoices(control)) {
                if (choice.value.toString() == value.text) {
                    return inQuotes(choice.words);
                }
            }
        }
    }
    if (value.isNumber) {
        bool isNumber = false;
        const double number = value.text.toDouble(&isNumber);
        return isNumber ? QLocale().toString(number, 'g', 15) : value.text;
    }
    const QDate date = QDate::fromString(value.text, Qt::ISODate);
    return date.isValid() && value.text.size() == 10 ? QLocale().toString(date, QLocale::ShortFormat)
                                                     : inQuotes(value.text);
}

} // namespace

QString comparisonWords(Comparison comparison)
{
    switch (comparison) {
    case Comparison::Is:
        return Texts::tr("is");
    case Comparison::IsNot:
        return Texts::tr("is not");
    case Comparison::OneOf:
        return Texts::tr("is one of");
    case Comparison::NoneOf:
        return Texts::tr("is none of");
    case Comparison::Less:
        return Texts::tr("is less than");
    case Comparison::AtMost:
        return Texts::tr("is at most");
    case Comparison::More:
        return Texts::tr("is more than");
    case Comparison::AtLeast:
        return Texts::tr("is at least");
    case Comparison::Between:
        return Texts::tr("lies between");
    case Comparison::Contains:
        return Texts::tr("contains");
    case Comparison::ContainsNot:
        return Texts::tr("does not contain");
    case Comparison::Begins:
        return Texts::tr("begins with");
    case Comparison::Ends:
        return Texts::tr("ends with");
    case Comparison::Blank:
        return Texts::tr("is blank");
    case Comparison::Filled:
        return Texts::tr("is filled in");
    case Comparison::True:
        return Texts::tr("is yes");
    case Comparison::False:
        return Texts::tr("is no");
    case Comparison::Before:
        return Texts::tr("is before");
    case Comparison::After:
        return Texts::tr("is after");
    case Comparison::WithinNext:
        return Texts::tr("is within the next days:");
    case Comparison::WithinLast:
        return Texts::tr("is within the last days:");
    case Comparison::ThisMonth:
        return Texts::tr("is in this month");
    }
    return {};
}

ConditionRow readFor(const ConditionRow &row, ColumnType type)
{
    const bool isFlag = type == ColumnType::YesNo && row.values.size() == 1 && row.values.first().isNumber;
    const QString text = isFlag ? row.values.first().text : QString();
    ConditionRow result = row;
    if ((row.comparison == Comparison::Is && text == u'1') || (row.comparison == Comparison::IsNot && text == u'0')) {
        result.comparison = Comparison::True;
        result.values.clear();
    } else if (row.comparison == Comparison::Is && text == u'0') {
        result.comparison = Comparison::False;
        result.values.clear();
    }
    return result;
}

QString conditionInWords(const Form &form, const QString &condition)
{
    const std::optional<QList<ConditionRow>> rows = rowsFromCondition(condition);
    if (!rows) {
        return condition.simplified();
    }
    const QList<QPair<int, int>> brackets = bracketsOf(*rows);
    QString words;
    for (int i = 0; i < rows->size(); ++i) {
        const ConditionRow &each = rows->at(i);
        const auto isBracket = [&](int QPair<int, int>::*end) {
            return rows->size() > 2 && std::any_of(brackets.begin(), brackets.end(),
                                                   [&](const QPair<int, int> &pair) { return pair.*end == i; });
        };
        const bool isFlag = std::any_of(form.controls.begin(), form.controls.end(), [&](const Control &control) {
            return control.column.compare(each.column, Qt::CaseInsensitive) == 0 &&
                   kindNamed(control.kind).editor == Editor::Tick;
        });
        const ConditionRow row = isFlag ? readFor(each, ColumnType::YesNo) : each;
        words += words.isEmpty() ? QString() : row.isOr ? Texts::tr(" or ") : Texts::tr(" and ");
        words += isBracket(&QPair<int, int>::first) ? QStringLiteral("(") : QString();
        words += row.isNot ? Texts::tr("not: ") : QString();
        QStringList values;
        for (const CompareValue &value : row.values) {
            values.append(valueInWords(form, row.column, value));
        }
        const QString caption = calledForColumn(form, row.column);
        const QString value = values.join(row.comparison == Comparison::Between ? Texts::tr(" and ") : Texts::tr(", "));
        if (row.comparison == Comparison::WithinNext) {
            words += Texts::tr("%1 is within %2 days").arg(caption, value);
        } else if (row.comparison == Comparison::WithinLast) {
            words += Texts::tr("%1 is within the last %2 days").arg(caption, value);
        } else {
            words += caption + u' ' + comparisonWords(row.comparison) + (value.isEmpty() ? QString() : u' ' + value);
        }
        words += isBracket(&QPair<int, int>::second) ? QStringLiteral(")") : QString();
    }
    return words;
}

} // namespace nabblet
