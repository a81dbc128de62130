// What PostgreSQL says when it refuses something, for a person: by the numbers of its errors
// (https://www.postgresql.org/docs/current/errcodes-appendix.html) and the names it gives along, never by its words,
// which come in the server's language.
#include "core/text/tr.h"
#include "data/dialect/refusal_words.h"
#include "data/postgresql/postgresql_driver.h"
#include "data/postgresql/postgresql_parts.h"

#include <libpq-fe.h>

namespace nabblet {

namespace {

QString whereIs(const DatabaseAddress &address)
{
    const QString host = address.part("host");
    return host.isEmpty() ? Texts::tr("this computer") : host;
}

bool isOfClass(const QString &code, const char *start)
{
    return code.startsWith(QLatin1String(start));
}

} // namespace

Refusal postgresqlRefusal(const QSqlError &error, const RefusalContext &context)
{
    const QString code = error.nativeErrorCode();
    const PostgresqlError further = postgresqlError(error);
    const QString said =
        further.detail.isEmpty() ? error.databaseText() : error.databaseText() + u'\n' + further.detail;
    const QStringList columns = context.table.constraints.value(further.constraint);
    const auto plain = [&](const QString &sentence) { return Refusal{sentence, {}, said}; };
    if (code == QLatin1String("23502")) { // not null
        return neededRefusal({further.column}, context, said);
    }
    if (code == QLatin1String("23505")) { // unique
        return columns.isEmpty() ? plain(Texts::tr("Another record has the same values already: %1").arg(said))
                                 : takenRefusal(columns, context, said);
    }
    if (code == QLatin1String("23503")) {
        return plain({}); // a link; whoever wrote finds out which way it is broken
    }
    if (code == QLatin1String("23514")) { // a check, of the table or of a type
        return ruleRefusal(further.constraint, context, said);
    }
    if (code == QLatin1String("23P01")) {
        if (const QString own = context.table.sentences.value(further.constraint); !own.isEmpty()) {
            return {own, columns, said};
        }
        return {Texts::tr("Another record is in the way of %1").arg(captionsOf(columns, context)), columns, said};
    }
    if (code == QLatin1String("22001")) {
        return plain(Texts::tr("A text is longer than its column takes: %1").arg(said));
    }
    if (code == QLatin1String("22003")) {
        return plain(Texts::tr("A number is larger or smaller than its column takes: %1").arg(said));
    }
    if (isOfClass(code, "22") || code == QLatin1String("42804")) {
        return plain(Texts::tr("A column does not take this kind of value: %1").arg(said));
    }
    if (code == QLatin1String("42501")) {
        return plain(Texts::tr("You have no right to change this: %1. Ask whoever keeps the database.").arg(said));
    }
    if (code == QLatin1String("25006")) {
        return plain(Texts::tr("This server only lets you look; it follows another one that is written to. What you "
                               "typed is kept."));
    }
    if (code == QLatin1String("40001") || code == QLatin1String("40P01") || code == QLatin1String("55P03") ||
        code == QLatin1String("57014")) {
        return plain(
            Texts::tr("Somebody else is changing the same rows just now. What you typed is kept; save again in "
                      "a moment."));
    }
    if (code == QLatin1String("P0001")) { // a trigger's own words
        return plain(error.databaseText());
    }
    if (isOfClass(code, "53")) {
        return plain(
            Texts::tr("The database server has no room left, so nothing was saved: %1. What you typed is kept.")
                .arg(said));
    }
    if (isOfClass(code, "08") || isOfClass(code, "57P")) {
        return plain(Texts::tr("The connection to the database was lost. What you typed is kept; save again when the "
                               "server answers."));
    }
    return plain(Texts::tr("The database refuses this: %1").arg(said));
}

Error postgresqlFailure(const QSqlError &error, const DatabaseAddress &address)
{
    const QString code = error.nativeErrorCode();
    const QString said = error.databaseText();
    const QString database = addressWords(address);
    if (isOfClass(code, "08") || isOfClass(code, "57P")) {
        return {
            Texts::tr("The database server on %1 does not answer any more. What you typed is kept; it is tried again "
                      "by itself.")
                .arg(whereIs(address)),
            said};
    }
    if (code == QLatin1String("42501")) {
        return {Texts::tr("You have no right to read this in the database %1: %2. Ask whoever keeps it.")
                    .arg(database, said),
                said};
    }
    if (code == QLatin1String("57014")) {
        return {Texts::tr("The database %1 was asked to stop what it was doing.").arg(database), said};
    }
    if (code == QLatin1String("40001") || code == QLatin1String("40P01") || code == QLatin1String("55P03")) {
        return {
            Texts::tr("Somebody else is changing the same rows of the database %1. Nothing was lost; try again in a "
                      "moment.")
                .arg(database),
            said};
    }
    if (isOfClass(code, "53")) {
        return {Texts::tr("The server of the database %1 has no room left: %2.").arg(database, said), said};
    }
    return {Texts::tr("The database %1 did not do what was asked: %2.").arg(database, said), said};
}

// libpq gives no numbers for these; what the server lets anybody know tells them apart.
Error postgresqlNotOpened(const QSqlError &error, const DatabaseAddress &address)
{
    const QString said = error.databaseText();
    const QString where = whereIs(address);
    if (error.nativeErrorCode() == QLatin1String("28P01")) {
        return {Texts::tr("The database %1 asks for a password, or the one given is wrong.").arg(addressWords(address)),
                said};
    }
    const bool isSilent = error.nativeErrorCode() == QLatin1String("08000"); // so another question would wait as long
    switch (isSilent ? PQPING_NO_RESPONSE : PQping(connectionWords(address, QString()).toUtf8().constData())) {
    case PQPING_NO_RESPONSE:
        return {Texts::tr("No database server answers on %1. Check the name of the computer and the port, and whether "
                          "the server runs.")
                    .arg(where),
                said};
    case PQPING_REJECT:
        return {
            Texts::tr("The database server on %1 takes nobody in just now; it is starting or stopping. Try again in "
                      "a moment.")
                .arg(where),
            said};
    case PQPING_NO_ATTEMPT:
        return {Texts::tr("The address of the database cannot be used: %1.").arg(said), said};
    case PQPING_OK:
        break;
    }
    return {
        Texts::tr("The database server on %1 does not let you in to %2: %3.").arg(where, addressTitle(address), said),
        said};
}

} // namespace nabblet
