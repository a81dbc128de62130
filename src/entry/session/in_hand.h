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

    // Takes a stored row, or none; nothing is typed, asked or said of it.
    void take(std::optional<Row> row);
    // Begins a blank record with what its controls start with; before: the one to come back to, if any.
    void beginNew(std::optional<Row> before);
    // The rows around it, those that belong to it and all who look on follow it.
    void hasChanged();

private:
    SessionParts &m_parts;
};

} // namespace nabblet
