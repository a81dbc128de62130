#include "data/dialect/trial_statements.h"

#include "core/text/tr.h"

namespace nabblet {

QString firstWordOf(const QString &sql)
{
    qsizetype at = 0;
    const auto isAt = [&](const char *sign) { return QStringView(sql).mid(at).startsWith(QLatin1String(sign)); };
    while (at < sql.size()) {
        if (sql.at(at).isSpace() || sql.at(at) == u';' || sql.at(at) == u'(') {
            ++at;
        } else if (isAt("--") || isAt("#")) {
            const qsizetype end = sql.indexOf(u'\n', at);
            at = end < 0 ? sql.size() : end + 1;
        } else if (isAt("/*!") || isAt("/*M!")) {
            return {};
        } else if (isAt("/*")) { // one may stand in another
            int depth = 0;
            do {
                const bool isOpening = isAt("/*");
                const bool isClosing = isAt("*/");
                depth += isOpening ? 1 : isClosing ? -1 : 0;
                at += isOpening || isClosing ? 2 : 1;
            } while (depth > 0 && at < sql.size());
        } else {
            break;
        }
    }
    qsizetype end = at;
    while (end < sql.size() && (sql.at(end).isLetter() || sql.at(end) == u'_')) {
        ++end;
    }
    return sql.mid(at, end - at).toUpper();
}

QSqlError cannotBeTakenBack(const QString &code)
{
    return {QString(), Texts::tr("what this statement does could not be taken back, so a trial does not run it"),
            QSqlError::StatementError, code};
}

} // namespace nabblet
