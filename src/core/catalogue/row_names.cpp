#include "core/catalogue/row_names.h"

#include "core/words/name_words.h"
#include "core/words/word_set.h"

#include <algorithm>

namespace nabblet {

namespace {

// In the languages that names of columns are read in.
const QSet<QString> &nameWords()
{
    static const QSet<QString> table = wordSet(
        "name title label caption subject headline designation fullname displayname bezeichnung titel nom libelle "
        "intitule nombre titulo naam navn namn nome titolo benennung");
    return table;
}

const QSet<QString> &describingWords()
{
    static const QSet<QString> table =
        wordSet("summary description desc descr descrip beschreibung descripcion username login "
                "model brand heading topic term word question");
    return table;
}

const QSet<QString> &codeWords()
{
    static const QSet<QString> table =
        wordSet("code no nr nbr num number key id uid abbr abbreviation symbol iso ident identifier accno "
                "short kurz nummer codigo numero ref reference sku ean isbn barcode");
    return table;
}

const QSet<QString> &otherWords()
{
    static const QSet<QString> table = wordSet(
        "url uri path file filename email mail phone telephone fax tel mobile password passwd status type kind "
        "flag flags "
        "comment comments note notes remark remarks version lang language color colour format unit date time ip "
        "address street city town zip postcode country currency gender sex salutation text body content query "
        "value options params config regexp pattern mode order sort position "
        "image photo picture icon logo created updated changed modified by user");
    return table;
}

// Words before "name" that still call the whole thing, and those that call a part of it.
const QSet<QString> &wholeQualifiers()
{
    static const QSet<QString> table =
        wordSet("full long display official common english local locale general proper complete");
    return table;
}

const QSet<QString> &partQualifiers()
{
    static const QSet<QString> table = wordSet(
        "short code file path host class field column table type image icon first last given family middle nick user "
        "login contact domain server group auth row sort variable function method module package alternative alt old");
    return table;
}

// The words of a column without those of its table in front.
QStringList ownWords(const Table &table, const Column &column)
{
    QStringList words = wordsOfName(readableName(column));
    const QStringList tableStems = singularWords(readableName(table));
    const QStringList stems = singularWords(readableName(column));
    // Also only the table's last word: "buoy_type" has a "type_name".
    for (qsizetype from = 0; from < tableStems.size(); ++from) {
        const QStringList end = tableStems.mid(from);
        if (stems.size() >= end.size() && stems.mid(0, end.size()) == end) {
            return words.mid(end.size());
        }
    }
    return words;
}

double share(qint64 some, qint64 all)
{
    return all == 0 ? 0 : static_cast<double>(some) / static_cast<double>(all);
}

bool isUniqueAlone(const Table &table, const QString &column)
{
    return table.primaryKey == QStringList{column} ||
           std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                       [&](const UniqueKey &key) { return key.columns == QStringList{column}; });
}

// No two of the rows looked at share a value, and all have one.
bool isDistinct(const ValueSigns &signs)
{
    return signs.rows > 1 && signs.values == signs.rows && signs.distinct == signs.values;
}

constexpr double LeastOfName = 24; // points of what rows go by, with signs

double pointsOf(const Table &table, const Column &column, const TableSigns &signs)
{
    double points = calledAsName(table, column);
    points += column.isRequired ? 6 : 0;
    points += isUniqueAlone(table, column.name) && !table.primaryKey.contains(column.name) ? 12 : 0;
    points -= table.primaryKey.contains(column.name) ? 6 : 0;
    const auto found = signs.constFind(column.name);
    if (found == signs.constEnd() || found->rows == 0) {
        return points;
    }
    if (found->values == 0) {
        return points - 60; // nobody ever filled it
    }
    const double meanLength = share(found->characters, found->values);
    points += 30 * share(found->words, found->values);
    points -= 40 * share(found->codes, found->values);
    points += 60 * (share(found->distinct, found->values) - 0.6);
    points -= 30 * (1 - share(found->values, found->rows));
    points -= meanLength > 60 ? std::min(80.0, (meanLength - 60) / 2) : meanLength < 3 ? 20 : 0;
    return points;
}

// The two columns that make up a person's name, family name first; empty without both.
QStringList personsName(const Table &table, const TableSigns &signs)
{
    static const QSet<QString> given =
        wordSet("given_name first_name forename firstname fname vorname prenom givenname nombre first_names");
    static const QSet<QString> family =
        wordSet("family_name last_name surname lastname lname nachname familienname familyname apellido apellidos");
    QString givenColumn;
    QString familyColumn;
    QString plain;
    for (const Column &column : table.columns) {
        const QString words = wordsOfName(readableName(column)).join(u'_');
        const QString own = ownWords(table, column).join(u'_');
        if (givenColumn.isEmpty() && (given.contains(words) || given.contains(own))) {
            givenColumn = column.name;
        } else if (familyColumn.isEmpty() && (family.contains(words) || family.contains(own))) {
            familyColumn = column.name;
        } else if (own == QLatin1String("name")) {
            plain = column.name;
        }
    }
    givenColumn = givenColumn.isEmpty() && !familyColumn.isEmpty() ? plain : givenColumn;
    const auto isFilled = [&](const QString &column) {
        const auto found = signs.constFind(column);
        return found == signs.constEnd() || found->rows == 0 || 2 * found->values > found->rows;
    };
    const bool isThere = !givenColumn.isEmpty() && !familyColumn.isEmpty();
    return isThere && isFilled(givenColumn) && isFilled(familyColumn) ? QStringList{familyColumn, givenColumn}
                                                                      : QStringList();
}

constexpr qsizetype MostApart = 3; // columns that tell rows of the same name apart

// What tells rows of the same name apart: a unique code, else the key where people made it, or where it is several
// numbers that only together say which row ("Lantern" of order 7, line 2).
QStringList apartBy(const Table &table, const QString &name)
{
    for (const UniqueKey &key : table.uniqueKeys) {
        const Column *column = key.columns.size() == 1 ? findColumn(table, key.columns.first()) : nullptr;
        if (column && column->name != name && column->isRequired && column->type == ColumnType::Text) {
            return {column->name};
        }
    }
    QStringList apart;
    for (const QString &part : table.primaryKey) {
        const Column *column = findColumn(table, part);
        if (part != name && column && !column->numbersItself && !findLink(table, part)) {
            apart.append(part);
        }
    }
    const bool isWords = std::any_of(apart.begin(), apart.end(), [&](const QString &part) {
        return findColumn(table, part)->type == ColumnType::Text;
    });
    if (isWords && apart.size() <= MostApart) {
        return apart;
    }
    const bool isOfSeveral = table.primaryKey.size() > 1 && table.primaryKey.size() <= MostApart;
    return isOfSeveral && !table.primaryKey.contains(name) ? table.primaryKey : QStringList();
}

} // namespace

bool readsAsWords(const QString &value)
{
    const QString text = value.simplified();
    qsizetype letters = 0;
    bool hasSmall = false;
    for (const QChar c : text) {
        letters += c.isLetter() ? 1 : 0;
        // Scripts without capitals are words as they are.
        hasSmall = hasSmall || c.isLower() || (c.isLetter() && !c.isUpper());
    }
    return letters >= 3 && letters * 10 >= text.size() * 5 && (hasSmall || text.contains(u' ')) &&
           !text.startsWith(QLatin1String("http"));
}

bool readsAsCode(const QString &value)
{
    const QString text = value.trimmed();
    if (text.isEmpty() || text.contains(u' ')) {
        return false;
    }
    qsizetype letters = 0;
    qsizetype figures = 0;
    qsizetype small = 0;
    for (const QChar c : text) {
        letters += c.isLetter() ? 1 : 0;
        small += c.isLower() ? 1 : 0;
        figures += c.isDigit() ? 1 : 0;
    }
    const bool isCapitals = letters > 0 && small == 0 && text.size() <= 12;
    return (letters > 0 && figures * 3 >= text.size()) || (isCapitals && letters <= 6) || text.size() <= 2;
}

bool isMadeByMachine(const Column &column)
{
    static const QSet<QString> table = wordSet("hash uuid guid checksum md5 sha1 sha256 token salt crypt etag");
    const QStringList words = wordsOfName(readableName(column));
    return !words.isEmpty() && table.contains(words.last());
}

int calledAsName(const Table &table, const Column &column)
{
    if (isMadeByMachine(column)) {
        return -60;
    }
    const QStringList own = ownWords(table, column);
    if (own.isEmpty()) {
        return 40; // as the table itself
    }
    const QString last = own.last();
    if (nameWords().contains(last)) {
        return own.size() == 1                                     ? 50
               : wholeQualifiers().contains(own.first())           ? 45
               : partQualifiers().contains(own.at(own.size() - 2)) ? 5
                                                                   : 20;
    }
    // Figures behind a word number several of a kind: "address2".
    const bool isOneOfSeveral = own.size() > 1 && last.at(0).isDigit();
    if (isOneOfSeveral || codeWords().contains(last) || otherWords().contains(last)) {
        return -30;
    }
    return describingWords().contains(last) ? 14 : 0;
}

bool isCalledCode(const Column &column)
{
    const QStringList words = wordsOfName(readableName(column));
    return words.size() > 0 && codeWords().contains(words.last());
}

Naming namingOf(const Table &table, const TableSigns &signs)
{
    const QStringList person = personsName(table, signs);
    if (!person.isEmpty()) {
        return {person, true};
    }
    const Column *best = nullptr;
    double most = 0;
    for (qsizetype i = 0; i < table.columns.size(); ++i) {
        const Column &column = table.columns.at(i);
        if (column.type != ColumnType::Text || findLink(table, column.name)) {
            continue;
        }
        const double points = pointsOf(table, column, signs) - std::min(6.0, 0.4 * static_cast<double>(i));
        if (!best || points > most) {
            best = &column;
            most = points;
        }
    }
    // Nothing reads as a name: rows go by their key, if people made it.
    const Column *key = table.primaryKey.size() == 1 ? findColumn(table, table.primaryKey.first()) : nullptr;
    constexpr double Worst = -36; // of a column that is called a note and says nothing else for itself
    if (!best || (most <= Worst && key)) {
        const QString first = !table.primaryKey.isEmpty() ? table.primaryKey.first()
                              : table.columns.isEmpty()   ? QString()
                                                          : table.columns.first().name;
        return {first.isEmpty() ? QStringList() : QStringList{first}, false};
    }
    const auto found = signs.constFind(best->name);
    const bool isTold = isUniqueAlone(table, best->name) || (found != signs.constEnd() && isDistinct(*found));
    const bool isKnown = found != signs.constEnd() && found->rows > 0;
    const bool isName =
        isKnown ? pointsOf(table, *best, signs) >= LeastOfName : calledAsName(table, *best) >= CalledName;
    return {QStringList{best->name} + (isTold ? QStringList() : apartBy(table, best->name)), isName};
}

Table withNaming(const Table &table, const TableSigns &signs)
{
    if (!table.naming.isEmpty()) {
        return table;
    }
    const Naming naming = namingOf(table, signs);
    Table named = table;
    named.naming = naming.columns;
    named.goesByName = naming.isName;
    return named;
}

} // namespace nabblet
