#include "core/words/name_words.h"

#include "core/words/word_set.h"

#include <QHash>
#include <QSet>

namespace nabblet {

namespace {

constexpr qsizetype LeastBeforeFigures = 3; // letters of a word that figures are kept apart from

} // namespace

QStringList writtenWords(const QString &name)
{
    QStringList words;
    QString word;
    const auto finishWord = [&] {
        if (!word.isEmpty()) {
            words.append(word);
        }
        word.clear();
    };
    const bool isAllCapitals = name == name.toUpper();
    for (qsizetype i = 0; i < name.size(); ++i) {
        const QChar c = name.at(i);
        if (c == u'_' || c == u'-' || c == u'.' || c.isSpace()) {
            finishWord();
            continue;
        }
        const bool stepsUp = !isAllCapitals && c.isUpper() && i > 0 &&
                             (name.at(i - 1).isLower() || name.at(i - 1).isDigit() ||
                              (i + 1 < name.size() && name.at(i + 1).isLower() && name.at(i - 1).isUpper()));
        const bool stepsToFigures = c.isDigit() && word.size() >= LeastBeforeFigures && word.back().isLetter();
        if (stepsUp || stepsToFigures) {
            // Figures stay with what is one word with them: md5, sha256.
            qsizetype end = i;
            while (stepsToFigures && end < name.size() && name.at(end).isDigit()) {
                ++end;
            }
            if (!stepsToFigures || !isInitialism((word + name.mid(i, end - i)).toLower())) {
                finishWord();
            }
        }
        word += c;
    }
    finishWord();
    return words;
}

namespace {

// The names of one database are asked for again and again, by every rule; their words never change.
template <typename Make> QStringList remembered(const QString &name, Make make)
{
    constexpr qsizetype MostRemembered = 8192;
    thread_local QHash<QString, QStringList> known;
    const auto found = known.constFind(name);
    if (found != known.constEnd()) {
        return *found;
    }
    if (known.size() >= MostRemembered) {
        known.clear();
    }
    return *known.insert(name, make(name));
}

} // namespace

QStringList wordsOfName(const QString &name)
{
    return remembered(name, [](const QString &each) {
        QStringList words = writtenWords(each);
        for (QString &word : words) {
            word = word.toLower();
        }
        return words;
    });
}

QString singular(const QString &word)
{
    const QString lower = word.toLower();
    if (lower == QLatin1String("caches")) { // not as "branches"
        return QStringLiteral("cache");
    }
    const auto cut = [&](const char *ending, const char *instead, qsizetype least) -> QString {
        const QLatin1String end(ending);
        return lower.size() >= least && lower.endsWith(end) ? lower.chopped(end.size()) + QLatin1String(instead)
                                                            : QString();
    };
    for (const QString &each :
         {cut("ies", "y", 5), cut("sses", "ss", 6), cut("shes", "sh", 6), cut("ches", "ch", 6), cut("xes", "x", 5)}) {
        if (!each.isEmpty()) {
            return each;
        }
    }
    const bool isPlural = lower.size() > 3 && lower.endsWith(u's') && !lower.endsWith(QLatin1String("ss")) &&
                          !lower.endsWith(QLatin1String("us")) && !lower.endsWith(QLatin1String("is"));
    return isPlural ? lower.chopped(1) : lower;
}

QStringList singularWords(const QString &name)
{
    return remembered(name, [](const QString &each) {
        QStringList words = wordsOfName(each);
        for (QString &word : words) {
            word = singular(word);
        }
        return words;
    });
}

bool isInitialism(const QString &word)
{
    static const QSet<QString> table = wordSet(
        "gps vat po url iban bic isbn issn ean ip ipv4 ipv6 mac pdf sms uuid guid utc html xml json sql dns imo mmsi vhf "
        "led pin sku usd eur gbp cpu ram smtp imap pop3 http https tcp udp ssl tls md5 sha1 sha256 sha512 id uid gid "
        "os "
        "snmp ssh ssl ldap saml api csv ftp url uri svg png jpeg utf8 mp3 mp4 h264 iso ssn");
    return table.contains(word);
}

QString spelledOut(const QString &word)
{
    // Only such forms as stand for one word wherever they are met.
    static const QHash<QString, QString> table = [] {
        QHash<QString, QString> forms;
        const QStringList pairs =
            QStringLiteral("no=number num=number nr=number nbr=number qty=quantity qnty=quantity amt=amount "
                           "addr=address adr=address tel=telephone desc=description descr=description "
                           "descrip=description email=e-mail ref=reference dept=department postcode=post_code "
                           "pct=percent perc=percent acct=account acc=account curr=currency prec=precision fld=field "
                           "cust=customer emp=employee mgr=manager mngr=manager "
                           "orig=origin dest=destination bday=birthday bdate=date_of_birth dob=date_of_birth "
                           "lang=language pwd=password passwd=password pswd=password lname=last_name fname=first_name "
                           "mname=middle_name cnt=count usr=user hst=host msg=message freq=frequency lat=latitude "
                           "lon=longitude lng=longitude yr=year avg=average grp=group proj=project qtr=quarter "
                           "uom=unit_of_measure "
                           "attr=attribute param=parameter config=configuration tz=time_zone")
                .split(u' ', Qt::SkipEmptyParts);
        for (const QString &pair : pairs) {
            forms.insert(pair.section(u'=', 0, 0), pair.section(u'=', 1).replace(u'_', u' '));
        }
        return forms;
    }();
    return table.value(word);
}

} // namespace nabblet
