#include "core/kinds/kind_table.h"

#include "core/text/json_names.h"
#include "core/text/tr.h"

#include <QHash>
#include <QJsonArray>

#include <array>

namespace nabblet {

NABBLET_TEXTS(Kinds)

const QList<Kind> &kinds()
{
    static const QList<Kind> table{
        captionKind(),   textBoxKind(),    longTextKind(), wholeNumberKind(), decimalNumberKind(), dateKind(),
        timeKind(),      dateTimeKind(),   tickBoxKind(),  switchKind(),      dropDownKind(),      listKind(),
        optionSetKind(), pictureBoxKind(), linkKind(),     formulaKind(),     totalKind(),         subformKind(),
        jumpListKind(),  buttonKind(),     lineKind(),     frameKind(),       groupBoxKind(),      tabPagesKind(),
        panesKind(),     scrollAreaKind(),
    };
    return table;
}

namespace {

Picture drawUnknown(const Control &control, const Shown &)
{
    BoxStroke box;
    box.rect = QRect(QPoint(0, 0), control.place.size());
    box.fill = Ink::LockedFill;
    TextStroke text;
    text.rect = box.rect.adjusted(7, 0, -7, 0);
    text.text = control.kind;
    text.ink = Ink::Faint;
    return {box, text};
}

const Kind &unknownKind()
{
    static const Kind kind{QString(),
                           QT_TRANSLATE_NOOP("Kinds", "Unknown kind"),
                           QStringLiteral("unknown"),
                           Editor::None,
                           {},
                           QSize(160, 24),
                           drawUnknown,
                           [](const Control &, const QVariant &value, const QLocale &) { return value.toString(); },
                           [](const Control &, const QString &, const QLocale &) -> Result<QVariant> {
                               return Error{Texts::tr("This version cannot change this control"), {}};
                           }};
    return kind;
}

} // namespace

bool isKnownKind(const QString &name)
{
    return &kindNamed(name) != &unknownKind();
}

const Kind &kindNamed(const QString &name)
{
    static const QHash<QString, const Kind *> byName = [] {
        QHash<QString, const Kind *> all;
        for (const Kind &kind : kinds()) {
            all.insert(kind.name, &kind);
        }
        return all;
    }();
    const Kind *kind = byName.value(name);
    return kind ? *kind : unknownKind();
}

bool isCaption(const Control &control)
{
    return control.kind == QLatin1String("caption");
}

bool takesValue(const Kind &kind)
{
    return !kind.binds.isEmpty();
}

bool hasWidget(const Control &control)
{
    return kindNamed(control.kind).editor != Editor::None && fixedImage(control).isEmpty();
}

QString projectFormOf(const Control &control)
{
    return control.settings.value(QLatin1String("opens")).toString();
}

bool showsValue(const Control &control)
{
    const Kind &kind = kindNamed(control.kind);
    return takesValue(kind) || kind.isWorkedOut;
}

QString kindTitle(const Kind &kind)
{
    return Texts::tr(kind.title);
}

Shown shownFor(const Control &control, const QVariant &value, const QLocale &locale, const QString &lookupWords)
{
    const Kind &kind = kindNamed(control.kind);
    Shown shown;
    if (!showsValue(control)) {
        shown.words = control.text;
        shown.isMissing = false;
        return shown;
    }
    shown.state = isLocked(control) ? BoxState::Locked : BoxState::Rest;
    if (const QByteArray image = fixedImage(control); !image.isEmpty()) {
        shown.image = image;
        shown.isMissing = false;
        return shown;
    }
    shown.isMissing = value.isNull();
    shown.isNumber = value.typeId() == QMetaType::LongLong || value.typeId() == QMetaType::Int ||
                     value.typeId() == QMetaType::Double;
    if (shown.isMissing) {
        return shown;
    }
    switch (kind.editor) {
    case Editor::Tick:
        shown.isOn = value.toString() == QLatin1String("true") || value.toDouble() != 0;
        break;
    case Editor::Image:
        shown.image = value.toByteArray();
        break;
    default:
        shown.words = lookupWords.isEmpty() ? kind.words(control, value, locale) : lookupWords;
        break;
    }
    return shown;
}

Shown shownBlank(const Control &control)
{
    return shownFor(control, QVariant(), QLocale::c());
}

bool isLocked(const Control &control)
{
    return control.settings.value(QLatin1String("locked")).toBool();
}

namespace {

std::optional<int> numberSetting(const Control &control, QLatin1String key)
{
    const QJsonValue value = control.settings.value(key);
    return value.isDouble() ? std::optional<int>(value.toInt()) : std::nullopt;
}

} // namespace

std::optional<int> decimalPlaces(const Control &control)
{
    return numberSetting(control, QLatin1String("decimals"));
}

std::optional<int> lengthLimit(const Control &control)
{
    return numberSetting(control, QLatin1String("length"));
}

QByteArray fixedImage(const Control &control)
{
    return QByteArray::fromBase64(control.settings.value(QLatin1String("image")).toString().toLatin1());
}

void setFixedImage(Control &control, const QByteArray &image)
{
    if (image.isEmpty()) {
        control.settings.remove(QStringLiteral("image"));
    } else {
        control.settings.insert(QStringLiteral("image"), QString::fromLatin1(image.toBase64()));
    }
}

QList<Page> pagesOf(const Control &container)
{
    QList<Page> pages;
    for (const QJsonValueRef value : container.settings.value(QLatin1String("pages")).toArray()) {
        const QJsonObject object = value.toObject();
        pages.append({object.value(QLatin1String("id")).toInt(), object.value(QLatin1String("title")).toString()});
    }
    return pages;
}

void setPages(Control &container, const QList<Page> &pages)
{
    QJsonArray array;
    for (const Page &page : pages) {
        array.append(QJsonObject{{QStringLiteral("id"), page.id}, {QStringLiteral("title"), page.title}});
    }
    container.settings.insert(QStringLiteral("pages"), array);
}

std::optional<StartValue> startValueOf(const Control &control)
{
    const QString formula = control.settings.value(QLatin1String("startsWorkedOut")).toString();
    const QVariant value = control.settings.value(QLatin1String("starts")).toVariant();
    const bool isThere = !formula.isEmpty() || !value.isNull();
    return isThere ? std::optional(StartValue{value, formula}) : std::nullopt;
}

void setStartValue(Control &control, const std::optional<StartValue> &start)
{
    control.settings.remove(key("starts"));
    control.settings.remove(key("startsWorkedOut"));
    if (start && !start->formula.isEmpty()) {
        control.settings.insert(key("startsWorkedOut"), start->formula);
    } else if (start && !start->value.isNull()) {
        control.settings.insert(key("starts"), QJsonValue::fromVariant(start->value));
    }
}

bool isFramed(const Control &group)
{
    return group.settings.value(QLatin1String("framed")).toBool(true);
}

bool sitsAbove(const Control &caption)
{
    return caption.settings.value(QLatin1String("sits")).toString() == QLatin1String("above");
}

void setSitsAbove(Control &caption, bool isAbove)
{
    if (isAbove) {
        caption.settings.insert(QStringLiteral("sits"), QStringLiteral("above"));
    } else {
        caption.settings.remove(QStringLiteral("sits"));
    }
}

QString promptOf(const Control &control)
{
    return control.settings.value(QLatin1String("prompt")).toString();
}

QList<Choice> fixedChoices(const Control &control)
{
    QList<Choice> choices;
    const QJsonArray stored = control.settings.value(QLatin1String("choices")).toArray();
    for (const auto &item : stored) {
        const QJsonObject object = item.toObject();
        const QVariant value = object.value(QLatin1String("value")).toVariant();
        choices.append({value, object.value(QLatin1String("words")).toString(value.toString())});
    }
    return choices;
}

bool takesNewChoices(const Control &control)
{
    return control.settings.value(QLatin1String("takesNew")).toBool();
}

namespace {

constexpr std::array<const char *, 5> TotalNames{"sum", "average", "least", "greatest", "count"};

} // namespace

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
    const QJsonObject object = control.settings.value(QLatin1String("lookup")).toObject();
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
        lookup.columns = QStringList{control.column};
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

void setLookup(Control &control, const Lookup &lookup)
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
    control.settings.insert(key("lookup"), object);
}

std::optional<Followed> followedBy(const Control &control)
{
    const QJsonObject object = control.settings.value(QLatin1String("follows")).toObject();
    Followed followed{namesOf(object.value(QLatin1String("columns"))), object.value(QLatin1String("table")).toString(),
                      namesOf(object.value(QLatin1String("keys"))), object.value(QLatin1String("column")).toString()};
    const bool isWhole = !followed.columns.isEmpty() && followed.columns.size() == followed.keyColumns.size();
    return isWhole ? std::optional(followed) : std::nullopt;
}

void setFollowed(Control &control, const Followed &followed)
{
    control.settings.insert(key("follows"), QJsonObject{{key("columns"), listOf(followed.columns)},
                                                        {key("table"), followed.table},
                                                        {key("keys"), listOf(followed.keyColumns)},
                                                        {key("column"), followed.column}});
}

ChildLink childLinkOf(const Control &control)
{
    const QJsonObject object = control.settings.value(QLatin1String("link")).toObject();
    ChildLink link{namesOf(object.value(QLatin1String("child"))), namesOf(object.value(QLatin1String("parent")))};
    return link.childColumns.size() == link.parentColumns.size() ? link : ChildLink();
}

void setChildLink(Control &control, const ChildLink &link)
{
    control.settings.insert(key("link"), QJsonObject{{key("child"), listOf(link.childColumns)},
                                                     {key("parent"), listOf(link.parentColumns)}});
}

std::optional<Total> totalOf(const Control &control)
{
    const QJsonObject object = control.settings.value(QLatin1String("total")).toObject();
    const QString how = object.value(QLatin1String("how")).toString();
    for (size_t i = 0; i < TotalNames.size(); ++i) {
        if (how == QLatin1String(TotalNames.at(i))) {
            return Total{static_cast<TotalKind>(i), object.value(QLatin1String("column")).toString()};
        }
    }
    return std::nullopt;
}

void setTotal(Control &control, const Total &total)
{
    QJsonObject object{{key("how"), key(TotalNames.at(static_cast<size_t>(total.kind)))}};
    if (!total.column.isEmpty()) {
        object.insert(key("column"), total.column);
    }
    control.settings.insert(key("total"), object);
}

NumberLimits numberLimits(const Control &control)
{
    const auto limit = [&](QLatin1String name) {
        const QJsonValue value = control.settings.value(name);
        return value.isDouble() ? std::optional(value.toDouble()) : std::nullopt;
    };
    return {limit(QLatin1String("least")), limit(QLatin1String("most"))};
}

QStringList columnsWritten(const Control &control)
{
    QStringList columns;
    if (!control.column.isEmpty()) {
        columns.append(control.column);
    }
    if (const std::optional<Lookup> lookup = lookupOf(control)) {
        for (const QString &column : lookup->columns) {
            if (!column.isEmpty() && !columns.contains(column)) {
                columns.append(column);
            }
        }
    }
    return columns;
}

QStringList columnsNeeded(const Control &control)
{
    QStringList columns = columnsWritten(control);
    const std::optional<Followed> followed = followedBy(control);
    const std::optional<Lookup> lookup = lookupOf(control);
    const QStringList more = (followed ? followed->columns : QStringList()) + childLinkOf(control).parentColumns +
                             (lookup ? lookup->filterBy : QStringList());
    for (const QString &column : more) {
        if (!columns.contains(column)) {
            columns.append(column);
        }
    }
    return columns;
}

} // namespace nabblet
