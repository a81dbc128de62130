// Databases that nobody made for this program: odd names, keys, links and values.
#pragma once

#include <QList>
#include <QString>
#include <QStringList>

namespace nabblet::samples {

struct OddDatabase
{
    const char *name;
    QString sql;
};

inline QString wideTable(int columns)
{
    QStringList list;
    static const QStringList Types{"VARCHAR(40)",
                                   "INTEGER NOT NULL",
                                   "DATE",
                                   "BOOLEAN",
                                   "DECIMAL(8,2)",
                                   "TEXT",
                                   "BLOB",
                                   "",
                                   "TIMESTAMP NOT NULL DEFAULT CURRENT_TIMESTAMP"};
    for (int i = 0; i < columns; ++i) {
        list.append(QString("\"Column Number %1\" %2").arg(i).arg(Types.at(i % Types.size())));
    }
    return "CREATE TABLE wide (" + list.join(", ") + ");";
}

inline QList<OddDatabase> oddDatabases()
{
    return {
        {"three hundred columns", wideTable(300) + "INSERT INTO wide (\"Column Number 1\", \"Column Number 10\", "
                                                   "\"Column Number 19\") VALUES (1,2,3);"},
        {"odd names",
         QString::fromUtf8("CREATE TABLE \"order\" (\"select\" INTEGER PRIMARY KEY, \"group by\" TEXT, \"\" TEXT, "
                           "\"a\"\"b\" TEXT, \"[x]\" TEXT, \"日本 語\" TEXT, \"%1 %2\" TEXT, \"x.y\" TEXT, ' ' TEXT);"
                           "INSERT INTO \"order\" (\"group by\") VALUES ('%1');"
                           "CREATE TABLE \"l.\"\"1\" (n INTEGER REFERENCES \"order\"(\"select\"), \"%2\" TEXT);")},
        {"keys of several columns, links within links",
         "CREATE TABLE tenant (id INTEGER PRIMARY KEY, name TEXT NOT NULL);"
         "CREATE TABLE account (tenant_id INTEGER NOT NULL REFERENCES tenant, no INTEGER NOT NULL, parent_no "
         "INTEGER, "
         "name TEXT, PRIMARY KEY (tenant_id, no), FOREIGN KEY (tenant_id, parent_no) REFERENCES account "
         "(tenant_id, no));"
         "CREATE TABLE entry (tenant_id INTEGER NOT NULL, id INTEGER NOT NULL, debit INTEGER NOT NULL, credit "
         "INTEGER "
         "NOT NULL, amount DECIMAL(12,2) NOT NULL, PRIMARY KEY (tenant_id, id), "
         "FOREIGN KEY (tenant_id, debit) REFERENCES account (tenant_id, no), "
         "FOREIGN KEY (TENANT_ID, CREDIT) REFERENCES ACCOUNT (TENANT_ID, NO));"
         "INSERT INTO tenant VALUES (1, 'North'); INSERT INTO account VALUES (1, 10, NULL, 'Cash'), (1, 11, 10, "
         "'Bank');"
         "INSERT INTO entry VALUES (1, 1, 10, 11, 99.5);"},
        {"links to nothing",
         "CREATE TABLE a (id INTEGER PRIMARY KEY, b_id INTEGER REFERENCES gone (id), c TEXT REFERENCES a "
         "(nocolumn));"
         "CREATE TABLE b (x TEXT, FOREIGN KEY (x) REFERENCES a);"
         "CREATE VIEW broken AS SELECT * FROM nowhere; CREATE VIEW fine AS SELECT id + 1 AS next, * FROM a;"},
        {"a circle", "CREATE TABLE a (id INTEGER PRIMARY KEY, b_id INTEGER NOT NULL REFERENCES b (id));"
                     "CREATE TABLE b (id INTEGER PRIMARY KEY, a_id INTEGER NOT NULL REFERENCES a (id));"
                     "CREATE TABLE self (id INTEGER PRIMARY KEY, up INTEGER NOT NULL REFERENCES self (id));"},
        {"no types, no keys, no rows", "CREATE TABLE bag (a, b, c); CREATE TABLE one (only); CREATE "
                                       "TABLE kv (k TEXT PRIMARY KEY, v) WITHOUT ROWID;"
                                       "CREATE VIRTUAL TABLE words USING fts5(title, body);"},
        {"values that are not what is declared",
         "CREATE TABLE t (d DATE, n INTEGER, b BOOLEAN, x BLOB, w VARCHAR(5));"
         "INSERT INTO t VALUES ('soon', 'many', 'maybe', 'text', 'a text far longer than five letters, really "
         "so'),"
         "(NULL, NULL, NULL, NULL, NULL), (1e300, -9223372036854775808, 7, x'00ff', '');"
         "CREATE TABLE far (id INTEGER PRIMARY KEY, t TEXT);"
         "INSERT INTO far VALUES (-9223372036854775808, 'first'), (9223372036854775807, 'last');"},
        {"a virtual table without its module",
         "CREATE TABLE plain (id INTEGER PRIMARY KEY, name TEXT); PRAGMA writable_schema = ON; INSERT INTO "
         "sqlite_schema "
         "VALUES ('table', 'lost', 'lost', 0, 'CREATE VIRTUAL TABLE lost USING nosuchmodule(x)');"},
        {"nothing", "SELECT 1;"},
    };
}

} // namespace nabblet::samples
