#include "core/draft/field_kinds.h"

#include "core/catalogue/row_names.h"
#include "core/words/name_words.h"

#include <QSet>

namespace nabblet {

namespace {

constexpr qsizetype MostOptionsInSight = 4; // more than that many open as a list
constexpr double MostValues = 0.95;         // the share of values that a kind must suit
constexpr int LongestLine = 80;             // characters of what is typed in a line
constexpr qint64 FewValues = 5;             // so many must be known to say something against a name
constexpr int ShortLine = 40;               // characters: texts that never were longer are no long text

bool hasPartIn(const Column &column, const QSet<QString> &words)
{
    for (const QString &part : wordsOfName(readableName(column))) {
        if (words.contains(part)) {
            return true;
        }
    }
    return false;
}

} // namespace

namespace {

// Whether a column is called as what people write notes into.
bool isNoteLike(const Column &column)
{
    static const QSet<QString> words{QStringLiteral("remarks"), QStringLiteral("remark"),   QStringLiteral("notes"),
                                     QStringLiteral("note"),    QStringLiteral("comments"), QStringLiteral("comment"),
                                     QStringLiteral("memo"),    QStringLiteral("body"),     QStringLiteral("details")};
    return hasPartIn(column, words);
}

} // namespace

bool isMeantForLongText(const Column &column)
{
    static const QSet<QString> words{
        QStringLiteral("remarks"),  QStringLiteral("remark"),  QStringLiteral("notes"),       QStringLiteral("note"),
        QStringLiteral("comments"), QStringLiteral("comment"), QStringLiteral("description"), QStringLiteral("reason"),
        QStringLiteral("details"),  QStringLiteral("memo"),    QStringLiteral("message"),     QStringLiteral("text"),
        QStringLiteral("body"),     QStringLiteral("summary")};
    // Types that databases keep for texts of any length, and lengths that nobody types in a line.
    static const QSet<QString> types{QStringLiteral("clob"), QStringLiteral("longtext"), QStringLiteral("mediumtext"),
                                     QStringLiteral("ntext"), QStringLiteral("nclob")};
    constexpr int LongestDeclared = 4000;
    return column.type == ColumnType::Text &&
           (types.contains(column.declaredType.section(u'(', 0, 0).trimmed().toLower()) ||
            column.length.value_or(0) > LongestDeclared ||
            (column.length.value_or(1000) > 255 && hasPartIn(column, words)));
}

bool isMeantForPictures(const Column &column)
{
    static const QSet<QString> words{
        QStringLiteral("photo"),    QStringLiteral("photograph"), QStringLiteral("picture"),   QStringLiteral("image"),
        QStringLiteral("logo"),     QStringLiteral("icon"),       QStringLiteral("scan"),      QStringLiteral("avatar"),
        QStringLiteral("portrait"), QStringLiteral("signature"),  QStringLiteral("thumbnail"), QStringLiteral("bild"),
        QStringLiteral("foto"),     QStringLiteral("imagen"),     QStringLiteral("img"),       QStringLiteral("pic")};
    return column.type == ColumnType::Binary &&
           (hasPartIn(column, words) || column.declaredType.compare(QLatin1String("image"), Qt::CaseInsensitive) == 0);
}

bool isMeantForLinks(const Column &column)
{
    static const QSet<QString> words{QStringLiteral("email"), QStringLiteral("mail"),     QStringLiteral("website"),
                                     QStringLiteral("url"),   QStringLiteral("homepage"), QStringLiteral("webpage"),
                                     QStringLiteral("uri")};
    return column.type == ColumnType::Text && hasPartIn(column, words);
}

bool holdsFewWords(const ColumnProfile &profile)
{
    return !profile.hasMoreDistinct && profile.distinct.size() >= 2 && profile.distinct.size() <= 12 &&
           profile.values >= 60 && profile.values >= 8 * profile.distinct.size() && profile.lengths.lastKey() <= 40;
}

namespace {

// The characters that a share of the values keep to.
int lengthFor(const ColumnProfile &profile, double share)
{
    qint64 kept = 0;
    for (auto it = profile.lengths.begin(); it != profile.lengths.end(); ++it) {
        kept += it.value().count;
        if (static_cast<double>(kept) >= share * static_cast<double>(profile.values)) {
            return it.key();
        }
    }
    return 0;
}

} // namespace

QString kindByType(const Column &column)
{
    const auto name = [](const char *kind) { return QString::fromLatin1(kind); };
    switch (column.type) {
    case ColumnType::WholeNumber:
        return name("whole-number");
    case ColumnType::DecimalNumber:
        return name("decimal-number");
    case ColumnType::Date:
        return name("date");
    case ColumnType::Time:
        return name("time");
    case ColumnType::DateTime:
        return name("date-time");
    case ColumnType::Binary:
        return name("picture");
    case ColumnType::YesNo:
        return name("tick-box");
    case ColumnType::Text:
        break;
    }
    return name("text-box");
}

bool isAddable(const Table &table, const Column &column)
{
    if (column.type != ColumnType::WholeNumber && column.type != ColumnType::DecimalNumber) {
        return false;
    }
    if (table.primaryKey.contains(column.name) || ledLink(table, column.name) ||
        !leaderOf(table, column.name).isEmpty()) {
        return false;
    }
    static const QSet<QString> counted{
        QStringLiteral("quantity"), QStringLiteral("qty"),     QStringLiteral("amount"), QStringLiteral("cost"),
        QStringLiteral("costs"),    QStringLiteral("total"),   QStringLiteral("sum"),    QStringLiteral("price"),
        QStringLiteral("hours"),    QStringLiteral("minutes"), QStringLiteral("net"),    QStringLiteral("gross"),
        QStringLiteral("tax"),      QStringLiteral("vat"),     QStringLiteral("fee"),    QStringLiteral("fees"),
        QStringLiteral("weight"),   QStringLiteral("value"),   QStringLiteral("count"),  QStringLiteral("paid"),
        QStringLiteral("due"),      QStringLiteral("debit"),   QStringLiteral("credit"), QStringLiteral("balance"),
        QStringLiteral("pieces"),   QStringLiteral("stock"),   QStringLiteral("size"),   QStringLiteral("bytes"),
    };
    static const QSet<QString> rates{QStringLiteral("unit"),    QStringLiteral("rate"), QStringLiteral("per"),
                                     QStringLiteral("average"), QStringLiteral("each"), QStringLiteral("percent"),
                                     QStringLiteral("id"),      QStringLiteral("no")};
    return hasPartIn(column, counted) && !hasPartIn(column, rates);
}

QString kindForColumn(const Table &table, const Column &column, const ColumnProfile *profile)
{
    const auto name = [](const char *kind) { return QString::fromLatin1(kind); };
    if (ledLink(table, column.name)) {
        return name("drop-down");
    }
    if (column.type == ColumnType::YesNo) {
        return name("tick-box");
    }
    if (!column.choices.isEmpty()) {
        const bool isYesNo = column.type == ColumnType::WholeNumber && column.choices.size() == 2 &&
                             column.choices.contains(QVariant(0LL)) && column.choices.contains(QVariant(1LL));
        return isYesNo                                       ? name("tick-box")
               : column.choices.size() <= MostOptionsInSight ? name("option-set")
                                                             : name("drop-down");
    }
    if (column.type == ColumnType::Binary && profile && profile->values > 0 && holdsTexts(*profile)) {
        return name("long-text");
    }
    if (column.type != ColumnType::Text) {
        return kindByType(column);
    }
    const bool isKey = table.primaryKey.contains(column.name);
    if (profile && profile->values > 0 && !isKey) {
        // A few very long values do not make a long box: they scroll.
        if (linesFor(*profile, MostValues) > 1 || lengthFor(*profile, MostValues) > LongestLine) {
            return holdsAddresses(*profile) ? name("link") : name("long-text");
        }
        if (holdsAddresses(*profile)) {
            return name("link");
        }
        if (!isMeantForLongText(column) && holdsFewWords(*profile)) {
            return name("drop-down");
        }
    }
    // What is stored tells pages and hosts apart; a name alone only where nothing is.
    const bool isKnown = profile && profile->values > 0 && !isKey;
    // Descriptions that never took more than a line are lines; notes are kept room for.
    static const QSet<QString> mayBeShort{
        QStringLiteral("description"), QStringLiteral("text"), QStringLiteral("summary"), QStringLiteral("message"),
        QStringLiteral("reason"),      QStringLiteral("desc"), QStringLiteral("descr")};
    if (isKnown && profile->values >= FewValues && hasPartIn(column, mayBeShort) && !isNoteLike(column)) {
        return name("text-box");
    }
    const bool isName = calledAsName(table, column) >= PlainlyName; // however long it might be
    if (isMeantForLongText(column) && !isName && !(isKnown && lengthFor(*profile, 1) <= ShortLine)) {
        return name("long-text");
    }
    return isMeantForLinks(column) && !isKnown ? name("link") : name("text-box");
}

} // namespace nabblet
