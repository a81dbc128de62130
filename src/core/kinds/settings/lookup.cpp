#include "core/kinds/settings/lookup.h"

#include "core/text/json_names.h"

namespace nabblet {

namespace {

std::optional<Lookup> readLookup(const QJsonValue &json)
{
    const QJsonObject object = json.toObject();
    if (object.isEmpty()) {
        return std::nullopt;
    }
    Lookup lookup;
    lookup.table = object.value(QLatin1String("table")).toString();
    const QJsonValue value = object.value(QLatin1String("value"));
    lookup.valueColumns = value.isArray() ? namesOf(value) : QStringList{value.toString()};
    lookup.wordsColumns = namesOf(object.value(QLatin1String("words")));
    lookup.columns = namesOf(object.value(QLatin1String("columns")));
    if (lookup.columns.size() != lookup.valueColumns.size()) {
        lookup.valueColumns = lookup.valueColumns.mid(0, 1);
        lookup.columns.clear(); // the control's own
    }
    lookup.select = object.value(QLatin1String("select")).toString();
    lookup.sort = namesOf(object.value(QLatin1String("sort")));
    const QJsonObject filter = object.value(QLatin1String("filter")).toObject();
    lookup.filterColumns = namesOf(filter.value(QLatin1String("choices")));
    lookup.filterBy = namesOf(filter.value(QLatin1String("by")));
    if (lookup.filterColumns.size() != lookup.filterBy.size()) {
        lookup.filterColumns.clear();
        lookup.filterBy.clear();
    }
    const QJsonArray also = object.value(QLatin1String("also")).toArray();
    for (const auto &each : also) {
        const QJsonObject column = each.toObject();
        lookup.also.append({column.value(QLatin1String("column")).toString(),
                            column.value(QLatin1String("width")).toInt(),
                            column.value(QLatin1String("heading")).toString()});
    }
    lookup.heading = object.value(QLatin1String("heading")).toString();
    return lookup;
}

QJsonValue writeLookup(const Lookup &lookup)
{
    QJsonObject object{{key("words"), listOf(lookup.wordsColumns)}};
    const auto insertWords = [&object](const char *name, const QString &words) {
        if (!words.isEmpty()) {
            object.insert(key(name), words);
        }
    };
    insertWords("table", lookup.table);
    insertWords("select", lookup.select);
    insertWords("heading", lookup.heading);
    if (lookup.columns.size() > 1) {
        object.insert(key("value"), listOf(lookup.valueColumns));
        object.insert(key("columns"), listOf(lookup.columns));
    } else {
        object.insert(key("value"), lookup.valueColumns.value(0));
    }
    if (!lookup.sort.isEmpty()) {
        object.insert(key("sort"), listOf(lookup.sort));
    }
    if (!lookup.filterColumns.isEmpty()) {
        object.insert(key("filter"), QJsonObject{{key("choices"), listOf(lookup.filterColumns)},
                                                 {key("by"), listOf(lookup.filterBy)}});
    }
    QJsonArray also;
    for (const LookupColumn &column : lookup.also) {
        QJsonObject each{{key("column"), column.name}};
        if (column.width > 0) {
            each.insert(key("width"), column.width);
        }
        if (!column.heading.isEmpty()) {
            each.insert(key("heading"), column.heading);
        }
        also.append(each);
    }
    if (!also.isEmpty()) {
        object.insert(key("also"), also);
    }
    return object;
}

std::optional<Followed> readFollowed(const QJsonValue &json)
{
    const QJsonObject object = json.toObject();
    Followed followed{namesOf(object.value(QLatin1String("columns"))), object.value(QLatin1String("table")).toString(),
                      namesOf(object.value(QLatin1String("keys"))), object.value(QLatin1String("column")).toString()};
    const bool isWhole = !followed.columns.isEmpty() && followed.columns.size() == followed.keyColumns.size();
    return isWhole ? std::optional(followed) : std::nullopt;
}

QJsonValue writeFollowed(const Followed &followed)
{
    return QJsonObject{{key("columns"), listOf(followed.columns)},
                       {key("table"), followed.table},
                       {key("keys"), listOf(followed.keyColumns)},
                       {key("column"), followed.column}};
}

} // namespace

namespace setting {

constinit const ControlSetting<Lookup> Choosing{"lookup", readLookup, writeLookup, SettingPart::Choices};
constinit const ControlSetting<Followed> Follows{"follows", readFollowed, writeFollowed};

} // namespace setting

ChoiceOrder choiceOrder(const QString &text)
{
    const bool isSigned = text.startsWith(u'-') || text.startsWith(u'+');
    return {isSigned ? text.mid(1) : text, text.startsWith(u'-')};
}

QString written(const ChoiceOrder &column)
{
    const bool isSigned = column.name.startsWith(u'-') || column.name.startsWith(u'+');
    return (column.isFalling ? QStringLiteral("-") : isSigned ? QStringLiteral("+") : QString()) + column.name;
}

std::optional<Lookup> lookupOf(const Control &control)
{
    const Lookup *stored = control.settings.get(setting::Choosing);
    if (!stored) {
        return std::nullopt;
    }
    std::optional<Lookup> lookup(*stored);
    if (lookup->columns.isEmpty()) {
        lookup->columns = QStringList{control.column};
    }
    return lookup;
}

void setLookup(Control &control, const Lookup &lookup)
{
    Lookup stored = lookup;
    if (stored.columns.size() <= 1) {
        stored.columns.clear(); // whichever column the control is bound to
    }
    control.settings.set(setting::Choosing, stored);
}

std::optional<Followed> followedBy(const Control &control)
{
    const Followed *followed = control.settings.get(setting::Follows);
    return followed ? std::optional(*followed) : std::nullopt;
}

void setFollowed(Control &control, const Followed &followed)
{
    control.settings.set(setting::Follows, followed);
}

} // namespace nabblet
