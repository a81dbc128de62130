// What a control shows and may do at one moment, worked out in this one place for editors, painters, the tab order and
// the board alike. Choices, words of lookups and what formulas give are asked for here too.
#pragma once

#include "core/formula/row_formulas.h"
#include "core/rules/belonging.h"
#include "core/rules/rules.h"
#include "core/rules/worked_out.h"
#include "data/background/steady_work.h"
#include "entry/reading/looked_up.h"
#include "entry/reading/totals.h"
#include "entry/state/entry_state.h"

#include <QElapsedTimer>

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
    // What rules hide in the record in hand. A box does not go by what was typed in it, nor while that is no value.
    QSet<ControlId> hidden() const { return ruledNow().hidden; }
    // The same with what else rules do to the form, worked out in one go.
    struct Ruled
    {
        QSet<ControlId> hidden;
        QSet<ControlId> givingWay; // those hidden that give up their room
        QSet<Area> pages;          // hidden
        QList<FieldMessage> notes; // what rules have to say beside boxes in sight
    };
    Ruled ruledNow() const;
    QSet<Area> hiddenPages() const;
    // A control that rules hide, whose value is not simply kept on saving.
    struct HiddenBox
    {
        ControlId control = 0;
        HiddenValue value = HiddenValue::Kept;
    };
    QList<HiddenBox> hiddenBoxes() const;
    // The shapes that a text may have in a box, now; any of them. Empty for none.
    QList<Rule> shapesOf(const Control &control) const;
    // Works out expressions over the record in hand.
    WorksOut inHand() const;
    // What the rules put into a row.
    QList<PutIn> putIn(const WorkingRow &row) const;
    // In another row, as stored, and with the rows that belong to it as stored.
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
    // All of them, where they are known without asking a database that is far away; nothing where that is near.
    const QList<LookupRow> *wholeChoices(const Control &control) const;
    // Work on a connection beside the interface, the last asked for alone; nothing where the database is near.
    using Beside = std::function<void(const SteadyWork::Task &)>;
    void setBeside(const Beside &beside) { m_beside = beside; }
    Beside beside() const { return m_state.connection.isFar() ? m_beside : Beside(); }
    // What they are held to, by their columns: in rows that belong to another record, its values; what stands in the
    // boxes that narrow the choices.
    ColumnValues heldValues(const Control &control) const;
    // Whether reading them takes so long that it is done beside the interface.
    bool isLarge(const Lookup &lookup) const { return m_lookedUp->isLarge(lookup); }

    // What a formula gives over the row.
    Result<QVariant> workedOut(const QString &formula,
                               const std::function<QVariant(const QString &)> &valueOfColumn) const;
    // The same in another row than the one in hand, with the rows that belong to it as stored. Reads the database.
    Result<QVariant> workedOutIn(const Row &row, const QString &formula) const;
    // The tables of rows that belong to the row which an expression reads.
    QStringList tablesRead(const QString &expression) const { return formulas().tablesRead(expression); }
    // Who gives the rows that belong to the record in hand, by their table, each as the columns named; nothing while
    // they are not read yet, an error where they cannot be had.
    using BelongingReader =
        std::function<std::optional<Result<QList<QVariantList>>>(const QString &table, const QStringList &columns)>;
    void setBelongingReader(const BelongingReader &reader) { m_readBelonging = reader; }
    // The same of another row, as stored.
    using StoredReader =
        std::function<Result<QList<QVariantList>>(const Row &row, const QString &table, const QStringList &columns)>;
    void setStoredReader(const StoredReader &reader) { m_readStored = reader; }
    // They are others now.
    void belongingChanged();

    // The columns that an expression reads; none for what cannot be worked out.
    QStringList columnsRead(const QString &expression) const;

    // Reads all that the boxes of the record in hand look up, together.
    void lookUpRecord();
    // What the boxes of a stored record look up.
    QList<LookedFor> lookedForIn(const Row &row) const;
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
    QList<LookedFor> lookedFor(const std::function<QVariant(const QString &)> &valueOfColumn) const;
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
    RowFormulas &formulas() const;
    bool readBelonging(const QString &expression) const;
    Result<QVariant> summedIn(const Row &row, const QString &formula) const;
    const RuleBook &book() const;

    // What an expression gave last, for which values: rules ask for the same again and again.
    struct Known
    {
        QVariantList from;
        Result<QVariant> value = QVariant();
        qint64 at = 0; // ms; date('now') is another one tomorrow
    };

    mutable std::unique_ptr<RowFormulas> m_formulas;
    mutable int m_formulasEdition = -1;
    mutable const Row *m_otherRow = nullptr; // while one is shown
    BelongingReader m_readBelonging;
    StoredReader m_readStored;
    Beside m_beside;
    int m_belongingEdition = 0;
    mutable QHash<QString, int> m_belongingRead; // which edition stands in the formulas, by table
    mutable QHash<QString, Known> m_known;
    mutable QHash<QString, Result<QVariant>> m_summed; // of other rows, by their key and the expression
    mutable QElapsedTimer m_clock;
    mutable RuleBook m_book; // of the form of this edition
    mutable int m_bookEdition = -1;
};

} // namespace nabblet
