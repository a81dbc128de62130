// A private copy of a database, in which anything may be tried. It goes when it is let go of; what a program that ended
// badly left behind is swept away when the next one begins.
#pragma once

#include "data/dialect/connection.h"

#include <QTemporaryDir>

#include <functional>
#include <memory>

namespace nabblet {

class TrialCopy
{
public:
    // Copies the database as it is at one moment, while others go on working with it. goesOn is told the share done, 0
    // to 1, and gives it up by answering false.
    static Result<std::unique_ptr<TrialCopy>> of(const Connection &connection,
                                                 const std::function<bool(double)> &goesOn = {});

    const DatabaseAddress &address() const { return m_address; }

private:
    explicit TrialCopy(const QString &pattern) : m_folder(pattern) {}

    QTemporaryDir m_folder;
    DatabaseAddress m_address;
};

// Removes copies of programs that are not running any more; gives how many.
int sweepTrialCopies();

} // namespace nabblet
