// Settings of drop-downs, lists and jump lists: where their choices come from.
#include "core/edit/edits.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/lookup.h"
#include "core/text/tr.h"
#include "designer/settings/column_pairs.h"
#include "designer/settings/setting_parts.h"

#include <QRegularExpression>

namespace nabblet {

using namespace setting_parts;

namespace {

const QString OwnSelect = QStringLiteral("\n"); // no table is called so

bool canLookUp(const Kind &kind)
{
    return takesValue(kind) && (kind.editor == Editor::Choice || kind.editor == Editor::List);
}

bool mayLookUp(const Context &context)
{
    return isOne(context) && areAllKinds(context, canLookUp);
}

bool looksUp(const Context &context)
{
    return mayLookUp(context) && lookupOf(*selected(context).first()).has_value();
}

bool looksUpOrJumps(const Context &context)
{
    return looksUp(context) || (isOne(context) && isJumpList(*selected(context).first()));
}

bool looksUpBySelect(const Context &context)
{
    return looksUp(context) && lookupOf(*selected(context).first())->table.isEmpty();
}

Lookup lookupIn(const Context &context)
{
    return lookupOf(*selected(context).first()).value_or(Lookup());
}

// The columns that the choices have; nothing where they are not known here.
std::optional<QStringList> columnsOfChoices(const Context &context)
{
    const Lookup lookup = lookupIn(context);
    const Control &control = *selected(context).first();
    if (!lookup.select.isEmpty()) {
        const Result<QStringList> columns =
            context.columnsOfSelect ? context.columnsOfSelect(lookup.select) : Result<QStringList>(Error());
        return columns ? std::optional(*columns) : std::nullopt;
    }
    const Table *table = !context.catalogue    ? nullptr
                         : isJumpList(control) ? rowsTable(context)
                                               : findTable(*context.catalogue, lookup.table);
    return table ? std::optional(columnNames(*table)) : std::nullopt;
}

Error noColumn(const QString &name, const QStringList &columns)
{
    return {Texts::tr("The choices have no column “%1”. They have: %2.").arg(name, columns.join(QStringLiteral(", "))),
            {}};
}

Result<Form> withLookup(const Context &context, const Lookup &lookup)
{
    const bool saysNothing = lookup.table.isEmpty() && lookup.select.isEmpty() && lookup.wordsColumns.isEmpty() &&
                             lookup.also.isEmpty() && lookup.sort.isEmpty() && lookup.heading.isEmpty();
    return withSelectedChanged(context, [&](Control &control) {
        if (saysNothing && isJumpList(control)) { // it shows what tells the records apart
            control.settings.remove(setting::Choosing);
        } else {
            setLookup(control, lookup);
        }
    });
}

// ---------------------------------------------------------------- where they come from

Words readSource(const Context &context)
{
    const std::optional<Lookup> lookup = lookupOf(*selected(context).first());
    return !lookup ? QString() : lookup->table.isEmpty() ? OwnSelect : lookup->table;
}

QList<SettingChoice> sourceChoices(const Context &context)
{
    QList<SettingChoice> choices{{QString(), Texts::tr("Typed in here")}};
    if (context.catalogue) {
        for (const Table &table : context.catalogue->tables) {
            choices.append({table.name, table.name.simplified()});
        }
    }
    choices.append({OwnSelect, Texts::tr("An own SELECT")});
    return choices;
}

// Everything else follows from the table: its key is stored, its name is shown.
Result<Form> writeSource(const Context &context, const QString &typed)
{
    const Control &control = *selected(context).first();
    if (typed.isEmpty()) {
        return withSelectedChanged(context, [](Control &changed) { changed.settings.remove(setting::Choosing); });
    }
    Lookup lookup;
    lookup.columns = {control.column};
    if (typed == OwnSelect) {
        const Lookup before = lookupIn(context);
        lookup.select = before.select;
        lookup.valueColumns = {before.valueColumns.value(0)};
        lookup.wordsColumns = before.wordsColumns;
        return withLookup(context, lookup);
    }
    const Table *table = context.catalogue ? findTable(*context.catalogue, typed) : nullptr;
    if (!table || table->columns.isEmpty()) {
        return Error{Texts::tr("The database has no table “%1”.").arg(typed), {}};
    }
    lookup.table = table->name;
    lookup.wordsColumns = wordsOfRow(*table);
    lookup.valueColumns = {table->primaryKey.size() == 1 ? table->primaryKey.first() : table->columns.first().name};
    const Table *own = rowsTable(context);
    const ForeignKey *link = own ? ledLink(*own, control.column) : nullptr;
    if (link && link->parentTable == table->name) {
        lookup.valueColumns = link->parentColumns;
        lookup.columns = link->columns;
    }
    return withLookup(context, lookup);
}

Words readSelect(const Context &context)
{
    return lookupIn(context).select;
}

Result<Form> writeSelect(const Context &context, const QString &typed)
{
    Lookup lookup = lookupIn(context);
    lookup.select = typed.trimmed();
    if (context.columnsOfSelect && !lookup.select.isEmpty()) {
        const Result<QStringList> columns = context.columnsOfSelect(lookup.select);
        if (!columns) {
            return columns.error();
        }
        // The first column is stored, the next is shown, until someone says otherwise.
        if (!columns->contains(lookup.valueColumns.value(0))) {
            lookup.valueColumns = {columns->first()};
        }
        lookup.wordsColumns.removeIf([&](const QString &name) { return !columns->contains(name); });
        if (lookup.wordsColumns.isEmpty()) {
            lookup.wordsColumns = {columns->value(1, columns->first())};
        }
    }
    return withLookup(context, lookup);
}

// ---------------------------------------------------------------- what is stored and shown

QStringList namesIn(const QString &typed)
{
    QStringList names;
    for (const QString &name : typed.split(u',', Qt::SkipEmptyParts)) {
        names.append(name.trimmed());
    }
    return names;
}

std::optional<Error> unknownAmong(const Context &context, const QStringList &names)
{
    const std::optional<QStringList> columns = columnsOfChoices(context);
    for (const QString &name : names) {
        if (columns && !columns->contains(name)) {
            return noColumn(name, *columns);
        }
    }
    return std::nullopt;
}

// One column, or for a choice that is stored in several: each with the column here that takes it.
Words readStores(const Context &context)
{
    const Lookup lookup = lookupIn(context);
    return lookup.columns.size() > 1 ? pairsInWords(lookup.valueColumns, lookup.columns) : lookup.valueColumns.value(0);
}

Result<Form> writeStores(const Context &context, const QString &typed)
{
    const QString own = selected(context).first()->column;
    Lookup lookup = lookupIn(context);
    if (!typed.contains(u',') && !typed.contains(u'=')) {
        lookup.valueColumns = {typed.trimmed()};
        lookup.columns = {own};
    } else {
        const Result<ColumnPairs> pairs = readPairs(typed, nullptr, rowsTable(context));
        if (!pairs) {
            return pairs.error();
        }
        if (!pairs->second.contains(own)) {
            return Error{Texts::tr("The box's own column “%1” must be among those that are stored.").arg(own), {}};
        }
        lookup.valueColumns = pairs->first;
        lookup.columns = pairs->second;
    }
    if (const std::optional<Error> unknown = unknownAmong(context, lookup.valueColumns)) {
        return *unknown;
    }
    return withLookup(context, lookup);
}

Words readShows(const Context &context)
{
    return lookupIn(context).wordsColumns.join(QStringLiteral(", "));
}

Result<Form> writeShows(const Context &context, const QString &typed)
{
    Lookup lookup = lookupIn(context);
    lookup.wordsColumns = namesIn(typed);
    if (const std::optional<Error> unknown = unknownAmong(context, lookup.wordsColumns)) {
        return *unknown;
    }
    if (lookup.wordsColumns.isEmpty() && !isJumpList(*selected(context).first())) {
        return Error{Texts::tr("Something must be shown: name a column."), {}};
    }
    return withLookup(context, lookup);
}

Words readAlso(const Context &context)
{
    QStringList lines;
    for (const LookupColumn &column : lookupIn(context).also) {
        QStringList parts{column.name};
        if (column.width > 0 || !column.heading.isEmpty()) {
            parts.append(QString::number(column.width));
        }
        parts.append(column.heading);
        parts.removeAll(QString());
        lines.append(parts.join(QStringLiteral(", ")));
    }
    return lines.join(u'\n');
}

Result<Form> writeAlso(const Context &context, const QString &typed)
{
    constexpr int Widest = 1000; // px
    Lookup lookup = lookupIn(context);
    lookup.also.clear();
    const QStringList lines = typed.split(u'\n', Qt::SkipEmptyParts);
    for (const QString &line : lines) {
        const QStringList parts = line.split(u',');
        LookupColumn column{parts.first().trimmed(), 0, {}};
        if (column.name.isEmpty()) {
            continue;
        }
        if (const std::optional<Error> unknown = unknownAmong(context, {column.name})) {
            return *unknown;
        }
        bool isNumber = false;
        const int width = parts.value(1).trimmed().toInt(&isNumber);
        column.width = isNumber ? std::clamp(width, 0, Widest) : 0;
        column.heading = parts.mid(isNumber ? 2 : 1).join(u',').trimmed();
        lookup.also.append(column);
    }
    return withLookup(context, lookup);
}

Words readHeading(const Context &context)
{
    return lookupIn(context).heading;
}

Result<Form> writeHeading(const Context &context, const QString &typed)
{
    Lookup lookup = lookupIn(context);
    lookup.heading = typed.trimmed();
    return withLookup(context, lookup);
}

// ---------------------------------------------------------------- which, in which order

Words readSort(const Context &context)
{
    return lookupIn(context).sort.join(QStringLiteral(", "));
}

Result<Form> writeSort(const Context &context, const QString &typed)
{
    Lookup lookup = lookupIn(context);
    lookup.sort.clear();
    QStringList plain;
    for (const QString &name : namesIn(typed)) {
        // A column may be called so that its name begins with a sign.
        const ChoiceOrder by = unknownAmong(context, {name}) ? choiceOrder(name) : ChoiceOrder{name, false};
        plain.append(by.name);
        lookup.sort.append(written(by));
    }
    if (const std::optional<Error> unknown = unknownAmong(context, plain)) {
        return *unknown;
    }
    return withLookup(context, lookup);
}

Words readFilter(const Context &context)
{
    const Lookup lookup = lookupIn(context);
    return pairsInWords(lookup.filterColumns, lookup.filterBy);
}

Result<Form> writeFilter(const Context &context, const QString &typed)
{
    Lookup lookup = lookupIn(context);
    const Result<ColumnPairs> pairs = readPairs(typed, nullptr, rowsTable(context));
    if (!pairs) {
        return pairs.error();
    }
    if (const std::optional<Error> unknown = unknownAmong(context, pairs->first)) {
        return *unknown;
    }
    lookup.filterColumns = pairs->first;
    lookup.filterBy = pairs->second;
    return withLookup(context, lookup);
}

} // namespace

QList<Setting> lookupSettings()
{
    using enum SettingOf;
    using enum SettingEditor;
    const char *step = Texts::later("Change where choices come from");
    return {
        {"lookupFrom", Controls, Texts::later("Choices"), Texts::later("Come from"),
         Texts::later("Typed in here, the rows of a table, or those of a SELECT of your own."), Choice, step, mayLookUp,
         readSource, writeSource, sourceChoices},
        {"lookupSelect", Controls, Texts::later("Choices"), Texts::later("SELECT"),
         Texts::later("Its rows are the choices."), Lines, step, looksUpBySelect, readSelect, writeSelect},
        {"lookupStores", Controls, Texts::later("Choices"), Texts::later("Stores"),
         Texts::later("The column of the choice that is stored here; of several, each with the column here: id = "
                      "part_id, line = "
                      "line."),
         SettingEditor::Words, step, looksUp, readStores, writeStores},
        {"lookupShows", Controls, Texts::later("Choices"), Texts::later("Shows"),
         Texts::later("The columns that stand in the box, one after the other: given_name, family_name."),
         SettingEditor::Words, step, looksUpOrJumps, readShows, writeShows},
        {"lookupAlso", Controls, Texts::later("Choices"), Texts::later("Also lists"),
         Texts::later("More columns of the open list, one a line, with a width and a heading: town, 120, Town."), Lines,
         step, looksUpOrJumps, readAlso, writeAlso},
        {"lookupHeading", Controls, Texts::later("Choices"), Texts::later("Heading"),
         Texts::later("What stands above the first column of the open list."), SettingEditor::Words, step,
         looksUpOrJumps, readHeading, writeHeading},
        {"lookupSort", Controls, Texts::later("Choices"), Texts::later("Sorted by"),
         Texts::later("Columns, with a minus for falling: -laid_on, name. Empty: by what is shown."),
         SettingEditor::Words, step, looksUpOrJumps, readSort, writeSort},
        {"lookupFilter", Controls, Texts::later("Choices"), Texts::later("Only where"),
         Texts::later("A column of the choices holds what stands in another box: county = county."),
         SettingEditor::Words, step, looksUp, readFilter, writeFilter},
    };
}

} // namespace nabblet
