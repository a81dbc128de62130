#include "entry/reading/control_values.h"

#include "core/arrange/rows.h"
#include "core/catalogue/create_statement.h"
#include "core/kinds/each/formula.h"
#include "core/kinds/each/jump_list.h"
#include "core/kinds/settings/choices.h"
#include "core/kinds/settings/total.h"
#include "core/kinds/settings/typing.h"
#include "core/rules/rules.h"

#include <QScopedValueRollback>

#include <algorithm>

namespace nabblet {

ControlValues::ControlValues(const EntryState &state, const Totals &totals, std::function<void()> missed)
    : m_state(state), m_totals(totals), m_lookedUp(std::make_unique<LookedUp>(state.connection, std::move(missed)))
{
}

void ControlValues::catalogueChanged()
{
    m_formulas.reset();
    m_known.clear();
    m_lookedUp->setCatalogue(m_state.catalogue);
}

void ControlValues::lookUpRecord()
{
    if (!m_state.record.row && !m_state.record.isNew) {
        return;
    }
    m_lookedUp->read(lookedFor([this](const QString &column) { return m_state.value(column); }));
}

QList<LookedFor> ControlValues::lookedForIn(const Row &row) const
{
    return lookedFor([&](const QString &column) { return valueOf(m_state.source, row, column); });
}

QList<LookedFor> ControlValues::lookedFor(const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    QList<LookedFor> wanted;
    const auto valuesOf = [&](const QStringList &columns) {
        QVariantList values;
        for (const QString &column : columns) {
            values.append(valueOfColumn(column));
        }
        return values;
    };
    for (const Control &control : m_state.form.controls) {
        std::optional<LookedFor> one;
        if (const std::optional<Followed> followed = followedBy(control)) {
            one = LookedUp::valueWanted(*followed, valuesOf(followed->columns));
        } else if (const std::optional<Lookup> lookup = lookupOf(control)) {
            one = m_lookedUp->wordsWanted(*lookup, valuesOf(lookup->columns));
        }
        if (one) {
            wanted.append(*one);
        }
    }
    return wanted;
}

Shown ControlValues::shown(const Control &control) const
{
    Shown shown = valueShown(control);
    shown.mayType = m_state.mayType(control);
    shown.isRequired = m_state.isNeeded(control);
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
    const QScopedValueRollback<const Row *> otherRow(m_otherRow, &row);
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
    return book().isEmpty() ? shown : withRules(m_state.form, book(), control, shown, [&](const QString &expression) {
        return workedOut(expression, valueOfColumn);
    });
}

QList<Rule> ControlValues::shapesOf(const Control &control) const
{
    QList<Rule> shapes;
    for (const int number : book().about(control.id)) {
        const Rule &rule = m_state.form.rules.at(number);
        if (rule.effect == QLatin1String("shape") && rule.on.contains(control.id) &&
            holds(rule, inHand()).value_or(false)) {
            shapes.append(rule);
        }
    }
    return shapes;
}

WorksOut ControlValues::inHand() const
{
    return [this](const QString &expression) {
        return workedOut(expression, [this](const QString &column) { return m_state.value(column); });
    };
}

Shown ControlValues::ruledInHand(const Control &control, const Shown &shown) const
{
    if (!m_state.hasRecord() || !book().isAbout(control.id)) {
        return shown;
    }
    Shown result = ruled(control, shown, [&](const QString &column) { return m_state.value(column); });
    const auto typed = m_state.record.typed.constFind(control.column);
    if (typed == m_state.record.typed.constEnd() || typed->isWorkedOut) {
        return result;
    }
    // What was typed can be mended: it neither locks its own box nor takes it away.
    result.mayType = shown.mayType;
    if (result.isHidden) {
        const Shown before = ruled(control, shown, [&](const QString &column) {
            return column == control.column ? m_state.valueBeforeTyping(column) : m_state.value(column);
        });
        result.isHidden = before.isHidden && typed->mistake.isEmpty();
    }
    return result;
}

QSet<Area> ControlValues::hiddenPages() const
{
    return m_state.hasRecord() ? pagesHidden(m_state.form, book(), inHand()) : QSet<Area>();
}

ControlValues::Ruled ControlValues::ruledNow() const
{
    Ruled ruled;
    ruled.pages = hiddenPages();
    for (const Control &control : m_state.form.controls) {
        // In place of the value stands a sign; why there is none stands beside it.
        const QString formula = m_state.hasRecord() ? formulaOf(control) : QString();
        const Result<QVariant> value = formula.isEmpty() ? QVariant() : inHand()(formula);
        if (!value) {
            ruled.notes.append({control.id, value.error().sentence, true, Mark::Watch});
        }
        if (!book().isAbout(control.id)) {
            continue;
        }
        const Shown shown = ruledInHand(control, Shown());
        if (shown.isHidden) {
            ruled.hidden.insert(control.id);
            if (shown.givesWay) {
                ruled.givingWay.insert(control.id);
            }
        } else if (!shown.note.isEmpty() && value) {
            ruled.notes.append({control.id, shown.note, true, shown.mark});
        }
    }
    return ruled;
}

QList<ControlValues::HiddenBox> ControlValues::hiddenBoxes() const
{
    QList<HiddenBox> boxes;
    for (const Control &control : m_state.form.controls) {
        if (control.column.isEmpty() || !book().isAbout(control.id) || m_state.value(control.column).isNull()) {
            continue;
        }
        const Shown shown = ruledInHand(control, Shown());
        if (shown.isHidden && shown.hiddenValue != HiddenValue::Kept) {
            boxes.append({control.id, shown.hiddenValue});
        }
    }
    return boxes;
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

const QList<LookupRow> *ControlValues::wholeChoices(const Control &control) const
{
    const std::optional<Lookup> lookup = choicesLookup(control);
    return lookup && m_state.connection.isFar() ? m_lookedUp->wholeChoices(*lookup, heldValues(control)) : nullptr;
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

RowFormulas &ControlValues::formulas() const
{
    if (!m_formulas || m_formulasEdition != m_state.formEdition) {
        const Table *table = m_state.table();
        m_formulas =
            std::make_unique<RowFormulas>(table ? columnNames(*table) : QStringList(), belongingTo(m_state.form));
        m_formulasEdition = m_state.formEdition;
        m_known.clear();
        m_summed.clear();
        m_belongingRead.clear();
    }
    return *m_formulas;
}

// Puts the rows that an expression sums up where it finds them; false while they are not read yet.
bool ControlValues::readBelonging(const QString &expression) const
{
    for (const QString &table : formulas().tablesRead(expression)) {
        if (m_belongingRead.value(table, -1) == m_belongingEdition) {
            continue;
        }
        for (const RowsBelonging &belonging : belongingTo(m_state.form)) {
            if (belonging.table.compare(table, Qt::CaseInsensitive) != 0) {
                continue;
            }
            const auto rows = m_readBelonging ? m_readBelonging(belonging.table, belonging.columns) : std::nullopt;
            if (!rows) {
                return false;
            }
            formulas().setBelonging(belonging.table, *rows);
            break;
        }
        m_belongingRead.insert(table, m_belongingEdition);
    }
    return true;
}

QList<PutIn> ControlValues::putIn(const WorkingRow &row) const
{
    for (const Rule &rule : m_state.form.rules) {
        for (const QString &expression : {rule.when, rule.then.value, rule.otherwise.value}) {
            if (rule.effect == QLatin1String("value") && !expression.trimmed().isEmpty()) {
                readBelonging(expression);
            }
        }
    }
    return valuesPutIn(m_state.form, formulas(), row);
}

const RuleBook &ControlValues::book() const
{
    if (m_bookEdition != m_state.formEdition) {
        m_book = RuleBook(m_state.form);
        m_bookEdition = m_state.formEdition;
    }
    return m_book;
}

Result<QVariant> ControlValues::workedOut(const QString &formula,
                                          const std::function<QVariant(const QString &)> &valueOfColumn) const
{
    constexpr qint64 Lasts = 30'000; // ms
    constexpr qsizetype MostKnown = 5'000;
    const Result<QStringList> columns = formulas().columnsRead(formula);
    if (!columns) {
        return columns.error();
    }
    QVariantList from;
    for (const QString &column : *columns) {
        from.append(valueOfColumn(column));
    }
    if (!formulas().tablesRead(formula).isEmpty()) {
        if (m_otherRow) {
            return summedIn(*m_otherRow, formula);
        }
        if (!readBelonging(formula)) {
            return QVariant();
        }
        from.append(m_belongingEdition);
    }
    if (!m_clock.isValid()) {
        m_clock.start();
    }
    if (m_known.size() > MostKnown) {
        m_known.clear();
    }
    Known &known = m_known[formula];
    if (known.at == 0 || known.from != from || m_clock.elapsed() - known.at > Lasts) {
        known.value =
            formulas().value(formula, [&](const QString &column) { return from.value(columns->indexOf(column)); });
        known.from = from;
        known.at = m_clock.elapsed() + 1;
    }
    return known.value;
}

void ControlValues::belongingChanged()
{
    ++m_belongingEdition;
    m_summed.clear();
}

// What sums the rows that belong to another row than the one in hand: read once, and not while one paints.
Result<QVariant> ControlValues::summedIn(const Row &row, const QString &formula) const
{
    QStringList parts{formula};
    for (const QVariant &part : row.key) {
        parts.append(part.toString());
    }
    const QString key = parts.join(QChar(0x1f));
    const auto known = m_summed.constFind(key);
    if (known != m_summed.constEnd()) {
        return *known;
    }
    constexpr qsizetype MostKept = 5'000;
    if (m_summed.size() > MostKept) {
        m_summed.clear();
    }
    const auto read = [this, row, formula, key] { return *m_summed.insert(key, workedOutIn(row, formula)); };
    if (m_lookedUp->isPainting()) {
        m_lookedUp->readSoon(read);
        return QVariant();
    }
    return read();
}

Result<QVariant> ControlValues::workedOutIn(const Row &row, const QString &formula) const
{
    const QStringList tables = formulas().tablesRead(formula);
    for (const RowsBelonging &belonging : tables.isEmpty() ? QList<RowsBelonging>() : belongingTo(m_state.form)) {
        if (tables.contains(belonging.table, Qt::CaseInsensitive) && m_readStored) {
            formulas().setBelonging(belonging.table, m_readStored(row, belonging.table, belonging.columns));
            m_belongingRead.clear(); // those of the record in hand are put back when they are asked for
        }
    }
    return formulas().value(formula, [&](const QString &column) { return valueOf(m_state.source, row, column); });
}

QStringList ControlValues::columnsRead(const QString &expression) const
{
    const Result<QStringList> columns = formulas().columnsRead(expression);
    return columns ? *columns : QStringList();
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
