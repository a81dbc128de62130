// What a control shows and may do at one moment, worked out in this one place for editors, painters, the tab order and
// the board alike. Choices, words of lookups and what formulas give are asked for here too.
#pragma once

#include "core/formula/row_formulas.h"
#include "entry/reading/looked_up.h"
#include "entry/reading/totals.h"
#include "entry/state/entry_state.h"

#include <memory>

namespace nabblet {

class ControlValues
{
public:
    // state: of the form at work, which outlives this. missed: called when painting misses something.
    ControlValues(const EntryState &state, const Totals &totals, std::function<void()> missed);

    // In the record in hand: what stands there, whether it may be typed, what is wrong with it.
    Shown shown(const Control &control) const;
    // Whether people may type or choose there now, by the record, its rows and the form's rules. What was typed and not
    // saved may be typed again, whatever a rule says: it can be mended.
    bool mayType(const Control &control) const;
    // What rules hide in the record in hand.
    QSet<ControlId> hidden() const;
    // In another row, as stored.
    Shown shownIn(const Control &control, const Row &row) const;
    // The record in hand in words, for messages: "Mussel Scar".
    QString recordWords() const;

    // The rows of an open list, as it shows them: the same until the record in hand or what narrows them changes.
    QList<LookupRow> listRows(const Control &control) const;
    // The choices of a control: its fixed ones, or rows of its lookup in their order; at most `most` of those whose
    // words contain `part`.
    QList<LookupRow> choices(const Control &control, const QString &part, int most) const;
    // The lookup that they come from; nothing for fixed choices.
    std::optional<Lookup> choicesLookup(const Control &control) const;
    // What they are held to, by their columns: in rows that belong to another record, its values; what stands in the
    // boxes that narrow the choices.
    ColumnValues heldValues(const Control &control) const;
    // Whether reading them takes so long that it is done beside the interface.
    bool isLarge(const Lookup &lookup) const { return m_lookedUp->isLarge(lookup); }

    // What a formula gives over the row.
    Result<QVariant> workedOut(const QString &formula,
                               const std::function<QVariant(const QString &)> &valueOfColumn) const;

    // What other tables hold may be another now; by another catalogue, what it is read by is, too.
    LookedUp &lookedUp() { return *m_lookedUp; }
    void catalogueChanged();

    // While it lives nothing is read: what is missing is read soon after. Whoever paints holds one.
    class Painting
    {
    public:
        explicit Painting(const ControlValues *values) : m_lookedUp(values ? values->m_lookedUp.get() : nullptr)
        {
            if (m_lookedUp) {
                m_lookedUp->beginPainting();
            }
        }
        ~Painting()
        {
            if (m_lookedUp) {
                m_lookedUp->endPainting();
            }
        }
        Painting(const Painting &) = delete;
        Painting &operator=(const Painting &) = delete;

    private:
        LookedUp *m_lookedUp;
    };

private:
    Shown shownOf(const Control &control, const std::function<QVariant(const QString &)> &valueOfColumn) const;
    // What the rules make of it in a row.
    Shown ruled(const Control &control, const Shown &shown,
                const std::function<QVariant(const QString &)> &valueOfColumn) const;
    // The same in the record in hand.
    Shown ruledInHand(const Control &control, const Shown &shown) const;
    Shown valueShown(const Control &control) const;
    Shown jumpShown(const Control &control) const;

    const EntryState &m_state;
    const Totals &m_totals;
    std::unique_ptr<LookedUp> m_lookedUp;
    mutable std::unique_ptr<RowFormulas> m_formulas;
};

} // namespace nabblet
