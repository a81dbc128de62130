// What differs from database to database. A dialect is one file beside this one (sqlite/sqlite_dialect.cpp) and one
// line in dialect_table.cpp.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/select_table.h"
#include "core/result.h"

#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlError>
#include <QString>
#include <QStringList>

#include <atomic>
#include <functional>

namespace nabblet {

// Where a database is.
struct DatabaseAddress
{
    QString dialect = QStringLiteral("sqlite");
    QString file; // absolute path, for SQLite

    bool operator==(const DatabaseAddress &) const = default;
};

// What ends the statements of a connection before they are done.
struct Interruption
{
    const std::atomic<bool> *isCancelled = nullptr; // by whoever asked for the work; may be nullptr
    bool mayTakeLong = false;                       // nobody waits for it; see Patience
    bool hasLimit = false;                          // …
    bool isOver = false;                            // the limit was reached
    int most = 0;                                   // ms, from …
    QElapsedTimer clock;                            // … here
};

// Why the database did not take a row.
struct Refusal
{
    QString sentence;    // for the person, beside the box
    QStringList columns; // those that it concerns; empty when it concerns the record as a whole
    QString detail;      // what the database said
};

// What a refusal is explained with.
struct RefusalContext
{
    const Catalogue &catalogue;
    const Table &table;
    std::function<QString(const QString &column)> captionFor; // the words for a column
};

// Numbers that differ when something was changed, to be compared within one connection.
struct DatabaseState
{
    bool isKnown = false; // false: it could not be told without waiting
    qint64 catalogue = 0; // tables, columns, links, by anyone
    qint64 data = 0;      // rows, by other connections
};

enum class Availability { Writable, ReadOnly, Gone };

struct Dialect
{
    QString name;
    QString driver; // Qt's name of it

    // Opens the database. isReadOnly tells whether it can be read only.
    Outcome (*open)(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly);
    Result<Catalogue> (*readCatalogue)(const QSqlDatabase &database, const DatabaseAddress &address);
    // A name as SQL takes it, whatever it holds. Not left to Qt's drivers: Qt 6.4's leave names with square brackets as
    // they are and split names at dots.
    QString (*quoteName)(const QString &name);
    QString beginWriting; // the statement that begins a transaction which will write
    // A condition that holds when what is stored in a column is, byte for byte, the value that was read there; with one
    // place for the value. column: as SQL takes it.
    QString (*isStillAs)(const QString &column, const QVariant &read);
    // The place of a value in a statement: a question mark, or what turns one into such a value.
    QString (*placeOf)(const QVariant &value);
    // The bytes of a text as they are stored, for text that no encoding reads; empty where there is no such thing.
    QString (*bytesOf)(const QString &column);
    Refusal (*explainRefusal)(const QSqlError &error, const RefusalContext &context);
    // The columns that a SELECT gives; the error says what is wrong with it.
    Result<QList<SelectColumn>> (*describeSelect)(const QSqlDatabase &database, const QString &sql);
    // Has the connection look at the interruption while it works, from now on.
    void (*watch)(const QSqlDatabase &database, Interruption *interruption);
    // What ends, from any thread, whatever the connection is doing, also in the middle of what never looks. To be called
    // only while the connection is open.
    std::function<void()> (*interrupter)(const QSqlDatabase &database);
    bool (*wasInterrupted)(const QSqlError &error);
    // What tells whether anything was changed since; never waits.
    DatabaseState (*state)(const QSqlDatabase &database);
    Availability (*availability)(const DatabaseAddress &address);
    // A failed reading, said to a person.
    Error (*explainFailure)(const QSqlError &error, const DatabaseAddress &address);
};

// The dialect with that name, or nullptr.
const Dialect *dialectNamed(const QString &name);

const Dialect &sqliteDialect();

} // namespace nabblet
