#include "core/actions/statement_values.h"

#include "core/text/tr.h"

namespace nabblet {

namespace {

bool isNamePart(QChar c)
{
    return c.isLetterOrNumber() || c == u'_';
}

// The end of what begins with a quote, behind its closing one; doubled quotes stand for themselves.
qsizetype endOfQuoted(const QString &sql, qsizetype at)
{
    const QChar closing = sql.at(at) == u'[' ? QChar(u']') : sql.at(at);
    for (qsizetype i = at + 1; i < sql.size(); ++i) {
        if (sql.at(i) == closing) {
            if (closing == u']' || sql.mid(i + 1, 1) != QString(closing)) {
                return i + 1;
            }
            ++i;
        }
    }
    return sql.size();
}

qsizetype endOfComment(const QString &sql, qsizetype at)
{
    const bool isLine = sql.at(at) == u'-';
    const qsizetype end = isLine ? sql.indexOf(u'\n', at) : sql.indexOf(QLatin1String("*/"), at + 2);
    return end < 0 ? sql.size() : end + (isLine ? 1 : 2);
}

} // namespace

Result<StatementValues> statementValues(const QString &statement)
{
    StatementValues found;
    const QString sql = statement.trimmed();
    bool isOver = false;
    for (qsizetype i = 0; i < sql.size();) {
        const QChar c = sql.at(i);
        const QString two = sql.mid(i, 2);
        if (two == QLatin1String("--") || two == QLatin1String("/*")) {
            i = endOfComment(sql, i);
            continue;
        }
        if (c == u';') {
            isOver = true;
            ++i;
            continue;
        }
        if (isOver && !c.isSpace()) {
            return Error{Texts::tr("A button runs one statement; here are several. Give each a button, or a step, of "
                                   "its own."),
                         {}};
        }
        if (c == u'\'' || c == u'"' || c == u'`' || c == u'[') {
            const qsizetype end = endOfQuoted(sql, i);
            found.sql += sql.mid(i, end - i);
            i = end;
            continue;
        }
        const bool isCast = two == QLatin1String("::"); // of PostgreSQL
        if (isCast) {
            found.sql += two;
            i += 2;
            continue;
        }
        if (c == u':' && i + 1 < sql.size() && (isNamePart(sql.at(i + 1)) || sql.at(i + 1) == u'"')) {
            qsizetype end = i + 1;
            QString name;
            if (sql.at(end) == u'"') {
                end = endOfQuoted(sql, i + 1);
                name = sql.mid(i + 2, end - i - 3).replace(QLatin1String("\"\""), QLatin1String("\""));
            } else {
                while (end < sql.size() && isNamePart(sql.at(end))) {
                    ++end;
                }
                name = sql.mid(i + 1, end - i - 1);
            }
            found.columns.append(name);
            found.sql += u'?';
            i = end;
            continue;
        }
        found.sql += c;
        ++i;
    }
    if (found.sql.trimmed().isEmpty()) {
        return Error{Texts::tr("The button has no statement to run yet."), {}};
    }
    return found;
}

} // namespace nabblet
