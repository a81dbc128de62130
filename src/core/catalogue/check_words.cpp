#include "core/catalogue/check_words.h"

#include "core/catalogue/create_statement.h"
#include "core/text/quotes.h"
#include "core/text/tr.h"

#include <optional>

namespace nabblet {

namespace {

// A literal or a column at `at`, in words; moves `at` behind it. Empty when there is neither.
std::optional<QString> operand(const QList<SqlToken> &tokens, qsizetype &at, const Table &table,
                               const std::function<QString(const QString &)> &captionFor)
{
    if (at >= tokens.size()) {
        return std::nullopt;
    }
    const SqlToken &token = tokens.at(at);
    if (token.kind == SqlToken::Number) {
        ++at;
        return token.text;
    }
    if (token.kind == SqlToken::String) {
        ++at;
        return inQuotes(token.text);
    }
    if (token.kind == SqlToken::Sign && token.text == QLatin1String("-") && at + 1 < tokens.size() &&
        tokens.at(at + 1).kind == SqlToken::Number) {
        at += 2;
        return QStringLiteral("−") + tokens.at(at - 1).text;
    }
    for (const Column &column : table.columns) {
        if (token.kind != SqlToken::Sign && column.name.compare(token.text, Qt::CaseInsensitive) == 0) {
            ++at;
            return captionFor(column.name);
        }
    }
    return std::nullopt;
}

bool isWord(const QList<SqlToken> &tokens, qsizetype at, const char *word)
{
    return at < tokens.size() && tokens.at(at).kind == SqlToken::Word &&
           tokens.at(at).text.compare(QLatin1String(word), Qt::CaseInsensitive) == 0;
}

QString comparisonInWords(const QString &sign, const QString &left, const QString &right, bool isDate)
{
    if (sign == QLatin1String(">=")) {
        return (isDate ? Texts::tr("%1 must not be before %2") : Texts::tr("%1 must be %2 or more")).arg(left, right);
    }
    if (sign == QLatin1String("<=")) {
        return (isDate ? Texts::tr("%1 must not be after %2") : Texts::tr("%1 must be %2 or less")).arg(left, right);
    }
    if (sign == QLatin1String(">")) {
        return (isDate ? Texts::tr("%1 must be after %2") : Texts::tr("%1 must be more than %2")).arg(left, right);
    }
    if (sign == QLatin1String("<")) {
        return (isDate ? Texts::tr("%1 must be before %2") : Texts::tr("%1 must be less than %2")).arg(left, right);
    }
    if (sign == QLatin1String("<>") || sign == QLatin1String("!=")) {
        return Texts::tr("%1 must not be %2").arg(left, right);
    }
    if (sign == QLatin1String("=") || sign == QLatin1String("==")) {
        return Texts::tr("%1 must be %2").arg(left, right);
    }
    return {};
}

} // namespace

QString ruleInWords(const Check &check, const Table &table, const std::function<QString(const QString &)> &captionFor)
{
    if (const QString own = table.sentences.value(ruleName(check)); !own.isEmpty()) {
        return own;
    }
    for (const Column &column : table.columns) {
        const QVariantList choices = choicesOfCheck(check.expression, column.name);
        if (!choices.isEmpty()) {
            QStringList words;
            for (const QVariant &choice : choices) {
                words.append(inQuotes(choice.toString()));
            }
            return Texts::tr("%1 must be one of %2").arg(captionFor(column.name), words.join(QStringLiteral(", ")));
        }
    }

    const QList<SqlToken> tokens = sqlTokens(check.expression);
    qsizetype at = 0;
    const std::optional<QString> left = operand(tokens, at, table, captionFor);
    if (left && at < tokens.size()) {
        const Column *column = findColumn(table, tokens.at(0).text);
        const bool isDate = column && (column->type == ColumnType::Date || column->type == ColumnType::DateTime ||
                                       column->type == ColumnType::Time);
        if (isWord(tokens, at, "between")) {
            ++at;
            const std::optional<QString> low = operand(tokens, at, table, captionFor);
            const bool hasAnd = isWord(tokens, at, "and");
            ++at;
            const std::optional<QString> high = operand(tokens, at, table, captionFor);
            if (low && hasAnd && high && at == tokens.size()) {
                return Texts::tr("%1 must lie between %2 and %3").arg(*left, *low, *high);
            }
        } else if (tokens.at(at).kind == SqlToken::Sign) {
            const QString sign = tokens.at(at).text;
            ++at;
            const std::optional<QString> right = operand(tokens, at, table, captionFor);
            const QString words =
                right && at == tokens.size() ? comparisonInWords(sign, *left, *right, isDate) : QString();
            if (!words.isEmpty()) {
                return words;
            }
        }
    }
    return Texts::tr("This rule must hold: %1").arg(check.expression.simplified());
}

QStringList columnsOfRule(const Check &check, const Table &table)
{
    QStringList columns;
    for (const Column &column : table.columns) {
        if (checkReadsColumn(check.expression, column.name)) {
            columns.append(column.name);
        }
    }
    return columns;
}

} // namespace nabblet
