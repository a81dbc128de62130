#include "entry/state/next_number.h"

namespace nabblet {

QString countingColumn(const EntryState &state)
{
    const Table *table = state.table();
    if (!table || state.heldTo.columns.isEmpty()) {
        return {};
    }
    QStringList rest = table->primaryKey;
    rest.removeIf([&](const QString &name) { return state.heldTo.columns.contains(name); });
    const bool isPart = rest.size() == 1 && rest.size() < table->primaryKey.size();
    const Column *column = isPart ? findColumn(*table, rest.first()) : nullptr;
    const bool counts =
        column && column->type == ColumnType::WholeNumber && !column->numbersItself && !ledLink(*table, column->name);
    return counts ? column->name : QString();
}

qint64 nextNumber(const EntryState &state, const QString &column)
{
    RecordSource all = state.source; // whatever people ask to see of them
    all.filter.reset();
    const Result<QVariant> most = totalOfRows(state.connection, all, Total{TotalKind::Greatest, column});
    return (most ? most->toLongLong() : 0) + 1;
}

} // namespace nabblet
