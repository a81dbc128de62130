#include "core/draft/field_kinds.h"

#include <QSet>

namespace nabblet {

namespace {

constexpr qsizetype MostOptionsInSight = 4; // more than that many open as a list

QStringList partsOfName(const QString &name)
{
    QString text = name.toLower();
    text.replace(u'-', u'_').replace(u' ', u'_');
    return text.split(u'_', Qt::SkipEmptyParts);
}

bool hasPartIn(const Column &column, const QSet<QString> &words)
{
    for (const QString &part : partsOfName(column.name)) {
        if (words.contains(part)) {
            return true;
        }
    }
    return false;
}

} // namespace

bool isMeantForLongText(const Column &column)
{
    static const QSet<QString> words{
        QStringLiteral("remarks"),  QStringLiteral("remark"),  QStringLiteral("notes"),       QStringLiteral("note"),
        QStringLiteral("comments"), QStringLiteral("comment"), QStringLiteral("description"), QStringLiteral("reason"),
        QStringLiteral("details"),  QStringLiteral("memo"),    QStringLiteral("message"),     QStringLiteral("text"),
        QStringLiteral("body"),     QStringLiteral("summary")};
    return column.type == ColumnType::Text && column.length.value_or(1000) > 255 && hasPartIn(column, words);
}

bool isMeantForLinks(const Column &column)
{
    static const QSet<QString> words{QStringLiteral("email"),   QStringLiteral("mail"), QStringLiteral("website"),
                                     QStringLiteral("url"),     QStringLiteral("web"),  QStringLiteral("homepage"),
                                     QStringLiteral("webpage"), QStringLiteral("page"), QStringLiteral("link"),
                                     QStringLiteral("uri")};
    return column.type == ColumnType::Text && hasPartIn(column, words);
}

bool holdsFewWords(const ColumnProfile &profile)
{
    return !profile.hasMoreDistinct && profile.distinct.size() >= 2 && profile.distinct.size() <= 12 &&
           profile.values >= 60 && profile.values >= 8 * profile.distinct.size() && profile.lengths.lastKey() <= 40;
}

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
    if (column.type != ColumnType::Text) {
        return kindByType(column);
    }
    const bool isKey = table.primaryKey.contains(column.name);
    if (profile && profile->values > 0 && !isKey) {
        if (linesFor(*profile, 0.9) > 1 || profile->lengths.lastKey() > 80) {
            return holdsAddresses(*profile) ? name("link") : name("long-text");
        }
        if (holdsAddresses(*profile)) {
            return name("link");
        }
        if (!isMeantForLongText(column) && holdsFewWords(*profile)) {
            return name("drop-down");
        }
    }
    if (isMeantForLongText(column)) {
        return name("long-text");
    }
    return isMeantForLinks(column) ? name("link") : name("text-box");
}

} // namespace nabblet
