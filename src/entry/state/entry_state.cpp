#include "entry/state/entry_state.h"

#include "core/sorts/sort_table.h"
#include "data/records/row_filter.h"

#include "core/catalogue/column_limits.h"
#include "core/catalogue/create_statement.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/kind.h"
#include "core/kinds/settings/typing.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

std::optional<RowKey> EntryState::key() const
{
    return record.row && !record.isNew ? std::optional(record.row->key) : std::nullopt;
}

std::optional<RowPlace> EntryState::place() const
{
    return key() ? std::optional(placeOf(source, *record.row)) : std::nullopt;
}

bool EntryState::canAdd() const
{
    return isStarted && heldTo.hasParent && source.isWritable && form.permissions.add && !connection.isReadOnly();
}

bool EntryState::canChange() const
{
    return hasRecord() && source.isWritable && !connection.isReadOnly() && (record.isNew || form.permissions.change);
}

bool EntryState::canDelete() const
{
    return record.row && !record.isNew && source.isWritable && form.permissions.remove && !connection.isReadOnly();
}

bool EntryState::mayType(const Control &control) const
{
    if (isJumpList(control)) {
        return isStarted && heldTo.hasParent && jumpLookup(control).has_value();
    }
    return canChange() && !control.column.isEmpty() && !isLocked(control) && source.columns.contains(control.column) &&
           !source.readOnly.contains(control.column) && takesValue(kindNamed(control.kind));
}

bool EntryState::isNeeded(const Control &control) const
{
    const Table *rows = table();
    const Column *column = rows && !control.column.isEmpty() ? findColumn(*rows, control.column) : nullptr;
    return column && isNeeded(*column);
}

bool EntryState::isNeeded(const Column &column) const
{
    const bool isFilledByItself = column.numbersItself || column.isGenerated || heldTo.columns.contains(column.name) ||
                                  (record.isNew && column.hasDefault && !record.typed.contains(column.name));
    return column.isRequired && !isFilledByItself;
}

bool EntryState::isChanged() const
{
    // What rules put into a stored record came of something that was done to it, or to what belongs to it.
    return std::any_of(record.typed.begin(), record.typed.end(),
                       [this](const TypedValue &typed) { return !typed.isWorkedOut || !record.isNew; });
}

QVariant EntryState::value(const QString &column) const
{
    const auto pending = record.typed.constFind(column);
    if (pending != record.typed.constEnd()) {
        return pending->value;
    }
    return valueBeforeTyping(column);
}

QVariant EntryState::valueBeforeTyping(const QString &column) const
{
    if (record.isNew) {
        if (const qsizetype link = heldTo.columns.indexOf(column); link >= 0) {
            return heldTo.values.value(link);
        }
        if (const auto start = record.startValues.constFind(column); start != record.startValues.constEnd()) {
            return *start;
        }
        const Table *rows = table();
        const Column *own = rows ? findColumn(*rows, column) : nullptr;
        return own ? defaultValueOf(*own) : QVariant();
    }
    return record.row ? valueOf(source, *record.row, column) : QVariant();
}

Result<RecordSource> EntryState::wantedSource() const
{
    Result<RecordSource> asked = recordSourceOf(form, catalogue);
    if (!asked) {
        return asked;
    }
    // What was typed into a box that is gone is saved all the same.
    const Table *rows = table();
    for (auto typed = record.typed.constBegin(); typed != record.typed.constEnd(); ++typed) {
        if (!asked->columns.contains(typed.key()) && rows && findColumn(*rows, typed.key())) {
            asked->columns.append(typed.key());
        }
    }
    return linkedTo(withWanted(*asked), heldTo.columns, heldTo.values);
}

// What the person at work asks of the rows: what concerns columns that are gone counts no more.
RecordSource EntryState::withWanted(RecordSource shown) const
{
    if (asThere) {
        shown.filter = asThere->filter;
        shown.worded = asThere->worded;
        shown.order = wanted.order.isEmpty() ? shown.order : asThere->order;
        for (const SortedBy &each : std::as_const(shown.order)) {
            if (!shown.columns.contains(each.column)) {
                shown.columns.append(each.column);
            }
            if (shown.worded.contains(each.column)) {
                shown.readOnly.append(each.column);
            }
        }
        return shown;
    }
    if (!wanted.filter.isEmpty()) {
        const RowFilter filter = rowFilterOf(wanted.filter, form, catalogue);
        shown.filter = filter.lines.isEmpty() ? nullptr : std::make_shared<const RowFilter>(filter);
    }
    const Table *rows = table();
    QList<SortedBy> order;
    for (const WantedOrder &each : wanted.order) {
        const Column *column = rows ? findColumn(*rows, each.column) : nullptr;
        const Control *control = controlFor(each.column);
        const std::optional<Lookup> lookup = control ? lookupOf(*control) : std::nullopt;
        if (!column) {
            continue;
        }
        QString name = each.column;
        if (each.isByWords && lookup && !lookup->wordsColumns.isEmpty()) {
            name = wordedName(each.column);
            shown.worded.insert(name, *lookup);
            shown.readOnly.append(name);
        }
        if (!shown.columns.contains(name)) {
            shown.columns.append(name);
        }
        const bool isText = name != each.column;
        order.append({name, each.isDescending, isText ? QStringLiteral("letters") : QString(usualSort(*column).name)});
    }
    shown.order = order.isEmpty() ? shown.order : order;
    return shown;
}

Row EntryState::remapped(const Row &row, const QStringList &columns) const
{
    Row result;
    result.key = row.key;
    std::optional<Row> now;
    for (const QString &column : source.columns) {
        const qsizetype at = columns.indexOf(column);
        if (at < 0 && !now) {
            now = readableRow(connection, source, row.key);
        }
        result.values.append(at >= 0 ? row.values.value(at) : valueOf(source, *now, column));
    }
    return result;
}

RecordInHand EntryState::remapped(const RecordInHand &inHand, const QStringList &columns) const
{
    RecordInHand result = inHand;
    for (std::optional<Row> RecordInHand::*row :
         {&RecordInHand::row, &RecordInHand::beforeNew, &RecordInHand::theirs}) {
        if (result.*row) {
            result.*row = remapped(*(result.*row), columns);
        }
    }
    return result;
}

ColumnValues EntryState::valuesOf(const Row &row) const
{
    ColumnValues values;
    for (int i = 0; i < source.columns.size() && i < row.values.size(); ++i) {
        if (!source.readOnly.contains(source.columns.at(i))) {
            values.insert(source.columns.at(i), row.values.at(i));
        }
    }
    return values;
}

const Control *EntryState::controlFor(const QString &column) const
{
    const Control *writer = nullptr;
    for (const Control &control : form.controls) {
        if (!column.isEmpty() && control.column == column) {
            return &control;
        }
        if (!writer && columnsWritten(control).contains(column)) {
            writer = &control;
        }
    }
    return writer;
}

QString EntryState::captionFor(const QString &column) const
{
    const Control *control = controlFor(column);
    const Control *caption = control ? captionOf(form, control->id) : nullptr;
    if (caption && !caption->text.isEmpty()) {
        return caption->text.simplified();
    }
    return captionFromColumn(column, form.rowsFrom);
}

QStringList EntryState::changedCaptions() const
{
    QStringList captions;
    for (const Control &control : form.controls) {
        const QStringList written = columnsWritten(control);
        const bool isTyped = std::any_of(written.begin(), written.end(),
                                         [&](const QString &column) { return record.typed.contains(column); });
        if (isTyped && !captions.contains(captionFor(control.column))) {
            captions.append(captionFor(control.column));
        }
    }
    // What was typed into boxes that are gone.
    QStringList gone;
    for (auto typed = record.typed.constBegin(); typed != record.typed.constEnd(); ++typed) {
        if (!controlFor(typed.key())) {
            gone.append(captionFor(typed.key()));
        }
    }
    gone.sort();
    return captions + gone;
}

QString EntryState::missingWords() const
{
    const QStringList &missing = source.missing;
    if (missing.isEmpty()) {
        return {};
    }
    return counted(
        missing.size(),
        Texts::tr("The table “%1” has no column “%2”; what asks for it stays empty.")
            .arg(titleFromTable(form.rowsFrom), missing.first()),
        Texts::tr("The table “%1” has %2 columns less than the form asks for (%3); what asks for them stays empty.")
            .arg(titleFromTable(form.rowsFrom), QStringLiteral("%1"), missing.join(QStringLiteral(", "))));
}

QString EntryState::whyItDoesNotFit(const Control &control, const QVariant &value) const
{
    const Table *rows = table();
    const Column *column = rows ? findColumn(*rows, control.column) : nullptr;
    return column ? nabblet::whyItDoesNotFit(*column, value, locale) : QString();
}

std::optional<Lookup> EntryState::jumpLookup(const Control &jumpList) const
{
    const Table *rows = table();
    if (!rows || rows->kind != TableKind::Table || source.keyColumns.isEmpty()) {
        return std::nullopt;
    }
    Lookup lookup;
    lookup.table = rows->name;
    lookup.valueColumns = source.keyColumns;
    lookup.columns = source.keyColumns;
    const std::optional<Lookup> own = lookupOf(jumpList);
    if (own) {
        lookup.sort = own->sort;
        lookup.also = own->also;
        lookup.heading = own->heading;
    }
    lookup.wordsColumns = own && !own->wordsColumns.isEmpty() ? own->wordsColumns : wordsOfRow(*rows);
    return lookup.wordsColumns.isEmpty() ? std::nullopt : std::optional(lookup);
}

} // namespace nabblet
