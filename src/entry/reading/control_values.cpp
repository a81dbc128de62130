#include "entry/reading/control_values.h"

#include "core/arrange/rows.h"
#include "core/catalogue/create_statement.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/rules/rules.h"

#include <algorithm>

namespace nabblet {

ControlValues::ControlValues(const EntryState &state, const Totals &totals, std::function<void()> missed)
    : m_state(state), m_totals(totals), m_lookedUp(std::make_unique<LookedUp>(state.connection, std::move(missed)))
{
}

void ControlValues::catalogueChanged()
{
    m_formulas.reset();
    m_lookedUp->setCatalogue(m_state.catalogue);
}

Shown ControlValues::shown(const Control &control) const
{
    Shown shown = valueShown(control);
    shown.mayType = m_state.mayType(control);
    shown = ruledInHand(control, shown);
    const bool isOfRow = showsValue(control) && !isJumpList(control) && !totalOf(control);
    if (isOfRow && m_state.hasRecord() && !shown.mayType) {
        shown.state = BoxState::Locked;
    }
    for (const FieldMessage &message : m_state.messages) {
        if (message.control == control.id && isOfRow) {
            shown.state = BoxState::Refused;
        }
    }
    return shown;
}

Shown ControlValues::valueShown(const Control &control) const
{
    if (isJumpList(control)) {
        return jumpShown(control);
    }
    if (totalOf(control)) {
        return shownFor(control, m_totals.value(control.id), m_state.locale);
    }
    if (!showsValue(control)) {
        return shownFor(control, QVariant(), m_state.locale);
    }
    Shown shown = shownOf(control, [&](const QString &column) { return m_state.value(column); });
    const auto typed = m_state.record.typed.constFind(control.column);
    if (typed != m_state.record.typed.constEnd() && !typed->words.isEmpty()) {
        shown.words = typed->words;
        shown.isMissing = false;
    }
    return shown;
}

Shown ControlValues::shownIn(const Control &control, const Row &row) const
{
    if (!showsValue(control)) {
        return shownFor(control, QVariant(), m_state.locale);
    }
    Shown shown = shownOf(control, [&](const QString &column) { return valueOf(m_state.source, row, column); });
    shown.mayType = !isLocked(control) && m_state.source.isWritable && !m_state.connection.isReadOnly() &&
                    m_state.form.permissions.change && !m_state.source.readOnly.contains(control.column);
    shown = ruled(control, shown, [&](const QString &column) { return valueOf(m_state.source, row, column); });
    if (!shown.mayType) {
        shown.state = BoxState::Locked;
    }
    return shown;
}

Shown ControlValues::ruled(const Control &control, const Shown &shown,
                           const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    return withRules(m_state.form, control, shown,
                     [&](const QString &expression) { return workedOut(expression, valueOfColumn); });
}

Shown ControlValues::ruledInHand(const Control &control, const Shown &shown) const
{
    const bool isBeingTyped = m_state.record.typed.contains(control.column);
    return isBeingTyped || !m_state.hasRecord()
               ? shown
               : ruled(control, shown, [&](const QString &column) { return m_state.value(column); });
}

QSet<ControlId> ControlValues::hidden() const
{
    QSet<ControlId> hidden;
    if (m_state.form.rules.isEmpty()) {
        return hidden;
    }
    for (const Control &control : m_state.form.controls) {
        if (ruledInHand(control, Shown()).isHidden) {
            hidden.insert(control.id);
        }
    }
    return hidden;
}

bool ControlValues::mayType(const Control &control) const
{
    Shown shown;
    shown.mayType = m_state.mayType(control);
    return ruledInHand(control, shown).mayType;
}

Shown ControlValues::shownOf(const Control &control,
                             const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    if (const std::optional<Followed> followed = followedBy(control)) {
        QVariantList values;
        for (const QString &column : followed->columns) {
            values.append(valueOfColumn(column));
        }
        return shownFor(control, m_lookedUp->value(*followed, values), m_state.locale);
    }
    if (const QString formula = formulaOf(control); !formula.isEmpty()) {
        const Result<QVariant> value = workedOut(formula, valueOfColumn);
        Shown shown = shownFor(control, value ? *value : QVariant(), m_state.locale);
        if (!value) {
            shown.words = QStringLiteral("?");
            shown.isMissing = false;
        }
        return shown;
    }
    const QVariant stored = valueOfColumn(control.column);
    QString words;
    const std::optional<Lookup> lookup = lookupOf(control);
    if (lookup) {
        QVariantList values;
        for (const QString &column : lookup->columns) {
            values.append(valueOfColumn(column));
        }
        words = m_lookedUp->words(*lookup, values);
    }
    Shown shown = shownFor(control, stored, m_state.locale, words);
    if (kindNamed(control.kind).editor == Editor::List) {
        const QList<LookupRow> rows = listRows(control);
        const QStringList several = takesSeveral(control) ? severalParts(stored.toString()) : QStringList();
        QList<int> chosen;
        for (int i = 0; i < rows.size(); ++i) {
            if (lookup) {
                shown.lines.append(rows.at(i).words);
            }
            const QString own = rows.at(i).values.value(0).toString();
            const bool isChosen =
                takesSeveral(control) ? several.contains(own) : !stored.isNull() && stored.toString() == own;
            if (isChosen) {
                chosen.append(i);
            }
        }
        shown.chosenLines = chosen;
    }
    return shown;
}

// The record in hand in words, as the list has it.
Shown ControlValues::jumpShown(const Control &control) const
{
    Shown shown;
    const std::optional<Lookup> lookup = m_state.jumpLookup(control);
    if (lookup && m_state.record.row && !m_state.record.isNew) {
        shown.words = m_lookedUp->words(*lookup, m_state.record.row->key);
        shown.isMissing = shown.words.isEmpty();
    }
    return shown;
}

QList<LookupRow> ControlValues::listRows(const Control &control) const
{
    return m_lookedUp->listRows(control, lookupOf(control) ? heldValues(control) : ColumnValues());
}

QList<LookupRow> ControlValues::choices(const Control &control, const QString &part, int most) const
{
    return m_lookedUp->choices(control, choicesLookup(control), heldValues(control), part, most);
}

std::optional<Lookup> ControlValues::choicesLookup(const Control &control) const
{
    return isJumpList(control) ? m_state.jumpLookup(control) : lookupOf(control);
}

ColumnValues ControlValues::heldValues(const Control &control) const
{
    ColumnValues fixed;
    const std::optional<Lookup> lookup = choicesLookup(control);
    if (!lookup) {
        return fixed;
    }
    for (qsizetype i = 0; i < m_state.heldTo.columns.size(); ++i) {
        // Records are gone to among those that belong to the parent; of choices, those over several columns are held.
        const qsizetype column = lookup->columns.indexOf(m_state.heldTo.columns.at(i));
        if (isJumpList(control)) {
            fixed.insert(m_state.heldTo.columns.at(i), m_state.heldTo.values.value(i));
        } else if (column >= 0 && lookup->columns.size() > 1) {
            fixed.insert(lookup->valueColumns.at(column), m_state.heldTo.values.value(i));
        }
    }
    for (qsizetype i = 0; i < lookup->filterColumns.size(); ++i) {
        if (const QVariant held = m_state.value(lookup->filterBy.at(i)); !held.isNull()) {
            fixed.insert(lookup->filterColumns.at(i), held);
        }
    }
    return fixed;
}

Result<QVariant> ControlValues::workedOut(const QString &formula,
                                          const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    if (!m_formulas) {
        const Table *table = m_state.table();
        m_formulas = std::make_unique<RowFormulas>(table ? columnNames(*table) : QStringList());
    }
    return m_formulas->value(formula, valueOfColumn);
}

QString ControlValues::recordWords() const
{
    const Table *table = m_state.table();
    const QString naming = table ? namingColumn(*table) : QString();
    const QString named = m_state.value(naming).toString().simplified();
    if (table && namesRows(*table, naming) && !named.isEmpty()) {
        return named;
    }
    // Nothing names these rows: what stands first in the form does, as it is shown.
    constexpr int Enough = 2;
    QStringList words;
    for (const ControlId id : tabSequence(m_state.form)) {
        const Control &control = *m_state.form.controls.find(id);
        const Editor editor = kindNamed(control.kind).editor;
        const bool isShort = editor == Editor::Line || editor == Editor::Choice;
        if (!isShort || control.column.isEmpty() || isJumpList(control) || m_state.value(control.column).isNull()) {
            continue;
        }
        const QString each = shown(control).words.simplified();
        if (!each.isEmpty() && words.size() < Enough) {
            words.append(each);
        }
    }
    return words.isEmpty() ? named : words.join(QStringLiteral(", "));
}

} // namespace nabblet
