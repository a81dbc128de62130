#include "core/text/caption_words.h"

#include <algorithm>

namespace nabblet {

namespace {

// Cuts a name into lower-case words at underscores, spaces, dashes, dots and at the step from a small to a capital
// letter.
QStringList wordsOfName(const QString &name)
{
    QStringList words;
    QString word;
    const auto finishWord = [&] {
        if (!word.isEmpty()) {
            words.append(word);
        }
        word.clear();
    };
    const bool isAllCapitals = name == name.toUpper();
    for (qsizetype i = 0; i < name.size(); ++i) {
        const QChar c = name.at(i);
        if (c == u'_' || c == u'-' || c == u'.' || c.isSpace()) {
            finishWord();
            continue;
        }
        const bool stepsUp = !isAllCapitals && c.isUpper() && i > 0 &&
                             (name.at(i - 1).isLower() || name.at(i - 1).isDigit() ||
                              (i + 1 < name.size() && name.at(i + 1).isLower() && name.at(i - 1).isUpper()));
        if (stepsUp) {
            finishWord();
        }
        word += c.toLower();
    }
    finishWord();
    return words;
}

// Units that stand at the end of a column's name, as they are written behind a caption.
const QHash<QString, QString> &units()
{
    static const QHash<QString, QString> table{
        {QStringLiteral("m"), QStringLiteral("m")},     {QStringLiteral("km"), QStringLiteral("km")},
        {QStringLiteral("cm"), QStringLiteral("cm")},   {QStringLiteral("mm"), QStringLiteral("mm")},
        {QStringLiteral("v"), QStringLiteral("V")},     {QStringLiteral("a"), QStringLiteral("A")},
        {QStringLiteral("w"), QStringLiteral("W")},     {QStringLiteral("kw"), QStringLiteral("kW")},
        {QStringLiteral("t"), QStringLiteral("t")},     {QStringLiteral("kg"), QStringLiteral("kg")},
        {QStringLiteral("g"), QStringLiteral("g")},     {QStringLiteral("l"), QStringLiteral("l")},
        {QStringLiteral("pct"), QStringLiteral("%")},   {QStringLiteral("percent"), QStringLiteral("%")},
        {QStringLiteral("min"), QStringLiteral("min")}, {QStringLiteral("kn"), QStringLiteral("kn")},
        {QStringLiteral("c"), QStringLiteral("°C")},    {QStringLiteral("h"), QStringLiteral("h")},
    };
    return table;
}

// Short forms that people write in column names, in full.
const QHash<QString, QString> &shortForms()
{
    static const QHash<QString, QString> table{
        {QStringLiteral("no"), QStringLiteral("number")},
        {QStringLiteral("num"), QStringLiteral("number")},
        {QStringLiteral("nr"), QStringLiteral("number")},
        {QStringLiteral("qty"), QStringLiteral("quantity")},
        {QStringLiteral("amt"), QStringLiteral("amount")},
        {QStringLiteral("addr"), QStringLiteral("address")},
        {QStringLiteral("tel"), QStringLiteral("telephone")},
        {QStringLiteral("desc"), QStringLiteral("description")},
        {QStringLiteral("dob"), QStringLiteral("date of birth")},
        {QStringLiteral("email"), QStringLiteral("e-mail")},
        {QStringLiteral("ref"), QStringLiteral("reference")},
        {QStringLiteral("dept"), QStringLiteral("department")},
        {QStringLiteral("postcode"), QStringLiteral("post code")},
    };
    return table;
}

QString capitalised(QString text)
{
    if (!text.isEmpty()) {
        text[0] = text.at(0).toUpper();
    }
    return text;
}

} // namespace

QString captionFromColumn(const QString &column, const QString &tableName)
{
    QStringList words = wordsOfName(column);
    if (words.isEmpty()) {
        return column;
    }
    if (words.size() > 1 && words.last() == QLatin1String("id")) {
        words.removeLast();
    }
    const QStringList tableWords = wordsOfName(tableName);
    if (!tableWords.isEmpty() && words.size() > tableWords.size() && words.mid(0, tableWords.size()) == tableWords) {
        words = words.mid(tableWords.size());
    }
    if (words.size() > 1 && (words.first() == QLatin1String("is") || words.first() == QLatin1String("has"))) {
        words.removeFirst();
    }
    QString unit;
    if (words.size() > 1) {
        unit = units().value(words.last());
        if (!unit.isEmpty()) {
            words.removeLast();
        }
    }
    for (QString &word : words) {
        word = shortForms().value(word, word);
    }
    QString caption = capitalised(words.join(u' '));
    if (!unit.isEmpty()) {
        caption += QStringLiteral(" (%1)").arg(unit);
    }
    return caption == QLatin1String("Id") ? QStringLiteral("Number") : caption;
}

QString titleFromTable(const QString &table)
{
    const QStringList words = wordsOfName(table);
    return words.isEmpty() ? table : capitalised(words.join(u' '));
}

QString identifierFromText(const QString &text)
{
    QString result;
    for (const QChar c : text.toLower()) {
        if (c.isLetterOrNumber()) {
            result += c;
        } else if (!result.isEmpty() && !result.endsWith(u'_')) {
            result += u'_';
        }
    }
    while (result.endsWith(u'_')) {
        result.chop(1);
    }
    if (result.isEmpty()) {
        return QStringLiteral("unnamed");
    }
    return result.at(0).isDigit() ? QStringLiteral("n") + result : result;
}

QString NamePool::take(const QString &wanted)
{
    QString name = wanted;
    if (m_taken.contains(name)) {
        int &number = m_nextNumber[wanted];
        number = std::max(number, 2);
        do {
            name = wanted + u'_' + QString::number(number++);
        } while (m_taken.contains(name));
    }
    m_taken.insert(name);
    return name;
}

} // namespace nabblet
