#include "core/text/caption_words.h"

#include "core/words/name_words.h"

#include <algorithm>

namespace nabblet {

namespace {

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

QString capitalised(QString text)
{
    if (!text.isEmpty()) {
        text[0] = text.at(0).toUpper();
    }
    return text;
}

// Whether a column's name begins with its table's, in the singular or as it is.
bool startsWithTable(const QStringList &words, const QStringList &table)
{
    for (qsizetype i = 0; i < table.size(); ++i) {
        if (words.at(i) != table.at(i) && singular(words.at(i)) != singular(table.at(i))) {
            return false;
        }
    }
    return true;
}

} // namespace

QString captionFromColumn(const QString &column, const QString &tableName)
{
    return captionFromColumn(column, tableName, QString(), WordList());
}

QString captionFromColumn(const QString &column, const QString &tableName, const QString &prefix, const WordList &own)
{
    const QString whole = own.value(column.toLower());
    if (!whole.isEmpty()) {
        return whole;
    }
    const bool hasPrefix = !prefix.isEmpty() && column.startsWith(prefix) && column.size() > prefix.size();
    const QString name = hasPrefix ? column.mid(prefix.size()) : column;
    const QStringList written = writtenWords(name);
    QStringList words = wordsOfName(name);
    if (words.isEmpty()) {
        return column;
    }
    qsizetype first = 0; // of the words that are used
    qsizetype end = words.size();
    if (end > 1 && words.last() == QLatin1String("id")) {
        --end;
    }
    const QStringList tableWords = wordsOfName(tableName);
    if (!tableWords.isEmpty() && end > tableWords.size() && startsWithTable(words, tableWords) &&
        words.at(tableWords.size()).at(0).isLetter()) { // "address2" of addresses says no more than that
        first = tableWords.size();
    }
    if (end - first > 1 && (words.at(first) == QLatin1String("is") || words.at(first) == QLatin1String("has"))) {
        ++first;
    }
    QString unit;
    if (end - first > 1 && !own.contains(words.at(end - 1))) {
        unit = units().value(words.at(end - 1));
        if (!unit.isEmpty()) {
            --end;
        }
    }
    const bool tellsCapitals = name != name.toUpper() && name != name.toLower();
    QStringList shown;
    for (qsizetype i = first; i < end; ++i) {
        const QString &word = words.at(i);
        if (word == QLatin1String("id") && i > first && !own.contains(word)) {
            continue; // "icon_id_off" is about an icon
        }
        if (own.contains(word)) {
            shown.append(own.value(word));
        } else if (isInitialism(word) || (tellsCapitals && word.size() > 1 &&
                                          written.at(i) == written.at(i).toUpper() && written.at(i) != word)) {
            shown.append(word.toUpper());
        } else {
            const bool isDenial = word == QLatin1String("no") && i + 1 < end && words.at(i + 1) != QLatin1String("of");
            const QString inFull = isDenial ? QString() : spelledOut(word);
            shown.append(inFull.isEmpty() ? word : inFull);
        }
    }
    // "airline_full" of airlines is their full name.
    static const QSet<QString> ofNames{QStringLiteral("full"),    QStringLiteral("long"),   QStringLiteral("short"),
                                       QStringLiteral("display"), QStringLiteral("common"), QStringLiteral("official")};
    if (first > 0 && shown.size() == 1 && ofNames.contains(shown.first())) {
        shown.append(QStringLiteral("name"));
    }
    QString caption = capitalised(shown.join(u' '));
    if (!unit.isEmpty()) {
        caption += QStringLiteral(" (%1)").arg(unit);
    }
    return caption == QLatin1String("ID") ? QStringLiteral("Number") : caption;
}

QString sharedPrefix(const QStringList &names)
{
    if (names.size() < 3) {
        return {};
    }
    QString shared = names.first();
    for (const QString &name : names) {
        qsizetype same = 0;
        while (same < shared.size() && same < name.size() && shared.at(same) == name.at(same)) {
            ++same;
        }
        shared.truncate(same);
    }
    // Only whole words: up to an underscore, or up to where every name goes on with a capital letter.
    while (!shared.isEmpty()) {
        const bool endsWord = shared.endsWith(u'_');
        const bool stepsUp =
            shared.back().isLower() && std::all_of(names.begin(), names.end(), [&](const QString &name) {
                return name.size() > shared.size() && name.at(shared.size()).isUpper();
            });
        if (endsWord || stepsUp) {
            break;
        }
        shared.chop(1);
    }
    const bool leavesAll = std::all_of(names.begin(), names.end(), [&](const QString &name) {
        return name.size() > shared.size() && name.at(shared.size()).isLetter();
    });
    return leavesAll ? shared : QString();
}

QString titleFromTable(const QString &table)
{
    QStringList words;
    for (const QString &word : wordsOfName(table)) {
        const QString inFull = spelledOut(word);
        words.append(isInitialism(word) && word != QLatin1String("id") ? word.toUpper()
                     : inFull.isEmpty()                                ? word
                                                                       : inFull);
    }
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

QString nameFromPattern(const QString &pattern, const QString &kind, const QString &column)
{
    QString name = pattern;
    name.replace(QLatin1String("{kind}"), kind).replace(QLatin1String("{column}"), column);
    return identifierFromText(name);
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
