#include "core/sorts/order_of_select.h"

#include "core/catalogue/select_table.h"

#include <algorithm>

namespace nabblet {

namespace {

bool isWord(const SqlToken &token, const char *word)
{
    return token.kind == SqlToken::Word && token.text.compare(QLatin1String(word), Qt::CaseInsensitive) == 0;
}

// A column of the SELECT, by its name or by its number from 1.
const Column *columnOf(const Table &table, const SqlToken &token)
{
    bool isNumber = false;
    const int number = token.text.toInt(&isNumber);
    if (isNumber) {
        return number >= 1 && number <= table.columns.size() ? &table.columns.at(number - 1) : nullptr;
    }
    const auto found = std::find_if(table.columns.begin(), table.columns.end(), [&](const Column &column) {
        return column.name.compare(token.text, Qt::CaseInsensitive) == 0;
    });
    return found == table.columns.end() ? nullptr : &*found;
}

} // namespace

std::optional<QList<SortedBy>> orderOfSelect(const Table &table)
{
    QList<SqlToken> tokens = orderOfRows(table.select);
    if (!tokens.isEmpty() && tokens.last().text == QLatin1String(";")) {
        tokens.removeLast();
    }
    QList<SortedBy> sorted;
    for (qsizetype i = 0; i < tokens.size();) {
        // A name of two parts is taken by its last one, where the SELECT gives a column of that name.
        if (i + 2 < tokens.size() && tokens.at(i + 1).text == QLatin1String(".")) {
            i += 2;
        }
        const bool isName = tokens.at(i).kind != SqlToken::Sign && tokens.at(i).kind != SqlToken::String;
        const Column *column = isName ? columnOf(table, tokens.at(i)) : nullptr;
        if (!column) {
            return std::nullopt;
        }
        SortedBy each{column->name, false, QStringLiteral("stored")};
        ++i;
        if (i < tokens.size() && (isWord(tokens.at(i), "asc") || isWord(tokens.at(i), "desc"))) {
            each.isDescending = isWord(tokens.at(i), "desc");
            ++i;
        }
        sorted.append(each);
        if (i < tokens.size() && (tokens.at(i).text != QLatin1String(",") || i + 1 == tokens.size())) {
            return std::nullopt;
        }
        ++i;
    }
    return sorted.isEmpty() ? std::nullopt : std::optional(sorted);
}

Form withOrderOfSelect(const Form &form, const Table &table)
{
    const auto order = orderOfSelect(table);
    Form result = form;
    if (order && !table.primaryKey.isEmpty()) { // without a key, rows come as the SELECT gives them
        result.settings.set(setting::Sorted, *order);
    }
    return result;
}

} // namespace nabblet
