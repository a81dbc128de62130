// Which record is in hand, and what every change of that brings along.
#pragma once

#include "data/records/records.h"

#include <optional>

namespace nabblet {

struct SessionParts;

class InHand
{
public:
    explicit InHand(SessionParts &parts) : m_parts(parts) {}

    // Takes a stored row, or none; nothing is typed, asked or said of it. Where people only went there and the
    // database is far away, what was read ahead still counts.
    enum class Anew { Yes, No };
    void take(std::optional<Row> row, Anew anew = Anew::Yes);
    // Begins a blank record with what its controls start with; before: the one to come back to, if any.
    void beginNew(std::optional<Row> before);
    // The rows around it, those that belong to it and all who look on follow it.
    void hasChanged();

private:
    SessionParts &m_parts;
};

} // namespace nabblet
