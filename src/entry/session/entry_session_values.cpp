// What is worked out or chosen for the boxes: choices, formulas, what a new record starts with.
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/lookup.h"
#include "core/kinds/settings/start_value.h"
#include "entry/session/entry_session.h"

namespace nabblet {

QList<LookupRow> EntrySession::choicesOf(const Control &control, const QString &part, int most) const
{
    return m_lookedUp->choices(control, choicesLookup(control), fixedChoiceValues(control), part, most);
}

std::optional<Lookup> EntrySession::choicesLookup(const Control &control) const
{
    return isJumpList(control) ? jumpLookup(control) : lookupOf(control);
}

bool EntrySession::isLarge(const Lookup &lookup) const
{
    return m_lookedUp->isLarge(lookup);
}

std::optional<Lookup> EntrySession::jumpLookup(const Control &jumpList) const
{
    const Table *table = findTable(m_catalogue, m_form.rowsFrom);
    if (!table || table->kind != TableKind::Table || m_source.keyColumns.isEmpty()) {
        return std::nullopt;
    }
    Lookup lookup;
    lookup.table = table->name;
    lookup.valueColumns = m_source.keyColumns;
    lookup.columns = m_source.keyColumns;
    const std::optional<Lookup> own = lookupOf(jumpList);
    if (own) {
        lookup.sort = own->sort;
        lookup.also = own->also;
        lookup.heading = own->heading;
    }
    lookup.wordsColumns = own && !own->wordsColumns.isEmpty() ? own->wordsColumns : wordsOfRow(*table);
    return lookup.wordsColumns.isEmpty() ? std::nullopt : std::optional(lookup);
}

// The record in hand in words, as the list has it.
Shown EntrySession::jumpShown(const Control &control) const
{
    Shown shown;
    const std::optional<Lookup> lookup = jumpLookup(control);
    if (lookup && m_row && !m_isNew) {
        shown.words = m_lookedUp->words(*lookup, m_row->key);
        shown.isMissing = shown.words.isEmpty();
    }
    return shown;
}

Result<QVariant> EntrySession::workedOut(const QString &formula,
                                         const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    if (!m_formulas) {
        const Table *table = findTable(m_catalogue, m_form.rowsFrom);
        m_formulas = std::make_unique<RowFormulas>(table ? columnNames(*table) : QStringList());
    }
    return m_formulas->value(formula, valueOfColumn);
}

// A blank record in hand, with what its controls start with.
void EntrySession::beginNewRecord()
{
    m_isNew = true;
    m_startValues.clear();
    for (const Control &control : m_form.controls) {
        const std::optional<StartValue> start = startValueOf(control);
        const bool isLinked = m_linkColumns.contains(control.column); // which fills itself
        if (!start || isLinked || !m_source.columns.contains(control.column)) {
            continue;
        }
        QVariant value = start->value;
        if (!start->formula.isEmpty()) {
            const Result<QVariant> worked =
                workedOut(start->formula, [this](const QString &column) { return unchangedValue(column); });
            value = worked ? *worked : QVariant();
        }
        if (!value.isNull()) {
            m_startValues.insert(control.column, value);
        }
    }
}

} // namespace nabblet
