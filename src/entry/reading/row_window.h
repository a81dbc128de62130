// The run of neighbouring rows that a tabular form shows: read by key, a step at a time, as it is scrolled.
#pragma once

#include "data/records/records.h"

namespace nabblet {

class RowWindow
{
public:
    static constexpr int Step = 64;   // rows read at once
    static constexpr int Most = 2048; // rows kept; those farthest from where it grows are let go

    const QList<Row> &rows() const { return m_rows; }
    bool hasFirst() const { return m_hasFirst; } // of the whole source
    bool hasLast() const { return m_hasLast; }
    // Whether it holds every row there is.
    bool isWhole() const { return m_hasFirst && m_hasLast; }
    // The number of its first row in the whole source, from 0; count: of all rows, where it is known.
    std::optional<qint64> firstNumber(std::optional<qint64> count) const;
    // The place of a row in it, -1 when it is not there.
    int indexOf(const RowKey &key) const;

    void clear();
    Outcome readFirst(const Connection &connection, const RecordSource &source);
    // The same with rows that were read elsewhere: the first Step of them, or all there are.
    void takeFirst(const QList<Row> &rows);
    // Reads those at the end.
    Outcome readLast(const Connection &connection, const RecordSource &source);
    // Reads the rows around one, which stands in the source with that number where it is known.
    Outcome readAround(const Connection &connection, const RecordSource &source, const Row &row,
                       std::optional<qint64> number = {});
    // Each gives how far the rows it held before moved: down by those added or up by those let go.
    Result<int> readMoreAfter(const Connection &connection, const RecordSource &source);
    Result<int> readMoreBefore(const Connection &connection, const RecordSource &source);

    void replace(const Row &row);
    void remove(const RowKey &key);

private:
    QList<Row> m_rows;
    bool m_hasFirst = false;
    bool m_hasLast = false;
    std::optional<qint64> m_firstNumber;
};

} // namespace nabblet
