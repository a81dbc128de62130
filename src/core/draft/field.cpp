#include "core/draft/captions.h"
#include "core/draft/column_order.h"
#include "core/draft/draft.h"
#include "core/draft/field_kinds.h"
#include "core/draft/maker.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/numbers.h"
#include "core/kinds/settings/typing.h"

#include <QJsonArray>
#include <QJsonObject>

#include <algorithm>

namespace nabblet {

namespace {

QString capitalised(QString text)
{
    if (!text.isEmpty()) {
        text[0] = text.at(0).toUpper();
    }
    return text;
}

bool holdsAll(const Table &table, const QStringList &columns)
{
    return !columns.isEmpty() && std::all_of(columns.begin(), columns.end(),
                                             [&](const QString &name) { return findColumn(table, name) != nullptr; });
}

} // namespace

Control draftField(const Catalogue &catalogue, const Table &table, const Column &column, const QString &kind,
                   const ColumnProfile *profile)
{
    Control field;
    field.kind = kind;
    field.column = column.name;
    field.role = QStringLiteral("field");
    const bool isChosen = kind == QLatin1String("drop-down") || kind == QLatin1String("option-set");
    const ForeignKey *link = kind == QLatin1String("drop-down") ? ledLink(table, column.name) : nullptr;
    const Table *parent = link ? findTable(catalogue, link->parentTable) : nullptr;
    const bool isWhole = parent && holdsAll(*parent, link->parentColumns) && holdsAll(table, link->columns) &&
                         link->columns.size() == link->parentColumns.size();
    if (isWhole) {
        setLookup(field, {parent->name, link->parentColumns, wordsOfRow(*parent), link->columns});
    } else if (link && column.choices.isEmpty()) {
        // The table that it points to is gone, so there is nothing to choose from.
        field.kind = kindByType(column);
    } else if (isChosen) {
        QList<Choice> choices;
        for (const QVariant &choice : column.choices) {
            choices.append({choice, capitalised(choice.toString())});
        }
        if (column.choices.isEmpty()) {
            // Words in use so far; new ones may be typed.
            QStringList used = profile && !profile->hasMoreDistinct ? profile->distinct.keys() : QStringList();
            used.sort(Qt::CaseInsensitive);
            for (const QString &word : std::as_const(used)) {
                choices.append({word, word});
            }
            field.settings.set(setting::TakesNew, true);
        }
        setFixedChoices(field, choices);
    }
    if (column.length && !isChosen) {
        field.settings.set(setting::Length, *column.length);
    }
    if (kind == QLatin1String("decimal-number") && column.decimals) {
        field.settings.set(setting::Decimals, *column.decimals);
    }
    if (isNumber(field) && column.least) {
        field.settings.set(setting::Least, *column.least);
    }
    if (isNumber(field) && column.most) {
        field.settings.set(setting::Most, *column.most);
    }
    // Text kept as bytes is shown; written back it would be stored as something else.
    const bool isBytes = column.type == ColumnType::Binary && kind != QLatin1String("picture");
    if (column.isGenerated || isKeptByDatabase(column) || isBytes || table.kind == TableKind::View ||
        !column.readOnlyReason.isEmpty()) {
        field.settings.set(setting::Locked, true);
    }
    return field;
}

std::optional<Control> draftFollowed(const Catalogue &catalogue, const Table &table, const PlannedColumn &planned)
{
    const ForeignKey *link = ledLink(table, planned.through);
    const Table *other = link ? findTable(catalogue, link->parentTable) : nullptr;
    const Column *column = other ? findColumn(*other, planned.column) : nullptr;
    if (!column || !holdsAll(*other, link->parentColumns) || link->columns.size() != link->parentColumns.size()) {
        return std::nullopt;
    }
    // Its choices and lookups are the other table's affair; here the value is only shown.
    const bool isPlain = takesValue(kindNamed(planned.kind)) && !ledLink(*other, planned.column);
    Control field = draftField(catalogue, *other, *column, isPlain ? planned.kind : kindByType(*column), nullptr);
    field.column.clear();
    field.name = captionOfColumn(table, planned.through).toLower() + u'_' + planned.column;
    field.settings.set(setting::Locked, true);
    setFollowed(field, {link->columns, other->name, link->parentColumns, planned.column});
    return field;
}

BoundColumn rememberColumn(const Table &table, const Column &column)
{
    BoundColumn bound;
    bound.column = column.name;
    bound.declaredType = column.declaredType;
    bound.length = column.length;
    bound.isRequired = column.isRequired;
    const ForeignKey *link = ledLink(table, column.name);
    bound.linksTo = link ? link->parentTable : QString();
    for (qsizetype i = 0; i < table.columns.size(); ++i) {
        bound.place = table.columns.at(i).name == column.name ? static_cast<int>(i) + 1 : bound.place;
    }
    bound.comment = column.comment;
    bound.startsWith = column.defaultExpression;
    for (const QVariant &choice : column.choices) {
        bound.choices.append(choice.toString());
    }
    return bound;
}

BoundColumn rememberDrafted(const Form &form, const Table &table, const Column &column)
{
    BoundColumn bound = rememberColumn(table, column);
    for (const Control &control : form.controls) {
        if (control.column == column.name) {
            const Control *caption = captionOf(form, control.id);
            bound.drafted = Drafted{control.kind, caption ? caption->text : QString(), control.place.size()};
            break;
        }
    }
    return bound;
}

} // namespace nabblet
