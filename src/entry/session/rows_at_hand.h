// The rows around the record in hand, for a tabular form; none for others.
#pragma once

#include "entry/reading/row_window.h"

namespace nabblet {

struct SessionParts;

class RowsAtHand
{
public:
    explicit RowsAtHand(SessionParts &parts) : m_parts(parts) {}

    const RowWindow &window() const { return m_window; }
    // The place of the record in hand among them, -1 when it is not there (or new).
    int indexInHand() const;
    // Whether they are all there are, so that there is nothing to count.
    bool areAll() const;

    void readMoreAfter();
    void readMoreBefore();
    // Reads the rows around the one with that number, from 0, without going to it.
    void readAround(qint64 number);

    // The record in hand is another, or stores other values.
    void sync();
    Outcome readFirst();
    void readLast();
    // Other rows may stand there now: read anew when they are next wanted.
    void forget() { m_window.clear(); }
    void remove(const RowKey &key);

private:
    void takeMore(const Result<int> &moved);

    SessionParts &m_parts;
    RowWindow m_window;
};

} // namespace nabblet
