#include "data/postgresql/postgresql_driver.h"

#include "core/text/tr.h"
#include "data/dialect/bound_values.h"
#include "data/dialect/trial_statements.h"
#include "data/dialect/waiting.h"
#include "data/postgresql/postgresql_places.h"
#include "data/postgresql/postgresql_result.h"

#include <QThread>

#include <libpq-fe.h>

#include <cerrno>
#include <poll.h>
#include <thread>
#include <utility>

namespace nabblet {

namespace {

constexpr int LookEvery = 15;         // ms between looks at what may end a statement
constexpr int AfterCancelling = 3000; // ms that a server is waited for which was asked to stop
constexpr int AfterGivingUp = 1000;   // ms, the same where nobody wants that connection any more
constexpr int FirstTimeout = 8000;    // ms, to connect
constexpr int LaterTimeout = 2000;    // ms, to connect anew
constexpr int ShortWhile = 25;        // ms, for the rest of what nobody reads
constexpr int BetweenTries = 2000;    // ms, to connect anew
// What Transaction begins and ends the outermost part of a trial with.
const char *const PartBegun = "SAVEPOINT nabblet_1";
const char *const PartDone = "RELEASE SAVEPOINT nabblet_1";
constexpr QChar Between = QChar(0x1f); // the parts of an error's further words

QString textOf(const char *text)
{
    return text ? QString::fromUtf8(text) : QString();
}

QString fieldOf(const PGresult *result, int field)
{
    return textOf(PQresultErrorField(result, field));
}

std::shared_ptr<PGresult> owned(PGresult *result)
{
    return {result, [](PGresult *each) { PQclear(each); }};
}

QSqlError errorOf(const PGresult *result, PGconn *connection)
{
    const QString words = fieldOf(result, PG_DIAG_MESSAGE_PRIMARY);
    const QStringList further{fieldOf(result, PG_DIAG_TABLE_NAME), fieldOf(result, PG_DIAG_COLUMN_NAME),
                              fieldOf(result, PG_DIAG_CONSTRAINT_NAME), fieldOf(result, PG_DIAG_MESSAGE_DETAIL),
                              fieldOf(result, PG_DIAG_MESSAGE_HINT)};
    return {further.join(Between), words.isEmpty() ? textOf(PQerrorMessage(connection)).trimmed() : words,
            QSqlError::StatementError, fieldOf(result, PG_DIAG_SQLSTATE)};
}

// https://www.postgresql.org/docs/current/errcodes-appendix.html: class 08 is what became of the connection.
QSqlError lostConnection(PGconn *connection)
{
    return {QString(), textOf(PQerrorMessage(connection)).trimmed(), QSqlError::ConnectionError,
            QStringLiteral("08006")};
}

// A new connection knows nothing of a transaction that was lost with the old one, and would commit nothing without a
// word.
QSqlError lostTransaction()
{
    return {QString(), Texts::tr("the connection was lost in the middle of a transaction"), QSqlError::ConnectionError,
            QStringLiteral("08006")};
}

} // namespace

PostgresqlError postgresqlError(const QSqlError &error)
{
    const QStringList parts = error.driverText().split(Between);
    return {parts.value(0), parts.value(1), parts.value(2), parts.value(3), parts.value(4)};
}

void PostgresqlDriver::Canceller::renew(PGconn *connection)
{
    const QMutexLocker lock(&mutex);
    cancel = {connection ? PQgetCancel(connection) : nullptr, [](PGcancel *each) { PQfreeCancel(each); }};
    underWay = std::make_shared<std::atomic<int>>(0);
}

void PostgresqlDriver::cancel(const std::shared_ptr<Canceller> &canceller)
{
    std::shared_ptr<PGcancel> cancel;
    std::shared_ptr<std::atomic<int>> underWay;
    {
        const QMutexLocker lock(&canceller->mutex);
        cancel = canceller->cancel;
        underWay = canceller->underWay;
    }
    int none = 0;
    if (!cancel || !underWay->compare_exchange_strong(none, 1)) { // one is enough at a time
        return;
    }
    std::thread([cancel, underWay] {
        char whyNot[256];
        PQcancel(cancel.get(), whyNot, sizeof whyNot); // what is not under way any more needs no end
        --*underWay;
    }).detach();
}

// What was to end one statement must not end the next.
void PostgresqlDriver::waitForCancelling()
{
    QElapsedTimer clock;
    clock.start();
    Wait wait;
    while (*m_canceller->underWay > 0 && clock.elapsed() < AfterCancelling && wait.goOn()) {
        QThread::msleep(1);
    }
}

PostgresqlDriver::~PostgresqlDriver()
{
    close();
}

bool PostgresqlDriver::hasFeature(DriverFeature feature) const
{
    return feature == BLOB || feature == Unicode || feature == PositionalPlaceholders || feature == Transactions;
}

QSqlResult *PostgresqlDriver::createResult() const
{
    return new PostgresqlResult(const_cast<PostgresqlDriver *>(this)); // as Qt's own drivers do
}

QVariant PostgresqlDriver::handle() const
{
    return QVariant::fromValue(static_cast<void *>(m_connection));
}

bool PostgresqlDriver::open(const QString &, const QString &, const QString &, const QString &, int,
                            const QString &connectionOptions)
{
    close();
    m_words = connectionOptions.toUtf8();
    QString whyNot;
    if (!connectNow(&whyNot)) {
        const bool isOfPassword = m_connection && (PQconnectionNeedsPassword(m_connection) != 0 ||
                                                   PQconnectionUsedPassword(m_connection) != 0);
        setLastError(QSqlError(
            QString(), whyNot, QSqlError::ConnectionError,
            isOfPassword ? QStringLiteral("28P01")
                         : QStringLiteral("%1").arg(m_isSilent ? QLatin1String("08000") : QLatin1String("08001"))));
        close();
        setOpenError(true);
        return false;
    }
    setOpen(true);
    setOpenError(false);
    return true;
}

// False where it took too long, or was given up.
bool PostgresqlDriver::waitForConnection(int most)
{
    Wait wait;
    QElapsedTimer clock;
    clock.start();
    PostgresPollingStatusType status = PGRES_POLLING_WRITING;
    while (status != PGRES_POLLING_OK && status != PGRES_POLLING_FAILED && PQstatus(m_connection) != CONNECTION_BAD) {
        pollfd waited{PQsocket(m_connection), static_cast<short>(status == PGRES_POLLING_READING ? POLLIN : POLLOUT),
                      0};
        const int answer = poll(&waited, 1, LookEvery);
        if (answer > 0) {
            status = PQconnectPoll(m_connection);
        } else if ((answer < 0 && errno != EINTR) || clock.elapsed() > most || !wait.goOn()) {
            return false;
        }
    }
    return true;
}

bool PostgresqlDriver::connectNow(QString *whyNot)
{
    const bool isFirst = !m_sinceTried.isValid();
    m_sinceTried.start();
    PQfinish(m_connection);
    m_connection = PQconnectStart(m_words.constData());
    PQsetNoticeProcessor(
        m_connection, [](void *, const char *) {}, nullptr); // nobody reads standard error
    m_isSilent = !waitForConnection(isFirst ? FirstTimeout : LaterTimeout);
    if (PQstatus(m_connection) != CONNECTION_OK) {
        *whyNot = m_isSilent ? Texts::tr("the server does not answer") : textOf(PQerrorMessage(m_connection)).trimmed();
        m_canceller->renew(nullptr);
        return false;
    }
    PQsetClientEncoding(m_connection, "UTF8");
    m_canceller->renew(m_connection);
    return true;
}

void PostgresqlDriver::close()
{
    m_canceller->renew(nullptr);
    PQfinish(m_connection);
    m_connection = nullptr;
    m_streaming = nullptr;
    setOpen(false);
}

std::function<void()> PostgresqlDriver::interrupter() const
{
    return [canceller = m_canceller] { cancel(canceller); };
}

bool PostgresqlDriver::isInTransaction() const
{
    return m_connection && PQtransactionStatus(m_connection) == PQTRANS_INTRANS;
}

// Whether an answer is there; false where the connection is gone.
bool PostgresqlDriver::waitForAnswer()
{
    QElapsedTimer sinceCancelled;
    Wait wait;
    while (PQisBusy(m_connection)) {
        pollfd waited{PQsocket(m_connection), POLLIN, 0};
        const int answer = poll(&waited, 1, LookEvery);
        if ((answer < 0 && errno != EINTR) || (answer > 0 && !PQconsumeInput(m_connection))) {
            return false;
        }
        if (answer > 0) {
            continue;
        }
        const bool isGivenUp = !wait.goOn() || mustEnd(m_interruption);
        if (isGivenUp && !sinceCancelled.isValid()) {
            cancel(m_canceller);
            sinceCancelled.start();
        } else if (sinceCancelled.isValid() &&
                   sinceCancelled.elapsed() > (isWanted(m_interruption) ? AfterCancelling : AfterGivingUp)) {
            return false; // it does not answer at all
        }
    }
    return true;
}

std::shared_ptr<PGresult> PostgresqlDriver::nextResult(QSqlError *error)
{
    if (!waitForAnswer()) {
        *error = lostConnection(m_connection);
        m_mustRollBack = m_isInBlock;
        PQfinish(m_connection); // what it may still say belongs to nothing
        m_connection = nullptr;
        m_canceller->renew(nullptr);
        return nullptr;
    }
    PGresult *raw = PQgetResult(m_connection);
    if (!raw) {
        return nullptr;
    }
    std::shared_ptr<PGresult> result = owned(raw);
    const ExecStatusType status = PQresultStatus(raw);
    if (status == PGRES_FATAL_ERROR || status == PGRES_BAD_RESPONSE || status == PGRES_NONFATAL_ERROR) {
        const bool isLost = PQstatus(m_connection) != CONNECTION_OK;
        *error = isLost ? lostConnection(m_connection) : errorOf(raw, m_connection);
        m_mustRollBack = isLost && m_isInBlock;
        if (m_isInBlock) {
            m_undoneBy = *error;
        }
        drain();
        return nullptr;
    }
    return result;
}

// What is left of the statement under way, thrown away.
void PostgresqlDriver::drain()
{
    while (m_connection && waitForAnswer()) {
        PGresult *rest = PQgetResult(m_connection);
        if (!rest) {
            return;
        }
        PQclear(rest);
    }
}

void PostgresqlDriver::finishUnderWay()
{
    if (m_streaming) {
        m_streaming->keepRest();
        m_streaming = nullptr;
    }
}

bool PostgresqlDriver::isTrialGoing() const
{
    const auto status = m_connection ? PQtransactionStatus(m_connection) : PQTRANS_UNKNOWN;
    return m_trial == Trial::Going && !m_mustRollBack && status != PQTRANS_UNKNOWN && status != PQTRANS_IDLE;
}

// Statements of the driver's own. False with the error set where one fails.
bool PostgresqlDriver::runOwn(const char *statements)
{
    m_isInBlock = true;
    QSqlError error;
    if (!PQsendQuery(m_connection, statements)) {
        error = lostConnection(m_connection);
    }
    while (!error.isValid() && m_connection && nextResult(&error)) {
    }
    if (error.isValid()) {
        setLastError(error);
    }
    return !error.isValid();
}

// Never a statement outside the transaction: it would be kept. Outside the parts that are undone by themselves each
// has a mark before it, since one that fails – reading what is not there, or given up by Stop – would undo all.
bool PostgresqlDriver::mayRunInTrial(const QByteArray &sql)
{
    if (sql == "ROLLBACK") {
        return true;
    }
    if (!isTrialGoing()) {
        setLastError(lostTransaction());
        return false;
    }
    static const QStringList ending{QStringLiteral("COMMIT"), QStringLiteral("END"),     QStringLiteral("ABORT"),
                                    QStringLiteral("BEGIN"),  QStringLiteral("START"),   QStringLiteral("ROLLBACK"),
                                    QStringLiteral("CALL"),   QStringLiteral("PREPARE"), QString()};
    if (!sql.startsWith("ROLLBACK TO SAVEPOINT nabblet_") && ending.contains(firstWordOf(QString::fromUtf8(sql)))) {
        setLastError(cannotBeTakenBack(QStringLiteral("2D000")));
        return false;
    }
    if (!m_isInMarked) {
        const bool isGood =
            runOwn(!m_isMarked                                            ? "SAVEPOINT nabblet_trial"
                   : PQtransactionStatus(m_connection) == PQTRANS_INERROR ? "ROLLBACK TO SAVEPOINT nabblet_trial"
                                                                          : "RELEASE SAVEPOINT nabblet_trial; "
                                                                            "SAVEPOINT nabblet_trial");
        m_isMarked = m_isMarked || isGood;
        m_isInMarked = isGood && sql == PartBegun;
        return isGood;
    }
    // What is looked at when a transaction is kept is looked at when a part of this one is done.
    return sql != PartDone || PQtransactionStatus(m_connection) != PQTRANS_INTRANS ||
           runOwn("SAVEPOINT nabblet_checked; SET CONSTRAINTS ALL IMMEDIATE; "
                  "ROLLBACK TO SAVEPOINT nabblet_checked; RELEASE SAVEPOINT nabblet_checked");
}

std::shared_ptr<PGresult> PostgresqlDriver::run(const QByteArray &sql, const QVariantList &values,
                                                PostgresqlResult *streaming)
{
    if (isWaiting()) {
        setLastError(QSqlError(QString(), Texts::tr("another question is still being answered"),
                               QSqlError::StatementError, QStringLiteral("57014")));
        return nullptr;
    }
    finishUnderWay();
    waitForCancelling();
    if (m_trial == Trial::Going && !mayRunInTrial(sql)) {
        return nullptr;
    }
    if (std::exchange(m_mustRollBack, false) && sql != "ROLLBACK") {
        m_mustRollBack = true;
        setLastError(lostTransaction());
        return nullptr;
    }
    if (!m_connection || PQstatus(m_connection) != CONNECTION_OK) {
        QString whyNot = m_connection ? textOf(PQerrorMessage(m_connection)).trimmed() : QString();
        const bool mayTry = !m_sinceTried.isValid() || m_sinceTried.elapsed() > BetweenTries;
        if (!mayTry || !connectNow(&whyNot)) {
            setLastError(QSqlError(QString(), whyNot, QSqlError::ConnectionError, QStringLiteral("08006")));
            return nullptr;
        }
    }
    QList<QByteArray> bytes;
    QList<const char *> pointers;
    QList<int> lengths;
    QList<int> formats; // 1: as they are, 0: as text
    for (const QVariant &value : values) {
        const bool isBinary = value.typeId() == QMetaType::QByteArray;
        bytes.append(isMissing(value) ? QByteArray() : isBinary ? value.toByteArray() : postgresqlText(value));
        if (!isBinary && bytes.last().contains('\0')) {
            setLastError(QSqlError(QString(), Texts::tr("a text must not hold the sign with the number 0"),
                                   QSqlError::StatementError, QStringLiteral("22021")));
            return nullptr;
        }
        formats.append(isBinary ? 1 : 0);
        lengths.append(static_cast<int>(bytes.last().size()));
    }
    for (qsizetype i = 0; i < values.size(); ++i) {
        pointers.append(isMissing(values.at(i)) ? nullptr : bytes.at(i).constData());
    }
    m_isInBlock = isInTransaction();
    if (m_isInBlock) { // and nothing has failed in it yet
        m_undoneBy = {};
    }
    const bool isSent = PQsendQueryParams(m_connection, sql.constData(), static_cast<int>(values.size()), nullptr,
                                          pointers.constData(), lengths.constData(), formats.constData(), 0);
    if (!isSent) {
        m_mustRollBack = m_isInBlock;
        setLastError(lostConnection(m_connection));
        return nullptr;
    }
    if (streaming) {
        PQsetSingleRowMode(m_connection);
    }
    QSqlError error;
    std::shared_ptr<PGresult> first = nextResult(&error);
    if (!first) {
        setLastError(error);
        return nullptr;
    }
    if (streaming && PQresultStatus(first.get()) == PGRES_SINGLE_TUPLE) {
        m_streaming = streaming;
        return first;
    }
    while (std::shared_ptr<PGresult> further = m_connection ? nextResult(&error) : nullptr) {
        first = further;
    }
    if (error.isValid()) {
        setLastError(error);
        return nullptr;
    }
    if (m_trial == Trial::Ready && sql == "BEGIN") {
        m_trial = Trial::Going;
    } else if (m_trial == Trial::Going && sql == PartDone) {
        m_isInMarked = false;
    }
    // A transaction in which something failed is not kept, and that is no error to the server.
    if (sql == "COMMIT" && qstrcmp(PQcmdStatus(first.get()), "COMMIT") != 0) {
        setLastError(m_undoneBy.isValid() ? m_undoneBy
                                          : QSqlError(QString(), Texts::tr("the transaction was undone"),
                                                      QSqlError::StatementError, QStringLiteral("25P02")));
        return nullptr;
    }
    return first;
}

std::shared_ptr<PGresult> PostgresqlDriver::more(QSqlError *error)
{
    std::shared_ptr<PGresult> next = nextResult(error);
    if (next && PQresultStatus(next.get()) == PGRES_SINGLE_TUPLE) {
        return next;
    }
    if (next) {
        drain();
    }
    m_streaming = nullptr;
    return nullptr;
}

void PostgresqlDriver::endStream(PostgresqlResult *result)
{
    if (m_streaming != result) {
        return;
    }
    m_streaming = nullptr;
    if (!m_connection) {
        return;
    }
    // Mostly the end has come already, such as behind the one row that was asked for.
    QElapsedTimer clock;
    clock.start();
    while (clock.elapsed() < ShortWhile) {
        if (PQisBusy(m_connection)) {
            pollfd waited{PQsocket(m_connection), POLLIN, 0};
            if (poll(&waited, 1, ShortWhile) > 0 && !PQconsumeInput(m_connection)) {
                break;
            }
        } else if (PGresult *rest = PQgetResult(m_connection)) {
            PQclear(rest);
        } else {
            return;
        }
    }
    if (!m_isInBlock || (m_isMarked && !m_isInMarked)) {
        cancel(m_canceller); // in a transaction that would undo what was done before
    }
    drain();
}

} // namespace nabblet
