#include "entry/reading/row_window.h"

#include <algorithm>

namespace nabblet {

std::optional<qint64> RowWindow::firstNumber(std::optional<qint64> count) const
{
    if (m_hasFirst) {
        return 0;
    }
    if (m_hasLast && count) {
        return *count - m_rows.size();
    }
    return m_firstNumber;
}

int RowWindow::indexOf(const RowKey &key) const
{
    for (int i = 0; i < m_rows.size(); ++i) {
        if (m_rows.at(i).key == key) {
            return i;
        }
    }
    return -1;
}

void RowWindow::clear()
{
    *this = RowWindow();
}

Outcome RowWindow::readFirst(const Connection &connection, const RecordSource &source)
{
    clear();
    const Result<QList<Row>> rows = rowsAfter(connection, source, {}, Step);
    if (!rows) {
        return rows.error();
    }
    takeFirst(*rows);
    return Done{};
}

void RowWindow::takeFirst(const QList<Row> &rows)
{
    clear();
    m_rows = rows;
    m_hasFirst = true;
    m_hasLast = m_rows.size() < Step;
}

Outcome RowWindow::readLast(const Connection &connection, const RecordSource &source)
{
    Result<QList<Row>> rows = rowsBefore(connection, source, {}, Step);
    if (!rows) {
        return rows.error();
    }
    clear();
    std::reverse(rows->begin(), rows->end());
    m_rows = *rows;
    m_hasLast = true;
    m_hasFirst = m_rows.size() < Step;
    return Done{};
}

Outcome RowWindow::readAround(const Connection &connection, const RecordSource &source, const Row &row,
                              std::optional<qint64> number)
{
    Result<QList<Row>> before = rowsBefore(connection, source, placeOf(source, row), Step / 2);
    if (!before) {
        return before.error();
    }
    const Result<QList<Row>> after = rowsAfter(connection, source, placeOf(source, row), Step);
    if (!after) {
        return after.error();
    }
    clear();
    std::reverse(before->begin(), before->end());
    m_hasFirst = before->size() < Step / 2;
    m_hasLast = after->size() < Step;
    m_firstNumber = number ? std::optional(*number - before->size()) : std::nullopt;
    m_rows = *before;
    m_rows.append(row);
    m_rows += *after;
    return Done{};
}

Result<int> RowWindow::readMoreAfter(const Connection &connection, const RecordSource &source)
{
    if (m_hasLast || m_rows.isEmpty()) {
        return 0;
    }
    const Result<QList<Row>> more = rowsAfter(connection, source, placeOf(source, m_rows.last()), Step);
    if (!more) {
        return more.error();
    }
    m_rows += *more;
    m_hasLast = more->size() < Step;
    const int surplus = std::max<int>(0, static_cast<int>(m_rows.size()) - Most);
    if (surplus > 0) {
        const std::optional<qint64> first = m_hasFirst ? std::optional<qint64>(0) : m_firstNumber;
        m_firstNumber = first ? std::optional(*first + surplus) : std::nullopt;
        m_rows.remove(0, surplus);
        m_hasFirst = false;
    }
    return -surplus;
}

Result<int> RowWindow::readMoreBefore(const Connection &connection, const RecordSource &source)
{
    if (m_hasFirst || m_rows.isEmpty()) {
        return 0;
    }
    Result<QList<Row>> more = rowsBefore(connection, source, placeOf(source, m_rows.first()), Step);
    if (!more) {
        return more.error();
    }
    std::reverse(more->begin(), more->end());
    const int added = static_cast<int>(more->size());
    m_rows = *more + m_rows;
    m_hasFirst = added < Step;
    m_firstNumber = m_firstNumber ? std::optional(*m_firstNumber - added) : std::nullopt;
    if (m_rows.size() > Most) {
        m_rows.resize(Most);
        m_hasLast = false;
    }
    return added;
}

void RowWindow::replace(const Row &row)
{
    const int index = indexOf(row.key);
    if (index >= 0) {
        m_rows[index] = row;
    }
}

void RowWindow::remove(const RowKey &key)
{
    const int index = indexOf(key);
    if (index >= 0) {
        m_rows.removeAt(index);
    }
}

} // namespace nabblet
