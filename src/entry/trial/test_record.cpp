#include "entry/trial/test_record.h"

#include "core/arrange/rows.h"
#include "core/kinds/each/jump_list.h"
#include "core/text/tr.h"

#include <QDate>
#include <QRandomGenerator>

#include <algorithm>

namespace nabblet {

namespace {

constexpr int MostExamples = 60;
constexpr int MostTries = 300;

bool isUnique(const Table &table, const QString &column)
{
    const auto has = [&](const QStringList &columns) { return columns == QStringList{column}; };
    return has(table.primaryKey) || std::any_of(table.uniqueKeys.begin(), table.uniqueKeys.end(),
                                                [&](const UniqueKey &key) { return has(key.columns); });
}

// Like a text, with other figures; no longer than that, if it has to be.
QString otherwise(const QString &text, std::optional<int> length, QRandomGenerator &random)
{
    QString other = text;
    bool hasFigures = false;
    for (QChar &c : other) {
        if (c.isDigit()) {
            c = QChar('0' + random.bounded(10));
            hasFigures = true;
        }
    }
    if (hasFigures) {
        return other;
    }
    const QString figures = u' ' + QString::number(random.bounded(1000));
    return text.left(std::max<int>(0, length.value_or(text.size() + figures.size()) - figures.size())) + figures;
}

// A value like another one that no row has yet; the last one tried where all were taken.
QVariant untaken(const EntryState &state, const Column &column, const QVariant &example, QRandomGenerator &random)
{
    QVariant value;
    for (int tried = 0; tried < MostTries; ++tried) {
        value = column.type == ColumnType::Text
                    ? QVariant(otherwise(example.toString(), column.length, random))
                    : QVariant(example.toLongLong() + 1'000'000 + random.bounded(1'000'000));
        const auto taken =
            countRows(state.connection, linkedTo(recordSourceOf(*state.table()), {column.name}, {value}));
        if (!taken || *taken == 0) {
            break;
        }
    }
    return value;
}

QVariant likelyValue(const EntrySession &session, const Control &control, const QList<Row> &examples,
                     QRandomGenerator &random)
{
    const EntryState &state = session.state();
    const Table &table = *state.table();
    const Column *column = findColumn(table, control.column);
    if (!column) {
        return {};
    }
    const QList<LookupRow> choices = session.values().choices(control, {}, MostExamples);
    if (!choices.isEmpty()) {
        return choices.at(random.bounded(choices.size())).values.value(0);
    }
    if (!column->choices.isEmpty()) {
        return column->choices.at(random.bounded(column->choices.size()));
    }
    QVariantList stored;
    for (const Row &row : examples) {
        if (const QVariant value = valueOf(state.source, row, control.column); !value.isNull()) {
            stored.append(value);
        }
    }
    const QVariant example = stored.isEmpty() ? QVariant() : stored.at(random.bounded(stored.size()));
    if (!example.isNull() && isUnique(table, control.column)) {
        return untaken(state, *column, example, random);
    }
    if (!example.isNull()) {
        return example;
    }
    switch (column->type) {
    case ColumnType::Date:
        return QDate::currentDate().toString(Qt::ISODate);
    case ColumnType::DateTime:
        return QDate::currentDate().toString(Qt::ISODate) + QStringLiteral(" 12:00:00");
    case ColumnType::Time:
        return QStringLiteral("12:00:00");
    case ColumnType::WholeNumber:
    case ColumnType::DecimalNumber:
    case ColumnType::YesNo:
        return 1;
    case ColumnType::Binary:
        return {};
    case ColumnType::Text:
        break;
    }
    return Texts::tr("Example").left(column->length.value_or(40));
}

} // namespace

int fillWithLikelyValues(EntrySession &session)
{
    const EntryState &state = session.state();
    if (!state.hasRecord() || !state.table()) {
        return 0;
    }
    QRandomGenerator &random = *QRandomGenerator::global();
    const auto examples = rowsAfter(state.connection, state.source, std::nullopt, MostExamples);
    int filled = 0;
    const QList<ControlId> sequence = tabSequence(state.form);
    for (const ControlId id : sequence) {
        const Control control = *state.form.controls.find(id);
        const bool isBlank = state.value(control.column).isNull() || state.value(control.column).toString().isEmpty();
        // Taken anew each time: what was filled in may have shown or locked another one.
        const bool mayBe = !control.column.isEmpty() && !isJumpList(control) && isBlank &&
                           session.values().mayType(control) && !session.values().hidden().contains(id);
        const QVariant value =
            mayBe ? likelyValue(session, control, examples ? *examples : QList<Row>(), random) : QVariant();
        if (!value.isNull()) {
            session.typing().choose(control, value);
            ++filled;
        }
    }
    return filled;
}

Outcome makeTestRecord(EntrySession &session, const QHash<QString, QVariant> &values)
{
    if (!session.moves().add()) {
        return Error{Texts::tr("This form takes no new records, or the one in hand has to be saved or put back first."),
                     {}};
    }
    for (auto value = values.begin(); value != values.end(); ++value) {
        const Control *control = session.state().controlFor(value.key());
        if (!control) {
            return Error{Texts::tr("The form has no box for “%1”, by which this would be seen.").arg(value.key()), {}};
        }
        session.typing().choose(*control, value.value());
    }
    // What is meant to be blank stays so.
    QHash<QString, QVariant> wanted = values;
    fillWithLikelyValues(session);
    for (auto value = wanted.begin(); value != wanted.end(); ++value) {
        if (const Control *control = session.state().controlFor(value.key());
            control && session.state().value(value.key()) != value.value()) {
            session.typing().choose(*control, value.value());
        }
    }
    return Done{};
}

} // namespace nabblet
