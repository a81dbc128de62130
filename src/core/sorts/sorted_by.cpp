#include "core/sorts/sorted_by.h"

#include "core/sorts/sort_table.h"
#include "core/text/tr.h"

#include <QJsonArray>

namespace nabblet {

namespace {

QString key(const char *name)
{
    return QString::fromLatin1(name);
}

QString descending()
{
    return Texts::tr("descending");
}

} // namespace

namespace setting {

constinit const ControlSetting<QList<SortedBy>> Sorted{
    "sortedBy",
    [](const QJsonValue &json) -> std::optional<QList<SortedBy>> {
        QList<SortedBy> sorted;
        for (const QJsonValue &each : json.toArray()) {
            const QJsonObject object = each.toObject();
            const QString sort = object.value(key("by")).toString();
            if (object.value(key("column")).toString().isEmpty() || (!sort.isEmpty() && !sortNamed(sort))) {
                return std::nullopt;
            }
            sorted.append({object.value(key("column")).toString(), object.value(key("descending")).toBool(), sort});
        }
        return json.isArray() ? std::optional(sorted) : std::nullopt;
    },
    [](const QList<SortedBy> &sorted) {
        QJsonArray json;
        for (const SortedBy &each : sorted) {
            QJsonObject object{{key("column"), each.column}};
            if (each.isDescending) {
                object.insert(key("descending"), true);
            }
            if (!each.sort.isEmpty()) {
                object.insert(key("by"), each.sort);
            }
            json.append(object);
        }
        return json.isEmpty() ? QJsonValue(QJsonValue::Undefined) : QJsonValue(json);
    }};

} // namespace setting

QList<SortedBy> sortedBy(const Form &form)
{
    return form.settings.value(setting::Sorted);
}

QString sortedInWords(const QList<SortedBy> &sorted)
{
    QStringList parts;
    for (const SortedBy &each : sorted) {
        const Sort *sort = sortNamed(each.sort);
        parts.append(each.column + (sort ? u' ' + sortPhrase(*sort) : QString()) +
                     (each.isDescending ? u' ' + descending() : QString()));
    }
    return parts.join(QLatin1String(", "));
}

Result<QList<SortedBy>> readSorted(const QString &typed, const Table *rows)
{
    QList<SortedBy> sorted;
    const QStringList parts = typed.split(u',', Qt::SkipEmptyParts);
    for (const QString &part : parts) {
        QString words = part.simplified();
        if (words.isEmpty()) {
            continue;
        }
        SortedBy each;
        const auto took = [&words](const QString &ending) {
            const bool isThere = words.endsWith(u' ' + ending, Qt::CaseInsensitive);
            words.chop(isThere ? ending.size() + 1 : 0);
            return isThere;
        };
        // A column may well be called so itself.
        const auto isColumn = [&] { return rows && findColumn(*rows, words); };
        each.isDescending = !isColumn() && (took(descending()) || took(QStringLiteral("descending")));
        for (const Sort &sort : sorts()) {
            each.sort = each.sort.isEmpty() && !isColumn() && took(sortPhrase(sort)) ? sort.name : each.sort;
        }
        each.column = words;
        if (rows && !findColumn(*rows, words)) {
            return Error{
                Texts::tr("The rows have no column “%1”. Write for instance: name, laid_on descending.").arg(words),
                {}};
        }
        const auto isTwice = [&](const SortedBy &other) {
            return other.column == each.column && other.sort == each.sort;
        };
        if (std::any_of(sorted.begin(), sorted.end(), isTwice)) {
            return Error{Texts::tr("“%1” stands there twice.").arg(words), {}};
        }
        sorted.append(each);
    }
    return sorted;
}

} // namespace nabblet
