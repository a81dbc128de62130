#include "core/catalogue/create_statement.h"

#include <QDate>
#include <QTime>

namespace nabblet {

namespace {

bool isWordStart(QChar c)
{
    return c.isLetter() || c == u'_' || c.unicode() > 127;
}

bool isWordPart(QChar c)
{
    return isWordStart(c) || c.isDigit() || c == u'$';
}

// Reads a quoted run that starts at `start`; doubled closing quotes stand for themselves.
SqlToken quotedToken(const QString &sql, qsizetype start, QChar close, SqlToken::Kind kind)
{
    SqlToken token{kind, QString(), start, start + 1};
    qsizetype i = start + 1;
    while (i < sql.size()) {
        if (sql.at(i) == close) {
            if (close != u']' && i + 1 < sql.size() && sql.at(i + 1) == close) {
                token.text += close;
                i += 2;
                continue;
            }
            ++i;
            break;
        }
        token.text += sql.at(i);
        ++i;
    }
    token.end = i;
    return token;
}

bool isWord(const SqlToken &token, const char *word)
{
    return token.kind == SqlToken::Word && token.text.compare(QLatin1String(word), Qt::CaseInsensitive) == 0;
}

bool isSign(const SqlToken &token, char16_t sign)
{
    return token.kind == SqlToken::Sign && token.text == QChar(sign);
}

bool namesColumn(const SqlToken &token, const QString &column)
{
    return (token.kind == SqlToken::Word || token.kind == SqlToken::QuotedName) &&
           token.text.compare(column, Qt::CaseInsensitive) == 0;
}

// The index of the bracket that closes the one at `open`, or the number of tokens.
qsizetype closingBracket(const QList<SqlToken> &tokens, qsizetype open)
{
    int depth = 0;
    for (qsizetype i = open; i < tokens.size(); ++i) {
        if (isSign(tokens.at(i), u'(')) {
            ++depth;
        } else if (isSign(tokens.at(i), u')') && --depth == 0) {
            return i;
        }
    }
    return tokens.size();
}

void dropOuterBrackets(QList<SqlToken> &tokens)
{
    while (tokens.size() >= 2 && isSign(tokens.first(), u'(') && closingBracket(tokens, 0) == tokens.size() - 1) {
        tokens.removeLast();
        tokens.removeFirst();
    }
}

} // namespace

QList<SqlToken> sqlTokens(const QString &sql)
{
    QList<SqlToken> tokens;
    qsizetype i = 0;
    while (i < sql.size()) {
        const QChar c = sql.at(i);
        if (c.isSpace()) {
            ++i;
        } else if (c == u'-' && i + 1 < sql.size() && sql.at(i + 1) == u'-') {
            const qsizetype line = sql.indexOf(u'\n', i);
            i = line < 0 ? sql.size() : line + 1;
        } else if (c == u'/' && i + 1 < sql.size() && sql.at(i + 1) == u'*') {
            const qsizetype close = sql.indexOf(QLatin1String("*/"), i + 2);
            i = close < 0 ? sql.size() : close + 2;
        } else if (c == u'\'') {
            tokens.append(quotedToken(sql, i, u'\'', SqlToken::String));
            i = tokens.last().end;
        } else if (c == u'"' || c == u'`') {
            tokens.append(quotedToken(sql, i, c, SqlToken::QuotedName));
            i = tokens.last().end;
        } else if (c == u'[') {
            tokens.append(quotedToken(sql, i, u']', SqlToken::QuotedName));
            i = tokens.last().end;
        } else if (isWordStart(c)) {
            const qsizetype start = i;
            while (i < sql.size() && isWordPart(sql.at(i))) {
                ++i;
            }
            tokens.append({SqlToken::Word, sql.mid(start, i - start), start, i});
        } else if (c.isDigit() || (c == u'.' && i + 1 < sql.size() && sql.at(i + 1).isDigit())) {
            const qsizetype start = i;
            while (i < sql.size() && (sql.at(i).isLetterOrNumber() || sql.at(i) == u'.')) {
                ++i;
            }
            tokens.append({SqlToken::Number, sql.mid(start, i - start), start, i});
        } else {
            const bool isPair = i + 1 < sql.size() && (c == u'<' || c == u'>' || c == u'!' || c == u'=') &&
                                (sql.at(i + 1) == u'=' || (c == u'<' && sql.at(i + 1) == u'>'));
            const qsizetype length = isPair ? 2 : 1;
            tokens.append({SqlToken::Sign, sql.mid(i, length), i, i + length});
            i += length;
        }
    }
    return tokens;
}

QList<Check> checksOfCreateTable(const QString &statement)
{
    const QList<SqlToken> tokens = sqlTokens(statement);
    QList<Check> checks;
    for (qsizetype i = 0; i + 1 < tokens.size(); ++i) {
        if (!isWord(tokens.at(i), "check") || !isSign(tokens.at(i + 1), u'(')) {
            continue;
        }
        const qsizetype close = closingBracket(tokens, i + 1);
        const qsizetype from = tokens.at(i + 1).end;
        const qsizetype to = close < tokens.size() ? tokens.at(close).start : statement.size();
        Check check;
        check.expression = statement.mid(from, to - from).trimmed();
        if (i >= 2 && isWord(tokens.at(i - 2), "constraint")) {
            check.name = tokens.at(i - 1).text;
        }
        checks.append(check);
        i = close;
    }
    return checks;
}

QVariantList choicesOfCheck(const QString &expression, const QString &column)
{
    QList<SqlToken> tokens = sqlTokens(expression);
    dropOuterBrackets(tokens);

    // Leave out "column IS NULL" on either side of an OR.
    const auto isNullAt = [&](qsizetype at) {
        return at + 2 < tokens.size() && namesColumn(tokens.at(at), column) && isWord(tokens.at(at + 1), "is") &&
               isWord(tokens.at(at + 2), "null");
    };
    if (tokens.size() > 4 && isNullAt(0) && isWord(tokens.at(3), "or")) {
        tokens.remove(0, 4);
    } else if (tokens.size() > 4 && isNullAt(tokens.size() - 3) && isWord(tokens.at(tokens.size() - 4), "or")) {
        tokens.remove(tokens.size() - 4, 4);
    }
    dropOuterBrackets(tokens);

    if (tokens.size() < 5 || !namesColumn(tokens.at(0), column) || !isWord(tokens.at(1), "in") ||
        !isSign(tokens.at(2), u'(') || closingBracket(tokens, 2) != tokens.size() - 1) {
        return {};
    }
    QVariantList choices;
    bool expectsValue = true;
    bool isNegative = false;
    for (qsizetype i = 3; i < tokens.size() - 1; ++i) {
        const SqlToken &token = tokens.at(i);
        if (!expectsValue) {
            if (!isSign(token, u',')) {
                return {};
            }
            expectsValue = true;
            continue;
        }
        if (token.kind == SqlToken::String && !isNegative) {
            choices.append(token.text);
        } else if (token.kind == SqlToken::Number) {
            bool isWhole = false;
            const qlonglong whole = token.text.toLongLong(&isWhole);
            const QVariant value = isWhole ? QVariant(isNegative ? -whole : whole)
                                           : QVariant(token.text.toDouble() * (isNegative ? -1 : 1));
            choices.append(value);
        } else if (isSign(token, u'-') && !isNegative) {
            isNegative = true;
            continue;
        } else if (isWord(token, "null")) {
            // NULL in the list allows nothing more.
        } else {
            return {};
        }
        isNegative = false;
        expectsValue = false;
    }
    return choices;
}

QVariant literalValue(const QString &expression)
{
    QList<SqlToken> tokens = sqlTokens(expression);
    dropOuterBrackets(tokens);
    const bool isNegative = tokens.size() == 2 && isSign(tokens.first(), u'-');
    if (isNegative) {
        tokens.removeFirst();
    }
    if (tokens.size() != 1) {
        return {};
    }
    const SqlToken &token = tokens.first();
    if (token.kind == SqlToken::String && !isNegative) {
        return token.text;
    }
    if (token.kind != SqlToken::Number) {
        return {};
    }
    bool isWhole = false;
    const qlonglong whole = token.text.toLongLong(&isWhole);
    if (isWhole) {
        return isNegative ? -whole : whole;
    }
    bool isDecimal = false;
    const double decimal = token.text.toDouble(&isDecimal);
    return isDecimal ? QVariant(isNegative ? -decimal : decimal) : QVariant();
}

bool checkReadsColumn(const QString &expression, const QString &column)
{
    for (const SqlToken &token : sqlTokens(expression)) {
        if (namesColumn(token, column)) {
            return true;
        }
    }
    return false;
}

QVariant defaultValueOf(const Column &column)
{
    const QVariant value = column.hasDefault ? literalValue(column.defaultExpression) : QVariant();
    const QString text = value.toString().simplified();
    const QString date = text.left(10);
    switch (column.type) {
    case ColumnType::Date:
    case ColumnType::DateTime:
        return QDate::fromString(date, Qt::ISODate).isValid() ? value : QVariant();
    case ColumnType::Time:
        return QTime::fromString(text, Qt::ISODate).isValid() ? value : QVariant();
    default:
        return value;
    }
}

} // namespace nabblet
