#include "entry/actions/own_actions.h"

#include "core/actions/statement_values.h"
#include "core/kinds/control_names.h"
#include "core/text/tr.h"
#include "data/records/own_statement.h"
#include "entry/actions/filled_in.h"
#include "entry/actions/trust.h"
#include "entry/cells/pasted_rows.h"
#include "entry/session/entry_session.h"

#include <QDesktopServices>
#include <QProcess>
#include <QUrl>

namespace nabblet {

namespace {

bool say(EntrySession &session, const QString &sentence)
{
    Q_EMIT session.said(sentence);
    return false;
}

// A value of the record in hand, also of a column that the form does not show; nothing where its table has none such.
std::optional<QVariant> valueInHand(const EntrySession &session, const QString &column)
{
    const EntryState &state = session.state();
    if (state.source.columns.contains(column)) {
        return state.value(column);
    }
    const std::optional<RowKey> key = state.key();
    const qsizetype at = state.source.keyColumns.indexOf(column);
    if (key && at >= 0) {
        return key->value(at);
    }
    const Table *table = state.table();
    if (!key || !table || !findColumn(*table, column)) {
        return std::nullopt;
    }
    RecordSource one = state.source;
    one.columns = {column};
    const MaybeRow row = rowWithKey(state.connection, one, *key);
    return row && *row ? std::optional((*row)->values.value(0)) : std::nullopt;
}

// A value as it stands in SQL, to be looked at.
QString inSql(const QVariant &value)
{
    return value.isNull() ? QStringLiteral("NULL")
           : value.typeId() == QMetaType::QString || value.typeId() == QMetaType::QDate
               ? u'\'' + value.toString().replace(u'\'', QLatin1String("''")) + u'\''
               : value.toString();
}

} // namespace

bool putInValues(EntrySession &session, const QString &values)
{
    const QStringList parts = values.split(u';', Qt::SkipEmptyParts);
    struct Put
    {
        const Control *control;
        QString words;
    };
    QList<Put> puts; // all are known before the first is put in
    for (const QString &part : parts) {
        const qsizetype equals = part.indexOf(u'=');
        const QString name = part.left(equals).trimmed();
        const Control *control = equals > 0 ? controlNamed(session, name) : nullptr;
        if (!control) {
            return say(session,
                       Texts::tr("The button wants to put something into “%1”, which is not on the form.").arg(name));
        }
        if (!session.values().mayType(*control)) {
            return say(session, Texts::tr("“%1” takes nothing now.").arg(calledFor(session.form(), *control)));
        }
        puts.append({control, filledIn(part.mid(equals + 1).trimmed(), session)});
    }
    if (puts.isEmpty()) {
        return say(session,
                   Texts::tr("The button does not say what it puts in: “Status = withdrawn; Laid on = today”."));
    }
    for (const Put &put : std::as_const(puts)) {
        const Result<ColumnValues> read = valuesFor(session, *put.control, put.words);
        if (!read) {
            session.typing().type(*put.control, put.words); // says beside the box what is wrong
            session.typing().boxLeft(*put.control);
            return say(session, Texts::tr("%1: %2", "a caption and what is wrong there")
                                    .arg(calledFor(session.form(), *put.control), read.error().sentence));
        }
        if (const std::optional<Lookup> lookup = lookupOf(*put.control)) {
            QVariantList chosen;
            for (const QString &column : lookup->columns) {
                chosen.append(read->value(column));
            }
            session.typing().chooseRow(*put.control, put.words.isEmpty() ? QVariantList() : chosen);
        } else {
            session.typing().choose(*put.control, read->value(put.control->column));
        }
    }
    return true;
}

bool workOutAgain(EntrySession &session, const QString &boxes)
{
    QSet<QString> columns;
    const QStringList names = boxes.split(u';', Qt::SkipEmptyParts);
    for (const QString &name : names) {
        const Control *control = controlNamed(session, name.trimmed());
        if (!control) {
            return say(session,
                       Texts::tr("The button wants to work out “%1”, which is not on the form.").arg(name.trimmed()));
        }
        columns.insert(control->column);
    }
    WorkingRow row;
    row.isNew = session.state().isNew();
    row.value = [&](const QString &column) { return session.state().value(column); };
    int done = 0;
    const QList<PutIn> all = session.values().putIn(row);
    for (const PutIn &put : all) {
        const Control *control = session.form().controls.find(put.control);
        if (!control || (!columns.isEmpty() && !columns.contains(put.column)) || !put.value) {
            continue;
        }
        if (!*put.value) {
            return say(session, put.value->error().sentence);
        }
        if (!session.values().mayType(*control)) {
            continue; // always as worked out
        }
        session.typing().choose(*control, **put.value);
        ++done;
    }
    return done > 0 || say(session, Texts::tr("No rule works out anything there that could be another now."));
}

bool openAddress(EntrySession &session, const QString &address, QWidget *parent)
{
    const QString filled = filledIn(address, session).trimmed();
    const QUrl url = QUrl::fromUserInput(filled);
    if (filled.isEmpty() || !url.isValid()) {
        return say(session, Texts::tr("“%1” is no address that could be opened.").arg(filled));
    }
    static const QStringList harmless{QStringLiteral("http"), QStringLiteral("https"), QStringLiteral("mailto"),
                                      QStringLiteral("tel")};
    if (!harmless.contains(url.scheme()) &&
        !isTrusted({session.form().title, address,
                    Texts::tr("The form “%1” wants to open a file or an address of a kind of its own.")
                        .arg(session.form().title),
                    url.toDisplayString()},
                   parent)) {
        return say(session, Texts::tr("Nothing was opened."));
    }
    return QDesktopServices::openUrl(url) ||
           say(session, Texts::tr("Nothing on this computer opens %1.").arg(url.toDisplayString()));
}

bool runStatement(EntrySession &session, const QString &statement, QWidget *parent)
{
    const Result<StatementValues> parted = statementValues(statement);
    if (!parted) {
        return say(session, parted.error().sentence);
    }
    const EntryState &state = session.state();
    if (state.connection.isReadOnly()) {
        return say(session, Texts::tr("The database can only be read."));
    }
    if (!session.saving().save()) { // what is typed may be what the statement is about
        return false;
    }
    QVariantList values;
    QString example = parted->sql;
    qsizetype at = 0; // behind what is filled in
    for (const QString &column : parted->columns) {
        const std::optional<QVariant> value = valueInHand(session, column);
        if (!value) {
            return say(session, Texts::tr("The statement of the button wants “%1”, which is no column of these rows. "
                                          "Mend the statement.")
                                    .arg(column));
        }
        values.append(*value);
        at = example.indexOf(u'?', at);
        example.replace(at, 1, inSql(*value));
        at += inSql(*value).size();
    }
    if (!isTrusted({state.form.title, statement,
                    Texts::tr("The form “%1” wants to run an SQL statement on the database.").arg(state.form.title),
                    example},
                   parent)) {
        return say(session, Texts::tr("Nothing was run."));
    }
    const Result<qint64> changed = runOwnStatement(state.connection, parted->sql, values);
    if (!changed) {
        return say(session, changed.error().sentence);
    }
    session.takingBack().forget(); // what was done before may stand on other values now
    session.noticeChanges();
    Q_EMIT session.said(
        counted(*changed, Texts::tr("Done; 1 row was changed."), Texts::tr("Done; %1 rows were changed.")));
    return true;
}

bool runProgram(EntrySession &session, const QString &call, QWidget *parent)
{
    QStringList parts = QProcess::splitCommand(call);
    if (parts.isEmpty()) {
        return say(session, Texts::tr("The button has no program to run yet."));
    }
    if (!session.saving().save()) {
        return false;
    }
    const QString program = parts.takeFirst(); // as it was written: values are arguments, never the program
    for (QString &part : parts) {
        part = filledIn(part, session);
    }
    if (!isTrusted({session.form().title, call,
                    Texts::tr("The form “%1” wants to run a program on this computer.").arg(session.form().title),
                    (QStringList{program} + parts).join(u' ')},
                   parent)) {
        return say(session, Texts::tr("Nothing was run."));
    }
    return QProcess::startDetached(program, parts) ||
           say(session, Texts::tr("The program %1 could not be started. Is it installed here?").arg(program));
}

} // namespace nabblet
