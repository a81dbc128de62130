// Where the record in hand stands among the others, as far as that is known, and how many there are. Both are found out
// beside the interface.
#pragma once

#include "data/background/background_work.h"
#include "data/records/copied_rows.h"
#include "data/records/records.h"

#include <functional>
#include <optional>

namespace nabblet {

class RecordPlace
{
public:
    // changed: when more is known.
    explicit RecordPlace(std::function<void()> changed) : m_changed(std::move(changed)) {}

    // From 0, by the way there or by counting.
    std::optional<qint64> position() const;
    bool isLast() const; // known to be so
    std::optional<qint64> count() const { return m_count; }
    // By which records are gone to by their number; nothing as long as they are not mapped.
    const std::optional<RowMap> &map() const { return m_map; }

    // Where the record that came in hand stands: nothing where nobody knows.
    void setPosition(std::optional<qint64> position);
    void setLast();
    // So many places further on than the one in hand before.
    void moveBy(int places);

    // All rows are at hand, and the record in hand is the one with that number among them, -1 for none of them.
    void takeWhole(const RecordSource &source, const QList<Row> &rows, int number);
    // Nothing is known of the rows any more.
    void forgetRows();
    // Counts the rows and maps them, and finds out where the record at that place stands; so many as before until then.
    void readRows(const DatabaseAddress &address, const RecordSource &source, const std::optional<RowPlace> &place);
    // The same because others changed rows: all that was known stands until then. One count goes on to its end, so that
    // someone who writes on and on is no hindrance.
    void readRowsAgain(const DatabaseAddress &address, const RecordSource &source,
                       const std::optional<RowPlace> &place);
    // Finds out where the record at that place stands.
    void find(const DatabaseAddress &address, const RecordSource &source, const RowPlace &place);
    void giveUpFinding() { m_placing.giveUp(); }

private:
    void start(const DatabaseAddress &address, const RecordSource &source, const std::optional<RowPlace> &place);
    void takePosition(qint64 position, const RowPlace &place);

    std::function<void()> m_changed;
    std::optional<qint64> m_count;
    std::optional<qint64> m_position;
    std::optional<qint64> m_fromEnd;
    std::optional<RowMap> m_map;
    std::optional<RowPlace> m_wanted; // whose place is being found out
    bool m_isReading = false;         // the rows, until they are mapped
    std::function<void()> m_again;    // to be counted once that is done which is under way
    BackgroundWork m_placing;
    BackgroundWork m_mapping; // last, so that they end before what they report to
};

} // namespace nabblet
