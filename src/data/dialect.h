// What differs from database to database. A dialect is one file beside this one (sqlite/sqlite_dialect.cpp) and one
// line in dialect_table.cpp.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/select_table.h"
#include "core/result.h"

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
    // The operator that compares and counts two NULLs as equal.
    QString sameAs;
    Refusal (*explainRefusal)(const QSqlError &error, const RefusalContext &context);
    // The columns that a SELECT gives; the error says what is wrong with it.
    Result<QList<SelectColumn>> (*describeSelect)(const QSqlDatabase &database, const QString &sql);
    // Ends whatever the connection is doing soon after the flag turns true, with an error. The flag must outlive it.
    void (*stopWhen)(const QSqlDatabase &database, const std::atomic<bool> *isCancelled);
    // A failed reading, said to a person.
    Error (*explainFailure)(const QSqlError &error, const DatabaseAddress &address);
};

// The dialect with that name, or nullptr.
const Dialect *dialectNamed(const QString &name);

const Dialect &sqliteDialect();

} // namespace nabblet
