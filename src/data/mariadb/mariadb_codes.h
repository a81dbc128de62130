// By what numbers MariaDB and its library say what went wrong (https://mariadb.com/kb/en/mariadb-error-codes/).
#pragma once

namespace nabblet::MariadbCode {

enum Code {
    AccessDeniedToDatabase = 1044,
    AccessDenied = 1045,
    WsrepNotReady = 1047,
    CannotBeNull = 1048,
    NoDatabase = 1049,
    Duplicate = 1062,
    TableFull = 1114,
    NotAllowedForTable = 1142,
    NotAllowedForColumn = 1143,
    LockWait = 1205,
    Deadlock = 1213, // in a cluster also: another computer of it was first
    OutOfRange = 1264,
    Truncated = 1265,
    ReadOnlyOption = 1290,
    WrongValue = 1292,
    Interrupted = 1317,
    NoDefault = 1364,
    WrongValueForField = 1366,
    TooLong = 1406,
    RowIsReferenced = 1451,
    NoReferencedRow = 1452,
    NotInTransaction = 1568, // of a statement that does not go with one under way
    Signalled = 1644,
    ReadOnlyTransaction = 1792,
    StatementTimeout = 1969,
    CannotConnectSocket = 2002,
    CannotConnect = 2003,
    UnknownHost = 2005,
    Gone = 2006,
    Lost = 2013,
    TlsFailed = 2026,
    CheckFailed = 4025,
};

// That the connection is gone.
constexpr bool isLost(int code)
{
    return code == CannotConnectSocket || code == CannotConnect || code == Gone || code == Lost;
}

} // namespace nabblet::MariadbCode
