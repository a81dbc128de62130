#include "core/model/written_address.h"

#include <QHash>
#include <QRegularExpression>
#include <QUrl>

namespace nabblet {

namespace {

// The words in front of an address, and the dialect that each means.
const QHash<QString, QString> &schemes()
{
    static const QHash<QString, QString> all{{QStringLiteral("postgresql"), QStringLiteral("postgresql")},
                                             {QStringLiteral("postgres"), QStringLiteral("postgresql")},
                                             {QStringLiteral("mariadb"), QStringLiteral("mariadb")},
                                             {QStringLiteral("mysql"), QStringLiteral("mariadb")}};
    return all;
}

QString decoded(const QString &part)
{
    return QUrl::fromPercentEncoding(part.toUtf8());
}

QString encoded(const QString &part, const char *kept = "")
{
    return QString::fromLatin1(QUrl::toPercentEncoding(part, kept));
}

void put(DatabaseAddress &address, const QString &name, const QString &value)
{
    if (!value.isEmpty()) {
        address.parts.insert(name, value);
    }
}

} // namespace

std::optional<WrittenAddress> readServerAddress(const QString &written)
{
    static const QRegularExpression shape(
        QStringLiteral("^([a-z]+)://(?:([^:@/?]*)(?::([^@/?]*))?@)?([^/?]*)(?:/([^?]*))?(?:\\?(.*))?$"));
    const QRegularExpressionMatch match = shape.match(written.trimmed());
    const QString dialect = schemes().value(match.captured(1));
    if (dialect.isEmpty()) {
        return std::nullopt;
    }
    WrittenAddress read{{dialect, {}}, decoded(match.captured(3))};
    put(read.address, QStringLiteral("user"), decoded(match.captured(2)));
    put(read.address, QStringLiteral("database"), decoded(match.captured(5)));
    // Several servers, of which the one that can be written to is taken, stand with commas between them.
    QStringList hosts;
    QStringList ports;
    bool hasPort = false;
    static const QRegularExpression hostAndPort(QStringLiteral("^(\\[[^\\]]*\\]|[^:]*)(?::(\\d+))?$"));
    for (const QString &each : match.captured(4).split(u',')) {
        const QRegularExpressionMatch parts = hostAndPort.match(each);
        QString host = decoded(parts.captured(1));
        host = host.startsWith(u'[') ? host.mid(1, host.size() - 2) : host;
        hosts.append(host);
        ports.append(parts.captured(2));
        hasPort = hasPort || !parts.captured(2).isEmpty();
    }
    put(read.address, QStringLiteral("host"), hosts.join(u','));
    put(read.address, QStringLiteral("port"), hasPort ? ports.join(u',') : QString());
    for (const QString &each : match.captured(6).split(u'&', Qt::SkipEmptyParts)) {
        const QString name = decoded(each.section(u'=', 0, 0));
        put(read.address, name == QLatin1String("sslmode") ? QStringLiteral("tls") : name,
            decoded(each.section(u'=', 1)));
    }
    if (!read.address.part("password").isEmpty()) {
        read.password = read.address.parts.take(QStringLiteral("password"));
    }
    return read;
}

QString writtenAddress(const DatabaseAddress &address)
{
    if (address.parts.contains(QStringLiteral("file"))) {
        return address.part("file");
    }
    QString written = address.dialect + QStringLiteral("://");
    if (!address.part("user").isEmpty()) {
        written += encoded(address.part("user")) + u'@';
    }
    const QStringList hosts = address.part("host").split(u',');
    const QStringList ports = address.part("port").split(u',');
    for (qsizetype i = 0; i < hosts.size(); ++i) {
        const QString port = ports.value(i, ports.value(0));
        const QString host = hosts.at(i).contains(u':') ? u'[' + hosts.at(i) + u']' : encoded(hosts.at(i));
        written += (i == 0 ? QString() : QStringLiteral(",")) + host + (port.isEmpty() ? QString() : u':' + port);
    }
    written += u'/' + encoded(address.part("database"));
    QString sign = QStringLiteral("?");
    for (auto part = address.parts.constBegin(); part != address.parts.constEnd(); ++part) {
        static const QStringList told{QStringLiteral("user"), QStringLiteral("host"), QStringLiteral("port"),
                                      QStringLiteral("database")};
        if (!told.contains(part.key()) && !part.value().isEmpty()) {
            written += sign + encoded(part.key()) + u'=' + encoded(part.value(), "/");
            sign = QStringLiteral("&");
        }
    }
    return written;
}

} // namespace nabblet
