#include "core/rules/condition_rows.h"

#include "core/catalogue/create_statement.h"
#include "core/rules/rules.h"

#include <QDate>
#include <QRegularExpression>

#include <algorithm>

namespace nabblet {

namespace {

// ---- writing

QString textLiteral(QString text)
{
    return u'\'' + text.replace(u'\'', QLatin1String("''")) + u'\'';
}

// Names stand as they are where SQL lets them, so that a condition reads well.
QString nameInSql(const QString &column)
{
    static const QRegularExpression plain(QStringLiteral("^[a-z_][a-z0-9_]*$"),
                                          QRegularExpression::CaseInsensitiveOption);
    static const QStringList keywords{QStringLiteral("and"),
                                      QStringLiteral("or"),
                                      QStringLiteral("not"),
                                      QStringLiteral("in"),
                                      QStringLiteral("is"),
                                      QStringLiteral("like"),
                                      QStringLiteral("between"),
                                      QStringLiteral("null"),
                                      QStringLiteral("case"),
                                      QStringLiteral("when"),
                                      QStringLiteral("then"),
                                      QStringLiteral("else"),
                                      QStringLiteral("end"),
                                      QStringLiteral("select"),
                                      QStringLiteral("from"),
                                      QStringLiteral("where"),
                                      QStringLiteral("order"),
                                      QStringLiteral("group"),
                                      QStringLiteral("by"),
                                      QStringLiteral("default"),
                                      QStringLiteral("check"),
                                      QStringLiteral("table"),
                                      QStringLiteral("index"),
                                      QStringLiteral("values"),
                                      QStringLiteral("exists"),
                                      QStringLiteral("cast"),
                                      QStringLiteral("collate"),
                                      QStringLiteral("escape"),
                                      QStringLiteral("glob"),
                                      QStringLiteral("limit"),
                                      QStringLiteral("having"),
                                      QStringLiteral("join"),
                                      QStringLiteral("on"),
                                      QStringLiteral("set"),
                                      QStringLiteral("to"),
                                      QStringLiteral("unique"),
                                      QStringLiteral("using"),
                                      QStringLiteral("union"),
                                      QStringLiteral("update"),
                                      QStringLiteral("delete"),
                                      QStringLiteral("insert"),
                                      QStringLiteral("into"),
                                      QStringLiteral("create"),
                                      QStringLiteral("drop"),
                                      QStringLiteral("primary"),
                                      QStringLiteral("foreign"),
                                      QStringLiteral("references"),
                                      QStringLiteral("as"),
                                      QStringLiteral("add"),
                                      QStringLiteral("all"),
                                      QStringLiteral("alter"),
                                      QStringLiteral("distinct"),
                                      QStringLiteral("isnull"),
                                      QStringLiteral("notnull"),
                                      QStringLiteral("returning"),
                                      QStringLiteral("commit"),
                                      QStringLiteral("transaction"),
                                      QStringLiteral("constraint"),
                                      QStringLiteral("except"),
                                      QStringLiteral("intersect"),
                                      QStringLiteral("autoincrement"),
                                      QStringLiteral("deferrable"),
                                      QStringLiteral("nothing"),
                                      QStringLiteral("row"),
                                      QStringLiteral("true"),
                                      QStringLiteral("false"),
                                      QStringLiteral("current_date"),
                                      QStringLiteral("current_time"),
                                      QStringLiteral("current_timestamp")};
    return plain.match(column).hasMatch() && !keywords.contains(column.toLower()) ? column : columnExpression(column);
}

QString todayIn(int days)
{
    return days == 0 ? QStringLiteral("date('now', 'localtime')")
                     : QStringLiteral("date('now', 'localtime', '%1 days')")
                           .arg(QString::number(days).prepend(days > 0 ? QLatin1String("+") : QLatin1String()));
}

QString valueInSql(const CompareValue &value)
{
    if (!value.column.isEmpty()) {
        return nameInSql(value.column);
    }
    if (value.days) {
        return todayIn(*value.days);
    }
    return value.isNumber ? value.text : textLiteral(value.text);
}

QString pattern(const QString &text, const char *before, const char *after)
{
    QString escaped = text;
    escaped.replace(u'\\', QLatin1String("\\\\"));
    escaped.replace(u'%', QLatin1String("\\%"));
    escaped.replace(u'_', QLatin1String("\\_"));
    const QString literal = textLiteral(QLatin1String(before) + escaped + QLatin1String(after));
    return escaped == text ? literal : literal + QStringLiteral(" ESCAPE '\\'");
}

QString listInSql(const QList<CompareValue> &values)
{
    QStringList parts;
    for (const CompareValue &value : values) {
        parts.append(valueInSql(value));
    }
    return u'(' + parts.join(QStringLiteral(", ")) + u')';
}

QString rowInSql(const ConditionRow &row)
{
    const QString name = nameInSql(row.column);
    const auto value = [&](int i) { return row.values.value(i); };
    const auto compared = [&](const char *sign) {
        return name + u' ' + QLatin1String(sign) + u' ' + valueInSql(value(0));
    };
    switch (row.comparison) {
    case Comparison::Is:
        return compared("=");
    case Comparison::IsNot:
        return compared("IS NOT");
    case Comparison::OneOf:
        return name + QLatin1String(" IN ") + listInSql(row.values);
    case Comparison::NoneOf:
        return QStringLiteral("(%1 NOT IN %2 OR %1 IS NULL)").arg(name, listInSql(row.values));
    case Comparison::Less:
    case Comparison::Before:
        return compared("<");
    case Comparison::AtMost:
        return compared("<=");
    case Comparison::More:
    case Comparison::After:
        return compared(">");
    case Comparison::AtLeast:
        return compared(">=");
    case Comparison::Between:
        return QStringLiteral("%1 BETWEEN %2 AND %3").arg(name, valueInSql(value(0)), valueInSql(value(1)));
    case Comparison::Contains:
        return QStringLiteral("%1 LIKE %2").arg(name, pattern(value(0).text, "%", "%"));
    case Comparison::ContainsNot:
        return QStringLiteral("coalesce(%1, '') NOT LIKE %2").arg(name, pattern(value(0).text, "%", "%"));
    case Comparison::Begins:
        return QStringLiteral("%1 LIKE %2").arg(name, pattern(value(0).text, "", "%"));
    case Comparison::Ends:
        return QStringLiteral("%1 LIKE %2").arg(name, pattern(value(0).text, "%", ""));
    case Comparison::Blank:
        return QStringLiteral("coalesce(%1, '') = ''").arg(name);
    case Comparison::Filled:
        return QStringLiteral("coalesce(%1, '') <> ''").arg(name);
    case Comparison::True:
        return name;
    case Comparison::False:
        return QStringLiteral("NOT %1").arg(name);
    case Comparison::WithinNext:
        return QStringLiteral("%1 BETWEEN %2 AND %3").arg(name, todayIn(0), todayIn(value(0).text.toInt()));
    case Comparison::WithinLast:
        return QStringLiteral("%1 BETWEEN %2 AND %3").arg(name, todayIn(-value(0).text.toInt()), todayIn(0));
    case Comparison::ThisMonth:
        return QStringLiteral("strftime('%Y-%m', %1) = strftime('%Y-%m', 'now', 'localtime')").arg(name);
    }
    return {};
}

bool isWhole(const ConditionRow &row)
{
    const int wanted = valueCount(row.comparison);
    const auto isGiven = [](const CompareValue &value) {
        return value.days || !value.column.isEmpty() || !value.isNumber || !value.text.isEmpty();
    };
    return !row.column.isEmpty() && (wanted < 0 ? !row.values.isEmpty() : row.values.size() >= wanted) &&
           std::all_of(row.values.begin(), row.values.end(), isGiven);
}

// ---- reading

// Reads what conditionFromRows() writes, and what people write like it.
class Reader
{
public:
    explicit Reader(const QString &sql) : m_tokens(sqlTokens(sql)) {}

    std::optional<QList<ConditionRow>> read()
    {
        QList<ConditionRow> rows;
        bool isOr = false;
        while (true) {
            std::optional<QList<ConditionRow>> part = readPart();
            if (!part) {
                return std::nullopt;
            }
            part->first().isOr = isOr;
            rows.append(*part);
            if (m_at == m_tokens.size()) {
                return rows;
            }
            isOr = takeWord("or");
            if (!isOr && !takeWord("and")) {
                return std::nullopt;
            }
        }
    }

private:
    bool isSign(qsizetype at, const char *sign) const
    {
        return at < m_tokens.size() && m_tokens.at(at).kind == SqlToken::Sign &&
               m_tokens.at(at).text == QLatin1String(sign);
    }
    bool isWord(qsizetype at, const char *word) const
    {
        return at < m_tokens.size() && m_tokens.at(at).kind == SqlToken::Word &&
               m_tokens.at(at).text.compare(QLatin1String(word), Qt::CaseInsensitive) == 0;
    }
    bool takeWord(const char *word)
    {
        const bool isThere = isWord(m_at, word);
        m_at += isThere ? 1 : 0;
        return isThere;
    }
    bool take(const char *sign)
    {
        const bool isThere = isSign(m_at, sign);
        m_at += isThere ? 1 : 0;
        return isThere;
    }
    std::optional<QString> takeText()
    {
        if (m_at < m_tokens.size() && m_tokens.at(m_at).kind == SqlToken::String) {
            return m_tokens.at(m_at++).text;
        }
        return std::nullopt;
    }
    std::optional<QString> takeName()
    {
        if (m_at >= m_tokens.size()) {
            return std::nullopt;
        }
        const SqlToken &token = m_tokens.at(m_at);
        const bool isCall = isSign(m_at + 1, "(");
        if (token.kind == SqlToken::QuotedName || (token.kind == SqlToken::Word && !isCall)) {
            ++m_at;
            return token.text;
        }
        return std::nullopt;
    }

    // date('now', 'localtime'[, '+3 days'])
    std::optional<int> takeToday()
    {
        const qsizetype from = m_at;
        if (takeWord("date") && take("(")) {
            const std::optional<QString> now = takeText();
            int days = 0;
            bool isSimple = now && now->compare(QLatin1String("now"), Qt::CaseInsensitive) == 0;
            while (isSimple && take(",")) {
                static const QRegularExpression byDays(QStringLiteral("^([+-]?\\d{1,6}) days?$"));
                const std::optional<QString> modifier = takeText();
                const auto match = byDays.match(modifier.value_or(QString()).trimmed());
                if (match.hasMatch()) {
                    days += match.captured(1).toInt();
                } else {
                    isSimple = modifier && modifier->compare(QLatin1String("localtime"), Qt::CaseInsensitive) == 0;
                }
            }
            if (isSimple && take(")")) {
                return days;
            }
        }
        m_at = from;
        return std::nullopt;
    }

    std::optional<CompareValue> takeValue()
    {
        if (m_at >= m_tokens.size()) {
            return std::nullopt;
        }
        if (const std::optional<QString> text = takeText()) {
            return CompareValue{*text};
        }
        const bool isMinus = isSign(m_at, "-");
        const qsizetype number = m_at + (isMinus ? 1 : 0);
        if (number < m_tokens.size() && m_tokens.at(number).kind == SqlToken::Number) {
            m_at = number + 1;
            return CompareValue{(isMinus ? QStringLiteral("-") : QString()) + m_tokens.at(number).text, true};
        }
        if (const std::optional<int> days = takeToday()) {
            return CompareValue{{}, false, days};
        }
        if (isWord(m_at, "null") || isWord(m_at, "not") || isWord(m_at, "case")) {
            return std::nullopt;
        }
        if (const std::optional<QString> column = takeName()) {
            CompareValue value;
            value.column = *column;
            return value;
        }
        return std::nullopt;
    }

    std::optional<QList<CompareValue>> takeList()
    {
        QList<CompareValue> values;
        if (!take("(")) {
            return std::nullopt;
        }
        do {
            const std::optional<CompareValue> value = takeValue();
            if (!value || !value->column.isEmpty()) {
                return std::nullopt;
            }
            values.append(*value);
        } while (take(","));
        return take(")") ? std::optional(values) : std::nullopt;
    }

    // coalesce(name, '')
    std::optional<QString> takeBlankable()
    {
        const qsizetype from = m_at;
        if (takeWord("coalesce") && take("(")) {
            const std::optional<QString> name = takeName();
            const bool hasComma = name && take(",");
            const std::optional<QString> text = hasComma ? takeText() : std::nullopt;
            if (text && text->isEmpty() && take(")")) {
                return name;
            }
        }
        m_at = from;
        return std::nullopt;
    }

    std::optional<ConditionRow> likeRow(const QString &column, bool isNot)
    {
        const std::optional<QString> written = takeText();
        if (!written) {
            return std::nullopt;
        }
        const bool hasEscape = takeWord("escape");
        if (hasEscape && takeText().value_or(QString()) != QLatin1String("\\")) {
            return std::nullopt;
        }
        // Percent signs at the ends say which comparison it is; others must be meant as they are.
        QString text = *written;
        const bool isOpenBefore = text.startsWith(u'%');
        const bool isEscapedEnd = hasEscape && text.endsWith(QLatin1String("\\%"));
        const bool isOpenAfter = text.size() > (isOpenBefore ? 1 : 0) && text.endsWith(u'%') && !isEscapedEnd;
        text = text.mid(isOpenBefore ? 1 : 0);
        text.chop(isOpenAfter ? 1 : 0);
        QString meant;
        for (qsizetype i = 0; i < text.size(); ++i) {
            const QChar c = text.at(i);
            if (hasEscape && c == u'\\' && i + 1 < text.size()) {
                meant.append(text.at(++i));
            } else if (c == u'%' || c == u'_') {
                return std::nullopt;
            } else {
                meant.append(c);
            }
        }
        if (meant.isEmpty() || (!isOpenBefore && !isOpenAfter) || (isNot && !(isOpenBefore && isOpenAfter))) {
            return std::nullopt;
        }
        const Comparison comparison = isNot                         ? Comparison::ContainsNot
                                      : isOpenBefore && isOpenAfter ? Comparison::Contains
                                      : isOpenBefore                ? Comparison::Ends
                                                                    : Comparison::Begins;
        return ConditionRow{false, column, comparison, {CompareValue{meant}}};
    }

    std::optional<ConditionRow> betweenRow(const QString &column)
    {
        const std::optional<CompareValue> low = takeValue();
        const bool hasAnd = low && takeWord("and");
        const std::optional<CompareValue> high = hasAnd ? takeValue() : std::nullopt;
        if (!high) {
            return std::nullopt;
        }
        const auto within = [&](Comparison comparison, int days) {
            return ConditionRow{false, column, comparison, {CompareValue{QString::number(days), true}}};
        };
        if (low->days == 0 && high->days && *high->days > 0) {
            return within(Comparison::WithinNext, *high->days);
        }
        if (high->days == 0 && low->days && *low->days < 0) {
            return within(Comparison::WithinLast, -*low->days);
        }
        return ConditionRow{false, column, Comparison::Between, {*low, *high}};
    }

    // strftime('%Y-%m', name) = strftime('%Y-%m', 'now', 'localtime')
    std::optional<ConditionRow> thisMonthRow()
    {
        const qsizetype from = m_at;
        const QString month = QStringLiteral("%Y-%m");
        if (takeWord("strftime") && take("(") && takeText() == month && take(",")) {
            const std::optional<QString> name = takeName();
            if (name && take(")") && take("=") && takeWord("strftime") && take("(") && takeText() == month &&
                take(",") && takeText() == QStringLiteral("now") && take(",") &&
                takeText() == QStringLiteral("localtime") && take(")")) {
                return ConditionRow{false, *name, Comparison::ThisMonth, {}};
            }
        }
        m_at = from;
        return std::nullopt;
    }

    // (name NOT IN (…) OR name IS NULL)
    std::optional<ConditionRow> noneOfRow()
    {
        const qsizetype from = m_at;
        if (take("(")) {
            const std::optional<QString> name = takeName();
            const auto list = name && takeWord("not") && takeWord("in") ? takeList() : std::nullopt;
            if (list && takeWord("or") && takeName() == name && takeWord("is") && takeWord("null") && take(")")) {
                return ConditionRow{false, *name, Comparison::NoneOf, *list};
            }
        }
        m_at = from;
        return std::nullopt;
    }

    // NOT coalesce(…, 0)
    std::optional<ConditionRow> notRow()
    {
        const qsizetype from = m_at;
        if (takeWord("not") && takeWord("coalesce") && take("(")) {
            std::optional<ConditionRow> row = readRow();
            const bool isNought = row && !row->isNot && take(",") && m_at < m_tokens.size() &&
                                  m_tokens.at(m_at).kind == SqlToken::Number && m_tokens.at(m_at).text == u'0';
            m_at += isNought ? 1 : 0;
            if (isNought && take(")")) {
                row->isNot = true;
                return row;
            }
        }
        m_at = from;
        return std::nullopt;
    }

    // A row, or several in brackets.
    std::optional<QList<ConditionRow>> readPart()
    {
        QList<ConditionRow> rows;
        const std::optional<ConditionRow> list = noneOfRow(); // has brackets of its own
        const bool isBracket = !list && take("(");
        bool isOr = false;
        do {
            std::optional<ConditionRow> row = list ? list : readRow();
            if (!row) {
                return std::nullopt;
            }
            row->isOr = isOr;
            row->isWithAbove = !rows.isEmpty();
            rows.append(*row);
            isOr = isBracket && takeWord("or");
        } while (isOr || (isBracket && takeWord("and")));
        return !isBracket || take(")") ? std::optional(rows) : std::nullopt;
    }

    std::optional<ConditionRow> readRow()
    {
        if (const auto row = notRow()) {
            return row;
        }
        if (const auto row = noneOfRow()) {
            return row;
        }
        if (const auto row = thisMonthRow()) {
            return row;
        }
        if (const std::optional<QString> blankable = takeBlankable()) {
            if (takeWord("not") && takeWord("like")) {
                return likeRow(*blankable, true);
            }
            const bool isFilled = take("<>") || take("!=");
            if ((isFilled || take("=")) && takeText() == QString()) {
                return ConditionRow{false, *blankable, isFilled ? Comparison::Filled : Comparison::Blank, {}};
            }
            return std::nullopt;
        }
        if (takeWord("not")) {
            const std::optional<QString> name = takeName();
            return name && isEnd() ? std::optional(ConditionRow{false, *name, Comparison::False, {}}) : std::nullopt;
        }
        const std::optional<QString> name = takeName();
        if (!name) {
            return std::nullopt;
        }
        if (isEnd()) {
            return ConditionRow{false, *name, Comparison::True, {}};
        }
        if (takeWord("in")) {
            const auto list = takeList();
            return list ? std::optional(ConditionRow{false, *name, Comparison::OneOf, *list}) : std::nullopt;
        }
        if (takeWord("like")) {
            return likeRow(*name, false);
        }
        if (takeWord("between")) {
            return betweenRow(*name);
        }
        if (takeWord("is")) {
            const bool isNot = takeWord("not");
            if (takeWord("null")) {
                return ConditionRow{false, *name, isNot ? Comparison::Filled : Comparison::Blank, {}};
            }
            return withValue(*name, isNot ? Comparison::IsNot : Comparison::Is);
        }
        static const QList<QPair<const char *, Comparison>> signs{
            {"=", Comparison::Is},     {"==", Comparison::Is},     {"<>", Comparison::IsNot},
            {"!=", Comparison::IsNot}, {"<=", Comparison::AtMost}, {">=", Comparison::AtLeast},
            {"<", Comparison::Less},   {">", Comparison::More}};
        for (const auto &[sign, comparison] : signs) {
            if (take(sign)) {
                return withValue(*name, comparison);
            }
        }
        return std::nullopt;
    }

    std::optional<ConditionRow> withValue(const QString &column, Comparison comparison)
    {
        const std::optional<CompareValue> value = takeValue();
        if (!value || !isEnd()) {
            return std::nullopt; // an expression, such as a + b
        }
        const bool isDay = value->days || isDate(value->text);
        const Comparison meant = isDay && comparison == Comparison::Less   ? Comparison::Before
                                 : isDay && comparison == Comparison::More ? Comparison::After
                                                                           : comparison;
        return ConditionRow{false, column, meant, {*value}};
    }

    static bool isDate(const QString &text) { return QDate::fromString(text.left(10), Qt::ISODate).isValid(); }

    bool isEnd() const
    {
        return m_at == m_tokens.size() || isWord(m_at, "and") || isWord(m_at, "or") || isSign(m_at, ",") ||
               isSign(m_at, ")");
    }

    QList<SqlToken> m_tokens;
    qsizetype m_at = 0;
};

} // namespace

int valueCount(Comparison comparison)
{
    switch (comparison) {
    case Comparison::OneOf:
    case Comparison::NoneOf:
        return -1;
    case Comparison::Between:
        return 2;
    case Comparison::Blank:
    case Comparison::Filled:
    case Comparison::True:
    case Comparison::False:
    case Comparison::ThisMonth:
        return 0;
    default:
        return 1;
    }
}

QList<Comparison> comparisonsFor(ColumnType type)
{
    switch (type) {
    case ColumnType::WholeNumber:
    case ColumnType::DecimalNumber:
        return {Comparison::Is,     Comparison::IsNot,   Comparison::Less,    Comparison::AtMost,
                Comparison::More,   Comparison::AtLeast, Comparison::Between, Comparison::OneOf,
                Comparison::NoneOf, Comparison::Blank,   Comparison::Filled};
    case ColumnType::YesNo:
        return {Comparison::True, Comparison::False, Comparison::Blank, Comparison::Filled};
    case ColumnType::Date:
    case ColumnType::DateTime:
        return {Comparison::Before,     Comparison::After,      Comparison::Is,        Comparison::Between,
                Comparison::WithinNext, Comparison::WithinLast, Comparison::ThisMonth, Comparison::IsNot,
                Comparison::Blank,      Comparison::Filled};
    case ColumnType::Time:
        return {Comparison::Less,    Comparison::More,  Comparison::Is,
                Comparison::Between, Comparison::Blank, Comparison::Filled};
    case ColumnType::Binary:
        return {Comparison::Blank, Comparison::Filled};
    case ColumnType::Text:
        break;
    }
    return {Comparison::Is,          Comparison::IsNot,  Comparison::OneOf, Comparison::NoneOf, Comparison::Contains,
            Comparison::ContainsNot, Comparison::Begins, Comparison::Ends,  Comparison::Blank,  Comparison::Filled};
}

QString conditionFromRows(const QList<ConditionRow> &rows)
{
    const auto joint = [](const ConditionRow &row) {
        return row.isOr ? QStringLiteral(" OR ") : QStringLiteral(" AND ");
    };
    QString sql;
    for (qsizetype first = 0; first < rows.size();) {
        qsizetype behind = first + 1;
        while (behind < rows.size() && rows.at(behind).isWithAbove) {
            ++behind;
        }
        QString part;
        int count = 0;
        for (qsizetype i = first; i < behind; ++i) {
            const ConditionRow &row = rows.at(i);
            if (isWhole(row)) {
                part += part.isEmpty() ? QString() : joint(row);
                part += row.isNot ? QStringLiteral("NOT coalesce(%1, 0)").arg(rowInSql(row)) : rowInSql(row);
                ++count;
            }
        }
        if (count > 0) {
            sql += sql.isEmpty() ? QString() : joint(rows.at(first));
            sql += count > 1 ? u'(' + part + u')' : part;
        }
        first = behind;
    }
    return sql;
}

QList<QPair<int, int>> bracketsOf(const QList<ConditionRow> &rows)
{
    QList<QPair<int, int>> brackets;
    for (int i = 1; i < rows.size(); ++i) {
        if (rows.at(i).isWithAbove && rows.at(i - 1).isWithAbove) {
            brackets.last().second = i;
        } else if (rows.at(i).isWithAbove) {
            brackets.append({i - 1, i});
        }
    }
    return brackets;
}

std::optional<QList<ConditionRow>> rowsFromCondition(const QString &condition)
{
    return condition.trimmed().isEmpty() ? QList<ConditionRow>() : Reader(condition).read();
}

} // namespace nabblet
