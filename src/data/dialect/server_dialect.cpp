#include "data/dialect/server_dialect.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

const QString NumberedRow = QStringLiteral("nabblet row");

} // namespace

Result<DatabaseAddress> ServerDialect::copyWhole(const DatabaseAddress &, const QString &,
                                                 const std::function<bool(double)> &) const
{
    return Error{Texts::tr("A database on a server is not copied. Its own programs do that."), {}};
}

QString ServerDialect::isWrittenAs(const QString &column) const
{
    return asText(column) + QLatin1String(" = ?");
}

// Rows have no number of their own there.
QString ServerDialect::copyInto(const QString &table, const QString &select) const
{
    return QStringLiteral(
               "CREATE TEMPORARY TABLE %1 AS SELECT row_number() OVER () AS %2, copied.* FROM (%3\n) AS copied")
        .arg(table, quoteName(NumberedRow), select);
}

QString ServerDialect::rowNumberOfCopies(const QStringList &) const
{
    return quoteName(NumberedRow);
}

} // namespace nabblet
