#include "data/dialect/connection.h"

#include "core/text/tr.h"
#include "data/dialect/raw_text.h"

#include <QHash>
#include <QLocale>
#include <QUuid>

namespace nabblet {

namespace {

// The part of an address that makes it one of a trial.
const QString TrialPart = QStringLiteral("trial");

} // namespace

// Those of trials, by their addresses' part. Of the interface's thread alone.
QHash<QString, std::weak_ptr<Connection::Held>> &Connection::trials()
{
    static QHash<QString, std::weak_ptr<Held>> all;
    return all;
}

Connection::Held::~Held()
{
    if (!name.isEmpty()) {
        if (address.parts.contains(TrialPart)) {
            trials().remove(name);
        }
        QSqlDatabase::database(name, false).close();
        QSqlDatabase::removeDatabase(name);
    }
}

Result<Connection> Connection::openForTrial(const DatabaseAddress &address)
{
    Result<Connection> opened = open(address);
    if (!opened) {
        return opened;
    }
    const Outcome prepared = opened->dialect().prepareTrial(opened->database());
    if (!prepared) {
        return prepared.error();
    }
    opened->m_held->address.parts.insert(TrialPart, opened->m_held->name);
    trials().insert(opened->m_held->name, opened->m_held);
    return opened;
}

std::optional<Connection> Connection::ofTrial(const DatabaseAddress &address)
{
    if (!address.parts.contains(TrialPart)) {
        return std::nullopt;
    }
    const std::shared_ptr<Held> held = trials().value(address.parts.value(TrialPart)).lock();
    return held ? std::optional(Connection(held)) : std::nullopt;
}

DatabaseAddress Connection::storedAddress() const
{
    DatabaseAddress address = m_held->address;
    address.parts.remove(TrialPart);
    return address;
}

Result<Connection> Connection::open(const DatabaseAddress &address)
{
    if (address.parts.contains(TrialPart)) {
        return Error{Texts::tr("What is tried here is seen by one connection alone, and the trial may be over."), {}};
    }
    const Dialect *dialect = dialectNamed(address.dialect);
    if (!dialect) {
        return Error{Texts::tr("This version does not know databases of the kind “%1”. Take a newer version.")
                         .arg(address.dialect),
                     {}};
    }
    QSqlDriver *own = dialect->makeDriver();
    if (!own && !QSqlDatabase::isDriverAvailable(dialect->driver())) {
        return Error{Texts::tr("Qt's driver %1 is not installed. Install it and open the database again.")
                         .arg(dialect->driver()),
                     {}};
    }
    registerRawText();
    auto held = std::make_shared<Held>();
    held->name = QUuid::createUuid().toString(QUuid::WithoutBraces);
    held->dialect = dialect;
    held->address = address;
    QSqlDatabase database =
        own ? QSqlDatabase::addDatabase(own, held->name) : QSqlDatabase::addDatabase(dialect->driver(), held->name);
    const Outcome opened = dialect->open(database, address, &held->isReadOnly);
    if (!opened) {
        return opened.error();
    }
    dialect->watch(database, &held->interruption);
    return Connection(std::move(held));
}

QSqlDatabase Connection::database() const
{
    return QSqlDatabase::database(m_held->name, false);
}

Error Connection::explain(const QSqlError &error) const
{
    if (m_held->interruption.isOver && dialect().wasInterrupted(error)) {
        return {
            Texts::tr("This takes too long, so it was stopped after %1 seconds. Narrow the SELECT or the view down, "
                      "with a WHERE or fewer tables.")
                .arg(QLocale().toString(m_held->interruption.most / 1000.0)),
            error.databaseText()};
    }
    return dialect().explainFailure(error, address());
}

Result<Catalogue> Connection::readCatalogue() const
{
    return dialect().readCatalogue(database(), address());
}

} // namespace nabblet
