#include "data/mail/smtp.h"

#include "core/text/tr.h"

#include <curl/curl.h>

#include <algorithm>
#include <cstring>
#include <memory>

namespace nabblet {

namespace {

constexpr long ConnectPatience = 15; // s
constexpr long LongestSending = 180; // s, for all of it

struct Upload
{
    const QByteArray &bytes;
    qsizetype at = 0;
    const std::atomic<bool> &isCancelled;
};

size_t give(char *buffer, size_t size, size_t count, void *data)
{
    auto &upload = *static_cast<Upload *>(data);
    const auto some = std::min<qsizetype>(static_cast<qsizetype>(size * count), upload.bytes.size() - upload.at);
    std::memcpy(buffer, upload.bytes.constData() + upload.at, static_cast<size_t>(some));
    upload.at += some;
    return static_cast<size_t>(some);
}

int goOn(void *data, curl_off_t, curl_off_t, curl_off_t, curl_off_t)
{
    return static_cast<Upload *>(data)->isCancelled ? 1 : 0;
}

QByteArray angled(const QString &address)
{
    return '<' + address.toUtf8() + '>';
}

QString whyNot(CURLcode code, long said, const char *details, const MailSetup &setup)
{
    const QString server = QStringLiteral("%1:%2").arg(setup.host).arg(portOf(setup));
    switch (code) {
    case CURLE_COULDNT_RESOLVE_HOST:
        return Texts::tr("There is no server called %1.").arg(setup.host);
    case CURLE_COULDNT_CONNECT:
    case CURLE_OPERATION_TIMEDOUT:
        return Texts::tr("The mail server %1 does not answer.").arg(server);
    case CURLE_LOGIN_DENIED:
        return Texts::tr("The mail server %1 does not take the user's name or password.").arg(server);
    case CURLE_USE_SSL_FAILED:
    case CURLE_SSL_CONNECT_ERROR:
    case CURLE_PEER_FAILED_VERIFICATION:
        return Texts::tr("The mail server %1 cannot be talked to in secret.").arg(server);
    case CURLE_ABORTED_BY_CALLBACK:
        return Texts::tr("Given up.");
    default:
        return said >= 400 ? Texts::tr("The mail server refuses it (%1): %2").arg(said).arg(QString::fromUtf8(details))
                           : Texts::tr("It could not be sent: %1").arg(QString::fromUtf8(details));
    }
}

} // namespace

Sending sendBySmtp(const MailSetup &setup, const QString &password, const WrittenMail &mail,
                   const std::atomic<bool> &isCancelled)
{
    static const CURLcode begun = curl_global_init(CURL_GLOBAL_DEFAULT);
    if (begun != CURLE_OK || setup.host.isEmpty()) {
        return {Sending::NotSent, Texts::tr("The project names no mail server.")};
    }
    const std::unique_ptr<CURL, decltype(&curl_easy_cleanup)> curl(curl_easy_init(), curl_easy_cleanup);
    curl_slist *all = nullptr;
    for (const QString &recipient : mail.recipients) {
        all = curl_slist_append(all, angled(recipient).constData());
    }
    const std::unique_ptr<curl_slist, decltype(&curl_slist_free_all)> recipients(all, curl_slist_free_all);
    Upload upload{mail.bytes, 0, isCancelled};
    char details[CURL_ERROR_SIZE] = {};
    const auto set = [&](CURLoption option, auto value) { curl_easy_setopt(curl.get(), option, value); };
    const QByteArray url =
        QStringLiteral("%1://%2:%3/")
            .arg(setup.security == MailSecurity::Tls ? QStringLiteral("smtps") : QStringLiteral("smtp"), setup.host)
            .arg(portOf(setup))
            .toUtf8();
    const QByteArray user = setup.user.toUtf8();
    const QByteArray secret = password.toUtf8();
    const QByteArray sender = angled(mail.sender);
    set(CURLOPT_URL, url.constData());
    set(CURLOPT_PROTOCOLS_STR, "smtp,smtps");
    set(CURLOPT_USE_SSL, static_cast<long>(setup.security == MailSecurity::None ? CURLUSESSL_NONE : CURLUSESSL_ALL));
    if (!user.isEmpty()) {
        set(CURLOPT_USERNAME, user.constData());
        set(CURLOPT_PASSWORD, secret.constData());
    }
    set(CURLOPT_MAIL_FROM, sender.constData());
    set(CURLOPT_MAIL_RCPT, recipients.get());
    set(CURLOPT_UPLOAD, 1L);
    set(CURLOPT_READFUNCTION, &give);
    set(CURLOPT_READDATA, &upload);
    set(CURLOPT_XFERINFOFUNCTION, &goOn);
    set(CURLOPT_XFERINFODATA, &upload);
    set(CURLOPT_NOPROGRESS, 0L);
    set(CURLOPT_NOSIGNAL, 1L);
    set(CURLOPT_CONNECTTIMEOUT, ConnectPatience);
    set(CURLOPT_TIMEOUT, LongestSending);
    set(CURLOPT_ERRORBUFFER, details);
    const CURLcode code = curl_easy_perform(curl.get());
    long said = 0;
    curl_easy_getinfo(curl.get(), CURLINFO_RESPONSE_CODE, &said);
    if (code == CURLE_OK) {
        return {Sending::Sent, {}};
    }
    // All of it was given, and no refusal came back: the server may have taken it.
    const bool isInDoubt = upload.at >= mail.bytes.size() && said < 400;
    return {isInDoubt ? Sending::InDoubt : Sending::NotSent, whyNot(code, said, details, setup)};
}

} // namespace nabblet
