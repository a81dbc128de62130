#include "core/filter/filter.h"

#include "core/text/tr.h"

#include <QJsonObject>

#include <algorithm>
#include <array>

namespace nabblet {

namespace {

constexpr std::array<const char *, 9> TestNames{"is",    "holds",    "like",   "below", "at-most",
                                                "above", "at-least", "within", "blank"};

bool asksTheSame(const FilterPart &a, const FilterPart &b)
{
    return a.column == b.column && a.through == b.through && a.rows == b.rows;
}

// In the words for numbers and texts, for spans of time, or turned into its opposite.
QString compared(const FilterCondition &condition, const QString &usual, const QString &ofTime, const QString &opposite)
{
    return (condition.isNot ? opposite : condition.upTo.isValid() ? ofTime : usual).arg(condition.words);
}

} // namespace

Filter withPart(const Filter &filter, const FilterPart &part)
{
    Filter result = filter;
    if (result.lines.isEmpty()) {
        result.lines.append(FilterLine());
    }
    for (FilterLine &line : result.lines) {
        line.removeIf([&](const FilterPart &each) { return asksTheSame(each, part); });
        line.append(part);
    }
    return result;
}

Filter withoutPart(const Filter &filter, int line, int part)
{
    Filter result = filter;
    if (line < 0 || line >= result.lines.size() || part < 0 || part >= result.lines.at(line).size()) {
        return result;
    }
    result.lines[line].removeAt(part);
    if (result.lines.at(line).isEmpty()) {
        result.lines.removeAt(line);
    }
    return result;
}

QString conditionInWords(const FilterCondition &condition)
{
    const bool isNot = condition.isNot;
    switch (condition.test) {
    case FilterTest::Is:
        return (isNot ? Texts::tr("is not %1") : Texts::tr("is %1")).arg(condition.words);
    case FilterTest::Holds:
        return (isNot ? Texts::tr("is without “%1”") : Texts::tr("has “%1”")).arg(condition.words);
    case FilterTest::Like:
        return (isNot ? Texts::tr("is not like %1") : Texts::tr("is like %1")).arg(condition.words);
    case FilterTest::Below:
        return compared(condition, Texts::tr("is below %1"), Texts::tr("is before %1"), Texts::tr("is not below %1"));
    case FilterTest::AtMost:
        return compared(condition, Texts::tr("is at most %1"), Texts::tr("is up to %1"),
                        Texts::tr("is not at most %1"));
    case FilterTest::Above:
        return compared(condition, Texts::tr("is above %1"), Texts::tr("is after %1"), Texts::tr("is not above %1"));
    case FilterTest::AtLeast:
        return compared(condition, Texts::tr("is at least %1"), Texts::tr("is from %1 on"),
                        Texts::tr("is not at least %1"));
    case FilterTest::Within:
        if (condition.upToWords.isEmpty() || condition.upToWords == condition.words) { // a day, a month, a year
            return (isNot ? Texts::tr("is not in %1") : Texts::tr("is in %1")).arg(condition.words);
        }
        return (isNot ? Texts::tr("is not from %1 to %2") : Texts::tr("is from %1 to %2"))
            .arg(condition.words, condition.upToWords);
    case FilterTest::Blank:
        return isNot ? Texts::tr("is filled in") : Texts::tr("is blank");
    }
    return {};
}

QString partInWords(const FilterPart &part, const QString &caption)
{
    QStringList either;
    QStringList all;
    for (const FilterCondition &each : part.anyOf) {
        (each.isNot ? all : either).append(conditionInWords(each));
    }
    if (!either.isEmpty()) {
        all.prepend(either.join(Texts::tr(" or ")));
    }
    return Texts::tr("%1 %2", "a caption and what is asked of it").arg(caption, all.join(Texts::tr(" and ")));
}

QJsonArray filterToJson(const Filter &filter)
{
    QJsonArray lines;
    for (const FilterLine &line : filter.lines) {
        QJsonArray parts;
        for (const FilterPart &part : line) {
            QJsonArray conditions;
            for (const FilterCondition &each : part.anyOf) {
                QJsonObject one{{QStringLiteral("test"), QLatin1String(TestNames.at(static_cast<size_t>(each.test)))}};
                const auto add = [&](const char *key, const QJsonValue &value, bool isThere) {
                    if (isThere) {
                        one.insert(QLatin1String(key), value);
                    }
                };
                add("not", true, each.isNot);
                add("value", QJsonValue::fromVariant(each.value), each.value.isValid());
                add("upTo", QJsonValue::fromVariant(each.upTo), each.upTo.isValid());
                add("leftOut", true, each.isUpToLeftOut);
                add("words", each.words, !each.words.isEmpty());
                add("upToWords", each.upToWords, !each.upToWords.isEmpty());
                conditions.append(one);
            }
            QJsonObject one{{QStringLiteral("column"), part.column}, {QStringLiteral("anyOf"), conditions}};
            const auto add = [&](const char *key, const QJsonValue &value, bool isThere) {
                if (isThere) {
                    one.insert(QLatin1String(key), value);
                }
            };
            add("through", part.through, !part.through.isEmpty());
            add("rows", part.rows, !part.rows.isEmpty());
            add("byWords", true, part.isByWords);
            add("typed", part.typed, !part.typed.isEmpty());
            parts.append(one);
        }
        lines.append(parts);
    }
    return lines;
}

Filter filterFromJson(const QJsonArray &stored)
{
    Filter filter;
    const auto text = [](const QJsonObject &object, const char *key) {
        return object.value(QLatin1String(key)).toString();
    };
    for (const QJsonValue &storedLine : stored) {
        FilterLine line;
        for (const QJsonValue &storedPart : storedLine.toArray()) {
            const QJsonObject object = storedPart.toObject();
            FilterPart part;
            part.column = text(object, "column");
            part.through = text(object, "through");
            part.rows = text(object, "rows");
            part.isByWords = object.value(QLatin1String("byWords")).toBool();
            part.typed = text(object, "typed");
            for (const QJsonValue &storedCondition : object.value(QLatin1String("anyOf")).toArray()) {
                const QJsonObject one = storedCondition.toObject();
                const QString test = text(one, "test");
                const auto named = std::find_if(TestNames.begin(), TestNames.end(),
                                                [&](const char *name) { return test == QLatin1String(name); });
                if (named == TestNames.end()) {
                    continue;
                }
                FilterCondition condition;
                condition.test = static_cast<FilterTest>(named - TestNames.begin());
                condition.isNot = one.value(QLatin1String("not")).toBool();
                condition.value = one.value(QLatin1String("value")).toVariant();
                condition.upTo = one.value(QLatin1String("upTo")).toVariant();
                condition.isUpToLeftOut = one.value(QLatin1String("leftOut")).toBool();
                condition.words = text(one, "words");
                condition.upToWords = text(one, "upToWords");
                part.anyOf.append(condition);
            }
            if (!part.column.isEmpty() && !part.anyOf.isEmpty()) {
                line.append(part);
            }
        }
        if (!line.isEmpty()) {
            filter.lines.append(line);
        }
    }
    return filter;
}

QJsonObject questionToJson(const KeptQuestion &question)
{
    QJsonArray order;
    for (const WantedOrder &each : question.wanted.order) {
        order.append(QJsonObject{{QStringLiteral("column"), each.column},
                                 {QStringLiteral("descending"), each.isDescending},
                                 {QStringLiteral("byWords"), each.isByWords}});
    }
    QJsonObject stored{{QStringLiteral("name"), question.name},
                       {QStringLiteral("filter"), filterToJson(question.wanted.filter)},
                       {QStringLiteral("order"), order}};
    if (!question.form.isEmpty()) {
        stored.insert(QStringLiteral("form"), question.form);
    }
    return stored;
}

KeptQuestion questionFromJson(const QJsonObject &stored)
{
    KeptQuestion question{stored.value(QLatin1String("name")).toString(),
                          {filterFromJson(stored.value(QLatin1String("filter")).toArray()), {}},
                          stored.value(QLatin1String("form")).toString()};
    for (const QJsonValue &each : stored.value(QLatin1String("order")).toArray()) {
        const QJsonObject order = each.toObject();
        question.wanted.order.append({order.value(QLatin1String("column")).toString(),
                                      order.value(QLatin1String("descending")).toBool(),
                                      order.value(QLatin1String("byWords")).toBool()});
    }
    return question;
}

} // namespace nabblet
