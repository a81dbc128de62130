// Rows under one another that a person chose, to be treated together.
#pragma once

#include "data/records/records.h"

#include <QHash>

namespace nabblet {

class EntrySession;

class ChosenRows
{
public:
    bool isEmpty() const { return m_keys.isEmpty(); }
    qsizetype count() const { return m_keys.size(); }
    bool contains(const RowKey &key) const;
    void clear() { *this = {}; }
    // One more, or one less.
    void toggle(const RowKey &key);
    // Those between two rows of a list, both included, and no others.
    void setRange(const QList<Row> &rows, int from, int to);

    // As they are stored now, in the order in which they were chosen; those that are gone are left out. The error says
    // why they cannot be read.
    Result<QList<Row>> read(const EntrySession &session) const;

private:
    QList<RowKey> m_keys;
    QHash<QString, qsizetype> m_places; // of a key's words, so that painting asks cheaply
};

} // namespace nabblet
