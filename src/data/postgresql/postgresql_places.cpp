#include "data/postgresql/postgresql_places.h"

#include <functional>

namespace nabblet {

namespace {

bool isWordSign(QChar sign)
{
    return sign.isLetterOrNumber() || sign == u'_' || sign == u'$';
}

// Where a part that is no SQL ends which begins at a place: a text, a name in quotes, a comment. The same place where
// there is none (https://www.postgresql.org/docs/current/sql-syntax-lexical.html).
qsizetype behindPart(const QString &sql, qsizetype at)
{
    const QChar sign = sql.at(at);
    const auto behind = [&](qsizetype found, qsizetype length) { return found < 0 ? sql.size() : found + length; };
    if (sign == u'\'' || sign == u'"') {
        const bool hasEscapes = sign == u'\'' && at > 0 && (sql.at(at - 1) == u'E' || sql.at(at - 1) == u'e') &&
                                (at < 2 || !isWordSign(sql.at(at - 2)));
        for (qsizetype i = at + 1; i < sql.size(); ++i) {
            if (hasEscapes && sql.at(i) == u'\\') {
                ++i;
            } else if (sql.at(i) == sign) {
                return i + 1; // doubled ones begin the next part at once
            }
        }
        return sql.size();
    }
    if (sign == u'-' && sql.mid(at, 2) == QLatin1String("--")) {
        return behind(sql.indexOf(u'\n', at), 1);
    }
    if (sign == u'/' && sql.mid(at, 2) == QLatin1String("/*")) {
        int depth = 0; // they nest
        for (qsizetype i = at; i + 1 < sql.size(); ++i) {
            if (sql.at(i) == u'/' && sql.at(i + 1) == u'*') {
                ++depth;
                ++i;
            } else if (sql.at(i) == u'*' && sql.at(i + 1) == u'/') {
                --depth;
                ++i;
                if (depth == 0) {
                    return i + 1;
                }
            }
        }
        return sql.size();
    }
    if (sign == u'$' && (at == 0 || !isWordSign(sql.at(at - 1)))) {
        qsizetype end = at + 1;
        while (end < sql.size() && (sql.at(end).isLetterOrNumber() || sql.at(end) == u'_')) {
            ++end;
        }
        const bool isTag = end < sql.size() && sql.at(end) == u'$' && !(end > at + 1 && sql.at(at + 1).isDigit());
        if (isTag) {
            const QString tag = sql.mid(at, end + 1 - at);
            return behind(sql.indexOf(tag, end + 1), tag.size());
        }
    }
    return at;
}

QString withQuestionMarks(const QString &sql, const std::function<QString(qsizetype &at)> &instead)
{
    QString result;
    result.reserve(sql.size() + 16);
    for (qsizetype i = 0; i < sql.size();) {
        if (const qsizetype end = behindPart(sql, i); end > i) {
            result += QStringView(sql).mid(i, end - i);
            i = end;
        } else if (sql.at(i) == u'?') {
            result += instead(i);
        } else {
            result += sql.at(i++);
        }
    }
    return result;
}

} // namespace

QString withNumberedPlaces(const QString &sql)
{
    int number = 0;
    return withQuestionMarks(sql, [&](qsizetype &at) -> QString {
        if (at + 1 < sql.size() && sql.at(at + 1) == u'?') {
            at += 2;
            return QStringLiteral("?");
        }
        ++at;
        return u'$' + QString::number(++number);
    });
}

QString withPlainQuestionMarks(const QString &sql)
{
    return withQuestionMarks(sql, [&](qsizetype &at) {
        at += at + 1 < sql.size() && sql.at(at + 1) == u'?' ? 2 : 1; // doubled before, inside another one
        return QStringLiteral("??");
    });
}

} // namespace nabblet
