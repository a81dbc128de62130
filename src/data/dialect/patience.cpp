#include "data/dialect/patience.h"

namespace nabblet {

// Inside another one the outer goes on: the whole wait is what is bounded.
Patience::Patience(const Connection &connection, Sql sql)
    : m_connection(connection), m_isOutermost(sql == Sql::OfPeople && !connection.interruption().hasLimit &&
                                              !connection.interruption().mayTakeLong)
{
    if (m_isOutermost) {
        Interruption &limit = m_connection.interruption();
        limit.hasLimit = true;
        limit.isOver = false;
        limit.most = LongestWait;
        limit.clock.start();
    }
}

Patience::~Patience()
{
    if (m_isOutermost) {
        m_connection.interruption().hasLimit = false;
    }
}

bool Patience::isOver() const
{
    return m_connection.interruption().isOver;
}

} // namespace nabblet
