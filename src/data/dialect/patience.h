// How long the interface waits for SQL that people wrote themselves. While it lives, a statement on its connection that
// goes on longer ends with an error; on one that works beside the interface nobody waits, and nothing ends.
#pragma once

#include "data/dialect/connection.h"

namespace nabblet {

constexpr int LongestWait = 1500; // ms that the window stands still at most

enum class Sql { OurOwn, OfPeople };

class Patience
{
public:
    // Bounds nothing where all that runs is SQL that this program wrote.
    explicit Patience(const Connection &connection, Sql sql = Sql::OfPeople);
    ~Patience();
    Patience(const Patience &) = delete;
    Patience &operator=(const Patience &) = delete;

    bool isOver() const; // the time was used up

private:
    Connection m_connection;
    bool m_isOutermost = false;
};

} // namespace nabblet
