#include "data/mariadb/mariadb_driver.h"

#include "core/text/tr.h"
#include "data/dialect/passwords.h"
#include "data/dialect/trial_statements.h"
#include "data/dialect/waiting.h"
#include "data/mariadb/mariadb_codes.h"
#include "data/mariadb/mariadb_result.h"

#include <QDateTime>
#include <QRegularExpression>
#include <QThread>
#include <QTimeZone>

#include <mysql.h>

#include <algorithm>
#include <cerrno>
#include <netinet/in.h>
#include <netinet/tcp.h>
#include <poll.h>
#include <sys/socket.h>
#include <thread>
#include <utility>

namespace nabblet {

namespace {

constexpr int LookEvery = 15;         // ms between looks at what may end a statement
constexpr int AfterCancelling = 3000; // ms that a server is waited for which was asked to stop
constexpr int AfterGivingUp = 1000;   // ms, the same where nobody wants that connection any more
constexpr int BetweenTries = 2000;    // ms, to connect anew
constexpr unsigned FirstTimeout = 8;  // s, to connect
constexpr unsigned LaterTimeout = 2;  // s, to connect anew

using namespace MariadbCode;

QString said(const char *text)
{
    return QString::fromUtf8(text).trimmed();
}

// The server notices nothing of a cable that was pulled; the computer's own probes do, within half a minute.
void keepAlive(my_socket socket)
{
    const auto set = [socket](int level, int option, int value) {
        setsockopt(socket, level, option, &value, sizeof value);
    };
    set(SOL_SOCKET, SO_KEEPALIVE, 1);
    set(IPPROTO_TCP, TCP_KEEPIDLE, 10);
    set(IPPROTO_TCP, TCP_KEEPINTVL, 5);
    set(IPPROTO_TCP, TCP_KEEPCNT, 3);
    set(IPPROTO_TCP, TCP_USER_TIMEOUT, 20000);
}

// Texts that were too long would be cut without a word, were it not for the strict mode.
const char *const Modes = "SET SESSION sql_mode = CONCAT(@@sql_mode, ',STRICT_ALL_TABLES,NO_ENGINE_SUBSTITUTION'), "
                          "innodb_lock_wait_timeout = 3, lock_wait_timeout = 5, idle_transaction_timeout = 60";

bool connectsTo(MYSQL *connection, const char *host, const char *user, const char *password, const char *database,
                unsigned port, const char *socket)
{
    Wait wait;
    MYSQL *connected = nullptr;
    QElapsedTimer clock;
    clock.start();
    int status = mysql_real_connect_start(&connected, connection, host, user, password, database, port, socket,
                                          CLIENT_FOUND_ROWS | CLIENT_REMEMBER_OPTIONS);
    while (status) {
        const unsigned most = mysql_get_timeout_value_ms(connection);
        pollfd waited{
            mysql_get_socket(connection),
            static_cast<short>(((status & MYSQL_WAIT_READ) ? POLLIN : 0) | ((status & MYSQL_WAIT_WRITE) ? POLLOUT : 0)),
            0};
        const int answer = poll(&waited, 1, LookEvery);
        int came = 0;
        if (answer > 0) {
            came = ((waited.revents & (POLLIN | POLLHUP | POLLERR)) ? status & MYSQL_WAIT_READ : 0) |
                   ((waited.revents & (POLLOUT | POLLHUP | POLLERR)) ? status & MYSQL_WAIT_WRITE : 0);
        } else if (!wait.goOn() || ((status & MYSQL_WAIT_TIMEOUT) && clock.elapsed() > most)) {
            came = MYSQL_WAIT_TIMEOUT;
        } else {
            continue;
        }
        status = mysql_real_connect_cont(&connected, connection, came);
    }
    return connected != nullptr;
}

MYSQL *connectTo(const DatabaseAddress &address, unsigned timeout)
{
    MYSQL *connection = mysql_init(nullptr);
    mysql_options(connection, MYSQL_OPT_NONBLOCK, nullptr);
    mysql_options(connection, MYSQL_OPT_CONNECT_TIMEOUT, &timeout);
    mysql_options(connection, MYSQL_SET_CHARSET_NAME, "utf8mb4");
    mysql_options(connection, MYSQL_READ_DEFAULT_GROUP, "client"); // the option files of the person and the computer
    mysql_options(connection, MYSQL_INIT_COMMAND, Modes);
    const QString tls = address.part("tls");
    const my_bool isEnforced = tls == QLatin1String("require") || tls == QLatin1String("verify-full");
    const my_bool isVerified = tls == QLatin1String("verify-full");
    if (tls != QLatin1String("disable")) {
        mysql_options(connection, MYSQL_OPT_SSL_ENFORCE, &isEnforced);
        mysql_options(connection, MYSQL_OPT_SSL_VERIFY_SERVER_CERT, &isVerified);
    }
    const QByteArray certificates = address.part("certificates").toLocal8Bit();
    if (!certificates.isEmpty()) {
        mysql_options(connection, MYSQL_OPT_SSL_CA, certificates.constData());
    }
    const auto bytes = [&](const char *part) { return address.part(part).toUtf8(); };
    const auto orNothing = [](const QByteArray &text) { return text.isEmpty() ? nullptr : text.constData(); };
    const QByteArray password = passwordFor(address).toUtf8();
    const QByteArray user = bytes("user");
    const QByteArray database = bytes("database");
    // Of several servers the first that answers.
    const QStringList hosts = address.part("host").split(u',');
    const QStringList ports = address.part("port").split(u',');
    for (qsizetype i = 0; i < hosts.size(); ++i) {
        const bool isSocket = hosts.at(i).startsWith(u'/');
        const QByteArray host = isSocket ? QByteArray() : hosts.at(i).toUtf8();
        const QByteArray socket = isSocket ? hosts.at(i).toLocal8Bit() : QByteArray();
        const unsigned port = ports.value(i, ports.value(0)).toUInt();
        if (connectsTo(connection, orNothing(host), orNothing(user), orNothing(password), orNothing(database), port,
                       orNothing(socket))) {
            if (!isSocket) {
                keepAlive(mysql_get_socket(connection));
            }
            break;
        }
    }
    return connection;
}

} // namespace

// https://mariadb.com/kb/en/kill/: the connection stays, what it does ends.
void MariadbDriver::kill(const std::shared_ptr<Killer> &killer)
{
    DatabaseAddress address;
    unsigned long number = 0;
    std::shared_ptr<std::atomic<int>> underWay;
    {
        const QMutexLocker lock(&killer->mutex);
        address = killer->address;
        number = killer->number;
        underWay = killer->underWay;
    }
    int none = 0;
    if (number == 0 || !underWay->compare_exchange_strong(none, 1)) { // one is enough at a time
        return;
    }
    std::thread([address, number, underWay] {
        MYSQL *other = connectTo(address, LaterTimeout);
        mysql_query(other, QByteArray("KILL QUERY ") + QByteArray::number(static_cast<qulonglong>(number)));
        mysql_close(other);
        mysql_thread_end();
        --*underWay;
    }).detach();
}

// What was to end one statement must not end the next.
void MariadbDriver::waitForKilling()
{
    QElapsedTimer clock;
    clock.start();
    Wait wait;
    while (m_killer->underWay && *m_killer->underWay > 0 && clock.elapsed() < AfterCancelling && wait.goOn()) {
        QThread::msleep(1);
    }
}

MariadbDriver::~MariadbDriver()
{
    close();
}

bool MariadbDriver::hasFeature(DriverFeature feature) const
{
    return feature == BLOB || feature == Unicode || feature == PositionalPlaceholders || feature == Transactions;
}

QSqlResult *MariadbDriver::createResult() const
{
    return new MariadbResult(const_cast<MariadbDriver *>(this)); // as Qt's own drivers do
}

QSqlError MariadbDriver::error() const
{
    const unsigned code = m_connection ? mysql_errno(m_connection) : static_cast<unsigned>(Gone);
    return {m_connection ? said(mysql_sqlstate(m_connection)) : QString(),
            m_connection ? said(mysql_error(m_connection)) : Texts::tr("there is no connection"),
            isLost(static_cast<int>(code)) ? QSqlError::ConnectionError : QSqlError::StatementError,
            QString::number(code)};
}

QSqlError MariadbDriver::errorOf(MYSQL_STMT *statement) const
{
    const unsigned code = mysql_stmt_errno(statement);
    if (code == 0) { // what ends the reading of rows is said of the connection only
        return error();
    }
    return {said(mysql_stmt_sqlstate(statement)), said(mysql_stmt_error(statement)),
            isLost(static_cast<int>(code)) ? QSqlError::ConnectionError : QSqlError::StatementError,
            QString::number(code)};
}

bool MariadbDriver::open(const QString &, const QString &, const QString &, const QString &, int, const QString &)
{
    close();
    const bool isGood = connectNow();
    if (!isGood) {
        setLastError(error());
        close();
    }
    setOpen(isGood);
    setOpenError(!isGood);
    return isGood;
}

bool MariadbDriver::connectNow()
{
    const bool isFirst = !m_sinceTried.isValid();
    m_sinceTried.start();
    if (m_connection) {
        mysql_close(m_connection);
    }
    m_connection = connectTo(m_address, isFirst ? FirstTimeout : LaterTimeout);
    const bool isGood = mysql_errno(m_connection) == 0 && mysql_thread_id(m_connection) != 0;
    m_isLost = !isGood;
    {
        const QMutexLocker lock(&m_killer->mutex);
        m_killer->address = m_address;
        m_killer->number = isGood ? mysql_thread_id(m_connection) : 0;
        m_killer->underWay = std::make_shared<std::atomic<int>>(0);
    }
    if (isGood) {
        // By its name where the server knows the zones, else by how far off it is today.
        const QByteArray zone = QTimeZone::systemTimeZoneId();
        const int minutes = QDateTime::currentDateTime().offsetFromUtc() / 60;
        const QByteArray offset = QStringLiteral("%1%2:%3")
                                      .arg(minutes < 0 ? u'-' : u'+')
                                      .arg(std::abs(minutes) / 60, 2, 10, QLatin1Char('0'))
                                      .arg(std::abs(minutes) % 60, 2, 10, QLatin1Char('0'))
                                      .toLatin1();
        if (zone.isEmpty() || mysql_query(m_connection, QByteArray("SET time_zone = '") + zone + '\'') != 0) {
            mysql_query(m_connection, QByteArray("SET time_zone = '") + offset + '\'');
        }
    }
    return isGood;
}

void MariadbDriver::close()
{
    {
        const QMutexLocker lock(&m_killer->mutex);
        m_killer->number = 0;
    }
    if (m_streaming) {
        m_streaming->forget();
        m_streaming = nullptr;
    }
    closeStatements();
    if (m_connection) {
        mysql_close(m_connection);
        m_connection = nullptr;
    }
    setOpen(false);
}

std::function<void()> MariadbDriver::interrupter() const
{
    return [killer = m_killer] { kill(killer); };
}

void MariadbDriver::done(const QString &sql)
{
    static const QRegularExpression endsByItself(
        QStringLiteral("^\\s*(?:(?:CREATE|DROP)\\b(?!\\s+TEMPORARY\\b)|(?:ALTER|RENAME|TRUNCATE)\\b)"),
        QRegularExpression::CaseInsensitiveOption);
    if (sql == QLatin1String("START TRANSACTION")) {
        m_isInBlock = true;
        m_trial = m_trial == Trial::Ready ? Trial::Going : m_trial;
    } else if (m_isInBlock &&
               endsByItself.match(sql).hasMatch()) { // as tables are changed, what was done before is kept
        m_isInBlock = false;
        closeStatements();
    } else if (sql == QLatin1String("COMMIT") || sql == QLatin1String("ROLLBACK")) {
        m_isInBlock = false;
        closeStatements();
    }
}

bool MariadbDriver::isOfTransactions(const QString &sql)
{
    return sql == QLatin1String("START TRANSACTION") || sql == QLatin1String("COMMIT") ||
           sql == QLatin1String("ROLLBACK");
}

bool MariadbDriver::runPlain(const QString &sql)
{
    // By the answer to the last statement there is no transaction any more.
    const bool isGone =
        m_isInBlock && sql == QLatin1String("COMMIT") && (m_connection->server_status & SERVER_STATUS_IN_TRANS) == 0;
    if (isGone) {
        setError(
            {QString(), Texts::tr("the transaction was undone"), QSqlError::StatementError, QString::number(Deadlock)});
        return false;
    }
    const QByteArray text = sql.toUtf8();
    const int failed = waited<int>(
        [&](int *value) {
            return mysql_real_query_start(value, m_connection, text.constData(),
                                          static_cast<unsigned long>(text.size()));
        },
        [&](int *value, int status) { return mysql_real_query_cont(value, m_connection, status); });
    if (failed != 0) {
        setError(error());
        return false;
    }
    done(sql);
    setLastError(QSqlError());
    return true;
}

void MariadbDriver::closeInTime(st_mysql_stmt *statement)
{
    if (m_isInBlock && m_trial == Trial::None) { // a trial takes long, and keeps nothing whatever is said
        m_toClose.append(statement);
    } else {
        mysql_stmt_close(statement);
    }
}

void MariadbDriver::closeStatements()
{
    for (st_mysql_stmt *statement : std::exchange(m_toClose, {})) {
        mysql_stmt_close(statement);
    }
}

int MariadbDriver::waitFor(int status)
{
    pollfd waited{mysql_get_socket(m_connection), 0, 0};
    waited.events =
        static_cast<short>(((status & MYSQL_WAIT_READ) ? POLLIN : 0) | ((status & MYSQL_WAIT_WRITE) ? POLLOUT : 0) |
                           ((status & MYSQL_WAIT_EXCEPT) ? POLLPRI : 0));
    QElapsedTimer clock;
    clock.start();
    const qint64 most = (status & MYSQL_WAIT_TIMEOUT) ? mysql_get_timeout_value_ms(m_connection) : -1;
    for (;;) {
        const int answer = poll(&waited, 1, LookEvery);
        if (answer > 0) {
            return ((waited.revents & (POLLIN | POLLHUP | POLLERR)) ? status & MYSQL_WAIT_READ : 0) |
                   ((waited.revents & (POLLOUT | POLLHUP | POLLERR)) ? status & MYSQL_WAIT_WRITE : 0) |
                   ((waited.revents & POLLPRI) ? MYSQL_WAIT_EXCEPT : 0);
        }
        if (answer < 0 && errno != EINTR) {
            return MYSQL_WAIT_TIMEOUT;
        }
        if (most >= 0 && clock.elapsed() >= most) {
            return MYSQL_WAIT_TIMEOUT;
        }
        const bool isGivenUp = (m_wait && !m_wait->goOn()) || mustEnd(m_interruption);
        if (isGivenUp && !m_sinceCancelled.isValid()) {
            m_sinceCancelled.start();
            kill(m_killer);
        } else if (m_sinceCancelled.isValid() &&
                   m_sinceCancelled.elapsed() > (isWanted(m_interruption) ? AfterCancelling : AfterGivingUp)) {
            shutdown(waited.fd, SHUT_RDWR); // it does not answer at all
        }
    }
}

bool MariadbDriver::isUndone(const QSqlError &error)
{
    return error.nativeErrorCode() == QString::number(Deadlock);
}

bool MariadbDriver::setTrial()
{
    // Rows that others change meanwhile are seen, as outside of trials.
    const bool isGood = mysql_query(m_connection, "SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED") == 0 &&
                        mysql_query(m_connection, "SET SESSION autocommit = 0, idle_transaction_timeout = 900") == 0;
    if (isGood) {
        m_trial = Trial::Ready;
    } else {
        setLastError(error());
    }
    return isGood;
}

// Statements that end a transaction by themselves
// (https://mariadb.com/kb/en/sql-statements-that-cause-an-implicit-commit/) are many, so these are those that do not;
// what a procedure does nobody knows beforehand.
bool MariadbDriver::mayRunInTrial(const QString &sql)
{
    static const QStringList taken{QStringLiteral("SELECT"),  QStringLiteral("WITH"),     QStringLiteral("VALUES"),
                                   QStringLiteral("TABLE"),   QStringLiteral("INSERT"),   QStringLiteral("UPDATE"),
                                   QStringLiteral("DELETE"),  QStringLiteral("REPLACE"),  QStringLiteral("SHOW"),
                                   QStringLiteral("EXPLAIN"), QStringLiteral("DESCRIBE"), QStringLiteral("SAVEPOINT"),
                                   QStringLiteral("RELEASE"), QStringLiteral("ROLLBACK"), QStringLiteral("DO")};
    static const QRegularExpression ofTemporary(QStringLiteral("^(?:CREATE|DROP)\\s+TEMPORARY\\s+TABLE\\b"),
                                                QRegularExpression::CaseInsensitiveOption);
    if (sql == QLatin1String("ROLLBACK")) {
        return true;
    }
    if (!isTrialGoing()) {
        setLastError(m_undoneBy.isValid()
                         ? m_undoneBy
                         : QSqlError(QString(), Texts::tr("the connection was lost in the middle of a transaction"),
                                     QSqlError::ConnectionError, QString::number(Lost)));
        return false;
    }
    const QString word = firstWordOf(sql);
    const bool isTaken = word == QLatin1String("ROLLBACK")
                             ? sql.startsWith(QLatin1String("ROLLBACK TO SAVEPOINT nabblet_"))
                             : taken.contains(word) || ofTemporary.match(sql).hasMatch();
    if (!isTaken) {
        setLastError(cannotBeTakenBack(QString::number(NotInTransaction)));
    }
    return isTaken;
}

bool MariadbDriver::makeReady(const QString &sql)
{
    if (isWaiting()) {
        setLastError({QString(), Texts::tr("another question is still being answered"), QSqlError::StatementError,
                      QString::number(Interrupted)});
        return false;
    }
    m_sinceCancelled.invalidate();
    waitForKilling();
    if (m_streaming) {
        m_streaming->keepRest();
        m_streaming = nullptr;
    }
    if (m_trial == Trial::Going && !mayRunInTrial(sql)) {
        return false;
    }
    if (std::exchange(m_mustRollBack, false) && sql != QLatin1String("ROLLBACK")) {
        m_mustRollBack = true;
        setLastError(m_undoneBy.isValid()
                         ? m_undoneBy
                         : QSqlError(QString(), Texts::tr("the connection was lost in the middle of a transaction"),
                                     QSqlError::ConnectionError, QString::number(Lost)));
        return false;
    }
    m_undoneBy = {};
    const bool isGone = !m_connection || m_isLost || mysql_thread_id(m_connection) == 0;
    if (!isGone) {
        return true;
    }
    m_isInBlock = false;
    closeStatements();
    const bool mayTry = !m_sinceTried.isValid() || m_sinceTried.elapsed() > BetweenTries;
    if (mayTry && connectNow()) {
        return true;
    }
    setLastError(error());
    return false;
}

} // namespace nabblet
