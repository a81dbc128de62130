// Databases that nobody thought of: tables, links, names and rows from a seed.
#pragma once

#include <QString>
#include <QStringList>

#include <random>

namespace nabblet::rough {

class Dice
{
public:
    explicit Dice(quint32 seed) : m_engine(seed) {}
    // A number from 0 up to, not with, `count`.
    int below(int count) { return count <= 1 ? 0 : static_cast<int>(m_engine() % static_cast<quint32>(count)); }
    bool chance(int inHundred) { return below(100) < inHundred; }
    template <typename T> const T &of(const QList<T> &list) { return list.at(below(static_cast<int>(list.size()))); }

private:
    std::mt19937 m_engine; // the same numbers on every machine, unlike std::uniform_int_distribution
};

// What people type and paste.
inline QString randomWords(Dice &dice)
{
    static const QStringList words{"a",
                                   "Tob",
                                   "12.44",
                                   "-1",
                                   "0",
                                   "1e300",
                                   "99999999999999999999",
                                   "2026-02-30",
                                   "3 Aug 2026",
                                   "31.12.2026",
                                   "25:99",
                                   "yes",
                                   "'; DROP TABLE t1; --",
                                   "\"",
                                   "%",
                                   "_",
                                   "  ",
                                   "Łucja",
                                   "日本語",
                                   "x̂",
                                   "\u202e"
                                   "abc",
                                   "very long words that go on and on and on",
                                   "=1+1",
                                   "a\tb",
                                   "NULL",
                                   "true",
                                   "12,5",
                                   "½",
                                   "😀",
                                   "P-1007",
                                   "http://x",
                                   "C:\\x",
                                   "?",
                                   "*"};
    QString text = dice.of(words);
    if (dice.chance(10)) {
        text = text.repeated(1 + dice.below(12));
    }
    return text;
}

// SQL that makes the tables t1 … and fills them.
inline QString randomDatabase(Dice &dice)
{
    static const QStringList types{"TEXT", "VARCHAR(12)", "INTEGER",       "SMALLINT", "DECIMAL(6,2)", "DECIMAL(3,1)",
                                   "REAL", "BOOLEAN",     "DATE",          "TIME",     "DATETIME",     "BLOB",
                                   "",     "NUMERIC",     "VARCHAR(2000)", "CHAR(2)"};
    static const QStringList names{"name", "town",   "code",   "note",      "first name", "order",      "a\"b",
                                   "%1",   "select", "amount", "is_ok",     "rows",       "visited_on", "Größe",
                                   "x.y",  "[z]",    "rowid",  "price_eur", "remarks",    "key"};
    static const QStringList values{"NULL",
                                    "''",
                                    "'a'",
                                    "'Ann Berg'",
                                    "12",
                                    "-3.5",
                                    "'2026-05-01'",
                                    "'12:30'",
                                    "x''",
                                    "x'ff00'",
                                    "CAST(x'4bf8' AS TEXT)",
                                    "1",
                                    "0",
                                    "'two' || char(13,10) || 'lines'",
                                    "9223372036854775807",
                                    "0.1",
                                    "'long ' || hex(zeroblob(300))",
                                    "'2026-01-02 03:04:05'",
                                    "'%'",
                                    "char(8232)"};
    QString sql = QStringLiteral("PRAGMA foreign_keys = OFF;\n"); // real data has rows that point nowhere
    const int tables = 1 + dice.below(4);
    for (int t = 1; t <= tables; ++t) {
        QStringList columns;
        QStringList used;
        const int key = dice.below(4);
        columns.append(key == 0   ? QStringLiteral("id INTEGER PRIMARY KEY")
                       : key == 1 ? QStringLiteral("id INTEGER PRIMARY KEY AUTOINCREMENT")
                       : key == 2 ? QStringLiteral("id TEXT NOT NULL PRIMARY KEY")
                                  : QStringLiteral("id INTEGER")); // none at all
        const int count = 1 + dice.below(9);
        QStringList filled;
        for (int c = 0; c < count; ++c) {
            QString name = dice.of(names);
            if (used.contains(name)) {
                continue;
            }
            used.append(name);
            QString quoted = name;
            quoted = u'"' + quoted.replace(u'"', "\"\"") + u'"';
            QString column = quoted + u' ' + dice.of(types);
            column += dice.chance(12)   ? QStringLiteral(" NOT NULL DEFAULT 1")
                      : dice.chance(10) ? QStringLiteral(" DEFAULT 'd'")
                      : dice.chance(6)  ? QStringLiteral(" COLLATE NOCASE")
                                        : QString();
            columns.append(column);
            filled.append(quoted);
        }
        if (t > 1) {
            const QString rule = dice.of(
                QStringList{"", " ON DELETE CASCADE", " ON DELETE SET NULL", " ON DELETE CASCADE ON UPDATE CASCADE"});
            columns.append(QStringLiteral("parent_id REFERENCES t%1 (id)%2").arg(1 + dice.below(t - 1)).arg(rule));
        }
        const QString ending = key == 3 && t == 1 ? QString() : QString();
        sql += QStringLiteral("CREATE TABLE t%1 (%2)%3;\n").arg(QString::number(t), columns.join(", "), ending);
        if (key == 3) {
            sql += QStringLiteral("CREATE UNIQUE INDEX u%1 ON t%1 (id);\n").arg(t); // so that others may point to it
        }
        const int rows = dice.chance(15) ? 0 : dice.chance(10) ? 300 : 1 + dice.below(12);
        for (int r = 1; r <= rows; ++r) {
            QStringList into{"id"};
            QStringList row{key == 2 ? QStringLiteral("'k%1'").arg(r) : QString::number(r)};
            for (const QString &column : std::as_const(filled)) {
                if (dice.chance(80)) {
                    into.append(column);
                    row.append(dice.of(values));
                }
            }
            if (t > 1 && dice.chance(70)) {
                into.append("parent_id");
                row.append(QStringLiteral("(SELECT id FROM t%1 LIMIT 1 OFFSET %2)").arg(1).arg(dice.below(6)));
            }
            sql += QStringLiteral("INSERT OR IGNORE INTO t%1 (%2) VALUES (%3);\n")
                       .arg(QString::number(t), into.join(", "), row.join(", "));
        }
    }
    if (dice.chance(30)) {
        sql += QStringLiteral("CREATE VIEW v AS SELECT * FROM t1;\n");
    }
    return sql;
}

} // namespace nabblet::rough
