#include "data/dialect/connection.h"

#include "core/text/tr.h"
#include "data/dialect/raw_text.h"

#include <QLocale>
#include <QUuid>

namespace nabblet {

Connection::Held::~Held()
{
    if (!name.isEmpty()) {
        QSqlDatabase::database(name, false).close();
        QSqlDatabase::removeDatabase(name);
    }
}

Result<Connection> Connection::open(const DatabaseAddress &address)
{
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
