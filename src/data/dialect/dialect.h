// What differs from database to database. A dialect is one file beside this one (sqlite/sqlite_dialect.cpp) and one
// line in dialect_table.cpp.
#pragma once

#include "core/catalogue/catalogue.h"
#include "core/catalogue/select_table.h"
#include "core/model/database_address.h"
#include "core/result.h"

#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlError>
#include <QString>
#include <QStringList>

#include <atomic>
#include <functional>
#include <optional>

class QSqlDriver;

// Every dialect, each a class of its own. A new one is added here, once.
#define NABBLET_DIALECTS(DIALECT)                                                                                      \
    DIALECT(sqliteDialect)                                                                                             \
    DIALECT(postgresqlDialect)                                                                                         \
    DIALECT(mariadbDialect)

namespace nabblet {

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

// A condition with the values of its places.
struct Condition
{
    QString sql;
    QVariantList values;
};

enum class Availability { Writable, ReadOnly, Gone };

// What stays as it is here is what most databases take; a dialect says what it does otherwise.
class Dialect
{
public:
    virtual ~Dialect() = default;

    virtual QString name() const = 0;   // in project files
    virtual QString driver() const = 0; // Qt's name of it; empty where the dialect makes its own
    virtual QSqlDriver *makeDriver() const { return nullptr; }

    // ---- the database

    // Opens the database. isReadOnly tells whether it can be read only.
    virtual Outcome open(QSqlDatabase &database, const DatabaseAddress &address, bool *isReadOnly) const = 0;
    virtual Result<Catalogue> readCatalogue(const QSqlDatabase &database, const DatabaseAddress &address) const = 0;
    // The columns that a SELECT gives; the error says what is wrong with it.
    virtual Result<QList<SelectColumn>> describeSelect(const QSqlDatabase &database, const QString &sql) const = 0;
    // What tells whether anything was changed since; never waits.
    virtual DatabaseState state(const QSqlDatabase &database) const = 0;
    // How many rows this connection has written so far, those included that the database changed along; nothing where
    // it does not tell.
    virtual std::optional<qint64> rowsWritten(const QSqlDatabase &database) const;
    // About how many rows a table has, by the server's own statistics; nothing where it keeps none.
    virtual std::optional<qint64> rowsByStatistics(const QSqlDatabase &database, const QString &table) const;
    virtual Availability availability(const QSqlDatabase &database, const DatabaseAddress &address) const = 0;
    // Copies a whole database into a folder, as it is at one moment, and gives where the copy is. goesOn is told the
    // share done, 0 to 1, and gives it up by answering false.
    virtual Result<DatabaseAddress> copyWhole(const DatabaseAddress &address, const QString &folder,
                                              const std::function<bool(double)> &goesOn) const = 0;

    // ---- trying things out

    // Whether things are tried in one transaction that is never kept, instead of on a copy.
    virtual bool triesInTransaction() const { return false; }
    // Makes a connection one on which nothing is ever kept, before that transaction begins. The error says why nothing
    // can be tried here.
    virtual Outcome prepareTrial(const QSqlDatabase &database) const;
    // Whether that transaction is still under way.
    virtual bool isTrialGoing(const QSqlDatabase &) const { return true; }
    // The number that a connection has at its server …
    virtual QString connectionNumber(const QSqlDatabase &) const { return {}; }
    // … and whether others wait for what that one holds; nothing where the server does not tell.
    virtual std::optional<bool> holdsOthersUp(const QSqlDatabase &database, const QString &number) const;

    // ---- statements under way

    // Has the connection look at the interruption while it works, from now on.
    virtual void watch(const QSqlDatabase &database, Interruption *interruption) const = 0;
    // What ends, from any thread, whatever the connection is doing, also in the middle of what never looks. To be
    // called only while the connection is open.
    virtual std::function<void()> interrupter(const QSqlDatabase &database) const = 0;
    virtual bool wasInterrupted(const QSqlError &error) const = 0;

    // ---- what the database says, for a person

    virtual Refusal explainRefusal(const QSqlError &error, const RefusalContext &context) const = 0;
    // Whether a transaction was undone because others wrote the same at the same time, so that it may be tried again.
    virtual bool isContended(const QSqlError &) const { return false; }
    virtual Error explainFailure(const QSqlError &error, const DatabaseAddress &address) const = 0;

    // ---- parts of statements; names and lists of them are given as SQL takes them

    // A name as SQL takes it, whatever it holds. Not left to Qt's drivers: Qt 6.4's leave names with square brackets as
    // they are and split names at dots.
    virtual QString quoteName(const QString &name) const;
    // The name of a table of the catalogue, which may be one of several parts.
    virtual QString quoteTable(const QString &name) const;
    // A name of several parts, such as a column of what it is read from.
    QString quoteName(const QStringList &parts) const;
    // What a new column of a type is declared as.
    virtual QString typeName(ColumnType type) const;
    // A value as it is written in a statement that takes no bound ones, such as a default.
    virtual QString literal(const QVariant &value) const;
    virtual QString beginWriting() const; // the statement that begins a transaction which will write
    // The place of a value in a statement: a question mark, or what turns one into such a value.
    virtual QString placeOf(const QVariant &value) const;
    // The bytes of a text as they are stored, for text that no encoding reads; empty where there is no such thing.
    virtual QString bytesOf(const QString &column) const;
    // A condition that holds when what is stored in a column is, byte for byte, the value that was read there; with one
    // place for the value.
    virtual QString isStillAs(const QString &column, const QVariant &read) const = 0;
    // A condition that holds for a value, and for none where that is none; with a place where there is one.
    QString isValue(const QString &column, const QVariant &value) const;
    // A condition that holds where a value of any type is written like one that was typed; with one place for that.
    virtual QString isWrittenAs(const QString &column) const;
    // A condition that holds where a text holds another, whatever the case of its letters; with one place, for
    // patternHolding() or patternBeginning() of it.
    virtual QString isLike(const QString &text) const;
    static QString patternHolding(const QString &words);
    static QString patternBeginning(const QString &words);
    // The same for a shape, in which * stands for any letters and ? for one.
    static QString patternShaped(const QString &shape);
    // Texts one behind the other, with a blank between them.
    virtual QString joined(const QStringList &texts) const;
    // Values of any type as texts.
    virtual QString asText(const QString &column) const;
    // A term behind ORDER BY, with what is missing before everything, or behind it the other way round. mayBeNull:
    // whether anything is.
    virtual QString ordered(const QString &term, bool isDescending, bool mayBeNull) const;
    // A condition on keys that lie before, at or behind ("<", "=", ">", ">=") another.
    virtual Condition keyCompared(const QStringList &columns, const QString &sign, const QVariantList &key) const;
    // What is read from, under a name: a table, or a SELECT as one.
    QString tableAs(const QString &table, const QString &alias) const;
    virtual QString selectAs(const QString &select, const QString &alias) const;
    // The first rows of a SELECT.
    virtual QString firstOf(const QString &select, qint64 most) const;
    // One row in so many, evenly, of what a SELECT of all columns would give; under a name.
    virtual QString everyOf(const QString &columns, const QString &from, qint64 every, const QString &alias) const;
    // About that share, 0 to 1, of the rows of a table, picked by the server without reading all of them; under a name.
    // Empty where it does not do that.
    virtual QString sampleOf(const QString &columns, const QString &table, double share, const QString &alias) const;
    // A number no less than that of the rows of a table, by a key that is a whole number, without counting them.
    virtual QString spanOf(const QString &key, const QString &table) const;
    // A statement that adds a row and gives what is asked of it. places: as many as columns; neither where the row
    // takes what the database puts there.
    virtual QString insertGiving(const QString &table, const QString &columns, const QString &places,
                                 const QString &given) const;
    // Statements that keep what a SELECT gives in a table of this connection, whose rows are numbered, and let it go.
    virtual QString copyInto(const QString &table, const QString &select) const = 0;
    virtual QString dropCopy(const QString &table) const;
    // By what the rows of such a table are numbered. columns: all that it has, of which it is none.
    virtual QString rowNumberOfCopies(const QStringList &columns) const = 0;
};

// The dialect with that name, or nullptr.
const Dialect *dialectNamed(const QString &name);

#define NABBLET_DECLARE(dialect) const Dialect &dialect();
NABBLET_DIALECTS(NABBLET_DECLARE)
#undef NABBLET_DECLARE

} // namespace nabblet
