#include "core/mail/mail_setup.h"

#include <QStringList>

#include <algorithm>

namespace nabblet {

namespace {

const QStringList &ways() // in files
{
    static const QStringList all{QStringLiteral("program"), QStringLiteral("server"), QStringLiteral("folder")};
    return all;
}

const QStringList &securities()
{
    static const QStringList all{QStringLiteral("tls"), QStringLiteral("starttls"), QStringLiteral("none")};
    return all;
}

} // namespace

int portOf(const MailSetup &setup)
{
    // RFC 8314 (submissions, submission) and RFC 5321 (smtp).
    return setup.port > 0                             ? setup.port
           : setup.security == MailSecurity::Tls      ? 465
           : setup.security == MailSecurity::StartTls ? 587
                                                      : 25;
}

QJsonObject mailSetupToJson(const MailSetup &setup)
{
    if (setup == MailSetup()) {
        return {};
    }
    QJsonObject json{{QStringLiteral("by"), ways().at(static_cast<int>(setup.way))}};
    const auto put = [&](const QString &key, const QString &words) {
        if (!words.isEmpty()) {
            json.insert(key, words);
        }
    };
    put(QStringLiteral("from"), setup.from);
    put(QStringLiteral("host"), setup.host);
    if (setup.port > 0) {
        json.insert(QStringLiteral("port"), setup.port);
    }
    if (setup.security != MailSecurity::Tls) {
        json.insert(QStringLiteral("security"), securities().at(static_cast<int>(setup.security)));
    }
    put(QStringLiteral("user"), setup.user);
    put(QStringLiteral("folder"), setup.folder);
    return json;
}

MailSetup mailSetupFromJson(const QJsonObject &json)
{
    constexpr int LastPort = 65535;
    const auto words = [&](const char *key) { return json.value(QLatin1String(key)).toString(); };
    MailSetup setup;
    setup.way = static_cast<MailWay>(std::max<qsizetype>(0, ways().indexOf(words("by"))));
    setup.from = words("from");
    setup.host = words("host");
    setup.port = std::clamp(json.value(QLatin1String("port")).toInt(), 0, LastPort);
    setup.security = static_cast<MailSecurity>(std::max<qsizetype>(0, securities().indexOf(words("security"))));
    setup.user = words("user");
    setup.folder = words("folder");
    return setup;
}

} // namespace nabblet
