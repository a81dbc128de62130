#include "entry/state/record_writing.h"

#include "core/kinds/kind.h"
#include "core/text/caption_words.h"
#include "core/text/tr.h"

#include <algorithm>

namespace nabblet {

namespace {

// What goes along when the record in hand is deleted, in words: "3 rows of “Part fitted”".
QStringList alongInWords(const Deletion &deletion, LinkRule rule)
{
    QStringList words;
    for (const RowsAlong &each : deletion.along) {
        if (each.rule == rule) {
            words.append(counted(each.count, Texts::tr("1 row of “%1”").arg(titleFromTable(each.table)),
                                 Texts::tr("%2 rows of “%1”").arg(titleFromTable(each.table), QStringLiteral("%1"))));
        }
    }
    return words;
}

} // namespace

ToWrite whatToWrite(const EntryState &state, const Table &table)
{
    QList<FieldMessage> mistakes;
    ColumnValues changes;
    for (auto pending = state.record.typed.constBegin(); pending != state.record.typed.constEnd(); ++pending) {
        const Control *control = state.controlFor(pending.key());
        if (!findColumn(table, pending.key())) {
            mistakes.append({control ? control->id : 0,
                             Texts::tr("The column “%1” is gone from the table; what is typed here cannot be saved")
                                 .arg(pending.key())});
        } else if (!pending->mistake.isEmpty()) {
            mistakes.append(
                {control ? control->id : 0, control ? pending->mistake
                                                    : Texts::tr("%1: %2", "a caption and what is wrong there")
                                                          .arg(state.captionFor(pending.key()), pending->mistake)});
        }
        changes.insert(pending.key(), pending->value);
    }
    for (auto start = state.record.startValues.constBegin();
         state.record.isNew && start != state.record.startValues.constEnd(); ++start) {
        if (!changes.contains(start.key())) {
            changes.insert(start.key(), start.value());
        }
    }
    // What is required and blank would be refused anyway; all such boxes are named at once.
    for (const Column &column : table.columns) {
        const Control *control = state.heldTo.columns.contains(column.name) ? nullptr : state.controlFor(column.name);
        const bool isBlank = state.record.isNew ? !changes.contains(column.name) || changes.value(column.name).isNull()
                                                : changes.contains(column.name) && changes.value(column.name).isNull();
        const bool isMistaken = control && std::any_of(mistakes.begin(), mistakes.end(),
                                                       [&](const FieldMessage &m) { return m.control == control->id; });
        if (control && state.isNeeded(column) && isBlank && !isMistaken) {
            mistakes.append({control->id, Texts::tr("%1 is needed").arg(state.captionFor(column.name))});
        }
    }
    return {changes, mistakes};
}

RefusalContext refusalContext(const EntryState &state)
{
    static const Table None; // the context refers to what outlives it
    const Table *table = state.table();
    return {state.catalogue, table ? *table : None,
            [&state](const QString &column) { return state.captionFor(column); }};
}

QList<FieldMessage> whatDiffers(const EntryState &state, const Row &theirRow)
{
    QList<FieldMessage> messages;
    for (const Control &control : state.form.controls) {
        if (control.column.isEmpty() || !state.record.row) {
            continue;
        }
        const QVariant theirs = valueOf(state.source, theirRow, control.column);
        if (theirs != valueOf(state.source, *state.record.row, control.column)) {
            const Kind &kind = kindNamed(control.kind);
            const QString words = theirs.isNull()                ? Texts::tr("nothing")
                                  : kind.editor == Editor::Image ? Texts::tr("another picture")
                                                                 : kind.words(control, theirs, state.locale);
            messages.append({control.id, Texts::tr("Stored meanwhile: %1").arg(words)});
        }
    }
    return messages;
}

QList<FieldMessage> whyRefused(const EntryState &state, const Refusal &refusal)
{
    QList<FieldMessage> messages;
    for (const QString &column : refusal.columns) {
        if (const Control *control = state.controlFor(column)) {
            messages.append({control->id, refusal.sentence});
            break; // one sentence once
        }
    }
    if (messages.isEmpty()) {
        messages.append({0, refusal.sentence});
    }
    return messages;
}

QString deletionInWords(const Deletion &deletion)
{
    QStringList sentences;
    const QString between = Texts::tr(", ");
    if (const QStringList keepers = alongInWords(deletion, LinkRule::Keeps); !keepers.isEmpty()) {
        return Texts::tr("The database will keep it while others point to it or to what belongs to it: %1.")
            .arg(keepers.join(between));
    }
    if (const QStringList gone = alongInWords(deletion, LinkRule::Deletes); !gone.isEmpty()) {
        sentences.append(Texts::tr("With it go %1.").arg(gone.join(between)));
    }
    if (const QStringList loose = alongInWords(deletion, LinkRule::LetsGo); !loose.isEmpty()) {
        sentences.append(Texts::tr("These stay and do not point to it any more: %1.").arg(loose.join(between)));
    }
    if (const QStringList lost = alongInWords(deletion, LinkRule::Nothing); !lost.isEmpty()) {
        sentences.append(
            Texts::tr("These go on pointing to it, for the database knows of no link: %1.").arg(lost.join(between)));
    }
    if (deletion.hasTriggers) {
        sentences.append(Texts::tr("The database does something of its own on deleting, which cannot be taken back."));
    }
    sentences.append(deletion.isComplete
                         ? (sentences.isEmpty()
                                ? Texts::tr("It can be brought back with Take back until the next record is saved "
                                            "or deleted.")
                                : Texts::tr("All of it can be brought back with Take back until the next record "
                                            "is saved or deleted."))
                         : Texts::tr("So many rows cannot be brought back."));
    return sentences.join(u' ');
}

} // namespace nabblet
