// What MariaDB says when it refuses something, for a person: by the numbers of its errors
// (https://mariadb.com/kb/en/mariadb-error-codes/) and the names that it puts in quotes, never by its words, which come
// in the server's language.
#include "core/text/tr.h"
#include "data/dialect/refusal_words.h"
#include "data/mariadb/mariadb_codes.h"
#include "data/mariadb/mariadb_parts.h"

namespace nabblet {

namespace {

using namespace MariadbCode;

int codeOf(const QSqlError &error)
{
    return error.nativeErrorCode().toInt();
}

// A computer that left its cluster is as good as gone.
bool isOutOfReach(int code)
{
    return isLost(code) || code == WsrepNotReady;
}

// Names in quotes, in the order in which they stand; of `a`.`b`.`c` each by itself.
QStringList namesIn(const QString &said)
{
    QStringList names;
    QChar quote;
    QString name;
    for (const QChar sign : said) {
        if (quote.isNull()) {
            quote = sign == u'\'' || sign == u'`' ? sign : QChar();
            name.clear();
        } else if (sign == quote) {
            names.append(name);
            quote = QChar();
        } else {
            name.append(sign);
        }
    }
    return names;
}

// The columns of the table that it names; the last names are the columns', what comes before is values and tables.
QStringList columnsNamed(const QString &said, const Table &table)
{
    const QStringList names = namesIn(said);
    for (auto name = names.crbegin(); name != names.crend(); ++name) {
        if (findColumn(table, *name)) {
            return {*name};
        }
    }
    return {};
}

QString whereIs(const DatabaseAddress &address)
{
    const QString host = address.part("host");
    return host.isEmpty() || host.startsWith(u'/') ? Texts::tr("this computer") : host;
}

} // namespace

Refusal mariadbRefusal(const QSqlError &error, const RefusalContext &context)
{
    const QString said = error.databaseText();
    const int code = codeOf(error);
    const auto plain = [&](const QString &sentence) { return Refusal{sentence, {}, said}; };
    // Of one column where the server names it.
    const auto ofColumn = [&](const QString &withColumn, const QString &without) {
        const QStringList columns = columnsNamed(said, context.table);
        return columns.isEmpty() ? plain(without.arg(said))
                                 : Refusal{withColumn.arg(captionsOf(columns, context)), columns, said};
    };
    switch (code) {
    case CannotBeNull:
    case NoDefault:
        if (const QStringList columns = columnsNamed(said, context.table); !columns.isEmpty()) {
            return neededRefusal(columns, context, said);
        }
        break;
    case Duplicate:
        if (const QStringList names = namesIn(said); !names.isEmpty()) {
            const QString key = names.last().section(u'.', -1);
            if (const QStringList columns = context.table.constraints.value(key); !columns.isEmpty()) {
                return takenRefusal(columns, context, said);
            }
        }
        return plain(Texts::tr("Another record has the same values already: %1").arg(said));
    case RowIsReferenced:
    case NoReferencedRow:
        return plain({}); // a link; whoever wrote finds out which way it is broken
    case CheckFailed:
        return ruleRefusal(namesIn(said).value(0).section(u'.', -1), context, said);
    case TooLong:
        return ofColumn(Texts::tr("The text is longer than %1 takes"),
                        Texts::tr("A text is longer than its column takes: %1"));
    case OutOfRange:
        return ofColumn(Texts::tr("The number is larger or smaller than %1 takes"),
                        Texts::tr("A number is larger or smaller than its column takes: %1"));
    case Truncated:
    case WrongValue:
    case WrongValueForField:
        return ofColumn(Texts::tr("%1 does not take this kind of value"),
                        Texts::tr("A column does not take this kind of value: %1"));
    case AccessDeniedToDatabase:
    case AccessDenied:
    case NotAllowedForTable:
    case NotAllowedForColumn:
        return plain(Texts::tr("You have no right to change this: %1. Ask whoever keeps the database.").arg(said));
    case ReadOnlyOption:
    case ReadOnlyTransaction:
        return plain(Texts::tr("This server only lets you look; it follows another one that is written to. What you "
                               "typed is kept."));
    case LockWait:
    case Deadlock: // in a cluster also: another computer of it was first
    case Interrupted:
    case StatementTimeout:
        return plain(
            Texts::tr("Somebody else is changing the same rows just now. What you typed is kept; save again in "
                      "a moment."));
    case Signalled: // a trigger's own words
        return plain(said);
    case TableFull:
        return plain(
            Texts::tr("The database server has no room left, so nothing was saved: %1. What you typed is kept.")
                .arg(said));
    default:
        break;
    }
    if (isOutOfReach(code)) {
        return plain(Texts::tr("The connection to the database was lost. What you typed is kept; save again when the "
                               "server answers."));
    }
    return plain(Texts::tr("The database refuses this: %1").arg(said));
}

Error mariadbFailure(const QSqlError &error, const DatabaseAddress &address)
{
    const QString said = error.databaseText();
    const QString database = addressWords(address);
    const int code = codeOf(error);
    if (isOutOfReach(code)) {
        return {
            Texts::tr("The database server on %1 does not answer any more. What you typed is kept; it is tried again "
                      "by itself.")
                .arg(whereIs(address)),
            said};
    }
    switch (code) {
    case AccessDeniedToDatabase:
    case AccessDenied:
    case NotAllowedForTable:
    case NotAllowedForColumn:
        return {Texts::tr("You have no right to read this in the database %1: %2. Ask whoever keeps it.")
                    .arg(database, said),
                said};
    case Interrupted:
    case StatementTimeout:
        return {Texts::tr("The database %1 was asked to stop what it was doing.").arg(database), said};
    case LockWait:
    case Deadlock:
        return {
            Texts::tr("Somebody else is changing the same rows of the database %1. Nothing was lost; try again in a "
                      "moment.")
                .arg(database),
            said};
    default:
        return {Texts::tr("The database %1 did not do what was asked: %2.").arg(database, said), said};
    }
}

Error mariadbNotOpened(const QSqlError &error, const DatabaseAddress &address)
{
    const QString said = error.databaseText();
    const QString where = whereIs(address);
    switch (codeOf(error)) {
    case AccessDenied:
        return {Texts::tr("The database %1 asks for a password, or the one given is wrong.").arg(addressWords(address)),
                said};
    case AccessDeniedToDatabase:
        return {Texts::tr("You have no right to see the database %1.").arg(addressTitle(address)), said};
    case NoDatabase:
        return {Texts::tr("The server on %1 has no database %2.").arg(where, addressTitle(address)), said};
    case UnknownHost:
        return {Texts::tr("There is no computer called %1. Check the name.").arg(where), said};
    case TlsFailed:
        return {Texts::tr("The connection to %1 could not be made as safe as asked: %2.").arg(where, said), said};
    default:
        break;
    }
    if (isOutOfReach(codeOf(error))) {
        return {Texts::tr("No database server answers on %1. Check the name of the computer and the port, and whether "
                          "the server runs.")
                    .arg(where),
                said};
    }
    return {
        Texts::tr("The database server on %1 does not let you in to %2: %3.").arg(where, addressTitle(address), said),
        said};
}

} // namespace nabblet
