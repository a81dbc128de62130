#include "entry/reading/record_place.h"

#include <utility>

namespace nabblet {

std::optional<qint64> RecordPlace::position() const
{
    if (m_position) {
        return m_position;
    }
    return m_fromEnd && m_count ? std::optional(*m_count - 1 - *m_fromEnd) : std::nullopt;
}

bool RecordPlace::isLast() const
{
    const std::optional<qint64> at = position();
    return (m_fromEnd && *m_fromEnd == 0) || (at && m_count && *at == *m_count - 1);
}

void RecordPlace::setPosition(std::optional<qint64> position)
{
    m_position = position;
    m_fromEnd.reset();
    m_wanted.reset();
}

void RecordPlace::setLast()
{
    setPosition(std::nullopt);
    m_fromEnd = 0;
}

void RecordPlace::moveBy(int places)
{
    const std::optional<qint64> from = position();
    const std::optional<qint64> fromEnd = m_fromEnd;
    setPosition(from ? std::optional(*from + places) : std::nullopt);
    if (!from && fromEnd && *fromEnd >= places) {
        m_fromEnd = *fromEnd - places;
    }
}

void RecordPlace::takeWhole(const RecordSource &source, const QList<Row> &rows, int number)
{
    m_mapping.giveUp();
    m_again = nullptr;
    m_count = rows.size();
    setPosition(number >= 0 ? std::optional<qint64>(number) : std::nullopt);
    m_map = RowMap{*m_count, rows.isEmpty() ? QList<RowPlace>() : QList<RowPlace>{placeOf(source, rows.first())}};
}

void RecordPlace::forgetRows()
{
    m_mapping.giveUp();
    m_again = nullptr;
    m_count.reset();
    m_map.reset();
}

void RecordPlace::readRows(const DatabaseAddress &address, const RecordSource &source,
                           const std::optional<RowPlace> &place)
{
    m_map.reset();
    start(address, source, place);
}

void RecordPlace::readRowsAgain(const DatabaseAddress &address, const RecordSource &source,
                                const std::optional<RowPlace> &place)
{
    if (m_isReading && m_mapping.isBusy()) {
        m_again = [this, address, source, place] { readRowsAgain(address, source, place); };
        return;
    }
    m_position = position(); // not by the number from the end, which may be another soon
    m_fromEnd.reset();
    start(address, source, place);
}

void RecordPlace::start(const DatabaseAddress &address, const RecordSource &source,
                        const std::optional<RowPlace> &place)
{
    m_mapping.giveUp();
    m_again = nullptr;
    m_isReading = true;
    m_wanted = place ? place : m_wanted;
    m_mapping.start(address, [this, source, place](const Connection &connection, const std::atomic<bool> &isCancelled,
                                                   const BackgroundWork::Report &report) {
        const Result<RecordSource> ready = readable(connection, source);
        if (!ready || isCancelled) {
            return;
        }
        if (const Result<qint64> count = countRows(connection, *ready)) {
            report([this, counted = *count] {
                m_count = counted;
                m_changed();
            });
        }
        if (place && !isCancelled) {
            if (const Result<qint64> before = countRowsBefore(connection, *ready, *place)) {
                report([this, found = *before, wanted = *place] { takePosition(found, wanted); });
            }
        }
        const auto map = mapRows(connection, *ready, isCancelled);
        if (map && *map) {
            report([this, mapped = **map] {
                m_map = mapped;
                m_count = mapped.count;
                m_isReading = false;
                m_changed();
                if (m_again) {
                    std::exchange(m_again, nullptr)();
                }
            });
        }
    });
}

void RecordPlace::find(const DatabaseAddress &address, const RecordSource &source, const RowPlace &place)
{
    m_placing.giveUp();
    m_wanted = place;
    m_placing.start(address, [this, source, place](const Connection &connection, const std::atomic<bool> &,
                                                   const BackgroundWork::Report &report) {
        if (const Result<qint64> before = countRowsBefore(connection, source, place)) {
            report([this, found = *before, place] { takePosition(found, place); });
        }
    });
}

// Counting the rows before it took its time; another record may be in hand.
void RecordPlace::takePosition(qint64 position, const RowPlace &place)
{
    if (m_wanted == place) {
        m_position = position;
        m_fromEnd.reset();
        m_changed();
    }
}

} // namespace nabblet
