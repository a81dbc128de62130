// What is found out of all the rows of a form, beside the interface where that takes long: how many there are, where
// the record in hand stands among them, what they total.
#pragma once

namespace nabblet {

struct SessionParts;

class Reckoning
{
public:
    explicit Reckoning(SessionParts &parts) : m_parts(parts) {}

    // Counts the rows and maps them anew; findsPosition: of the record in hand as well.
    void count(bool findsPosition);
    // The same because others changed rows: what was known goes on being shown until then.
    void countAgain();
    // Finds out where the record in hand stands.
    void findPosition();
    void refreshTotals();

private:
    SessionParts &m_parts;
};

} // namespace nabblet
