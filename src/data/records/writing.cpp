#include "data/records/writing.h"

#include "core/text/tr.h"
#include "data/dialect/transaction.h"
#include "data/dialect/waiting.h"
#include "data/records/deletion.h"
#include "data/records/statement.h"

#include <QElapsedTimer>
#include <QThread>

namespace nabblet {

namespace {

// A column of the table that is written, with the table's name, so that it is never taken for a text.
QString writtenColumn(const Connection &connection, const RecordSource &source, const QString &column)
{
    return connection.quotedTable(source.table) + u'.' + connection.quoted(source.writtenName(column));
}

QString writtenKeyList(const Connection &connection, const RecordSource &source)
{
    QStringList names;
    for (const QString &column : source.keyColumns) {
        names.append(source.keyIsRowNumber ? connection.quotedTable(source.table) + u'.' + column
                                           : writtenColumn(connection, source, column));
    }
    return names.join(QLatin1String(", "));
}

// The conditions that a row is still as it was read, with their values.
Statement stillAsRead(const Connection &connection, const RecordSource &source, const Row &asRead)
{
    QStringList conditions{
        QStringLiteral("(%1) = (%2)").arg(writtenKeyList(connection, source), placesOf(connection, asRead.key))};
    QVariantList values = asRead.key;
    for (int i = 0; i < source.columns.size(); ++i) {
        const QString &column = source.columns.at(i);
        if (!source.readOnly.contains(column)) {
            conditions.append(
                connection.dialect().isStillAs(writtenColumn(connection, source, column), asRead.values.value(i)));
            values.append(asRead.values.value(i));
        }
    }
    return {conditions.join(QLatin1String(" AND ")), values};
}

// SQLite says only that some link is broken; this looks for the one: a value with no row in its parent.
Refusal explainLink(const Connection &connection, const RefusalContext &context, const ColumnValues &values,
                    Refusal refusal)
{
    for (const ForeignKey &link : context.table.foreignKeys) {
        QVariantList pointed;
        QStringList captions;
        for (qsizetype i = 0; i < link.columns.size() && i < link.parentColumns.size(); ++i) {
            pointed.append(values.value(link.columns.at(i)));
            captions.append(context.captionFor(link.columns.at(i)));
        }
        const bool isWhole = pointed.size() == link.columns.size() &&
                             std::none_of(pointed.begin(), pointed.end(), [](const QVariant &v) { return v.isNull(); });
        const Table *parent = findTable(context.catalogue, link.parentTable);
        if (!isWhole || !parent) {
            continue;
        }
        const Result<qint64> found =
            countRows(connection, linkedTo(recordSourceOf(*parent), link.parentColumns, pointed));
        if (found && *found == 0) {
            refusal.columns = link.columns;
            refusal.sentence =
                Texts::tr("There is no such %1; choose one from the list").arg(captions.join(Texts::tr(" and ")));
            return refusal;
        }
    }
    refusal.sentence = Texts::tr("A value points to a record that does not exist");
    return refusal;
}

Written refused(const Connection &connection, const QSqlError &error, const RefusalContext &context,
                const ColumnValues &values)
{
    Written written;
    written.refusal = connection.dialect().explainRefusal(error, context);
    written.isContended = connection.dialect().isContended(error);
    if (written.refusal.sentence.isEmpty()) {
        written.refusal = explainLink(connection, context, values, written.refusal);
    }
    return written;
}

Written notWritable()
{
    Written written;
    written.refusal.sentence = Texts::tr("These rows can only be looked at: they come from a view");
    return written;
}

// A row of the written table with the columns of the source; those that the table does not have are as in `known`.
Row widened(const RecordSource &source, const RecordSource &written, const Row &row, const Row *known)
{
    Row wide;
    wide.key = row.key;
    for (int i = 0; i < source.columns.size(); ++i) {
        const qsizetype at = written.columns.indexOf(source.writtenName(source.columns.at(i)));
        const bool isThere = at >= 0 && (source.select.isEmpty() || !source.readOnly.contains(source.columns.at(i)));
        wide.values.append(isThere ? row.values.at(at) : known ? known->values.value(i) : QVariant());
    }
    return wide;
}

// The row with that key in the table that is written, whether or not it belongs to the rows of the source.
MaybeRow rowAsWritten(const Connection &connection, const RecordSource &source, const RowKey &key, const Row *known)
{
    const RecordSource written = asWritten(source);
    const MaybeRow row = rowWithKey(connection, written, key);
    return row && *row ? MaybeRow(widened(source, written, **row, known)) : row;
}

// What stands in the row's place when a guarded write found nothing to write to.
Written overtaken(const Connection &connection, const RecordSource &source, const Row &asRead)
{
    MaybeRow now = rowWithKey(connection, source, asRead.key);
    if (now && !*now) {
        now = rowAsWritten(connection, source, asRead.key, &asRead);
    }
    Written written;
    if (!now) {
        written.refusal = {now.error().sentence, {}, now.error().detail};
        return written;
    }
    written.kind = *now ? Written::Conflict : Written::Gone;
    written.row = *now;
    return written;
}

// What a row that was written holds now: read with its source, or where it does not belong there any more, from the
// table itself.
Written readBack(const Connection &connection, const RecordSource &source, const RowKey &key, const Row *known)
{
    Written written;
    written.kind = Written::Done;
    const MaybeRow stored = rowWithKey(connection, source, key);
    if (stored && *stored) {
        written.row = **stored;
        return written;
    }
    const MaybeRow outside = rowAsWritten(connection, source, key, known);
    written.isOutside = outside && *outside;
    written.row = written.isOutside ? **outside : readableRow(connection, source, key);
    return written;
}

// Whether nobody knows if a transaction was kept: the connection went while it was being kept. One inside another was
// not.
bool isUnsure(const Connection &connection, const QSqlError &error)
{
    return error.type() == QSqlError::ConnectionError && connection.transactions() == 0;
}

// Whether a row holds what was to be written, as far as it can be read.
bool holds(const RecordSource &source, const Row &row, const ColumnValues &values)
{
    for (auto value = values.begin(); value != values.end(); ++value) {
        if (source.columns.contains(value.key()) &&
            valueOf(source, row, value.key()).toString() != value.value().toString()) {
            return false;
        }
    }
    return true;
}

} // namespace

RecordSource asWritten(const RecordSource &source)
{
    RecordSource written = source;
    written.select.clear();
    written.linkColumns.clear();
    written.linkValues.clear();
    written.filter.reset();
    written.columns.clear();
    written.keyColumns.clear();
    for (const QString &column : source.columns) {
        const QString name = source.writtenName(column);
        const bool isThere = source.select.isEmpty() || !source.readOnly.contains(column);
        if (isThere && !written.columns.contains(name)) {
            written.columns.append(name);
        }
    }
    for (const QString &column : source.keyColumns) {
        written.keyColumns.append(source.writtenName(column));
    }
    written.originOf.clear();
    return written;
}

MaybeRow rowOnceItAnswers(const Connection &connection, const RecordSource &source, const RowKey &key)
{
    constexpr int Longest = 15'000; // ms
    constexpr int Pause = 250;      // ms
    constexpr int Moment = 15;      // ms
    QElapsedTimer waited;
    waited.start();
    for (Wait wait;;) {
        const MaybeRow stored = rowAsWritten(connection, source, key, nullptr);
        if (stored || waited.elapsed() > Longest) {
            return stored;
        }
        for (int paused = 0; paused < Pause; paused += Moment) { // while the window goes on painting
            QThread::msleep(Moment);
            if (!wait.goOn()) {
                return stored;
            }
        }
    }
}

Written neverKnown(const QSqlError &error)
{
    Written written;
    written.refusal = {Texts::tr("The server went away while this was being saved, so it is not known whether it was. "
                                 "What you typed is kept; look for the record before you save again."),
                       {},
                       error.databaseText()};
    return written;
}

Written insertRow(const Connection &connection, const RecordSource &source, const ColumnValues &typed,
                  const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    ColumnValues values = typed;
    for (qsizetype i = 0; i < source.linkColumns.size(); ++i) {
        values.insert(source.linkColumns.at(i), source.linkValues.value(i));
    }
    QStringList columns = values.keys();
    columns.sort();
    QStringList names;
    QVariantList bound;
    for (const QString &column : std::as_const(columns)) {
        names.append(connection.quoted(source.writtenName(column)));
        bound.append(values.value(column));
    }
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        return refused(connection, transaction.error(), context, values);
    }
    RowKey key;
    {
        Running running(connection, {connection.dialect().insertGiving(
                                         connection.quotedTable(source.table), names.join(QLatin1String(", ")),
                                         placesOf(connection, bound), writtenKeyList(connection, source)),
                                     bound});
        if (!running.isGood || !running.query.next()) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            transaction.rollBack();
            return refused(connection, error, context, values);
        }
        for (int i = 0; i < source.keyColumns.size(); ++i) {
            key.append(running.query.value(i));
        }
        while (running.query.next()) {
        }
    }
    if (!transaction.commit()) {
        const QSqlError why = transaction.error();
        const MaybeRow stored =
            isUnsure(connection, why) ? rowOnceItAnswers(connection, source, key) : MaybeRow(std::nullopt);
        if (!stored) {
            return neverKnown(why);
        }
        if (!*stored) {
            return refused(connection, why, context, values);
        }
    }
    return readBack(connection, source, key, nullptr);
}

Written updateRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const ColumnValues &changes, const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    if (changes.isEmpty()) {
        Written written;
        written.kind = Written::Done;
        written.row = asRead;
        return written;
    }
    ColumnValues all;
    for (const QString &column : source.columns) {
        all.insert(column, valueOf(source, asRead, column));
    }
    QStringList columns = changes.keys();
    columns.sort();
    QStringList assignments;
    QVariantList values;
    for (const QString &column : std::as_const(columns)) {
        const QVariant value = changes.value(column);
        assignments.append(connection.quoted(source.writtenName(column)) + QLatin1String(" = ") +
                           connection.dialect().placeOf(value));
        values.append(value);
        all.insert(column, value);
    }
    const Statement guard = stillAsRead(connection, source, asRead);
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        return refused(connection, transaction.error(), context, all);
    }
    int rows = 0;
    {
        Running running(connection, {QStringLiteral("UPDATE %1 SET %2 WHERE %3")
                                         .arg(connection.quotedTable(source.table),
                                              assignments.join(QLatin1String(", ")), guard.sql),
                                     values + guard.values});
        if (!running.isGood) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            transaction.rollBack();
            return refused(connection, error, context, all);
        }
        rows = running.query.numRowsAffected();
    }
    if (rows == 0) {
        transaction.rollBack();
        return overtaken(connection, source, asRead);
    }
    RowKey key = asRead.key;
    for (int i = 0; i < source.keyColumns.size(); ++i) {
        if (!source.keyIsRowNumber && changes.contains(source.keyColumns.at(i))) {
            key[i] = changes.value(source.keyColumns.at(i));
        }
    }
    if (!transaction.commit()) {
        const QSqlError why = transaction.error();
        const MaybeRow stored =
            isUnsure(connection, why) ? rowOnceItAnswers(connection, source, key) : MaybeRow(std::nullopt);
        if (!stored) {
            return neverKnown(why);
        }
        if (!*stored || !holds(source, **stored, changes)) {
            return refused(connection, why, context, all);
        }
    }
    return readBack(connection, source, key, &asRead);
}

Written deleteRow(const Connection &connection, const RecordSource &source, const Row &asRead,
                  const RefusalContext &context)
{
    if (!source.isWritable) {
        return notWritable();
    }
    const Statement guard = stillAsRead(connection, source, asRead);
    Written written;
    const auto explain = [&](const QSqlError &error) {
        written.refusal = connection.dialect().explainRefusal(error, context);
        written.isContended = connection.dialect().isContended(error);
        if (written.refusal.sentence.isEmpty()) {
            written.refusal.sentence = whyItStays(connection, context.catalogue, source, asRead.key);
        }
        return written;
    };
    Transaction transaction(connection);
    if (!transaction.hasBegun()) {
        return explain(transaction.error());
    }
    int rows = 0;
    {
        Running running(connection,
                        {QStringLiteral("DELETE FROM %1 WHERE %2").arg(connection.quotedTable(source.table), guard.sql),
                         guard.values});
        if (!running.isGood) {
            const QSqlError error = running.query.lastError();
            running.query.finish();
            transaction.rollBack();
            return explain(error);
        }
        rows = running.query.numRowsAffected();
    }
    if (rows == 0) {
        transaction.rollBack();
        return overtaken(connection, source, asRead);
    }
    if (!transaction.commit()) {
        const QSqlError why = transaction.error();
        const MaybeRow stored =
            isUnsure(connection, why) ? rowOnceItAnswers(connection, source, asRead.key) : MaybeRow(asRead);
        if (!stored) {
            return neverKnown(why);
        }
        if (*stored) {
            return explain(why);
        }
    }
    written.kind = Written::Done;
    written.row = asRead;
    return written;
}

} // namespace nabblet
